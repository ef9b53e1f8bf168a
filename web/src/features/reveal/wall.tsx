'use client';
import styled from 'styled-components';
import { placeLetter } from '@rose/core/serving-design/serving-design';
import { restKinds } from '@rose/core/order/order-wine';
import { placeInSight, uncoverable } from '@rose/core/tasting/program';
import { elapsed } from '@rose/core/tasting/run';
import { asClock } from '@rose/core/wine/clock';
import { keysOf } from '@rose/core/wine/keys';
import { capital } from '@rose/core/wine/plural';
import type { AnswerOf } from '@/contract/answers';
import { memberStream } from '@/ui/live/streams';
import { useEvening, useSeconds } from '@/ui/live/use-live';

const Screen = styled.main`
  min-height: 100vh;
  display: flex;
  flex-direction: column;
  padding: 4vmin 6vmin;
  .line {
    display: flex;
    justify-content: space-between;
    color: var(--soft);
    font-size: max(1rem, 2.6vmin);
  }
  h1 {
    font-size: max(3rem, 15vmin);
    margin: 2vmin 0 1vmin;
  }
  .what {
    font: 500 max(1.5rem, 6vmin) / 1.2 var(--serif);
  }
  dl {
    margin: 3vmin 0 0;
    display: grid;
    gap: 1.6vmin;
  }
  dl div {
    display: grid;
    grid-template-columns: 18vmin 1fr;
    gap: 3vmin;
    align-items: baseline;
    border-top: 1px solid var(--line);
    padding-top: 1.4vmin;
  }
  dt {
    color: var(--soft);
    font-size: max(1rem, 3vmin);
  }
  dd {
    margin: 0;
    font: 500 max(1.5rem, 5.6vmin) / 1.15 var(--serif);
  }
  dd[data-covered] {
    color: var(--soft);
    font-style: italic;
    font-weight: 400;
  }
  .foot {
    margin-top: auto;
    padding-top: 3vmin;
    color: var(--soft);
    font-size: max(1rem, 2.6vmin);
  }
`;
type Table = AnswerOf<'guest', 'tasting'>['state'];

/** The evening for the whole room, in type that reads from the last row. It knows what every seat knows, and names nobody. */
export function Wall({ id, first, code }: { id: string; first: Table; code: string | null }) {
  const state = useEvening(memberStream, `wall.${id}`, first);
  const { stop } = state;
  const running = state.paused === null && stop.kind !== 'gather' && stop.kind !== 'end';
  const now = useSeconds(running);
  const left = now === 0 ? undefined : Math.round(state.minutes * 60 - elapsed(state, new Date(now)) / 1000);
  const place = placeInSight(stop, state.glasses);
  // In a panel the wine that was spoken of last: one that is being uncovered, else the last that is known.
  const glass = state.panel
    ? stop.kind === 'reveal'
      ? (state.glasses.find((entry) => !entry.revealed) ?? state.glasses.at(-1))
      : undefined
    : state.glasses.find((entry) => entry.place === place && !entry.rejected);
  const shows = glass !== undefined && (glass.facts.length > 0 || stop.kind === 'reveal');
  return (
    <Screen aria-label="For the room">
      <div className="line">
        <span>{state.name}</span>
        <span>{glass === undefined || state.panel ? '' : `wine ${glass.place + 1} of ${state.wines}`}</span>
      </div>
      <h1>
        {glass !== undefined
          ? state.panel
            ? 'One of the wines'
            : `Wine ${placeLetter(glass.place)}`
          : stop.kind === 'rest'
            ? 'A pause'
            : stop.kind === 'end'
              ? 'Thank you'
              : 'Welcome'}
      </h1>
      <p className="what" aria-live="polite">
        {state.paused !== null ? 'One moment' : whatInWords(state)}
      </p>
      {state.poll !== null && <p className="what">{state.poll.question}</p>}
      {shows && (
        <dl>
          {keysOf(uncoverable).map((fact) => {
            const says = glass.facts.find((entry) => entry.fact === fact)?.says;
            return (
              <div key={fact}>
                <dt>{uncoverable[fact]}</dt>
                <dd data-covered={says === undefined || undefined}>{says ?? 'still covered'}</dd>
              </div>
            );
          })}
        </dl>
      )}
      <p className="foot">
        {stop.kind === 'gather' && code !== null ? `Join with your phone: ${code.slice(0, 3)}-${code.slice(3)}` : ''}
        {running && left !== undefined && stop.kind !== 'reveal' ? (left > 0 ? `${asClock(left)} left` : 'no rush') : ''}
      </p>
    </Screen>
  );
}
function whatInWords({ stop, list }: Table): string {
  switch (stop.kind) {
    case 'gather':
      return list === null
        ? 'Sit down, drink some water, join with your phone'
        : `Tonight, in an order you do not know: ${list.map(({ name }) => name).join(', ')}`;
    case 'pour':
      return 'is being poured';
    case 'step':
      return capital(stop.name);
    case 'rest':
      return capital(restKinds[stop.rest].label);
    case 'again':
      return 'Once more: what has changed?';
    case 'reveal':
      return 'What is it?';
    case 'end':
      return 'Get home safely';
  }
}
