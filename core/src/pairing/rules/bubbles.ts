import { fitRule, ramp, round, type Pair } from './pair';

/** What coats the tongue, 0–100. */
const coat = ({ d, has }: Pair) => Math.max(d.fat, 70 * has.fried, 44 * has.egg, 44 * has.cream);

export const bubbleRules = [
  fitRule({
    id: 'scrub',
    title: 'bubbles scrub the fat',
    holds: (pair) => ({ by: ramp(pair.w.bubbles, 12, 80) * ramp(coat(pair), 34, 84), args: { fat: round(pair.d.fat) } }),
    says: ({ fat }) => `Bubbles lift fat (${fat}) off the tongue`,
  }),
  fitRule({
    id: 'bubbles-alone',
    title: 'bubbles with nothing to lift',
    holds: (pair) => ({
      by:
        ramp(pair.w.bubbles, 20, 75) *
        (1 - Math.max(ramp(coat(pair), 24, 60), ramp(pair.d.salt, 22, 56), ramp(pair.d.acid, 22, 48), pair.has.shell, pair.has.fried)),
      args: { bubbles: round(pair.w.bubbles) },
    }),
    says: ({ bubbles }) => `Prickle of ${bubbles} finds neither fat nor salt nor acid to lift: it only stings`,
  }),
] as const;
