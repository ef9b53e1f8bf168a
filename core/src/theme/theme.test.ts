import { describe, expect, it } from 'vitest';
import { seededRandom } from '../chance/seeded-random';
import { profileKeys, type Loads } from '../wine/profile';
import { comparePair, fitsDish, pairFact, pairFactIds, propose, resembles, themeIds, themeWording, type Proposal, type ThemeId, type ThemeWine } from './theme';

const grapes = ['Alba', 'Brune', 'Cinder', 'Dune', 'Ember', 'Flint', 'Gale', 'Heath'];
const regions = ['Ash', 'Bank', 'Cliff', 'Dell', 'Edge', 'Fell'];
function cellar(seed: number, n = 500): { wines: ThemeWine[]; planted: Record<'grape-places' | 'place-grapes' | 'producer-years' | 'pair', string[]> } {
  const random = seededRandom(seed);
  const pick = <T>(items: readonly T[]): T => items[Math.floor(random() * items.length)]!;
  const maybe = <T>(value: T): T | undefined => (random() < 0.75 ? value : undefined);
  const loads = () => Object.fromEntries(profileKeys.map((key) => [key, Math.round(random() * 100)])) as unknown as Loads;
  const wine = (id: string, change: Partial<ThemeWine> = {}): ThemeWine => {
    const grape = maybe(pick(grapes));
    return {
      id,
      name: `Wine ${id}`,
      producer: `House ${Math.floor(random() * 200)}`,
      grape,
      familiar: grape !== undefined && grape < 'E',
      country: maybe('XA'),
      region: maybe(pick(regions)),
      vintage: maybe(2005 + Math.floor(random() * 18)),
      colour: maybe(pick(['white', 'red', 'rose', 'amber'])),
      bubbles: maybe(pick(['still', 'sparkling'])),
      sweetness: maybe(pick(['dry', 'off-dry', 'sweet'])),
      oak: maybe(pick(['none', 'used', 'new'])),
      loads: loads(),
      held: Math.floor(random() * 12),
      fit: random() * 100,
      clashes: random() < 0.2,
      ...change,
    };
  };
  const known = { country: 'XB', region: 'Quay', colour: 'white', bubbles: 'still', sweetness: 'dry', oak: 'none', vintage: 2020 } as const;
  const planted = {
    'grape-places': ['Planted West', 'Planted East', 'Planted South', 'Planted North'].map((region, i) => wine(`g${i}`, { ...known, grape: 'Rarity', region })),
    'place-grapes': ['One', 'Two', 'Three'].map((grape, i) => wine(`p${i}`, { ...known, grape: `Lone ${grape}`, region: 'Isle' })),
    'producer-years': [2011, 2014, 2019].map((vintage, i) =>
      wine(`y${i}`, { ...known, grape: 'Vertical', producer: 'The House', name: 'The Wine', region: `Slope`, vintage }),
    ),
    pair: ['none', 'new'].map((oak, i) => wine(`o${i}`, { ...known, grape: 'Twin', region: 'Twin Hill', oak })),
  };
  const wines = [...Array.from({ length: n }, (_, i) => wine(`w${String(i).padStart(3, '0')}`)), ...Object.values(planted).flat()];
  return {
    wines: wines
      .map((entry) => ({ entry, key: random() }))
      .sort((a, b) => a.key - b.key)
      .map(({ entry }) => entry),
    planted: Object.fromEntries(Object.entries(planted).map(([id, some]) => [id, some.map((entry) => entry.id)])) as never,
  };
}

