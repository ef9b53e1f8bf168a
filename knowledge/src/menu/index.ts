import { allocate, bottlesFor, oneForAll, type Allocation, type MenuQuestion } from '@rose/core/menu/allocate';
import type { MenuDocument } from '@rose/core/menu/menu-document';
import { neighbourReasons, strainOf } from '@rose/core/order/carry-over';
import type { OrderWine } from '@rose/core/order/order-wine';
import { schoolOf } from '@rose/core/order/ordering-rules';
import { fitNumber, fitOf, bandOfShown, shownFit, type PairingWine } from '@rose/core/pairing/dish-fit';
import { partOf, type Solver } from '@rose/core/solver/solver';
import { median } from '@rose/core/statistics/median';
import { adapt, type Against, type Diet, type Needs } from '../kitchen/index';
import { speaksFor } from '../pairing/choices';
import { dishOf, hardest, styleWine, type Allergen, type DishPart } from '../pairing/index';
import { saidAtTable } from './said';
import { generalStyles, rungOf, type GeneralStyle } from '../styles/index';
import { bestSoftDrink, type SoftDrink } from '../without-alcohol/index';

/** A wine as a menu takes it. Money in minor units. */
export interface MenuWine {
  readonly wine: PairingWine;
  readonly order: OrderWine;
  readonly sizes: readonly { readonly ml: number; readonly price: number; readonly held?: number | undefined }[];
  readonly allergens: readonly Allergen[];
}
/** A general style as a wine of a menu: it has no price and is in no cellar. */
export const menuStyle = (style: GeneralStyle): MenuWine => ({
  wine: styleWine(style),
  order: {
    id: style.id,
    name: style.name,
    loads: style.loads,
    alcoholSpan: [style.loads.alcohol - 6, style.loads.alcohol + 6],
    rung: rungOf(
      { colour: { value: style.colour, origin: 'assumed' }, fortified: { value: styleWine(style).fortified === true, origin: 'assumed' } },
      style.loads,
    ),
  },
  sizes: [],
  allergens: ['sulphites'],
});
export const menuStyles: readonly MenuWine[] = generalStyles.filter(({ id }) => !id.startsWith('no-alcohol')).map(menuStyle);

/** A plate of a course and who eats it. */
export interface Plate {
  readonly parts: readonly DishPart[];
  readonly guests: number;
  /** Of them, who drink wine. */
  readonly drinkers: number;
  /** Seats that eat it because of what they need; none for the plate of everybody else. */
  readonly seats: readonly number[];
  readonly swaps: readonly { readonly out: string; readonly into: string | undefined }[];
  readonly ask: readonly Against[];
}
export interface Plates {
  readonly plates: readonly Plate[];
  /** Seats for whom no swap keeps the shape of the dish: they need another. */
  readonly another: readonly number[];
}
type Seat = MenuDocument['seats'][number];
const needsOf = ({ allergens, diets }: Seat): Needs => ({ allergens: allergens as readonly Allergen[], diets: diets as readonly Diet[] });
const isDrinker = ({ drinks }: Seat) => drinks;

/** The plates of a course: everybody’s, and one for each way in which seats differ. */
export function platesOf(parts: readonly DishPart[], guests: number, seats: readonly Seat[]): Plates {
  const seated = seats.filter(({ seat }) => seat <= guests);
  const other = new Map<string, { plate: Plate; own: Seat[] }>();
  const another: number[] = [];
  const likeAll: Seat[] = [];
  for (const seat of seated) {
    const made = adapt(parts, needsOf(seat));
    if (made.parts === undefined) another.push(seat.seat);
    else if (made.swaps.length === 0 && made.ask.length === 0) likeAll.push(seat);
    else {
      const key = JSON.stringify([made.swaps, made.ask]);
      const present = other.get(key) ?? { plate: { parts: made.parts, guests: 0, drinkers: 0, seats: [], swaps: made.swaps, ask: made.ask }, own: [] };
      present.own.push(seat);
      other.set(key, present);
    }
  }
  const special = [...other.values()].map(({ plate, own }) => ({
    ...plate,
    guests: own.length,
    drinkers: own.filter(isDrinker).length,
    seats: own.map(({ seat }) => seat),
  }));
  const everybody = guests - special.reduce((sum, plate) => sum + plate.guests, 0) - another.length;
  const dry = likeAll.filter((seat) => !seat.drinks).length;
  const all: Plate = { parts, guests: everybody, drinkers: Math.max(0, everybody - dry), seats: [], swaps: [], ask: [] };
  return { plates: [...(everybody > 0 ? [all] : []), ...special], another };
}

