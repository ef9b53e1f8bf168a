import { z } from 'zod';
import { airChoices } from '../air/air';
import { mostRests, mostWines } from '../order/solve';
import { schools } from '../order/ordering-rules';
import { carriedRoutine } from '../routine/routine-schema';
import { instant, localTime } from '../wine/day-schema';
import { routeIds } from '../temperature/temperature';
import { themeIds } from '../theme/theme';
import { byId, byKey } from '../document/merge-marks';
import { restKinds } from '../order/order-wine';
import { keysOf } from '../wine/keys';
import { blindKinds, eveningKinds, predictions, revealKinds, settings, emptyFlight, upcastFlight, usualTasteLead } from './flight';
import { goal } from './goals-schema';

const id = z.uuid();
const keys = <T extends string>(of: Readonly<Record<T, unknown>>) => z.enum(keysOf(of));
export const pin = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.enum(['first', 'last']), wine: id }),
  z.strictObject({ kind: z.literal('place'), wine: id, place: z.number().int().min(1).max(mostWines) }),
  z.strictObject({ kind: z.enum(['adjacent', 'before', 'group']), wine: id, other: id }),
]);
const unique = (ids: readonly string[]) => new Set(ids).size === ids.length;
const order = z.array(id).max(mostWines).refine(unique, 'a wine stands in an order once');
const route = z.enum(routeIds);
export const rest = z.strictObject({ after: id, kind: keys(restKinds) });
/** What the host has for guests of a wine. Text and link show once its name is known; the hint is asked for, by who has named something first. */
const told = z.strictObject({
  text: z.string().max(2000).optional(),
  link: z
    .url({ protocol: /^https?$/, error: 'is not a link: it begins with https://' })
    .max(500)
    .optional(),
  hint: z.string().max(300).optional(),
});
/** A wine of a flight: one of the cellar by its id, or one still to buy, by a general style and a description. What is set here overrides what is computed. */
const entry = z.strictObject({
  id,
  buy: z
    .strictObject({
      name: z.string().trim().min(1, 'say what to buy').max(200),
      style: z.string().min(1).max(60),
      priceMinor: z.number().int().min(0).max(100_000_000).optional(),
      merchant: z.string().trim().min(1).max(200).optional(),
    })
    .optional(),
  pourMl: z.number().min(5).max(500).optional(),
  predict: keys(predictions).optional(),
  air: keys(airChoices).optional(),
  route: route.optional(),
  glass: z.string().max(40).optional(),
  /** °C the host wants it served at; else the middle of its style's band, allowing for what the glass gains. */
  serveC: z.number().min(-5).max(60).optional(),
  told: told.optional(),
  /** A bite taken with it, by its name, after which it is tasted once more; `crossed`: half of the room takes the bite first. */
  bite: z.strictObject({ food: z.string().min(1).max(80), crossed: z.boolean() }).optional(),
});
export const glassStock = z.strictObject({
  shape: z.string().min(1).max(40),
  name: z.string().max(80),
  volumeMl: z.number().min(20).max(2000),
  held: z.number().int().min(0).max(10_000),
});
/** What the evening has to work with; copied from the venue and free to differ. °C, places, pairs of hands. */
export const stock = z.strictObject({
  /** Where the bottles stand before the evening. */
  storeC: z.number().min(-10).max(45),
  roomC: z.number().min(-10).max(45),
  fridgeC: z.number().min(-2).max(15),
  fridgePlaces: z.number().int().min(0).max(500),
  bucketPlaces: z.number().int().min(0).max(500),
  freezerPlaces: z.number().int().min(0).max(100),
  hands: z.number().int().min(0).max(50),
  glasses: z.array(glassStock).max(30),
});
const instants = z.record(z.string().max(100), instant);
const ticks = z.record(z.string().max(100), z.boolean());

/** A flight as it is stored and merged: which wines, in which order, for whom, and how the evening is got ready. */
export const presentFlight = z.strictObject({
  schema: z.literal(2),
  name: z.string().trim().min(1, 'give the flight a name').max(200),
  theme: z.enum(themeIds),
  evening: keys(eveningKinds),
  setting: keys(settings),
  blind: keys(blindKinds),
  reveal: keys(revealKinds),
  routine: z.string().min(1).max(80),
  /** A host's own routine as it was when it was chosen; absent, `routine` names one that ships. */
  ownRoutine: carriedRoutine.optional(),
  /** Planned returns to each glass, a sip each. */
  returns: z.number().int().min(0).max(10),
  /** Two hosts may each add a wine. */
  wines: byId(
    z
      .array(entry)
      .max(mostWines, `a flight has at most ${mostWines} wines`)
      .refine((wines) => unique(wines.map((wine) => wine.id)), 'a wine stands in a flight once'),
  ),
  /** Wine ids in the order they are poured; one field: two people's orders are shown side by side, never interleaved. A wine it does not name is poured after those it does. */
  order,
  /** A second order kept beside the first. */
  other: order.nullable(),
  /** The order that was really poured. */
  poured: order.nullable(),
  pins: z.array(pin).max(40),
  rests: z.array(rest).max(mostWines),
  /** How many rests the evening may have, and whether one may be cheese. */
  mostRests: z.number().int().min(0).max(mostRests),
  cheese: z.boolean(),
  school: z.enum(schools.map((school) => school.id)),
  guests: z.number().int().min(0).max(500),
  /** mL of each wine a guest. */
  pourMl: z.number().min(5).max(500),
  /** The host pours a glass to check each bottle. */
  hostPour: z.boolean(),
  /** Share lost to drips and deposit, per cent. */
  lossPercent: z.number().min(0).max(50),
  /** How sure to be of enough sound bottles, per cent. */
  certainty: z.number().min(50).max(99.9),
  /** Money a head, minor units of the venue's currency; null when not set. */
  budgetMinor: z.number().int().min(0).max(100_000_000).nullable(),
  goals: byId(z.array(goal).max(30)),
  glass: z.string().min(1).max(40),
  /** Local date and time of the first pour in the venue's time zone; empty when not set. */
  starts: z.union([z.literal(''), localTime]),
  tasteFirst: z.boolean(),
  /** Minutes before the first pour by which the wines were tasted. */
  tasteLead: z.number().int().min(15).max(600).default(usualTasteLead),
  /** Null: the venue's own. */
  stock: stock.nullable(),
  /** Tasks done, by id: the instant in ISO. */
  done: byKey(instants),
  /** Bottles opened, by wine: the instant in ISO. */
  opened: byKey(instants),
  /** Checks ticked, by id. */
  checks: byKey(ticks),
  /** Wines whose spare was called for. */
  faulty: byKey(ticks),
  /** A panel's seed, the wines poured twice, and how many glasses a seat has (0: all). */
  panel: byKey(
    z.strictObject({
      seed: z
        .number()
        .int()
        .min(0)
        .max(2 ** 31),
      twice: z.array(id).max(mostWines),
      aSeat: z.number().int().min(0).max(mostWines),
    }),
  ),
  /** The dish of a theme "wines for one dish". */
  dish: id.nullable(),
  remark: z.string().max(10_000),
});
/** What is stored: lifted to the present shape, and completed with what is usual where a field came later. */
export const storedFlight = z.preprocess((stored: z.input<typeof presentFlight>) => ({ ...emptyFlight, ...(upcastFlight(stored) as object) }), presentFlight);
/** What an older page may still send: lifted to the present shape before it is read. */
export const flightDocument = z.preprocess((sent: z.input<typeof presentFlight>) => upcastFlight(sent), presentFlight);
