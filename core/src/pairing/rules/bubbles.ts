import { fitRule, ramp, round } from './pair';

export const bubbleRules = [
  fitRule({
    id: 'scrub',
    title: 'bubbles scrub the fat',
    holds: ({ d, w, has }) => {
      const coat = Math.max(d.fat, 70 * has.fried, 44 * has.egg, 44 * has.cream);
      return { by: ramp(w.bubbles, 12, 80) * ramp(coat, 34, 84), args: { fat: round(d.fat) } };
    },
    says: ({ fat }) => `Bubbles lift fat (${fat}) off the tongue`,
  }),
] as const;
