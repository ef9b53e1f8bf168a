import { fitRule, ramp, round } from './pair';

/** How much the plate's acid matters: below the first it is none, from the second on all. */
const matters = (acid: number) => ramp(acid, 18, 48);
export const acidRules = [
  fitRule({
    id: 'acid',
    title: 'sharp enough',
    holds: ({ d, w }) => ({ by: matters(d.acid) * ramp(w.acidity - d.acid, -8, 44), args: { wine: round(w.acidity), dish: round(d.acid) } }),
    says: ({ wine, dish }) => `Acidity ${wine} against ${dish} on the plate: it stays fresh`,
  }),
  fitRule({
    id: 'acid-short',
    title: 'less sharp than the dish',
    holds: ({ d, w }) => ({ by: matters(d.acid) * ramp(d.acid - w.acidity, 6, 50), args: { wine: round(w.acidity), dish: round(d.acid) } }),
    says: ({ wine, dish }) => `Acidity ${wine} against ${dish} on the plate: it will seem flat`,
  }),
  fitRule({
    id: 'vinegar-soft',
    title: 'too soft for the vinegar',
    holds: ({ has, w }) => ({ by: has.vinegar * ramp(60 - w.acidity, 0, 50), args: { wine: round(w.acidity) } }),
    says: ({ wine }) => `Acidity ${wine} is soft beside vinegar`,
  }),
  fitRule({
    id: 'brine',
    title: 'lean and sharp with salt and shell',
    holds: ({ d, w, wine, has, wood, grip }) => ({
      by:
        Math.max(ramp(w.acidity, 42, 78), wine.echoes.includes('saline') ? 0.5 : 0) *
        (1 - wood) *
        (1 - grip) *
        (1 - ramp(w.sweetness, 16, 40)) *
        Math.max(has.shell, 0.6 * ramp(d.salt, 28, 64), 0.5 * has.seafood),
      args: { wine: round(w.acidity), salt: round(d.salt) },
    }),
    says: ({ wine, salt }) => `Acidity ${wine} without wood or grip is what the sea and its salt (${salt}) ask for`,
  }),
  fitRule({
    id: 'acid-fat',
    title: 'acid cuts the fat',
    holds: ({ d, w }) => ({ by: ramp(w.acidity, 40, 90) * ramp(d.fat, 24, 80), args: { wine: round(w.acidity), fat: round(d.fat) } }),
    says: ({ wine, fat }) => `Acidity ${wine} cuts through fat ${fat}`,
  }),
] as const;
