import type { z } from 'zod';
import type { Reason } from '@rose/core/wine/reason';
import type { because } from '../contract/because';

/** Reasons as they are answered. @param says the sentence of one */
export const toldReasons = <R extends Reason>(reasons: readonly R[], says: (reason: R) => string): z.infer<typeof because> =>
  reasons.map((reason) => ({
    id: reason.id,
    push: reason.push,
    unit: reason.unit,
    text: says(reason),
    ...(reason.source === undefined ? {} : { source: reason.source }),
  }));
