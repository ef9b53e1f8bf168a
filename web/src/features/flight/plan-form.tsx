'use client';
import { useState } from 'react';
import styled from 'styled-components';
import type { FlightDocument } from '@rose/core/flight/flight';
import { SelectField, TextField } from '@/ui/field';

const Plan = styled.div`
  display: grid;
  grid-template-columns: 2fr 1.4fr 90px 90px 90px 120px;
  gap: 10px;
  margin: 0 0 20px;
  @media (max-width: 980px) {
    grid-template-columns: 1fr 1fr;
  }
`;

/** Name, first pour, guests and pour of a flight. */
export function PlanForm({ flight, change }: { flight: FlightDocument; change: (next: Partial<FlightDocument>, field: string) => void }) {
  return (
    <Plan>
      <TextField label="Name" value={flight.name} onChange={(name) => change({ name }, 'name')} />
      <TextField
        label="First pour"
        type="datetime-local"
        value={flight.starts.slice(0, 16)}
        onChange={(value) => change({ starts: value === '' ? '' : `${value}:00Z` }, 'starts')}
      />
      <Whole label="Guests" value={flight.guests} low={0} high={500} onChange={(guests) => change({ guests }, 'guests')} />
      <Whole label="Pour, mL" value={flight.pourMl} low={5} high={500} onChange={(pourMl) => change({ pourMl }, 'pourMl')} />
      <Whole label="Loss, %" value={flight.lossPercent} low={0} high={50} onChange={(lossPercent) => change({ lossPercent }, 'lossPercent')} />
      <SelectField
        label="Host’s check pour"
        value={flight.hostPour ? 'yes' : 'no'}
        onChange={(value) => change({ hostPour: value === 'yes' }, 'hostPour')}
        options={{ yes: 'yes', no: 'no' }}
      />
    </Plan>
  );
}

function Whole({ label, value, low, high, onChange }: { label: string; value: number; low: number; high: number; onChange: (value: number) => void }) {
  const [typed, setTyped] = useState<string | null>(null);
  const text = typed ?? String(value);
  const wrong = text !== '' && !(Number(text) >= low && Number(text) <= high) ? `${low} to ${high}` : undefined;
  return (
    <div onBlur={() => setTyped(null)}>
      <TextField
        label={label}
        inputMode="numeric"
        value={text}
        error={wrong}
        onChange={(next) => {
          setTyped(next);
          const n = Number(next);
          if (next.trim() !== '' && Number.isFinite(n) && n >= low && n <= high) onChange(label === 'Guests' ? Math.round(n) : n);
        }}
      />
    </div>
  );
}
