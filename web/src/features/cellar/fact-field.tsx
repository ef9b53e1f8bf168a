'use client';
import styled from 'styled-components';
import { facts, origins, type FactId, type FactSpec, type GrapeShare, type Origin, type Vintage, type WineFacts } from '@rose/core/wine/facts';
import { effectsInWords } from '@rose/knowledge/effects/index';
import { TextField } from '@/ui/field';
import { CountryField } from '@/ui/finder-field';
import { MenuButton } from '@/ui/menu';
import { NumberField } from '@/ui/number-field';
import { SelectField } from '@/ui/select-field';
import { alsoInFive } from './five-fields';
import { GrapesField } from './grapes-field';
import type { SetFact } from './set-fact';

const Fact = styled.div`
  display: grid;
  gap: 2px;
  align-content: start;
  min-width: 0;
  .changes {
    display: flex;
    flex-wrap: wrap;
    gap: 0 10px;
    align-items: baseline;
    justify-content: space-between;
    color: var(--soft);
    font-size: 0.78125rem;
    line-height: 1.35;
  }
  &[data-asked] {
    border-left: 3px solid var(--amber);
    padding-left: 12px;
  }
`;

/** The field of a fact, by its kind in the registry, with what it changes and where it comes from. */
export function FactField({ id, known, set, asked }: { id: FactId; known: WineFacts; set: SetFact; asked: boolean }) {
  const stated = known[id];
  return (
    <Fact {...(alsoInFive.has(id) ? {} : { id: `fact-${id}` })} data-asked={asked || undefined}>
      <ByKind id={id} value={stated?.value as unknown} set={set as (id: FactId, value: unknown) => void} />
      <span className="changes">
        <span>{effectsInWords(id)}</span>
        {stated !== undefined && <OriginOf id={id} origin={stated.origin} onChange={(origin) => set(id, stated.value as never, origin)} />}
      </span>
    </Fact>
  );
}
/** Where a fact comes from, to be said otherwise. */
const OriginOf = ({ id, origin, onChange }: { id: FactId; origin: Origin; onChange: (origin: Origin) => void }) => (
  <MenuButton
    quiet
    label={`from: ${origins[origin]}, of ${facts[id].label}`}
    entries={(Object.keys(origins) as Origin[]).map((entry) => ({ id: entry, says: origins[entry], does: () => onChange(entry) }))}
  >
    from: {origins[origin]}
  </MenuButton>
);

function ByKind({ id, value, set }: { id: FactId; value: unknown; set: (id: FactId, value: unknown) => void }) {
  const spec: FactSpec = facts[id];
  const put = (next: unknown) => set(id, next === '' ? undefined : next);
  switch (spec.kind) {
    case 'number':
      return <NumberField label={spec.label} unit={spec.unit} low={spec.low} high={spec.high} value={value as number | undefined} onChange={put} />;
    case 'choice':
      return (
        <SelectField label={spec.label} hint={spec.hint} value={(value as string | undefined) ?? ''} onChange={put} options={spec.options} empty="not known" />
      );
    case 'yesno':
      return (
        <SelectField
          label={spec.label}
          hint={spec.hint}
          value={value === undefined ? '' : value === true ? 'yes' : 'no'}
          onChange={(next) => put(next === '' ? undefined : next === 'yes')}
          options={{ yes: spec.yes, no: spec.no }}
          empty="not known"
        />
      );
    case 'vintage':
      return <VintageField value={value as Vintage | undefined} onChange={put} />;
    case 'grapes':
      return <GrapesField value={(value as readonly GrapeShare[] | undefined) ?? []} onChange={(next) => put(next.length === 0 ? undefined : next)} />;
    case 'text':
      return id === 'country' ? (
        <CountryField label={spec.label} value={(value as string | undefined) ?? ''} onChange={put} />
      ) : (
        <TextField label={spec.label} hint={spec.hint} value={(value as string | undefined) ?? ''} onChange={put} />
      );
  }
}

const Years = styled.div`
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(88px, 1fr));
  gap: 8px;
  > :first-child {
    min-width: 120px;
  }
`;
const YearField = ({ label, value, onChange }: { label: string; value: number; onChange: (year: number) => void }) => (
  <NumberField label={label} unit="" low={1700} high={2200} value={value} onChange={(next) => next !== undefined && onChange(Math.round(next))} />
);
/** Most wines poured are two or three years old: where a year begins that is about to be typed. */
const usualAge = 2;
function VintageField({ value, onChange }: { value: Vintage | undefined; onChange: (value: Vintage | undefined) => void }) {
  const year = new Date().getFullYear() - usualAge;
  const kinds: Readonly<Record<Vintage['kind'], Vintage>> = {
    year: { kind: 'year', year },
    none: { kind: 'none' },
    several: { kind: 'several', from: year - 3, to: year },
  };
  return (
    <Years>
      <SelectField
        label="vintage"
        value={value?.kind ?? ''}
        empty="not known"
        options={{ year: 'one year', none: 'no vintage', several: 'several years' } satisfies Record<Vintage['kind'], string>}
        onChange={(next) => onChange(next === '' ? undefined : kinds[next])}
      />
      {value?.kind === 'year' && <YearField label="year" value={value.year} onChange={(next) => onChange({ kind: 'year', year: next })} />}
      {value?.kind === 'several' && <YearField label="from" value={value.from} onChange={(next) => onChange({ ...value, from: next })} />}
      {value?.kind === 'several' && <YearField label="to" value={value.to} onChange={(next) => onChange({ ...value, to: next })} />}
    </Years>
  );
}
