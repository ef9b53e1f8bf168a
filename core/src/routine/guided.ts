import { colourApplies, idsOf, observables, quarters, type ObservableId, type Observed, type Quarter } from '../wine/observables';
import { sipTask, sipsOf, type GuidedPart, type GuidedStep, type Routine, type RoutineStep, type SipTask } from './routine';

const parts: Partial<Record<Quarter, readonly GuidedPart[]>> = { aroma: ['smells'], palate: ['flavours'], finish: ['watch', 'idea'] };

/** Everything the guided way can ask of a quarter, in order. The watch asks what is timed; what is `extra` is asked only where a routine names it. */
export const questionsOf = (quarter: Quarter): readonly GuidedStep[] => [
  ...idsOf(quarter).filter((id) => observables[id].kind !== 'seconds'),
  ...(parts[quarter] ?? []),
];
const quarterOf = new Map<GuidedStep, Quarter>(quarters.flatMap((quarter) => questionsOf(quarter).map((ask) => [ask, quarter] as const)));
export const guidedSteps: readonly GuidedStep[] = [...quarterOf.keys()];

/** Whether a question still means something beside what was recorded. */
function applies(ask: GuidedStep, observed: Observed): boolean {
  if (!(ask in observables)) return true;
  // The grain and the ripeness of a tannin that is not there are not asked.
  if ((ask === 'tanninGrain' || ask === 'tanninRipeness') && (observed.tannin === undefined || observed.tannin === 0)) return false;
  return colourApplies(ask as ObservableId, observed);
}

/**
 * The step of a routine that asks a question: the one that names it; else the first open step (one that names nothing) of its quarter; else, when its
 * quarter has no step at all, the last step of an earlier quarter if that is open. Undefined when the routine does not ask it.
 */
function stepOf(ask: GuidedStep, routine: Routine): number | undefined {
  const { steps } = routine;
  const named = steps.findIndex((step) => step.asks?.includes(ask));
  if (named >= 0) return named;
  if (ask in observables && 'extra' in observables[ask as ObservableId]) return undefined;
  const quarter = quarterOf.get(ask)!;
  const own = steps.findIndex((step) => step.quarter === quarter && step.asks === undefined);
  if (own >= 0) return own;
  if (steps.some((step) => step.quarter === quarter)) return undefined;
  const earlier = steps.findLastIndex((step) => quarters.indexOf(step.quarter) < quarters.indexOf(quarter));
  return steps[earlier]?.asks === undefined && earlier >= 0 ? earlier : undefined;
}

/** One question of the guided way, where in the routine it stands and, when the wine is in the mouth, at which sip of all. */
export interface GuidedQuestion {
  readonly ask: GuidedStep | 'clear';
  readonly step: RoutineStep;
  readonly sip?: { readonly n: number; readonly of: number; readonly task: SipTask } | undefined;
}

/**
 * The questions of a routine in order. A first sip that only rinses is a question of its own, "clear"; the other sips of a step share its questions evenly.
 * It reads nothing but the routine and the record, so the questions on a hidden glass tell nothing of it.
 */
export function guidedPath(routine: Routine, observed: Observed): readonly GuidedQuestion[] {
  const total = sipsOf(routine);
  const asked = routine.steps.map((): GuidedStep[] => []);
  for (const ask of guidedSteps) {
    const at = stepOf(ask, routine);
    if (at !== undefined && applies(ask, observed)) asked[at]!.push(ask);
  }
  let before = 0;
  return routine.steps.flatMap((step, at): GuidedQuestion[] => {
    const first = before + 1;
    before += step.sips;
    const sip = (n: number) => ({ n, of: total, task: sipTask(n, total) });
    const rinse: GuidedQuestion[] = first === 1 && step.sips > 0 && total > 1 ? [{ ask: 'clear', step, sip: sip(1) }] : [];
    const left = step.sips - rinse.length;
    // A step's own order stands where it names its questions.
    const questions = step.asks?.filter((ask) => asked[at]!.includes(ask)) ?? asked[at]!;
    return [
      ...rinse,
      ...questions.map((ask, k) => ({ ask, step, sip: left === 0 ? undefined : sip(first + rinse.length + Math.floor((k * left) / questions.length)) })),
    ];
  });
}

/** What the taster recorded of the way through, besides the observations. */
interface Sipped {
  readonly observed: Observed;
  readonly sips?: number | undefined;
  readonly judgedEarly?: boolean | undefined;
}
/** Sips of the routine that a note shows no sign of: none once a finish was timed, the mark given, the glass found faulty, or the taster judges all the same. */
export function sipsToCome({ observed, sips, judgedEarly }: Sipped, routine: Routine): number {
  if (judgedEarly === true || observed.finish !== undefined || observed.quality !== undefined || observed.health === 'faulty') return 0;
  return Math.max(0, sipsOf(routine) - (sips ?? 0));
}
