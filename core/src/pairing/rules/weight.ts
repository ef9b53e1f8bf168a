import type { Loads } from '../../wine/profile';
import type { Dish } from '../dish';
import { cushion, fitRule, ramp, round, type Pair } from './pair';

/** Weight of a wine on the plate's own scale. */
export const wineWeight = (loads: Loads): number => 0.5 * loads.body + 0.22 * loads.intensity + 0.16 * loads.alcohol + 0.12 * loads.tannin;
/** How loud a wine is, with its tannin as far as nothing binds it, and a plate: what the one shouts down the other must be loud enough to answer. */
const loudness = (pair: Pair): number =>
  0.4 * pair.w.intensity +
  0.25 * pair.w.tannin * (1 - 0.8 * ramp(cushion(pair), 44, 80) * ramp(pair.d.protein, 30, 56)) +
  0.2 * pair.w.oak +
  0.15 * pair.w.alcohol;
function volume({ taste: d }: Dish): number {
  const sharpest = Math.max(d.smoke, d.heat, d.pungency, 0.8 * d.acid, 0.8 * d.salt, 0.9 * d.sweetness);
  return 0.45 * d.weight + 0.3 * d.savour + 0.25 * sharpest;
}
const both = ({ dish, wine }: Pair) => ({ wine: round(wineWeight(wine.loads)), dish: round(dish.taste.weight) });
const gap = ({ dish, wine }: Pair) => wineWeight(wine.loads) - dish.taste.weight;

export const weightRules = [
  fitRule({
    id: 'weight',
    title: 'weight meets weight',
    holds: (pair) => ({ by: 1 - ramp(Math.abs(gap(pair)), 4, 28), args: both(pair) }),
    says: ({ wine, dish }) => `The wine weighs ${wine}, the dish ${dish}, both of 100`,
  }),
  fitRule({
    id: 'too-heavy',
    title: 'heavier than the dish',
    holds: (pair) => ({ by: ramp(gap(pair), 10, 50), args: both(pair) }),
    says: ({ wine, dish }) => `The wine weighs ${wine} of 100, the dish only ${dish}`,
  }),
  fitRule({
    id: 'too-light',
    title: 'lighter than the dish',
    holds: (pair) => ({ by: ramp(-gap(pair), 8, 50), args: both(pair) }),
    says: ({ wine, dish }) => `The wine weighs ${wine} of 100, the dish ${dish}: it is lost`,
  }),
  fitRule({
    id: 'overpowers',
    title: 'too loud for the dish',
    holds: (pair) => {
      const [loud, plate] = [loudness(pair), volume(pair.dish)];
      return { by: ramp(loud - plate, 4, 44), args: { loud: round(loud), plate: round(plate) } };
    },
    says: ({ loud, plate }) => `Scent, grip, wood and alcohol come to ${loud} of 100, the plate answers with ${plate}`,
  }),
  fitRule({
    id: 'drowned',
    title: 'too quiet for the dish',
    holds: (pair) => {
      const [loud, plate] = [loudness(pair), volume(pair.dish)];
      return { by: ramp(plate - loud, 6, 40), args: { loud: round(loud), plate: round(plate) } };
    },
    says: ({ loud, plate }) => `The plate comes to ${plate} of 100, the wine’s scent, grip, wood and alcohol to ${loud}`,
  }),
  fitRule({
    id: 'fragile',
    title: 'rough on an old wine',
    holds: ({ d, w }) => {
      const rough = Math.max(1.5 * d.pungency, d.heat, d.smoke, d.acid, 0.8 * d.salt, d.sweetness);
      // What is strong or loud grows old without growing frail.
      return {
        by: ramp(w.fragility, 30, 62) * (1 - ramp(w.alcohol, 66, 76)) * (1 - ramp(w.intensity, 68, 82)) * ramp(rough, 16, 46),
        args: { rough: round(rough) },
      };
    },
    says: ({ rough }) => `What is sharp, salty, sweet or smoky (${rough}) covers the fine scents of an old wine`,
  }),
] as const;
