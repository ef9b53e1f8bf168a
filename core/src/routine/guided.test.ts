import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { anyObserved } from '../testing/any-note';
import { idsOf, observables, quarters, type ObservableId } from '../wine/observables';
import { guidedPath, guidedSteps, questionsOf, sipsToCome } from './guided';
import { asRoutine, sipTask, type Routine, type RoutineStep } from './routine';
import { ownRoutine, routineToKeep } from './routine-schema';

const step = (quarter: RoutineStep['quarter'], sips = 0, asks?: RoutineStep['asks']): RoutineStep => ({
  name: quarter,
  quarter,
  sniffs: 0,
  sips,
  minutes: 1,
  ...(asks === undefined ? {} : { asks }),
});
const routineOf = (...steps: RoutineStep[]): Routine => ({ id: 'r', name: 'r', says: '', steps });
const rinsing = (...steps: RoutineStep[]): Routine => ({ ...routineOf(...steps), rinse: true });
const round = rinsing(step('appearance'), step('aroma'), step('palate', 2), step('finish', 1));
const asked = (routine: Routine, observed = {}) => guidedPath(routine, observed).map((entry) => entry.ask);

/** Any routine a host could design: steps in any order, some open, some naming questions no other names. */
const anyRoutine: fc.Arbitrary<Routine> = fc
  .tuple(
    fc.array(fc.record({ quarter: fc.constantFrom(...quarters), sips: fc.nat(4), open: fc.boolean() }), { minLength: 1, maxLength: 8 }),
    fc.shuffledSubarray([...guidedSteps]),
  )
  .map(([steps, questions]) => {
    const dealt = steps.map((): (typeof guidedSteps)[number][] => []);
    questions.forEach((ask, i) => dealt[i % steps.length]!.push(ask));
    return routineOf(...steps.map((entry, i) => step(entry.quarter, entry.sips, entry.open ? undefined : dealt[i])));
  });

describe('the guided way', () => {
  it('asks each thing once at most whatever the routine and whatever was recorded, and the sips never go back', () => {
    fc.assert(
      fc.property(anyRoutine, anyObserved, (routine, observed) => {
        const path = guidedPath(routine, observed);
        expect(new Set(path.map((entry) => entry.key)).size).toBe(path.length);
        expect(new Set(path.map((entry) => entry.ask)).size).toBe(path.length);
        const sips = path.flatMap((entry) => (entry.sip === undefined ? [] : [entry.sip.n]));
        expect(sips).toEqual([...sips].sort((a, b) => a - b));
        for (const { sip } of path) if (sip !== undefined) expect(sip.n).toBeLessThanOrEqual(sip.of);
      }),
    );
  });
  it('a routine of the four quarters asks all there is but what is extra, quarter after quarter', () => {
    const all = quarters
      .flatMap((quarter) => questionsOf(quarter))
      .filter((ask) => !(ask in observables) || !('extra' in observables[ask as ObservableId]))
      .filter((ask) => ask !== 'eye');
    const tannic = asked(round, { tannin: 60 });
    expect(tannic.filter((ask) => ask !== 'clear')).toEqual(all);
    expect(idsOf('verdict').every((id) => tannic.includes(id))).toBe(true);
  });
  it('begins with the look, asks health before the smells, and the watch before the mark', () => {
    const steps = asked(round);
    expect(steps[0]).toBe('clarity');
    expect(steps.indexOf('health')).toBeLessThan(steps.indexOf('smells'));
    expect(steps.indexOf('watch')).toBeLessThan(steps.indexOf('quality'));
  });
  it('asks the grain of a tannin only when there is one', () => {
    expect(asked(round)).not.toContain('tanninGrain');
    expect(asked(round, { tannin: 0 })).not.toContain('tanninGrain');
    expect(asked(round, { tannin: 40 })).toContain('tanninGrain');
  });
  it('the first sip rinses and judges nothing, those between work, the last one judges (common practice)', () => {
    const four = [step('palate', 3), step('finish', 1)];
    expect([1, 2, 3, 4].map((n) => sipTask(n, rinsing(...four)))).toEqual(['clear', 'work', 'work', 'judge']);
    expect([1, 2, 3, 4].map((n) => sipTask(n, routineOf(...four)))).toEqual(['work', 'work', 'work', 'judge']);
    expect(sipTask(1, rinsing(step('palate', 1)))).toBe('all');
    const path = guidedPath(round, {});
    const at = (ask: string) => path.find((entry) => entry.ask === ask)?.sip;
    expect(path.findIndex((entry) => entry.ask === 'clear')).toBe(path.findIndex((entry) => entry.ask === 'sweetness') - 1);
    expect(at('acidity')).toEqual({ n: 2, of: 3, task: 'work' });
    expect(at('watch')).toEqual({ n: 3, of: 3, task: 'judge' });
    expect(at('hue')).toBeUndefined();
  });
  it('the working sips of a step share its questions', () => {
    const path = guidedPath(rinsing(step('palate', 3, ['sweetness', 'acidity', 'tannin', 'body'])), {});
    expect(path.map((entry) => [entry.ask, entry.sip?.n])).toEqual([
      ['clear', 1],
      ['sweetness', 2],
      ['acidity', 2],
      ['tannin', 3],
      ['body', 3],
    ]);
  });
  it('a step that names its questions asks those alone, in its order; what its quarter then lacks is not asked elsewhere', () => {
    const quick = routineOf(step('aroma', 0, ['smells', 'health']), step('palate', 1, ['buy', 'body']));
    expect(asked(quick)).toEqual(['smells', 'health', 'buy', 'body']);
    const half = routineOf(step('appearance'), step('aroma', 0, ['health']));
    expect(asked(half)).not.toContain('smells');
    expect(asked(half)).not.toContain('acidity');
  });
  it('a quarter without a step is asked with the step before it', () => {
    const path = guidedPath(routineOf(step('appearance'), step('palate', 2)), {});
    expect(path.find((entry) => entry.ask === 'health')?.step.name).toBe('appearance');
    expect(path.find((entry) => entry.ask === 'quality')?.step.name).toBe('palate');
  });
});

