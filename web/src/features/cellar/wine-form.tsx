'use client';
import Link from 'next/link';
import { useState } from 'react';
import styled from 'styled-components';
import { v7 } from 'uuid';
import { wineShape } from '@rose/core/document/merge';
import {
  facts,
  factIds,
  factInWords,
  origins,
  type FactId,
  type FactSpec,
  type FactValue,
  type GrapeShare,
  type Lot,
  type Origin,
  type Share,
  type Vintage,
  type WineDocument,
} from '@rose/core/wine/facts';
import { grapeNames } from '@rose/knowledge/grapes/index';
import { Button, ButtonLink } from '@/ui/button';
import { SelectField, TextArea, TextField } from '@/ui/field';
import { Frame, Page } from '@/ui/frame';
import { Clashes, SaveState } from '@/ui/document/save-state';
import { useDocument, type OpenDocument } from '@/ui/document/use-document';

const groups = { identity: 'What it is', place: 'Where it is from', analysis: 'In figures', making: 'How it was made', bottle: 'The bottle' } as const;
const Form = styled.div`
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: 30px 44px;
  align-items: start;
  section {
    display: grid;
    gap: 12px;
  }
  h2 {
    font-size: 22px;
    border-bottom: 1px solid var(--line);
    padding-bottom: 6px;
  }
  .whole {
    grid-column: 1 / -1;
  }
  .fact {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 118px;
    gap: 8px;
    align-items: end;
  }
  .grape {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 110px 84px 44px;
    gap: 8px;
    align-items: end;
  }
  .lot {
    display: grid;
    grid-template-columns: 1fr 1fr 1fr 1fr 1.4fr 1.2fr 44px;
    gap: 8px;
    align-items: end;
  }
  @media (max-width: 820px) {
    grid-template-columns: 1fr;
    .lot {
      grid-template-columns: 1fr 1fr;
    }
    .fact:has(.grape) {
      grid-template-columns: 1fr;
    }
    .grape {
      grid-template-columns: 1fr 1fr;
    }
    section.whole {
      grid-template-columns: 1fr !important;
    }
  }
`;
type Open = OpenDocument<WineDocument>;
const originOptions = origins as Readonly<Record<string, string>>;

export function WineForm({
  venue,
  currency,
  id,
  revision,
  document,
}: {
  venue: string;
  currency: string;
  id: string;
  revision: number;
  document: WineDocument;
}) {
  const open = useDocument({ kind: 'wine', id, path: `/wines/${id}`, document, revision, shape: wineShape });
  const wine = open.document;
  const isNew = open.revision === 0;
  return (
    <Frame venue={venue}>
      <Page>
        <div className="title">
          <div>
            <Link className="soft" href={isNew ? '/cellar' : `/wines/${id}`}>
              {isNew ? 'Cellar' : 'Back to the wine'}
            </Link>
            <h1>{wine.name.trim() === '' ? 'A new wine' : wine.name}</h1>
          </div>
          <div className="actions" style={{ alignItems: 'center' }}>
            <SaveState open={open} />
            <Button size="small" disabled={!open.canUndo} onPress={open.undo}>
              Undo
            </Button>
            {!isNew && (
              <ButtonLink tone="strong" href={`/wines/${id}`}>
                Done
              </ButtonLink>
            )}
            {isNew && (
              <Button tone="strong" onPress={() => void open.flush()}>
                Save
              </Button>
            )}
          </div>
        </div>
        <Clashes
          open={open}
          label={(path) => (path[0] === 'facts' ? facts[path[1] as FactId].label : path[0] === 'lots' ? 'bottles' : path[0]!)}
          show={(value, path) => showValue(value, path)}
        />
        <Form>
          <section className="whole" style={{ gridTemplateColumns: '1fr 1fr' }}>
            <TextField label="Name" value={wine.name} onChange={(name) => open.change((d) => ({ ...d, name }), 'name')} autoFocus={isNew} />
            <TextField label="Producer" value={wine.producer} onChange={(producer) => open.change((d) => ({ ...d, producer }), 'producer')} />
          </section>
          {(Object.keys(groups) as (keyof typeof groups)[]).map((group) => (
            <section key={group} aria-label={groups[group]}>
              <h2>{groups[group]}</h2>
              {factIds
                .filter((fact) => facts[fact].group === group)
                .map((fact) => (
                  <FactField key={fact} id={fact} open={open} />
                ))}
            </section>
          ))}
          <section className="whole" aria-label="Bottles held">
            <h2>Bottles held</h2>
            {wine.lots.map((lot) => (
              <LotRow key={lot.id} lot={lot} currency={currency} open={open} />
            ))}
            <div>
              <Button size="small" onPress={() => open.change((d) => ({ ...d, lots: [...d.lots, { id: v7(), formatMl: 750, held: 1 }] }))}>
                Add bottles
              </Button>
            </div>
          </section>
          <section className="whole">
            <TextArea label="Remark" hint="for yourselves" value={wine.remark} onChange={(remark) => open.change((d) => ({ ...d, remark }), 'remark')} />
          </section>
        </Form>
      </Page>
    </Frame>
  );
}
function showValue(value: unknown, path: readonly string[]): string {
  if (path[0] === 'facts' && typeof value === 'object' && value !== null) return factInWords(path[1] as FactId, (value as { value: FactValue<FactId> }).value);
  return typeof value === 'object' ? 'these' : String(value);
}

