/** What a push is counted in: `bits` of log-odds, `percent` of a length, `points` of a wish, `doubt` 1 unusual or 2 impossible, `none` when it only explains. */
export const reasonUnits = ['strain', 'fit', 'marks', 'bits', 'percent', 'points', 'doubt', 'none'] as const;
export type ReasonUnit = (typeof reasonUnits)[number];

/**
 * Why a judgement came out as it did. Every judgement of Rose Compass is a value together with its reasons;
 * the screen renders reasons, it never invents them.
 */
export interface Reason<Id extends string = string> {
  /** Key into the topic's wording table. */
  readonly id: Id;
  /** How far this reason moves the total, in `unit`. Zero for a reason that only explains. */
  readonly push: number;
  readonly unit: ReasonUnit;
  /** Values the sentence needs, already in display units. */
  readonly args: Readonly<Record<string, string | number>>;
  /** Published source or "common practice". */
  readonly source?: string;
}

/** A reason of a rule that says its own sentence. */
export interface Told<Id extends string = string> extends Reason<Id> {
  readonly text: string;
}

/** Sum of the pushes of a list of reasons, in the reasons' own unit. */
export function totalPush(reasons: readonly Reason[]): number {
  return reasons.reduce((sum, reason) => sum + reason.push, 0);
}

/** A table of sentences, one for each id of the union: a missing sentence does not compile. */
export type Wording<Id extends string> = Readonly<Record<Id, (args: Readonly<Record<string, string | number>>) => string>>;

/** The sentence of a reason. */
export function sentence<Id extends string>(wording: Wording<Id>, reason: Reason<Id>): string {
  return wording[reason.id](reason.args);
}
