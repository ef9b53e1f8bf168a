import { z } from 'zod';
import { day } from './day-schema';
import { facts, factIds, origins, type FactSpec, type WineDocument, type WineFacts } from './facts';

const percent = z.number().min(0).max(100);
const share = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.enum(['exact', 'about']), percent }),
  z.strictObject({ kind: z.literal('between'), low: percent, high: percent }),
  z.strictObject({ kind: z.enum(['mostly', 'some', 'unknown']) }),
]);
const year = z.number().int().min(1700).max(2200);

function factSchema(spec: FactSpec): z.ZodType {
  switch (spec.kind) {
    case 'number':
      return z.number().min(spec.low).max(spec.high);
    case 'choice':
      return z.enum(Object.keys(spec.options) as [string, ...string[]]);
    case 'yesno':
      return z.boolean();
    case 'text':
      return z.string().min(1).max(200);
    case 'vintage':
      return z.discriminatedUnion('kind', [
        z.strictObject({ kind: z.literal('year'), year }),
        z.strictObject({ kind: z.literal('none') }),
        z.strictObject({ kind: z.literal('several'), from: year, to: year }),
      ]);
    case 'grapes':
      return z
        .array(z.strictObject({ grape: z.string().min(1).max(100), share }))
        .min(1)
        .max(40)
        .refine(
          (grapes) => grapes.reduce((sum, entry) => sum + (entry.share.kind === 'exact' ? entry.share.percent : 0), 0) <= 100.01,
          'the exact shares add up to more than 100 %',
        );
  }
}

const stated = (spec: FactSpec) =>
  z.strictObject({ value: factSchema(spec), origin: z.enum(Object.keys(origins) as [string, ...string[]]), on: day.optional() });

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

/** Facts of a wine, each stated with its origin. */
export const wineFacts = z.strictObject(Object.fromEntries(factIds.map((id) => [id, stated(facts[id]).optional()]))) as unknown as z.ZodType<WineFacts>;

/** The stored wine. Derived from the registry of facts. */
export const wineDocument = z.strictObject({
  schema: z.literal(1),
  name: z.string().trim().min(1, 'give the wine a name').max(200),
  producer: z.string().max(200),
  facts: wineFacts,
  lots: z
    .array(lot)
    .max(200)
    .refine((lots) => new Set(lots.map((entry) => entry.id)).size === lots.length, 'a lot stands in a wine once'),
  remark: z.string().max(10_000),
}) as unknown as z.ZodType<WineDocument>;
