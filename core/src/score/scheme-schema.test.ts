import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { anyObserved } from '../testing/any-note';
import { asScheme, type OwnScheme } from './own-scheme';
import { ownScheme } from './scheme-schema';
import { draftScore, schemes, scorable, cueLabel, type Cue } from './scheme';

const sheet = (change: Partial<OwnScheme> = {}): OwnScheme => ({
  schema: 1,
  label: 'House sheet',
  source: 'our own',
  criteria: [
    { id: 'nose', label: 'nose', section: 'aroma', marks: [10, 8, 6, 4, 2, 0], looks: [{ cue: 'noseFineness', weight: 1 }] },
    { id: 'whole', label: 'the whole', section: 'overall', marks: [20, 10, 0], looks: [{ cue: 'balance', weight: 2 }] },
  ],
  classes: [
    { from: 24, word: 'pour it again' },
    { from: 0, word: 'leave it' },
  ],
  ...change,
});
const wrong = (change: Partial<OwnScheme>) => {
  const read = ownScheme.safeParse(sheet(change));
  return read.success ? '' : read.error.issues.map((issue) => issue.message).join('; ');
};
const criterion = (change: Partial<OwnScheme['criteria'][number]>) => [{ ...sheet().criteria[0]!, ...change }];

describe('a sheet of one’s own', () => {
  it('is read as it was written', () => expect(ownScheme.parse(sheet())).toEqual(sheet()));
  it('the shipped sheets could have been designed with it', () => {
    for (const { id: _id, ...rest } of schemes) expect(ownScheme.safeParse({ schema: 1, ...rest }).success).toBe(true);
  });
  it('says what is wrong: no name, no criteria, marks that do not fall, nothing to look at, a thing twice, thresholds that rise', () => {
    expect(wrong({ label: ' ' })).toContain('give it a name');
    expect(wrong({ criteria: [] })).toContain('one criterion at least');
    expect(wrong({ criteria: criterion({ marks: [5] }) })).toContain('at least two marks');
    expect(wrong({ criteria: criterion({ marks: [5, 5, 0] }) })).toContain('smaller than the one before');
    expect(wrong({ criteria: criterion({ marks: [5, Number.NaN] }) })).not.toBe('');
    expect(wrong({ criteria: criterion({ looks: [] }) })).toContain('looks at one thing');
    expect(
      wrong({
        criteria: criterion({
          looks: [
            { cue: 'balance', weight: 1 },
            { cue: 'balance', weight: 2 },
          ],
        }),
      }),
    ).toContain('twice');
    expect(wrong({ criteria: [...sheet().criteria, sheet().criteria[0]!] })).toContain('one id');
    expect(wrong({ classes: [...sheet().classes].reverse() })).toContain('fall from the best');
    expect(wrong({ criteria: criterion({ looks: [{ cue: 'the moon' as Cue, weight: 1 }] }) })).not.toBe('');
  });
  it('everything a criterion can look at has a name', () => {
    for (const cue of scorable) expect(cueLabel(cue)).toMatch(/^[a-z]/);
  });
});

describe('marks by it', () => {
  const own = asScheme('house', 3, sheet());
  it('go by the name and version a note remembers', () => expect(draftScore(own, {}, []).scheme).toBe('house@3'));
  it('worked out by hand: a nose of 70 is the second of six marks, a balance of 90 the first of three', () => {
    const draft = draftScore(own, { noseFineness: 70, balance: 90 }, []);
    expect(draft.criteria.map((entry) => entry.mark)).toEqual([8, 20]);
    expect([draft.low, draft.high, draft.best, draft.word]).toEqual([28, 28, 30, 'pour it again']);
  });
  it('what was not judged leaves the total open between its least and its best, and the word unsaid where it matters', () => {
    const draft = draftScore(own, { noseFineness: 70 }, []);
    expect([draft.low, draft.high, draft.word]).toEqual([8, 28, null]);
  });
  it('are rounded when the sheet says so, to its own step', () => {
    const halves = asScheme('house', 4, sheet({ rounding: 5 }));
    expect(draftScore(halves, { noseFineness: 70, balance: 90 }, []).low).toBe(30);
  });
  it('a mark is always one the sheet allows, and the total lies within its ends', () => {
    fc.assert(
      fc.property(anyObserved, fc.constantFrom(...schemes, own), (observed, scheme) => {
        const draft = draftScore(scheme, observed, []);
        scheme.criteria.forEach((entry, i) => {
          const { mark } = draft.criteria[i]!;
          if (mark !== null) expect(entry.marks).toContain(mark);
        });
        const least = scheme.criteria.reduce((sum, entry) => sum + entry.marks.at(-1)!, 0);
        expect(draft.low).toBeGreaterThanOrEqual(least);
        expect(draft.high).toBeLessThanOrEqual(draft.best);
        expect(draft.low).toBeLessThanOrEqual(draft.high);
      }),
    );
  });
});
