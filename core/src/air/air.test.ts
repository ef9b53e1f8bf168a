import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { published } from '../testing/published';
import { totalPush } from '../wine/reason';
import { profileKeys, type Loads } from '../wine/profile';
import { airFor, type AirFacts } from './air';

const loads = (change: Partial<Loads>): Loads => ({
  ...(Object.fromEntries(profileKeys.map((key) => [key, 40])) as Record<keyof Loads, number>),
  oak: 0,
  bubbles: 0,
  fragility: 15,
  ...change,
});
const wine = (change: Omit<Partial<AirFacts>, 'loads'> & { loads?: Partial<Loads> }): AirFacts => ({
  age: 4,
  oakKnown: true,
  underVeil: false,
  colour: 'red',
  sparkling: false,
  filtered: undefined,
  closure: 'cork',
  reduced: false,
  ...change,
  loads: loads(change.loads ?? {}),
});
describe('air', () => {
  published('common practice: most wines need none', 'a light young red is poured as it is', () =>
    expect(airFor(wine({ loads: { tannin: 30 } })).choice).toBe('none'),
  );
  published('common practice: young tannic reds one to three hours', 'a young, grippy, oaked red is decanted an hour or more before', () => {
    const found = airFor(wine({ age: 3, loads: { tannin: 85, body: 75, oak: 60 } }));
    expect(['gentle', 'double']).toContain(found.choice);
    expect(found.minutes).toBeGreaterThanOrEqual(60);
    expect(found.minutes).toBeLessThanOrEqual(180);
  });
  published(
    'common practice: old reds at most half an hour to an hour before',
    'an old red with a deposit is decanted gently, shortly before, and the risk is named',
    () => {
      const found = airFor(wine({ age: 22, loads: { tannin: 45, fragility: 70 } }));
      expect(found).toMatchObject({ choice: 'gentle', risk: 'real' });
      expect(found.minutes).toBeLessThanOrEqual(60);
    },
  );
  published('common practice', 'a sparkling wine is never given air, and a reduced one always some', () => {
    expect(airFor(wine({ colour: 'white', sparkling: true, loads: { bubbles: 85, oak: 50 } })).choice).toBe('none');
    expect(airFor(wine({ colour: 'white', reduced: true, closure: 'screw', age: 1 })).choice).not.toBe('none');
  });
  it('age never asks for more air, and the opposing school always differs and says why', () => {
    fc.assert(
      fc.property(fc.nat(100), fc.nat(100), fc.nat(100), fc.integer({ min: 0, max: 40 }), fc.boolean(), (tannin, oak, intensity, age, sparkling) => {
        const facts = (years: number) => wine({ age: years, sparkling, loads: { tannin, oak, intensity } });
        const found = airFor(facts(age));
        expect(found.opposing.choice).not.toBe(found.choice);
        expect(found.opposing.says.length).toBeGreaterThan(10);
        if (age >= 12) expect(found.minutes).toBeLessThanOrEqual(30);
        expect(found.minutes === 0).toBe(found.choice === 'none');
        for (const reason of [...found.reasons, ...found.against]) expect(reason.text).not.toMatch(/undefined|NaN/);
      }),
    );
  });
  it('every choice has something that speaks for it and outweighs what speaks against it; what does not is called so', () => {
    const some = fc.record({
      tannin: fc.nat(100),
      oak: fc.nat(100),
      intensity: fc.nat(100),
      body: fc.nat(100),
      bubbles: fc.constantFrom(0, 20, 80),
      fragility: fc.nat(100),
    });
    const rest = fc.record({
      age: fc.option(fc.integer({ min: 0, max: 40 }), { nil: undefined }),
      colour: fc.constantFrom('white' as const, 'rose' as const, 'red' as const),
      closure: fc.constantFrom('screw', 'cork', undefined),
      filtered: fc.constantFrom(true, false, undefined),
      reduced: fc.boolean(),
      oakKnown: fc.boolean(),
    });
    fc.assert(
      fc.property(some, rest, (values, others) => {
        const found = airFor(wine({ ...others, sparkling: values.bubbles >= 40, loads: values }));
        expect(found.reasons.length).toBeGreaterThan(0);
        expect(found.reasons.every((reason) => reason.push > 0) && found.against.every((reason) => reason.push < 0)).toBe(true);
        // A deposit is left behind for its own sake, and a wine too old for more air is not given what its grip would ask.
        if (
          !found.reasons.some((reason) => reason.id === 'deposit') &&
          !found.against.some((reason) => reason.id === 'old' || reason.id === 'fragile') &&
          found.choice !== 'none'
        )
          expect(totalPush([...found.reasons, ...found.against])).toBeGreaterThan(0);
        const said = [...found.reasons, ...found.against].map((reason) => reason.id);
        if (others.age === undefined || !others.oakKnown) expect(said).not.toContain('young-oak');
        if (others.age === undefined) expect(said).not.toContain('screw-cap');
      }),
      { numRuns: 400 },
    );
  });
});
