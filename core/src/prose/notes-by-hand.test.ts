import { describe, expect, it } from 'vitest';
import { emptyNote, type Chip, type NoteDocument } from '../wine/note';
import type { Observed } from '../wine/observables';
import { asText, composeNote } from './prose';

/** Notes written by hand from a record, then read aloud; the composer has to write the same. */
const chip = (term: string, layer: Chip['layer'] = 'first', strength: Chip['strength'] = 2, fate?: Chip['fate']): Chip => ({
  id: term,
  term,
  layer,
  strength,
  ...(fate === undefined ? {} : { fate }),
});
const cases: { wine: string; observed: Observed; chips?: Chip[]; note: string }[] = [
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
      body: 30,
      finish: { seconds: 18 },
    },
    chips: [chip('lemon'), chip('sea air', 'swirled', 1)],
    note: 'Brilliant, watery lemon. The nose is open, before the swirl and after: lemon, then a trace of sea air. It smells healthy. Bone dry, lively in acid, with the weight of skimmed milk. The pleasure lasts 18 seconds: a short finish.',
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
    note: 'Hazy, middling orange; a fine deposit. It smells of apricot. Bone dry, with ripe, chalky tannin plainly there and a trace of bitterness. In the mouth black tea comes in.',
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
      alcohol: 55,
      complexity: 80,
      balance: 75,
      readiness: 'ready',
    },
    note: 'Clear, light garnet fading to a wide brick rim. The nose is quiet at first, loud after the swirl. It has firm tannin and warm alcohol. It is composed. It is layered. It is at its best.',
  },
  {
    wine: 'a bottle-fermented sparkling wine',
    observed: { clarity: 'brilliant', hue: 'straw', bead: 'fine', bubbles: 76, sweetness: 10, acidity: 90 },
    note: 'Brilliant, straw; fine and steady bubbles. Bone dry, racy in acid, with lively bubbles.',
  },
  {
    wine: 'a sweet wine with a hedge on its acid',
    observed: { hue: 'oldgold', sweetness: 96, acidity: [60, 90], body: 80, finish: { seconds: 80, atLeast: true } },
    note: 'Old gold. Luscious, between fresh and racy in acid, with the weight of rich milk. The pleasure lasts at least 80 seconds: a very long finish or better.',
  },
  {
    wine: 'a doubtful bottle',
    observed: { health: 'doubtful', palateHealth: 'faulty' },
    chips: [chip('damp cellar', 'first', 3)],
    note: 'It smells of strong damp cellar. Its health is in doubt. It is faulty in the mouth.',
  },
  {
    wine: 'the judgement alone',
    observed: { quality: 88, liking: 90, value: 25, typicity: 100, another: 'yes' },
    note: 'As an example of its kind it is a model. My mark is 88 of 100. For my own taste: love it. For the price it is dear. I would gladly have another glass.',
  },
  { wine: 'one sensation', observed: { tannin: 2 }, note: 'It has no tannin.' },
  { wine: 'one look', observed: { colour: 'red' }, note: 'Red.' },
  { wine: 'a nose alone', observed: { noseStill: 20 }, note: 'The nose is quiet.' },
  {
    wine: 'the finish with what stays',
    observed: { finish: { seconds: 30 }, after: { seconds: 1 } },
    note: 'The pleasure lasts 30 seconds: a medium finish. Acid, bitterness or heat stays for one second.',
  },
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

describe('notes written by hand', () => {
  for (const { wine, observed, chips = [], note } of cases) {
    it(wine, () => {
      const document: NoteDocument = { ...emptyNote, observed, chips };
      expect(asText(composeNote(document, (entry) => entry.words ?? entry.term ?? ''))).toBe(note);
    });
  }
});
