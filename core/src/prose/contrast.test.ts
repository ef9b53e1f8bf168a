import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { anyObserved } from '../testing/any-note';
import { emptyNote, type NoteDocument } from '../wine/note';
import { observableIds, observables, type Observed } from '../wine/observables';
import { compareReadings, contrast, sharedSmells } from './contrast';

const name = (chip: { term?: string | undefined; words?: string | undefined }) => chip.words ?? chip.term ?? '';
const note = (observed: Observed, ...terms: string[]): NoteDocument => ({
  ...emptyNote,
  observed,
  chips: terms.map((term, i) => ({ id: String(i), term, layer: 'first', strength: 2 })),
});
const opposite = { less: 'more', more: 'less', 'the same': 'the same', another: 'another', 'cannot tell': 'cannot tell' } as const;

describe('two readings against each other', () => {
  it('the other way round says the opposite, and a reading against itself the same', () => {
    fc.assert(
      fc.property(anyObserved, anyObserved, fc.constantFrom(...observableIds), (a, b, id) => {
        const there = compareReadings(id, a, b);
        const back = compareReadings(id, b, a);
        expect(back?.word).toBe(there === undefined ? undefined : opposite[there.word]);
        expect(there === undefined).toBe(a[id] === undefined || b[id] === undefined);
        const self = compareReadings(id, a, a);
        if (there !== undefined) expect(back!.by).toBeCloseTo(-there.by, 9);
        if (a[id] !== undefined && !(observables[id].kind === 'seconds' && (a[id] as { atLeast?: boolean }).atLeast)) expect(self!.word).toBe('the same');
      }),
    );
  });
  it('is the same below one step of the keys, and more from there', () => {
    expect(compareReadings('acidity', { acidity: 60 }, { acidity: 63 })!.word).toBe('the same');
    expect(compareReadings('acidity', { acidity: 60 }, { acidity: 64 })).toEqual({ word: 'more', by: 4, unit: '' });
  });
  it('half a mark short of it is still the same, whichever side is which', () => {
    expect(compareReadings('acidity', { acidity: 40 }, { acidity: [43, 44] })!.word).toBe('the same');
    expect(compareReadings('acidity', { acidity: [43, 44] }, { acidity: 40 })!.word).toBe('the same');
  });
  it('spans that overlap cannot be told; spans apart can', () => {
    expect(compareReadings('tannin', { tannin: [40, 60] }, { tannin: [55, 80] })!.word).toBe('cannot tell');
    expect(compareReadings('tannin', { tannin: [40, 50] }, { tannin: [55, 80] })!.word).toBe('more');
  });
  it('a watch broken off is a lower bound: longer than a shorter one it is, shorter than a longer one it need not be', () => {
    const stop = (seconds: number, atLeast = false) => ({ finish: { seconds, ...(atLeast ? { atLeast } : {}) } });
    expect(compareReadings('finish', stop(14), stop(41))!.word).toBe('more');
    expect(compareReadings('finish', stop(14), stop(20, true))!.word).toBe('more');
    expect(compareReadings('finish', stop(14), stop(9, true))!.word).toBe('cannot tell');
    expect(compareReadings('finish', stop(20, true), stop(41))!.word).toBe('cannot tell');
    expect(compareReadings('finish', stop(50, true), stop(41))!.word).toBe('less');
  });
});

describe('the contrast of a pair', () => {
  it('reads as a person would say it', () => {
    const left = note({ depth: 30, acidity: 78, body: 35, finish: { seconds: 14 } }, 'green apple', 'pear');
    const right = note({ depth: 60, acidity: 50, body: 70, finish: { seconds: 41 } }, 'toast', 'pear');
    expect(contrast(left, right, name).join(' ')).toBe(
      'The right is deeper, softer in acidity and fuller. The right has toast where the left has green apple. Both have pear. The right stays longer: 41 seconds against 14.',
    );
  });
  it('tells choices too, by what the right has more of', () => {
    const left = note({ bead: 'coarse', texture: 'lean', hue: 'gold', tanninGrain: 'silk', clarity: 'hazy', foam: 'gone' });
    const right = note({ bead: 'fine', texture: 'creamy', hue: 'lemon', tanninGrain: 'coarse', clarity: 'clear', foam: 'crown' });
    expect(contrast(left, right, name)).toEqual([
      'To the eye the right is brighter, younger in colour, finer in bead and longer in its foam.',
      'It is coarser in its tannin and creamier.',
    ]);
    // A bead against none is no finer, and a red is not further on than a white.
    expect(contrast(note({ bead: 'none' }), note({ bead: 'fine' }), name)).toEqual([]);
    expect(contrast(note({ hue: 'lemon' }), note({ hue: 'ruby' }), name)).toEqual([]);
  });
  it('is the same up to what is known to be chance, and says so of nothing else', () => {
    const [left, right] = [note({ acidity: 60, tannin: 70 }), note({ acidity: 64, tannin: 45 })];
    expect(contrast(left, right, name)).toEqual(['The right is sharper in acidity and gentler in tannin.']);
    expect(contrast(left, right, name, ['left', 'right'], 13.9)).toEqual(['The right is gentler in tannin.']);
    expect(compareReadings('acidity', { acidity: 60 }, { acidity: 64 }, 13.9)).toEqual({ word: 'the same', by: 4, unit: '' });
  });
  it('says nothing of what only one looked at, or of what cannot be told', () => {
    expect(contrast(note({ acidity: 80 }), note({ tannin: 50 }, 'rose'), name)).toEqual([]);
    expect(contrast(note({ acidity: [60, 90] }), note({ acidity: 70 }), name)).toEqual([]);
  });
  it('is well formed for any two notes, and says no comparison both ways', () => {
    fc.assert(
      fc.property(anyObserved, anyObserved, (a, b) => {
        const text = contrast(note(a, 'rose', 'lime'), note(b, 'lime', 'tar'), name).join(' ');
        expect(text).not.toMatch(/undefined|NaN|\s\s|\b(\w+) \1\b/);
        for (const [more, less] of [
          ['deeper', 'paler'],
          ['sweeter', 'drier'],
          ['sharper', 'softer'],
        ])
          expect(text.includes(more!) && text.includes(less!)).toBe(false);
      }),
    );
  });
  it('sorts smells into only left, both, only right, each once', () => {
    expect(sharedSmells(note({}, 'a', 'b', 'b').chips, note({}, 'b', 'c').chips, name)).toEqual({ left: ['a'], both: ['b'], right: ['c'] });
  });
});
