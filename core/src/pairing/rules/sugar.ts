import { fitRule, ramp, round, type Pair } from './pair';

/** How much the plate's sugar matters. */
const matters = (sweetness: number) => ramp(sweetness, 16, 56);
/** Protein and savour: a sweet glaze on meat is no dessert. */
const savoury = ({ d }: Pair) => ramp(d.protein, 16, 50) * ramp(d.savour, 20, 50);
/** What sugar in a wine can lean on beside food, in its own measure. */
const support = ({ d, has }: Pair) =>
  Math.max(
    90 * has.blueMould,
    50 * has.washedRind,
    60 * ramp(has.cheese, 0.4, 1) * ramp(d.salt, 24, 56),
    // Beyond what calms it, chilli carries no more sugar.
    28 * ramp(d.heat, 0, 44),
    1.6 * Math.max(0, d.sweetness - 10) * (1 - 0.75 * ramp(d.protein, 16, 50)),
    80 * ramp(d.fat, 60, 84),
    80 * has.chocolate,
    45 * ramp(d.salt, 40, 64) * ramp(d.fat, 34, 58),
  );

/** What answers sweetness on a plate, in its measure: the wine's sugar, and a little what is ripe and full in it. */
const fullness = ({ w }: Pair) => w.sweetness + 0.4 * Math.max(0, w.body - 34);

export const sugarRules = [
  fitRule({
    id: 'sweet',
    title: 'sweet enough',
    holds: (pair) => ({
      by: matters(pair.d.sweetness) * ramp(pair.w.sweetness - pair.d.sweetness, -30, 6) * (1 - 0.75 * savoury(pair)),
      args: { wine: round(pair.w.sweetness), dish: round(pair.d.sweetness) },
    }),
    says: ({ wine, dish }) => `Sweetness ${wine} against ${dish} on the plate`,
  }),
  fitRule({
    id: 'sweet-short',
    title: 'less sweet than the dish',
    holds: (pair) => ({
      by: matters(pair.d.sweetness) * ramp(pair.d.sweetness - fullness(pair), 0, 48) * (1 - 0.75 * savoury(pair)),
      args: { wine: round(pair.w.sweetness), body: round(pair.w.body), dish: round(pair.d.sweetness) },
    }),
    says: ({ wine, body, dish }) => `Sweetness ${wine} with body ${body} against sweetness ${dish} on the plate: the wine seems thinner and sharper`,
  }),
  fitRule({
    id: 'sweet-alone',
    title: 'sugar with nothing to lean on',
    holds: (pair) => ({ by: ramp(pair.w.sweetness - 26 - support(pair), 0, 96), args: { wine: round(pair.w.sweetness) } }),
    says: ({ wine }) => `Sweetness ${wine} beside a dish with too little sugar, heat or richness to meet it`,
  }),
  fitRule({
    id: 'rich-sweet',
    title: 'sugar against richness',
    holds: ({ d, w }) => ({ by: ramp(d.fat, 62, 92) * ramp(w.sweetness, 40, 76), args: { wine: round(w.sweetness), fat: round(d.fat) } }),
    says: ({ wine, fat }) => `Fat ${fat} carries sweetness ${wine}: rich meets rich`,
  }),
  fitRule({
    id: 'chocolate-dry',
    title: 'dry wine against chocolate',
    holds: ({ w, has }) => ({ by: has.chocolate * (1 - ramp(w.sweetness, 36, 68)), args: { wine: round(w.sweetness) } }),
    says: ({ wine }) => `Chocolate is bitter and sweet at once: sweetness ${wine} loses`,
  }),
  fitRule({
    id: 'chocolate-strong',
    title: 'sweet and strong against chocolate',
    holds: ({ w, d, has }) => ({
      by: Math.max(has.chocolate, ramp(d.bitterness, 30, 60)) * ramp(w.sweetness, 44, 66) * ramp(w.alcohol, 56, 84),
      args: { alcohol: round(w.alcohol) },
    }),
    says: ({ alcohol }) => `Sugar with alcohol ${alcohol} holds out against what is bitter and dark`,
  }),
] as const;
