import { facts, type FactId, type WineFacts } from '../wine/facts';
import { factOf, narrowedShares } from '../wine/stated';
import type { Reason } from '../wine/reason';
import { plain } from '../wine/search-folding';

/** Meets, fails, or cannot tell because a fact is missing. */
export type Verdict = 'meets' | 'fails' | 'unknown';

export interface Source {
  readonly text: string;
  /** Null when the article is not known to us: shown as unknown, never invented. */
  readonly article: string | null;
  readonly year: number | null;
}
export const sourceInWords = (source: Source) =>
  `${source.text}${source.article === null ? ', article unknown' : `, ${source.article}`}${source.year === null ? ', year unknown' : ` (${source.year})`}`;

export type ClassifyReasonId =
  | 'at-least'
  | 'at-most'
  | 'between'
  | 'is'
  | 'is-not'
  | 'missing'
  | 'share-enough'
  | 'share-short'
  | 'share-unsure'
  | 'minus'
  | 'no-rule'
  | 'own-rule'
  | 'partly-fermented'
  | 'no-category';
export type ClassifyReason = Reason<ClassifyReasonId>;
export interface Finding {
  readonly verdict: Verdict;
  readonly reasons: readonly ClassifyReason[];
  readonly missing: readonly FactId[];
}
export interface Claim extends Finding {
  readonly id: string;
  readonly title: string;
  /** The term itself, where the title says more. */
  readonly word?: string;
  readonly source: Source;
  /** Nobody claims it of this wine: another term of its name, or the law of another market. */
  readonly aside?: boolean | undefined;
}

type NumberFactId = { [Id in FactId]: (typeof facts)[Id] extends { kind: 'number' } ? Id : never }[FactId];

/** One requirement of a rule, as data. */
export type Requirement =
  | { readonly kind: 'at-least' | 'at-most'; readonly fact: NumberFactId; readonly value: number }
  | { readonly kind: 'is'; readonly fact: 'colour' | 'bubbles' | 'method' | 'originKind' | 'oak'; readonly oneOf: readonly string[] }
  | { readonly kind: 'yes' | 'no'; readonly fact: 'fortified' | 'underFlor' | 'heated' | 'filtered' | 'organic' }
  | { readonly kind: 'grapes'; readonly of: readonly string[]; readonly atLeast: number; readonly label: string }
  /** Sugar minus acidity, g/L, is at most. */
  | { readonly kind: 'sugar-minus-acid'; readonly value: number };

const slack = 1e-9;
const reason = (id: ClassifyReasonId, args: Record<string, string | number>): ClassifyReason => ({ id, push: 0, unit: 'none', args });
const missing = (...ids: FactId[]): Finding => ({ verdict: 'unknown', reasons: ids.map((id) => reason('missing', { fact: facts[id].label })), missing: ids });

/** What other facts tell of a figure: a wine is at least as old as its months in wood and in bottle, enough to meet what asks no more. */
function atLeastSo({ kind, fact, value }: Extract<Requirement, { kind: 'at-least' | 'at-most' }>, known: WineFacts): number | undefined {
  // A wine that saw no oak was no month in it.
  if (fact === 'woodMonths' && factOf(known, 'oak') === 'none') return 0;
  if (kind !== 'at-least' || fact !== 'totalMonths') return undefined;
  const least = (factOf(known, 'woodMonths') ?? 0) + (factOf(known, 'bottleMonths') ?? 0);
  return least >= value ? least : undefined;
}

