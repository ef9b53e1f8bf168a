import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { emptyNote, type Chip, type NoteDocument } from '../wine/note';
import { observableIds, observables, type Observable, type Observed } from '../wine/observables';
import { anyObserved } from '../testing/any-note';
import { asText, composeNote, type Spoken } from './prose';

const words = [
  ['rose', 'noun'],
  ['sour cherry', 'noun'],
  ['oak', 'noun'],
  ['earthy', 'adjective'],
  ['honeyed', 'adjective'],
  ['smells like a harbour at dusk', 'own'],
] as const;
const name = (chip: Chip): Spoken => {
  const said = chip.words ?? chip.term ?? '';
  return { name: said, as: words.find(([word]) => word === said)?.[1] ?? 'noun' };
};
/** Smells as they come: one word more than once, in any layer, with any fate. */
const anyChips: fc.Arbitrary<readonly Chip[]> = fc
  .array(
    fc.record({
      words: fc.constantFrom(...words.map(([word]) => word)),
      layer: fc.constantFrom<Chip['layer']>('first', 'swirled', 'later', 'mouth'),
      strength: fc.constantFrom<Chip['strength']>(1, 2, 3),
      fate: fc.constantFrom<Chip['fate']>(undefined, 'stayed', 'grew', 'faded', 'gone'),
    }),
    { maxLength: 6 },
  )
  .map((all) => all.map((chip, i) => ({ ...chip, id: String(i) })));

