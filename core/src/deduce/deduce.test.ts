import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { published } from '../testing/published';
import { totalPush } from '../wine/reason';
import type { Archetype } from './archetype';
import { deduce, expectedInformation, makingChance, marginal, nextLook, posterior, tempering, valueWord } from './deduce';
import { ceilings, cuesFor, type Cue, type Evidence } from './evidence';

/** Two kinds that differ in one smell alone, so that every number can be worked out by hand. */
const kind = (id: string, change: Partial<Archetype> = {}): Archetype => ({
  id,
  name: id,
  colour: 'white',
  grape: id,
  climate: 'cool',
  age: 'young',
  vessel: 'neutral',
  price: 'middle',
  making: [],
  scales: { acidity: 50, sweetness: 5, bubbles: 0, tannin: 0, alcohol: 50, body: 50, intensity: 50, length: 50 },
  hue: 'lemon',
  depth: 40,
  smells: {},
  source: 'a test',
  ...change,
});
const families = [
  { id: 'wood', label: 'oak', strength: 'S' },
  { id: 'citrus', label: 'citrus', strength: 'M' },
  { id: 'nut', label: 'nuts', strength: 'W' },
] as const;
const cues = cuesFor(families, ['wood', 'nut']);
const cue = (id: string): Cue => cues.find((entry) => entry.id === id)!;
const seen = (smells: Record<string, boolean>, observed: Evidence['observed'] = {}): Evidence => ({ observed, smells });

describe('two kinds told apart by one smell', () => {
  const plain = kind('plain', { smells: { wood: 0.2 } });
  const oaked = kind('oaked', { vessel: 'new', smells: { wood: 0.8 } });
  const both = [plain, oaked];
  published('Bayes’ rule', 'a smell four times likelier in one doubles its odds twice: 2 bits, less the tempering', () => {
    const [a, b] = posterior(seen({ wood: true }), both, cues);
    expect(Math.log2(b! / a!)).toBeCloseTo(tempering * 2, 9);
    const [, untempered] = posterior(seen({ wood: true }), both, cues, 'middle', 1);
    expect(untempered).toBeCloseTo(0.8, 9);
  });
  published('Bayes’ rule', 'looked for and not there speaks the other way', () => {
    const [a, b] = posterior(seen({ wood: false }), both, cues, 'middle', 1);
    expect(a! / b!).toBeCloseTo(0.8 / 0.2, 9);
  });
  published('Shannon 1948, mutual information of a noisy switch', 'the smell tells 1 − H(0.2) bits of which it is', () => {
    const h = -(0.2 * Math.log2(0.2) + 0.8 * Math.log2(0.8));
    expect(expectedInformation([0.5, 0.5], both, cue('smell-wood'))).toBeCloseTo(1 - h, 9);
    expect(expectedInformation([0.5, 0.5], both, cue('smell-wood'), 'vessel')).toBeCloseTo(1 - h, 9);
    // Of what they share it tells nothing.
    expect(expectedInformation([0.5, 0.5], both, cue('smell-wood'), 'climate')).toBeCloseTo(0, 9);
  });
  it('what was not looked for moves nothing', () => {
    expect(posterior(seen({}), both, cues)).toEqual([0.5, 0.5]);
    expect(posterior(seen({}, { clarity: 'clear', quality: 90, liking: 80 }), both, cues)).toEqual([0.5, 0.5]);
  });
  it('is looked at next, for nothing else parts them; then nothing is left that would', () => {
    expect(nextLook(seen({}), both, cues)!.cue.id).toMatch(/smell-wood|only-primary|texture/);
    const left = nextLook(seen({ wood: true }), both, cues)!;
    expect(left.cue.id).not.toBe('smell-wood');
  });
  it('a weak cue moves half a bit and no more, however sure it looks', () => {
    const sure = [kind('a', { smells: { nut: 0.02 } }), kind('b', { smells: { nut: 0.95 } })];
    const [a, b] = posterior(seen({ nut: true }), sure, cues);
    expect(Math.log2(b! / a!)).toBeCloseTo(ceilings.W, 9);
    const strong = [kind('a', { smells: { wood: 0.02 } }), kind('b', { smells: { wood: 0.95 } })];
    const [c, d] = posterior(seen({ wood: true }), strong, cues);
    expect(Math.log2(d! / c!)).toBeCloseTo(ceilings.S, 9);
  });
});

