import { describe, expect } from 'vitest';
import { published } from '../testing/published';
import { readFinish } from './finish';

const word = (seconds: number, ruler: number) => readFinish(seconds).words[ruler]!.word;
describe('rulers of the finish', () => {
  published('Vedel; Peynaud, Le goût du vin', 'a caudalie is one second of aromatic persistence', () => expect(readFinish(12).caudalies).toBe(12));
  published('common practice', 'about ten seconds is short, thirty medium, a minute long, by the slow ruler', () =>
    expect([word(10, 0), word(30, 0), word(60, 0)]).toEqual(['short', 'medium', 'long']),
  );
  published('handbooks: under about 5 s short, over about 10 s long', 'the short ruler', () =>
    expect([word(4, 1), word(7, 1), word(12, 1)]).toEqual(['short', 'medium', 'long']),
  );
});
