import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { normal, seededRandom } from '../chance/seeded-random';
import { published } from '../testing/published';
import { student95 } from '../statistics/student';
import { fitTau } from './cooling-rate-from-readings';
import {
  aimFor,
  freezerMost,
  minutesTo,
  routesFor,
  startFor,
  tauOf,
  temperatureAfter,
  through,
  warmsBy,
  type Band,
  type Medium,
  type Surroundings,
} from './temperature';

const newton = 'Newton’s law of cooling, closed form';
describe('cooling and warming', () => {
  for (const [start, celsius, tau, target, minutes] of [
    [22, 4, 120, 10, 131.83],
    [22, 4, 120, 8, 180.49],
    [22, 4, 120, 16, 48.66],
    [22, 0, 22, 10, 17.35],
    [22, 0, 22, 8, 22.26],
    [22, -18, 105, 10, 37.45],
    [22, -18, 105, 8, 45.23],
    [20, 4, 120, 12, 83.18],
    [20, 5, 100, 8, 160.94],
    [24, 3, 90, 17, 36.49],
  ] as const)
    published(newton, `from ${start} to ${target} °C at ${celsius} °C with τ ${tau} min takes ${minutes} min`, () => {
      expect(minutesTo(start, celsius, tau, target)).toBeCloseTo(minutes, 1);
      expect(temperatureAfter(start, { celsius, tau, minutes })).toBeCloseTo(target, 2);
    });
  published('common practice', 'a red at 22 °C needs 45 to 60 minutes in the fridge to 16 °C; a white 15 to 25 in ice water to 9 °C', () => {
    expect(minutesTo(22, 4, 110, 16)!).toBeGreaterThan(40);
    expect(minutesTo(22, 4, 110, 16)!).toBeLessThan(60);
    expect(minutesTo(22, 0, 20, 9)!).toBeGreaterThan(15);
    expect(minutesTo(22, 0, 20, 9)!).toBeLessThan(25);
  });
  published('surface over volume, similar shapes', 'τ of a half bottle is 0.794, of a magnum 1.26 and of 3 L 1.587 times a bottle’s', () => {
    expect(tauOf(1, 375)).toBeCloseTo(0.794, 3);
    expect(tauOf(1, 1500)).toBeCloseTo(1.26, 3);
    expect(tauOf(1, 3000)).toBeCloseTo(1.587, 3);
  });
  for (const [minutes, celsius] of [
    [5, 9.86],
    [10, 11.48],
    [15, 12.88],
    [20, 14.09],
  ] as const)
    published(newton, `100 mL at 8 °C in a room of 22 °C are at ${celsius} °C after ${minutes} min in the glass`, () =>
      expect(8 + warmsBy(8, 22, 100, minutes)).toBeCloseTo(celsius, 1),
    );
  const stage = fc.record({
    celsius: fc.double({ min: -18, max: 30, noNaN: true }),
    tau: fc.double({ min: 10, max: 200, noNaN: true }),
    minutes: fc.double({ min: 0, max: 300, noNaN: true }),
  });
  it('is monotone, never passes its surroundings, and composes over stages', () => {
    fc.assert(
      fc.property(fc.double({ min: -5, max: 40, noNaN: true }), stage, fc.double({ min: 0, max: 1, noNaN: true }), (start, one, share) => {
        const end = temperatureAfter(start, one);
        expect(end).toBeGreaterThanOrEqual(Math.min(start, one.celsius) - 1e-9);
        expect(end).toBeLessThanOrEqual(Math.max(start, one.celsius) + 1e-9);
        const parts = [
          { ...one, minutes: one.minutes * share },
          { ...one, minutes: one.minutes * (1 - share) },
        ];
        expect(through(start, parts)).toBeCloseTo(end, 8);
        const longer = temperatureAfter(start, { ...one, minutes: one.minutes + 1 });
        expect(Math.abs(longer - one.celsius)).toBeLessThanOrEqual(Math.abs(end - one.celsius) + 1e-9);
      }),
    );
  });
  it('solving for a start and simulating it meets the target', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 4, max: 20, noNaN: true }),
        fc.array(
          stage.map((entry) => ({ ...entry, minutes: entry.minutes / 4 })),
          { minLength: 1, maxLength: 3 },
        ),
        (target, stages) => {
          expect(Math.abs(through(startFor(target, stages), stages) - target)).toBeLessThan(0.05);
        },
      ),
    );
  });
});

