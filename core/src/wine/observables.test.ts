import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { anyObserved } from '../testing/any-note';
import {
  bearings,
  applies,
  colourClasses,
  classOfHue,
  hueLadders,
  huesToChoose,
  idsOf,
  midpoint,
  moved,
  notchWord,
  observableIds,
  observables,
  quarters,
  typedReading,
  valueInWords,
  widened,
  type Observable,
  type Reading,
} from './observables';
import { withObservation, emptyNote } from './note';
import { noteDocument } from './note-schema';

const anyReading: fc.Arbitrary<Reading> = fc.oneof(
  fc.nat(100),
  fc.tuple(fc.nat(100), fc.nat(100)).map(([a, b]): Reading => (a === b ? a : [Math.min(a, b), Math.max(a, b)])),
);
const ends = (reading: Reading) => (typeof reading === 'number' ? ([reading, reading] as const) : reading);

describe('the registry', () => {
  it('has every id in one quarter, each bearing of the rose once, and words for every option and notch', () => {
    expect(quarters.flatMap(idsOf).sort()).toEqual([...observableIds].sort());
    const carried = observableIds.flatMap((id) => ('bearing' in observables[id] ? [observables[id].bearing] : []));
    expect([...carried].sort()).toEqual([...bearings].sort());
    for (const id of observableIds) {
      const spec: Observable = observables[id];
      expect(spec.label, id).not.toBe('');
      const words = spec.kind === 'scale' ? spec.notches : spec.kind === 'choice' ? Object.values(spec.options) : [];
      expect(new Set(words).size, id).toBe(words.length);
      for (const word of words) expect(word, id).toMatch(/\S/);
    }
  });
  it('every hue belongs to one class', () => {
    for (const colour of colourClasses) for (const hue of Object.keys(hueLadders[colour])) expect(classOfHue(hue)).toBe(colour);
    expect(classOfHue('tartan')).toBeUndefined();
  });
  it('what is asked of one class only is asked while no class is known, and of no other class', () => {
    expect(applies('staining', {})).toBe(true);
    expect(applies('staining', { colour: 'red' })).toBe(true);
    expect(applies('staining', { colour: 'white' })).toBe(false);
    for (const id of observableIds) expect(applies(id, {})).toBe(true);
  });
  it('hues to choose are those of the colour recorded, else known, else all; one already chosen stays, and a red may be pink at its rim', () => {
    expect(Object.keys(huesToChoose('hue', {}, { colour: 'amber' }))).toEqual(Object.keys(hueLadders.amber));
    expect(Object.keys(huesToChoose('hue', { colour: 'white' }, { colour: 'red' }))).toEqual(Object.keys(hueLadders.white));
    expect(huesToChoose('hue', { colour: 'white', hue: 'ruby' })).toMatchObject({ ...hueLadders.white, ruby: 'ruby' });
    expect(Object.keys(huesToChoose('rimHue', { colour: 'red' }))).toContain('pink');
    expect(Object.keys(huesToChoose('hue', { colour: 'red' }))).not.toContain('pink');
    expect(Object.keys(huesToChoose('hue', {})).length).toBe(colourClasses.flatMap((colour) => Object.keys(hueLadders[colour])).length);
  });
  it('an open glass known to be a still white asks neither tannin nor bubbles, unless they were recorded or are seen', () => {
    const known = { colour: 'white', still: true } as const;
    for (const id of ['tannin', 'tanninGrain', 'tanninRipeness', 'bead', 'foam', 'bubbles', 'staining'] as const)
      expect(applies(id, {}, known), id).toBe(false);
    expect(applies('tannin', { tannin: 40 }, known)).toBe(true);
    expect(applies('tannin', { colour: 'amber' }, known)).toBe(true);
    expect(applies('bubbles', { bead: 'fine' }, known)).toBe(true);
    expect(applies('acidity', {}, known)).toBe(true);
  });
  it('any record a taster can make is a note that can be stored, and its values have words', () => {
    fc.assert(
      fc.property(anyObserved, (observed) => {
        const set = Object.fromEntries(Object.entries(observed).filter(([, value]) => value !== undefined));
        expect(noteDocument.safeParse({ ...emptyNote, observed: set }).success).toBe(true);
        for (const [id, value] of Object.entries(set)) expect(valueInWords(id as 'acidity', value as never)).not.toMatch(/undefined|NaN|\[object/);
      }),
    );
  });
  it('a value set and cleared leaves the note as it was', () => {
    fc.assert(
      fc.property(anyObserved, fc.constantFrom(...observableIds), (observed, id) => {
        const note = { ...emptyNote, observed: Object.fromEntries(Object.entries(observed).filter(([key]) => key !== id)) };
        expect(withObservation(withObservation(note, id, 40 as never), id, undefined)).toEqual(note);
      }),
    );
  });
});

describe('a reading', () => {
  it('made less sure and surer again is what it was, away from the ends of the scale', () => {
    fc.assert(
      fc.property(fc.integer({ min: 20, max: 80 }), fc.integer({ min: 1, max: 20 }), (at, by) => {
        expect(widened(widened(at, by), -by)).toBe(at);
      }),
    );
  });
  it('stays on its scale and in order whatever is done to it, and its middle stays unless an end stops it', () => {
    fc.assert(
      fc.property(anyReading, fc.integer({ min: -60, max: 60 }), (reading, by) => {
        for (const next of [widened(reading, by), moved(reading, by)]) {
          const [low, high] = ends(next);
          expect(low).toBeGreaterThanOrEqual(0);
          expect(high).toBeLessThanOrEqual(100);
          expect(low).toBeLessThanOrEqual(high);
        }
        const [low, high] = ends(reading);
        if (by >= 0 && low >= by && high <= 100 - by) expect(midpoint(widened(reading, by))).toBeCloseTo(midpoint(reading), 9);
      }),
    );
  });
  it('moved keeps its width, and moves by what was asked unless an end stops it', () => {
    fc.assert(
      fc.property(anyReading, fc.integer({ min: -60, max: 60 }), (reading, by) => {
        const [low, high] = ends(reading);
        const [to, upTo] = ends(moved(reading, by));
        expect(upTo - to).toBe(high - low);
        if (low + by >= 0 && high + by <= 100) expect(to - low).toBe(by);
      }),
    );
  });
  it('typed: a number, a span in either order, and nothing else', () => {
    expect(typedReading('60')).toBe(60);
    expect(typedReading(' 40-60 ')).toEqual([40, 60]);
    expect(typedReading('60–40')).toEqual([40, 60]);
    expect(typedReading('50-50')).toBe(50);
    for (const nonsense of ['', '-', '40-', '101', '20-101', 'lively', '1e2', '4.5', '-5']) expect(typedReading(nonsense), nonsense).toBeUndefined();
    fc.assert(
      fc.property(anyReading, (reading) => {
        const [low, high] = ends(reading);
        expect(typedReading(low === high ? String(low) : `${low}-${high}`)).toEqual(reading);
      }),
    );
  });
  it('has the nearest word, the higher one halfway, and never steps back as it rises', () => {
    const { notches } = observables.acidity;
    expect([0, 12, 13, 37, 38, 62, 63, 87, 88, 100].map((value) => notches.indexOf(notchWord({ notches }, value) as never))).toEqual([
      0, 0, 1, 1, 2, 2, 3, 3, 4, 4,
    ]);
    for (let value = 1; value <= 100; value++)
      expect(notches.indexOf(notchWord({ notches }, value) as never)).toBeGreaterThanOrEqual(notches.indexOf(notchWord({ notches }, value - 1) as never));
  });
});
