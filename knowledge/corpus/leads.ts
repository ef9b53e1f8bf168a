import { fitClass, fitNumber, type FitClass } from '@rose/core/pairing/dish-fit';
import { keysOf } from '@rose/core/wine/keys';
import { dishOf, fitClasses, styleWine } from '../src/pairing/index';
import { everydayDishes } from '../src/dishes/index';
import { generalStyles } from '../src/styles/index';
import type { DishCase, WineWords } from './cases';
import { partsMeant, stylesMeant } from './dishes';
import type { Expectation } from './score';

/** How much more often a class may lead than it is named first, and the largest share of savoury dishes one style may lead. */
const mostTimes = 1.5;
const mostOfStyle = 0.12;
/** From this sweetness on a plate is no savoury one. */
const sweetFrom = 40;

/** No class of wine leads far more tables than people put it first on, and no style leads everything: what has something for every dish has nothing for any. */
export function judgeLeads(dishes: readonly DishCase[], wineWords: Readonly<Record<string, WineWords>>): readonly Expectation[] {
  const savoury = dishes
    .map((dish) => ({ dish, plate: dishOf(partsMeant(dish).parts) }))
    .filter(({ dish, plate }) => plate.taste.sweetness < sweetFrom && dish.good.length > 0);
  const wines = generalStyles.filter(({ id }) => !id.startsWith('no-alcohol')).map(styleWine);
  const leaderOf = (plate: ReturnType<typeof dishOf>) =>
    wines.reduce((best, wine) => (fitNumber(plate, wine) > fitNumber(plate, best) ? wine : best), wines[0]!);
  const leaders = savoury.map(({ plate }) => leaderOf(plate));
  const classesOf = (phrase: string): ReadonlySet<FitClass> =>
    new Set(stylesMeant(wineWords[phrase] ?? { skip: true }).map((style) => fitClass(styleWine(style))));
  // A phrase that may mean two classes names both.
  const named = (kind: FitClass) => savoury.filter(({ dish }) => classesOf(dish.good[0]!).has(kind)).length;
  const led = (kind: FitClass) => leaders.filter((wine) => fitClass(wine) === kind).length;
  const one = (what: string, right: boolean, wanted: string, said: string): Expectation => ({
    group: 'dish leads',
    key: `leads ${what}`,
    right: right ? 1 : 0,
    certainty: 100,
    wanted,
    said,
  });
  const classes = keysOf(fitClasses).map((kind) =>
    one(
      kind,
      led(kind) <= Math.max(1, mostTimes * named(kind)),
      `${fitClasses[kind]} leads at most ${mostTimes} times as often as it is named first (${named(kind)} of ${savoury.length})`,
      `${led(kind)} of ${savoury.length}`,
    ),
  );
  // One style is told over more dishes than the cases: it may be the first choice of a few of them.
  const more = everydayDishes.map(({ parts }) => dishOf(parts)).filter(({ taste }) => taste.sweetness < sweetFrom);
  const everywhere = [...leaders, ...more.map(leaderOf)];
  const counts = new Map<string, number>();
  for (const { name } of everywhere) counts.set(name, (counts.get(name) ?? 0) + 1);
  const [most, times] = [...counts].reduce((top, row) => (row[1] > top[1] ? row : top), ['none', 0]);
  return [
    ...classes,
    one(
      'style',
      times <= mostOfStyle * everywhere.length,
      `no style leads more than ${100 * mostOfStyle} % of ${everywhere.length} savoury dishes`,
      `${most}: ${times}`,
    ),
  ];
}
