import { describe, expect, it } from 'vitest';
import { published } from '@rose/core/testing/published';
import { emptyNote, withObservation } from '@rose/core/wine/note';
import { noteDocument } from '@rose/core/wine/note-schema';
import { everydayRows, rowsSaid } from './said';

describe('everyday words of taste, feel and look', () => {
  published('common practice', 'each finds its own row, however it is put', () => {
    const first = (text: string) => rowsSaid(text)[0];
    expect(first('it tastes sour')).toMatchObject({ id: 'acidity' });
    expect(first('a bit fizzy')).toMatchObject({ id: 'bubbles' });
    expect(first('Velvety')).toEqual({ id: 'tanninGrain', value: 'velvet' });
    expect(first('bone-dry')).toMatchObject({ id: 'sweetness' });
    expect(first('legs')).toMatchObject({ id: 'tears' });
    expect(first('hot')).toMatchObject({ id: 'alcohol' });
    for (const judged of ['elegant', 'moreish', 'cherry', 'a bit of everything', '']) expect(rowsSaid(judged), judged).toEqual([]);
  });
  it('holds values its rows can hold, each word once a row', () => {
    for (const { id, value, words } of everydayRows) {
      expect(noteDocument.safeParse(withObservation(emptyNote, id, value as never)).success, `${id} ${String(value)}`).toBe(true);
      expect(words.length).toBeGreaterThan(0);
    }
    const said = everydayRows.flatMap(({ id, words }) => words.map((word) => `${id} ${word}`));
    expect(new Set(said).size).toBe(said.length);
  });
});
