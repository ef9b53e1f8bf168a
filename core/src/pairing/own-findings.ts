import { counted } from '../wine/plural';
import { keysOf } from '../wine/keys';
import { between } from '../statistics/normal';
import { regress, weighed, type Coefficient } from '../statistics/regression';
import type { Fit } from './dish-fit';
import { familyOf, ruleFamilies, type FitFamily } from './rules/index';

/** A pair that was tried: what the rules say of it, and what was found: a score where one was measured, else from where and below what it lies. */
export interface Trial {
  readonly fit: Pick<Fit, 'fit' | 'reasons'>;
  readonly found: number | readonly [from: number, below: number];
}
/** By how much each family of rules moves a fit. */
export function movedBy({ reasons }: Trial['fit']): Readonly<Record<FitFamily, number>> {
  const moved = Object.fromEntries(keysOf(ruleFamilies).map((family) => [family, 0])) as Record<FitFamily, number>;
  for (const { id, push } of reasons) {
    const family = familyOf(id);
    if (family !== undefined) moved[family] += push;
  }
  return moved;
}

/** By what a family of rules counts for those who tried: 1 as the rules have it, 0 not at all. */
export interface Finding extends Coefficient {
  readonly family: FitFamily;
  /** Tries in which the family moved the fit enough to be noticed. */
  readonly tries: number;
  /** Whether there is something to say: enough tries, and 1 well outside. */
  readonly says: 'less' | 'more' | undefined;
}
/** Our own choices: before a try a family counts as the rules have it, give or take half; what is felt scatters by one band, and tries do not change that. */
const belief = { deviation: 0.5, scatter: 14, worth: 1e6 };
/** Rounds after which nothing moves any more. */
const rounds = 12;
/** Points that are noticed, and tries from which on a family is spoken of. Own choices. */
const noticed = 4;
export const enoughTries = 6;

/**
 * Ten families are looked at together, so one is spoken of only where an interval of 99.5 % leaves 1 outside (Bonferroni): 2.807 deviations where the 95 % one
 * has 1.96.
 */
function spoken({ mean, low, high }: Coefficient): Finding['says'] {
  const wider = 2.807 / 1.95996;
  return mean + (high - mean) * wider < 1 ? 'less' : mean - (mean - low) * wider > 1 ? 'more' : undefined;
}
/** What the tries come to, family by family: nothing below {@link enoughTries} says anything. It is shown, and never applied unasked. */
export function ownFindings(trials: readonly Trial[]): readonly Finding[] {
  const families = keysOf(ruleFamilies);
  const moved = trials.map(({ fit }) => movedBy(fit));
  const rows = moved.map((by) => families.map((family) => by[family]));
  const given = (factors: readonly number[], row: readonly number[]) => row.reduce((sum, push, j) => sum + push * factors[j]!, 0);
  // What no family says is no family’s fault.
  const aside = trials.map(
    ({ fit }, i) =>
      fit.fit -
      given(
        families.map(() => 1),
        rows[i]!,
      ),
  );
  let coefficients: readonly Coefficient[] = families.map(() => ({ mean: 1, low: 1, high: 1 }));
  // A word stands for a span, so the likelihood is that of grouped data: each round is a Newton step, a weighted regression. The deeper what is found lies in
  // its word, the less it tells.
  for (let round = 0; round < rounds; round++) {
    const means = coefficients.map(({ mean }) => mean);
    const seen = trials.flatMap(({ found }, i) => {
      const row = rows[i]!;
      const expected = aside[i]! + given(means, row);
      const { mean, variance } = typeof found === 'number' ? { mean: found, variance: 0 } : between(expected, belief.scatter, ...found);
      const tells = 1 - variance / belief.scatter ** 2;
      if (tells < 0.01) return [];
      const root = Math.sqrt(tells);
      return [{ row: row.map((push) => push * root), score: (expected - aside[i]! + (mean - expected) / tells) * root }];
    });
    coefficients = regress(
      seen.map(({ row }) => row),
      seen.map(({ score }) => score),
      { mean: families.map(() => 1), deviation: families.map(() => belief.deviation), scatter: belief.scatter, worth: belief.worth },
    );
  }
  return families.map((family, at) => {
    const coefficient = coefficients[at]!;
    const tries = moved.filter((by) => Math.abs(by[family]) >= noticed).length;
    return { family, ...coefficient, tries, says: tries < enoughTries ? undefined : spoken(coefficient) };
  });
}
/** The least and the most a finding makes of a family: its sign stays the rule’s own. */
const bounded = (factor: number) => Math.min(2, Math.max(0, factor));
/** The factors of findings that say something, as a leaning takes them; undefined where none does. */
export function ownFactors(findings: readonly Finding[]): Readonly<Partial<Record<FitFamily, number>>> | undefined {
  const said = findings.filter(({ says }) => says !== undefined);
  return said.length === 0 ? undefined : Object.fromEntries(said.map(({ family, mean }) => [family, bounded(mean)]));
}
const times = (factor: number) => bounded(factor).toFixed(1);
/** A finding in a sentence. */
export function findingInWords({ family, says, mean, low, high, tries }: Finding): string {
  const { name } = ruleFamilies[family];
  const range = `${times(mean)} of what the rules have, ${times(low)} to ${times(high)}`;
  if (tries < enoughTries) return `Of ${name}: too soon to say, ${tries === 0 ? 'never tried' : `${counted(tries, 'try', 'tries')}`} of ${enoughTries} needed`;
  if (says === undefined) return `Of ${name}: nothing against the rules (${range}), from ${counted(tries, 'try', 'tries')}`;
  return `You find ${name} matters ${says} than the rules have it: ${range}, from ${counted(tries, 'try', 'tries')}`;
}

/** The scatter of what the rules say of a pair, in points: about one band. Own choice. */
const ruleScatter = 14;
/** The scatter of one taster’s change of liking between two sips, before there are enough to measure it, and what that is worth in tasters. Own choice. */
const biteScatter = { deviation: 12, worth: 4 };
/**
 * What a pair comes to here: the push the rules expect, corrected by how liking changed when the wine was tasted alone and then with the bite. A point of
 * liking of 100 counts as a point of fit (own choice); the more tasters and the more they agree, the more the measurement weighs.
 * @param expected points the rules give, around 0
 * @param changes liking with the bite less liking alone, one a taster; at least one
 */
export function pairMeasured(expected: number, changes: readonly number[]): { readonly measured: number; readonly tasters: number; readonly now: Coefficient } {
  const mean = changes.reduce((sum, change) => sum + change, 0) / changes.length;
  const squares = changes.reduce((sum, change) => sum + (change - mean) ** 2, 0);
  const variance = (biteScatter.worth * biteScatter.deviation ** 2 + squares) / (biteScatter.worth + changes.length - 1);
  return {
    measured: mean,
    tasters: changes.length,
    now: weighed({ mean: expected, deviation: ruleScatter }, { mean, deviation: Math.sqrt(variance / changes.length) }),
  };
}
