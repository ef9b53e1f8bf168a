import { chanceAt, oddsOf } from '../statistics/odds';
import type { Told } from '../wine/reason';
import { reasonsOf, rule } from '../wine/rule';

/** Something that can be seen, smelt, tasted or asked about a doubtful glass. */
/** How a cue of a fault is found, in the order a taster comes to it. */
export const senses = { eye: 'by the eye', nose: 'by the nose', mouth: 'in the mouth', trial: 'by trying', bottle: 'at the bottle' } as const;
export type Sense = keyof typeof senses;
export interface FaultCue {
  readonly id: string;
  readonly sense: Sense;
  /** As a question. */
  readonly ask: string;
  /** As it stands in a reason. */
  readonly says: string;
}
export interface Fault {
  readonly id: string;
  readonly name: string;
  /** Bits the cue adds when it is there, and takes off when it was looked for and is not. */
  readonly cues: Readonly<Record<string, readonly [present: number, absent: number]>>;
  /** Cues that alone prove nothing: they count only when another cue of this fault is there. */
  readonly onlyWith?: readonly string[];
  /** Chance in a hundred bottles before anything is smelt, by closure; `other` for every other closure. */
  readonly prior: Readonly<Record<string, number>> & { readonly other: number };
  readonly now: readonly FaultAct[];
  readonly tellTable: boolean;
  /** Comes of light through the glass. */
  readonly byLight?: boolean;
  readonly facts: readonly { readonly says: string; readonly source: string }[];
}
export interface FaultAct {
  readonly says: string;
  /** A timer, seconds. */
  readonly wait?: number;
  /** Only when it is all but sure. */
  readonly last?: boolean;
}
/** What a wine is, as far as it is known; an undefined fact is not known. Triage of a hidden glass has none of it. */
export interface FaultContext {
  readonly colour?: 'white' | 'rose' | 'amber' | 'red' | undefined;
  readonly sparkling?: boolean | undefined;
  readonly filtered?: boolean | undefined;
  readonly closure?: string | undefined;
  readonly age?: number | undefined;
  readonly oxidative?: boolean | undefined;
  readonly heated?: boolean | undefined;
  readonly natural?: boolean | undefined;
  readonly riesling?: boolean | undefined;
  readonly clearGlass?: boolean | undefined;
  /** What the taster says of its health. */
  readonly said?: 'sound' | 'trace' | 'doubtful' | 'faulty' | undefined;
}
/** What looks like a fault and is not. */
export interface FalseAlarm {
  readonly id: string;
  /** What it looks like, and what it really is. */
  readonly looks: string;
  readonly really: string;
  /** Cues that bring it to mind; any of them. */
  readonly cues: readonly string[];
  /** Cues that confirm it; undefined when the context alone does. */
  readonly confirmed?: readonly string[];
  /** Whether the wine is of the kind for which it holds; undefined when that is not known. */
  readonly holds: (context: FaultContext) => boolean | undefined;
  /** Cues that speak against it: with one of them it does not hold. */
  readonly unless?: readonly string[];
  /** Bits taken off each of these faults when it holds. */
  readonly lowers: Readonly<Record<string, number>>;
  readonly source: string;
}

export type Seen = Readonly<Record<string, boolean>>;
export type FaultReasonId = (typeof faultRules)[number]['id'];
export interface FaultChance {
  readonly fault: Fault;
  /** 0–1. */
  readonly chance: number;
  /** Pushes in bits; the prior and all pushes add up to the log-odds. */
  readonly reasons: readonly Told<FaultReasonId>[];
}
export interface Triage {
  readonly faults: readonly FaultChance[];
  readonly alarms: readonly { readonly alarm: FalseAlarm; readonly sure: boolean }[];
  /** The cue not yet looked for that would settle most; undefined when none would move anything. */
  readonly next: FaultCue | undefined;
  readonly verdict: 'nothing wrong so far' | 'doubtful' | 'probably faulty';
  /** What the verdict leaves open, in a sentence; empty when it says all. */
  readonly remark: string;
}

/** One thing that bears on a fault. */
type Evidence =
  | { readonly of: 'bottle'; readonly percent: number; readonly closure: string }
  /** A cue that was looked for: `alone` when it is one that proves nothing without another. */
  | { readonly of: 'cue'; readonly says: string; readonly there: boolean; readonly alone: boolean; readonly bits: readonly [present: number, absent: number] }
  | { readonly of: 'alarm'; readonly really: string; readonly bits: number }
  | { readonly of: 'glass'; readonly bits: number }
  | { readonly of: 'trace'; readonly bits: number };

