import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { afterThisWine, momentsAgain, placeInSight, programOf, reached, stopInWords, type ProgramPlan } from './program';
import { begun, elapsed, goOn, goTo, grant, paceInWords, paceOf, pause, shorten } from './run';

const steps = [
  { name: 'appearance', quarter: 'appearance', minutes: 1 },
  { name: 'aroma', quarter: 'aroma', minutes: 2 },
  { name: 'palate', quarter: 'palate', minutes: 3 },
] as const;
const usual: ProgramPlan = { wines: 4, steps, pourMinutes: 2, rests: [{ after: 1, kind: 'cheese' }], reveal: 'each', open: false, returns: true };
const plans = fc.record({
  wines: fc.integer({ min: 1, max: 12 }),
  steps: fc.constant(steps),
  pourMinutes: fc.integer({ min: 1, max: 5 }),
  rests: fc.array(fc.record({ after: fc.integer({ min: 0, max: 12 }), kind: fc.constantFrom('bread' as const, 'cheese' as const) }), { maxLength: 3 }),
  reveal: fc.constantFrom('each' as const, 'pair' as const, 'end' as const),
  open: fc.boolean(),
  returns: fc.boolean(),
});
const noon = new Date('2026-11-28T19:00:00Z');
const later = (minutes: number, from = noon) => new Date(from.getTime() + minutes * 60_000);

describe('the program of an evening', () => {
  it('goes through every wine, its steps in order, and uncovers each covered wine once, after it was tasted', () => {
    fc.assert(
      fc.property(plans, (plan) => {
        const program = programOf(plan);
        expect(program[0]!.kind).toBe('gather');
        expect(program.at(-1)!.kind).toBe('end');
        for (let place = 0; place < plan.wines; place++) {
          const poured = program.findIndex((stop) => stop.kind === 'pour' && stop.place === place);
          expect(program.slice(poured + 1, poured + 4).map((stop) => (stop.kind === 'step' && stop.place === place ? stop.step : -1))).toEqual([0, 1, 2]);
          const uncovered = program.flatMap((stop, at) => (stop.kind === 'reveal' && stop.places.includes(place) ? [at] : []));
          expect(uncovered.length).toBe(plan.open ? 0 : 1);
          for (const at of uncovered) expect(at).toBeGreaterThan(poured + 3);
          expect(reached(program, poured)).toBe(place);
          expect(reached(program, poured - 1)).toBe(place - 1);
        }
      }),
    );
  });
  it('at an unmasking everybody looks at the wine whose label is being lifted, and at one that is known until the next is begun', () => {
    const reveal = programOf({ ...usual, reveal: 'pair' }).find((stop) => stop.kind === 'reveal')!;
    // Two wines uncovered together, by how many facts of each are told; five are the whole label.
    const seen = (...told: readonly number[]) =>
      placeInSight(
        reveal,
        told.map((n, place) => ({ place, rejected: false, revealed: n === 5, facts: Array.from({ length: n }) })),
      );
    expect([seen(0, 0), seen(2, 0), seen(5, 0), seen(5, 1), seen(5, 5), seen(0, 1), seen(0, 5)]).toEqual([0, 0, 0, 1, 1, 1, 1]);
    expect(placeInSight({ kind: 'gather', minutes: 1 }, [])).toBeUndefined();
  });
  it('names a place by its wine, and in a panel by its glass', () => {
    const pour = { kind: 'pour', place: 1, minutes: 2 } as const;
    expect([stopInWords(pour), stopInWords(pour, true)]).toEqual(['pour wine B', 'pour glass B']);
  });
  it('uncovers by pairs, and an odd last one alone', () => {
    const places = programOf({ ...usual, wines: 5, reveal: 'pair' }).flatMap((stop) => (stop.kind === 'reveal' ? [stop.places] : []));
    expect(places).toEqual([[0, 1], [2, 3], [4]]);
  });
  it('after the cheese the wine before it is tasted once more, and no rest comes after the last wine', () => {
    const words = programOf({
      ...usual,
      wines: 2,
      rests: [
        { after: 0, kind: 'cheese' },
        { after: 1, kind: 'bread' },
      ],
    }).map((stop) => stopInWords(stop));
    expect(words).toEqual([
      'people arrive',
      'pour wine A',
      'appearance',
      'aroma',
      'palate',
      'uncover wine A',
      'a bite of cheese',
      'wine A once more, after the cheese',
      'pour wine B',
      'appearance',
      'aroma',
      'palate',
      'wine A once more, after its time in the glass',
      'uncover wine B',
      'close the evening',
    ]);
  });
  it('a bite comes when its wine was tasted, before it is uncovered; crossed it takes longer', () => {
    const bites = [
      { place: 0, food: 'an oyster', crossed: true },
      { place: 1, food: 'hard cheese', crossed: false },
    ];
    const program = programOf({ ...usual, wines: 2, rests: [], returns: false, bites });
    expect(program.map((stop) => stopInWords(stop))).toEqual([
      'people arrive',
      'pour wine A',
      'appearance',
      'aroma',
      'palate',
      'wine A with an oyster',
      'uncover wine A',
      'pour wine B',
      'appearance',
      'aroma',
      'palate',
      'wine B with hard cheese',
      'uncover wine B',
      'close the evening',
    ]);
    expect(program[5]!.minutes).toBeGreaterThan(program[11]!.minutes);
  });
  it('half of the room takes a crossed bite first, and everybody both', () => {
    const at = (seat: number) => momentsAgain({ after: 'bite', crossed: true }, seat);
    expect([at(1), at(2)]).toEqual([
      ['air', 'food'],
      ['food', 'air'],
    ]);
    expect(momentsAgain({ after: 'bite' }, 2)).toEqual(['food']);
    expect(momentsAgain({ after: 'air' }, 2)).toEqual(['air']);
  });
  it('whoever skips a wine goes to what comes after its steps', () => {
    const program = programOf(usual);
    expect(program[afterThisWine(program, 2)]!.kind).toBe('reveal');
    expect(afterThisWine(program, program.length - 1)).toBe(program.length - 1);
  });
});

