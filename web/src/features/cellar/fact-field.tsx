'use client';
import { facts, origins, type FactId, type FactSpec, type GrapeShare, type Origin, type Vintage, type WineDocument } from '@rose/core/wine/facts';
import type { OpenDocument } from '@/ui/document/use-document';
import { TextField } from '@/ui/field';
import { CountryField } from '@/ui/finder-field';
import { SelectField } from '@/ui/select-field';
import { NumberField } from '@/ui/number-field';
import { GrapesField } from './grapes-field';

const originOptions = origins as Readonly<Record<string, string>>;

/** The field of a fact, by its kind in the registry, with where the fact comes from. */
export function FactField({ id, open }: { id: FactId; open: OpenDocument<WineDocument> }) {
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
  else if (id === 'country')
    field = <CountryField label={spec.label} value={(value as string | undefined) ?? ''} onChange={(next) => set(next === '' ? undefined : next)} />;
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
