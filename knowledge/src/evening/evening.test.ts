import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { emptyFlight, type FlightDocument } from '@rose/core/flight/flight';
import { published } from '@rose/core/testing/published';
import { bottleCurve } from '@rose/core/timetable/bottle-curve';
import { eveningPlan, kindOfTask, plannedTasks, postponed, taskId, tasksFor, wineOfTask } from '@rose/core/timetable/afternoon-tasks';
import { resolveProfile } from '@rose/core/wine/profile';
import type { WineFacts } from '@rose/core/wine/facts';
import { bandNamed, bandOf, bands } from '../serving-temperatures/index';
import { closureOf, closures } from '../closures/index';
import { drinkOf, standardDrinks } from '../drinks/index';
import { glassShapes } from '../glasses/index';
import { routines } from '../routines/index';
import { generalStyles, styleOf } from '../styles/index';
import { amountsOf, glassesInAll } from './amounts';
import { fridgeMinutesAtHome, haveReady } from './at-home';
import { taskOfEvening } from './task-text';
import { wholeEvening } from './whole';
import { media } from '../cooling-places/index';
import { asEvening, prepare, surroundings, toBuy, usualPrices, usualStock, type EveningInput, type VenueFacts } from './evening';
import { allergenSentence, blindnessChecks, openingCard, packingList, roomChecks, shoppingList } from './lists';

const venue: VenueFacts = { country: 'GB', currency: 'EUR', temperature: 'C', volume: 'mL', stock: usualStock, prices: usualPrices, taus: {} };
const id = (n: number) => `01900000-0000-7000-8000-${String(n).padStart(12, '0')}`;
const wine = (n: number, values: Record<string, unknown>, held = 6, more: Partial<EveningInput> = {}): EveningInput => {
  const facts = Object.fromEntries(Object.entries(values).map(([key, value]) => [key, { value, origin: 'label' }])) as WineFacts;
  return {
    id: id(n),
    name: `Wine ${n}`,
    facts,
    profile: resolveProfile(facts, styleOf(facts).style, undefined, '2026-12-03'),
    age: undefined,
    lots: [{ id: id(100 + n), formatMl: 750, held, priceMinor: 2000, currency: 'EUR', merchant: 'Harbour' }],
    buy: false,
    reduced: false,
    ...more,
  };
};
const cava = wine(1, { colour: 'white', bubbles: 'sparkling', abv: 11.5, closure: 'mushroom', pressure: 5.5 });
const white = wine(2, {
  colour: 'white',
  bubbles: 'still',
  abv: 13,
  closure: 'screw',
  grapes: [{ grape: 'Assyrtiko', share: { kind: 'exact', percent: 100 } }],
});
const red = wine(
  3,
  {
    colour: 'red',
    bubbles: 'still',
    abv: 14,
    closure: 'cork',
    oak: 'new',
    woodMonths: 18,
    grapes: [{ grape: 'Xinomavro', share: { kind: 'exact', percent: 100 } }],
  },
  6,
  { age: 5 },
);
const old = wine(4, { colour: 'red', bubbles: 'still', abv: 13, closure: 'cork', grapes: [{ grape: 'Nebbiolo', share: { kind: 'exact', percent: 100 } }] }, 2, {
  age: 24,
});
const sweet = wine(5, { colour: 'white', bubbles: 'still', sugar: 150, abv: 11, closure: 'cork' }, 3);
const all = [cava, white, red, old, sweet];
const flight = (change: Partial<FlightDocument> = {}, wines = all): FlightDocument => ({
  ...emptyFlight,
  name: 'F',
  wines: wines.map((entry) => ({ id: entry.id })),
  guests: 12,
  ...change,
});

function plan(document: FlightDocument, wines = all, at: VenueFacts = venue, done: Record<string, number> = {}, now?: number) {
  const amounts = amountsOf(document, wines, at);
  const prepared = prepare(document, wines, at, new Map(amounts.wines.map((entry) => [entry.wine, entry.byPours])));
  const evening = asEvening(document, prepared, at, glassesInAll(amounts), done, now);
  return { amounts, prepared, evening, made: eveningPlan(evening) };
}

