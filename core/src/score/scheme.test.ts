import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { published } from '../testing/published';
import { reconciled } from './reconcile';
import type { Chip } from '../wine/note';
import { anyObserved } from '../testing/any-note';
import type { Observed } from '../wine/observables';
import { totalPush } from '../wine/reason';
import { competitionSparkling, competitionStill, draftScore, goodnessOf, gradeWord, schemes, sheetFor, universityCard, type Cue } from './scheme';

const chip = (n: number): Chip[] => Array.from({ length: n }, (_, i) => ({ id: String(i), term: `t${i}`, layer: 'first', strength: 2 }));
const best: Observed = {
  clarity: 'brilliant',
  particles: 'none',
  hue: 'ruby',
  health: 'sound',
  noseStill: 100,
  noseSwirled: 100,
  noseFineness: 100,
  acidity: 60,
  body: 50,
  bitterness: 0,
  tanninGrain: 'silk',
  intensity: 100,
  palateHealth: 'sound',
  palateFineness: 100,
  finish: { seconds: 90 },
  after: { seconds: 0 },
  balance: 100,
  complexity: 100,
  typicity: 100,
};
const worst: Observed = {
  clarity: 'cloudy',
  particles: 'flakes',
  hue: 'brown',
  health: 'faulty',
  noseStill: 0,
  noseSwirled: 0,
  noseFineness: 0,
  acidity: 0,
  body: 0,
  bitterness: 100,
  tanninGrain: 'coarse',
  intensity: 0,
  palateHealth: 'faulty',
  palateFineness: 0,
  finish: { seconds: 0 },
  after: { seconds: 90 },
  balance: 0,
  complexity: 0,
  typicity: 0,
};

describe('the 100-point competition sheet', () => {
  const sums = [100, 86, 72, 56, 40];
  sums.forEach((sum, column) =>
    published('OIV-CONCOURS 332A-2009, annex', `column ${column + 1} of the still-wine sheet sums to ${sum}`, () =>
      expect(competitionStill.criteria.reduce((total, criterion) => total + criterion.marks[column]!, 0)).toBe(sum),
    ),
  );
  for (const [section, most] of [
    ['appearance', 15],
    ['aroma', 30],
    ['palate', 44],
    ['overall', 11],
  ] as const)
    published('OIV-CONCOURS 332A-2009, annex', `${section} gives at most ${most} points`, () =>
      expect(
        draftScore(competitionStill, best, chip(12))
          .criteria.filter((criterion) => criterion.section === section)
          .reduce((sum, criterion) => sum + criterion.mark!, 0),
      ).toBe(most),
    );
  published('OIV-CONCOURS 332A-2009, annex', 'the best wine has 100 and the worst 40', () => {
    expect(draftScore(competitionStill, best, chip(12))).toMatchObject({ low: 100, high: 100 });
    expect(draftScore(competitionStill, worst, chip(1)).low).toBeLessThanOrEqual(44);
    expect(draftScore(competitionStill, {}, [])).toMatchObject({ low: 40, high: 100 });
  });
});
describe('the 100-point sheet for sparkling wine', () => {
  [100, 85, 70, 55, 40].forEach((sum, column) =>
    published('OIV-CONCOURS 332A-2009, annex', `column ${column + 1} of the sparkling sheet sums to ${sum}`, () =>
      expect(competitionSparkling.criteria.reduce((total, criterion) => total + criterion.marks[column]!, 0)).toBe(sum),
    ),
  );
  for (const [section, most] of [
    ['appearance', 25],
    ['aroma', 28],
    ['palate', 35],
    ['overall', 12],
  ] as const)
    published('OIV-CONCOURS 332A-2009, annex', `${section} of a sparkling wine gives at most ${most} points`, () =>
      expect(
        draftScore(competitionSparkling, { ...best, bead: 'fine', bubbles: 75 }, chip(12))
          .criteria.filter((criterion) => criterion.section === section)
          .reduce((sum, criterion) => sum + criterion.mark!, 0),
      ).toBe(most),
    );
  it('is the one that fits when bubbles were recorded, seen or felt, and never by anything else', () => {
    expect(sheetFor({ bubbles: 60 })).toBe(competitionSparkling);
    expect(sheetFor({ bead: 'fine' })).toBe(competitionSparkling);
    expect(sheetFor({ bead: 'fine', bubbles: 5 })).toBe(competitionStill);
    expect(sheetFor({ bead: 'wall' })).toBe(competitionStill);
    expect(sheetFor({})).toBe(competitionStill);
  });
});
describe('the older 20-point card', () => {
  published('Amerine & Roessler, Wines: Their Sensory Evaluation', 'the maxima sum to 20', () =>
    expect(universityCard.criteria.reduce((sum, criterion) => sum + criterion.marks[0]!, 0)).toBe(20),
  );
  for (const [id, most] of [
    ['appearance', 2],
    ['colour', 2],
    ['aroma', 4],
    ['volatile', 2],
    ['acidity', 2],
    ['sugar', 1],
    ['body', 1],
    ['flavour', 2],
    ['bitterness', 2],
    ['general', 2],
  ] as const)
    published('Amerine & Roessler, Wines: Their Sensory Evaluation', `${id} gives at most ${most}`, () =>
      expect(universityCard.criteria.find((criterion) => criterion.id === id)!.marks[0]).toBe(most),
    );
  published('Amerine & Joslyn, Table Wines', '17 and more is outstanding, 13 standard, below 5 spoiled', () => {
    expect(draftScore(universityCard, best, chip(12)).word).toMatch(/outstanding/);
    expect(draftScore(universityCard, worst, chip(1)).word).toMatch(/spoiled/);
  });
});

