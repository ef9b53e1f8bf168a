import { cushion, fitRule, ramp, round, type Pair } from './pair';

const fish = ({ has }: Pair) => Math.max(has.oilyFish, 0.8 * has.seafood);
const even = 48;

export const tanninRules = [
  fitRule({
    id: 'grip-bound',
    title: 'fat and protein take up the tannin',
    source: 'Peyrot des Gachons et al. 2012, Curr. Biol. 22:R829; Lesschaeve & Noble 2005',
    holds: (pair) => ({
      by: pair.grip * ramp(cushion(pair), even, 92) * ramp(pair.d.protein, 0, 50) * (1 - pair.has.blueMould) * (1 - 0.5 * pair.has.cheese),
      args: { tannin: round(pair.w.tannin) },
    }),
    says: ({ tannin }) => `Tannin ${tannin} finds fat and protein to hold on to`,
  }),
  fitRule({
    id: 'grip-unbound',
    title: 'nothing to bind the tannin',
    holds: (pair) => ({ by: pair.grip * ramp(even - cushion(pair), 0, 48), args: { tannin: round(pair.w.tannin) } }),
    says: ({ tannin }) => `Tannin ${tannin} finds too little fat and protein: the mouth goes dry`,
  }),
  fitRule({
    id: 'grip-fish',
    title: 'tannin with what comes from the sea',
    // The cause found is iron; tannin is our proxy for it.
    source: 'Tamura et al. 2009, JAFC 57:8550 (iron; tannin stands for it here)',
    holds: (pair) => ({
      by: Math.min(1, fish(pair) * (pair.grip + (pair.wine.colour === 'red' ? 0.12 : 0))),
      args: { tannin: round(pair.w.tannin) },
    }),
    says: ({ tannin }) => `A wine of tannin ${tannin} can turn metallic with fish and shellfish`,
  }),
  fitRule({
    id: 'grip-egg',
    title: 'tannin on egg',
    holds: ({ w, grip, has }) => ({ by: grip * has.egg, args: { tannin: round(w.tannin) } }),
    says: ({ tannin }) => `Egg coats the mouth and leaves tannin ${tannin} harsh`,
  }),
  fitRule({
    id: 'grip-bitter',
    title: 'bitter on bitter',
    holds: ({ d, w, grip }) => ({ by: grip * ramp(d.bitterness, 14, 54), args: { tannin: round(w.tannin), bitterness: round(d.bitterness) } }),
    says: ({ tannin, bitterness }) => `Bitterness ${bitterness} on the plate adds to tannin ${tannin}`,
  }),
  fitRule({
    id: 'grip-sweet',
    title: 'a sweet sauce hardens tannin',
    holds: ({ d, w, grip }) => ({
      by: grip * ramp(d.sweetness, 18, 48) * ramp(d.sweetness - w.sweetness, 0, 20),
      args: { tannin: round(w.tannin), dish: round(d.sweetness) },
    }),
    says: ({ tannin, dish }) => `Sweetness ${dish} on the plate makes a dry wine’s tannin ${tannin} harsher`,
  }),
  fitRule({
    id: 'grip-salt',
    title: 'salt softens what is bitter',
    source: 'Breslin & Beauchamp 1997, Nature 387:563',
    holds: ({ d, w, grip, has }) => ({ by: grip * ramp(d.salt, 22, 64) * (1 - has.seafood), args: { salt: round(d.salt), tannin: round(w.tannin) } }),
    says: ({ salt, tannin }) => `Salt ${salt} keeps the bitterness of tannin ${tannin} down`,
  }),
  fitRule({
    id: 'grip-rind',
    title: 'cheese turns young tannin bitter',
    holds: ({ w, grip, has }) => ({ by: grip * Math.max(has.softRind, has.washedRind, 0.5 * has.cheese), args: { tannin: round(w.tannin) } }),
    says: ({ tannin }) => `Cheese, and a soft rind most, can turn tannin ${tannin} bitter`,
  }),
  fitRule({
    id: 'no-grip',
    title: 'no grip for red meat',
    holds: ({ d, w, has }) => ({
      // What is glazed hardens tannin: nobody misses it there, but in a wine that is sweet itself.
      by:
        has.redMeat *
        ramp(d.weight, 42, 74) *
        (1 - ramp(w.tannin, 4, 36)) *
        (1 - ramp(d.heat, 4, 40)) *
        (1 - ramp(d.sweetness, 18, 48) * (1 - ramp(w.sweetness, 44, 68))),
      args: { weight: round(d.weight), tannin: round(w.tannin) },
    }),
    says: ({ weight, tannin }) => `Red meat of weight ${weight} asks for grip; tannin ${tannin} has little`,
  }),
  fitRule({
    id: 'char-grip',
    title: 'char likes a little grip',
    holds: (pair) => ({ by: ramp(pair.w.tannin, 8, 56) * ramp(pair.d.smoke, 14, 60) * (1 - 0.8 * fish(pair)), args: { smoke: round(pair.d.smoke) } }),
    says: ({ smoke }) => `Smoke ${smoke} likes a little grip`,
  }),
] as const;
