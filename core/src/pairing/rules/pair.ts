import type { ColourClass } from '../../wine/observables';
import type { Loads } from '../../wine/profile';
import { clamp } from '../../wine/units';
import { rule, type Args, type Rule } from '../../wine/rule';
import type { Dish, DishMark, Echo } from '../dish';
import { weights, type FitRuleId } from '../weights';

/** A wine as pairing sees it: its ten loads, its class and the smells it can share with food. */
export interface PairingWine {
  readonly id: string;
  readonly name: string;
  readonly loads: Loads;
  readonly colour: ColourClass;
  readonly echoes: readonly Echo[];
  readonly fortified?: boolean | undefined;
  /** Countries it is at home in, ISO 3166; absent where that is not known. */
  readonly homes?: readonly string[] | undefined;
}
/** A dish with a wine beside it, as the rules read them. */
export interface Pair {
  readonly dish: Dish;
  readonly wine: PairingWine;
  readonly d: Dish['taste'];
  readonly w: Loads;
  readonly has: Readonly<Record<DishMark, number>>;
  /** Tannin that grips, and wood that is tasted, 0–1. */
  readonly grip: number;
  readonly wood: number;
}
export const pairOf = (dish: Dish, wine: PairingWine): Pair => ({
  dish,
  wine,
  d: dish.taste,
  w: wine.loads,
  has: dish.marks,
  grip: ramp(wine.loads.tannin, 22, 100),
  wood: ramp(wine.loads.oak, 12, 75),
});

/** 0 up to `from`, 1 from `to` on, in between by a straight line: no rule begins with a jump. */
export const ramp = (value: number, from: number, to: number): number => clamp((value - from) / (to - from), 0, 1);
/** What binds tannin on the plate, 0–100: protein and fat, red meat most; the sea takes it away. */
export const cushion = ({ d, has }: Pair) =>
  clamp(
    0.5 * d.protein +
      0.85 * Math.min(d.fat, 55) +
      0.1 * d.salt +
      14 * has.redMeat -
      0.5 * Math.max(0, d.fat - d.protein - 18) -
      20 * has.whiteMeat -
      30 * Math.max(has.seafood, has.oilyFish),
    0,
    100,
  );
export const common = 'common practice';

/** A rule of a fit: how strongly it holds, 0–1, with what its sentence needs. Its push is that share of the rule's weight. */
interface FitSpec<Id extends FitRuleId, A extends Args> {
  readonly id: Id;
  readonly title: string;
  readonly source?: string;
  holds(pair: Pair): { readonly by: number; readonly args: A };
  says(args: A): string;
}
/** A {@link Rule} of the fit out of what is its own. */
export const fitRule = <const Id extends FitRuleId, A extends Args>({
  id,
  title,
  source = common,
  holds,
  says,
}: FitSpec<Id, A>): Rule<Id, Pair, A & { by: number }> =>
  rule<Id, Pair, A & { by: number }>({
    id,
    title,
    unit: 'fit',
    source,
    when: (pair) => {
      const { by, args } = holds(pair);
      return by === 0 ? undefined : { ...args, by };
    },
    push: ({ by }) => by * weights[id],
    says,
  });
export const round = Math.round;
