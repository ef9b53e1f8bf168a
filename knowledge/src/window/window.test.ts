import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { published } from '@rose/core/testing/published';
import { isSparkling, profileKeys, type Loads } from '@rose/core/wine/profile';
import { drinkingWindow, type WindowFacts } from '@rose/core/window/window';
import { generalStyle } from '../styles/index';

const base = (loads: Loads, change: Partial<WindowFacts> = {}): WindowFacts => ({
  loads,
  known: profileKeys,
  year: 2000,
  fortified: false,
  heated: false,
  sparkling: isSparkling(loads),
  closure: 'cork',
  clearGlass: false,
  storage: 'cellar',
  ...change,
});
/** Spans as handbooks give them, years after the harvest; from memory, for good examples well kept. */
const spans: [style: string, from: number, until: number, what: string, more?: Partial<WindowFacts>][] = [
  ['dry-rose', 0, 3, 'dry rosé'],
  ['plain-light', 0, 2, 'plain light white'],
  ['lees-coast', 1, 4, 'coastal white from its lees'],
  ['green-aromatic', 1, 4, 'green aromatic white'],
  ['dry-riesling', 2, 15, 'dry Riesling'],
  ['offdry-riesling', 3, 20, 'off-dry Riesling'],
  ['oaked-white', 2, 10, 'white aged in oak'],
  ['dry-chenin', 2, 12, 'dry Chenin'],
  ['juicy-red', 1, 4, 'juicy light red'],
  ['fine-light-red', 2, 10, 'fine light red'],
  ['tempranillo', 4, 15, 'Tempranillo aged in oak'],
  ['cabernet', 5, 20, 'Cabernet Sauvignon'],
  ['nebbiolo', 7, 25, 'Nebbiolo'],
  ['botrytis', 4, 40, 'botrytised sweet white'],
  ['aszu', 4, 45, 'aszú'],
  ['ruby-fortified', 10, 60, 'vintage red fortified', { fortified: true }],
  ['madeira-sweet', 10, 120, 'sweet Madeira', { fortified: true, heated: true }],
  ['mature-sparkling', 2, 15, 'vintage sparkling'],
];
describe('the drinking window', () => {
  for (const [style, from, until, what, more] of spans)
    published(
      'handbooks on keeping wine (Robinson, Vintage Timecharts 1989; Johnson, pocket books), from memory',
      `${what}: about ${from} to ${until} years`,
      () => {
        const found = drinkingWindow(base(generalStyle(style).loads, more));
        const middle = (span: readonly [number, number]) => (span[0] + span[1]) / 2 - 2000;
        // A published span is one maker's and one vintage's: the computed middle lies within a factor of two of it.
        expect(middle(found.until), `until ${found.until.join('–')}`).toBeGreaterThan(until / 2 - 0.6);
        expect(middle(found.until), `until ${found.until.join('–')}`).toBeLessThan(until * 2 + 0.6);
        expect(found.from[0] - 2000).toBeLessThanOrEqual(Math.max(1, from * 2));
        expect(found.from[1]).toBeLessThanOrEqual(found.until[1]);
      },
    );
  const anyLoads = fc
    .array(fc.integer({ min: 0, max: 100 }), { minLength: 10, maxLength: 10 })
    .map((values) => Object.fromEntries(profileKeys.map((key, i) => [key, values[i]!])) as unknown as Loads);
  const length = (facts: WindowFacts) => {
    const { until } = drinkingWindow(facts);
    return until;
  };
  it('more tannin, acid, sugar or spirit never shortens it; warmth and clear glass never lengthen it', () => {
    fc.assert(
      fc.property(
        anyLoads,
        fc.constantFrom('tannin' as const, 'acidity' as const, 'sweetness' as const),
        fc.integer({ min: 1, max: 60 }),
        (loads, key, more) => {
          const [low, high] = length(base(loads));
          const [low2, high2] = length(base({ ...loads, [key]: Math.min(100, loads[key] + more) }));
          expect(low2).toBeGreaterThanOrEqual(low);
          expect(high2).toBeGreaterThanOrEqual(high);
          expect(length(base(loads, { fortified: true }))[1]).toBeGreaterThanOrEqual(high);
          for (const worse of [{ storage: 'room' as const }, { storage: 'warm' as const }, { clearGlass: true }]) {
            expect(length(base(loads, worse))[0]).toBeLessThanOrEqual(low);
            expect(length(base(loads, worse))[1]).toBeLessThanOrEqual(high);
          }
          expect(length(base(loads, { storage: 'warm' }))[1]).toBeLessThanOrEqual(length(base(loads, { storage: 'room' }))[1]);
        },
      ),
    );
  });
  it('what is not known only widens it, and there is never a year without a span', () => {
    fc.assert(
      fc.property(anyLoads, fc.subarray([...profileKeys]), fc.boolean(), (loads, known, fortified) => {
        const sure = drinkingWindow(base(loads, { fortified }));
        for (const less of [{ known }, { storage: undefined }, { clearGlass: undefined }, { closure: undefined }]) {
          const found = drinkingWindow(base(loads, { fortified, ...less }));
          expect(found.until[0]).toBeLessThanOrEqual(sure.until[0]);
          expect(found.until[1]).toBeGreaterThanOrEqual(sure.until[1]);
        }
        for (const span of [sure.from, sure.until]) expect(span[1]).toBeGreaterThan(span[0]);
        for (const reason of sure.reasons) expect(reason.text).not.toMatch(/undefined|NaN/);
      }),
    );
  });
});
