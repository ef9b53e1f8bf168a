import { z } from 'zod';
import { stock } from '@rose/core/flight/flight-schema';
import { goal } from '@rose/core/flight/goals-schema';
import { allergenLabels } from '@rose/core/flight/flight-totals';
import { rungs } from '@rose/core/order/ordering-rules';
import { loads } from '@rose/core/pairing/wine-schema';
import { routeIds } from '@rose/core/temperature/temperature';
import { temperatureUnits, volumeUnits } from '@rose/core/wine/measure';
import { wineDocument, wineFacts } from '@rose/core/wine/facts-schema';
import { keysOf } from '@rose/core/wine/keys';
import { profileKeys } from '@rose/core/wine/profile';
import { media } from '@rose/knowledge/cooling-places/index';

/** What the solvers take and give, as answers carry it. The types are core's own: the server does not compile where the two differ. */
const profileKey = z.enum(profileKeys);
export const known = z.object({ value: z.number(), from: z.enum(['tasted', 'facts', 'style']), why: z.string() });
export const profile = z.record(profileKey, known);
/** A wine as lists show it. */
export const wineSummary = z.object({
  id: z.string(),
  revision: z.number(),
  name: z.string(),
  producer: z.string(),
  styleName: z.string(),
  grapes: z.string(),
  vintage: z.string(),
  region: z.string(),
  abv: z.number().nullable(),
  colour: z.string().nullable(),
  held: z.number(),
  /** The bottle size most held, mL. */
  formatMl: z.number(),
  price: z.string(),
  notes: z.number(),
  loads,
  stops: z.array(z.string()),
  missing: z.number(),
});
export const orderWine = z.object({
  id: z.string(),
  name: z.string(),
  loads,
  alcoholSpan: z.tuple([z.number(), z.number()]),
  rung: z.enum(rungs),
  age: z.number().optional(),
  assumed: z.array(z.object({ key: profileKey, low: z.number(), high: z.number(), why: z.string() })).optional(),
});
const eveningWine = z.object({
  id: z.string(),
  name: z.string(),
  facts: wineFacts,
  profile,
  age: z.number().optional(),
  lots: wineDocument.shape.lots,
  buy: z.boolean(),
  priceMinor: z.number().optional(),
  merchant: z.string().optional(),
  reduced: z.boolean(),
  faultFound: z.enum(['faulty', 'doubtful']).optional(),
  /** What goes out with it, of a menu that is planned round the flight. */
  dish: z
    .object({
      menu: z.string(),
      name: z.string(),
      hands: z.number(),
      minutes: z.number(),
      food: z.array(z.object({ name: z.string(), grams: z.number() })),
    })
    .optional(),
});
/** A wine of a flight with all that the Chart and the afternoon compute from. */
/** `untasted`: as it would be ordered without any note; absent where no note speaks for it. */
export const flightWine = z.object({ summary: wineSummary, order: orderWine, untasted: orderWine.optional(), evening: eveningWine });

/** What a venue measures in, has and pays; money in minor units of its currency. */
export const venueFacts = z.object({
  country: z.string(),
  currency: z.string(),
  temperature: z.enum(temperatureUnits),
  volume: z.enum(volumeUnits),
  stock,
  prices: z.object({ bread: z.number(), cheese: z.number(), water: z.number(), ice: z.number() }),
  taus: z.partialRecord(z.enum(keysOf(media)), z.number()),
});

const span = z.tuple([z.number(), z.number()]);
const leastMost = z.object({ least: z.number(), most: z.number() });
/** How much of everything for one flight. mL, grams, litres; money in minor units of the venue's currency. */
export const amounts = z.object({
  wines: z.array(
    z.object({
      wine: z.string(),
      name: z.string(),
      formatMl: z.number(),
      pourMl: z.number(),
      pours: z.number(),
      neededMl: z.number(),
      byVolume: z.number(),
      byPours: z.number(),
      spares: z.object({ spares: z.number(), chance: z.number() }),
      held: z.number(),
      short: z.number(),
      priceMinor: z.number().optional(),
    }),
  ),
  bottles: z.number(),
  spares: z.number(),
  chance: z.number(),
  aHeadMl: z.number(),
  pour: z.object({ neededMl: z.number(), sips: z.number(), enough: z.boolean() }),
  saving: z.object({ pour: z.number(), saves: z.number() }).optional(),
  glasses: z.array(
    z.object({
      shape: z.string(),
      name: z.string(),
      wines: z.number(),
      needed: z.number(),
      breakage: z.number(),
      held: z.number(),
      washes: z.number().optional(),
      overfull: z.boolean(),
    }),
  ),
  alcohol: z.object({
    swallowed: span,
    spat: span,
    drinks: z
      .object({ swallowed: span, spat: span, of: z.object({ country: z.string(), name: z.string(), grams: z.number(), source: z.string() }) })
      .optional(),
    assumed: z.number(),
  }),
  waterL: z.number(),
  spittoons: z.number(),
  breadG: z.number(),
  cheeseG: z.number(),
  cheeses: z.array(z.string()),
  iceKg: z.number(),
  cost: z.array(z.object({ part: z.enum(['wine', 'spares', 'bread', 'cheese', 'water', 'ice']), minor: z.number(), unknown: z.number() })),
  aHeadMinor: z.number(),
  unknownPrices: z.number(),
  otherCurrencies: z.record(z.string(), z.number()),
  minutes: z.number(),
  strip: z.object({
    wines: z.number(),
    colours: z.record(z.string(), z.number()),
    sparkling: z.number(),
    sweet: z.number(),
    oak: z.object({ with: z.number(), without: z.number(), unknown: z.number() }),
    countries: z.array(z.string()),
    unknownCountries: z.number(),
    merchants: z.record(z.string(), z.number()),
    unknownMerchants: z.number(),
    price: z.object({ least: z.number(), most: z.number(), sum: z.number() }).optional(),
    unknownPrices: z.number(),
    abv: leastMost.optional(),
    unknownAbv: z.number(),
    ages: leastMost.optional(),
    allergens: z.array(z.enum(keysOf(allergenLabels))),
    unknownFining: z.number(),
  }),
  goals: z.array(z.object({ goal, verdict: z.enum(['met', 'not met', 'cannot tell']), has: z.number(), unknown: z.number() })),
});

const places = z.enum(['fridge', 'ice', 'freezer', 'hands']);
/** The timetable as a list in time; minutes from the first pour, instants in ISO where the flight has a date. */
export const timetable = z.object({
  firstPour: z.string().nullable(),
  span: z.number(),
  bound: z.number(),
  exact: z.boolean(),
  /** How long the afternoon is, in words; '' while it does not fit. */
  says: z.string(),
  tasks: z.array(
    z.object({
      id: z.string(),
      wine: z.string().nullable(),
      text: z.string(),
      minute: z.number(),
      minutes: z.number(),
      at: z.string().nullable(),
      critical: z.boolean(),
      done: z.boolean(),
    }),
  ),
  conflicts: z.array(z.object({ task: z.string(), by: z.number(), resource: z.string() })),
  wayOut: z
    .discriminatedUnion('kind', [
      z.object({ kind: z.literal('route'), wine: z.string(), route: z.enum(routeIds) }),
      z.object({ kind: z.literal('place'), resource: places, more: z.number() }),
      z.object({ kind: z.literal('later'), minutes: z.number() }),
    ])
    .nullable(),
});