function FactField({ id, open }: { id: FactId; open: Open }) {
  const spec: FactSpec = facts[id];
  const stated = open.document.facts[id];
  const origin: Origin = stated?.origin ?? 'label';
  const set = (value: unknown, from: Origin = origin) =>
    open.change((d) => {
      const next: Record<string, unknown> = { ...d.facts };
      if (value === undefined) delete next[id];
      else next[id] = { value, origin: from };
      return { ...d, facts: next as WineDocument['facts'] };
    }, `facts.${id}`);
  const value = stated?.value as unknown;
  let field;
  if (spec.kind === 'number')
    field = <NumberField label={spec.label} unit={spec.unit} low={spec.low} high={spec.high} value={value as number | undefined} onChange={set} />;
  else if (spec.kind === 'choice')
    field = (
      <SelectField
        label={spec.label}
        hint={spec.hint}
        value={(value as string | undefined) ?? ''}
        onChange={(next) => set(next === '' ? undefined : next)}
        options={spec.options}
        empty="not known"
      />
    );
  else if (spec.kind === 'yesno')
    field = (
      <SelectField
        label={spec.label}
        hint={spec.hint}
        value={value === undefined ? '' : value === true ? 'yes' : 'no'}
        onChange={(next) => set(next === '' ? undefined : next === 'yes')}
        options={{ yes: spec.yes, no: spec.no }}
        empty="not known"
      />
    );
  else if (spec.kind === 'vintage') field = <VintageField value={value as Vintage | undefined} onChange={set} />;
  else if (spec.kind === 'grapes')
    field = <GrapesField value={(value as readonly GrapeShare[] | undefined) ?? []} onChange={(next) => set(next.length === 0 ? undefined : next)} />;
  else
    field = (
      <TextField label={spec.label} hint={spec.hint} value={(value as string | undefined) ?? ''} onChange={(next) => set(next === '' ? undefined : next)} />
    );
  return (
    <div className="fact">
      {field}
      {stated === undefined ? <span /> : <SelectField label="from" value={origin} onChange={(from) => set(value, from as Origin)} options={originOptions} />}
    </div>
  );
}

/** A number as it is typed; what is not yet a number in range stays in the field with its reason and is not saved. */
function NumberField({
  label,
  unit,
  low,
  high,
  value,
  onChange,
}: {
  label: string;
  unit: string;
  low: number;
  high: number;
  value: number | undefined;
  onChange: (value: number | undefined) => void;
}) {
  const [typed, setTyped] = useState<string | null>(null);
  const text = typed ?? (value === undefined ? '' : String(value));
  const parsed = Number(text.replace(',', '.'));
  const wrong =
    text.trim() !== '' && (!Number.isFinite(parsed) ? 'not a number' : parsed < low || parsed > high ? `between ${low} and ${high} ${unit}` : undefined);
  return (
    <div onBlur={() => !wrong && setTyped(null)}>
      <TextField
        label={label}
        hint={unit}
        inputMode="decimal"
        value={text}
        error={wrong || undefined}
        onChange={(next) => {
          setTyped(next);
          const number = Number(next.replace(',', '.'));
          if (next.trim() === '') onChange(undefined);
          else if (Number.isFinite(number) && number >= low && number <= high) onChange(number);
        }}
      />
    </div>
  );
}

