import { alcoholAHead, type AlcoholAHead } from '@rose/core/alcohol/alcohol';
import type { FlightDocument } from '@rose/core/flight/flight';
import { pouringOrder } from '@rose/core/flight/flight';
import { flightStrip, type Strip } from '@rose/core/flight/flight-totals';
import { judgeGoal, type JudgedGoal } from '@rose/core/flight/goals';
import { glassPlan, type GlassPlan } from '@rose/core/quantity/glasses';
import { bottlesFor, savingPour } from '@rose/core/quantity/quantity';
import { pourCheck, type PourCheck } from '@rose/core/quantity/pour-check';
import { sparesFor, type Spares } from '@rose/core/quantity/spares';
import { factOf } from '@rose/core/wine/stated';
import { anchors, loadsOf } from '@rose/core/wine/profile';
import { backThroughAnchors, millilitres } from '@rose/core/wine/units';
import { cheeseOfARest, restCheeses } from '../cheeses/palate';
import { closureOf } from '../closures/index';
import { drinkOf } from '../drinks/index';
import { routineOf } from '../routines/index';
import { formatOf, pourTimes, stockOf, type EveningInput, type VenueFacts } from './evening';

export interface WineAmount {
  readonly wine: string;
  readonly name: string;
  readonly formatMl: number;
  readonly pourMl: number;
  readonly pours: number;
  readonly neededMl: number;
  readonly byVolume: number;
  readonly byPours: number;
  readonly spares: Spares;
  readonly held: number;
  /** Bottles to buy so that pours and spares are covered. */
  readonly short: number;
  /** Minor units a bottle in the venue's currency; undefined when no price is known, or it is in another currency. */
  readonly priceMinor: number | undefined;
}
/** A part of the cost; `minor` is for the whole table, undefined when something in it has no price. */
export interface CostPart {
  readonly part: 'wine' | 'spares' | 'bread' | 'cheese' | 'water' | 'ice';
  readonly minor: number;
  readonly unknown: number;
}
export interface Amounts {
  readonly wines: readonly WineAmount[];
  readonly bottles: number;
  readonly spares: number;
  /** Chance that every wine has enough sound bottles, 0–1. */
  readonly chance: number;
  readonly aHeadMl: number;
  readonly pour: PourCheck;
  /** The slightly smaller pour that opens fewer bottles, mL, and how many fewer; undefined where none is saved. */
  readonly saving: { readonly pour: number; readonly saves: number } | undefined;
  readonly glasses: readonly GlassPlan[];
  readonly alcohol: AlcoholAHead;
  readonly waterL: number;
  readonly spittoons: number;
  readonly breadG: number;
  readonly cheeseG: number;
  /** The cheeses of the rests, each once. */
  readonly cheeses: readonly string[];
  readonly iceKg: number;
  readonly cost: readonly CostPart[];
  readonly aHeadMinor: number;
  readonly unknownPrices: number;
  /** Wines whose only prices are in other currencies than the venue's, by currency: they are not counted. */
  readonly otherCurrencies: Readonly<Record<string, number>>;
  readonly minutes: number;
  readonly strip: Strip;
  readonly goals: readonly JudgedGoal[];
}

/** Common practice: litres of water a head and hour, mL to rinse with a wine, grams of bread a head, grams of cheese a head and rest, guests a spittoon. */
export const perHead = { waterLAnHour: 0.3, rinseMl: 30, breadG: 60, cheeseG: cheeseOfARest, aSpittoon: 3, iceKgABucket: 3, bottlesABucket: 3 } as const;

/** Where a wine is bought: as said of one to buy, else where its bottles came from. */
export const merchantOf = (wine: EveningInput): string | undefined =>
  wine.merchant ?? wine.lots.find((lot) => lot.merchant !== undefined && lot.merchant !== '')?.merchant;
const latestPrice = (wine: EveningInput, currency: string): number | undefined =>
  wine.buy
    ? wine.priceMinor
    : [...wine.lots]
        .filter((lot) => lot.priceMinor !== undefined && lot.currency === currency)
        .sort((a, b) => ((a.bought ?? '') < (b.bought ?? '') ? 1 : -1))[0]?.priceMinor;

