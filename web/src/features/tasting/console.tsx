'use client';
import Link from 'next/link';
import { alcoholAHead, spanInWords } from '@rose/core/alcohol/alcohol';
import { restKinds } from '@rose/core/order/order-wine';
import { givesAway } from '@rose/core/tasting/gives-away';
import { behindInWords, elapsed, givenInWords, isLate, minutesAt, paceInWords, paceOf } from '@rose/core/tasting/run';
import { afterThisWine, placeInWords, reached, stopInWords, type Stop } from '@rose/core/tasting/program';
import { blindKinds } from '@rose/core/flight/flight';
import { asClock } from '@rose/core/wine/clock';
import { clockIn } from '@rose/core/wine/day';
import { capital } from '@rose/core/wine/plural';
import { cueOf } from '@rose/knowledge/cues/index';
import { Button, Key } from '@/ui/button';
import { Frame } from '@/ui/frame';
import { useHere } from '@/ui/here';
import { useKey } from '@/ui/keys';
import { useSeconds } from '@/ui/live/use-live';
import { Trouble } from '@/ui/field';
import { FlightTabs } from '../shared-flight/flight-tabs';
import { useLed, type HostState } from '../shared-flight/use-led';
import { AboutWine, useTalk } from './about-wine';
import { AskTable } from './ask-table';
import { Clue, CluesOfPanel } from './clue';
import { Lay } from './console-layout';
import { Course } from './course';
import { Doubts, PutAside, Warnings } from './doubts';
import { GoOnAlone } from './go-on-alone';
import { JoinHere } from './join-here';
import { Parked } from './parked';
import { Places } from './places';
import { RoomCheck } from './room-check';
import { StillOpen } from './still-open';
import { useOpened } from './opened';

