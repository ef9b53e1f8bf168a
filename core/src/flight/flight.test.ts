import { presentFlight } from '../flight/flight-schema';
import { shapeOf } from '../document/merge-marks';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { merge } from '../document/merge';
import { published } from '../testing/published';
import { bothTemperatures, bothVolumes, readTemperature, readVolume, showTemperature, toCelsius, toFahrenheit } from '../wine/measure';
import type { WineFacts } from '../wine/facts';
import { profileKeys, type Loads } from '../wine/profile';
import { emptyFlight, pouredAfter, pouringOrder, upcastFlight, withoutWine, type FlightDocument } from './flight';
import { flightDocument } from './flight-schema';
import { judgeGoal } from './goals';
import { flightStrip, type StripWine } from './flight-totals';

const id = (n: number) => `01900000-0000-7000-8000-${String(n).padStart(12, '0')}`;
const flight = (change: Partial<FlightDocument>): FlightDocument => ({ ...emptyFlight, name: 'A flight', ...change });
describe('a flight document', () => {
  it('of the first shape is brought to the present one, and the present one is left alone', () => {
    const old = {
      schema: 1,
      name: 'Old',
      wines: [id(1), id(2)],
      pins: [],
      school: 'ladder',
      guests: 5,
      pourMl: 40,
      hostPour: false,
      lossPercent: 2,
      starts: '2026-12-03T19:00:00Z',
      remark: 'x',
    };
    const read = flightDocument.parse(old);
    expect(read).toMatchObject({
      schema: 2,
      wines: [{ id: id(1) }, { id: id(2) }],
      order: [id(1), id(2)],
      starts: '2026-12-03T19:00',
      guests: 5,
      hostPour: false,
    });
    expect(flightDocument.parse(read)).toEqual(read);
    expect(upcastFlight(read)).toBe(read);
    expect(upcastFlight(null)).toBeNull();
  });
  it('takes no date that does not exist, no wine twice and no field it does not know', () => {
    for (const wrong of [
      { starts: '2026-13-40T25:00' },
      { wines: [{ id: id(1) }, { id: id(1) }] },
      { order: [id(1), id(1)] },
      { evening: 'party' },
      { certainty: 100 },
      { mostRests: 5 },
      { goals: [{ id: 'g', kind: 'fun', figure: 1 }] },
      { more: 1 },
    ])
      expect(flightDocument.safeParse(flight(wrong as never)).success, JSON.stringify(wrong)).toBe(false);
    expect(flightDocument.safeParse(flight({ wines: Array.from({ length: 40 }, (_, i) => ({ id: id(i) })), starts: '2026-12-03T19:00' })).success).toBe(true);
  });
  it('pours every wine once: those the order names, then the others', () => {
    fc.assert(
      fc.property(fc.uniqueArray(fc.nat(20)), fc.uniqueArray(fc.nat(20)), (wines, order) => {
        const poured = pouringOrder({ wines: wines.map((n) => ({ id: id(n) })), order: order.map(id) });
        expect([...poured].sort()).toEqual(wines.map(id).sort());
        const both = order.filter((n) => wines.includes(n)).map(id);
        expect(poured.slice(0, both.length)).toEqual(both);
      }),
    );
  });
  it('two hosts: each adds a wine and both stand; both move wines and both orders are shown', () => {
    const base = flight({ wines: [{ id: id(1) }, { id: id(2) }], order: [id(1), id(2)] });
    const mine = { ...base, wines: [...base.wines, { id: id(3) }] };
    const theirs = { ...base, wines: [...base.wines, { id: id(4) }], guests: 20 };
    const added = merge(base, mine, theirs, shapeOf(presentFlight));
    expect(added.clashes).toEqual([]);
    expect(pouringOrder(added.document)).toEqual([id(1), id(2), id(4), id(3)]);
    expect([id(1), id(2), id(4), id(3), id(9)].map((wine) => pouredAfter(added.document, wine))).toEqual([id(2), id(4), id(3), undefined, undefined]);
    const moved = merge(base, { ...base, order: [id(2), id(1)] }, { ...base, order: [id(1)] }, shapeOf(presentFlight));
    expect(moved.clashes).toMatchObject([{ path: ['order'], mine: [id(2), id(1)], theirs: [id(1)] }]);
    const pours = merge(
      base,
      { ...base, wines: [{ id: id(1), pourMl: 60 }, { id: id(2) }] },
      { ...base, wines: [{ id: id(1) }, { id: id(2), pourMl: 30 }] },
      shapeOf(presentFlight),
    );
    expect(pours.clashes).toEqual([]);
    expect(pours.document.wines).toEqual([
      { id: id(1), pourMl: 60 },
      { id: id(2), pourMl: 30 },
    ]);
  });
  it('a wine taken out takes its pins, rests and duplicates with it', () => {
    const full = flight({
      wines: [{ id: id(1) }, { id: id(2) }],
      pins: [{ kind: 'before', wine: id(2), other: id(1) }],
      rests: [{ after: id(1), kind: 'bread' }],
      panel: { seed: 1, twice: [id(1)], aSeat: 0 },
    });
    expect(withoutWine(full, id(1))).toMatchObject({ wines: [{ id: id(2) }], pins: [], rests: [], panel: { twice: [] } });
  });
});

