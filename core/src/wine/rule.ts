import type { ReasonUnit, Told } from './reason';

/** What a sentence needs, already in display units. */
export type Args = Readonly<Record<string, string | number>>;

/**
 * One rule of a judgement: when it holds, how far it pushes, in which unit, by whose word, and the sentence that says so. The values it found are the
 * arguments of the push and of the sentence, so that one that is missing or misspelt does not compile.
 */
export interface Rule<Id extends string, Situation, A extends Args> {
  readonly id: Id;
  /** What the rule is about, as a heading. */
  readonly title: string;
  readonly unit: ReasonUnit;
  /** Published source or "common practice". */
  readonly source: string;
  /** The values found when the rule holds; undefined when it does not, and of no weight at all. */
  when(situation: Situation): A | undefined;
  /** How far it moves the total, in `unit`. Zero for a rule that only explains. */
  push(args: A): number;
  /** The sentence, without a full stop. */
  says(args: A): string;
}

/** A rule whose sentence and push are typed by what `when` finds. */
export const rule = <const Id extends string, Situation, A extends Args>(spec: Rule<Id, Situation, A>): Rule<Id, Situation, A> => spec;

/** What the rules say of one situation, in the order of the rules. */
export function reasonsOf<Id extends string, Situation>(rules: readonly Rule<Id, Situation, Args>[], situation: Situation): readonly Told<Id>[] {
  return rules.flatMap((entry) => {
    const args = entry.when(situation);
    if (args === undefined) return [];
    return [{ id: entry.id, push: entry.push(args), unit: entry.unit, args, source: entry.source, text: entry.says(args) }];
  });
}