/** An independent reading of each theme. */
function keeps(theme: ThemeId, proposal: Proposal, wines: readonly ThemeWine[]): boolean {
  const some = proposal.wines.map((id) => wines.find((wine) => wine.id === id)!);
  const distinct = (read: (wine: ThemeWine) => unknown) => new Set(some.map(read)).size;
  const known = (read: (wine: ThemeWine) => unknown) => some.every((wine) => read(wine) !== undefined);
  const place = (wine: ThemeWine) => (wine.country === undefined || wine.region === undefined ? undefined : `${wine.country}/${wine.region}`);
  switch (theme) {
    case 'grape-places':
      return some.length >= 3 && known((wine) => wine.grape) && distinct((wine) => wine.grape) === 1 && known(place) && distinct(place) === some.length;
    case 'place-grapes':
      return some.length >= 3 && known(place) && distinct(place) === 1 && known((wine) => wine.grape) && distinct((wine) => wine.grape) === some.length;
    case 'producer-years':
      return (
        some.length >= 3 &&
        distinct((wine) => wine.producer) === 1 &&
        distinct((wine) => wine.name) === 1 &&
        known((wine) => wine.vintage) &&
        distinct((wine) => wine.vintage) === some.length
      );
    case 'pair': {
      const [a, b] = some;
      const read: ((wine: ThemeWine) => unknown)[] = [
        (w) => w.colour,
        (w) => w.bubbles,
        (w) => w.grape,
        place,
        (w) => w.vintage,
        (w) => w.oak,
        (w) => w.sweetness,
      ];
      return some.length === 2 && read.every((of) => of(a!) !== undefined && of(b!) !== undefined) && read.filter((of) => of(a!) !== of(b!)).length === 1;
    }
    case 'unfamiliar': {
      for (let i = 0; i < some.length; i += 2) {
        const [a, b] = [some[i]!, some[i + 1]!];
        if (a.familiar || !b.familiar || a.colour !== b.colour || a.bubbles !== b.bubbles) return false;
        if ((['acidity', 'sweetness', 'tannin', 'body', 'intensity'] as const).some((key) => Math.abs(a.loads[key] - b.loads[key]) > resembles)) return false;
      }
      return some.length % 2 === 0 && distinct((wine) => wine.id) === some.length;
    }
    case 'dish':
      return some.length >= 3 && some.every((wine) => wine.fit! >= fitsDish && !wine.clashes);
    case 'exam':
      return (
        some.length >= 4 &&
        distinct((wine) => wine.grape) === some.length &&
        known((wine) => wine.grape) &&
        known((wine) => wine.vintage) &&
        distinct((wine) => wine.colour) >= 2
      );
    case 'free':
      return some.length >= 2 && distinct((wine) => wine.id) === some.length;
  }
}

describe('themes', () => {
  it('on seeded cellars of 500 wines every planted set is proposed and no proposal breaks its theme', () => {
    for (let seed = 1; seed <= 8; seed++) {
      const { wines, planted } = cellar(seed);
      for (const theme of themeIds) {
        const { proposals } = propose(theme, wines, 8);
        expect(proposals.length, theme).toBeGreaterThan(0);
        for (const entry of proposals) {
          expect(keeps(theme, entry, wines), `${theme} ${entry.wines.join()}`).toBe(true);
          expect(entry.wines.length).toBeLessThanOrEqual(8);
          expect(themeWording[entry.why.id](entry.why.args)).not.toMatch(/undefined|NaN/);
        }
        if (theme in planted) {
          const set = [...planted[theme as keyof typeof planted]].sort().join();
          expect(
            proposals.some((entry) => [...entry.wines].sort().join() === set),
            `${theme}, seed ${seed}`,
          ).toBe(true);
        }
      }
    }
  });
  it('for a pair exactly one listed fact differs, it is the one that is named, and all others are known', () => {
    const { wines } = cellar(11);
    const byId = new Map(wines.map((wine) => [wine.id, wine]));
    for (const { wines: ids, why } of propose('pair', wines, 2).proposals) {
      const [a, b] = ids.map((id) => byId.get(id)!);
      const { differ, unknown } = comparePair(a!, b!);
      expect(unknown).toEqual([]);
      expect(differ.length).toBe(1);
      expect([why.args['a'], why.args['b']]).toEqual([pairFact(a!, differ[0]!), pairFact(b!, differ[0]!)]);
    }
  });
  it('with none, the nearest miss is named with what it lacks', () => {
    const { wines } = cellar(3, 0);
    const some = (ids: readonly string[]) => wines.filter((wine) => ids.includes(wine.id));
    expect(propose('grape-places', some(['g0', 'g1']), 8)).toMatchObject({
      proposals: [],
      nearest: { wines: ['g1', 'g0'], why: { id: 'lacks', args: { value: 'Rarity', what: 'another place' } } },
    });
    expect(propose('producer-years', some(['y0', 'y1']), 8).nearest!.why.args['what']).toBe('another vintage');
    const [a, b] = some(['o0', 'o1']);
    expect(propose('pair', [a!, { ...b!, vintage: 2021 }], 2).nearest!.why).toMatchObject({ id: 'differs-in-two', args: { facts: 'year and oak' } });
    expect(propose('pair', [a!, { ...b!, vintage: undefined }], 2).nearest!.why).toMatchObject({ id: 'not-known', args: { facts: 'year' } });
    for (const theme of themeIds) expect(propose(theme, [], 8)).toEqual({ proposals: [], nearest: undefined });
    expect(pairFactIds.length).toBe(7);
  });
  it('does not depend on the order of the cellar', () => {
    const { wines } = cellar(5);
    for (const theme of themeIds) expect(propose(theme, [...wines].reverse(), 6)).toEqual(propose(theme, wines, 6));
  });
});
