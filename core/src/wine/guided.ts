import { colourApplies, idsOf, observables, quarters, type ObservableId, type Observed, type Quarter } from './observables';

/** Parts of a quarter that are more than a field: the smells, what became of them, the watch, an idea. */
export type GuidedPart = 'smells' | 'flavours' | 'watch' | 'idea';
/** A question of the guided way. */
export type GuidedStep = ObservableId | GuidedPart;

const after: Partial<Record<Quarter, readonly GuidedPart[]>> = { aroma: ['smells'], palate: ['flavours'], finish: ['watch', 'idea'] };

/**
 * The questions of the guided way, in order: the quarters once round, each with its fields that apply to what was recorded so far. It reads nothing but
 * the record, so the questions on a hidden glass tell nothing of it.
 */
export function guidedSteps(observed: Observed): readonly GuidedStep[] {
  return quarters.flatMap((quarter): GuidedStep[] => [
    ...idsOf(quarter).filter((id) => {
      const spec = observables[id];
      if (spec.kind === 'seconds' || 'extra' in spec || !colourApplies(id, observed)) return false;
      // The grain and the ripeness of a tannin that is not there are not asked.
      return !(id === 'tanninGrain' || id === 'tanninRipeness') || (observed.tannin !== undefined && observed.tannin !== 0);
    }),
    ...(after[quarter] ?? []),
  ]);
}
