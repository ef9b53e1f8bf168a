'use client';
import Link from 'next/link';
import styled from 'styled-components';
import { alcoholAHead, spanInWords } from '@rose/core/alcohol/alcohol';
import { guidedPath } from '@rose/core/routine/guided';
import type { Routine } from '@rose/core/routine/routine';
import { restKinds } from '@rose/core/order/order-wine';
import { placeLetter } from '@rose/core/serving-design/serving-design';
import { behindInWords, elapsed, givenInWords, paceInWords, paceOf } from '@rose/core/tasting/run';
import { afterThisWine, stopInWords, type Stop } from '@rose/core/tasting/program';
import type { ObservableId } from '@rose/core/wine/observables';
import { blindKinds } from '@rose/core/flight/flight';
import { clockIn } from '@rose/core/wine/day';
import { capital, counted, listed } from '@rose/core/wine/plural';
import { cards } from '@rose/knowledge/sensations/cards';
import { Button, Key } from '@/ui/button';
import { Frame } from '@/ui/frame';
import { useHere } from '@/ui/here';
import { useKey } from '@/ui/keys';
import { useSeconds } from '@/ui/live/use-live';
import { Trouble } from '@/ui/field';
import { FlightTabs } from '../shared-flight/flight-tabs';
import { useLed, type HostState, type Led } from '../shared-flight/use-led';
import { AboutWine } from './about-wine';
import { AskTable } from './ask-table';
import { Doubts, Warnings } from './doubts';
import { JoinHere } from './join-here';
import { Parked } from './parked';
import { Places } from './places';

const Lay = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr) 366px;
  min-height: calc(100vh - 56px);
  > section {
    padding: 18px 34px 24px;
    display: flex;
    flex-direction: column;
    min-width: 0;
    position: sticky;
    top: 56px;
    height: calc(100vh - 56px);
    overflow-y: auto;
  }
  > aside {
    border-left: 1px solid var(--line);
    padding: 18px 26px 40px;
    display: grid;
    gap: 26px;
    align-content: start;
  }
  aside h2 {
    font-size: 1.25rem;
    border-bottom: 1px solid var(--line);
    padding-bottom: 8px;
    margin-bottom: 4px;
  }
  aside dl {
    margin: 0;
  }
  aside dl div {
    display: grid;
    grid-template-columns: 1fr auto;
    gap: 12px;
    padding: 10px 0;
    border-bottom: 1px solid var(--line);
  }
  aside dd {
    margin: 0;
    color: var(--soft);
  }
  .line {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    justify-content: space-between;
    gap: 4px 18px;
    color: var(--soft);
  }
  .late {
    color: var(--amber);
    font-weight: 600;
  }
  .main {
    display: flex;
    align-items: baseline;
    justify-content: space-between;
    gap: 18px;
    margin: 10px 0 16px;
    flex-wrap: wrap;
  }
  .main h1 {
    font-size: 3.25rem;
  }
  .main h1 span {
    font: 400 1.375rem var(--sans);
    margin-left: 12px;
  }
  .time {
    font: 500 2.5rem/1 var(--serif);
    white-space: nowrap;
  }
  .time small {
    font: 400 0.9375rem var(--sans);
    color: var(--soft);
    margin-left: 10px;
  }
  .say {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 28px;
    margin: 18px 0;
  }
  .say p {
    font: 500 1.3125rem/1.35 var(--serif);
  }
  .say small,
  .soft {
    color: var(--soft);
    font-size: 0.875rem;
  }
  .acts {
    display: flex;
    flex-wrap: wrap;
    gap: 12px;
    margin-top: auto;
    padding-top: 18px;
  }
  .acts button {
    min-height: 60px;
    font-size: 1.0625rem;
  }
  .acts .go {
    margin-left: auto;
  }
  .acts .go button {
    min-width: 240px;
  }
  @media (max-width: 62em) {
    grid-template-columns: minmax(0, 1fr);
    > section {
      position: static;
      height: auto;
    }
    > aside {
      border-left: 0;
      border-top: 1px solid var(--line);
    }
  }
  @media (max-width: 47.5em) {
    > section {
      padding: 12px 16px 120px;
    }
    .main h1 {
      font-size: 2.375rem;
    }
    .main h1 span {
      display: block;
      margin: 4px 0 0;
      font-size: 1.125rem;
    }
    .say {
      grid-template-columns: minmax(0, 1fr);
      gap: 14px;
    }
    .acts {
      position: fixed;
      left: 0;
      right: 0;
      bottom: 0;
      background: var(--paper);
      border-top: 1px solid var(--line);
      padding: 10px 12px calc(10px + env(safe-area-inset-bottom));
      z-index: 4;
      gap: 8px;
    }
    .acts button {
      min-height: 52px;
      padding: 0 12px;
      font-size: 0.9375rem;
    }
    .acts .go {
      order: -1;
      width: 100%;
    }
    .acts .go button {
      width: 100%;
    }
    .acts kbd {
      display: none;
    }
  }