/** What pushes the chance of a fault up or down, in bits of log-odds. */
export const faultRules = [
  rule({
    id: 'prior',
    title: 'How often it happens',
    unit: 'bits',
    source: 'common practice',
    when: (evidence: Evidence) => (evidence.of === 'bottle' ? { percent: evidence.percent, closure: evidence.closure } : undefined),
    push: ({ percent }) => oddsOf(Math.min(0.5, percent / 100)),
    says: ({ percent, closure }) => `about ${percent} in a hundred bottles${closure === '' ? '' : ` under ${closure}`} have it`,
  }),
  rule({
    id: 'cue',
    title: 'It is there',
    unit: 'bits',
    source: 'common practice',
    when: (evidence: Evidence) => (evidence.of === 'cue' && evidence.there && !evidence.alone ? { cue: evidence.says, bits: evidence.bits[0] } : undefined),
    push: ({ bits }) => bits,
    says: ({ cue }) => cue,
  }),
  rule({
    id: 'missing',
    title: 'Looked for and not there',
    unit: 'bits',
    source: 'common practice',
    when: (evidence: Evidence) => (evidence.of === 'cue' && !evidence.there ? { cue: evidence.says, bits: evidence.bits[1] } : undefined),
    push: ({ bits }) => -bits,
    says: ({ cue }) => `looked for and not there: ${cue}`,
  }),
  rule({
    id: 'alarm',
    title: 'It is something else',
    unit: 'bits',
    source: 'common practice',
    when: (evidence: Evidence) => (evidence.of === 'alarm' ? { really: evidence.really, bits: evidence.bits } : undefined),
    push: ({ bits }) => -bits,
    says: ({ really }) => really,
  }),
  rule({
    id: 'glass',
    title: 'The glass lets light in',
    unit: 'bits',
    source: 'common practice',
    when: (evidence: Evidence) => (evidence.of === 'glass' ? { bits: evidence.bits } : undefined),
    push: ({ bits }) => bits,
    says: () => 'a bottle of clear glass',
  }),
  rule({
    id: 'trace',
    title: 'Only a trace',
    unit: 'bits',
    source: 'common practice',
    when: (evidence: Evidence) => (evidence.of === 'trace' ? { bits: evidence.bits } : undefined),
    push: ({ bits }) => -bits,
    says: () => 'you call it a trace: nothing is sure of that',
  }),
  rule({
    id: 'alone',
    title: 'Alone it proves nothing',
    unit: 'bits',
    source: 'common practice',
    when: (evidence: Evidence) => (evidence.of === 'cue' && evidence.there && evidence.alone ? { cue: evidence.says } : undefined),
    push: () => 0,
    says: ({ cue }) => `${cue}: alone it proves nothing`,
  }),
];

/** How bottles are closed, in a hundred, where nobody knows how this one is (common practice). */
const closures = { cork: 50, screw: 33, technical: 12, mushroom: 5 } as const;
const mixed = (prior: Fault['prior']): number =>
  Math.round(Object.entries(closures).reduce((sum, [closure, share]) => sum + (share / 100) * (prior[closure] ?? prior.other), 0) * 100) / 100;

/** What clear glass adds to the chance of light strike, bits. */
const clearGlassBits = 2.3;
/** Log-odds a fault of a mere trace does not pass: 3 in 4. */
const ofATrace = 1.6;

function chanceOf(fault: Fault, seen: Seen, context: FaultContext, alarms: readonly FalseAlarm[], cueSays: (id: string) => string): FaultChance {
  const percent = context.closure === undefined ? mixed(fault.prior) : (fault.prior[context.closure] ?? fault.prior.other);
  const strong = Object.keys(fault.cues).some((cue) => seen[cue] === true && fault.onlyWith?.includes(cue) !== true && fault.cues[cue]![0] > 0);
  const cues = Object.entries(fault.cues).flatMap(([cue, bits]): Evidence[] => {
    const there = seen[cue];
    return there === undefined ? [] : [{ of: 'cue', says: cueSays(cue), there, alone: fault.onlyWith?.includes(cue) === true && !strong, bits }];
  });
  const reasons = [
    ...[{ of: 'bottle' as const, percent, closure: context.closure ?? '' }, ...cues].flatMap((evidence) => reasonsOf(faultRules, evidence)),
    ...alarms.flatMap((alarm) => {
      const bits = alarm.lowers[fault.id];
      if (bits === undefined) return [];
      return reasonsOf(faultRules, { of: 'alarm', really: alarm.really, bits }).map((reason) => ({ ...reason, source: alarm.source }));
    }),
  ];
  if (fault.byLight === true && context.clearGlass === true) reasons.push(...reasonsOf(faultRules, { of: 'glass', bits: clearGlassBits }));
  // Of a trace nothing is said to be all but sure.
  const over = reasons.reduce((sum, reason) => sum + reason.push, 0) - ofATrace;
  if (context.said === 'trace' && over > 0) reasons.push(...reasonsOf(faultRules, { of: 'trace', bits: over }));
  return { fault, chance: chanceAt(reasons.reduce((sum, reason) => sum + reason.push, 0)), reasons };
}

