import { applies as asked, idsOf, observables, quarters, type KnownGlass, type ObservableId, type Observed, type Quarter } from '../wine/observables';
import { sipTask, sipsOf, type GuidedPart, type GuidedStep, type Routine, type RoutineStep, type SipTask } from './routine';

const parts: Partial<Record<Quarter, readonly GuidedPart[]>> = { appearance: ['eye'], aroma: ['smells'], palate: ['flavours'], finish: ['watch', 'idea'] };

/** Everything the guided way can ask of a quarter, in order. The watch asks what is timed; what is `extra` is asked only where a routine names it. */
export const questionsOf = (quarter: Quarter): readonly GuidedStep[] => [
  ...idsOf(quarter).filter((id) => observables[id].kind !== 'seconds'),
  ...(parts[quarter] ?? []),
];
const quarterOf = new Map<GuidedStep, Quarter>(quarters.flatMap((quarter) => questionsOf(quarter).map((ask) => [ask, quarter] as const)));
export const guidedSteps: readonly GuidedStep[] = [...quarterOf.keys()];

/** Whether a question still means something beside what was recorded or is known. */
function applies(ask: GuidedStep, observed: Observed, known: KnownGlass): boolean {
  if (!(ask in observables)) return true;
  const id = ask as ObservableId;
  // The grain and the ripeness of a tannin that is not there are not asked.
  if ((id === 'tanninGrain' || id === 'tanninRipeness') && (observed.tannin === undefined || observed.tannin === 0)) return false;
  // A colour that is known is not asked for.
  if (id === 'colour' && known.colour !== undefined && observed.colour === undefined) return false;
  return asked(id, observed, known);
}

/**
 * The steps of a routine that ask a question: those that name it, of which only the smells have more than one; else the first open step (one that names
 * nothing) of its quarter; else, when its quarter has no step at all, the last step of an earlier quarter if that is open. None when it is not asked.
 */
export function stepsOf(ask: GuidedStep, { steps }: Routine): readonly number[] {
  const named = steps.flatMap((step, at) => (step.asks?.includes(ask) === true ? [at] : []));
  if (named.length > 0) return ask === 'smells' ? named : named.slice(0, 1);
  if (ask === 'eye' || (ask in observables && 'extra' in observables[ask as ObservableId])) return [];
  const quarter = quarterOf.get(ask)!;
  const own = steps.findIndex((step) => step.quarter === quarter && step.asks === undefined);
  if (own >= 0) return [own];
  if (steps.some((step) => step.quarter === quarter)) return [];
  const earlier = steps.findLastIndex((step) => quarters.indexOf(step.quarter) < quarters.indexOf(quarter));
  return earlier >= 0 && steps[earlier]!.asks === undefined ? [earlier] : [];
}

/** One question of the guided way, where in the routine it stands and, when the wine is in the mouth, at which sip of all. */
export interface GuidedQuestion {
  /** Stands for the question among those of its routine. */
  readonly key: string;
  readonly ask: GuidedStep | 'clear';
  readonly step: RoutineStep;
  readonly sip?: { readonly n: number; readonly of: number; readonly task: SipTask } | undefined;
  /** Of smells asked for more than once: which time, of how many. */
  readonly time?: { readonly n: number; readonly of: number } | undefined;
}

/**
 * The questions of a routine in order. Where it rinses, its first sip is a question of its own, "clear"; the other sips of a step share its questions evenly.
 * It reads the routine, the record and what an open glass is known to be, so the questions on a hidden glass tell nothing of it.
 */
export function guidedPath(routine: Routine, observed: Observed, known: KnownGlass = {}): readonly GuidedQuestion[] {
  const total = sipsOf(routine);
  const asked = routine.steps.map((): GuidedStep[] => []);
  for (const ask of guidedSteps) if (applies(ask, observed, known)) for (const at of stepsOf(ask, routine)) asked[at]!.push(ask);
  const smellsAsked = asked.filter((asks) => asks.includes('smells')).length;
  let before = 0;
  let smelt = 0;
  return routine.steps.flatMap((step, at): GuidedQuestion[] => {
    const first = before + 1;
    before += step.sips;
    const sip = (n: number) => ({ n, of: total, task: sipTask(n, routine) });
    const rinse: GuidedQuestion[] =
      first === 1 && step.sips > 0 && total > 1 && routine.rinse === true ? [{ key: 'clear', ask: 'clear', step, sip: sip(1) }] : [];
    const left = step.sips - rinse.length;
    // A step's own order stands where it names its questions.
    const questions = step.asks?.filter((ask) => asked[at]!.includes(ask)) ?? asked[at]!;
    return [
      ...rinse,
      ...questions.map((ask, k): GuidedQuestion => {
        const time = ask === 'smells' && smellsAsked > 1 ? { n: ++smelt, of: smellsAsked } : undefined;
        return {
          key: time === undefined || time.n === 1 ? ask : `${ask} ${time.n}`,
          ask,
          step,
          sip: left === 0 ? undefined : sip(first + rinse.length + Math.floor((k * left) / questions.length)),
          time,
        };
      }),
    ];
  });
}

/** What the taster recorded of the way through, besides the observations. */
interface Sipped {
  readonly observed: Observed;
  readonly sips?: number | undefined;
  readonly judgedEarly?: boolean | undefined;
}
/** Readings of the palate from which on somebody who counts no sips has plainly had them. */
const tastedEnough = 3;
/**
 * Sips of the routine that a note shows no sign of: none once a finish was recorded, the mark given, the palate read without counting, the glass found
 * faulty, or the taster judges all the same.
 */
export function sipsToCome({ observed, sips, judgedEarly }: Sipped, routine: Routine): number {
  if (sips === undefined && idsOf('palate').filter((id) => observed[id] !== undefined).length >= tastedEnough) return 0;
  if (judgedEarly === true || observed.finish !== undefined || observed.quality !== undefined || observed.health === 'faulty') return 0;
  return Math.max(0, sipsOf(routine) - (sips ?? 0));
}
