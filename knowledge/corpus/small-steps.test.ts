import { describe, expect, it } from 'vitest';
import { ageOn, factOf, isSouthern } from '@rose/core/wine/stated';
import type { FactId, WineFacts } from '@rose/core/wine/facts';
import { loadsOf, profileKeys, resolveProfile } from '@rose/core/wine/profile';
import { orderWine, styleOf } from '../src/styles/index';
import { bandOf } from '../src/serving-temperatures/index';
import { windowOf } from '../src/window/index';
import { readCases, today } from './cases';
import { here } from './run';
import { factsOf } from './wines';

/** A small step of each figure, in its unit. */
const steps = { abv: 0.1, sugar: 0.5, acidity: 0.1, woodMonths: 1, leesMonths: 1, skinDays: 1, pressure: 0.1 } as const satisfies Partial<
  Record<FactId, number>
>;
/** Where law or trade begins another wine: between these two values a step may be a large one. */
const thresholds: Readonly<Partial<Record<keyof typeof steps, readonly number[]>>> = {
  // Terms of sweetness of the Union, still and sparkling; a late harvest, a wine of raisins.
  sugar: [3, 4, 6, 9, 12, 17, 18, 32, 45, 50, 65, 120, 200],
  // Without alcohol; light sweet fizz; dried grapes; from under the veil.
  abv: [0.5, 7, 8.5, 10, 14.5, 15, 16, 16.5],
  acidity: [7, 7.5],
  // Used wood is none under some months; a tawny.
  woodMonths: [0, 1, 36, 48, 60],
  leesMonths: [0, 30, 48],
  skinDays: [0, 1, 2, 3, 30],
  pressure: [1, 2.5, 3, 3.5],
};
const wines = readCases(`${here}cases`).wines.map(({ id, facts }) => ({ id, facts: factsOf(facts) }));
const at = (facts: WineFacts) => {
  const { style, why } = styleOf(facts);
  const profile = resolveProfile(facts, style, undefined, today);
  const loads = loadsOf(profile);
  const age = ageOn(today, factOf(facts, 'vintage'), isSouthern(factOf(facts, 'country')));
  return {
    style,
    why,
    loads,
    band: bandOf(facts, loads),
    window: windowOf(facts, profile, today),
    rung: orderWine({ id: 'a', name: 'A', facts, profile, age }).rung,
  };
};

/** Points of 100 that a step may move a load; the first months in wood give most. */
const most = (key: (typeof profileKeys)[number]) => (key === 'oak' ? 7 : 5);
/** How far from a listed wine the steps go. */
const reach = 15;
/** Wines near the listed ones: one figure of each moved by small steps, up and down; every two that stand beside each other. */
const neighbours = wines.flatMap(({ id, facts }) =>
  (Object.keys(steps) as (keyof typeof steps)[]).flatMap((fact) => {
    const value = factOf(facts, fact);
    if (value === undefined) return [];
    const walk = Array.from({ length: 2 * reach + 1 }, (_, i) => Math.round((value + (i - reach) * steps[fact]) * 100) / 100).filter((moved) => moved >= 0);
    const seen = walk.map((moved) => at({ ...facts, [fact]: { ...facts[fact]!, value: moved } } as WineFacts));
    return walk.slice(1).flatMap((moved, i) => {
      const before = walk[i]!;
      const lawful = thresholds[fact]?.some((limit) => before <= limit && limit <= moved) === true;
      return lawful ? [] : [{ says: `${id}: ${fact} ${before} → ${moved}`, from: seen[i]!, to: seen[i + 1]! }];
    });
  }),
);

describe('wines near the listed ones', () => {
  it('are two hundred and more', () => expect(neighbours.length).toBeGreaterThanOrEqual(200));
  it('have nearly the same readings, band and window, and are of the same kind: nothing jumps where no law or trade begins another wine', () => {
    const jumps = neighbours.flatMap(({ says, from, to }) => {
      const found: string[] = [];
      for (const key of profileKeys)
        if (Math.abs(from.loads[key] - to.loads[key]) > most(key)) found.push(`${key} ${from.loads[key].toFixed(0)} → ${to.loads[key].toFixed(0)}`);
      // Kinds meet somewhere: a name may change where nothing else does.
      const near = profileKeys.every((key) => Math.abs(from.loads[key] - to.loads[key]) <= 3);
      if (from.style.id !== to.style.id && !near) found.push(`${from.style.name} → ${to.style.name}`);
      // Bands overlap: a step may lead into the next one, never over it.
      if (Math.abs(from.band.low + from.band.high - to.band.low - to.band.high) / 2 > 2.5) found.push(`${from.band.name} → ${to.band.name}`);
      if (from.rung !== to.rung) found.push(`${from.rung} → ${to.rung}`);
      const [a, b] = [from.window, to.window];
      if (a !== undefined && b !== undefined) {
        const length = Math.max(4, a.until[1] - a.from[0]);
        for (const end of [0, 1] as const)
          if (Math.abs(a.until[end] - b.until[end]) > Math.max(1, length / 8)) found.push(`until ${a.until.join('–')} → ${b.until.join('–')}`);
      }
      return found.map((what) => `${says}: ${what}`);
    });
    expect(jumps).toEqual([]);
  });
});
