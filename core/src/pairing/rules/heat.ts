import { fitRule, ramp, round } from './pair';

export const heatRules = [
  fitRule({
    id: 'burn',
    title: 'alcohol feeds the chilli',
    source: 'Trevisani et al. 2002, Nat. Neurosci. 5:546',
    holds: ({ d, w }) => ({ by: ramp(d.heat, 4, 54) * ramp(w.alcohol, 18, 88), args: { heat: round(d.heat), alcohol: round(w.alcohol) } }),
    says: ({ heat, alcohol }) => `Chilli ${heat}: alcohol ${alcohol} makes it burn more`,
  }),
  fitRule({
    id: 'sugar-heat',
    title: 'sugar calms the chilli',
    source: 'Nasrawi & Pangborn 1990, J. Sens. Stud. 5:1',
    holds: ({ d, w }) => ({ by: ramp(d.heat, 4, 48) * ramp(w.sweetness, 6, 48), args: { heat: round(d.heat), wine: round(w.sweetness) } }),
    says: ({ heat, wine }) => `Sweetness ${wine} takes the edge off chilli ${heat}`,
  }),
  fitRule({
    id: 'grip-heat',
    title: 'tannin against chilli',
    holds: ({ d, w, grip }) => ({ by: grip * ramp(d.heat, 4, 54), args: { heat: round(d.heat), tannin: round(w.tannin) } }),
    says: ({ heat, tannin }) => `Chilli ${heat} makes tannin ${tannin} rougher`,
  }),
  fitRule({
    id: 'spice',
    title: 'scent answers spice',
    holds: ({ dish: { echoes }, d, w, has, grip }) => {
      // What smells of spice because it ripened or was roasted is not spiced.
      const spiced = 0.8 * (echoes['sweet-spice'] ?? 0) * (1 - Math.max(has.cheese, has.chocolate));
      const warm = Math.max(0.8 * ramp(d.heat, 6, 44), echoes.ginger ?? 0, spiced, 0.5 * (echoes.tropical ?? 0));
      return { by: ramp(w.intensity, 54, 84) * Math.max(ramp(d.pungency, 6, 40), (1 - grip) * warm), args: { wine: round(w.intensity) } };
    },
    says: ({ wine }) => `Scent of ${wine} answers pepper, ginger and spice`,
  }),
] as const;