/** Tests one requirement against what is known. `sameGrape` says whether a grape as written is one of the ids meant. */
export function check(requirement: Requirement, known: WineFacts, sameGrape: (written: string, id: string) => boolean): Finding {
  switch (requirement.kind) {
    case 'at-least':
    case 'at-most': {
      const value = (factOf(known, requirement.fact) as number | undefined) ?? atLeastSo(requirement, known);
      if (value === undefined) return missing(requirement.fact);
      const holds = requirement.kind === 'at-least' ? value >= requirement.value - slack : value <= requirement.value + slack;
      const spec = facts[requirement.fact];
      return {
        verdict: holds ? 'meets' : 'fails',
        reasons: [
          reason(requirement.kind, {
            fact: spec.label,
            value: plain(value, 2),
            limit: plain(requirement.value, 2),
            unit: spec.unit,
            holds: holds ? 'yes' : 'no',
          }),
        ],
        missing: [],
      };
    }
    case 'is': {
      const value = factOf(known, requirement.fact) as string | undefined;
      if (value === undefined) return missing(requirement.fact);
      const options: Readonly<Record<string, string>> = facts[requirement.fact].options;
      const holds = requirement.oneOf.includes(value);
      return {
        verdict: holds ? 'meets' : 'fails',
        reasons: [
          reason(holds ? 'is' : 'is-not', {
            fact: facts[requirement.fact].label,
            value: options[value] ?? value,
            wanted: requirement.oneOf.map((id) => options[id] ?? id).join(' or '),
          }),
        ],
        missing: [],
      };
    }
    case 'yes':
    case 'no': {
      const value = factOf(known, requirement.fact);
      if (value === undefined) return missing(requirement.fact);
      const holds = value === (requirement.kind === 'yes');
      const spec = facts[requirement.fact];
      return {
        verdict: holds ? 'meets' : 'fails',
        reasons: [
          reason(holds ? 'is' : 'is-not', { fact: spec.label, value: value ? spec.yes : spec.no, wanted: requirement.kind === 'yes' ? spec.yes : spec.no }),
        ],
        missing: [],
      };
    }
    case 'grapes': {
      const grapes = factOf(known, 'grapes');
      if (grapes === undefined) return missing('grapes');
      const counted = narrowedShares(grapes);
      const wanted = counted.filter((entry) => requirement.of.some((id) => sameGrape(entry.grape, id)));
      const others = counted.filter((entry) => !wanted.includes(entry));
      const low = Math.max(
        wanted.reduce((sum, entry) => sum + entry.low, 0),
        0,
      );
      const high = Math.min(
        wanted.reduce((sum, entry) => sum + entry.high, 0),
        100 - others.reduce((sum, entry) => sum + entry.low, 0),
      );
      const args = { grape: requirement.label, limit: plain(requirement.atLeast), low: plain(low), high: plain(Math.max(0, high)) };
      if (low >= requirement.atLeast - slack) return { verdict: 'meets', reasons: [reason('share-enough', args)], missing: [] };
      if (high < requirement.atLeast - slack) return { verdict: 'fails', reasons: [reason('share-short', args)], missing: [] };
      return { verdict: 'unknown', reasons: [reason('share-unsure', args)], missing: ['grapes'] };
    }
    case 'sugar-minus-acid': {
      const sugar = factOf(known, 'sugar');
      const acidity = factOf(known, 'acidity');
      if (sugar === undefined) return missing('sugar');
      if (acidity === undefined) return missing('acidity');
      const holds = sugar - acidity <= requirement.value + slack;
      return {
        verdict: holds ? 'meets' : 'fails',
        reasons: [reason('minus', { sugar: plain(sugar), acidity: plain(acidity), limit: plain(requirement.value), holds: holds ? 'yes' : 'no' })],
        missing: [],
      };
    }
  }
}

/** All must hold. One that fails decides; else one that cannot be told leaves the whole unknown. */
export function all(findings: readonly Finding[]): Finding {
  const verdict: Verdict = findings.some((f) => f.verdict === 'fails') ? 'fails' : findings.some((f) => f.verdict === 'unknown') ? 'unknown' : 'meets';
  const decisive =
    verdict === 'fails' ? findings.filter((f) => f.verdict === 'fails') : verdict === 'unknown' ? findings.filter((f) => f.verdict === 'unknown') : findings;
  return { verdict, reasons: decisive.flatMap((f) => f.reasons), missing: verdict === 'unknown' ? [...new Set(decisive.flatMap((f) => f.missing))] : [] };
}

/** One is enough. */
export function any(findings: readonly Finding[]): Finding {
  const met = findings.find((f) => f.verdict === 'meets');
  if (met !== undefined) return met;
  const unsure = findings.filter((f) => f.verdict === 'unknown');
  if (unsure.length > 0) return { verdict: 'unknown', reasons: unsure.flatMap((f) => f.reasons), missing: [...new Set(unsure.flatMap((f) => f.missing))] };
  return { verdict: 'fails', reasons: findings.flatMap((f) => f.reasons), missing: [] };
}

/** A named class (a sweetness term, a category) as alternatives, each a list of requirements that must all hold. */
export interface NamedClass {
  readonly id: string;
  readonly title: string;
  readonly source: Source;
  readonly anyOf: readonly (readonly Requirement[])[];
}
export function claim(named: NamedClass, known: WineFacts, sameGrape: (written: string, id: string) => boolean): Claim {
  return {
    id: named.id,
    title: named.title,
    source: named.source,
    ...any(named.anyOf.map((requirements) => all(requirements.map((entry) => check(entry, known, sameGrape))))),
  };
}
