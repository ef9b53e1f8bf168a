import { fitRule, ramp, round, type Pair } from './pair';

const awkward = ({ has }: Pair) => ({
  by: Math.max(has.artichoke, has.asparagus),
  args: { what: has.artichoke > has.asparagus ? 'Artichoke' : 'Asparagus' },
});
export const awkwardRules = [
  fitRule({
    id: 'awkward',
    title: 'an awkward vegetable',
    holds: (pair) => ({ by: awkward(pair).by * Math.max(pair.grip, 0.7 * pair.wood), args: awkward(pair).args }),
    says: ({ what }) => `${what} makes tannin and oak taste metallic`,
  }),
  fitRule({
    id: 'awkward-fresh',
    title: 'fresh and unoaked suits it',
    holds: (pair) => ({ by: awkward(pair).by * ramp(pair.w.acidity, 40, 84) * (1 - pair.wood), args: { ...awkward(pair).args, wine: round(pair.w.acidity) } }),
    says: ({ what, wine }) => `${what} bears what is sharp (${wine}) and unoaked`,
  }),
] as const;