/** Points a unit of strain between two wines counts for, with food between them. Own choice. */
export const pointsPerStrain = 2;
/** Points of a course without a wine: less than one that merely goes. Own choice. */
export const withoutWine = 40;
/** Points for one unit of the currency a head. Own choice. */
const pointsOfMoney = { none: 0, some: 0.8, much: 2.4 } as const;
/** How many wines a menu is solved over, and how many of each course get there. */
const mostWines = 250;
const mostPerCourse = 60;

export interface MenuCourse {
  readonly id: string;
  readonly name: string;
  readonly plates: Plates;
  readonly wine: string | undefined;
  readonly wineName: string;
  /** The mean over the plates, as it is shown, 0–100, with its word and why. */
  readonly shown: number;
  readonly band: string;
  readonly because: string;
  /** The sentence for who pours it. */
  readonly say: string | undefined;
  /** The plate it fits worst, where that is another than everybody’s. */
  readonly worst: { readonly seats: readonly number[]; readonly shown: number } | undefined;
  /** What the wine before costs this one. */
  readonly step: { readonly points: number; readonly because: string } | undefined;
  /** The best other wine, and what the whole menu would lose by it; undefined where there is none. */
  readonly other: { readonly wine: string; readonly wineName: string; readonly costs: number; readonly money: number | undefined } | undefined;
  readonly soft: SoftDrink | undefined;
}
export interface MenuPlan {
  readonly kind: 'plan';
  readonly courses: readonly MenuCourse[];
  readonly points: number;
  /** Minor units for the table; undefined where nothing is priced. */
  readonly money: number | undefined;
  readonly pours: readonly {
    readonly wine: string;
    readonly wineName: string;
    readonly ml: number;
    readonly bottles: readonly { readonly ml: number; readonly count: number }[];
    readonly money: number | undefined;
  }[];
  /** Wines left out, with why. */
  readonly left: readonly { readonly wine: string; readonly wineName: string; readonly why: string }[];
  readonly unpriced: number;
  readonly proven: boolean;
  /** One wine for every course: the best at its worst and the best on the whole. */
  readonly one: { readonly fairest: OneWine; readonly best: OneWine } | undefined;
}
export interface OneWine {
  readonly wine: string;
  readonly wineName: string;
  readonly mean: number;
  readonly least: number;
}
export type MenuAnswer = MenuPlan | { readonly kind: 'impossible'; readonly why: string };

