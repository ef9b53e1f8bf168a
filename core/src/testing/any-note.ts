import fc from 'fast-check';
import { observableIds, observables, type Observed } from '../wine/observables';

/** Any record a taster could make: each observation set or not, scales as points or spans. */
export const anyObserved = fc.record(
  Object.fromEntries(
    observableIds.map((id) => {
      const spec = observables[id];
      const value: fc.Arbitrary<unknown> =
        spec.kind === 'scale'
          ? fc.oneof(fc.nat(100), fc.tuple(fc.nat(50), fc.integer({ min: 50, max: 100 })))
          : spec.kind === 'choice'
            ? fc.constantFrom(...Object.keys(spec.options))
            : spec.kind === 'seconds'
              ? fc.record({ seconds: fc.nat(120) })
              : fc.integer({ min: spec.low, max: spec.high });
      return [id, fc.option(value, { nil: undefined })];
    }),
  ) as Record<string, fc.Arbitrary<unknown>>,
) as fc.Arbitrary<Observed>;