describe('the tables of the evening', () => {
  published('handbooks (Peynaud; Robinson; Jackson)', 'the midpoints rise from light sparkling over light and full white to light and full red', () => {
    const middle = (name: string) => (bandNamed(name).low + bandNamed(name).high) / 2;
    const rising = ['light-sparkling', 'light-white', 'full-white', 'light-red', 'full-red'].map(middle);
    expect(rising).toEqual([...rising].sort((a, b) => a - b));
    expect(bands.length).toBe(23);
  });
  const rows: [string, number, number][] = [
    ['light-sparkling', 5, 8],
    ['sparkling', 6, 10],
    ['vintage-sparkling', 10, 12],
    ['flor', 6, 9],
    ['light-sweet', 6, 8],
    ['rich-sweet', 8, 12],
    ['light-white', 7, 10],
    ['aromatic-white', 8, 11],
    ['full-white', 10, 13],
    ['rose', 8, 12],
    ['light-red', 12, 14],
    ['medium-red', 14, 16],
    ['full-red', 16, 18],
    ['ruby-fortified', 16, 18],
    ['tawny-fortified', 12, 15],
    ['warm-fortified', 12, 16],
    ['veil-white', 14, 16],
  ];
  for (const [name, low, high] of rows)
    published('handbooks of serving (Peynaud; Robinson; Jackson)', `${name} is served at ${low} to ${high} °C`, () =>
      expect(bandNamed(name)).toMatchObject({ low, high }),
    );
  published('common practice', 'most whites are served in the low to mid 50s °F or colder, full reds in the low 60s °F', () => {
    for (const style of generalStyles) {
      const facts = { colour: { value: style.colour, origin: 'assumed' as const } };
      const band = bandOf(facts, style.loads);
      if (style.colour === 'white' && style.loads.bubbles < 20 && style.loads.sweetness < 50 && style.loads.alcohol < 70)
        expect(band.high, style.name).toBeLessThanOrEqual(13);
      if (style.colour === 'red' && style.loads.bubbles < 20 && style.loads.tannin >= 70) expect(band, style.name).toMatchObject({ low: 16, high: 18 });
    }
  });
  const grams: [string, number][] = [
    ['IE', 10],
    ['AU', 10],
    ['NZ', 10],
    ['FR', 10],
    ['ES', 10],
    ['NL', 10],
    ['IT', 12],
    ['DK', 12],
    ['FI', 12],
    ['SE', 12],
    ['NO', 12],
    ['CA', 13.45],
    ['US', 14],
    ['AT', 20],
    ['JP', 20],
  ];
  for (const [country, g] of grams)
    published('Kalinowski & Humphreys 2016, Addiction 111:1293 (standard drinks)', `a drink in ${country} holds ${g} g`, () =>
      expect(drinkOf(country).grams).toBe(g),
    );
  published('UK Chief Medical Officers’ guidelines 2016: a unit is 10 mL of alcohol', '750 mL of 13 % vol are 9.75 units, 125 mL of 12 % are 1.5', () => {
    const units = (ml: number, abv: number) => (ml * abv * 0.00789) / drinkOf('GB').grams;
    expect(units(750, 13)).toBeCloseTo(9.75, 2);
    expect(units(125, 12)).toBeCloseTo(1.5, 2);
  });
  it('no country twice, and one that is not listed gets the questionnaire’s ten grams', () => {
    expect(new Set(standardDrinks.map((entry) => entry.country)).size).toBe(standardDrinks.length);
    expect(drinkOf('ZZ')).toMatchObject({ country: 'WHO', grams: 10 });
  });
  it('every closure a wine can have has its steps, and only bottled ones ask for a knife', () => {
    for (const closure of closures) {
      expect(closure.steps.length).toBeGreaterThan(1);
      expect(closure.faultRate).toBeGreaterThan(0);
      expect(closureOf({ closure: { value: closure.id, origin: 'seen' } })).toEqual({ closure, assumed: false });
    }
    expect(closureOf({}).assumed).toBe(true);
    expect(closureOf({ bubbles: { value: 'sparkling', origin: 'label' } }).closure.id).toBe('mushroom');
  });
  published('ISO 3591:1977', 'the tasting glass holds 215 ± 10 mL on a foot of 65 ± 5 mm', () => {
    expect(Math.abs(glassShapes[0]!.volumeMl - 215)).toBeLessThanOrEqual(10);
    expect(Math.abs(glassShapes[0]!.footMm - 65)).toBeLessThanOrEqual(5);
  });
  it('routines, each with sips, and minutes as the trade takes them', () => {
    for (const routine of routines) expect(routine.steps.some((step) => step.sips > 0)).toBe(true);
  });
});

