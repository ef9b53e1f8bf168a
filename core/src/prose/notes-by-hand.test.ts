import { describe, expect, it } from 'vitest';
import { emptyNote, type Chip, type NoteDocument } from '../wine/note';
import type { Observed } from '../wine/observables';
import { asText, composeNote } from './prose';

/** Notes written by hand from a record, then read aloud; the composer has to write the same. */
const chip = (term: string, layer: Chip['layer'] = 'first', strength: Chip['strength'] = 2, fate?: Chip['fate']): Chip => ({
  id: `${term} ${layer}`,
  term,
  layer,
  strength,
  ...(fate === undefined ? {} : { fate }),
});
const own = (words: string): Chip => ({ id: words, words, layer: 'first', strength: 2 });

const twelve: { wine: string; observed: Observed; chips?: Chip[]; note: string }[] = [
  {
    wine: 'a young coastal white',
    observed: {
      clarity: 'brilliant',
      depth: 10,
      hue: 'lemon',
      noseStill: 55,
      noseSwirled: 52,
      health: 'sound',
      sweetness: 4,
      acidity: 80,
      alcohol: 45,
      body: 30,
      palateHealth: 'sound',
      finish: { seconds: 18 },
    },
    chips: [chip('lemon'), chip('sea air', 'swirled', 1)],
    note: 'Brilliant, a watery lemon. The nose is open, before the swirl and after: lemon, then a trace of sea air. Bone dry, light-bodied and moderate in alcohol, with lively acidity. Clean throughout. A long finish of 18 seconds.',
  },
  {
    wine: 'an amber wine that is hazy by choice',
    observed: {
      clarity: 'hazy',
      depth: 55,
      hue: 'orange',
      particles: 'deposit',
      sweetness: 6,
      tannin: 52,
      tanninGrain: 'chalk',
      tanninRipeness: 'ripe',
      bitterness: 25,
    },
    chips: [chip('apricot'), chip('black tea', 'mouth')],
    note: 'Hazy, an orange of middling depth, with a fine deposit. It smells of apricot. Bone dry, with moderate, ripe, chalky tannin and a trace of bitterness. In the mouth black tea comes in.',
  },
  {
    wine: 'a mature red',
    observed: {
      clarity: 'clear',
      depth: 30,
      hue: 'garnet',
      rimHue: 'brick',
      rim: 80,
      noseStill: 30,
      noseSwirled: 75,
      tannin: 70,
      alcohol: 65,
      complexity: 80,
      balance: 75,
      readiness: 'ready',
    },
    note: 'Clear, a pale garnet fading to a wide brick rim. The nose is reserved at first, expressive after the swirl. Generous in alcohol, with firm tannin. Well balanced, layered, ready now.',
  },
  {
    wine: 'a bottle-fermented sparkling wine',
    observed: { clarity: 'brilliant', hue: 'straw', bead: 'fine', bubbles: 76, sweetness: 10, acidity: 90 },
    note: 'Brilliant, straw in colour, with fine, steady bubbles. Dry, with racy acidity and a lively mousse.',
  },
  {
    wine: 'a sweet wine with a hedge on its acid',
    observed: { hue: 'oldgold', sweetness: 96, acidity: [60, 90], body: 80, finish: { seconds: 80, atLeast: true } },
    note: 'Old gold in colour. Luscious and full-bodied, with acidity between fresh and racy. A very long finish, at least 80 seconds.',
  },
  {
    wine: 'a doubtful bottle',
    observed: { health: 'doubtful', palateHealth: 'faulty' },
    chips: [chip('damp cellar', 'first', 3)],
    note: 'It smells strongly of damp cellar. Its health is in doubt. Faulty in the mouth.',
  },
  {
    wine: 'a young green white',
    observed: {
      clarity: 'clear',
      depth: 20,
      hue: 'greenish',
      noseSwirled: 95,
      sweetness: 20,
      acidity: 62,
      alcohol: 48,
      body: 35,
      intensity: 75,
      finish: { seconds: 7 },
      quality: 83,
    },
    chips: [
      { id: 'c', term: 'family-citrus', words: 'citrussy', layer: 'first', strength: 2 },
      chip('gooseberry', 'first', 3),
      chip('passion fruit'),
      chip('green pepper', 'first', 1),
    ],
    note: 'Clear, a pale, green-tinged white. The nose is intense after the swirl: citrussy, with strong gooseberry, passion fruit and a trace of green pepper. Dry, fresh, light-bodied and moderate in alcohol. Expressive in flavour. A medium finish of 7 seconds. 83 of 100.',
  },
  {
    wine: 'an off-dry Riesling, with a sentence of the taster’s own',
    observed: { hue: 'lemon', depth: 25, sweetness: 34, acidity: 95, alcohol: 20, body: 25, balance: 95, value: 80, buy: 'yes' },
    chips: [chip('peach'), chip('petrol', 'first', 1), own('smells like rain on a hot road')],
    note: 'A pale lemon. It smells of peach and a trace of petrol; in my own words: “smells like rain on a hot road”. Off-dry, light-bodied and light in alcohol, with racy acidity. Seamless. Good value. I would buy it.',
  },
  {
    wine: 'an everyday red, its words said twice',
    observed: {
      hue: 'ruby',
      depth: 75,
      rimHue: 'pink',
      health: 'sound',
      tannin: 45,
      tanninGrain: 'silk',
      tanninRipeness: 'ripe',
      alcohol: 65,
      body: [50, 75],
    },
    chips: [chip('blackcurrant'), chip('vanilla'), chip('blackcurrant', 'mouth'), chip('coffee', 'mouth')],
    note: 'A deep ruby fading to a pink rim. It smells of blackcurrant and vanilla. Clean on the nose. Generous in alcohol, between middling and full in body, with moderate, ripe, silky tannin. In the mouth blackcurrant stays; coffee comes in.',
  },
  {
    wine: 'an old dry wine from the cask',
    observed: {
      hue: 'brown',
      depth: 60,
      sweetness: 0,
      alcohol: 92,
      savoury: 75,
      saline: 50,
      oak: 25,
      finish: { seconds: 35 },
      after: { seconds: 10 },
    },
    chips: [chip('walnut')],
    note: 'A brown of middling depth. It smells of walnut. Bone dry and high in alcohol, with marked savour, clear salt and a hint of oak. A very long finish of 35 seconds. Acid, bitterness or heat stays for 10 seconds.',
  },
  {
    wine: 'the judgement alone',
    observed: { quality: 88, liking: 90, value: 25, typicity: 100, another: 'yes' },
    note: 'A model of its kind. 88 of 100. I love it. Dear for what it is. I would gladly have another glass.',
  },
  {
    wine: 'a quiet white, by somebody unsure',
    observed: {
      depth: [25, 50],
      hue: 'straw',
      rim: [25, 75],
      noseStill: 25,
      sweetness: 20,
      acidity: 50,
      body: [25, 50],
      texture: 'smooth',
      balance: 50,
      complexity: 25,
      readiness: 'ready',
    },
    chips: [chip('ripe apple'), chip('honey', 'later', 1)],
    note: 'A straw between pale and middling in depth, with a rim between thread-thin and wide. The nose is reserved: ripe apple, later a trace of honey. Dry, fresh, between light and middling in body. Smooth in feel. In balance, simple, ready now.',
  },
];
const alone: typeof twelve = [
  { wine: 'one sensation', observed: { tannin: 2 }, note: 'No tannin.' },
  { wine: 'one look', observed: { colour: 'red' }, note: 'Red in colour.' },
  { wine: 'a nose alone', observed: { noseStill: 20 }, note: 'The nose is reserved.' },
  {
    wine: 'what became of the nose',
    observed: {},
    chips: [
      chip('rose', 'first', 2, 'gone'),
      chip('sour cherry', 'first', 2, 'stayed'),
      chip('orange peel', 'swirled', 2, 'grew'),
      chip('volcanic ash', 'mouth'),
    ],
    note: 'It smells of rose and sour cherry, then orange peel. In the mouth sour cherry stays; orange peel grows; rose has gone; volcanic ash comes in.',
  },
];

const adjectives = new Set(['citrussy']);
describe('notes written by hand', () => {
  for (const { wine, observed, chips = [], note } of [...twelve, ...alone]) {
    it(wine, () => {
      const document: NoteDocument = { ...emptyNote, observed, chips };
      const spoken = ({ words, term }: Chip) => {
        const name = words ?? term ?? '';
        return { name, as: term === undefined ? 'own' : adjectives.has(name) ? 'adjective' : 'noun' } as const;
      };
      expect(asText(composeNote(document, spoken))).toBe(note);
    });
  }
});
