import { describe, expect, it } from 'vitest';
import { published } from '@rose/core/testing/published';
import { fitNumber, rankFits, type PairingWine } from '@rose/core/pairing/dish-fit';
import type { WineFacts } from '@rose/core/wine/facts';
import { loadsOf, resolveProfile } from '@rose/core/wine/profile';
import { everydayDishes } from '../dishes/index';
import { isFortified, styleOf } from '../styles/index';
import { dishOf, styleWines } from './index';
import { readLine } from '../dishes/read-line';

const stated = <T>(value: T) => ({ value, origin: 'label' as const });
/** A wine as its label tells it: grapes with shares, and what else is said. */
function wineOf(name: string, shares: Readonly<Record<string, number>>, more: Readonly<Record<string, unknown>> = {}): PairingWine {
  const facts = {
    colour: stated('red'),
    bubbles: stated('still'),
    grapes: stated(Object.entries(shares).map(([grape, percent]) => ({ grape, share: { kind: 'exact', percent } }))),
    ...Object.fromEntries(Object.entries(more).map(([key, value]) => [key, stated(value)])),
  } as WineFacts;
  const { style } = styleOf(facts);
  return {
    id: name,
    name,
    loads: loadsOf(resolveProfile(facts, style, undefined, '2026-11-01')),
    colour: style.colour,
    echoes: style.echoes,
    fortified: isFortified(style),
  };
}
const white = { colour: 'white' };
const blends = {
  'Cabernet Sauvignon with Merlot': wineOf('Cabernet Sauvignon with Merlot', { 'Cabernet Sauvignon': 60, Merlot: 40 }),
  'Grenache, Syrah and Mourvèdre': wineOf('Grenache, Syrah and Mourvèdre', { Grenache: 60, Syrah: 25, Mourvèdre: 15 }),
  'Tempranillo with Garnacha': wineOf('Tempranillo with Garnacha', { Tempranillo: 85, Grenache: 15 }),
  'Sangiovese with Merlot': wineOf('Sangiovese with Merlot', { Sangiovese: 80, Merlot: 20 }),
  'Touriga Nacional with Touriga Franca': wineOf('Touriga Nacional with Touriga Franca', { 'Touriga Nacional': 60, 'Touriga Franca': 40 }),
  'Corvina with Rondinella': wineOf('Corvina with Rondinella', { Corvina: 70, Rondinella: 30 }),
  'Sauvignon Blanc with Sémillon': wineOf('Sauvignon Blanc with Sémillon', { 'Sauvignon Blanc': 70, Sémillon: 30 }, white),
  'Marsanne with Roussanne': wineOf('Marsanne with Roussanne', { Marsanne: 60, Roussanne: 40 }, white),
  'Xarel·lo, Macabeo and Parellada': wineOf(
    'Xarel·lo, Macabeo and Parellada',
    { 'Xarel·lo': 40, Macabeo: 35, Parellada: 25 },
    { ...white, bubbles: 'sparkling' },
  ),
};
type Blend = keyof typeof blends;

describe('a blend', () => {
  // What is eaten with these in the places they come from, and what nobody would pour them with.
  const rows: readonly (readonly [blend: Blend, goes: string, not: string])[] = [
    ['Cabernet Sauvignon with Merlot', 'roast lamb with rosemary', 'oysters with lemon'],
    ['Grenache, Syrah and Mourvèdre', 'lamb stew with olives and thyme', 'steamed white fish with lemon'],
    ['Tempranillo with Garnacha', 'grilled lamb chops', 'raw oysters'],
    ['Sangiovese with Merlot', 'pasta with minced beef and tomato sauce', 'lemon tart'],
    ['Touriga Nacional with Touriga Franca', 'roast kid with potatoes', 'prawns in green curry'],
    ['Corvina with Rondinella', 'pizza with salami', 'blue cheese'],
    ['Sauvignon Blanc with Sémillon', 'goat cheese salad', 'grilled steak'],
    ['Marsanne with Roussanne', 'roast chicken with cream and mushrooms', 'dark chocolate'],
    ['Xarel·lo, Macabeo and Parellada', 'fried squid', 'beef braised in red wine'],
  ];
  for (const [blend, goes, not] of rows)
    published('common practice', `${blend} goes better with ${goes} than with ${not}, and the first is no clash`, () => {
      const [good, poor] = [goes, not].map((line) => fitNumber(dishOf(readLine(line).parts), blends[blend]));
      expect(good).toBeGreaterThan(poor! + 8);
      expect(good).toBeGreaterThanOrEqual(45);
    });
  it('is read as a wine of its main grape, moved by the others and never past what any of them is', () => {
    const alone = (grape: string) => wineOf(grape, { [grape]: 100 });
    for (const [a, b] of [
      ['Cabernet Sauvignon', 'Merlot'],
      ['Grenache', 'Syrah'],
      ['Sangiovese', 'Merlot'],
      ['Tempranillo', 'Grenache'],
    ] as const) {
      const [first, second, both] = [alone(a), alone(b), wineOf(`${a}, ${b}`, { [a]: 60, [b]: 40 })];
      for (const key of ['tannin', 'acidity', 'body', 'alcohol'] as const) {
        const [low, high] = [Math.min(first.loads[key], second.loads[key]), Math.max(first.loads[key], second.loads[key])];
        expect(both.loads[key], `${a} with ${b}: ${key}`).toBeGreaterThanOrEqual(low - 6);
        expect(both.loads[key], `${a} with ${b}: ${key}`).toBeLessThanOrEqual(high + 6);
      }
    }
  });
  it('fits no everyday dish far outside what its two grapes do alone', () => {
    const alone = (grape: string) => wineOf(grape, { [grape]: 100 });
    const [first, second, both] = [alone('Cabernet Sauvignon'), alone('Merlot'), blends['Cabernet Sauvignon with Merlot']];
    for (const { name, parts } of everydayDishes) {
      const plate = dishOf(parts);
      const [x, y, z] = [first, second, both].map((wine) => fitNumber(plate, wine)) as [number, number, number];
      expect(z, name).toBeGreaterThan(Math.min(x, y) - 14);
      expect(z, name).toBeLessThan(Math.max(x, y) + 14);
    }
  });
  it('a list of blends is ranked like any list, and every one has its figure', () => {
    const list = Object.values(blends);
    const ranked = rankFits(dishOf(readLine('grilled lamb chops with rosemary').parts), list);
    expect(ranked).toHaveLength(list.length);
    expect(ranked[0]!.fit).toBeGreaterThan(ranked.at(-1)!.fit + 20);
    for (const { fit } of ranked) expect(Number.isFinite(fit)).toBe(true);
    expect(styleWines.length).toBeGreaterThan(90);
  });
});