describe('laws of every scheme', () => {
  it('a better observation never lowers a criterion or the total', () => {
    fc.assert(
      fc.property(fc.constantFrom(...schemes), anyObserved, anyObserved, fc.nat(12), (scheme, a, b, n) => {
        const chips = chip(n);
        const before = draftScore(scheme, a, chips);
        const cues = new Set(scheme.criteria.flatMap((criterion) => criterion.looks.map((look) => look.cue)));
        for (const cue of cues) {
          if (cue === 'descriptors' || a[cue] === undefined || b[cue] === undefined) continue;
          const after = { ...a, [cue]: b[cue] } as Observed;
          if (goodnessOf(cue as Cue, after, chips)! < goodnessOf(cue as Cue, a, chips)!) continue;
          const scored = draftScore(scheme, after, chips);
          scored.criteria.forEach((criterion, i) => expect(criterion.mark ?? 0).toBeGreaterThanOrEqual(before.criteria[i]!.mark ?? 0));
          expect(scored.low).toBeGreaterThanOrEqual(before.low);
        }
      }),
      { numRuns: 300 },
    );
  });
  it('a criterion with nothing recorded is not judged, and the total spans its least to its best', () => {
    fc.assert(
      fc.property(fc.constantFrom(...schemes), anyObserved, fc.nat(12), (scheme, a, n) => {
        const draft = draftScore(scheme, a, chip(n));
        const width = draft.criteria.filter((criterion) => criterion.mark === null).reduce((sum, criterion) => sum + criterion.best - criterion.least, 0);
        const faulty = a.health === 'faulty' || a.palateHealth === 'faulty';
        expect(draft.out).toBe(faulty);
        expect(draft.high - draft.low).toBe(faulty ? 0 : width);
        for (const criterion of draft.criteria) if (criterion.mark !== null) expect(totalPush(criterion.reasons)).toBeCloseTo(criterion.mark, 9);
      }),
    );
  });
  it('a faulty glass is out of competition, whatever else is fine; more words never raise a mark', () => {
    for (const scheme of schemes) {
      const lowest = scheme.criteria.reduce((sum, criterion) => sum + criterion.marks.at(-1)!, 0);
      const faulty = draftScore(scheme, { ...best, health: 'faulty' }, chip(12));
      expect(faulty).toMatchObject({ out: true, low: lowest, high: lowest });
      expect(draftScore(scheme, best, chip(1))).toEqual(draftScore(scheme, best, chip(12)));
    }
  });
  it('gives a word from three of four traits, and none from two', () => {
    expect(gradeWord({ balance: 90, intensity: 85, complexity: 80 })!.word).toBe('remarkable');
    expect(gradeWord({ balance: 90, intensity: 85 })).toBeUndefined();
  });
});
describe('three judgements of one glass', () => {
  const fine: Observed = {
    clarity: 'brilliant',
    particles: 'none',
    health: 'sound',
    noseSwirled: 90,
    noseFineness: 90,
    palateHealth: 'sound',
    intensity: 90,
    balance: 90,
    palateFineness: 90,
    complexity: 90,
    typicity: 90,
  };
  const said = (observed: Observed, mark?: number) => {
    const draft = draftScore(competitionStill, observed, []);
    return { draft, line: reconciled(draft, mark, gradeWord(observed)) };
  };
  const finish = (seconds: number): Observed => ({ ...fine, finish: { seconds } });
  it('a finish of three seconds lowers the class that one of half a minute has', () => {
    const { classes } = competitionStill;
    const at = (observed: Observed) => classes.findIndex((entry) => draftScore(competitionStill, observed, []).high >= entry.from);
    expect(at(finish(3))).toBeGreaterThan(at(finish(45)));
  });
  it('that agree are said to agree; that part say by how much, what costs most and what each counts', () => {
    const { draft } = said(finish(45));
    expect(said(finish(45), draft.high).line).toContain('agree');
    const apart = said(finish(3), 60);
    expect(apart.line).toMatch(/lies \d+ under the draft/);
    expect(apart.line).toContain('persistence');
    expect(apart.line).toContain('the sheet counts soundness');
    expect(said({ ...fine, health: 'faulty' }, 20).line).not.toMatch(/draft:/);
    for (const seconds of [0, 3, 20, 90]) for (const mark of [undefined, 0, 55, 100]) expect(said(finish(seconds), mark).line).not.toMatch(/undefined|NaN/);
  });
});
