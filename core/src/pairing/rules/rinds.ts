import { fitRule, ramp, round } from './pair';

export const rindRules = [
  fitRule({
    id: 'blue-sweet',
    title: 'sugar against blue mould',
    holds: ({ w, has }) => ({ by: has.blueMould * ramp(w.sweetness, 38, 84), args: { wine: round(w.sweetness) } }),
    says: ({ wine }) => `Sweetness ${wine} against salt and blue mould: the classic contrast`,
  }),
  fitRule({
    id: 'blue-dry',
    title: 'dry wine against blue mould',
    holds: ({ w, has, grip }) => ({ by: has.blueMould * (1 - ramp(w.sweetness, 12, 38)) * (0.35 + 0.65 * grip), args: { tannin: round(w.tannin) } }),
    says: () => 'Blue mould turns a dry wine bitter, whatever its fat could do for tannin',
  }),
  fitRule({
    id: 'rind-scent',
    title: 'scent answers a washed rind',
    holds: ({ w, has, grip }) => ({ by: has.washedRind * ramp(w.intensity, 50, 80) * (1 - grip), args: { wine: round(w.intensity) } }),
    says: ({ wine }) => `Scent of ${wine} without grip stands up to a washed rind`,
  }),
] as const;