function VintageField({ value, onChange }: { value: Vintage | undefined; onChange: (value: Vintage | undefined) => void }) {
  const kind = value?.kind ?? '';
  const year = new Date().getFullYear() - 2;
  return (
    <div style={{ display: 'grid', gridTemplateColumns: kind === 'several' ? '1.2fr 1fr 1fr' : '1fr 1fr', gap: 8 }}>
      <SelectField
        label="vintage"
        value={kind}
        empty="not known"
        options={{ year: 'one year', none: 'no vintage', several: 'several years' }}
        onChange={(next) =>
          onChange(
            next === ''
              ? undefined
              : next === 'year'
                ? { kind: 'year', year }
                : next === 'none'
                  ? { kind: 'none' }
                  : { kind: 'several', from: year - 3, to: year },
          )
        }
      />
      {value?.kind === 'year' && (
        <NumberField
          label="year"
          unit=""
          low={1700}
          high={2200}
          value={value.year}
          onChange={(next) => next !== undefined && onChange({ kind: 'year', year: Math.round(next) })}
        />
      )}
      {value?.kind === 'several' && (
        <NumberField
          label="from"
          unit=""
          low={1700}
          high={2200}
          value={value.from}
          onChange={(next) => next !== undefined && onChange({ ...value, from: Math.round(next) })}
        />
      )}
      {value?.kind === 'several' && (
        <NumberField
          label="to"
          unit=""
          low={1700}
          high={2200}
          value={value.to}
          onChange={(next) => next !== undefined && onChange({ ...value, to: Math.round(next) })}
        />
      )}
    </div>
  );
}

const shareWords = { exact: 'exactly', about: 'about', between: 'between', mostly: 'mostly', some: 'some', unknown: 'share unknown' } as const;
function GrapesField({ value, onChange }: { value: readonly GrapeShare[]; onChange: (value: readonly GrapeShare[]) => void }) {
  const [draft, setDraft] = useState('');
  const change = (at: number, next: GrapeShare) => onChange(value.map((entry, i) => (i === at ? next : entry)));
  const add = () => {
    if (draft.trim() === '') return;
    onChange([...value, { grape: draft.trim(), share: { kind: 'unknown' } }]);
    setDraft('');
  };
  return (
    <div style={{ display: 'grid', gap: 8 }}>
      <datalist id="grape-names">
        {grapeNames.map((name) => (
          <option key={name} value={name} />
        ))}
      </datalist>
      {value.map((entry, i) => (
        <div className="grape" key={i}>
          <TextField label="grape" value={entry.grape} list="grape-names" onChange={(grape) => grape !== '' && change(i, { ...entry, grape })} />
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
        <TextField label={value.length === 0 ? 'grapes' : 'another grape'} hint="by any of its names" value={draft} list="grape-names" onChange={setDraft} />
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

function LotRow({ lot, currency, open }: { lot: Lot; currency: string; open: Open }) {
  const set = (next: Partial<Lot>) =>
    open.change(
      (d) => ({
        ...d,
        lots: d.lots.map((entry) =>
          entry.id === lot.id
            ? (Object.fromEntries(Object.entries({ ...entry, ...next }).filter(([, value]) => value !== undefined)) as unknown as Lot)
            : entry,
        ),
      }),
      `lot.${lot.id}`,
    );
  return (
    <div className="lot">
      <NumberField
        label="size"
        unit="mL"
        low={20}
        high={30000}
        value={lot.formatMl}
        onChange={(value) => value !== undefined && set({ formatMl: Math.round(value) })}
      />
      <NumberField label="held" unit="bottles" low={0} high={100000} value={lot.held} onChange={(value) => set({ held: Math.round(value ?? 0) })} />
      <NumberField
        label="price"
        unit="each"
        low={0}
        high={1000000}
        value={lot.priceMinor === undefined ? undefined : lot.priceMinor / 100}
        onChange={(value) =>
          set(
            value === undefined ? { priceMinor: undefined, currency: undefined } : { priceMinor: Math.round(value * 100), currency: lot.currency ?? currency },
          )
        }
      />
      <TextField
        label="currency"
        value={lot.currency ?? ''}
        onChange={(value) => /^[A-Za-z]{3}$/.test(value) && lot.priceMinor !== undefined && set({ currency: value.toUpperCase() })}
      />
      <TextField label="merchant" value={lot.merchant ?? ''} onChange={(value) => set({ merchant: value === '' ? undefined : value })} />
      <TextField label="bought" type="date" value={lot.bought ?? ''} onChange={(value) => set({ bought: value === '' ? undefined : value })} />
      <Button size="small" label="Remove these bottles" onPress={() => open.change((d) => ({ ...d, lots: d.lots.filter((entry) => entry.id !== lot.id) }))}>
        ×
      </Button>
    </div>
  );
}
