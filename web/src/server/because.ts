import type { z } from 'zod';
import { sentence, type Reason, type Told, type Wording } from '@rose/core/wine/reason';
import type { because } from '../contract/because';

/** Reasons as they are answered; those of a rule bring their own sentence. */
export function toldReasons<Id extends string>(reasons: readonly Told<Id>[]): z.infer<typeof because>;
export function toldReasons<Id extends string>(reasons: readonly Reason<Id>[], wording: Wording<Id>): z.infer<typeof because>;
export function toldReasons<Id extends string>(reasons: readonly (Reason<Id> & { readonly text?: string })[], wording?: Wording<Id>) {
  return reasons.map((reason) => ({
    id: reason.id,
    push: reason.push,
    unit: reason.unit,
    text: wording === undefined ? (reason.text ?? '') : sentence(wording, reason),
    ...(reason.source === undefined ? {} : { source: reason.source }),
  }));
}
