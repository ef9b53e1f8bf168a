'use client';
import dynamic from 'next/dynamic';
import { useCallback, useEffect, useState } from 'react';
import styled from 'styled-components';
import { placeLetter } from '@rose/core/serving-design/serving-design';
import { restKinds } from '@rose/core/order/order-wine';
import { momentsAgain, onList, placeInSight, placeInWords, stopInWords } from '@rose/core/tasting/program';
import type { Moment } from '@rose/core/wine/note';
import { elapsed, givenInWords } from '@rose/core/tasting/run';
import { asClock } from '@rose/core/wine/clock';
import { capital, listed } from '@rose/core/wine/plural';
import type { AnswerOf } from '@/contract/answers';
import { contract } from '@/contract/client';
import { call } from '@/ui/api';
import { Button } from '@/ui/button';
import { Disclosure } from '@/ui/disclosure';
import { GuestFrame } from '@/ui/guest-frame';
import { seatStream } from '@/ui/live/streams';
import { useEvening, useSeconds } from '@/ui/live/use-live';
import { PaceBar, Paused, useOwnPace } from './own-pace';
import { SeatGlass } from './seat-glass';
import { useSeatWorker } from './seat-worker';

// What a stop does not need comes with the stop that does.
const Arrival = dynamic(() => import('./arrival').then((module) => module.Arrival));
const Leaving = dynamic(() => import('./leaving').then((module) => module.Leaving), { ssr: false });
const SomethingIsWrong = dynamic(() => import('./something-is-wrong').then((module) => module.SomethingIsWrong), { ssr: false });
const ToldByHost = dynamic(() => import('./told').then((module) => module.ToldByHost), { ssr: false });
const Uncovered = dynamic(() => import('./uncovered').then((module) => module.Uncovered), { ssr: false });
const Asked = dynamic(() => import('./asked').then((module) => module.Asked), { ssr: false });

export type Seated = AnswerOf<'guest', 'tasting'>;
export type Table = Seated['state'];
export type TableGlass = Table['glasses'][number];

const Head = styled.div`
  h1 {
    display: flex;
    align-items: baseline;
    gap: 10px;
  }
  h1 + .now {
    margin-top: 12px;
  }
  h1 small {
    font: 400 0.9375rem var(--sans);
    color: var(--soft);
  }
  .glasses {
    display: flex;
    flex-wrap: wrap;
    gap: 6px;
    margin: 10px 0 14px;
  }
  .now {
    display: flex;
    justify-content: space-between;
    gap: 12px;
    color: var(--soft);
    font-size: 0.9375rem;
    padding: 8px 0;
    border-top: 1px solid var(--line);
    border-bottom: 1px solid var(--line);
    margin-bottom: 12px;
  }
  .now span:last-child {
    white-space: nowrap;
  }
  .now b {
    color: var(--ink);
    font-weight: 600;
  }
`;
/** What the table is at, in the guest's words. */
export function nowInWords({ stop, paused, panel }: Table): string {
  if (paused !== null) return 'The host pauses the room';
  switch (stop.kind) {
    case 'gather':
      return 'People arrive; it begins soon';
    case 'pour':
      return `${capital(placeInWords(stop.place, panel))} is being poured`;
    case 'step':
      return `The table: ${placeInWords(stop.place, panel)}, ${stop.name}`;
    case 'rest':
      return `A pause: ${restKinds[stop.rest].label}`;
    case 'again':
      return stop.after === 'bite' ? capital(stopInWords(stop, panel)) : `Back to ${stopInWords(stop, panel)}`;
    case 'reveal':
      if (panel) return 'The wines are uncovered, one after the other';
      return stop.places.length === 1 ? `Wine ${placeLetter(stop.places[0]!)} is uncovered` : `Wines ${listed(stop.places.map(placeLetter))} are uncovered`;
    case 'end':
      return 'The evening ends';
  }
}
/** What comes next, one step ahead; nothing where it would tell more than the next step. */
const thenInWords = ({ next, paused, stop, panel }: Table): string =>
  next === null || paused !== null || stop.kind === 'gather'
    ? ''
    : next.kind === 'step' || next.kind === 'rest' || next.kind === 'again'
      ? `then ${stopInWords(next, panel)}`
      : '';
