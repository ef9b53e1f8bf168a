'use client';
import Link from 'next/link';
import { counted } from '@rose/core/wine/plural';
import { useState } from 'react';
import styled from 'styled-components';
import { blindKinds, eveningKinds, revealKinds, settings, type FlightDocument } from '@rose/core/flight/flight';
import { routineLabel, type Routine } from '@rose/core/routine/routine';
import { themes } from '@rose/core/theme/theme';
import { routineOf, routines } from '@rose/knowledge/routines/index';
import type { Pin } from '@rose/core/order/pins';
import { glassShapes } from '@rose/knowledge/glasses/index';
import { showVolume } from '@rose/core/wine/measure';
import type { VenueFacts } from '@rose/knowledge/evening/evening';
import type { AnswerOf } from '@/contract/answers';
import { contract } from '@/contract/client';
import { call } from '@/ui/api';
import { useAct } from '@/ui/act';
import { Button } from '@/ui/button';
import { MomentField } from '@/ui/date-field';
import { Disclosure } from '@/ui/disclosure';
import { TextField, Trouble } from '@/ui/field';
import { SelectField } from '@/ui/select-field';
import { VolumeField } from '@/ui/measure-field';
import { NumberField } from '@/ui/number-field';

const Box = styled.div`
  border-top: 1px solid var(--line);
  border-bottom: 1px solid var(--line);
  margin-bottom: 18px;
  > .disclosure > .disclosure-line,
  > .disclosure > h3 > .disclosure-line {
    padding: 12px 0;
    min-height: 44px;
    font-size: 0.875rem;
    color: var(--soft);
  }
  .disclosure-line strong {
    color: var(--ink);
    font: 500 1.1875rem/1.2 var(--serif);
    margin-right: 10px;
  }
`;
const Grid = styled.div`
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(205px, 1fr));
  gap: 12px;
  padding-bottom: 16px;
  .wide {
    grid-column: span 2;
  }
  @media (max-width: 47.5em) {
    grid-template-columns: repeat(2, minmax(0, 1fr));
    .moment {
      grid-column: span 2;
    }
  }
`;
const Found = styled.ul`
  list-style: none;
  margin: 0 0 16px;
  padding: 0;
  display: grid;
  gap: 2px;
  li {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto;
    gap: 14px;
    align-items: center;
    padding: 8px 0;
    border-top: 1px solid var(--line);
  }
  .names {
    font: 500 1.0625rem/1.25 var(--serif);
    font-variant-numeric: lining-nums;
  }
`;
const labels = <T extends string>(of: Readonly<Record<T, string | { readonly label: string }>>) =>
  Object.fromEntries(Object.entries(of).map(([key, value]) => [key, typeof value === 'string' ? value : (value as { label: string }).label]));

