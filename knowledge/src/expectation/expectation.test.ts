import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { WineFacts } from '@rose/core/wine/facts';
import type { Chip } from '@rose/core/wine/note';
import { bearings, colourClasses, hueLadders, observables, type Hue, type Observed } from '@rose/core/wine/observables';
import { resolveProfile } from '@rose/core/wine/profile';
import { anyObserved } from '@rose/core/testing/any-note';
import { published } from '@rose/core/testing/published';
import { descriptors } from '../smells/index';
import { generalStyles, styleOf } from '../styles/index';
import { againstExpected, allowance } from './index';

const facts = (values: Record<string, unknown>) =>
  Object.fromEntries(Object.entries(values).map(([id, value]) => [id, { value, origin: 'label' }])) as unknown as WineFacts;
const grape = (name: string) => ({ grapes: [{ grape: name, share: { kind: 'exact', percent: 100 } }] });
const chip = (term: string): Chip => ({ id: term, term, layer: 'first', strength: 2 });
const day = '2026-11-20';
const against = (values: Record<string, unknown>, observed: Observed, ...terms: string[]) =>
  againstExpected(facts(values), { observed, chips: terms.map(chip) }, day);
const what = (list: readonly { what: string }[]) => list.map((entry) => entry.what);

const anyFacts = fc
  .record({
    colour: fc.constantFrom('white', 'rose', 'amber', 'red'),
    abv: fc.option(fc.integer({ min: 8, max: 18 }), { nil: undefined }),
    acidity: fc.option(fc.integer({ min: 3, max: 10 }), { nil: undefined }),
    sugar: fc.option(fc.nat(200), { nil: undefined }),
    oak: fc.option(fc.constantFrom('none', 'used', 'some', 'new'), { nil: undefined }),
    leesMonths: fc.option(fc.nat(60), { nil: undefined }),
  })
  .map((values) => facts(Object.fromEntries(Object.entries(values).filter(([, value]) => value !== undefined))));
const anyChips = fc.uniqueArray(fc.constantFrom(...descriptors.map((entry) => entry.id)), { maxLength: 8 }).map((terms) => terms.map((term) => chip(term)));

