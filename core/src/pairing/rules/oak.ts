import { fitRule, ramp, round, type Pair } from './pair';

/** What wood drowns: raw or sharp food, lemon, and what is delicate on a light plate; butter and cream carry it. */
const tender = ({ d, has, dish: { echoes } }: Pair) =>
  Math.max(has.raw, has.delicate * (1 - ramp(d.weight, 44, 64)), 0.7 * (echoes.citrus ?? 0), ramp(d.acid, 22, 62), 0.8 * has.vinegar) * (1 - 0.75 * has.cream);
/** Wood that is tasted as wood; a little is a part of the wine. */
const woody = ({ w }: Pair) => ramp(w.oak, 22, 75);
export const oakRules = [
  fitRule({
    id: 'oak-toast',
    title: 'oak meets smoke or cream',
    holds: (pair) => ({
      by: pair.wood * Math.max(ramp(pair.d.smoke, 10, 52), 0.8 * pair.has.cream) * (1 - tender(pair)),
      args: { oak: round(pair.w.oak) },
    }),
    says: ({ oak }) => `Oak ${oak} meets smoke, char or cream`,
  }),
  fitRule({
    id: 'oak-smothers',
    title: 'oak smothers it',
    holds: (pair) => ({ by: woody(pair) * tender(pair), args: { oak: round(pair.w.oak) } }),
    says: ({ oak }) => `Oak ${oak} smothers food that is raw, delicate, sharp or lemony`,
  }),
  fitRule({
    id: 'round',
    title: 'round meets creamy',
    holds: ({ w, has, grip }) => ({ by: has.cream * ramp(w.body, 38, 64) * (1 - grip), args: { body: round(w.body) } }),
    says: ({ body }) => `Body ${body} sits well with butter and cream`,
  }),
] as const;
