'use client';
import { useState } from 'react';
import styled from 'styled-components';
import type { FlightDocument } from '@rose/core/flight/flight';
import { openingCard, pressureInWords } from '@rose/knowledge/evening/lists';
import type { WholeEvening } from '@rose/knowledge/evening/whole';
import { Button } from '@/ui/button';
import { SelectField } from '@/ui/select-field';
import { clockIn } from '@rose/core/wine/day';

const Card = styled.button`
  display: block;
  width: 100%;
  text-align: left;
  border: 1px solid var(--line);
  border-radius: 14px;
  background: var(--raised);
  padding: 24px 28px;
  cursor: pointer;
  min-height: 280px;
  font: inherit;
  color: inherit;
  .of {
    color: var(--soft);
    font-size: 0.9375rem;
  }
  .step {
    font: 500 2.125rem/1.25 var(--serif);
    margin: 12px 0;
  }
  .pressure {
    font-size: 1.1875rem;
    font-weight: 650;
  }
  .pressure[data-hazard='high'],
  .pressure[data-hazard='very high'] {
    color: var(--madder);
  }
  .caution {
    color: var(--madder);
    font-size: 1rem;
  }
`;

/** How to open a bottle, one step in large type at a time; a tap anywhere goes on, and the last tap keeps the time. */
export function Opening({
  whole,
  flight,
  show,
  clock,
  timeZone,
  mayEdit,
  onOpened,
}: {
  whole: WholeEvening;
  flight: FlightDocument;
  show: (celsius: number) => string;
  clock: (minute: number) => string;
  timeZone: string;
  mayEdit: boolean;
  onOpened: (wine: string) => void;
}) {
  const [wine, setWine] = useState(whole.prepared[0]?.wine.id ?? '');
  const [step, setStep] = useState(0);
  const prepared = whole.prepared.find((entry) => entry.wine.id === wine) ?? whole.prepared[0];
  if (prepared === undefined) return null;
  const curve = whole.curves.find((entry) => entry.wine === prepared.wine.id)!;
  const card = openingCard(prepared, curve.atPour);
  const steps = card.closure.steps;
  const opened = flight.opened[prepared.wine.id];
  return (
    <section aria-label="Opening">
      <div style={{ display: 'flex', gap: 12, alignItems: 'end', marginBottom: 12, maxWidth: 420 }}>
        <SelectField
          label="Bottle"
          value={prepared.wine.id}
          onChange={(value) => {
            setWine(value);
            setStep(0);
          }}
          options={Object.fromEntries(whole.prepared.map((entry) => [entry.wine.id, `${entry.wine.name}, ${clock(entry.pourAt)}`]))}
        />
      </div>
      <Card type="button" aria-live="polite" onClick={() => setStep((at) => (at + 1) % steps.length)}>
        <span className="of">
          {card.name} · {card.closure.name}
          {card.assumed ? ' (assumed: the closure is not known)' : ''} · step {step + 1} of {steps.length}, tap to go on
        </span>
        <div className="step">{steps[step]}</div>
        {card.pressure !== undefined && (
          <div className="pressure" data-hazard={card.pressure.advice.hazard}>
            {pressureInWords(card.pressure, show)}
          </div>
        )}
        {card.cautions.map((caution) => (
          <div key={caution} className="caution">
            {caution}
          </div>
        ))}
      </Card>
      <p>
        {opened === undefined ? (
          mayEdit && (
            <Button tone="strong" onPress={() => onOpened(prepared.wine.id)}>
              It is open: keep the time
            </Button>
          )
        ) : (
          <span className="soft">Opened at {clockIn(opened, timeZone)}.</span>
        )}
      </p>
    </section>
  );
}
