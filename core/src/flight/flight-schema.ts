import { z } from 'zod';
import { airChoices } from '../air/air';
import { mostRests, mostWines } from '../order/solve';
import { schools } from '../order/school';
import { carriedRoutine } from '../routine/routine-schema';
import { instant, localTime } from '../wine/day-schema';
import { themeIds } from '../theme/theme';
import { blindKinds, eveningKinds, predictions, revealKinds, settings, upcastFlight, type FlightDocument } from './flight';
import { goal } from './goals-schema';

const id = z.uuid();
const keys = <T extends string>(of: Readonly<Record<T, unknown>>) => z.enum(Object.keys(of) as [T, ...T[]]);
const pin = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.enum(['first', 'last']), wine: id }),
  z.strictObject({ kind: z.literal('place'), wine: id, place: z.number().int().min(1).max(mostWines) }),
  z.strictObject({ kind: z.enum(['adjacent', 'before', 'group']), wine: id, other: id }),
]);
const unique = (ids: readonly string[]) => new Set(ids).size === ids.length;
const order = z.array(id).max(mostWines).refine(unique, 'a wine stands in an order once');
const route = z.enum(['none', 'fridge', 'fridge-cold', 'ice', 'freezer', 'warm']);
const entry = z.strictObject({
  id,
  buy: z
    .strictObject({
      name: z.string().trim().min(1, 'say what to buy').max(200),
      style: z.string().min(1).max(60),
      priceMinor: z.number().int().min(0).max(100_000_000).optional(),
    })
    .optional(),
  pourMl: z.number().min(5).max(500).optional(),
  predict: keys(predictions).optional(),
  air: keys(airChoices).optional(),
  route: route.optional(),
  glass: z.string().max(40).optional(),
  serveC: z.number().min(-5).max(60).optional(),
});
export const glassStock = z.strictObject({
  shape: z.string().min(1).max(40),
  name: z.string().max(80),
  volumeMl: z.number().min(20).max(2000),
  held: z.number().int().min(0).max(10_000),
});
export const stock = z.strictObject({
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

const document = z.strictObject({
  schema: z.literal(2),
  name: z.string().trim().min(1, 'give the flight a name').max(200),
  theme: z.enum(themeIds),
  evening: keys(eveningKinds),
  setting: keys(settings),
  blind: keys(blindKinds),
  reveal: keys(revealKinds),
  routine: z.string().min(1).max(80),
  ownRoutine: carriedRoutine.optional(),
  returns: z.number().int().min(0).max(10),
  wines: z
    .array(entry)
    .max(mostWines, `a flight has at most ${mostWines} wines`)
    .refine((wines) => unique(wines.map((wine) => wine.id)), 'a wine stands in a flight once'),
  order,
  other: order.nullable(),
  poured: order.nullable(),
  pins: z.array(pin).max(40),
  rests: z.array(z.strictObject({ after: id, kind: z.enum(['bread', 'cheese']) })).max(mostWines),
  mostRests: z.number().int().min(0).max(mostRests),
  cheese: z.boolean(),
  school: z.enum(schools.map((school) => school.id)),
  guests: z.number().int().min(0).max(500),
  pourMl: z.number().min(5).max(500),
  hostPour: z.boolean(),
  lossPercent: z.number().min(0).max(50),
  certainty: z.number().min(50).max(99.9),
  budgetMinor: z.number().int().min(0).max(100_000_000).nullable(),
  goals: z.array(goal).max(30),
  glass: z.string().min(1).max(40),
  starts: z.union([z.literal(''), localTime]),
  tasteFirst: z.boolean(),
  stock: stock.nullable(),
  done: instants,
  opened: instants,
  checks: ticks,
  faulty: ticks,
  panel: z.strictObject({
    seed: z
      .number()
      .int()
      .min(0)
      .max(2 ** 31),
    twice: z.array(id).max(mostWines),
    aSeat: z.number().int().min(0).max(mostWines),
  }),
  dish: id.nullable(),
  remark: z.string().max(10_000),
});
/** What is stored, and what an older page may still send: brought to the present shape before it is read. */
export const flightDocument = z.preprocess(upcastFlight, document) as unknown as z.ZodType<FlightDocument>;
