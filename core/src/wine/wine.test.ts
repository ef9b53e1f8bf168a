import { shapeOf } from '../document/merge-marks';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { published } from '../testing/published';
import type { Share } from './facts';
import { ageOn, narrowedShares, shareBounds } from './stated';
import { wineDocument } from './facts-schema';
import { emptyNote, withObservation } from './note';
import { merge } from '../document/merge';
import { noteDocument } from './note-schema';
import { notchWord, observableIds, observables, quarters } from './observables';
import { anchors, resolveProfile, profileKeys, type Loads } from './profile';
import { fold, signed } from './search-folding';
import { throughAnchors } from './units';

describe('the registry of observables', () => {
  it('every observation has a label, belongs to a quarter, and its words are distinct', () => {
    for (const id of observableIds) {
      const spec = observables[id];
      expect(spec.label.length).toBeGreaterThan(1);
      expect(quarters).toContain(spec.quarter);
      if (spec.kind === 'scale') expect(new Set(spec.notches).size).toBe(5);
    }
  });
  it('the note’s schema takes every option and no other', () => {
    for (const id of observableIds) {
      const spec = observables[id];
      const good =
        spec.kind === 'scale'
          ? [0, 100, 37.5, [20, 40]]
          : spec.kind === 'choice'
            ? Object.keys(spec.options)
            : spec.kind === 'seconds'
              ? [{ seconds: 12 }, { seconds: 9, atLeast: true }]
              : [spec.low, spec.high];
      for (const value of good)
        expect(noteDocument.safeParse({ ...emptyNote, observed: { [id]: value } }).success, `${id} ${JSON.stringify(value)}`).toBe(true);
      for (const value of [-1, 101, 'nonsense', [60, 20], null, {}, '<script>'])
        expect(noteDocument.safeParse({ ...emptyNote, observed: { [id]: value } }).success, `${id} ${JSON.stringify(value)}`).toBe(false);
    }
    expect(noteDocument.safeParse({ ...emptyNote, observed: { unheard: 3 } }).success).toBe(false);
  });
  it('halfway between two notches belongs to the higher word, and clearing leaves no trace', () => {
    expect(notchWord(observables.acidity, 12.5)).toBe('soft');
    expect(notchWord(observables.acidity, 12.4)).toBe('flat');
    expect(withObservation(withObservation(emptyNote, 'acidity', 60), 'acidity', undefined)).toEqual(emptyNote);
  });
});

describe('shares of a blend', () => {
  const share: fc.Arbitrary<Share> = fc.oneof(
    fc.record({ kind: fc.constantFrom('exact' as const, 'about' as const), percent: fc.nat(40) }),
    fc.record({ kind: fc.constantFrom('mostly' as const, 'some' as const, 'unknown' as const) }),
  );
  it('narrowing never leaves the share’s own bounds and never lets the whole exceed 100', () => {
    fc.assert(
      fc.property(fc.array(share, { minLength: 1, maxLength: 5 }), (shares) => {
        narrowedShares(shares.map((entry, i) => ({ grape: `g${i}`, share: entry }))).forEach((found, i) => {
          expect(found.high).toBeLessThanOrEqual(Math.max(shareBounds(shares[i]!)[1], found.low) + 1e-9);
          expect(found.low).toBeLessThanOrEqual(found.high + 1e-9);
        });
      }),
    );
  });
  it('“85 %, the rest” means 15', () =>
    expect(
      narrowedShares([
        { grape: 'a', share: { kind: 'exact', percent: 85 } },
        { grape: 'b', share: { kind: 'unknown' } },
      ])[1],
    ).toEqual({ grape: 'b', low: 15, high: 15 }));
});

describe('age', () => {
  published('common practice', 'is counted from the harvest: autumn in the north, spring of the same year in the south', () => {
    expect(ageOn('2026-11-25', { kind: 'year', year: 2020 })).toBe(6);
    expect(ageOn('2026-05-01', { kind: 'year', year: 2020 })).toBe(5);
    expect(ageOn('2026-05-01', { kind: 'year', year: 2020 }, true)).toBe(6);
    expect(ageOn('2026-05-01', { kind: 'none' })).toBeUndefined();
  });
});