describe('routes', () => {
  const medium = (id: string, celsius: number, tau: number): Medium => ({ id, name: id, celsius, tau, source: 'test' });
  const around: Surroundings = {
    room: medium('room', 22, 110),
    fridge: medium('fridge', 4, 110),
    ice: medium('ice', 0, 20),
    freezer: medium('freezer', -18, 102),
  };
  const band = (low: number, high: number): Band => ({ id: 'b', name: 'band', low, high, source: 'test' });
  it('every route, at its least, best and most minutes, pours inside the band', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 2, max: 30, noNaN: true }),
        fc.integer({ min: 5, max: 16 }),
        fc.integer({ min: 2, max: 4 }),
        fc.constantFrom(375, 750, 1500),
        fc.constantFrom(0, 45, 90),
        (start, low, width, volumeMl, out) => {
          const wanted = band(low, low + width);
          const found = routesFor({ volumeMl, start }, wanted, aimFor(wanted, 22, 50, 8), around, { sameDay: out, overnight: out });
          if (found.kind === 'unreachable' || found.misses !== undefined) return;
          for (const route of found.routes) {
            expect(route.best, route.id).toBeGreaterThanOrEqual(route.least);
            expect(route.best, route.id).toBeLessThanOrEqual(route.most);
            for (const minutes of [route.least, route.best, route.most]) {
              const stages = [
                { celsius: route.medium.celsius, tau: tauOf(route.medium.tau, volumeMl), minutes },
                { celsius: 22, tau: tauOf(110, volumeMl), minutes: route.out },
              ];
              const atPour = through(start, stages);
              expect(atPour, `${route.id} ${minutes} ${JSON.stringify(route)}`).toBeGreaterThan(low - 0.35);
              expect(atPour, `${route.id} ${minutes}`).toBeLessThan(low + width + 0.35);
            }
            expect(route.atPour).toBeGreaterThanOrEqual(low - 0.3);
            expect(route.atPour).toBeLessThanOrEqual(low + width + 0.3);
            if (route.id === 'freezer') expect(route.most).toBeLessThanOrEqual(freezerMost);
            expect(route.outMost).toBeGreaterThanOrEqual(route.out);
          }
        },
      ),
    );
  });
  it('what cannot be brought quite into its band is brought as near as can be, and never farther than left alone', () => {
    const off = (celsius: number, wanted: Band) => Math.max(0, celsius - wanted.high, wanted.low - celsius);
    fc.assert(
      fc.property(
        fc.double({ min: 12, max: 30, noNaN: true }),
        fc.integer({ min: 5, max: 14 }),
        fc.integer({ min: 4, max: 14 }),
        fc.integer({ min: 18, max: 34 }),
        fc.constantFrom(0, 40, 90),
        (start, low, fridge, room, out) => {
          const wanted = band(low, low + 3);
          const here: Surroundings = { room: medium('room', room, 110), fridge: medium('fridge', fridge, 110), ice: undefined, freezer: undefined };
          const found = routesFor({ volumeMl: 750, start }, wanted, low + 1.5, here, { sameDay: out, overnight: out });
          const left = through(start, [{ celsius: room, tau: 110, minutes: out }]);
          if (found.kind === 'unreachable') {
            // Unreachable is said with how far it stays away, and not of a wine that pours as it should.
            expect(found.shortBy).toBeCloseTo(off(left, wanted), 6);
            return;
          }
          if (found.misses === undefined) return;
          expect(found.routes).toHaveLength(1);
          expect(found.misses).toBeCloseTo(off(found.routes[0]!.atPour, wanted), 9);
          expect(found.misses).toBeLessThan(off(left, wanted));
        },
      ),
    );
    const warmRoom: Surroundings = { room: medium('room', 21, 110), fridge: medium('fridge', 8, 110), ice: undefined, freezer: undefined };
    const sweet = routesFor({ volumeMl: 750, start: 19 }, band(5, 8), 6, warmRoom);
    expect(sweet).toMatchObject({ kind: 'routes', routes: [{ id: 'fridge' }] });
    expect(sweet.kind === 'routes' && sweet.routes[0]!.atPour).toBeLessThan(10);
  });
  it('a band of less than a minute in ice is not overshot by rounding', () => {
    const found = routesFor({ volumeMl: 375, start: 20.000528648065064 }, band(13, 15), aimFor(band(13, 15), 22, 50, 8), around);
    const ice = found.kind === 'routes' ? found.routes.find((route) => route.id === 'ice') : undefined;
    expect(ice).toMatchObject({ least: 6, most: 7, best: 7 });
    expect(ice!.atPour).toBeGreaterThanOrEqual(13);
  });
  it('the gentlest comes first, and what cannot be reached says by how much', () => {
    const white = routesFor({ volumeMl: 750, start: 22 }, band(7, 10), 8, around);
    expect(white.kind === 'routes' && white.routes.map((route) => route.id)).toEqual(['fridge', 'fridge-cold', 'ice', 'freezer', 'overnight']);
    const bare: Surroundings = { ...around, fridge: undefined, ice: undefined, freezer: undefined };
    expect(routesFor({ volumeMl: 750, start: 22 }, band(7, 10), 8, bare)).toMatchObject({ kind: 'unreachable', shortBy: 12, nearest: 22 });
    expect(routesFor({ volumeMl: 750, start: 17 }, band(16, 18), 17, { ...bare, room: medium('room', 17, 110) })).toMatchObject({ routes: [{ id: 'none' }] });
    expect(routesFor({ volumeMl: 750, start: 10 }, band(14, 16), 15, bare)).toMatchObject({ routes: [{ id: 'warm' }] });
  });
  it('aims below the middle of the band, more for a small pour and a warm room, and never out of it', () => {
    const white = band(7, 10);
    expect(aimFor(white, 22, 50, 8)).toBeLessThan(8.5);
    expect(aimFor(white, 28, 50, 8)).toBeLessThan(aimFor(white, 20, 50, 8));
    expect(aimFor(white, 40, 20, 40)).toBe(7);
  });
});

