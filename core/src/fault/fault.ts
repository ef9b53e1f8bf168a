import type { Reason, Wording } from '../wine/reason';

/** Something that can be seen, smelt, tasted or asked about a doubtful glass. */
export interface FaultCue {
  readonly id: string;
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
  /** Bits taken off each of these faults when it holds. */
  readonly lowers: Readonly<Record<string, number>>;
  readonly source: string;
}

export type Seen = Readonly<Record<string, boolean>>;
export type FaultReasonId = 'prior' | 'cue' | 'missing' | 'alarm' | 'alone';
export interface FaultChance {
  readonly fault: Fault;
  /** 0–1. */
  readonly chance: number;
  /** Pushes in bits; the prior and all pushes add up to the log-odds. */
  readonly reasons: readonly Reason<FaultReasonId>[];
}
export interface Triage {
  readonly faults: readonly FaultChance[];
  readonly alarms: readonly { readonly alarm: FalseAlarm; readonly sure: boolean }[];
  /** The cue not yet looked for that would settle most; undefined when none would move anything. */
  readonly next: FaultCue | undefined;
  readonly verdict: 'nothing wrong so far' | 'doubtful' | 'probably faulty';
}

const sigmoid2 = (bits: number) => 1 / (1 + 2 ** -bits);
const logit2 = (chance: number) => Math.log2(chance / (1 - chance));

function chanceOf(fault: Fault, seen: Seen, context: FaultContext, alarms: readonly FalseAlarm[], cueSays: (id: string) => string): FaultChance {
  const percent = (context.closure === undefined ? undefined : fault.prior[context.closure]) ?? fault.prior.other;
  const reasons: Reason<FaultReasonId>[] = [
    { id: 'prior', push: logit2(Math.min(0.5, percent / 100)), unit: 'none', args: { percent, closure: context.closure ?? '' }, source: 'common practice' },
  ];
  const strong = Object.keys(fault.cues).some((cue) => seen[cue] === true && fault.onlyWith?.includes(cue) !== true && fault.cues[cue]![0] > 0);
  for (const [cue, [present, absent]] of Object.entries(fault.cues)) {
    if (seen[cue] === undefined) continue;
    const alone = seen[cue] && fault.onlyWith?.includes(cue) === true && !strong;
    reasons.push({
      id: alone ? 'alone' : seen[cue] ? 'cue' : 'missing',
      push: alone ? 0 : seen[cue] ? present : -absent,
      unit: 'none',
      args: { cue: cueSays(cue) },
    });
  }
  for (const alarm of alarms) {
    const lowered = alarm.lowers[fault.id];
    if (lowered !== undefined) reasons.push({ id: 'alarm', push: -lowered, unit: 'none', args: { really: alarm.really }, source: alarm.source });
  }
  return { fault, chance: sigmoid2(reasons.reduce((sum, reason) => sum + reason.push, 0)), reasons };
}

/** The false alarms that fit: brought to mind by a cue that was seen, of a wine for which they hold. Sure when the context or a confirming cue says so. */
function fitting(alarms: readonly FalseAlarm[], seen: Seen, context: FaultContext): readonly { readonly alarm: FalseAlarm; readonly sure: boolean }[] {
  return alarms.flatMap((alarm) => {
    if (!alarm.cues.some((cue) => seen[cue] === true)) return [];
    const holds = alarm.holds(context);
    if (holds === false || alarm.confirmed?.some((cue) => seen[cue] === false) === true) return [];
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
  return { faults: chances, alarms: fits, next, verdict: top >= 0.6 ? 'probably faulty' : top >= 0.15 ? 'doubtful' : 'nothing wrong so far' };
}

export const faultWording: Wording<FaultReasonId> = {
  prior: ({ percent, closure }) => `about ${percent} in a hundred bottles${closure === '' ? '' : ` under ${closure}`} have it`,
  cue: ({ cue }) => String(cue),
  missing: ({ cue }) => `looked for and not there: ${cue}`,
  alarm: ({ really }) => String(really),
  alone: ({ cue }) => `${cue}: alone it proves nothing`,
};

/** A chance in words. */
export const chanceWord = (chance: number): string => (chance >= 0.8 ? 'very likely' : chance >= 0.5 ? 'likely' : chance >= 0.15 ? 'possible' : 'less likely');