const title: Readonly<Record<Table['stop']['kind'], string>> = {
  gather: 'Welcome',
  pour: 'One moment',
  step: 'One moment',
  again: 'One moment',
  rest: 'A pause',
  reveal: 'What was it?',
  end: 'Thank you',
};
/** A guest's page: the glass the table is at, at the table's pace or their own. */
export function Seat({ first }: { first: Seated }) {
  const [seated, setSeated] = useState(first);
  const state = useEvening(seatStream, null, first.state);
  const [pace, setPace] = useOwnPace(first.evening);
  const [help, setHelp] = useState(false);
  const opensAlone = useSeatWorker(`${state.glasses.length} ${state.over}`, state.glasses.length > 0);
  const { follows } = pace;
  const { stop } = state;
  const running = (stop.kind === 'step' || stop.kind === 'rest' || stop.kind === 'again') && state.paused === null;
  const now = useSeconds(running);
  // In a panel wines are uncovered, not places: one's own glasses are all looked at.
  const inSight = state.panel && stop.kind === 'reveal' ? undefined : placeInSight(stop, state.glasses);
  const called = state.glasses.find((glass) => glass.place === inSight && !glass.rejected);
  const chosen = state.glasses.find((entry) => entry.id === pace.glass);
  const glass = chosen ?? called;
  const refresh = useCallback(() => {
    call(contract.guest.tasting, {}).then(setSeated, () => undefined);
  }, []);
  useEffect(() => refresh(), [refresh, state.glasses.length, state.poll?.id]);
  const behind = state.glasses.find((entry) => entry.place > (glass?.place ?? -1) && !entry.rejected);
  const pauses = pace.pausedAt !== null && glass !== undefined && !follows;
  const onCall = stop.kind === 'again' && glass?.id === called?.id ? stop : undefined;
  const [second, setSecond] = useState(false);
  useEffect(() => setSecond(false), [onCall?.place, onCall?.after]);
  const order = onCall === undefined ? (['first'] as const) : momentsAgain(onCall, seated.seat);
  const moment = order[second && order.length > 1 ? 1 : 0]!;
  return (
    <GuestFrame who={`${seated.guest}, seat ${seated.seat}`} help={() => setHelp(true)}>
      <Head>
        <div className="soft">
          {state.name}
          {glass === undefined ? '' : ` · ${glass.place + 1} of ${state.wines}`}
        </div>
        <h1>
          {glass === undefined ? title[stop.kind] : capital(placeInWords(glass.place, state.panel))}
          {glass !== undefined && <small>{glass.code}</small>}
        </h1>
        {state.glasses.length > 1 && (
          <div className="glasses" role="group" aria-label="Your glasses">
            {state.glasses.map((entry) => (
              <Button
                key={entry.id}
                size="small"
                pressed={entry.id === glass?.id}
                label={`${capital(placeInWords(entry.place, state.panel))}${entry.rejected ? ', put aside' : entry.revealed ? ', uncovered' : ''}`}
                onPress={() => setPace({ glass: entry.id === called?.id && follows ? null : entry.id, pausedAt: null })}
              >
                {placeLetter(entry.place)}
                {entry.rejected ? ' ×' : entry.revealed ? ' ◆' : ''}
              </Button>
            ))}
          </div>
        )}
        <div className="now">
          <span aria-live="polite">
            <b>{nowInWords(state)}</b>
            {chosen !== undefined && chosen.id !== called?.id && stop.kind !== 'end' ? ', and you are at your own pace' : ''}
          </span>
          <span>{thenInWords(state)}</span>
          <span>{running && now > 0 ? `${asClock(elapsed(state, new Date(now)) / 1000)} of ${givenInWords(state.minutes)}` : ''}</span>
        </div>
      </Head>
      {state.glasses.length > 0 && !state.over && <PaceBar pace={pace} change={setPace} place={glass?.place} next={nextAt(state, glass, behind)} />}
      {state.list !== null && (
        <Disclosure open={stop.kind === 'gather'} says="Tonight’s wines, in an order you do not know">
          <ul>
            {state.list.map(({ name, producer }) => (
              <li key={`${name} ${producer}`}>{onList({ name, producer })}</li>
            ))}
          </ul>
        </Disclosure>
      )}
      {state.poll !== null && <Asked poll={state.poll} answered={seated.answered} />}
      {stop.kind === 'gather' && opensAlone === false && (
        <p className="soft">
          Keep this page open tonight: on this network it cannot be opened anew without a connection. What you write is kept on the phone either way.
        </p>
      )}
      {stop.kind === 'gather' && <Arrival seated={seated} allergens={state.allergens} />}
      {pauses && <Paused at={placeInWords(glass.place, state.panel)} goOn={() => setPace({ pausedAt: null })} />}
      {glass === undefined &&
        state.panel &&
        state.glasses
          .filter((entry) => entry.facts.length > 0)
          .map((entry) => (
            <section key={entry.id} aria-label={`Glass ${entry.code}`}>
              <h2>
                {capital(placeInWords(entry.place, state.panel))}, {entry.code}
              </h2>
              <Uncovered glass={entry} tick={state.tick} />
            </section>
          ))}
      {!pauses && glass !== undefined && glass.facts.length > 0 && <Uncovered glass={glass} tick={state.tick} />}
      {!pauses && glass?.revealed === true && (
        <ToldByHost key={glass.id} glassId={glass.id} revealed={glass.revealed} named={glass.facts.some((entry) => entry.fact === 'name')} />
      )}
      {!pauses && onCall !== undefined && onCall.after === 'bite' && (
        <Bite food={onCall.food ?? 'the bite'} moment={moment} more={order.length > 1 && !second} goOn={() => setSecond(true)} />
      )}
      {!pauses && glass !== undefined && (
        <SeatGlass
          key={`${glass.id}/${moment}`}
          glass={glass}
          moment={moment}
          beside={onCall?.after === 'bite' ? 'bite' : undefined}
          routine={seated.routine}
          step={stop.kind === 'step' && chosen === undefined && follows ? stop.step : undefined}
          refresh={refresh}
          hints={seated.hints}
          list={(state.list ?? []).map(onList)}
          bottle={seated.bottles.find((entry) => entry.glassId === glass.id)?.says}
        />
      )}
      {glass === undefined && stop.kind !== 'gather' && <Uncalled state={state} />}
      {(state.over || stop.kind === 'end') && <Leaving until={seated.takeawayUntil} changed={refresh} />}
      {help && <SomethingIsWrong close={() => setHelp(false)} allergens={state.allergens} />}
    </GuestFrame>
  );
}
/** What to do with the bite now. */
function Bite({ food, moment, more, goOn }: { food: string; moment: Moment; more: boolean; goOn: () => void }) {
  return (
    <p style={{ display: 'flex', flexWrap: 'wrap', gap: 10, alignItems: 'center', margin: '0 0 12px' }}>
      <span>
        {moment === 'food' ? `Take a bite of ${food}, then a sip. This note is of the wine with it.` : 'The wine alone, after water and without the bite.'}
      </span>
      {more && (
        <Button size="small" onPress={goOn}>
          {moment === 'food' ? 'Done: now the wine alone' : `Done: now with ${food}`}
        </Button>
      )}
    </p>
  );
}
/** What comes after this glass for who is at their own pace. */
function nextAt(state: Table, glass: TableGlass | undefined, behind: TableGlass | undefined): { readonly says: string; readonly glass: string | undefined } {
  if (behind !== undefined) return { says: `On to ${placeInWords(behind.place, state.panel)}`, glass: behind.id };
  const last = glass !== undefined && glass.place === state.wines - 1;
  return { says: last ? 'This is the last one.' : 'The host holds the next one.', glass: undefined };
}
/** What there is to do while no glass is called. */
function Uncalled({ state }: { state: Table }) {
  if (state.stop.kind === 'rest')
    return <p>Drink some water. Bread or cheese now, and nothing with coffee or mint. You may go back to any glass above meanwhile.</p>;
  return state.glasses.length > 0 ? <p>Choose a glass above to look at what you wrote.</p> : <p>The first glass shows here as soon as it is poured.</p>;
}
