import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { published } from '../testing/published';
import { blocks, codes, counts, judgeBlocks, panelOrders, panelPours, placeLetter, williams } from './serving-design';

const all = (table: readonly (readonly number[])[], skipDiagonal: boolean) => [
  ...new Set(table.flatMap((row, i) => row.filter((_, j) => !skipDiagonal || i !== j))),
];
describe('Williams squares', () => {
  for (let n = 2; n <= 16; n++)
    published('Williams 1949, Aust. J. Sci. Res. A 2:149', `${n} wines: each in each place and after each other equally often`, () => {
      const design = williams(n);
      expect(design.length).toBe(n % 2 === 0 ? n : 2 * n);
      const { place, follows } = counts(design, n);
      expect(all(place, false)).toEqual([n % 2 === 0 ? 1 : 2]);
      expect(all(follows, true)).toEqual([n % 2 === 0 ? 1 : 2]);
      for (const row of design) expect([...row].sort((a, b) => a - b)).toEqual(Array.from({ length: n }, (_, i) => i));
    });
  published('Williams 1949, Aust. J. Sci. Res. A 2:149', 'the square of four wines is 0132 / 1203 / 2310 / 3021', () =>
    expect(williams(4)).toEqual([
      [0, 1, 3, 2],
      [1, 2, 0, 3],
      [2, 3, 1, 0],
      [3, 0, 2, 1],
    ]),
  );
  // One row a seat, one digit a wine; odd numbers need the square and its mirror.
  const squares: readonly [number, string][] = [
    [3, '012 120 201 210 021 102'],
    [5, '01423 12034 23140 34201 40312 32410 43021 04132 10243 21304'],
    [6, '015243 120354 231405 342510 453021 504132'],
    [7, '0162534 1203645 2314056 3425160 4536201 5640312 6051423 4352610 5463021 6504132 0615243 1026354 2130465 3241506'],
    [8, '01726354 12037465 23140576 34251607 45362710 56473021 67504132 70615243'],
    [
      9,
      '018273645 120384756 231405867 342516078 453627180 564738201 675840312 786051423 807162534 546372810 657483021 768504132 870615243 081726354 102837465 213048576 324150687 435261708',
    ],
    [10, '0192837465 1203948576 2314059687 3425160798 4536271809 5647382910 6758493021 7869504132 8970615243 9081726354'],
  ];
  for (const [n, rows] of squares)
    published('Williams 1949, Aust. J. Sci. Res. A 2:149 (the construction, worked out row by row)', `the square of ${n} wines, seat by seat`, () =>
      expect(
        williams(n)
          .map((row) => row.map((wine) => wine.toString(16)).join(''))
          .join(' '),
      ).toBe(rows),
    );
  it('a panel of a whole square is balanced whatever the seed, and every seat tastes every wine', () => {
    fc.assert(
      fc.property(fc.integer({ min: 2, max: 9 }), fc.nat(1e6), (n, seed) => {
        const seats = williams(n).length;
        const { place, follows } = counts(panelOrders(n, seats, seed), n);
        expect(all(place, false).length).toBe(1);
        expect(all(follows, true).length).toBe(1);
      }),
      { numRuns: 40 },
    );
  });
});
describe('incomplete blocks', () => {
  for (const [v, b, k, lambda] of [
    [7, 7, 3, 1],
    [4, 6, 2, 1],
    [13, 13, 4, 1],
    [7, 7, 4, 2],
    [11, 11, 5, 2],
  ] as const)
    published(
      'Cochran & Cox 1957, Experimental Designs, ch. 11 (balanced incomplete blocks)',
      `${v} wines, ${k} a seat, ${b} seats: every pair meets ${lambda} times`,
      () => {
        const found = blocks(v, k, b);
        expect(found.balanced).toBe(true);
        expect(found.pairs).toEqual({ least: lambda, most: lambda });
        expect(judgeBlocks(found.design, v)).toEqual(found);
      },
    );
  it('where none exists the pair counts differ by little, the counts are told, and each seat’s wines differ', () => {
    for (const [v, k, b] of [
      [12, 6, 10],
      [10, 4, 8],
      [16, 6, 12],
      [20, 8, 15],
    ] as const) {
      const found = blocks(v, k, b, 3);
      expect(found.design.length).toBe(b);
      for (const row of found.design) expect(new Set(row).size).toBe(k);
      expect(found.pairs.most - found.pairs.least).toBeLessThanOrEqual(v === 12 ? 2 : 3);
      const times = Array.from({ length: v }, (_, wine) => found.design.flat().filter((entry) => entry === wine).length);
      expect(Math.max(...times) - Math.min(...times)).toBeLessThanOrEqual(1);
    }
  });
  it('ends at once when it is told to', () => {
    const found = blocks(40, 10, 30, 1, 1e9, () => true);
    expect(found.design.length).toBe(30);
  });
});
describe('codes and letters', () => {
  published(
    'common practice of sensory tests: three random digits, none that reads as a word or a rank',
    'no 100, 111, 123, 666, 999 and their kind, two digits apart, no transposed pair',
    () => {
      for (let seed = 1; seed <= 12; seed++) {
        const found = codes(40, seed);
        expect(found.length).toBe(40);
        for (const code of found) {
          expect(code).toMatch(/^[1-9]\d\d$/);
          expect(['100', '111', '222', '333', '123', '321', '666', '777', '999', '911', '200']).not.toContain(code);
        }
        for (const [i, a] of found.entries())
          for (const b of found.slice(i + 1)) {
            expect([...a].filter((digit, j) => digit !== b[j]).length).toBeGreaterThanOrEqual(2);
            expect([...a].sort().join('')).not.toBe([...b].sort().join(''));
          }
      }
    },
  );
  it('a panel has codes of its own for each seat, its duplicates twice, and is the same for the same seed', () => {
    const made = panelPours(5, 10, 7, [2]);
    expect(made).toEqual(panelPours(5, 10, 7, [2]));
    for (const seat of made.seats) {
      expect(seat.glasses.filter((glass) => glass.wine === 2).length).toBe(2);
      expect(new Set(seat.glasses.map((glass) => glass.code)).size).toBe(6);
    }
    expect(new Set(made.seats.map((seat) => seat.glasses[0]!.code)).size).toBeGreaterThan(7);
    const few = panelPours(12, 12, 7, [], 5);
    expect(few.blocks!.pairs.most - few.blocks!.pairs.least).toBeLessThanOrEqual(1);
    expect(few.seats.every((seat) => seat.glasses.length === 5)).toBe(true);
  });
  it('places are letters', () => expect([0, 1, 25, 26, 39].map(placeLetter)).toEqual(['A', 'B', 'Z', 'AA', 'AN']));
});