describe('the profile', () => {
  const style = { name: 'a style', loads: Object.fromEntries(profileKeys.map((key) => [key, 50])) as unknown as Loads };
  it('anchors are monotone', () => {
    for (const table of Object.values(anchors)) for (let i = 1; i < table.length; i++) expect(table[i]![1]).toBeGreaterThanOrEqual(table[i - 1]![1]);
    fc.assert(
      fc.property(fc.double({ min: 0, max: 500, noNaN: true }), fc.double({ min: 0, max: 500, noNaN: true }), (a, b) => {
        expect(throughAnchors(anchors.sugar, Math.min(a, b))).toBeLessThanOrEqual(throughAnchors(anchors.sugar, Math.max(a, b)));
      }),
    );
  });
  it('tasted wins over facts, facts over style, and each says where it is from', () => {
    const facts = { sugar: { value: 30, origin: 'label' }, abv: { value: 13, origin: 'label' } } as const;
    const profile = resolveProfile(facts, style, { alcohol: 80, oak: 75, finish: { seconds: 30 } }, '2026-11-25');
    expect(profile.alcohol).toEqual({ value: 80, from: 'tasted', why: 'your note' });
    expect(profile.oak).toEqual({ value: 75, from: 'tasted', why: 'your note' });
    expect(profile.sweetness.from).toBe('facts');
    expect(profile.length.value).toBe(85);
    expect(profile.body).toEqual({ value: 50, from: 'style', why: 'a style' });
  });
});

describe('text', () => {
  it('folds accents, case and punctuation', () => {
    expect(fold('Château d’Été')).toBe('chateau d ete');
    expect(fold('Grüner Veltliner')).toBe('gruner veltliner');
    expect(fold('Kőrakás, Œil & Straße')).toBe('korakas oeil strasse');
  });
  it('lists and signs', () => {
    expect(signed(-4.4)).toBe('−4');
    expect(signed(0.2)).toBe('0');
  });
  it('a wine’s schema refuses shares above 100 % and a price without its currency', () => {
    const plain = { schema: 1, name: 'x', producer: '', facts: {}, lots: [], remark: '' };
    expect(wineDocument.safeParse(plain).success).toBe(true);
    expect(
      wineDocument.safeParse({
        ...plain,
        facts: {
          grapes: {
            value: [
              { grape: 'a', share: { kind: 'exact', percent: 60 } },
              { grape: 'b', share: { kind: 'exact', percent: 60 } },
            ],
            origin: 'label',
          },
        },
      }).success,
    ).toBe(false);
    expect(wineDocument.safeParse({ ...plain, lots: [{ id: '01a210c2-a89c-7009-b51c-ce3807d93220', formatMl: 750, held: 1, priceMinor: 100 }] }).success).toBe(
      false,
    );
  });
});

describe('ideas and circumstances of a note', () => {
  const note = (more: object) => noteDocument.safeParse({ ...emptyNote, ...more }).success;
  it('are optional; an old note reads without them, and nonsense is refused', () => {
    expect(noteDocument.parse(emptyNote)).toEqual(emptyNote);
    expect(note({ ideas: [{ id: 'a', at: 'before', certainty: 25 }], circumstances: { glassC: 9.5, coffee: true } })).toBe(true);
    for (const wrong of [
      { ideas: [{ id: 'a', at: 'before' }] },
      { ideas: [{ id: 'a', at: 'noon', certainty: 10 }] },
      { ideas: [{ id: 'a', at: 'palate', certainty: 101 }] },
      { circumstances: { glassC: 400 } },
      { circumstances: { hungry: true } },
    ])
      expect(note(wrong), JSON.stringify(wrong)).toBe(false);
  });
  it('two devices: ideas of both stand, and a circumstance noted on each', () => {
    const idea = (id: string) => ({ id, at: 'palate' as const, certainty: 50 });
    const merged = merge(
      { ...emptyNote, ideas: [] },
      { ...emptyNote, ideas: [idea('a')], circumstances: { coffee: true } },
      { ...emptyNote, ideas: [idea('b')], circumstances: { glassC: 8 } },
      shapeOf(noteDocument),
    );
    expect(merged.clashes).toEqual([]);
    expect(merged.document.ideas!.map((entry) => entry.id).sort()).toEqual(['a', 'b']);
    expect(merged.document.circumstances).toEqual({ coffee: true, glassC: 8 });
  });
});