/** What no sentence of a note may hold, with why. The first are what notes once said and nobody writes; the others are grammar. */
const forbidden: readonly (readonly [RegExp, string])[] = [
  [/\bmilk\b|\bcream\b(?!y)|\btidy\b|\bskimmed\b/, 'a classroom aid'],
  [/It smells of (?:smells|like|earthy|honeyed)|of smells like/, 'a sentence of the taster’s own in the middle of ours'],
  [/\b(?:hot|fiery|warm) alcohol|\balcohol (?:hot|warm)/, 'alcohol words that judge'],
  [/\blight (?:lemon|straw|gold|garnet|ruby|purple|pink)\b|(?:^|, )(?:pale |deep )?green-tinged(?: fading|[.;])/, 'a hue without its noun, or light for pale'],
  [/middling (?:lemon|gold|ruby|straw)/, 'a depth that is no word of a notebook'],
  [/It smells healthy|It is clean in the mouth/, 'two cleans'],
  [/The flavour is|The pleasure lasts|The balance (?:is|holds)|It has some layers|It is plain|It is at its best|My mark is/, 'a label read out'],
  [/Clean on the nose\..*Clean (?:in the mouth|throughout)|Clean throughout\..*Clean/, 'clean said twice'],
  [/\bpronounced\b|medium[- ]?(?:plus|minus)|\bmedium\([+-]\)/, 'a school’s ladder'],
  [/\btip of|\bback of the tongue|\bmiddle of the tongue/, 'a map of the tongue'],
  [/rim of uncertain width|\brim and rim\b|a weight \w+ milk/, 'a broken span'],
  [/undefined|NaN|\bnull\b|\[object/, 'a hole'],
  [/\s\s|\s[.,;:]|,,|\.\.|;\.|: ?[.;]|^[,;]/, 'a mark out of place'],
  [/\b([a-z]+) \1\b/i, 'a word doubled'],
  [/\ba [aeio]|\ban [^aeiou]/, 'a wrong article'],
  [/\bbetween (?:(?!\band\b)[^.;])*[.;]/, 'a span with one end'],
  [/\band and\b|, and, |\bwith with\b|\bof of\b|\bin in\b/, 'a joint with nothing in it'],
];
const write = (note: Partial<NoteDocument>) => asText(composeNote({ ...emptyNote, ...note }, name));

describe('the written note', () => {
  it('says nothing of an empty note', () => expect(write({})).toBe(''));
  it('names the year to look again only of a wine that is too young', () => {
    expect(write({ observed: { readiness: 'young' }, lookAgain: 2030 })).toBe('Too young: look again in 2030.');
    expect(write({ observed: { readiness: 'ready' }, lookAgain: 2030 })).toBe('Ready now.');
    expect(write({ lookAgain: 2030 })).toBe('');
  });
  it('names the most one would pay only where one would buy', () => {
    const buyUpTo = { amount: 18, currency: 'EUR' };
    expect(write({ observed: { buy: 'yes' }, buyUpTo })).toBe('I would buy it, at no more than 18 EUR.');
    expect(write({ observed: { buy: 'no' }, buyUpTo })).toBe('I would not buy it.');
  });
  it('says a length by the ruler of the host, by the handbooks’ short one where none was chosen, and one by feel without seconds', () => {
    const ruler = {
      label: 'ours',
      words: [
        { from: 0, word: 'brief' },
        { from: 30, word: 'lasting' },
      ],
    };
    expect(write({ observed: { finish: { seconds: 18 } } })).toBe('A long finish of 18 seconds.');
    expect(write({ observed: { finish: { seconds: 18 } }, ruler })).toBe('A brief finish of 18 seconds.');
    expect(write({ observed: { finish: { seconds: 8, between: [5, 10] } } })).toBe('A medium finish, by feel.');
    const articled = {
      label: 'ours',
      words: [
        { from: 0, word: 'a blink' },
        { from: 9, word: 'an age' },
      ],
    };
    expect(write({ observed: { finish: { seconds: 4 } }, ruler: articled })).toBe('A blink finish of 4 seconds.');
    expect(write({ observed: { finish: { seconds: 12 } }, ruler: articled })).toBe('An age finish of 12 seconds.');
    expect(write({ observed: { finish: { seconds: 12, atLeast: true } } })).toBe('A finish of at least 12 seconds: long or longer.');
  });
  it('keeps a hedge', () => expect(write({ observed: { acidity: [40, 80] } })).toBe('Acidity between fresh and lively.'));
  it('is well formed over 2,000 random notes: no forbidden sequence, no doubled word, articles right, every span closed', () => {
    fc.assert(
      fc.property(anyObserved, anyChips, (observed, chips) => {
        const text = write({ observed, chips });
        for (const [wrong, why] of forbidden) expect(wrong.test(text) ? `${why}: ${text}` : '').toBe('');
        if (text !== '') expect(text).toMatch(/^[A-Z0-9“].*[.]$/s);
      }),
      { numRuns: 2000 },
    );
  });
  it('says no contradiction and each smell once in its sentence', () => {
    fc.assert(
      fc.property(anyObserved, anyChips, (observed, chips) => {
        for (const { id, text } of composeNote({ ...emptyNote, observed, chips }, name)) {
          if (id !== 'nose' && id !== 'mouth') continue;
          for (const word of words.map(([said]) => said)) expect(text.split(new RegExp(`\\b${word}\\b`)).length, text).toBeLessThanOrEqual(2);
        }
      }),
      { numRuns: 500 },
    );
  });
  it('says each observation, whatever it is, where it stands alone', () => {
    for (const id of observableIds) {
      const spec: Observable = observables[id];
      const values: readonly unknown[] =
        spec.kind === 'choice' ? Object.keys(spec.options) : spec.kind === 'scale' ? [5, 50, 95, [30, 70]] : spec.kind === 'seconds' ? [{ seconds: 12 }] : [80];
      const said = values.map((value) => write({ observed: { [id]: value } }));
      expect(said, id).not.toContain('');
      expect(new Set(said).size, `${id} is said alike for different values`).toBe(values.length);
    }
  });
  it('is written from what it says: it changes with an observation, and with nothing else', () => {
    fc.assert(
      fc.property(anyObserved, fc.constantFrom(...observableIds), (all, id) => {
        const without: Record<string, unknown> = { ...all };
        delete without[id];
        const before = composeNote({ ...emptyNote, observed: without as Observed }, name)
          .map((statement) => statement.from)
          .join();
        const after = composeNote({ ...emptyNote, observed: all }, name)
          .map((statement) => statement.from)
          .join();
        expect(before === after).toBe(all[id] === undefined);
      }),
    );
  });
  it('keeps a rewritten sentence, and says so when what it says has changed', () => {
    const from = composeNote({ ...emptyNote, observed: { acidity: 60 } }, name)[0]!.from;
    const rewritten = { palate: { text: 'It waters like a lemon.', from } };
    expect(composeNote({ ...emptyNote, observed: { acidity: 60 }, rewritten }, name)[0]).toMatchObject({ text: 'It waters like a lemon.', outdated: false });
    expect(composeNote({ ...emptyNote, observed: { acidity: 20 }, rewritten }, name)[0]).toMatchObject({
      text: 'It waters like a lemon.',
      outdated: true,
      changed: ['“acidity” moved to soft (20)'],
    });
    const also = composeNote({ ...emptyNote, observed: { acidity: 60, tannin: [50, 70] }, rewritten }, name)[0];
    expect(also?.changed).toEqual(['“tannin” was set to between moderate (50) and firm (70)']);
    // All it was written from is cleared: the sentence stays the taster's, and says so.
    expect(composeNote({ ...emptyNote, rewritten }, name)).toMatchObject([
      { id: 'palate', text: 'It waters like a lemon.', changed: ['“acidity” was cleared'] },
    ]);
    // What it was written from is not readable, as in a file from elsewhere: it is outdated, and nothing breaks.
    const broken = { palate: { text: 'Mine.', from: 'not json' } };
    expect(composeNote({ ...emptyNote, observed: { acidity: 60 }, rewritten: broken }, name)[0]).toMatchObject({ text: 'Mine.', outdated: true });
  });
  it('names the smells that changed under a sentence once', () => {
    const chip = (id: string, term: string): Chip => ({ id, term, layer: 'first', strength: 2 });
    const from = composeNote({ ...emptyNote, chips: [chip('a', 'rose')] }, name)[0]!.from;
    const now = composeNote({ ...emptyNote, chips: [chip('a', 'ash')], rewritten: { nose: { text: 'Roses.', from } } }, name)[0];
    expect(now?.changed).toEqual(['the smells changed']);
  });
  it('tells the nose in its layers and the mouth by what became of it', () => {
    const chips = [
      { id: '1', term: 'sour cherry', layer: 'first', strength: 2, fate: 'stayed' },
      { id: '2', term: 'rose', layer: 'swirled', strength: 1, fate: 'gone' },
      { id: '3', term: 'ash', layer: 'mouth', strength: 3 },
    ] as const;
    expect(write({ chips })).toBe('It smells of sour cherry, then a trace of rose. In the mouth sour cherry stays; rose has gone; strong ash comes in.');
  });
});