describe('a note against what was expected', () => {
  it('an empty note has no finding: what was not looked at is neither found nor missing', () => {
    fc.assert(
      fc.property(anyFacts, (wine) => {
        const { found, otherwise, missing, surprising, unlooked } = againstExpected(wine, { observed: {}, chips: [] }, day);
        expect([found, otherwise, missing, surprising].flat()).toEqual([]);
        expect(unlooked).toEqual(['colour', ...bearings, 'the smells']);
      }),
    );
  });
  it('each thing is said in one place only, and every expectation carries its reason', () => {
    fc.assert(
      fc.property(anyFacts, anyObserved, anyChips, (wine, observed, chips) => {
        const { found, otherwise, missing, surprising, unlooked } = againstExpected(wine, { observed, chips }, day);
        const said = [...what(found), ...what(otherwise), ...what(missing), ...unlooked];
        expect(new Set(said).size).toBe(said.length);
        for (const entry of [...found, ...otherwise, ...missing]) expect(entry.because, entry.what).toBeTruthy();
        expect(surprising.length).toBeLessThanOrEqual(chips.length);
      }),
    );
  });
  it('renders every pair of options: nothing undefined, and no word where itself was expected', () => {
    const told = (values: Record<string, unknown>, observed: Observed) => {
      const { found, otherwise, missing, surprising } = againstExpected(facts(values), { observed, chips: [] }, day);
      for (const { says } of [...found, ...otherwise, ...missing, ...surprising]) {
        expect(says).not.toMatch(/undefined|NaN|\[object/);
        const [, here, there] = /^\S+ (.+?) \(\d+\) where (.+?) \(\d+\) was expected$/.exec(says) ?? [];
        if (here !== undefined) expect(here, says).not.toBe(there);
        // Of lengths the seconds differ where the words do.
        expect(says).not.toMatch(/length (\d+) s where \1 s/);
      }
    };
    for (const colour of colourClasses)
      for (const grape of ['Riesling', 'Chardonnay', 'Nebbiolo', 'Gamay', 'nobody’s grape'])
        for (const at of [0, 12, 25, 37, 50, 62, 75, 88, 100]) {
          const scales = Object.fromEntries(bearings.filter((id) => id !== 'length').map((id) => [id, at]));
          told({ colour, grapes: [{ grape, share: { kind: 'exact', percent: 100 } }] }, { colour, ...scales, finish: { seconds: at } });
          told({ colour }, { colour, ...Object.fromEntries(Object.keys(scales).map((id) => [id, [Math.max(0, at - 10), at]])) } as Observed);
        }
    for (const colour of colourClasses)
      for (const seen of colourClasses)
        for (const hue of [...Object.keys(hueLadders[seen]), undefined])
          for (const vintage of [undefined, 2024, 2001])
            told(
              { colour, ...(vintage === undefined ? {} : { vintage: { kind: 'year', year: vintage } }) },
              { colour: seen, ...(hue === undefined ? {} : { hue: hue as Hue }) },
            );
  });
  published('common practice', 'used oak alone gives little to smell: nothing of it is missed', () => {
    const { missing } = againstExpected(
      facts({ colour: 'red', oak: 'used', woodMonths: 12 }),
      { observed: {}, chips: [{ id: 'c', term: 'red-cherry', layer: 'first', strength: 2 }] },
      day,
    );
    expect(missing.map(({ what }) => what).join()).not.toMatch(/oak|wood|vanilla/);
  });
  it('a glass exactly as expected agrees on every scale, and a span that holds the expectation does too', () => {
    fc.assert(
      fc.property(anyFacts, fc.integer({ min: 0, max: 40 }), (wine, by) => {
        const profile = resolveProfile(wine, styleOf(wine).style, undefined, day);
        const scales = bearings.filter((bearing) => bearing !== 'length');
        for (const widen of [0, by]) {
          const observed = Object.fromEntries(
            scales.map((bearing) => [bearing, [Math.max(0, profile[bearing].value - widen), Math.min(100, profile[bearing].value + widen)]]),
          ) as unknown as Observed;
          expect(what(againstExpected(wine, { observed, chips: [] }, day).otherwise)).toEqual([]);
        }
      }),
    );
  });
  it('a reading beyond the allowance is told with both figures', () => {
    const expected = resolveProfile(facts({ colour: 'white', acidity: 5.5 }), styleOf(facts({ colour: 'white' })).style, undefined, day).acidity.value;
    const at = (acidity: number) => what(against({ colour: 'white', acidity: 5.5 }, { acidity }).otherwise);
    expect(at(expected + allowance)).toEqual([]);
    expect(at(expected + allowance + 1)).toEqual(['acidity']);
    expect(at(expected - allowance - 1)).toEqual(['acidity']);
    expect(against({ colour: 'white', acidity: 5.5 }, { acidity: 90 }).otherwise[0]).toMatchObject({
      says: 'acidity racy (90) where fresh (52) was expected',
      because: '5.5 g/L of acidity',
      firm: 'figure',
    });
  });
  it('what differs inside one word is as expected', () => {
    const grape = { colour: 'white', acidity: 5.7 } as const;
    const value = Math.round(resolveProfile(facts(grape), styleOf(facts(grape)).style, undefined, day).acidity.value);
    for (const acidity of [38, 62]) {
      const found = against(grape, { acidity });
      expect(what(found.otherwise), `${acidity} where ${value} was expected`).toEqual([]);
    }
    expect(what(against(grape, { acidity: 32 }).otherwise)).toEqual(['acidity']);
  });
  it('whatever shade and colour are chosen together, no sentence holds a word that is missing', () => {
    for (const style of generalStyles)
      for (const colour of colourClasses)
        for (const hue of Object.keys(observables.hue.options) as (keyof typeof observables.hue.options)[]) {
          const said = againstExpected(facts({ colour: style.colour }), { observed: { colour, hue }, chips: [] }, day);
          expect(JSON.stringify(said), `${style.id} ${colour} ${hue}`).not.toMatch(/undefined|null|NaN/);
        }
    const mixed = against({ colour: 'red' }, { colour: 'red', hue: 'lemon' });
    expect([...mixed.found, ...mixed.otherwise].map((entry) => entry.what)).not.toContain('hue');
  });
  it('a watch broken off early is no short finish; a longer one than expected is', () => {
    const red = { colour: 'red', ...grape('Nebbiolo') };
    expect(what(against(red, { finish: { seconds: 4 } }).otherwise)).toContain('length');
    const broken = against(red, { finish: { seconds: 4, atLeast: true } });
    expect(what(broken.otherwise)).not.toContain('length');
    expect(broken.unlooked).toContain('the end of the finish');
    expect(what(against({ colour: 'white' }, { finish: { seconds: 58, atLeast: true } }).otherwise)).toContain('length');
  });
});

// Facts of the trade, common practice: what a kind of wine and its making let one expect, and what is no surprise.
describe('what the trade expects', () => {
  it.each([
    ['new oak hoped for and not found', { colour: 'red', oak: 'new', woodMonths: 18 }, ['cherry'], 'oak, toast, smoke'],
    ['a long time on the lees without bread', { colour: 'white', bubbles: 'sparkling', leesMonths: 48 }, ['lemon'], 'bread and yeast'],
    ['fifteen years and no smell of age', { colour: 'red', vintage: { kind: 'year', year: 2010 } }, ['cherry'], 'smells of age'],
    ['a veil of yeast and no nuts', { colour: 'white', underFlor: true }, ['lemon'], 'nuts'],
    ['a dry Riesling without citrus', { colour: 'white', ...grape('Riesling') }, ['peach'], 'citrus'],
    ['an aromatic green white without herbs', { colour: 'white', ...grape('Sauvignon Blanc') }, ['grapefruit'], 'green herbs and leaves'],
  ])('%s', (_, values, terms, lacks) => {
    expect(what(against(values, {}, ...terms).missing)).toContain(lacks);
  });
  it.each([
    ['vanilla answers new oak', { colour: 'red', oak: 'new', woodMonths: 18 }, 'vanilla', 'oak, toast, smoke'],
    ['brioche answers the lees', { colour: 'white', bubbles: 'sparkling', leesMonths: 48 }, 'brioche', 'bread and yeast'],
    ['almond answers the veil', { colour: 'white', underFlor: true }, 'almond', 'nuts'],
    ['lime answers the citrus of a Riesling', { colour: 'white', ...grape('Riesling') }, 'lime', 'citrus'],
  ])('%s', (_, values, term, answers) => {
    const { found, missing, surprising } = against(values, {}, term);
    expect(what(found)).toContain(answers);
    expect(what(missing)).not.toContain(answers);
    expect(surprising).toEqual([]);
  });
  it('a wine never in wood is not expected to smell of it, and surprises when it does', () => {
    const { missing, surprising } = against({ colour: 'white', oak: 'none', ...grape('Riesling') }, {}, 'vanilla');
    expect(what(missing)).not.toContain('oak, toast, smoke');
    expect(what(surprising)).toEqual(['vanilla']);
  });
  it('a colour is judged by the years: an old red of its kind is not too old, and a young one as brown is', () => {
    const pinot = (years: number) => ({ colour: 'red', vintage: { kind: 'year', year: Number(day.slice(0, 4)) - years }, ...grape('Pinot Noir') });
    const says = (years: number, hue: Hue) => against(pinot(years), { colour: 'red', hue }).otherwise.find((entry) => entry.what === 'hue')?.says;
    expect(says(14, 'tawny')).toBeUndefined();
    expect(says(1, 'tawny')).toMatch(/at 1 year: it looks older/);
    expect(says(30, 'purple')).toMatch(/younger/);
    // A year more never makes a shade look older than it did.
    for (const hue of ['purple', 'ruby', 'garnet', 'brick', 'tawny'] as const) {
      const older = Array.from({ length: 40 }, (_, years) => says(years, hue)?.includes('older') === true);
      expect(older.lastIndexOf(true)).toBeLessThanOrEqual(older.indexOf(false) < 0 ? 40 : older.indexOf(false));
    }
  });
  it('what is only possible is not missed: used oak that is not smelt is no finding', () => {
    const wood = againstExpected(
      facts({ colour: 'red', oak: 'used', woodMonths: 12, ...grape('Grenache') }),
      { observed: {}, chips: [chip('raspberry')] },
      day,
    );
    expect(wood.missing.map((entry) => entry.what)).not.toContain('oak, toast, smoke');
    expect(wood.missing.every((entry) => entry.firm !== 'possible')).toBe(true);
  });
  it('a trace of nail varnish is said as triage says it', () => {
    expect(against({ colour: 'red' }, {}, 'nail-varnish').surprising[0]?.because).toMatch(/a trace lifts some/);
  });
  it('a fault is expected of no wine', () => {
    expect(against({ colour: 'red' }, {}, 'damp-cellar').surprising[0]?.because).toMatch(/no kind of wine/);
  });
  it('a browner shade than its kind looks older, a fresher one younger; a step is a matter of light', () => {
    const riesling = { colour: 'white', ...grape('Riesling') };
    expect(against(riesling, { colour: 'white', hue: 'gold' }).otherwise[0]?.says).toMatch(/looks older/);
    expect(what(against(riesling, { colour: 'white', hue: 'lemon' }).otherwise)).toEqual([]);
    expect(against({ colour: 'red', ...grape('Nebbiolo') }, { colour: 'red', hue: 'purple' }).otherwise[0]?.says).toMatch(/looks younger/);
  });
});
