import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { published } from '../testing/published';
import { profileKeys, type Loads } from '../wine/profile';
import { airFor, airWording, type AirFacts } from './air';

const loads = (change: Partial<Loads>): Loads => ({
  ...(Object.fromEntries(profileKeys.map((key) => [key, 40])) as Record<keyof Loads, number>),
  oak: 0,
  bubbles: 0,
  fragility: 15,
  ...change,
});
const wine = (change: Omit<Partial<AirFacts>, 'loads'> & { loads?: Partial<Loads> }): AirFacts => ({
  age: 4,
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
        for (const reason of found.reasons) expect(airWording[reason.id](reason.args)).not.toMatch(/undefined|NaN/);
      }),
    );
  });
});