`;
const Course = styled.ol`
  list-style: none;
  margin: 0;
  padding: 0;
  display: flex;
  gap: 3px;
  li {
    min-width: 0;
    font-size: 0.8125rem;
    color: var(--soft);
  }
  i {
    display: block;
    height: 8px;
    background: var(--line);
    margin-bottom: 4px;
  }
  li[data-is='over'] i {
    background: var(--ink);
  }
  li[data-is='now'] i {
    background: var(--madder);
  }
  span {
    white-space: nowrap;
    overflow: hidden;
    text-overflow: clip;
    display: block;
  }
`;
const two = (n: number) => String(n).padStart(2, '0');
const clockOf = (ms: number) => `${Math.floor(ms / 60_000)}:${two(Math.floor(ms / 1000) % 60)}`;
const short = (stop: Stop): string => {
  switch (stop.kind) {
    case 'pour':
      return placeLetter(stop.place);
    case 'rest':
      return 'pause';
    case 'reveal':
      return '◆';
    default:
      return '';
  }
};
/** Parts of the evening as one line: each wine with its steps, each pause, each reveal. */
function parts(state: HostState) {
  const all: { key: number; label: string; minutes: number; from: number; to: number }[] = [];
  for (const [at, stop] of state.program.entries()) {
    const minutes = state.set[at] ?? stop.minutes;
    const last = all.at(-1);
    if ((stop.kind === 'step' || stop.kind === 'again') && last !== undefined) {
      last.minutes += minutes;
      last.to = at;
    } else if (stop.kind !== 'end') all.push({ key: at, label: short(stop), minutes, from: at, to: at });
  }
  return all;
}

/** What is said of a stop: the card of its first question, and what that is often taken for. */
function cueOf(routine: Routine, stop: Stop): { readonly say: string; readonly unsure: string } {
  switch (stop.kind) {
    case 'step': {
      const step = routine.steps[stop.step];
      const asks = guidedPath(routine, {}).filter((question) => question.step === step);
      const card = asks.flatMap(({ ask }) => cards[ask as ObservableId] ?? []).at(0);
      return card === undefined ? { say: capital(stop.name), unsure: '' } : { say: `${card.do} ${card.feel}`, unsure: card.mistaken };
    }
    case 'gather':
      return { say: 'Let people sit, drink water and join with their phones. Nobody needs to swallow to taste.', unsure: '' };
    case 'pour':
      return { say: `Pour wine ${placeLetter(stop.place)}, the same amount for everybody, a third of the glass at most.`, unsure: '' };
    case 'rest':
      return { say: stop.rest === 'cheese' ? 'A small bite of cheese, then water.' : 'Water and bread. Nothing with coffee or mint.', unsure: '' };
    case 'again':
      return { say: `Taste wine ${placeLetter(stop.place)} once more. What has changed?`, unsure: 'The wine is the same; the mouth is another.' };
    case 'reveal':
      return { say: 'Ask for the last calls, then uncover fact by fact.', unsure: 'A wrong call shows what the wine is like: ask what led there.' };
    case 'end':
      return { say: 'Walk back through the glasses, thank everybody, and see that nobody drives who should not.', unsure: '' };
  }
}

export interface ConsoleProps {
  readonly first: HostState;
  readonly userId: string;
  readonly flightId: string;
  readonly routine: Routine;
  readonly pourMl: number;
  readonly addresses: readonly string[];
}
/** The host's console: what is on, what to say, how far everybody is, and the next thing under the thumb. */
export function Console({ first, userId, flightId, routine, pourMl, addresses }: ConsoleProps) {
  const { timeZone } = useHere();
  const led = useLed(first, userId);
  const { state, act } = led;
  const { program, at } = state;
  const stop = program[at]!;
  const next = program[at + 1];
  const now = useSeconds(!state.over && state.paused === null);
  const pace = now === 0 ? undefined : paceOf(program, { ...state, paused: state.paused }, new Date(now));
  const spent = now === 0 ? 0 : elapsed({ ...state }, new Date(now));
  const paused = state.paused !== null;
  const go = () => (next === undefined ? undefined : void act('move', { to: at + 1 }));
  useKey((key, event) => {
    if (led.busy || !led.leads || state.over) return;
    if (key === ' ' && !(event.target as HTMLElement).closest('button, a')) {
      event.preventDefault();
      go();
    } else if (key === 'ArrowLeft') void act('move', { to: Math.max(0, at - 1) });
    else if (key === 'p') void act('pause', { paused: !paused });
    else if (key === 'm') void act('grant', { minutes: 1 });
    else if (key === 's') void act('move', { to: afterThisWine(program, at) });
  });
  const clock = (instant: Date) => clockIn(instant, timeZone);
  const poured = state.glasses.filter((entry) => !entry.rejected).length;
  const alcohol =
    poured === 0
      ? undefined
      : alcoholAHead(
          Array.from({ length: poured }, () => ({ ml: pourMl, abv: state.abv })),
          undefined,
        );
  const cue = cueOf(routine, stop);
  const glass = 'place' in stop ? state.glasses.find((entry) => entry.place === stop.place && !entry.rejected) : undefined;
  const wine = state.identities.find((entry) => entry.glassId === glass?.id)?.wine;
  const advice = pace === undefined ? '' : paceInWords(program, pace, clock);
  return (
    <Frame keys={{ space: 'go on', '←': 'back', p: 'pause the room', m: 'a minute more', s: 'skip the rest of this wine' }}>
      <Lay>
        <section aria-label="The evening">
          <div className="line">
            <span>
              {state.name} · {'place' in stop ? `wine ${stop.place + 1} of ${state.wines}` : `${state.wines} wines`} · {blindKinds[state.blind]}
            </span>
            <FlightTabs id={flightId} />
          </div>
          <div className="main">
            <h1>
              {'place' in stop ? `Wine ${placeLetter(stop.place)}` : capital(stopInWords(stop))}
              <span>{'place' in stop ? (stop.kind === 'step' ? capital(stop.name) : stop.kind === 'pour' ? 'Pour it' : 'Once more') : ''}</span>
            </h1>
            <div className="time" role="timer" aria-label="Time at this step">
              {clockOf(spent)}
              <small>of about {givenInWords(state.minutes)}</small>
            </div>
          </div>
          {wine != null && (
            <p className="soft">
              In the glass: {wine.name}
              {wine.producer === '' ? '' : `, ${wine.producer}`}. Shown to hosts alone.
            </p>
          )}
          <div className="line" style={{ margin: '4px 0 8px' }}>
            <span className={pace !== undefined && pace.behind > 1.5 ? 'late' : ''}>
              {pace === undefined
                ? 'The plan begins with the first pour.'
                : `started ${clock(new Date(state.started!))} · now ${clock(new Date(now))} · ${behindInWords(pace.behind)}`}
            </span>
            <span>{paused ? 'The room is paused' : ''}</span>
          </div>
          <Course aria-label="The course of the evening">
            {parts(state).map((part) => (
              <li key={part.key} style={{ flex: part.minutes }} data-is={at > part.to ? 'over' : at >= part.from ? 'now' : 'later'}>
                <i />
                <span>{part.label}</span>
              </li>
            ))}
          </Course>
          {advice !== '' && (
            <p className="soft" style={{ marginTop: 6 }}>
              {advice}{' '}
              {led.leads && pace !== undefined && pace.shorten.length > 0 && (
                <Button size="small" onPress={() => void act('grant', { stop: pace.shorten[0]!.at, minutes: pace.shorten[0]!.to })}>
                  Do that
                </Button>
              )}
            </p>
          )}
          <div className="say">
            <div>
              <small>Say</small>
              <p>{cue.say}</p>
            </div>
            {cue.unsure !== '' && (
              <div>
                <small>If they are unsure</small>
                <p>{cue.unsure}</p>
              </div>
            )}
          </div>
          <Places led={led} />
          {stop.kind === 'end' && !state.over && <StillOpen led={led} />}
          {led.trouble !== '' && <Trouble role="alert">{led.trouble}</Trouble>}
          {!led.leads && (
            <p>
              {state.wheel?.name} leads just now. <Button onPress={() => void led.takeWheel()}>Take over</Button>
            </p>
          )}
          {state.over ? (
            <p>This evening is closed.</p>
          ) : (
            <div className="acts">
              <Button keys="ArrowLeft" disabled={!led.leads || at === 0} onPress={() => void act('move', { to: at - 1 })}>
                Back <Key>←</Key>
              </Button>
              <Button keys="p" disabled={!led.leads} onPress={() => void act('pause', { paused: !paused })}>
                {paused ? 'Go on' : 'Pause the room'} <Key>p</Key>
              </Button>
              <Button keys="m" disabled={!led.leads} onPress={() => void act('grant', { minutes: 1 })}>
                A minute more <Key>m</Key>
              </Button>
              <span className="go">
                {stop.kind === 'end' ? (
                  <Button tone="strong" disabled={!led.leads} onPress={() => void act('close', {})}>
                    Close the evening
                  </Button>
                ) : (
                  <Button tone="strong" keys="space" disabled={!led.leads} onPress={go}>
                    {next === undefined ? '' : onTo(stop, next)} <Key>space</Key>
                  </Button>
                )}
              </span>
            </div>
          )}
        </section>
        <aside aria-label="Beside the evening">
          {stop.kind === 'reveal' && (
            <div>
              <h2>Uncover</h2>
              <Link href={`/flights/${flightId}/unmask`}>To the unmasking, fact by fact</Link>
            </div>
          )}
          <Warnings led={led} />
          <Doubts led={led} />
          <div>
            <h2>Next</h2>
            <dl>
              {program.slice(at + 1, at + 4).map((entry, i) => (
                <div key={`${at}-${i}`}>
                  <dt>{capital(stopInWords(entry))}</dt>
                  <dd>{entry.minutes > 0 ? `${Math.round((state.set[at + 1 + i] ?? entry.minutes) * 10) / 10} min` : ''}</dd>
                </div>
              ))}
            </dl>
          </div>
          {glass !== undefined && <AboutWine id={state.id} glassId={glass.id} />}
          <AskTable led={led} />
          <Parked led={led} />
          <JoinHere state={state} addresses={addresses} open={stop.kind === 'gather'} />
          <div>
            <h2>Other screens</h2>
            <p style={{ display: 'flex', gap: 16, paddingTop: 8 }}>
              <a href={`/flights/${flightId}/wall`} target="_blank" rel="noreferrer">
                For the room
              </a>
              <a href={`/flights/${flightId}/pouring`}>For who pours</a>
            </p>
          </div>
          <p className="soft">
            So far {pourMl * poured} mL a head,{' '}
            {alcohol === undefined ? 'no alcohol' : `${spanInWords(alcohol.swallowed)} g of alcohol if swallowed, ${spanInWords(alcohol.spat)} g if spat`}. Who
            swallows should not drive; local law decides.
          </p>
        </aside>
      </Lay>
    </Frame>
  );
}
/** What is still open when an evening is closed: nothing of it is lost, and each is said once. */
function StillOpen({ led }: { led: Led }) {
  const { state, people } = led;
  const there = people.people.filter((person) => !person.left && !person.simulated);
  const away = there.filter((person) => !person.here && person.hereAt !== null).length;
  const covered = state.blind === 'open' ? [] : state.glasses.filter((glass) => !glass.rejected && !glass.revealed).map((glass) => placeLetter(glass.place));
  const lines = [
    covered.length === 0 ? '' : `Wine ${listed(covered)} ${covered.length === 1 ? 'is' : 'are'} still covered: after the close nothing can be uncovered.`,
    away === 0 ? '' : `${counted(away, 'phone')} ${away === 1 ? 'is' : 'are'} offline: what they still hold goes up when they are back, after the close too.`,
    people.doubts.length === 0 ? '' : `Wine ${listed(people.doubts.map((doubt) => placeLetter(doubt.place)))} was doubted and stands.`,
  ].filter((line) => line !== '');
  return (
    <div>
      <p>
        {counted(there.length, 'guest')} came. {lines.length === 0 ? 'Nothing is left open.' : ''}
      </p>
      {lines.map((line) => (
        <p key={line} className="soft">
          {line}
        </p>
      ))}
    </div>
  );
}
function onTo(stop: Stop, next: Stop): string {
  switch (next.kind) {
    case 'pour':
      return stop.kind === 'gather' ? `Begin: pour wine ${placeLetter(next.place)}` : `Pour wine ${placeLetter(next.place)}`;
    case 'step':
      return stop.kind === 'pour' ? `Poured: on to ${next.name}` : `On to ${next.name}`;
    case 'rest':
      return `On to ${restKinds[next.rest].label}`;
    case 'again':
      return `Wine ${placeLetter(next.place)} once more`;
    case 'reveal':
      return 'On to the unmasking';
    default:
      return 'To the end';
  }
}
