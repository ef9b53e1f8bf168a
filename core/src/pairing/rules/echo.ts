import { listed } from '../../wine/plural';
import type { Echo } from '../dish';
import { fitRule, ramp, round } from './pair';

/** A smell as it is said to be in both. */
const smelt: Readonly<Record<Echo, string>> = {
  citrus: 'citrus',
  orchard: 'orchard fruit',
  'stone-fruit': 'stone fruit',
  tropical: 'tropical fruit',
  'red-fruit': 'red fruit',
  'dark-fruit': 'dark fruit',
  'dried-fruit': 'dried fruit',
  flower: 'flowers',
  'green-herb': 'green herbs',
  'dried-herb': 'dried herbs',
  pepper: 'pepper',
  'sweet-spice': 'sweet spice',
  earth: 'earth',
  nut: 'nuts',
  smoke: 'smoke',
  butter: 'butter',
  saline: 'salt',
  bread: 'bread',
  honey: 'honey',
  ginger: 'ginger',
};
/** What each further echo adds beside the one before. */
const less = 0.55;
export const echoRules = [
  fitRule({
    id: 'echo',
    title: 'an echo',
    holds: ({ dish, wine }) => {
      const shared = [...new Set(wine.echoes)].filter((echo) => dish.echoes[echo] !== undefined);
      const clear = shared.reduce((sum, echo) => sum + dish.echoes[echo]!, 0);
      return { by: 1 - less ** clear, args: { what: listed(shared.map((echo) => smelt[echo])) } };
    },
    says: ({ what }) => `Both have ${what}`,
  }),
  fitRule({
    id: 'scent-alone',
    title: 'scent with nothing to answer it',
    holds: ({ dish: { echoes, marks }, d, w, wine, grip }) => {
      const has = (...which: Echo[]) => which.some((echo) => wine.echoes.includes(echo));
      const green = has('green-herb') ? ramp(w.intensity, 54, 70) * ramp(w.acidity, 54, 74) : 0;
      const flowery = has('flower', 'tropical') ? ramp(w.intensity, 66, 86) : 0;
      const clear = (...which: Echo[]) => Math.max(...which.map((echo) => echoes[echo] ?? 0));
      const fresh = Math.max(clear('green-herb', 'citrus'), ramp(d.acid, 22, 46));
      const spiced = Math.max(
        fresh,
        clear('flower', 'tropical', 'ginger', 'sweet-spice'),
        ramp(d.heat, 4, 46),
        ramp(d.pungency, 4, 46),
        ramp(d.sweetness, 22, 50),
        marks.blueMould,
        marks.washedRind,
      );
      const mellow = Math.max(marks.cream, ramp(d.savour, 38, 60), ramp(d.fat, 40, 66));
      return { by: Math.max(green * (1 - fresh), flowery * (1 - grip) * (1 - spiced)) * mellow, args: { wine: round(w.intensity) } };
    },
    says: ({ wine }) => `Scent of ${wine} finds nothing green, sharp or spiced on a mellow plate`,
  }),
] as const;
