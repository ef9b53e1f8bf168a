import type { Strip } from './flight-totals';

/** What a host wants of a flight, judged as it is built. */
export const goalKinds = {
  unoaked: { label: 'without oak', unit: 'wines' },
  oaked: { label: 'with oak', unit: 'wines' },
  white: { label: 'white', unit: 'wines' },
  red: { label: 'red', unit: 'wines' },
  rose: { label: 'rosé', unit: 'wines' },
  amber: { label: 'amber', unit: 'wines' },
  sparkling: { label: 'sparkling', unit: 'wines' },
  sweet: { label: 'sweet', unit: 'wines' },
  countries: { label: 'countries', unit: 'countries' },
  merchant: { label: 'from one merchant', unit: '%' },
  aHead: { label: 'a head at most', unit: 'money' },
  abv: { label: 'of alcohol at most', unit: '% vol' },
} as const;
export type GoalKind = keyof typeof goalKinds;
export interface Goal {
  readonly id: string;
  readonly kind: GoalKind;
  /** Wines or countries at least; per cent at least; minor units or % vol at most. */
  readonly figure: number;
}
export interface JudgedGoal {
  readonly goal: Goal;
  readonly verdict: 'met' | 'not met' | 'cannot tell';
  /** What the flight has, in the goal's unit. */
  readonly has: number;
  /** Wines of which the fact is not known. */
  readonly unknown: number;
}

/** Judges one goal on the strip. "Cannot tell" when the wines of unknown facts could still decide it. */
export function judgeGoal(goal: Goal, strip: Strip, aHeadMinor: { readonly sum: number; readonly unknown: number }): JudgedGoal {
  const least = (has: number, unknown: number): JudgedGoal => ({
    goal,
    has,
    unknown,
    verdict: has >= goal.figure ? 'met' : has + unknown >= goal.figure ? 'cannot tell' : 'not met',
  });
  switch (goal.kind) {
    case 'unoaked':
      return least(strip.oak.without, strip.oak.unknown);
    case 'oaked':
      return least(strip.oak.with, strip.oak.unknown);
    case 'white':
    case 'red':
    case 'rose':
    case 'amber':
      return least(strip.colours[goal.kind] ?? 0, strip.colours['unknown'] ?? 0);
    case 'sparkling':
      return least(strip.sparkling, 0);
    case 'sweet':
      return least(strip.sweet, 0);
    case 'countries':
      return least(strip.countries.length, strip.unknownCountries);
    case 'merchant': {
      const most = Math.max(0, ...Object.values(strip.merchants));
      const share = (count: number) => (strip.wines === 0 ? 0 : (100 * count) / strip.wines);
      return {
        goal,
        has: Math.round(share(most)),
        unknown: strip.unknownMerchants,
        verdict: share(most) >= goal.figure ? 'met' : share(most + strip.unknownMerchants) >= goal.figure ? 'cannot tell' : 'not met',
      };
    }
    case 'aHead':
      return {
        goal,
        has: aHeadMinor.sum,
        unknown: aHeadMinor.unknown,
        verdict: aHeadMinor.sum > goal.figure ? 'not met' : aHeadMinor.unknown > 0 ? 'cannot tell' : 'met',
      };
    case 'abv':
      return {
        goal,
        has: strip.abv?.most ?? 0,
        unknown: strip.unknownAbv,
        verdict: (strip.abv?.most ?? 0) > goal.figure ? 'not met' : strip.unknownAbv > 0 ? 'cannot tell' : 'met',
      };
  }
}
