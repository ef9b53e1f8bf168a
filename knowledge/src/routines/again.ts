import type { Moment } from '@rose/core/wine/note';
import { guidedSteps, stepsOf } from '@rose/core/routine/guided';
import type { GuidedStep, Routine, RoutineStep } from '@rose/core/routine/routine';

/** What of a glass may be another after air, or with a bite: nothing that only looks, and nothing that stays. Common practice. */
const mayChange: Readonly<Record<Exclude<Moment, 'first' | 'next'>, Partial<Record<RoutineStep['quarter'], readonly GuidedStep[]>>>> = {
  air: {
    aroma: ['noseSwirled', 'smells', 'noseFineness'],
    palate: ['tannin', 'tanninGrain', 'body', 'intensity', 'flavours'],
    verdict: ['quality', 'liking'],
  },
  food: { palate: ['sweetness', 'acidity', 'tannin', 'bitterness', 'alcohol', 'body', 'intensity', 'flavours'], verdict: ['balance', 'liking'] },
};
const named: Partial<Record<RoutineStep['quarter'], string>> = { aroma: 'smell it again', palate: 'taste it again', verdict: 'and now' };

/**
 * The way through a glass that is looked at once more in an evening: of what its routine asks, what may have changed. A day later everything may have; a routine
 * that asks nothing of it is gone through whole.
 */
export function routineAgain(routine: Routine, moment: Moment, beside?: 'bite'): Routine {
  if (moment === 'first' || moment === 'next') return routine;
  // The wine alone beside a bite is asked what it is asked with the bite: only so do the two say what the bite did.
  const of = beside === 'bite' ? 'food' : moment;
  const asked = new Set(guidedSteps.filter((ask) => stepsOf(ask, routine).length > 0));
  const steps = Object.entries(mayChange[of]).flatMap(([quarter, may]): RoutineStep[] => {
    const asks = may.filter((ask) => asked.has(ask));
    const at = quarter as RoutineStep['quarter'];
    return asks.length === 0 ? [] : [{ name: named[at]!, quarter: at, sniffs: at === 'aroma' ? 2 : 0, sips: at === 'palate' ? 1 : 0, minutes: 0.5, asks }];
  });
  if (steps.length === 0) return routine;
  const { rinse: _, ...rest } = routine;
  return { ...rest, steps };
}
