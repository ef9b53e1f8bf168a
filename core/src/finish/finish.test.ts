import { describe, expect, it } from 'vitest';
import { published } from '../testing/published';
import { bandAt, byFeel, readFinish, rulers, sipsAgree, stopFor, usualRuler } from './finish';
import { ownRuler } from './ruler-schema';

const word = (seconds: number, ruler: string) => readFinish(seconds).words.find((entry) => entry.ruler === ruler)!.word;
describe('rulers of the finish', () => {
  published('Vedel; Peynaud, Le goût du vin', 'a caudalie is one second of aromatic persistence', () => expect(readFinish(12).caudalies).toBe(12));
  published('common practice', 'about ten seconds is short, thirty medium, a minute long, by the slow ruler', () =>
    expect([word(10, 'slow ruler'), word(30, 'slow ruler'), word(60, 'slow ruler')]).toEqual(['short', 'medium', 'long']),
  );
  published('handbooks: under about 5 s short, over about 10 s long', 'the short ruler', () =>
    expect([word(4, usualRuler.label), word(7, usualRuler.label), word(12, usualRuler.label)]).toEqual(['short', 'medium', 'long']),
  );
});

describe('a length said by feel', () => {
  it('stands for the seconds of its word, and reads back as that word by the same ruler', () => {
    for (const ruler of rulers)
      for (const { word } of ruler.words) {
        const { seconds, between } = byFeel(ruler, word)!;
        expect(bandAt(ruler, seconds).word).toBe(word);
        expect(between[0]).toBeLessThan(between[1]);
        expect(seconds).toBeGreaterThanOrEqual(between[0]);
        expect(seconds).toBeLessThanOrEqual(between[1]);
      }
    expect(byFeel(usualRuler, 'endless')).toBeUndefined();
  });
  it('is by a ruler of the host’s own too, which rises from nothing and has a word for each length', () => {
    const own = {
      label: 'ours',
      words: [
        { from: 0, word: 'brief' },
        { from: 12, word: 'fair' },
      ],
    };
    expect(ownRuler.parse(own)).toEqual(own);
    for (const words of [
      [],
      [{ from: 0, word: 'a' }],
      [
        { from: 2, word: 'a' },
        { from: 5, word: 'b' },
      ],
      [
        { from: 0, word: 'a' },
        { from: 0, word: 'b' },
      ],
      [
        { from: 0, word: 'a' },
        { from: 5, word: 'A' },
      ],
    ])
      expect(ownRuler.safeParse({ ...own, words }).success).toBe(false);
  });
});

describe('two sips of one glass', () => {
  const stop = (seconds: number, atLeast = false) => ({ seconds, ...(atLeast ? { atLeast } : {}) });
  it('agree within a quarter of their mean, or two seconds; the order does not matter', () => {
    expect(sipsAgree(stop(20), stop(24))).toEqual({ difference: 4, share: 4 / 22, agree: true });
    expect(sipsAgree(stop(24), stop(20))).toEqual(sipsAgree(stop(20), stop(24)));
    expect(sipsAgree(stop(20), stop(32))!.agree).toBe(false);
    expect(sipsAgree(stop(3), stop(5))!.agree).toBe(true);
    expect(sipsAgree(stop(0), stop(0))).toEqual({ difference: 0, share: 0, agree: true });
  });
  it('are not compared when one was not timed or was broken off', () => {
    expect(sipsAgree(stop(20), undefined)).toBeUndefined();
    expect(sipsAgree(undefined, stop(20))).toBeUndefined();
    expect(sipsAgree(stop(20, true), stop(24))).toBeUndefined();
    expect(sipsAgree(stop(20), stop(24, true))).toBeUndefined();
  });
});

describe('where a stop of the watch is kept', () => {
  const whole = { seconds: 20 };
  const broken = { seconds: 5, atLeast: true };
  it('the first sip, then the second beside it, never over it; a first that was broken off is timed again', () => {
    expect(stopFor({}, 'finish')).toBe('finish');
    expect(stopFor({ finish: broken }, 'finish')).toBe('finish');
    expect(stopFor({ finish: { seconds: 8, between: [5, 10] } }, 'finish')).toBe('finish');
    expect(stopFor({ finish: whole }, 'finish')).toBe('finishAgain');
    expect(stopFor({ finish: whole, finishAgain: broken }, 'finish')).toBe('finishAgain');
  });
  it('what stays behind is kept of the first sip', () => {
    expect(stopFor({ finish: whole }, 'after')).toBe('after');
    expect(stopFor({ finish: whole, finishAgain: whole }, 'after')).toBe('after');
    expect(stopFor({ finish: whole, finishAgain: whole, after: whole }, 'after')).toBeUndefined();
  });
});
