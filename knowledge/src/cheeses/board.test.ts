import { describe, expect, it } from 'vitest';
import { published } from '@rose/core/testing/published';
import { ingredient, styleWines } from '../pairing/index';
import { boardFor } from './board';
import { cheeseFacts } from './index';

const wines = (...ids: string[]) => ids.map((id) => styleWines.find((wine) => wine.id === id)!);
const factsOf = (id: string) => cheeseFacts.find((one) => one.id === id)!;

describe('a cheese board for a flight', () => {
  const flight = wines('herbal-coast', 'cool-unoaked', 'cabernet', 'botrytis');
  const board = boardFor(flight, 4);
  it('is of as many cheeses as asked, no two of one paste where others do, each beside each wine with a reason', () => {
    expect(board).toHaveLength(4);
    expect(new Set(board.map(({ id }) => factsOf(id).paste)).size).toBeGreaterThanOrEqual(3);
    for (const cheese of board) {
      expect(cheese.cells.map(({ wine }) => wine)).toEqual(flight.map(({ id }) => id));
      for (const { because, shown } of cheese.cells) {
        expect(because.length).toBeGreaterThan(5);
        expect(shown).toBeGreaterThanOrEqual(0);
        expect(shown).toBeLessThanOrEqual(100);
      }
      expect(cheese.minutesOut).toBeGreaterThanOrEqual(20);
    }
    expect(board.reduce((sum, { grams }) => sum + grams, 0)).toBeLessThanOrEqual(100);
  });
  published('common practice', 'a sweet wine brings a blue cheese, eaten last; a sharp young white a fresh or goat cheese; mild before strong', () => {
    const blue = board.findIndex(({ id }) => ingredient(id)!.marks.includes('blueMould'));
    expect(blue).toBe(board.length - 1);
    expect(
      boardFor(wines('herbal-coast'), 2).some(({ id }) => factsOf(id).milk === 'goat' || ['fresh', 'brined', 'stretched'].includes(factsOf(id).paste)),
    ).toBe(true);
  });
  it('every wine has a cheese that goes with it, for every pair of styles', () => {
    for (let i = 0; i + 1 < styleWines.length; i += 2)
      for (let w = 0; w < 2; w++)
        expect(Math.max(...boardFor(styleWines.slice(i, i + 2), 4).map(({ cells }) => cells[w]!.shown)), styleWines[i + w]!.id).toBeGreaterThan(45);
  });
  it('of no wine there is none', () => expect(boardFor([], 4)).toEqual([]));
});