/** Plans a menu: which wine with which course, as one problem. @yields the share done, 0–1 */
export function* planMenu({ menu, wines }: { readonly menu: MenuDocument; readonly wines: readonly MenuWine[] }): Solver<MenuAnswer> {
  const courses = menu.courses
    .filter(({ parts }) => !dishOf(parts).empty)
    .map((course) => ({ ...course, parts: course.parts.map(({ id: _, ...part }) => part) }));
  if (courses.length === 0) return { kind: 'impossible', why: 'No course has anything on its plate yet.' };
  const table = courses.map((course) => platesOf(course.parts, menu.guests, menu.seats));
  const drinkers = menu.guests - menu.seats.filter((seat) => seat.seat <= menu.guests && !seat.drinks).length;
  const plates = table.map(({ plates: all }) => all.map((plate) => ({ plate, dish: dishOf(plate.parts) })));

  // What a guest must not drink is not poured at all: a table drinks from one bottle.
  const forbidden = new Set(menu.seats.filter((seat) => seat.seat <= menu.guests && seat.drinks).flatMap(({ allergens }) => allergens));
  const left: { wine: string; wineName: string; why: string }[] = [];
  const pinned = new Set(courses.flatMap(({ pin }) => (pin === undefined || pin === 'none' ? [] : [pin])));
  const allowed = wines.filter(({ wine, allergens, sizes }) => {
    // Nearly every wine holds sulphites: who reacts to them is told, and drinks by their own choice.
    const against = allergens.filter((one) => one !== 'sulphites' && forbidden.has(one));
    const why = against.length > 0 ? `may hold ${against.join(' and ')}` : menu.budgetMinor !== undefined && sizes.length === 0 ? 'has no price' : undefined;
    if (why !== undefined) left.push({ wine: wine.id, wineName: wine.name, why });
    return why === undefined;
  });
  const fitsOf = (c: number, wine: PairingWine) =>
    plates[c]!.map(({ plate, dish }) => ({ guests: plate.drinkers, score: fitNumber(dish, wine), seats: plate.seats }));
  const mean = (fits: readonly { readonly guests: number; readonly score: number }[]): number => {
    const all = fits.reduce((sum, { guests }) => sum + guests, 0);
    return all === 0 ? mean(fits.map((one) => ({ ...one, guests: 1 }))) : fits.reduce((sum, { guests, score }) => sum + guests * shownFit(score), 0) / all;
  };
  const worths = courses.map((_, c) => (plates[c]!.length === 0 ? allowed.map(() => withoutWine) : allowed.map(({ wine }) => mean(fitsOf(c, wine)))));
  yield 0.2;
  const listed = new Set<number>();
  allowed.forEach(({ wine }, w) => pinned.has(wine.id) && listed.add(w));
  for (const row of worths)
    for (const w of row
      .map((_, i) => i)
      .sort((a, b) => row[b]! - row[a]!)
      .slice(0, mostPerCourse))
      if (listed.size < mostWines) listed.add(w);
  const chosen = [...listed].sort((a, b) => a - b).map((w) => ({ ...allowed[w]!, at: w }));
  const missing = courses.filter(({ pin }) => pin !== undefined && pin !== 'none' && !chosen.some(({ wine }) => wine.id === pin));
  if (missing.length > 0)
    return {
      kind: 'impossible',
      why: `The wine that is fixed for ${missing.map(({ name }) => name).join(' and ')} cannot be poured: it is not in this list, holds what a guest must not drink, or has no price.`,
    };

  const school = schoolOf('weight');
  const strain = (from: MenuWine, to: MenuWine) => strainOf(neighbourReasons(from.order, to.order, school, 'bread'));
  const step = chosen.map((from) => Float64Array.from(chosen, (to) => (from === to ? 0 : pointsPerStrain * strain(from, to))));
  yield 0.4;
  const known = chosen.flatMap(({ sizes }) => (sizes.length === 0 ? [] : [Math.min(...sizes.map(({ ml, price }) => (price * 750) / ml))]));
  const middle = known.length === 0 ? 0 : median(known);
  // A wine without a price counts at the middle of the others.
  const priced = chosen.map(({ sizes }) => (sizes.length > 0 ? sizes : [{ ml: 750, price: middle, held: undefined }]));
  const pour = (w: number, ml: number) =>
    menu.pouring === 'glass'
      ? { money: ml * Math.min(...priced[w]!.map((size) => size.price / size.ml)), counts: priced[w]!.map(() => 0) }
      : bottlesFor(ml, priced[w]!);
  const pourMl = drinkers * menu.pourMl;
  const question: MenuQuestion = {
    worth: worths.map((row) => chosen.map(({ at }) => row[at]!)),
    without: courses.map(({ dry, pin }) => (dry === true || pin === 'none' || chosen.length === 0 || drinkers === 0 ? withoutWine : -Infinity)),
    step,
    money: (w, from, to) => pour(w, pourMl * (to - from + 1)).money,
    pointsPerMoney: pointsOfMoney[menu.thrift] / 100 / menu.guests,
    budget: menu.budgetMinor,
    most: menu.most,
    pins: courses.map(({ pin }) => (pin === undefined || pin === 'none' ? pin : chosen.findIndex(({ wine }) => wine.id === pin))),
  };
  const found = yield* partOf(allocate(question), 0.4, 0.3);
  if (found.kind === 'impossible')
    return {
      kind: 'impossible',
      why:
        menu.budgetMinor !== undefined
          ? 'No menu keeps to this budget with what the wines cost and what is held. Raise it, let a course go without a wine, or allow fewer wines.'
          : 'No menu keeps to what is fixed: fewer wines are allowed than are fixed, or there are too few bottles.',
    };
  const { best } = found;
  const others: (Allocation | undefined)[] = [];
  for (const [c, w] of best.wines.entries()) {
    const answer =
      w === undefined || question.pins[c] !== undefined
        ? undefined
        : yield* partOf(allocate({ ...question, never: { course: c, wine: w } }), 0.7 + (0.28 * c) / courses.length, 0.28 / courses.length);
    others.push(answer?.kind === 'best' ? answer.best : undefined);
  }
  const anyPrice = known.length > 0;
  const view = courses.map(({ id, name }, c): MenuCourse => {
    const w = best.wines[c];
    const everybody = plates[c]!.reduce<(typeof plates)[number][number] | undefined>(
      (most, one) => (most === undefined || one.plate.guests > most.plate.guests ? one : most),
      undefined,
    );
    const soft = everybody === undefined || drinkers === menu.guests ? undefined : bestSoftDrink(everybody.dish)?.drink;
    const shared = { id, name, plates: table[c]!, soft };
    if (w === undefined || everybody === undefined)
      return { ...shared, wine: undefined, wineName: '', shown: 0, band: '', because: '', say: undefined, worst: undefined, step: undefined, other: undefined };
    const own = chosen[w]!;
    const fit = fitOf(everybody.dish, own.wine);
    const fits = fitsOf(c, own.wine);
    const worst = fits.reduce((least, one) => (one.score < least.score ? one : least));
    const before = best.wines.slice(0, c).findLast((one) => one !== undefined);
    const lost = before === undefined || before === w ? [] : neighbourReasons(chosen[before]!.order, own.order, school, 'bread');
    const hard = [...lost].sort((a, b) => b.push - a.push)[0];
    const other = others[c];
    const otherWine = other?.wines[c];
    const speaks = fit.fit >= 50 ? speaksFor(fit) : hardest(fit);
    return {
      ...shared,
      wine: own.wine.id,
      wineName: own.wine.name,
      shown: mean(fits),
      band: bandOfShown(mean(fits)).name,
      because: speaks.text,
      say: `With this we pour ${own.wine.name}: ${saidAtTable(fit)}.`,
      worst: worst.seats.length === 0 ? undefined : { seats: worst.seats, shown: shownFit(worst.score) },
      step: hard === undefined || pointsPerStrain * strainOf(lost) < 1 ? undefined : { points: pointsPerStrain * strainOf(lost), because: hard.text },
      other:
        other === undefined
          ? undefined
          : {
              wine: otherWine === undefined ? 'none' : chosen[otherWine]!.wine.id,
              wineName: otherWine === undefined ? 'no wine' : chosen[otherWine]!.wine.name,
              costs: best.points - other.points,
              money: anyPrice ? other.money - best.money : undefined,
            },
    };
  });
  const poured = new Map<number, number>();
  for (const w of best.wines) if (w !== undefined) poured.set(w, (poured.get(w) ?? 0) + pourMl);
  const one = oneForAll(courses.flatMap((_, c) => plates[c]!.map(({ dish }) => chosen.map(({ wine }) => shownFit(fitNumber(dish, wine))))));
  const oneWine = (w: number): OneWine => {
    const all = courses.flatMap((_, c) => plates[c]!.map(({ dish }) => shownFit(fitNumber(dish, chosen[w]!.wine))));
    return { wine: chosen[w]!.wine.id, wineName: chosen[w]!.wine.name, mean: all.reduce((sum, value) => sum + value, 0) / all.length, least: Math.min(...all) };
  };
  return {
    kind: 'plan',
    courses: view,
    points: best.points,
    money: anyPrice ? best.money : undefined,
    pours: [...poured].map(([w, ml]) => {
      const { money, counts } = pour(w, ml);
      return {
        wine: chosen[w]!.wine.id,
        wineName: chosen[w]!.wine.name,
        ml,
        bottles: menu.pouring === 'glass' ? [] : priced[w]!.flatMap((size, i) => (counts[i]! > 0 ? [{ ml: size.ml, count: counts[i]! }] : [])),
        money: chosen[w]!.sizes.length > 0 ? money : undefined,
      };
    }),
    left,
    unpriced: [...poured.keys()].filter((w) => chosen[w]!.sizes.length === 0 && anyPrice).length,
    proven: found.proven,
    one: one === undefined ? undefined : { fairest: oneWine(one.fairest), best: oneWine(one.best) },
  };
}