describe('the venue’s own time constants', () => {
  for (const [degrees, point] of [
    [1, 12.706],
    [2, 4.303],
    [5, 2.571],
    [10, 2.228],
    [30, 2.042],
    [60, 2.0],
    [120, 1.98],
  ] as const)
    published('Student’s t, two-sided 95 % (any statistical table)', `with ${degrees} degrees of freedom is ${point}`, () =>
      expect(student95(degrees)).toBeCloseTo(point, 2),
    );
  it('readings without noise give the truth back', () => {
    for (const [tau, start] of [
      [20, 22],
      [110, 24],
      [60, 8],
    ] as const) {
      const readings = [0, 10, 20, 40].map((minutes) => ({ minutes, celsius: temperatureAfter(start, { celsius: 4, tau, minutes }) }));
      const fit = fitTau(readings, 4)!;
      expect(fit.tau).toBeCloseTo(tau, 1);
      expect(fit.start).toBeCloseTo(start, 2);
      expect(fit.interval![0]).toBeLessThan(tau);
      expect(fit.interval![1]).toBeGreaterThan(tau);
    }
  });
  it('in 1,000 seeded fits with probe noise of 0.3 °C the 95 % interval holds the truth in 93 to 97 in a hundred', () => {
    const random = seededRandom(20_261_126);
    let held = 0;
    let bounded = 0;
    for (let run = 0; run < 1_000; run++) {
      const tau = 80 + random() * 50;
      const start = 20 + random() * 4;
      const n = 4 + Math.floor(random() * 6);
      const readings = Array.from({ length: n }, (_, i) => {
        const minutes = (i * 120) / (n - 1);
        return { minutes, celsius: temperatureAfter(start, { celsius: 4, tau, minutes }) + 0.3 * normal(random) };
      });
      const fit = fitTau(readings, 4)!;
      if (fit.interval !== undefined) bounded++;
      if (fit.interval === undefined || (fit.interval[0] <= tau && tau <= fit.interval[1])) held++;
    }
    expect(bounded).toBeGreaterThan(990);
    expect(held).toBeGreaterThanOrEqual(930);
    expect(held).toBeLessThanOrEqual(970);
  });
  it('fewer than three readings give no interval and say so; readings that do not change give none either', () => {
    expect(fitTau([{ minutes: 0, celsius: 22 }], 4)).toBeUndefined();
    expect(
      fitTau(
        [
          { minutes: 0, celsius: 22 },
          { minutes: 30, celsius: 18 },
        ],
        4,
      ),
    ).toMatchObject({ interval: undefined, says: 'too few readings for an interval' });
    expect(
      fitTau(
        [0, 10, 20].map((minutes) => ({ minutes, celsius: 4.1 })),
        4,
      ),
    ).toMatchObject({ interval: undefined, says: 'no change to fit' });
  });
});