/** % vol either way by which wines of one kind differ. Own choice, wide: the figure it widens is a caution. */
const strengthSpread = 1.5;
/** The strength of a wine, % vol: as stated, else the span of wines that taste of as much alcohol as this one or its kind. */
function strengthOf({ facts, profile }: EveningInput): number | readonly [number, number] {
  const stated = factOf(facts, 'abv');
  if (stated !== undefined) return stated;
  const usual = backThroughAnchors(anchors.abv, profile.alcohol.value);
  return [Math.max(0, usual - strengthSpread), usual + strengthSpread];
}

/** How much of everything for one flight. `onIce`: bottles that will stand in a bucket. */
export function amountsOf(flight: FlightDocument, wines: readonly EveningInput[], venue: VenueFacts, onIce = 0): Amounts {
  const byId = new Map(wines.map((wine) => [wine.id, wine]));
  const ordered = pouringOrder(flight).flatMap((id) => byId.get(id) ?? []);
  const entries = new Map(flight.wines.map((entry) => [entry.id, entry]));
  const twice = new Set(flight.evening === 'panel' ? flight.panel.twice : []);
  const routine = routineOf(flight);
  // In a panel of incomplete blocks a seat has only some of the glasses.
  const glassesASeat = ordered.length + twice.size;
  const share = flight.evening === 'panel' && flight.panel.aSeat > 0 && glassesASeat > 0 ? Math.min(1, flight.panel.aSeat / glassesASeat) : 1;
  const before = ordered.map((wine) => {
    const pourMl = entries.get(wine.id)?.pourMl ?? flight.pourMl;
    const formatMl = formatOf(wine.lots);
    const pours = Math.ceil(flight.guests * (twice.has(wine.id) ? 2 : 1) * share - 1e-9) + (flight.hostPour && flight.guests > 0 ? 1 : 0);
    const needed = bottlesFor(pours, millilitres(pourMl), millilitres(formatMl), flight.lossPercent / 100);
    // A bottle that was found faulty is no longer there to pour from: the spare takes its place.
    const lost = flight.faulty[wine.id] === true ? 1 : 0;
    const held = Math.max(0, wine.lots.filter((lot) => lot.formatMl === formatMl).reduce((sum, lot) => sum + lot.held, 0) - lost);
    return {
      wine: wine.id,
      name: wine.name,
      formatMl,
      pourMl,
      pours,
      neededMl: needed.needed,
      byVolume: needed.byVolume,
      byPours: needed.byPours,
      held,
      faultRate: closureOf(wine.facts).closure.faultRate,
      priceMinor: latestPrice(wine, venue.currency),
    };
  });
  const pour = pourCheck(routine, flight.returns, Math.min(flight.pourMl, ...before.map((amount) => amount.pourMl)));
  const saving = savingPour(
    // A wine with a pour of its own keeps it.
    before.filter((amount) => entries.get(amount.wine)?.pourMl === undefined).map(({ pours, formatMl }) => ({ pours, format: millilitres(formatMl) })),
    millilitres(flight.pourMl),
    flight.lossPercent / 100,
    pour.neededMl,
  );
  const spares = sparesFor(
    before.map((amount) => ({ needed: amount.byPours, faultRate: amount.faultRate })),
    flight.certainty / 100,
  );
  const amounts = before.map(({ faultRate: _rate, ...amount }, i): WineAmount => ({
    ...amount,
    spares: spares[i]!,
    short: Math.max(0, amount.byPours + spares[i]!.spares - amount.held),
  }));
  const stock = stockOf(flight, venue);
  const minutes = pourTimes(flight, venue).end;
  const tasters = flight.guests + (flight.hostPour ? 1 : 0);
  const glasses = glassPlan(
    [...ordered, ...ordered.filter((wine) => twice.has(wine.id))].map((wine) => ({
      shape: flight.setting === 'water' ? 'tumbler' : (entries.get(wine.id)?.glass ?? flight.glass),
      pourMl: entries.get(wine.id)?.pourMl ?? flight.pourMl,
    })),
    stock.glasses,
    tasters,
  );
  const cheeseRests = flight.rests.filter((rest) => rest.kind === 'cheese').length;
  const waterL = flight.guests * ((perHead.waterLAnHour * minutes) / 60 + (perHead.rinseMl * ordered.length) / 1000);
  const breadG = flight.guests * perHead.breadG;
  const cheeses = restCheeses(
    ordered.map(({ id, name, profile }) => ({ id, name, loads: loadsOf(profile) })),
    flight.rests,
  );
  const cheeseG = flight.guests * perHead.cheeseG * cheeseRests;
  const iceKg = Math.ceil(onIce / perHead.bottlesABucket) * perHead.iceKgABucket;
  const sum = (part: CostPart['part'], of: (amount: WineAmount) => number): CostPart => ({
    part,
    minor: Math.round(amounts.reduce((total, amount) => total + (amount.priceMinor ?? 0) * of(amount), 0)),
    unknown: amounts.filter((amount) => amount.priceMinor === undefined && of(amount) > 0).length,
  });
  const cost: CostPart[] = [
    sum('wine', (amount) => amount.byPours),
    sum('spares', (amount) => amount.spares.spares),
    { part: 'bread', minor: Math.round((breadG / 1000) * venue.prices.bread), unknown: 0 },
    { part: 'cheese', minor: Math.round((cheeseG / 1000) * venue.prices.cheese), unknown: 0 },
    { part: 'water', minor: Math.round(waterL * venue.prices.water), unknown: 0 },
    { part: 'ice', minor: Math.round(iceKg * venue.prices.ice), unknown: 0 },
  ];
  // A spare that is not opened goes back to the cellar: it is no cost of the evening.
  const spent = cost.filter((part) => part.part !== 'spares');
  const aHeadMinor = flight.guests === 0 ? 0 : Math.round(spent.reduce((total, part) => total + part.minor, 0) / flight.guests);
  const otherCurrencies: Record<string, number> = {};
  for (const amount of amounts.filter((entry) => entry.priceMinor === undefined && entry.byPours > 0)) {
    const named = byId.get(amount.wine)!.lots.find((lot) => lot.currency !== undefined)?.currency;
    if (named !== undefined) otherCurrencies[named] = (otherCurrencies[named] ?? 0) + 1;
  }
  const unpriced = cost[0]!.unknown;
  const unknownPrices = unpriced - Object.values(otherCurrencies).reduce((total, n) => total + n, 0);
  const strip = flightStrip(
    ordered.map((wine) => ({
      facts: wine.facts,
      loads: loadsOf(wine.profile),
      age: wine.age,
      priceMinor: latestPrice(wine, venue.currency),
      merchant: merchantOf(wine),
    })),
  );
  return {
    wines: amounts,
    bottles: amounts.reduce((total, amount) => total + amount.byPours, 0),
    spares: amounts.reduce((total, amount) => total + amount.spares.spares, 0),
    chance: amounts.reduce((product, amount) => product * amount.spares.chance, 1),
    aHeadMl: amounts.reduce((total, amount) => total + amount.pourMl * (twice.has(amount.wine) ? 2 : 1) * share, 0),
    pour,
    saving,
    glasses,
    alcohol: alcoholAHead(
      amounts.map((amount) => ({ ml: amount.pourMl * (twice.has(amount.wine) ? 2 : 1) * share, abv: strengthOf(byId.get(amount.wine)!) })),
      drinkOf(venue.country),
    ),
    waterL,
    spittoons: Math.ceil(flight.guests / perHead.aSpittoon),
    breadG,
    cheeseG,
    cheeses: [...new Set(cheeses.map(({ name }) => name))],
    iceKg,
    cost,
    aHeadMinor,
    unknownPrices,
    otherCurrencies,
    minutes,
    strip,
    goals: flight.goals.map((goal) => judgeGoal(goal, strip, { sum: aHeadMinor, unknown: unpriced })),
  };
}
/** Glasses on the table in all, for polishing. */
export const glassesInAll = (amounts: Amounts): number => amounts.glasses.reduce((sum, plan) => sum + plan.needed - plan.breakage, 0);