describe('a run', () => {
  const program = programOf(usual);
  it('never leaves its program, wherever it is sent', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: -50, max: 90 }), { maxLength: 20 }), (ways) => {
        const run = ways.reduce((now, to) => goTo(now, program, to, noon), begun(noon));
        expect(program[run.at]).toBeDefined();
      }),
    );
  });
  it('pauses count for the evening and not for the stop; going on twice, or pausing twice, is once', () => {
    const poured = goTo(begun(noon), program, 1, noon);
    const rests = pause(pause(poured, later(1)), later(2));
    expect(elapsed(rests, later(9)) / 60_000).toBe(1);
    const on = goOn(goOn(rests, later(9)), later(10));
    expect(elapsed(on, later(10)) / 60_000).toBe(2);
    expect(paceOf(program, on, later(10))!.behind).toBeCloseTo(8, 5);
  });
  it('has no pace before the first pour, is on time while it keeps to its minutes, and behind by what took longer', () => {
    expect(paceOf(program, begun(noon), later(30))).toBeUndefined();
    let run = begun(noon);
    let at = noon;
    for (let stop = 1; stop < program.length; stop++) {
      run = goTo(run, program, stop, at);
      expect(paceOf(program, run, at)!.behind).toBeCloseTo(0, 5);
      at = later(program[stop]!.minutes, at);
    }
    const slow = goTo(begun(noon), program, 1, noon);
    expect(paceOf(program, grant(slow, 4), noon)!.behind).toBeCloseTo(4, 5);
    expect(paceOf(program, slow, later(10))!.behind).toBeCloseTo(8, 5);
  });
  it('a delay is taken from the rests to come, and shortening them as it says ends the evening as planned', () => {
    const slow = goTo(begun(noon), program, 1, noon);
    const pace = paceOf(program, slow, later(5))!;
    expect(pace.behind).toBeCloseTo(3, 5);
    const cheese = program.findIndex((stop) => stop.kind === 'rest');
    expect(pace.shorten).toEqual([{ at: cheese, from: 7, to: 4 }]);
    const mended = pace.shorten.reduce((now, entry) => shorten(now, entry.at, entry.to), slow);
    expect(paceOf(program, mended, later(5))!.behind).toBeCloseTo(0, 5);
    expect(paceInWords(program, pace, (instant) => instant.toISOString().slice(11, 16))).toBe(
      'Shorten the pause (a bite of cheese) to 4 min and you end as planned, about 19:54.',
    );
    expect(paceInWords(program, paceOf(program, goTo(slow, program, program.length - 3, later(80)), later(80))!, () => '20:30')).toMatch(/no rest is left/);
  });
  it('says nothing of a delay nobody notices, and never makes a rest shorter than water needs', () => {
    fc.assert(
      fc.property(plans, fc.double({ min: 0, max: 60, noNaN: true }), (plan, minutes) => {
        const stops = programOf(plan);
        const pace = paceOf(stops, goTo(begun(noon), stops, 1, noon), later(minutes))!;
        for (const entry of pace.shorten) expect(entry.to).toBeGreaterThanOrEqual(3);
        if (pace.behind <= 1.5) expect(pace.shorten).toEqual([]);
      }),
    );
  });
});