describe('an evening', () => {
  it('is planned without conflict, every bottle pours in its band, in the order of its tasks', () => {
    const { made, prepared, evening } = plan(flight());
    expect(made.timetable.conflicts).toEqual([]);
    const around = surroundings(usualStock, venue);
    for (const wine of evening.wines) {
      const curve = bottleCurve(wine, usualStock.storeC, made.routes.get(wine.id), { tasks: made.tasks, starts: made.timetable.starts }, around, -600);
      expect(curve.off, `${wine.name} at ${curve.atPour}`).toBe(0);
      const start = (kind: Parameters<typeof taskId>[0]) => made.timetable.starts[taskId(kind, wine.id)];
      const steps = (['open', 'check', 'taste', 'decant', 'pour'] as const).map(start).filter((at) => at !== undefined);
      expect(steps).toEqual([...steps].sort((a, b) => a - b));
      if (start('taste') !== undefined) expect(start('taste')!).toBeLessThanOrEqual(-63);
    }
    // Bubbles are opened at the last moment and not tasted hours before; the fragile old red neither.
    for (const late of [cava, old]) {
      expect(made.timetable.starts[taskId('open', late.id)]!).toBeGreaterThan(prepared.find((entry) => entry.wine.id === late.id)!.pourAt - 80);
      expect(made.timetable.starts[taskId('taste', late.id)]).toBeUndefined();
    }
  });
  published('handbooks: sediment stands 24 to 48 hours', 'a wine with a deposit is set upright a day before its pour', () => {
    const { made, prepared } = plan(flight());
    const standing = prepared.find((entry) => entry.deposit)!;
    expect(made.timetable.starts[taskId('stand', standing.wine.id)]!).toBeLessThanOrEqual(standing.pourAt - 24 * 60);
  });
  it('uses no more places or hands than there are, minute by minute', () => {
    const tight: VenueFacts = { ...venue, stock: { ...usualStock, fridgePlaces: 4, bucketPlaces: 3, hands: 1 } };
    const { made } = plan(flight({ tasteFirst: false }), all, tight);
    expect(made.timetable.conflicts).toEqual([]);
    for (const resource of ['fridge', 'ice', 'hands'] as const)
      for (const task of made.tasks) {
        const minute = made.timetable.starts[task.id]!;
        const used = made.tasks
          .filter((other) => made.timetable.starts[other.id]! <= minute && made.timetable.starts[other.id]! + other.minutes > minute)
          .reduce((sum, other) => sum + (other.uses[resource] ?? 0), 0);
        expect(used).toBeLessThanOrEqual({ fridge: 4, ice: 3, hands: 1 }[resource]);
      }
  });
  it('a fridge without a place sends bottles to the ice; with neither, what lacks is named with a way out', () => {
    const noFridge = plan(flight(), all, { ...venue, stock: { ...usualStock, fridgePlaces: 0, bucketPlaces: 6 } });
    expect(noFridge.made.timetable.conflicts).toEqual([]);
    expect([...noFridge.made.routes.values()].some((route) => route.id === 'ice')).toBe(true);
    const warm = plan(flight(), all, { ...venue, stock: { ...usualStock, fridgePlaces: 0, bucketPlaces: 0 } });
    expect(warm.prepared.find((entry) => entry.wine.id === cava.id)!.routes).toMatchObject({ kind: 'unreachable' });
    const nobody = plan(flight(), all, { ...venue, stock: { ...usualStock, hands: 0 } });
    expect(nobody.made.timetable.conflicts.length).toBeGreaterThan(0);
    expect(nobody.made.wayOut).toMatchObject({ kind: 'place', resource: 'hands' });
  });
  it('made anew when the evening runs late: nothing starts before now, and the way out is a later pour', () => {
    const { evening } = plan(flight({ tasteFirst: false }));
    const now = -30;
    const late = eveningPlan({ ...evening, now });
    for (const task of late.tasks)
      if (!late.timetable.conflicts.some((conflict) => conflict.task === task.id)) expect(late.timetable.starts[task.id]!).toBeGreaterThanOrEqual(now);
    expect(late.timetable.conflicts.length).toBeGreaterThan(0);
    expect(late.wayOut === undefined || late.wayOut.kind === 'later' || late.wayOut.kind === 'route').toBe(true);
    const later = eveningPlan(postponed({ ...evening, now }, 180));
    expect(later.timetable.conflicts.filter((conflict) => kindOfTask(conflict.task) !== 'stand')).toEqual([]);
  });
  it('what is done stays done', () => {
    const { evening } = plan(flight({ tasteFirst: false }));
    const done = { [taskId('open', red.id)]: -200, [taskId('chill', white.id)]: -120 };
    const made = eveningPlan({ ...evening, done, now: -100 });
    const open = made.tasks.find((task) => task.id === taskId('open', red.id))!;
    expect(made.timetable.starts[open.id]! + open.minutes).toBe(-200);
    expect(made.timetable.starts[taskId('chill', white.id)]).toBe(-120);
    expect(wineOfTask(open.id)).toBe(red.id);
  });
  it('tells when each chilled bottle comes out, and a bottle taken out late stood in the cold that long', () => {
    const { made, evening } = plan(flight({ tasteFirst: false }));
    const told = plannedTasks(made);
    expect(told.map((task) => task.start)).toEqual([...told.map((task) => task.start)].sort((a, b) => a - b));
    for (const task of made.tasks.filter((entry) => kindOfTask(entry.id) === 'chill'))
      expect(told.find((entry) => entry.id === taskId('out', wineOfTask(task.id)))!.start).toBe(made.timetable.starts[task.id]! + task.minutes);
    const late = eveningPlan({ ...evening, now: -2, done: { [taskId('chill', white.id)]: -300, [taskId('out', white.id)]: -3 } });
    expect(late.tasks.find((task) => task.id === taskId('chill', white.id))!.minutes).toBe(297);
    const curve = bottleCurve(
      evening.wines.find((wine) => wine.id === white.id)!,
      usualStock.storeC,
      late.routes.get(white.id),
      { tasks: late.tasks, starts: late.timetable.starts },
      surroundings(usualStock, venue),
      -400,
    );
    // Five hours in the fridge, and out only now: colder than planned.
    expect(curve.off).toBeLessThan(0);
  });
  it('no wines, one wine, all facts missing, 40 wines, no guests, 500 guests: an answer each time', () => {
    const bare = wine(9, {}, 0, { lots: [] });
    const forty = Array.from({ length: 40 }, (_, i) =>
      wine(200 + i, i % 3 === 0 ? { colour: 'red' } : { colour: 'white', bubbles: i % 3 === 1 ? 'sparkling' : 'still' }),
    );
    for (const [wines, guests] of [
      [[], 8],
      [[bare], 8],
      [[bare], 0],
      [forty, 6],
      [all, 500],
    ] as const) {
      const { amounts, made } = plan(flight({ guests }, [...wines]), [...wines]);
      for (const start of Object.values(made.timetable.starts)) expect(Number.isFinite(start)).toBe(true);
      expect(Number.isFinite(amounts.aHeadMinor + amounts.waterL + amounts.alcohol.swallowed[1])).toBe(true);
      if (guests === 0) expect(amounts.bottles).toBe(0);
    }
  });
  it('tasks depend on nothing but the plan: the same twice', () => {
    const { evening, made } = plan(flight());
    expect(tasksFor(evening, made.routes)).toEqual(made.tasks);
    expect(eveningPlan(evening).timetable).toEqual(made.timetable);
  });
});

