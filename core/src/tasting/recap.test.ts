import { describe, expect, it } from 'vitest';
import { climbInWords, likedInWords, recall, type Remembered } from './recap';

const wine = (place: number, quality: readonly number[], more: Partial<Remembered> = {}): Remembered => ({ place, quality, liking: [], smells: [], ...more });

describe('an evening looked back on', () => {
  it('keeps the middle of a table with an outlier, and says who gave how many', () => {
    const [first] = recall([wine(0, [70, 84, 86, 88])]);
    expect(first!.quality).toEqual({ middle: 85, low: 70, high: 88, people: 4 });
  });
  it('reads a climb, a fall, a best among, and wines alike', () => {
    const said = (...middles: readonly number[]) => climbInWords(recall(middles.map((mark, place) => wine(place, [mark, mark, mark]))));
    expect(said(82, 86, 91)).toBe('The marks climbed from first to last: A 82, B 86, C 91.');
    expect(said(91, 86)).toBe('The marks fell from first to last: A 91, B 86.');
    expect(said(84, 91, 80)).toBe('The table marked B highest and C lowest: A 84, B 91, C 80.');
    expect(said(84, 85, 86)).toBe('The table marked them much alike: A 84, B 85, C 86.');
  });
  it('says nothing of two marks, and that they are too few', () => {
    expect(climbInWords(recall([wine(0, [80, 90]), wine(1, [95])]))).toBe('Too few marks to say how the wines went: 2 marks at most on one wine.');
    expect(climbInWords(recall([wine(0, [80, 90, 85]), wine(1, [95])]))).toBe('Only wine A was marked by enough people: how the wines went cannot be told.');
    expect(climbInWords(recall([wine(0, []), wine(1, [])]))).toBe('');
  });
  it('names a smell only where several named it, each taster once', () => {
    const [first] = recall([wine(0, [], { smells: [['lemon', 'lemon', 'smoke'], ['lemon'], ['pear']] })]);
    expect(first!.smells).toEqual([{ name: 'lemon', people: 2 }]);
  });
  it('calls a best liked wine only when it stands apart', () => {
    const liked = (...of: readonly number[]) => likedInWords(recall(of.map((mark, place) => wine(place, [], { liking: [mark, mark, mark] }))));
    expect(liked(60, 75)).toBe('Best liked was B.');
    expect(liked(74, 75)).toBe('');
  });
});
