import { z } from 'zod';
import { observables, observableIds, quarters, type Observable } from './observables';
import { conditions, priceIdeas, vessels, type NoteDocument } from './note';

const reading = z.union([
  z.number().min(0).max(100),
  z.tuple([z.number().min(0).max(100), z.number().min(0).max(100)]).refine(([low, high]) => low <= high, 'a span runs from low to high'),
]);

function valueSchema(observable: Observable): z.ZodType {
  switch (observable.kind) {
    case 'scale':
      return reading;
    case 'choice':
      return z.enum(Object.keys(observable.options) as [string, ...string[]]);
    case 'seconds':
      return z.strictObject({ seconds: z.number().min(0).max(3600), atLeast: z.boolean().optional() });
    case 'mark':
      return z.number().int().min(observable.low).max(observable.high);
  }
}

const observed = z.strictObject(Object.fromEntries(observableIds.map((id) => [id, valueSchema(observables[id]).optional()])));

const sureness = z.number().int().min(-100).max(100).optional();
const line = (max: number) => z.string().max(max);

/** The stored note. Derived from the registry of observables, so a new observation needs no change here. */
export const noteDocument = z.strictObject({
  schema: z.literal(1),
  observed,
  chips: z
    .array(
      z
        .strictObject({
          id: line(64).min(1),
          term: line(64).optional(),
          words: line(200).optional(),
          layer: z.enum(['first', 'swirled', 'later', 'mouth']),
          strength: z.union([z.literal(1), z.literal(2), z.literal(3)]),
          fate: z.enum(['stayed', 'grew', 'faded', 'gone']).optional(),
          left: z.number().min(0).max(3600).optional(),
        })
        .refine((chip) => chip.term !== undefined || (chip.words ?? '').trim() !== '', 'name the smell'),
    )
    .max(200),
  deck: z.record(line(64), z.enum(['no', 'trace', 'yes'])),
  markBeforeDraft: z.number().int().min(0).max(100).nullable(),
  rewritten: z.record(line(64), z.strictObject({ text: line(2000), from: line(2000) })),
  ideas: z
    .array(
      z.strictObject({
        id: line(64).min(1),
        at: z.enum(['before', ...quarters]),
        grape: line(100).optional(),
        place: line(100).optional(),
        age: z.number().int().min(0).max(300).optional(),
        vessel: z.enum(Object.keys(vessels) as [keyof typeof vessels]).optional(),
        price: z.enum(Object.keys(priceIdeas) as [keyof typeof priceIdeas]).optional(),
        certainty: z.number().int().min(0).max(100),
        helped: z.boolean().optional(),
      }),
    )
    .max(20)
    .optional(),
  circumstances: z
    .strictObject({
      glassC: z.number().min(-10).max(60).optional(),
      openMinutes: z.number().int().min(0).max(100_000).optional(),
      ...(Object.fromEntries(Object.keys(conditions).map((key) => [key, z.boolean().optional()])) as Record<
        keyof typeof conditions,
        z.ZodOptional<z.ZodBoolean>
      >),
    })
    .optional(),
  triage: z.record(line(64), z.boolean()).optional(),
  kept: z.record(line(64), z.boolean()).optional(),
  deduced: z.boolean().optional(),
  wouldPay: z.strictObject({ amount: z.number().min(0).max(1_000_000).optional(), shown: z.literal(true) }).optional(),
  pairs: z
    .record(line(64), z.strictObject({ dearer: sureness, older: sureness, oak: sureness, sameGrape: sureness, locked: z.boolean().optional() }))
    .optional(),
  sheets: z.array(line(80)).max(2).optional(),
  routine: line(80).optional(),
  sips: z.number().int().min(0).max(20).optional(),
  judgedEarly: z.boolean().optional(),
  lookAgain: z.number().int().min(1900).max(2200).optional(),
  done: z.boolean().optional(),
  remark: line(10_000),
}) as unknown as z.ZodType<NoteDocument>;
