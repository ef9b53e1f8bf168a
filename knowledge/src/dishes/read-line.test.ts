import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import { dishOf } from '../pairing/index';
import { everydayDishes } from './index';
import { dishNames } from './data';
import { longestLine, menuLines, readLine } from './read-line';

const ids = (line: string) => readLine(line).parts.map(({ part }) => part);
const cookedOf = (line: string, part: string) => readLine(line).parts.find((one) => one.part === part)?.cooked ?? [];

describe('a line read as a dish', () => {
  it('gives parts, what is done to each, and amounts', () => {
    const read = readLine('lamb with rosemary, grilled, potatoes in goose fat');
    expect(read.parts.map(({ part }) => part)).toEqual(['lamb', 'rosemary-thyme', 'potatoes', 'duck-fat']);
    expect(cookedOf('lamb with rosemary, grilled, potatoes in goose fat', 'lamb')).toEqual(['grilled']);
    expect(read.notUnderstood).toEqual([]);
    expect(readLine('200g ribeye, 150 g chips').parts).toEqual([
      { part: 'beef-steak', grams: 200, usual: false },
      { part: 'chips', grams: 150, usual: false },
    ]);
  });
  it('a way of cooking is said of what follows it, of two joined by "and", or of what stands before it', () => {
    expect(cookedOf('pan-fried sea bass and scallops with beurre blanc', 'scallops')).toEqual(['pan-fried']);
    expect(cookedOf('chicken braised with leeks', 'chicken')).toEqual(['braised']);
    expect(cookedOf('chicken braised with leeks', 'onions')).toEqual([]);
    expect(cookedOf('Duck leg confit, Puy lentils', 'duck-leg')).toEqual(['confit']);
    expect(cookedOf('Grilled sea bass, fennel salad', 'fennel-bulb')).toEqual([]);
  });
  it('little and much move an amount, "no" takes away, even from what a dish is usually made of', () => {
    const usual = readLine('chilli, grilled prawns').parts[0]!;
    expect(usual.grams).toBeUndefined();
    expect(readLine('grilled prawns, a little chilli').parts.find(({ part }) => part === 'fresh-chilli')!.grams).toBe(3);
    expect(readLine('grilled prawns, chilli (extra)').parts.find(({ part }) => part === 'fresh-chilli')!.grams).toBeGreaterThan(6);
    expect(ids('carbonara, no bacon')).not.toContain('bacon');
    expect(ids('carbonara')).toContain('bacon');
    expect(ids('just a bit of grilled fish, nothing spicy, no butter pls')).toEqual(['fish']);
    expect(readLine('just a bit of grilled fish, no butter pls').without).toEqual(['butter']);
  });
  it('a word for a shape after a food does not bring the meat it is cut from; salad of a leaf is no leaf more', () => {
    expect(ids('cauliflower steak')).toEqual(['cauliflower']);
    expect(ids('tuna steak')).toEqual(['tuna']);
    expect(ids('steak')).toEqual(['beef-steak']);
    expect(ids('fennel salad')).toEqual(['fennel-bulb']);
    expect(ids('tuna salad')).toEqual(['tuna', 'green-salad']);
    expect(ids('sweetbreads')).not.toContain('bread');
    expect(ids('Bombay duck fry')).not.toContain('duck');
  });
  it('a named dish brings its usual parts, told as usual; what is named besides stays', () => {
    const read = readLine('Carbonara with a green salad');
    expect(read.named?.id).toBe('carbonara');
    expect(read.parts.filter(({ usual }) => !usual).map(({ part }) => part)).toEqual(['green-salad']);
    for (const { id } of everydayDishes) expect(readLine(id.replaceAll('-', ' ')).parts.length, id).toBeGreaterThan(0);
    for (const [id, names] of Object.entries(dishNames)) {
      expect(
        everydayDishes.some((dish) => dish.id === id),
        id,
      ).toBe(true);
      for (const name of names) expect(readLine(name).named?.id, name).toBe(id);
    }
  });
  it('what it does not understand is handed back, never guessed', () => {
    expect(readLine('moonlight soup with chicken')).toMatchObject({ notUnderstood: ['moonlight'] });
    expect(readLine('Ψάρι στη σχάρα 🍕')).toMatchObject({ parts: [], notUnderstood: ['Ψάρι στη σχάρα 🍕'] });
    expect(readLine('')).toMatchObject({ parts: [], notUnderstood: [] });
    expect(readLine('1000000 kg beef').notUnderstood).toEqual(['1000000']);
  });
  it('any text is read in time, into parts that are known, with amounts that can be saved', () => {
    const words = fc.oneof(
      fc.string(),
      fc.constantFrom('grilled', 'lamb', 'with', 'no', 'and', ',', '200 g', 'carbonara', '🍋', 'a little', '<script>', '\n', '—'),
    );
    fc.assert(
      fc.property(fc.array(words, { maxLength: 60 }), (all) => {
        const read = readLine(all.join(' '));
        expect(dishOf(read.parts).unknown).toEqual([]);
        expect(read.name.length).toBeLessThanOrEqual(longestLine);
        expect(new Set(read.parts.map(({ part }) => part)).size).toBe(read.parts.length);
        for (const { grams, cooked } of read.parts) {
          if (grams !== undefined) expect(grams).toBeLessThanOrEqual(2000);
          expect((cooked ?? []).length).toBeLessThanOrEqual(4);
        }
      }),
      { numRuns: 300 },
    );
  });
});
describe('a pasted menu', () => {
  it('is a dish a line, without prices, dots and empty lines', () =>
    expect(menuLines('Oysters ........ 14.50\n\nSoup £7\n  Sea bass, fennel  € 22,00\n* * *')).toEqual(['Oysters', 'Soup', 'Sea bass, fennel']));
});