describe('the lists of an evening', () => {
  const lists = (document: FlightDocument, wines: EveningInput[]) => {
    const { amounts, prepared } = plan(document, wines);
    return [
      roomChecks(document, amounts, venue),
      blindnessChecks(document, prepared),
      packingList(document, prepared, amounts),
      shoppingList(prepared, amounts, venue),
    ]
      .flat()
      .map((line) => `${line.id}: ${line.text} (${line.because})`);
  };
  const blind = flight({ blind: 'single' });
  it('a changed closure, glass colour, shape, format or blindness changes a line', () => {
    const base = lists(blind, all);
    const changed = (change: (wine: EveningInput) => EveningInput) =>
      lists(
        blind,
        all.map((entry) => (entry === white ? change(entry) : entry)),
      );
    const withFact = (key: string, value: unknown) => changed((entry) => ({ ...entry, facts: { ...entry.facts, [key]: { value, origin: 'seen' } } }));
    expect(withFact('closure', 'cork')).not.toEqual(base);
    expect(withFact('glass', 'clear').some((line) => line.startsWith('clear:'))).toBe(true);
    expect(changed((entry) => ({ ...entry, lots: [{ ...entry.lots[0]!, formatMl: 1500 }] })).some((line) => line.startsWith('sizes:'))).toBe(true);
    expect(lists({ ...blind, wines: blind.wines.map((entry) => (entry.id === red.id ? { ...entry, glass: 'bowl' } : entry)) }, all)).not.toEqual(base);
    expect(lists(flight(), all).some((line) => line.startsWith('bags:'))).toBe(false);
    expect(lists(flight({ setting: 'water' }), all).some((line) => line.startsWith('no-glass:'))).toBe(true);
  });
  it('food of a menu is bought once for all its dishes, as a cook weighs it, beside bread and cheese; its work is planned with everything else', () => {
    const dish = (name: string, hands: number, minutes: number, food: { name: string; grams: number }[]) => ({ menu: 'Supper', name, hands, minutes, food });
    const served = all.map((entry) =>
      entry === white
        ? {
            ...entry,
            dish: dish('grilled cod', 12, 20, [
              { name: 'cod', grams: 1440 },
              { name: 'butter', grams: 96 },
            ]),
          }
        : entry === red
          ? {
              ...entry,
              dish: dish('braised lamb', 25, 180, [
                { name: 'lamb shoulder', grams: 2160 },
                { name: 'butter', grams: 61 },
              ]),
            }
          : entry,
    );
    const { amounts, prepared, made } = plan(flight({ rests: [{ after: white.id, kind: 'cheese' }] }, served), served);
    const bought = shoppingList(prepared, amounts, venue).filter(({ id }) => id.startsWith('food-'));
    expect(bought.map(({ text, amount, because }) => [text, amount, because])).toEqual([
      ['Lamb shoulder', 2150, 'the menu: braised lamb'],
      ['Cod', 1450, 'the menu: grilled cod'],
      ['Butter', 160, 'the menu: grilled cod and braised lamb'],
    ]);
    const told = plannedTasks(made).map((task) => [task.start, taskOfEvening({ plan: made, prepared, hidden: false }, task, (id) => id)] as const);
    const at = (text: string) => told.find(([, said]) => said === text)![0];
    const lamb = prepared.find(({ wine: { id } }) => id === red.id)!.pourAt;
    expect(lamb - at('Begin braised lamb, 25 min of work')).toBeGreaterThanOrEqual(180 + 6);
    expect(Math.abs(lamb - 6 - at('Plate braised lamb'))).toBeLessThanOrEqual(7);
    expect(at('Begin grilled cod, 12 min of work')).toBeGreaterThan(at('Begin braised lamb, 25 min of work'));
    // The rest names its cheese, which is bought by that name.
    const cheese = shoppingList(prepared, amounts, venue).find(({ id }) => id === 'cheese')!;
    expect(amounts.cheeses).toHaveLength(1);
    expect(cheese.text.toLowerCase()).toBe(amounts.cheeses[0]);
    expect(told.map(([, said]) => said).join('\n')).toContain(`a bite of ${amounts.cheeses[0]} for everybody`);
  });
  it('one cook who pours as well cannot do everything at once: the plan says so, with a way out', () => {
    const served = all.map((entry) => ({
      ...entry,
      dish: { menu: 'Supper', name: `dish of ${entry.name}`, hands: 40, minutes: 40, food: [] },
    }));
    const alone: VenueFacts = { ...venue, stock: { ...venue.stock, hands: 1 } };
    const many: VenueFacts = { ...venue, stock: { ...venue.stock, hands: 8 } };
    expect(plan(flight({}, served), served, alone).made.timetable.conflicts.length).toBeGreaterThan(0);
    expect(plan(flight({}, served), served, many).made.timetable.conflicts).toEqual([]);
  });
  it('no two lines share an id, none says undefined, and the shop list covers what lacks', () => {
    for (const wines of [all, [wine(9, {}, 0)]]) {
      const document = flight({ blind: 'double', rests: [{ after: wines[0]!.id, kind: 'cheese' }] }, wines);
      const { amounts, prepared } = plan(document, wines);
      for (const list of [
        roomChecks(document, amounts, venue),
        blindnessChecks(document, prepared),
        packingList(document, prepared, amounts),
        shoppingList(prepared, amounts, venue),
      ]) {
        expect(new Set(list.map((line) => line.id)).size).toBe(list.length);
        for (const line of list) expect(`${line.text} ${line.because}`).not.toMatch(/undefined|NaN|Infinity/);
      }
      for (const amount of amounts.wines) {
        const bought = shoppingList(prepared, amounts, venue).find((line) => line.id === `wine-${amount.wine}`)?.amount ?? 0;
        expect(amount.held + bought).toBeGreaterThanOrEqual(amount.byPours + amount.spares.spares);
      }
      expect(allergenSentence(amounts)).toContain('sulphites');
    }
  });
  it('the opening card of a sparkling wine holds the pressure in this bottle at its temperature, and every card its caution', () => {
    const { prepared } = plan(flight());
    const card = (of: EveningInput, celsius: number) =>
      openingCard(
        prepared.find((entry) => entry.wine.id === of.id)!,
        celsius,
      );
    expect(card(cava, 8).pressure!.advice.over).toBeLessThan(card(cava, 20).pressure!.advice.over);
    expect(card(cava, 20).pressure!.advice.over).toBeCloseTo(5.5, 6);
    expect(card(cava, 8).pressure!.from).toContain('5.5 bar');
    expect(card(red, 16).pressure).toBeUndefined();
    expect(card(red, 16).cautions.at(-1)).toContain('law');
  });
  it('a wine of unknown strength is assumed as its kind is, and never counted as nothing', () => {
    const stated = all.map((wine) => ({ ...wine, facts: { ...wine.facts, abv: undefined } }));
    const { alcohol } = amountsOf(flight(), stated, venue);
    expect(alcohol.assumed).toBe(stated.length);
    expect(alcohol.swallowed[0]).toBeGreaterThan(0);
    const known = amountsOf(flight(), all, venue).alcohol;
    expect(known.swallowed[0]).toBe(known.swallowed[1]);
    // Common practice: a dry red of no particular strength has 12 to 15 % vol.
    const red = toBuy({ id: id(77), buy: { name: 'A red', style: 'sangiovese', priceMinor: 0 } })!;
    const [low, high] = amountsOf({ ...flight({ pourMl: 100 }), wines: [{ id: id(77) }], order: [id(77)] }, [red], venue).alcohol.swallowed;
    expect([low / 0.789, high / 0.789].map((grams) => Math.round(grams))).toEqual([12, 15]);
  });
  it('a price in another currency is not missing: it is said, and not counted', () => {
    const priced = { ...all[0]!, lots: [{ id: id(78), formatMl: 750, held: 6, priceMinor: 2000, currency: 'USD' }] };
    const rest = { ...all[1]!, lots: [] };
    const amounts = amountsOf({ ...flight({ guests: 8 }), wines: [{ id: priced.id }, { id: rest.id }], order: [priced.id, rest.id] }, [priced, rest], venue);
    expect([amounts.otherCurrencies, amounts.unknownPrices]).toEqual([{ USD: 1 }, 1]);
    expect(amounts.cost[0]).toMatchObject({ minor: 0, unknown: 2 });
  });
  it('the cost is the sum of its parts, and a wine to buy is counted with its price', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 60 }), fc.integer({ min: 20, max: 150 }), (guests, pourMl) => {
        const bought = toBuy({ id: id(77), buy: { name: 'A salty white', style: 'island', priceMinor: 1800 } })!;
        const document: FlightDocument = {
          ...flight({ guests, pourMl }),
          wines: [...flight().wines, { id: bought.id, buy: { name: bought.name, style: 'island', priceMinor: 1800 } }],
        };
        const amounts = amountsOf(document, [...all, bought], venue);
        const spent = amounts.cost.filter((part) => part.part !== 'spares').reduce((sum, part) => sum + part.minor, 0);
        expect(amounts.aHeadMinor).toBe(Math.round(spent / guests));
        expect(amounts.unknownPrices).toBe(0);
        expect(amounts.wines.at(-1)).toMatchObject({ held: 0, priceMinor: 1800 });
        expect(amounts.wines.at(-1)!.short).toBeGreaterThan(0);
        expect(amounts.alcohol.drinks!.of.country).toBe('GB');
      }),
      { numRuns: 20 },
    );
  });
});

