import { restKinds } from '../order/order-wine';
import { reached, stopInWords, type Program } from './program';

/** How far an evening has come: the stop it is at, since when, and what was added to it. Instants are ISO texts of the server's clock; nothing is decided by them, they are shown. */
export interface Run {
  readonly at: number;
  /** The furthest stop it has been at: what was poured stays poured when the host goes back. */
  readonly far: number;
  readonly since: string;
  /** When the first wine was poured. */
  readonly started: string | null;
  /** Since when the room pauses. */
  readonly paused: string | null;
  /** Milliseconds the present stop has rested in pauses that are over. */
  readonly rested: number;
  /** Minutes granted to the present stop besides its own. */
  readonly more: number;
  /** Minutes the host gave a stop instead of the planned ones, by its place in the program. */
  readonly set: Readonly<Record<string, number>>;
  /** The last place guests may go on to by themselves, before it is poured for all; absent: none. */
  readonly letTo?: number;
  /** What the host found of the room; absent until they looked. */
  readonly room?: RoomFound;
}
/** A room as it was found before the first pour, or later: good light at every place, and nothing that smells. */
export interface RoomFound {
  readonly light: boolean;
  readonly air: boolean;
}
export const begun = (now: Date): Run => ({ at: 0, far: 0, since: now.toISOString(), started: null, paused: null, rested: 0, more: 0, set: {} });

/** The evening at another stop, never beyond its ends. Whoever goes on is not paused any more. */
export function goTo(run: Run, program: Program, to: number, now: Date): Run {
  const at = Math.min(program.length - 1, Math.max(0, Math.round(to)));
  const started = run.started ?? (at > 0 ? now.toISOString() : null);
  return { ...run, at, far: Math.max(run.far, at), since: now.toISOString(), started, paused: null, rested: 0, more: 0 };
}
export const pause = (run: Run, now: Date): Run => (run.paused === null ? { ...run, paused: now.toISOString() } : run);
export const goOn = (run: Run, now: Date): Run =>
  run.paused === null ? run : { ...run, paused: null, rested: run.rested + Math.max(0, now.getTime() - Date.parse(run.paused)) };
export const foundRoom = (run: Run, room: RoomFound): Run => ({ ...run, room });
/** Guests may go on by themselves up to a place; −1 holds them where the table is. */
export const letGoOn = (run: Run, program: Program, to: number): Run => {
  const last = program.reduce((far, stop) => (stop.kind === 'pour' ? Math.max(far, stop.place) : far), -1);
  return { ...run, letTo: Math.max(-1, Math.min(last, Math.round(to))) };
};
/** The last place a guest may taste: what was poured for the table, and what they may go on to by themselves. */
export const inReach = (program: Program, run: Pick<Run, 'far' | 'letTo'>): number => Math.max(reached(program, run.far), run.letTo ?? -1);

/** The most that is added to one stop; more is another plan. Minutes. */
const mostMore = 60;
export const grant = (run: Run, minutes: number): Run => ({ ...run, more: Math.min(mostMore, run.more + minutes) });
export const shorten = (run: Run, stop: number, minutes: number): Run => ({ ...run, set: { ...run.set, [stop]: minutes } });

/** Minutes a stop is given, as planned or as the host set it. */
export const minutesAt = (program: Program, run: Pick<Run, 'set'>, at: number): number => run.set[at] ?? program[at]?.minutes ?? 0;
/** Milliseconds the present stop has taken, its pauses left out. */
export function elapsed(run: Pick<Run, 'since' | 'paused' | 'rested'>, now: Date): number {
  const until = run.paused === null ? now.getTime() : Date.parse(run.paused);
  return Math.max(0, until - Date.parse(run.since) - run.rested);
}

