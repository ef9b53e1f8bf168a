import { describe, expect, it } from 'vitest';
import { doubtInWords, judgeDoubts } from './doubts';

describe('doubts about a glass (common practice)', () => {
  it('one nose among many points to the glass, several to the bottle, a smell in several wines to the room', () => {
    const one = { seat: 7, place: 2, smells: 'cellar' } as const;
    expect(judgeDoubts([one], 2, 12)).toMatchObject({ suspect: 'glass', seats: [7] });
    expect(judgeDoubts([one, { seat: 3, place: 2 }], 2, 12)).toMatchObject({ suspect: 'bottle', seats: [3, 7] });
    expect(judgeDoubts([one, { seat: 7, place: 0, smells: 'cellar' }], 2, 12)).toMatchObject({ suspect: 'room' });
    expect(judgeDoubts([one], 2, 3)).toMatchObject({ suspect: 'unsure' });
    expect(judgeDoubts([one], 1, 12)).toBeUndefined();
  });
  it('cloudy wines are no smell of the room', () => {
    expect(
      judgeDoubts(
        [
          { seat: 1, place: 0, smells: 'cloudy' },
          { seat: 1, place: 1, smells: 'cloudy' },
        ],
        1,
        8,
      ),
    ).toMatchObject({ suspect: 'glass' });
  });
  it('says who, and what to do next', () => {
    expect(doubtInWords(judgeDoubts([{ seat: 7, place: 2 }], 2, 12)!, 12).says).toBe('Seat 7 doubts it, the other 11 do not: perhaps the glass.');
  });
});
