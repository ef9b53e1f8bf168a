'use client';
import dynamic from 'next/dynamic';
import { useState, type ReactNode } from 'react';
import { BareButton, TextButton } from '@/ui/button';
import styled from 'styled-components';
import { hueSwatch } from '@rose/core/appearance/colour';
import {
  applies,
  huesToChoose,
  isHue,
  idsOf,
  labelInWords,
  observables,
  type KnownGlass,
  type Observable,
  type ObservableId,
  type Observed,
  type Quarter,
  type Reading,
} from '@rose/core/wine/observables';
import { Choice } from '@/ui/choice';
import { BareField } from '@/ui/field';
import { Scale } from '@/ui/scale';
import type { SetObservation } from './observation';
import { Disclosure } from '@/ui/disclosure';

/** The form of a quarter, read from the registry of observables. What an open glass is known not to need stands with what is seldom recorded. */
export function Fields({ quarter, observed, set, known = {} }: { quarter: Quarter; observed: Observed; set: SetObservation; known?: KnownGlass }) {
  const ids = idsOf(quarter).filter((id) => observables[id].kind !== 'seconds');
  const extra = ids.filter((id) => 'extra' in observables[id] || !applies(id, observed, known));
  const field = (id: ObservableId) => <Field key={id} id={id} observed={observed} set={set} known={known} help />;
  return (
    <>
      {ids.filter((id) => !extra.includes(id)).map(field)}
      {extra.length > 0 && (
        <Disclosure
          open={extra.some((id) => observed[id] !== undefined)}
          says={<span className="soft">More to record: {extra.map((id) => labelInWords(id)).join(', ')}</span>}
        >
          {extra.map(field)}
        </Disclosure>
      )}
    </>
  );
}
const CardText = dynamic(() => import('./card').then((module) => module.CardText), { ssr: false });
const How = styled(BareButton)`
  border: 0;
  background: none;
  padding: 0;
  min-height: 24px;
  font-weight: 400;
  color: var(--soft);
  font-size: 0.8125rem;
  text-decoration: underline;
  text-underline-offset: 2px;
  cursor: pointer;
`;

/** One observation. With `help`, what to do and what to feel is one press away. */
export function Field({
  id,
  observed,
  set,
  known = {},
  help = false,
}: {
  id: ObservableId;
  observed: Observed;
  set: SetObservation;
  known?: KnownGlass;
  help?: boolean;
}) {
  const [open, setOpen] = useState(false);
  if (!help) return <Control id={id} observed={observed} set={set} known={known} />;
  const how = (
    <How expanded={open} label={`${observables[id].label.replace(/\?$/, '')}: how is it done?`} onPress={() => setOpen(!open)}>
      how?
    </How>
  );
  return (
    <>
      <Control id={id} observed={observed} set={set} known={known} aside={observables[id].kind === 'mark' ? undefined : how} />
      {open && (
        <div style={{ padding: '8px 0 12px', borderBottom: '1px solid var(--line)' }}>
          <CardText id={id} />
        </div>
      )}
    </>
  );
}
function Control({ id, observed, set, known, aside }: { id: ObservableId; observed: Observed; set: SetObservation; known: KnownGlass; aside?: ReactNode }) {
  const spec: Observable = observables[id];
  const value = observed[id];
  switch (spec.kind) {
    case 'scale':
      return (
        <Scale
          id={id}
          spec={spec}
          aside={aside}
          value={value as Reading | undefined}
          onChange={(next) => set(id, next as never)}
          {...(id === 'intensity' && observed.noseSwirled !== undefined
            ? { other: typeof observed.noseSwirled === 'number' ? observed.noseSwirled : observed.noseSwirled[0], otherLabel: 'the nose' }
            : {})}
        />
      );
    case 'choice': {
      const hue = id === 'hue' || id === 'rimHue';
      return (
        <Choice
          name={id}
          label={spec.label}
          hint={spec.hint}
          aside={aside}
          options={id === 'hue' || id === 'rimHue' ? huesToChoose(id, observed, known) : spec.options}
          value={value as string | undefined}
          onChange={(next) => set(id, next as never)}
          {...(hue ? { swatch: (key: string) => (isHue(key) ? hueSwatch(key) : '') } : {})}
        />
      );
    }
    case 'mark':
      return (
        <MarkField
          label={spec.label}
          hint={spec.hint}
          low={spec.low}
          high={spec.high}
          value={value as number | undefined}
          onChange={(next) => set(id, next as never)}
        />
      );
    case 'seconds':
      return null;
  }
}
const Mark = styled.div`
  display: grid;
  grid-template-columns: 112px minmax(0, 1fr) 84px;
  gap: 16px;
  align-items: center;
  padding: 12px 0;
  border-bottom: 1px solid var(--line);
  .name {
    font-weight: 600;
  }
  .name span {
    display: block;
    font-weight: 400;
    color: var(--soft);
    font-size: 0.8125rem;
  }
  input {
    width: 6rem;
    min-height: 56px;
    font: 600 1.875rem var(--serif);
    font-variant-numeric: lining-nums;
    text-align: center;
    border: 1px solid var(--line);
    border-radius: 10px;
    background: var(--raised);
  }
  button {
    border: 0;
    background: none;
    text-decoration: underline;
    color: var(--soft);
    cursor: pointer;
    min-height: 32px;
  }
  @media (max-width: 40em) {
    grid-template-columns: 1fr auto;
    button {
      grid-column: 2;
    }
  }
`;
function MarkField({
  label,
  hint,
  low,
  high,
  value,
  onChange,
}: {
  label: string;
  hint?: string | undefined;
  low: number;
  high: number;
  value: number | undefined;
  onChange: (value: number | undefined) => void;
}) {
  const [typed, setTyped] = useState<string | null>(null);
  const text = typed ?? (value === undefined ? '' : String(value));
  const n = Number(text);
  const wrong = text !== '' && !(Number.isInteger(n) && n >= low && n <= high);
  return (
    <Mark onBlur={() => setTyped(null)}>
      <label className="name" htmlFor="own-mark">
        {label}
        <span>{hint}</span>
      </label>
      <span>
        <BareField
          inputMode="numeric"
          id="own-mark"
          label={label}
          value={text}
          placeholder="–"
          invalid={wrong}
          onChange={(next) => {
            setTyped(next);
            if (next === '') onChange(undefined);
            else if (Number.isInteger(Number(next)) && Number(next) >= low && Number(next) <= high) onChange(Number(next));
          }}
        />{' '}
        <span style={{ color: wrong ? 'var(--madder)' : 'var(--soft)' }}>of 100{wrong ? `; from ${low} to ${high}` : ''}</span>
      </span>
      {value === undefined ? (
        <span />
      ) : (
        <TextButton label="Clear your mark" onPress={() => onChange(undefined)}>
          clear
        </TextButton>
      )}
    </Mark>
  );
}