describe('colour, spans, and what cannot be told', () => {
  const white = kind('white');
  const red = kind('red', { colour: 'red', hue: 'ruby', scales: { ...white.scales, tannin: 60 } });
  it('the colour seen settles which kinds are possible; a hue alone does too; a class nobody has rules nothing out', () => {
    expect(posterior(seen({}, { colour: 'red' }), [white, red], cues)).toEqual([0, 1]);
    expect(posterior(seen({}, { hue: 'garnet' }), [white, red], cues)[0]).toBe(0);
    expect(posterior(seen({}, { colour: 'amber' }), [white, red], cues)).toEqual([0.5, 0.5]);
  });
  it('a span is read at its middle, and told only when both ends say the same', () => {
    const soft = kind('soft', { scales: { ...white.scales, acidity: 25 }, climate: 'warm' });
    const sharp = kind('sharp', { scales: { ...white.scales, acidity: 85 } });
    const climate = (acidity: number | readonly [number, number]) => deduce(seen({}, { acidity }), [soft, sharp], cues).dimensions[0]!;
    expect(climate(80).leader).toBe('cool');
    expect(climate([70, 90]).leader).toBe('cool');
    expect(climate([20, 90]).leader).toBeNull();
    expect(climate([30, 96])).toMatchObject({ leader: null, why: 'spans' });
    expect(climate(55).values[0]!.chance).toBeLessThan(0.75);
  });
  it('nothing looked at: nothing told; evenly open: nothing told', () => {
    const found = deduce(seen({}), [white, kind('other', { climate: 'warm' })], cues);
    expect(found.dimensions.every((entry) => entry.why === 'nothing' && entry.leader === null)).toBe(true);
    const three = [kind('a'), kind('b', { climate: 'warm' }), kind('c', { climate: 'moderate' })];
    expect(deduce(seen({ citrus: true }), three, cues).dimensions[0]).toMatchObject({ why: 'open', leader: null });
  });
  it('a value that leads only because most kinds have it is not told when the record speaks against it', () => {
    const most = ['a', 'b', 'c', 'd'].map((id) => kind(id, { smells: { wood: 0.4 } }));
    const one = kind('e', { age: 'old', smells: { wood: 0.8 } });
    const age = (wood: boolean) => deduce(seen({ wood }), [...most, one], cues).dimensions.find((entry) => entry.dimension === 'age')!;
    expect(age(true)).toMatchObject({ leader: null, why: 'start' });
    expect(age(true).values[0]!.value).toBe('young');
    expect(age(false)).toMatchObject({ leader: 'young', why: '' });
  });
  it('a watch that was broken off is no length', () => {
    const long = kind('long', { scales: { ...white.scales, length: 90 } });
    expect(posterior(seen({}, { finish: { seconds: 5, atLeast: true } }), [white, long], cues)).toEqual([0.5, 0.5]);
    expect(posterior(seen({}, { finish: { seconds: 54 } }), [white, long], cues)[1]).toBeGreaterThan(0.55);
  });
  it('bubbles of the pour are no answer; steady ones and none are', () => {
    const sparkling = kind('sparkling', { making: ['sparkling'], scales: { ...white.scales, bubbles: 85 } });
    const chance = (bead: 'wall' | 'fine' | 'none') => makingChance(posterior(seen({}, { bead }), [white, sparkling], cues), [white, sparkling], 'sparkling');
    expect(chance('wall')).toBeCloseTo(0.5, 9);
    expect(chance('fine')).toBeGreaterThan(0.9);
    expect(chance('none')).toBeLessThan(0.1);
  });
});

describe('laws', () => {
  const anyKind = (id: string) =>
    fc
      .record({
        acidity: fc.nat(100),
        body: fc.nat(100),
        wood: fc.double({ min: 0.03, max: 0.95, noNaN: true }),
        climate: fc.constantFrom('cool', 'moderate', 'warm'),
        age: fc.constantFrom('young', 'some', 'old'),
      })
      .map(({ acidity, body, wood, climate, age }) =>
        kind(id, { scales: { ...kind(id).scales, acidity, body }, smells: { wood }, climate: climate as 'cool', age: age as 'young' }),
      );
  const cellar = fc.integer({ min: 2, max: 6 }).chain((n) => fc.tuple(...Array.from({ length: n }, (_, i) => anyKind(`k${i}`))));
  const glass = fc.record({ acidity: fc.nat(100), body: fc.nat(100), wood: fc.boolean() });
  it('chances sum to one, marginals too, and information is never negative', () => {
    fc.assert(
      fc.property(cellar, glass, (kinds, { acidity, body, wood }) => {
        const chances = posterior(seen({ wood }, { acidity, body }), kinds, cues);
        expect(chances.reduce((sum, chance) => sum + chance, 0)).toBeCloseTo(1, 9);
        for (const dimension of ['climate', 'age', 'vessel', 'grape', 'price'] as const) {
          const values = marginal(chances, kinds, dimension);
          expect(values.reduce((sum, entry) => sum + entry.chance, 0)).toBeCloseTo(1, 9);
          for (let i = 1; i < values.length; i++) expect(values[i]!.chance).toBeLessThanOrEqual(values[i - 1]!.chance);
          for (const entry of values) expect(valueWord(dimension, entry.value)).toMatch(/\w/);
        }
        for (const one of cues) expect(expectedInformation(chances, kinds, one)).toBeGreaterThanOrEqual(-1e-9);
      }),
      { numRuns: 60 },
    );
  });
  it('does not depend on the order of the kinds, and twins share alike', () => {
    fc.assert(
      fc.property(cellar, glass, (kinds, { acidity, body, wood }) => {
        const look = seen({ wood }, { acidity, body });
        const there = posterior(look, kinds, cues);
        const back = posterior(look, [...kinds].reverse(), cues);
        [...back].reverse().forEach((chance, i) => expect(chance).toBeCloseTo(there[i]!, 9));
        const twins = posterior(look, [...kinds, { ...kinds[0]!, id: 'twin' }], cues);
        expect(twins.at(-1)).toBeCloseTo(twins[0]!, 9);
      }),
      { numRuns: 60 },
    );
  });
  it('the reasons of every dimension add up to its log-odds', () => {
    fc.assert(
      fc.property(cellar, glass, (kinds, { acidity, body, wood }) => {
        for (const { values, reasons } of deduce(seen({ wood }, { acidity, body }), kinds, cues).dimensions) {
          const chance = values[0]!.chance;
          if (chance < 0.999999) expect(totalPush(reasons)).toBeCloseTo(Math.log2(chance / (1 - chance)), 5);
        }
      }),
      { numRuns: 60 },
    );
  });
});
