import { z } from 'zod';
import { byId, byKey, byKeys } from '../document/merge-marks';
import { keysOf } from './keys';
import { observables, quarters, type Observable } from './observables';
import { ownRuler } from '../finish/ruler-schema';
import { conditions, fates, layers, priceIdeas, vessels } from './note';

const reading = z.union([
  z.number().min(0).max(100),
  z.tuple([z.number().min(0).max(100), z.number().min(0).max(100)]).refine(([low, high]) => low <= high, 'a span runs from low to high'),
]);

const second = z.number().min(0).max(3600);
/** `between` stands where a length was said by feel: the span of the word, with its middle as the seconds. */
const stop = z.strictObject({ seconds: second, atLeast: z.boolean().optional(), between: z.tuple([second, second]).optional() });
const wholeMark = z.number().int();
type ValueSchema<O> = O extends { kind: 'scale' }
  ? typeof reading
  : O extends { kind: 'choice'; options: infer Options }
    ? z.ZodEnum<{ [Option in keyof Options & string]: Option }>
    : O extends { kind: 'seconds' }
      ? typeof stop
      : typeof wholeMark;
function valueSchema(observable: Observable): z.ZodType {
  switch (observable.kind) {
    case 'scale':
      return reading;
    case 'choice':
      return z.enum(keysOf(observable.options));
    case 'seconds':
      return stop;
    case 'mark':
      return wholeMark.min(observable.low).max(observable.high);
  }
}
/** A schema for each entry of the registry, none of them asked for. */
const recorded = Object.fromEntries(Object.entries(observables).map(([id, spec]) => [id, valueSchema(spec).optional()])) as {
  [Id in keyof typeof observables]: z.ZodOptional<ValueSchema<(typeof observables)[Id]>>;
};

const sureness = z.number().int().min(-100).max(100).optional();
const line = (max: number) => z.string().max(max);
const conditionTicks = Object.fromEntries(keysOf(conditions).map((key) => [key, z.boolean().optional()])) as Record<
  keyof typeof conditions,
  z.ZodOptional<z.ZodBoolean>
>;

/** One thing smelt or tasted. `term` is a descriptor of the shared vocabulary, `words` the taster's own. */
const chip = z
  .strictObject({
    id: line(64).min(1),
    term: line(64).optional(),
    words: line(200).optional(),
    layer: z.enum(keysOf(layers)),
    strength: z.union([z.literal(1), z.literal(2), z.literal(3)]),
    fate: z.enum(keysOf(fates)).optional(),
    /** Seconds after the swallow at which it had gone. */
    left: z.number().min(0).max(3600).optional(),
  })
  .refine((entry) => entry.term !== undefined || (entry.words ?? '').trim() !== '', 'name the smell');
/** What it could be, left before the first look or after a quarter, with how sure the taster is. Every part is optional but the certainty. */
const idea = z.strictObject({
  id: line(64).min(1),
  at: z.enum(['before', ...quarters]),
  grape: line(100).optional(),
  place: line(100).optional(),
  /** Which of a list of wines it is, by the name on the list. */
  wine: line(200).optional(),
  /** Completed years. */
  age: z.number().int().min(0).max(300).optional(),
  vessel: z.enum(keysOf(vessels)).optional(),
  price: z.enum(keysOf(priceIdeas)).optional(),
  /** Per cent; 0 for "no idea". */
  certainty: z.number().int().min(0).max(100),
  /** Left after the deduction of this glass was shown. */
  helped: z.boolean().optional(),
});
/** One call on two glasses: −100 sure of the one on the left (or "no"), 100 sure of the one on the right (or "yes"), 0 cannot tell. */
const pairCall = z.strictObject({ dearer: sureness, older: sureness, oak: sureness, sameGrape: sureness, locked: z.boolean().optional() });

/** A later look at the same glass: at which moment, when it is due, and which bite comes first. */
const plan = z.strictObject({ id: z.uuid(), moment: z.enum(['air', 'food', 'next']), due: z.iso.datetime(), food: line(80).optional() });

/** The stored note: read and written whole under one revision, merged field by field. Derived from the registry of observables, so a new observation needs no change here. */
export const noteDocument = z.strictObject({
  schema: z.literal(1),
  observed: byKey(z.strictObject(recorded)),
  chips: byId(z.array(chip).max(200)),
  /** Answers to the prompt deck by descriptor family; the key "nothing" stands for "nothing yet". */
  deck: byKey(z.record(line(64), z.enum(['no', 'trace', 'yes']))),
  /** The taster's own mark at the moment the draft was first shown; null until then. */
  markBeforeDraft: z.number().int().min(0).max(100).nullable(),
  /** By statement id of the written note: what the taster wrote instead, with JSON of what the sentence said then, so that a later change shows. */
  rewritten: byKey(z.record(line(64), z.strictObject({ text: line(2000), from: line(2000) }))),
  ideas: byId(z.array(idea).max(20)).optional(),
  /** What could bend a reading: the glass, in °C, and the taster. Absent means not noted. */
  circumstances: byKey(
    z.strictObject({ glassC: z.number().min(-10).max(60).optional(), openMinutes: z.number().int().min(0).max(100_000).optional(), ...conditionTicks }),
  ).optional(),
  /** Answers given while a doubtful glass was looked into, by cue. */
  triage: byKey(z.record(line(64), z.boolean())).optional(),
  /** Contradictions the taster looked at and keeps, by rule. */
  kept: byKey(z.record(line(64), z.boolean())).optional(),
  /** The deduction was asked for: what is called after it counts as helped. */
  deduced: z.boolean().optional(),
  /** What the taster would pay for a bottle before the price was seen, in the venue's currency; the price shows once this is answered or passed over. */
  wouldPay: z.strictObject({ amount: z.number().min(0).max(1_000_000).optional(), shown: z.literal(true) }).optional(),
  /** Calls on this glass, as the left one, beside another, by the other note's id. */
  pairs: byKeys(z.record(line(64), pairCall)).optional(),
  /** Sheets the draft was shown by, at most two, each with the version it had: an own sheet as "id@version". */
  sheets: z.array(line(80)).max(2).optional(),
  /** The routine the guided way follows, an own one as "id@version"; absent, the usual one. */
  routine: line(80).optional(),
  /** Sips taken of the routine's, as far as the taster said. */
  sips: z.number().int().min(0).max(20).optional(),
  /** The taster judges before the last sip all the same. */
  judgedEarly: z.boolean().optional(),
  /** The ruler of the routine, as it was when the routine was chosen; absent, the usual one. */
  ruler: ownRuler.optional(),
  /** The most the taster would buy a bottle for, where they would buy it. */
  buyUpTo: z.strictObject({ amount: z.number().min(0).max(1_000_000), currency: z.string().length(3) }).optional(),
  /** Later looks at the same glass that the taster set themselves: what comes first, and when. A plan is over once a note of its moment is there. */
  plans: byId(z.array(plan).max(6)).optional(),
  /** What was eaten before an after-food note, as its taster calls it. */
  food: line(80).optional(),
  /** The year to look at a wine again that is too young. */
  lookAgain: z.number().int().min(1900).max(2200).optional(),
  /** The taster put the glass down: nothing more is to come. */
  done: z.boolean().optional(),
  /** Anything the taster wants to keep beside the record. */
  remark: line(10_000),
});