describe('rests, and guests at home', () => {
  const rests = [
    { after: white.id, kind: 'bread' as const },
    { after: red.id, kind: 'cheese' as const },
  ];
  const whole = wholeEvening(flight({ rests }), all, venue);
  const lines = (of: typeof whole) =>
    plannedTasks(of.plan).map((task) => ({ ...task, text: taskOfEvening(of, task, (id) => all.find((entry) => entry.id === id)!.name) }));
  it('a rest is a line of its own, between the wine before it and the one after', () => {
    for (const { after, kind } of rests) {
      const order = flight().wines.map((entry) => entry.id);
      const line = lines(whole).find((entry) => entry.id === `${kind}:${after}`)!;
      const pour = (id: string) => whole.plan.timetable.starts[taskId('pour', id)]!;
      expect(line.start).toBeGreaterThan(pour(after));
      expect(line.start + line.minutes).toBeLessThanOrEqual(pour(order[order.indexOf(after) + 1]!));
    }
    expect(lines(whole).find((entry) => entry.id.startsWith('cheese'))!.text).toMatch(/^Rest after .*: a bite of .*cheese for everybody, then water, 7 min$/);
  });
  it('of a flight that is blind to its host the table is told by letters, and the bottles are for who pours', () => {
    const hidden = lines(wholeEvening(flight({ rests, blind: 'double' }), all, venue));
    const named = all.map((entry) => entry.name);
    for (const line of hidden.filter((entry) => /^(pour|bread|cheese):/.test(entry.id))) for (const name of named) expect(line.text).not.toContain(name);
    expect(hidden.filter((entry) => entry.id.startsWith('pour:')).map((entry) => entry.text)).toEqual(
      ['A', 'B', 'C', 'D', 'E'].map((letter) => `Pour wine ${letter}`),
    );
    for (const line of hidden.filter((entry) => /^(open|check|taste|decant):/.test(entry.id))) expect(line.text).toMatch(/\(for who pours\)$/);
  });
  it('a guest’s own bottle goes into their fridge as long as Newton’s law says, and what to have ready has amounts', () => {
    expect(fridgeMinutesAtHome({ aim: 21, formatMl: 750 })).toBe(0);
    expect(fridgeMinutesAtHome({ aim: 4, formatMl: 750 })).toBe(Infinity);
    const minutes = fridgeMinutesAtHome({ aim: 12, formatMl: 750 });
    // From 21 towards 5: the share of the difference that is left is 7/16.
    expect(minutes).toBeCloseTo(5 * Math.round((media.fridge.tau * Math.log(16 / 7)) / 5), 9);
    expect(fridgeMinutesAtHome({ aim: 12, formatMl: 1500 })).toBeGreaterThan(minutes);
    expect(haveReady(flight({ rests }), 90)).toEqual(expect.arrayContaining(['0.5 L of water', '60 g of plain bread', '30 g of a mild hard cheese']));
    expect(haveReady(flight(), 90).join()).not.toContain('cheese');
  });
});