const facts = (values: Record<string, unknown>): WineFacts =>
  Object.fromEntries(Object.entries(values).map(([key, value]) => [key, { value, origin: 'label' }])) as WineFacts;
const loads = (change: Partial<Loads> = {}): Loads => ({
  ...(Object.fromEntries(profileKeys.map((key) => [key, 30])) as Record<keyof Loads, number>),
  bubbles: 0,
  ...change,
});
const wine = (values: Record<string, unknown>, more: Partial<StripWine> = {}): StripWine => ({
  facts: facts(values),
  loads: loads(),
  age: 3,
  priceMinor: 1500,
  merchant: 'Harbour',
  ...more,
});
describe('the strip and its goals', () => {
  const strip = flightStrip([
    wine({ colour: 'white', oak: 'none', country: 'gr', abv: 13, fining: 'none' }),
    wine({ colour: 'red', oak: 'new', country: 'IT', abv: 14.5, fining: 'egg' }, { merchant: 'Mole', priceMinor: 3000 }),
    wine({ colour: 'white', woodMonths: 0 }, { merchant: undefined, priceMinor: undefined }),
    wine({ bubbles: 'sparkling' }, { loads: loads({ bubbles: 80 }), age: undefined }),
  ]);
  it('counts what is known and says how much is not', () => {
    expect(strip).toMatchObject({
      wines: 4,
      colours: { white: 2, red: 1, unknown: 1 },
      sparkling: 1,
      oak: { with: 1, without: 2, unknown: 1 },
      countries: ['GR', 'IT'],
      unknownCountries: 2,
      merchants: { Harbour: 2, Mole: 1 },
      price: { least: 1500, most: 3000, sum: 6000 },
      unknownPrices: 1,
      abv: { least: 13, most: 14.5 },
      allergens: ['sulphites', 'egg'],
      unknownFining: 2,
    });
    expect(flightStrip([])).toMatchObject({ wines: 0, price: undefined, abv: undefined, allergens: [] });
  });
  published('EU 1169/2011 annex II', 'sulphites are always named, egg and milk only when the fining says so', () =>
    expect(flightStrip([wine({ fining: 'milk' })]).allergens).toEqual(['sulphites', 'milk']),
  );
  it('a goal is met, not met, or open while unknown facts could still decide it', () => {
    const judge = (kind: Parameters<typeof judgeGoal>[0]['kind'], figure: number) =>
      judgeGoal({ id: 'g', kind, figure }, strip, { sum: 2100, unknown: 1 }).verdict;
    expect([judge('unoaked', 2), judge('unoaked', 3), judge('unoaked', 4)]).toEqual(['met', 'cannot tell', 'not met']);
    expect([judge('countries', 2), judge('countries', 4), judge('countries', 5)]).toEqual(['met', 'cannot tell', 'not met']);
    expect([judge('merchant', 50), judge('merchant', 75), judge('merchant', 90)]).toEqual(['met', 'cannot tell', 'not met']);
    expect([judge('aHead', 2000), judge('aHead', 2500)]).toEqual(['not met', 'cannot tell']);
    expect([judge('abv', 14), judge('abv', 15)]).toEqual(['not met', 'cannot tell']);
    expect([judge('red', 2), judge('sparkling', 2), judge('sweet', 0)]).toEqual(['cannot tell', 'not met', 'met']);
  });
});

describe('measures as they are typed', () => {
  for (const [text, celsius] of [
    ['62F', 16.67],
    ['62 °F', 16.67],
    ['9', 9],
    ['9,5 °C', 9.5],
    ['-18c', -18],
    ['−4 C', -4],
    ['50 fahrenheit', 10],
  ] as const)
    it(`${text} is ${celsius} °C`, () => expect(readTemperature(text)).toBeCloseTo(celsius, 2));
  for (const [text, ml] of [
    ['5 oz', 147.87],
    ['50', 50],
    ['0.75 L', 750],
    ['7,5 cl', 75],
    ['2 fl. oz', 59.15],
    ['120 mL', 120],
  ] as const)
    it(`${text} is ${ml} mL`, () => expect(readVolume(text)).toBeCloseTo(ml, 1));
  it('nonsense is nothing; a bare number is in the venue’s own unit', () => {
    for (const text of ['', 'warm', '12 K', '--3', '1e5', '-300']) expect(readTemperature(text), text).toBeUndefined();
    for (const text of ['', 'a dash', '-5 mL', '3 pints']) expect(readVolume(text), text).toBeUndefined();
    expect(readTemperature('50', 'F')).toBeCloseTo(10, 6);
    expect(readVolume('2', 'oz')).toBeCloseTo(59.15, 1);
  });
  published('fixed points of the Celsius and Fahrenheit scales', 'water freezes at 32 °F and boils at 212 °F; −40 is the same', () => {
    expect([toFahrenheit(0), toFahrenheit(100), toFahrenheit(-40)]).toEqual([32, 212, -40]);
    expect(toCelsius(toFahrenheit(13.7))).toBeCloseTo(13.7, 9);
  });
  it('both units are shown', () => {
    expect(bothTemperatures(10, 'C')).toBe('10 °C (50 °F)');
    expect(bothVolumes(147.87, 'oz')).toBe('5 oz (148 mL)');
    expect(showTemperature(9.46, 'C')).toBe('9.5 °C');
  });
});
