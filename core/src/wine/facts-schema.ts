import { z } from 'zod';
import { day } from './day-schema';
import { byId, byKey } from '../document/merge-marks';
import { keysOf } from './keys';
import { facts, origins, type FactSpec } from './facts';

const percent = z.number().min(0).max(100);
const share = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.enum(['exact', 'about']), percent }),
  z.strictObject({ kind: z.literal('between'), low: percent, high: percent }),
  z.strictObject({ kind: z.enum(['mostly', 'some', 'unknown']) }),
]);
const year = z.number().int().min(1700).max(2200);

const text = z.string().min(1).max(200);
const vintage = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('year'), year }),
  z.strictObject({ kind: z.literal('none') }),
  z.strictObject({ kind: z.literal('several'), from: year, to: year }),
]);
const grapes = z
  .array(z.strictObject({ grape: z.string().min(1).max(100), share }))
  .min(1)
  .max(40)
  .refine(
    (blend) => blend.reduce((sum, entry) => sum + (entry.share.kind === 'exact' ? entry.share.percent : 0), 0) <= 100.01,
    'the exact shares add up to more than 100 %',
  );
type FactSchema<Spec> = Spec extends { kind: 'number' }
  ? z.ZodNumber
  : Spec extends { kind: 'choice'; options: infer Options }
    ? z.ZodEnum<{ [Option in keyof Options & string]: Option }>
    : Spec extends { kind: 'yesno' }
      ? z.ZodBoolean
      : Spec extends { kind: 'vintage' }
        ? typeof vintage
        : Spec extends { kind: 'grapes' }
          ? typeof grapes
          : typeof text;
function factSchema(spec: FactSpec): z.ZodType {
  switch (spec.kind) {
    case 'number':
      return z.number().min(spec.low).max(spec.high);
    case 'choice':
      return z.enum(keysOf(spec.options));
    case 'yesno':
      return z.boolean();
    case 'text':
      return text;
    case 'vintage':
      return vintage;
    case 'grapes':
      return grapes;
  }
}
const origin = z.enum(keysOf(origins));
type Stated<S extends z.ZodType> = z.ZodObject<{ value: S; origin: typeof origin; on: z.ZodOptional<typeof day> }, z.core.$strict>;
const stated = <S extends z.ZodType>(value: S): Stated<S> => z.strictObject({ value, origin, on: day.optional() });
/** A schema for each entry of the registry, none of them asked for. */
const known = Object.fromEntries(Object.entries(facts).map(([id, spec]) => [id, stated(factSchema(spec)).optional()])) as {
  [Id in keyof typeof facts]: FactSchema<(typeof facts)[Id]> extends infer S extends z.ZodType ? z.ZodOptional<Stated<S>> : never;
};

/** One lot of bottles: what stands in the cellar. Money in minor units (cents) with its ISO 4217 currency. */
const lot = z
  .strictObject({
    id: z.uuid(),
    formatMl: z.number().int().min(20).max(30_000),
    held: z.number().int().min(0).max(100_000),
    priceMinor: z.number().int().min(0).max(100_000_000).optional(),
    currency: z
      .string()
      .regex(/^[A-Z]{3}$/, 'three capital letters, such as EUR')
      .optional(),
    merchant: z.string().max(200).optional(),
    bought: day.optional(),
  })
  .refine((entry) => (entry.priceMinor === undefined) === (entry.currency === undefined), 'a price needs its currency');

/** Facts of a wine, each stated with its origin. An absent fact is unknown, never "no". */
export const wineFacts = z.strictObject(known);

/** The stored wine. Derived from the registry of facts. */
export const wineDocument = z.strictObject({
  schema: z.literal(1),
  name: z.string().trim().min(1, 'give the wine a name').max(200),
  producer: z.string().max(200),
  facts: byKey(wineFacts),
  lots: byId(
    z
      .array(lot)
      .max(200)
      .refine((lots) => new Set(lots.map((entry) => entry.id)).size === lots.length, 'a lot stands in a wine once'),
  ),
  remark: z.string().max(10_000),
});
