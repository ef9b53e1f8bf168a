'use client';
import { useState } from 'react';
import type { GrapeShare, Share } from '@rose/core/wine/facts';
import { Button } from '@/ui/button';
import { TextField } from '@/ui/field';
import { GrapeField } from '@/ui/grape-field';
import { SelectField } from '@/ui/select-field';
import { NumberField } from '@/ui/number-field';

const shareWords = { exact: 'exactly', about: 'about', between: 'between', mostly: 'mostly', some: 'some', unknown: 'share unknown' } as const;
/** The grapes of a blend with shares that may be partial. */
export function GrapesField({ value, onChange }: { value: readonly GrapeShare[]; onChange: (value: readonly GrapeShare[]) => void }) {
  const [draft, setDraft] = useState('');
  const change = (at: number, next: GrapeShare) => onChange(value.map((entry, i) => (i === at ? next : entry)));
  const add = () => {
    if (draft.trim() === '') return;
    onChange([...value, { grape: draft.trim(), share: { kind: 'unknown' } }]);
    setDraft('');
  };
  return (
    <div style={{ display: 'grid', gap: 8 }}>
      {value.map((entry, i) => (
        <div className="grape" key={i}>
          <GrapeField label="grape" value={entry.grape} onChange={(grape) => grape !== '' && change(i, { ...entry, grape })} />
          <SelectField
            label="share"
            value={entry.share.kind}
            options={shareWords}
            onChange={(kind) => change(i, { ...entry, share: newShare(kind as Share['kind'], entry.share) })}
          />
          {(entry.share.kind === 'exact' || entry.share.kind === 'about') && (
            <NumberField
              label="%"
              unit=""
              low={0}
              high={100}
              value={entry.share.percent}
              onChange={(percent) =>
                percent !== undefined && change(i, { ...entry, share: { ...(entry.share as { kind: 'exact'; percent: number }), percent } })
              }
            />
          )}
          {entry.share.kind === 'between' && <BetweenField share={entry.share} onChange={(share) => change(i, { ...entry, share })} />}
          {!['exact', 'about', 'between'].includes(entry.share.kind) && <span />}
          <Button size="small" label={`Remove ${entry.grape}`} onPress={() => onChange(value.filter((_, j) => j !== i))}>
            ×
          </Button>
        </div>
      ))}
      <form
        onSubmit={(event) => {
          event.preventDefault();
          add();
        }}
        style={{ display: 'grid', gridTemplateColumns: '1fr auto', gap: 8, alignItems: 'end' }}
      >
        <GrapeField label={value.length === 0 ? 'grapes' : 'another grape'} hint="by any of its names" value={draft} onChange={setDraft} />
        <Button type="submit">Add</Button>
      </form>
    </div>
  );
}
function BetweenField({ share, onChange }: { share: { kind: 'between'; low: number; high: number }; onChange: (share: Share) => void }) {
  return (
    <TextField
      label="% to %"
      value={`${share.low}-${share.high}`}
      onChange={(text) => {
        const match = /^(\d+)\D+(\d+)$/.exec(text);
        if (match !== null) onChange({ kind: 'between', low: Math.min(100, Number(match[1])), high: Math.min(100, Number(match[2])) });
      }}
    />
  );
}
function newShare(kind: Share['kind'], old: Share): Share {
  const percent = 'percent' in old ? old.percent : 50;
  if (kind === 'exact' || kind === 'about') return { kind, percent };
  if (kind === 'between') return { kind, low: Math.max(0, percent - 10), high: Math.min(100, percent + 10) };
  return { kind };
}