export interface ConsoleProps {
  readonly first: HostState;
  readonly userId: string;
  readonly flightId: string;
  readonly addresses: readonly string[];
}
/** The host's console: what is on, what to say, how far everybody is, and the next thing under the thumb. */
export function Console({ first, userId, flightId, addresses }: ConsoleProps) {
  const { timeZone } = useHere();
  const led = useLed(first, userId);
  const { state, act } = led;
  const opened = useOpened(state);
  const { program, at } = state;
  const stop = program[at]!;
  const next = program[at + 1];
  const now = useSeconds(!state.over && state.paused === null);
  const pace = now === 0 ? undefined : paceOf(program, state, new Date(now));
  const spent = now === 0 ? 0 : elapsed(state, new Date(now));
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
  const poured = reached(program, state.far) + 1;
  const alcohol =
    poured === 0
      ? undefined
      : alcoholAHead(
          Array.from({ length: poured }, () => ({ ml: state.pourMl, abv: state.abv })),
          undefined,
        );
  const cue = cueOf(state.routine, stop, state.panel);
  // In a panel every seat has another wine at a place.
  const glass = 'place' in stop && !state.panel ? state.glasses.find((entry) => entry.place === stop.place && !entry.rejected) : undefined;
  const talk = useTalk(state.id, glass?.id);
  const covered = state.blind !== 'open' && glass?.revealed === false;
  const known = glass?.facts.map((entry) => entry.fact) ?? [];
  const wine = state.identities.find((entry) => entry.glassId === glass?.id)?.wine;
  const advice = pace === undefined ? '' : paceInWords(program, pace, clock);
  return (
    <Frame keys={{ space: 'go on', '←': 'back', p: 'pause the room', m: 'a minute more', s: 'skip the rest of this wine' }}>
      <Lay>
        <section aria-label="The evening">
          <div className="line">
            <span>
              {state.name} ·{' '}
              {'place' in stop
                ? `${state.panel ? 'glass' : 'wine'} ${stop.place + 1} of ${state.wines}`
                : `${state.wines} ${state.panel ? 'glasses a seat' : 'wines'}`}{' '}
              · {state.panel ? 'a panel: an order of its own for each seat' : blindKinds[state.blind]}
            </span>
            <FlightTabs id={flightId} />
          </div>
          <div className="main">
            <h1>
              {'place' in stop ? capital(placeInWords(stop.place, state.panel)) : capital(stopInWords(stop))}
              <span>{'place' in stop ? (stop.kind === 'step' ? capital(stop.name) : stop.kind === 'pour' ? 'Pour it' : 'Once more') : ''}</span>
            </h1>
            <div className="time" role="timer" aria-label="Time at this step">
              {asClock(spent / 1000)}
              {state.minutes > 0 && <small>of about {givenInWords(state.minutes)}</small>}
            </div>
          </div>
          {wine != null && (
            <p className="soft">
              In the glass: {wine.name}
              {wine.producer === '' ? '' : `, ${wine.producer}`}. Shown to hosts alone.
            </p>
          )}
          <div className="line" style={{ margin: '4px 0 8px' }}>
            <span className={pace !== undefined && isLate(pace) ? 'late' : ''}>
              {pace === undefined
                ? 'The plan begins with the first pour.'
                : `started ${clock(new Date(state.started!))} · now ${clock(new Date(now))} · ${behindInWords(pace.behind)}`}
            </span>
            <span>{paused ? 'The room is paused' : ''}</span>
          </div>
          <Course state={state} />
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
          {stop.kind === 'end' && !state.over && <StillOpen led={led} opened={opened} />}
          {led.trouble !== '' && <Trouble role="alert">{led.trouble}</Trouble>}
          {!led.leads && (
            <p>
              {state.wheel?.name} leads just now. <Button onPress={() => void led.takeWheel()}>Take over</Button>
            </p>
          )}
          {state.over ? (
            <p>
              This evening is closed. <Link href={`/flights/${flightId}/after?evening=${state.id}`}>Look back on it</Link>
            </p>
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
                  <Button tone="strong" disabled={!led.leads} onPress={() => void act('close', { opened: opened.counts() })}>
                    Close the evening
                  </Button>
                ) : (
                  <Button tone="strong" keys="space" disabled={!led.leads} onPress={go}>
                    {next === undefined ? '' : onTo(stop, next, state.panel)} <Key>space</Key>
                  </Button>
                )}
              </span>
            </div>
          )}
        </section>
        <aside aria-label="Beside the evening">
          {stop.kind === 'end' && (
            <div>
              <h2>The last word</h2>
              <Link href={`/flights/${flightId}/after?evening=${state.id}`}>Walk back through the flight</Link>
            </div>
          )}
          {stop.kind === 'reveal' && (
            <div>
              <h2>Uncover</h2>
              <Link href={`/flights/${flightId}/unmask`}>To the unmasking, fact by fact</Link>
            </div>
          )}
          <Warnings led={led} />
          {(stop.kind === 'gather' || state.room?.light === false || state.room?.air === false) && <RoomCheck led={led} />}
          <Doubts led={led} />
          <PutAside led={led} />
          <div>
            <h2>Next</h2>
            <dl>
              {program.slice(at + 1, at + 4).map((entry, i) => (
                <div key={`${at}-${i}`}>
                  <dt>{capital(stopInWords(entry, state.panel))}</dt>
                  <dd>{entry.minutes > 0 ? givenInWords(minutesAt(program, state, at + 1 + i)) : ''}</dd>
                </div>
              ))}
            </dl>
          </div>
          <AboutWine talk={talk} covered={covered} known={known} />
          {glass !== undefined && state.blind !== 'open' && !glass.revealed && (
            <div>
              <h2>Given away?</h2>
              <Clue led={led} glassId={glass.id} />
            </div>
          )}
          {state.panel && <CluesOfPanel led={led} />}
          <AskTable led={led} away={(text) => (covered && talk !== undefined ? givesAway(text, talk.tells, known) : undefined)} />
          <Parked led={led} />
          <GoOnAlone led={led} />
          <JoinHere state={state} addresses={addresses} open={stop.kind === 'gather'} />
          <div>
            <h2>Other screens</h2>
            <p style={{ display: 'flex', gap: 16, paddingTop: 8 }}>
              <a href={`/flights/${flightId}/wall`} target="_blank" rel="noreferrer">
                For the room
              </a>
              <a href={`/flights/${flightId}/pouring`}>For who pours</a>
              <Link href={`/flights/${flightId}/paper?evening=${state.id}`}>From paper</Link>
            </p>
          </div>
          <p className="soft">
            So far {state.pourMl * poured} mL a head,{' '}
            {alcohol === undefined ? 'no alcohol' : `${spanInWords(alcohol.swallowed)} g of alcohol if swallowed, ${spanInWords(alcohol.spat)} g if spat`}. Who
            swallows should not drive; local law decides.
          </p>
        </aside>
      </Lay>
    </Frame>
  );
}
function onTo(stop: Stop, next: Stop, panel: boolean): string {
  switch (next.kind) {
    case 'pour':
      return stop.kind === 'gather' ? `Begin: ${stopInWords(next, panel)}` : capital(stopInWords(next, panel));
    case 'step':
      return stop.kind === 'pour' ? `Poured: on to ${next.name}` : `On to ${next.name}`;
    case 'rest':
      return `On to ${restKinds[next.rest].label}`;
    case 'again':
      return `${capital(placeInWords(next.place, panel))} once more`;
    case 'reveal':
      return 'On to the unmasking';
    default:
      return 'To the end';
  }
}