describe('smells asked for by layer', () => {
  const layers = routineOf(step('aroma', 0, ['smells']), step('aroma', 0, ['noseSwirled', 'smells']), step('aroma', 0, ['smells']));
  it('are a question of each step that names them, told apart by which time it is', () => {
    const path = guidedPath(layers, {});
    expect(path.map(({ key, time }) => [key, time?.n])).toEqual([
      ['smells', 1],
      ['noseSwirled', undefined],
      ['smells 2', 2],
      ['smells 3', 3],
    ]);
  });
  it('may be stored so; anything else asked twice may not', () => {
    const own = { schema: 1, name: 'Ours', says: '', steps: layers.steps };
    expect(ownRoutine.safeParse(own).success).toBe(true);
    expect(ownRoutine.safeParse({ ...own, steps: [step('palate', 1, ['body']), step('palate', 1, ['body'])] }).success).toBe(false);
  });
});

describe('an open glass', () => {
  it('is not asked what is known of it, and a hidden one is asked the same whatever it is', () => {
    const white = guidedPath(round, {}, { colour: 'white', still: true }).map(({ ask }) => ask);
    for (const ask of ['colour', 'tannin', 'bead', 'bubbles']) expect(white).not.toContain(ask);
    expect(white).toContain('hue');
    expect(guidedPath(round, { colour: 'white' }, { colour: 'white' }).map(({ ask }) => ask)).toContain('colour');
  });
});

describe('before the verdict', () => {
  it('who counts no sips and has read the palate has plainly tasted', () => {
    expect(sipsToCome({ observed: { sweetness: 10, acidity: 60 } }, round)).toBe(3);
    expect(sipsToCome({ observed: { sweetness: 10, acidity: 60, body: 40 } }, round)).toBe(0);
    expect(sipsToCome({ observed: { sweetness: 10, acidity: 60, body: 40 }, sips: 1 }, round)).toBe(2);
  });
  it('the sips of the routine are counted until the last is had, timed, marked or waived', () => {
    expect(sipsToCome({ observed: {} }, round)).toBe(3);
    expect(sipsToCome({ observed: {}, sips: 2 }, round)).toBe(1);
    expect(sipsToCome({ observed: {}, sips: 5 }, round)).toBe(0);
    expect(sipsToCome({ observed: { finish: { seconds: 7 } } }, round)).toBe(0);
    expect(sipsToCome({ observed: { quality: 84 } }, round)).toBe(0);
    expect(sipsToCome({ observed: { health: 'faulty' } }, round)).toBe(0);
    expect(sipsToCome({ observed: {}, judgedEarly: true }, round)).toBe(0);
  });
});

describe('a routine as it is stored', () => {
  const good = { schema: 1, name: 'Ours', says: '', steps: [step('aroma'), step('palate', 2, ['body'])] };
  it('takes what a host designs, and refuses what no one could follow', () => {
    expect(ownRoutine.parse(good)).toEqual(good);
    const more = {
      ...good,
      rinse: true,
      cards: { body: 'Which of these three milks?' },
      ruler: {
        label: 'ours',
        words: [
          { from: 0, word: 'brief' },
          { from: 9, word: 'fair' },
        ],
      },
    };
    expect(ownRoutine.parse(more)).toEqual(more);
    expect(asRoutine('r', 2, ownRoutine.parse(more))).toEqual({
      id: 'r@2',
      name: 'Ours',
      says: '',
      steps: good.steps,
      rinse: true,
      cards: more.cards,
      ruler: more.ruler,
    });
    const bad = [
      { ...good, name: ' ' },
      { ...good, steps: [] },
      { ...good, steps: Array.from({ length: 13 }, () => step('aroma')) },
      { ...good, steps: [step('palate', 11)] },
      { ...good, steps: [step('palate', 10), step('finish', 10), step('verdict', 1)] },
      { ...good, steps: [step('palate', 1, ['body']), step('finish', 1, ['body'])] },
      { ...good, steps: [{ ...step('palate'), asks: ['price'] }] },
      { ...good, steps: [{ ...step('palate'), minutes: -1 }] },
      { ...good, steps: [step('palate', 1, [])] },
      { ...good, cards: { price: 'What would you pay?' } },
    ];
    for (const routine of bad) expect(routineToKeep.safeParse(routine).success).toBe(false);
    // One that was kept before is still read.
    expect(ownRoutine.safeParse({ ...good, steps: [step('palate', 1, [])] }).success).toBe(true);
  });
});
