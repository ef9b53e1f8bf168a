import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { emptyNote, type Chip, type NoteDocument } from '../wine/note';
import { observableIds, observables, type Observable, type Observed } from '../wine/observables';
import { anyObserved } from '../testing/any-note';
import { asText, composeNote } from './prose';

const name = (chip: { term?: string | undefined; words?: string | undefined }) => chip.words ?? chip.term ?? '';
const write = (note: Partial<NoteDocument>) => asText(composeNote({ ...emptyNote, ...note }, name));

describe('the written note', () => {
  it('says nothing of an empty note', () => expect(write({})).toBe(''));
  it('reads as a person would write it', () => {
    expect(write({ observed: { clarity: 'clear', depth: 25, hue: 'garnet', rimHue: 'brick', rim: 75 } })).toBe(
      'Clear, light garnet fading to a wide brick rim.',
    );
    expect(write({ observed: { sweetness: 4, acidity: 82, tannin: 58, tanninGrain: 'dust' } })).toBe(
      'Bone dry, lively in acid, with dusty tannin plainly there.',
    );
    expect(write({ observed: { finish: { seconds: 23 } } })).toBe('The pleasure lasts 23 seconds: a medium finish.');
  });
  it('names the year to look again only of a wine that is too young', () => {
    expect(write({ observed: { readiness: 'young' }, lookAgain: 2030 })).toBe('It is too young; look again in 2030.');
    expect(write({ observed: { readiness: 'ready' }, lookAgain: 2030 })).toBe('It is at its best.');
    expect(write({ lookAgain: 2030 })).toBe('');
  });
  it('keeps a hedge', () => expect(write({ observed: { acidity: [40, 80] } })).toBe('Between fresh and lively in acid.'));
  it('is well formed: sentences, single spaces, no doubled words, nothing undefined', () => {
    fc.assert(
      fc.property(anyObserved, (all) => {
        const text = write({ observed: all });
        expect(text).not.toMatch(/undefined|NaN|null|\s\s|\s[.,;:]|,,|\.\./);
        expect(text).not.toMatch(/\b(\w+) \1\b/i);
        expect(text).not.toMatch(/\ba [aeiou]|\ban [^aeiou]/);
        if (text !== '') expect(text).toMatch(/^[A-Z].*\.$/s);
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
    expect(also?.changed).toEqual(['“tannin” was set to between present (50) and firm (70)']);
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