/** What the evening is for, for whom and with what; and the wines the cellar has for it, each set with its reason. */
export function Purpose({
  id,
  flight,
  venue,
  dishes,
  own,
  isNew,
  change,
  pairs,
  onTake,
}: {
  id: string;
  flight: FlightDocument;
  venue: VenueFacts;
  dishes: readonly { readonly id: string; readonly name: string }[];
  /** The venue's own routines, each in its latest version. */
  own: readonly Routine[];
  isNew: boolean;
  change: (next: Partial<FlightDocument>, field?: string) => void;
  /** The pins that put its wines into pairs, for those that stand in none. */
  pairs: () => readonly Pin[];
  onTake: (wines: readonly string[]) => void;
}) {
  const [found, setFound] = useState<AnswerOf<'flight', 'propose'> | null>(null);
  const act = useAct();
  // A plan keeps the version of a routine it was made with, beside the present one.
  const kept = flight.ownRoutine;
  const all = [...routines, ...own, ...(kept === undefined || own.some((entry) => entry.id === kept.id) ? [] : [kept])];
  const ask = () =>
    act.run(async () => {
      setFound(await call(contract.flight.propose, { theme: flight.theme, most: flight.theme === 'pair' ? 2 : 8, dish: flight.dish }));
    });
  const choice = (field: 'theme' | 'evening' | 'setting' | 'blind' | 'glass', label: string, options: Readonly<Record<string, string>>) => (
    <SelectField label={label} value={flight[field]} onChange={(value) => change({ [field]: value })} options={options} />
  );
  const number = (field: 'guests' | 'returns' | 'lossPercent' | 'certainty', label: string, unit: string, low: number, high: number, digits: number) => (
    <NumberField
      label={label}
      unit={unit}
      low={low}
      high={high}
      value={flight[field]}
      onChange={(value) => value !== undefined && change({ [field]: Number(value.toFixed(digits)) }, field)}
    />
  );
  return (
    <Box>
      <Disclosure
        open={isNew}
        says={
          <>
            <strong>Purpose</strong>
            theme: {themes[flight.theme].label} · {settings[flight.setting]} · {counted(flight.guests, 'guest')} · {blindKinds[flight.blind]} ·{' '}
            {routineOf(flight).name}
          </>
        }
      >
        <Grid>
          <div className="wide">
            <TextField label="Name" value={flight.name} onChange={(name) => change({ name }, 'name')} />
          </div>
          <div className="moment">
            <MomentField label="First pour" hint="your clock" value={flight.starts} onChange={(starts) => change({ starts }, 'starts')} />
          </div>
          {number('guests', 'Guests', 'people', 0, 500, 0)}
          {choice('theme', 'Theme', labels(themes))}
          {choice('evening', 'Kind of evening', labels(eveningKinds))}
          {choice('setting', 'Setting', settings)}
          {choice('blind', 'Labels', blindKinds)}
          <SelectField
            label="Uncovered"
            value={flight.reveal}
            // Two that are uncovered together stand side by side.
            onChange={(reveal) => change(reveal === 'pair' ? { reveal, pins: [...flight.pins, ...pairs()] } : { reveal })}
            options={revealKinds}
          />
          {flight.reveal === 'pair' && flight.wines.length >= 2 && (
            <Link href={`/notes/deal?flight=${id}`} style={{ alignSelf: 'end', paddingBottom: 12 }}>
              Deal its pairs, hidden
            </Link>
          )}
          <SelectField
            label="Routine"
            value={flight.ownRoutine?.id ?? flight.routine}
            onChange={(id) => {
              const mine = all.find((entry) => entry.id === id && id.includes('@'));
              change(mine === undefined ? { routine: id, ownRoutine: undefined } : { routine: id, ownRoutine: mine });
            }}
            options={Object.fromEntries(all.map((entry) => [entry.id, routineLabel(entry)]))}
          />
          <VolumeField
            label="Pour"
            unit={venue.volume}
            low={5}
            high={500}
            value={flight.pourMl}
            onChange={(pourMl) => pourMl !== undefined && change({ pourMl: Math.round(pourMl * 10) / 10 }, 'pourMl')}
          />
          {number('returns', 'Returns to a glass', 'sips', 0, 10, 0)}
          <NumberField
            label="Budget a head"
            unit={venue.currency}
            low={0}
            high={100_000}
            value={flight.budgetMinor === null ? undefined : flight.budgetMinor / 100}
            onChange={(value) => change({ budgetMinor: value === undefined ? null : Math.round(value * 100) }, 'budget')}
          />
          {choice('glass', 'Glass', Object.fromEntries(glassShapes.map((shape) => [shape.id, `${shape.name}, ${showVolume(shape.volumeMl, venue.volume)}`])))}
          {number('lossPercent', 'Lost to drips', '%', 0, 50, 1)}
          {number('certainty', 'Sure of enough sound bottles', '%', 50, 99.9, 1)}
          <SelectField
            label="Host’s check pour"
            value={flight.hostPour ? 'yes' : 'no'}
            onChange={(value) => change({ hostPour: value === 'yes' })}
            options={{ yes: 'yes', no: 'no' }}
          />
          {flight.theme === 'dish' && (
            <SelectField
              label="Dish"
              value={flight.dish ?? ''}
              empty="choose a dish"
              onChange={(dish) => change({ dish: dish === '' ? null : dish })}
              options={Object.fromEntries(dishes.map((dish) => [dish.id, dish.name]))}
            />
          )}
        </Grid>
        <div style={{ display: 'flex', gap: 12, alignItems: 'center', flexWrap: 'wrap', paddingBottom: 14 }}>
          <Button tone={flight.wines.length === 0 ? 'strong' : 'plain'} disabled={act.busy} onPress={() => void ask()}>
            Propose wines of the cellar
          </Button>
          <span className="soft">{themes[flight.theme].says}</span>
        </div>
        {act.problem !== null && <Trouble role="alert">{act.problem.message}</Trouble>}
        {found !== null && found.proposals.length === 0 && (
          <p role="status">
            The cellar has no such set.{' '}
            {found.nearest === null
              ? 'It has too few wines whose facts are known.'
              : `Nearest: ${found.nearest.wines.map((wine) => wine.name).join(' and ')}${found.nearest.wines.length > 0 ? '; ' : ''}${found.nearest.because}.`}
          </p>
        )}
        {found !== null && found.proposals.length > 0 && (
          <Found aria-label="Proposals">
            {found.proposals.map((entry) => (
              <li key={entry.wines.map((wine) => wine.id).join()}>
                <span>
                  <span className="names">{entry.wines.map((wine) => wine.name).join(', ')}</span>
                  <br />
                  <span className="soft">{entry.because}</span>
                </span>
                <Button
                  size="small"
                  label={`Take ${entry.wines.map((wine) => wine.name).join(', ')}`}
                  onPress={() => onTake(entry.wines.map((wine) => wine.id))}
                >
                  Take these
                </Button>
              </li>
            ))}
            {found.more > 0 && <li className="soft">and {found.more} more like these</li>}
          </Found>
        )}
      </Disclosure>
    </Box>
  );
}