/** The false alarms that fit: brought to mind by a cue that was seen, of a wine for which they hold. Sure when the context or a confirming cue says so. */
function fitting(alarms: readonly FalseAlarm[], seen: Seen, context: FaultContext): readonly { readonly alarm: FalseAlarm; readonly sure: boolean }[] {
  return alarms.flatMap((alarm) => {
    if (!alarm.cues.some((cue) => seen[cue] === true)) return [];
    const holds = alarm.holds(context);
    if (holds === false || alarm.confirmed?.some((cue) => seen[cue] === false) === true || alarm.unless?.some((cue) => seen[cue] === true) === true) return [];
    const confirmed = alarm.confirmed?.some((cue) => seen[cue] === true) === true;
    return [{ alarm, sure: alarm.confirmed === undefined ? holds === true : confirmed }];
  });
}

/**
 * What may be wrong with a glass: each fault's log-odds from its prior by closure, the cues seen and missed, and the false alarms that hold. Faults are
 * weighed one by one: a bottle can have two.
 * @param seen cues looked for: there or not; a cue that is not named was not looked for
 */
export function triage(seen: Seen, context: FaultContext, faults: readonly Fault[], alarms: readonly FalseAlarm[], cues: readonly FaultCue[]): Triage {
  const says = new Map(cues.map((cue) => [cue.id, cue.says]));
  const fits = fitting(alarms, seen, context);
  const sure = fits.filter((entry) => entry.sure).map((entry) => entry.alarm);
  const weigh = (some: Seen) => {
    const now = fitting(alarms, some, context)
      .filter((entry) => entry.sure)
      .map((entry) => entry.alarm);
    return faults.map((fault) => chanceOf(fault, some, context, now, (cue) => says.get(cue) ?? cue));
  };
  const chances = faults
    .map((fault) => chanceOf(fault, seen, context, sure, (cue) => says.get(cue) ?? cue))
    .sort((a, b) => b.chance - a.chance || (a.fault.id < b.fault.id ? -1 : 1));
  const top = chances[0]?.chance ?? 0;
  // The next question is the one after which, on average, the likeliest fault stands farthest from where it stands now.
  let next: FaultCue | undefined;
  if (Object.values(seen).some(Boolean)) {
    let best = 0.004;
    for (const cue of cues) {
      if (seen[cue.id] !== undefined) continue;
      const likely = chances.slice(0, 6).filter((entry) => entry.fault.cues[cue.id] !== undefined);
      if (likely.length === 0) continue;
      const chance = likely.reduce((product, entry) => product * (1 - entry.chance), 1);
      const there = 1 - chance;
      const moved = (some: Seen) =>
        weigh(some).reduce((sum, entry) => sum + Math.abs(entry.chance - chances.find((old) => old.fault === entry.fault)!.chance), 0);
      const gain = there * moved({ ...seen, [cue.id]: true }) + (1 - there) * moved({ ...seen, [cue.id]: false });
      if (gain > best) [best, next] = [gain, cue];
    }
  }
  // What the taster calls a trace is not called a fault; what they call faulty or doubtful is not called sound.
  const found = top >= probably && context.said !== 'trace' ? 'probably faulty' : top >= shown ? 'doubtful' : 'nothing wrong so far';
  const doubted = context.said === 'faulty' || context.said === 'doubtful';
  const verdict = found === 'nothing wrong so far' && doubted ? 'doubtful' : found;
  const remark = found === 'nothing wrong so far' && doubted ? `You call it ${context.said}: nothing known here fits well so far.` : '';
  return { faults: chances, alarms: fits, next, verdict, remark };
}

/** Chances from which a fault is named, and called probable. */
const [shown, probably] = [0.15, 0.6];

/** A chance in words. */
export const chanceWord = (chance: number): string => (chance >= 0.8 ? 'very likely' : chance >= 0.5 ? 'likely' : chance >= 0.15 ? 'possible' : 'less likely');