/** A stop that may be made shorter so that the evening ends as planned. */
export interface Shorter {
  readonly at: number;
  readonly from: number;
  readonly to: number;
}
export interface Pace {
  /** Minutes the evening is behind its plan; negative when it is ahead. */
  readonly behind: number;
  /** When it ends if every stop to come takes what it is given. */
  readonly ends: Date;
  readonly planned: Date;
  readonly shorten: readonly Shorter[];
}
/** What of a run its time is reckoned by. */
export type Timed = Pick<Run, 'at' | 'since' | 'started' | 'paused' | 'rested' | 'more' | 'set'>;
/** Minutes of delay nobody needs to be told of. Own choice. */
const unnoticed = 1.5;
/** A rest is never made shorter than this, minutes: long enough for water and bread. Own choice. */
const leastRest = 3;

/**
 * The pace of an evening against its plan. The plan is the program as it was made, counted from the first pour; what is over counts as it was.
 * @returns undefined before the first pour
 */
export function paceOf(program: Program, run: Timed, now: Date): Pace | undefined {
  if (run.started === null) return undefined;
  const start = Date.parse(run.started);
  const whole = program.slice(1).reduce((sum, stop) => sum + stop.minutes, 0);
  const planned = new Date(start + whole * 60_000);
  const left = Math.max(0, minutesAt(program, run, run.at) + run.more - elapsed(run, now) / 60_000);
  const toCome = program.slice(run.at + 1).reduce((sum, _stop, i) => sum + minutesAt(program, run, run.at + 1 + i), 0);
  const ends = new Date(now.getTime() + (left + toCome) * 60_000);
  const behind = (ends.getTime() - planned.getTime()) / 60_000;
  return { behind, ends, planned, shorten: behind > unnoticed ? whatToShorten(program, run, behind) : [] };
}
/** Rests first, the longest first, each to no less than water needs; what no rest can give back is left open. */
function whatToShorten(program: Program, run: Pick<Run, 'at' | 'set'>, behind: number): readonly Shorter[] {
  let over = Math.ceil(behind);
  const rests = program
    .flatMap((stop, at) => (stop.kind === 'rest' && at > run.at ? [{ at, from: minutesAt(program, run, at) }] : []))
    .sort((a, b) => b.from - a.from || a.at - b.at);
  const shorter: Shorter[] = [];
  for (const { at, from } of rests) {
    const gives = Math.min(over, from - leastRest);
    if (gives < 1) continue;
    shorter.push({ at, from, to: from - gives });
    over -= gives;
    if (over <= 0) break;
  }
  return shorter;
}

/** Minutes a stop is given, as people say them: "45 s", "4 min". */
export const givenInWords = (minutes: number): string => (minutes < 1 ? `${Math.round(minutes * 60)} s` : `${Math.round(minutes * 2) / 2} min`);

/** Whether an evening is so far behind that it is said. */
export const isLate = ({ behind }: Pick<Pace, 'behind'>): boolean => behind > unnoticed;

const whole = (minutes: number) => Math.max(1, Math.round(Math.abs(minutes)));
/** "4 min behind", "on time": how far the evening is from its plan. */
export const behindInWords = (behind: number): string =>
  Math.abs(behind) <= unnoticed ? 'on time' : `${whole(behind)} min ${behind > 0 ? 'behind' : 'ahead'}`;
/** What brings the evening back to its plan, in a sentence; empty where nothing needs to. `at` says an instant as the table reads it. */
export function paceInWords(program: Program, pace: Pace, at: (instant: Date) => string): string {
  if (pace.behind <= unnoticed) return '';
  if (pace.shorten.length === 0)
    return `It will end about ${at(pace.ends)}, ${whole(pace.behind)} min later than planned; no rest is left that could be shorter.`;
  const acts = pace.shorten.map((entry) => `${restWord(program, entry.at)} to ${entry.to} min`);
  const won = pace.shorten.reduce((sum, entry) => sum + entry.from - entry.to, 0);
  const ends = won >= pace.behind ? 'you end as planned,' : 'you end';
  return `Shorten ${acts.join(' and ')} and ${ends} about ${at(new Date(Math.max(pace.planned.getTime(), pace.ends.getTime() - won * 60_000)))}.`;
}
function restWord(program: Program, at: number): string {
  const stop = program[at]!;
  return stop.kind === 'rest' ? `the pause (${restKinds[stop.rest].label})` : stopInWords(stop);
}
