import { facts, type FactId, type WineFacts } from '../wine/facts';
import { factOf, impossibleShares, leastNamed, narrowedShares } from '../wine/stated';
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
  | 'no-category'
  | 'asked-elsewhere'
  | 'either-term'
  | 'by-its-name'
  | 'shares-impossible';
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
export type Requirement = (
  | { readonly kind: 'at-least' | 'at-most'; readonly fact: NumberFactId; readonly value: number; readonly elsewhere?: Elsewhere | undefined }
  /** Alcohol there is and alcohol that the sugar left would make, % vol. */
  | { readonly kind: 'total-at-least' | 'total-at-most'; readonly value: number; readonly elsewhere?: Elsewhere | undefined }
  | { readonly kind: 'is'; readonly fact: 'colour' | 'bubbles' | 'method' | 'originKind' | 'oak'; readonly oneOf: readonly string[] }
  | { readonly kind: 'yes' | 'no'; readonly fact: 'fortified' | 'underFlor' | 'heated' | 'filtered' | 'organic' }
  | { readonly kind: 'grapes'; readonly of: readonly string[]; readonly atLeast: number; readonly label: string }
  /** Of its place by what it is called; holds of itself. */
  | { readonly kind: 'by-its-name' }
  /** The wine is of one harvest. */
  | { readonly kind: 'one-year' }
  /** Sugar minus acidity, g/L, is at most. */
  | { readonly kind: 'sugar-minus-acid'; readonly value: number }
) & {
  /** The first vintage of which it is asked; absent: of all. */
  readonly since?: number | undefined;
};
/** Another limit that holds for a part of what the rule is of: between the two nothing can be told without knowing `by` what. */
export interface Elsewhere {
  readonly value: number;
  readonly by: string;
}

/** g/L of sugar that make one per cent of alcohol. */
export const gramsAPercent = 16.83;
/** The span that actual and potential alcohol together may have, % vol; undefined while nothing bounds it. */
export function totalAlcohol(known: WineFacts): readonly [low: number, high: number] | undefined {
  const [total, abv, sugar] = [factOf(known, 'totalAbv'), factOf(known, 'abv'), factOf(known, 'sugar')];
  if (total !== undefined) return [total, total];
  if (abv === undefined) return undefined;
  return sugar === undefined ? [abv, Infinity] : [abv + sugar / gramsAPercent, abv + sugar / gramsAPercent];
}

const slack = 1e-9;
const reason = (id: ClassifyReasonId, args: Record<string, string | number>): ClassifyReason => ({ id, push: 0, unit: 'none', args });
/** What is not known, as a finding that cannot tell. */
export const missingFact = (...ids: FactId[]): Finding => ({
  verdict: 'unknown',
  reasons: ids.map((id) => reason('missing', { fact: facts[id].label })),
  missing: ids,
});

/** What other facts tell of a figure: a wine is at least as old as its months in wood or on the lees and in bottle, enough to meet what asks no more. */
function atLeastSo({ kind, fact, value }: Extract<Requirement, { kind: 'at-least' | 'at-most' }>, known: WineFacts): number | undefined {
  // A wine that saw no oak was no month in it.
  if (fact === 'woodMonths' && factOf(known, 'oak') === 'none') return 0;
  if (kind !== 'at-least' || fact !== 'totalMonths') return undefined;
  const least = Math.max(factOf(known, 'woodMonths') ?? 0, factOf(known, 'leesMonths') ?? 0) + (factOf(known, 'bottleMonths') ?? 0);
  return least >= value ? least : undefined;
}

/** One figure, or the span it lies in, against a limit of it. */
function limited(
  ask: { readonly least: boolean; readonly value: number; readonly elsewhere?: Elsewhere | undefined },
  [low, high]: readonly [number, number],
  args: { readonly fact: string; readonly unit: string },
  lacks: FactId,
): Finding {
  const holds = (limit: number) => (ask.least ? low >= limit - slack : high <= limit + slack);
  const breaks = (limit: number) => (ask.least ? high < limit - slack : low > limit + slack);
  const value = plain(ask.least ? low : high === Infinity ? low : high, 2);
  if (holds(ask.value))
    return {
      verdict: 'meets',
      reasons: [reason(ask.least ? 'at-least' : 'at-most', { ...args, value, limit: plain(ask.value, 2), holds: 'yes' })],
      missing: [],
    };
  if (!breaks(ask.value)) return missingFact(lacks);
  const other = ask.elsewhere;
  if (other !== undefined && !breaks(other.value))
    return {
      verdict: 'unknown',
      reasons: [reason('asked-elsewhere', { ...args, value, limit: plain(ask.value, 2), other: plain(other.value, 2), by: other.by })],
      missing: [],
    };
  return { verdict: 'fails', reasons: [reason(ask.least ? 'at-least' : 'at-most', { ...args, value, limit: plain(ask.value, 2), holds: 'no' })], missing: [] };
}

/** Tests one requirement against what is known. `sameGrape` says whether a grape as written is one of the ids meant. */
export function check(requirement: Requirement, known: WineFacts, sameGrape: (written: string, id: string) => boolean): Finding {
  switch (requirement.kind) {
    case 'at-least':
    case 'at-most': {
      const value = (factOf(known, requirement.fact) as number | undefined) ?? atLeastSo(requirement, known);
      if (value === undefined) return missingFact(requirement.fact);
      const spec = facts[requirement.fact];
      return limited({ ...requirement, least: requirement.kind === 'at-least' }, [value, value], { fact: spec.label, unit: spec.unit }, requirement.fact);
    }
    case 'total-at-least':
    case 'total-at-most': {
      const span = totalAlcohol(known);
      if (span === undefined) return missingFact('abv');
      return limited(
        { ...requirement, least: requirement.kind === 'total-at-least' },
        span,
        { fact: facts.totalAbv.label, unit: facts.totalAbv.unit },
        'sugar',
      );
    }
    case 'is': {
      const value = factOf(known, requirement.fact) as string | undefined;
      if (value === undefined) return missingFact(requirement.fact);
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
      if (value === undefined) return missingFact(requirement.fact);
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
      if (grapes === undefined) return missingFact('grapes');
      if (impossibleShares(grapes)) return { verdict: 'unknown', reasons: [reason('shares-impossible', {})], missing: ['grapes'] };
      const counted = narrowedShares(grapes);
      const wanted = counted.filter((entry) => requirement.of.some((id) => sameGrape(entry.grape, id)));
      const others = counted.filter((entry) => !wanted.includes(entry));
      const high = Math.min(
        wanted.reduce((sum, entry) => sum + entry.high, 0),
        100 - others.reduce((sum, entry) => sum + entry.low, 0),
      );
      const low = Math.max(
        wanted.reduce((sum, entry) => sum + entry.low, 0),
        // All that are named are wanted: together they are as much as their names stand for.
        others.length === 0 && grapes.every(({ share }) => share.kind === 'unknown') ? Math.min(leastNamed, high) : 0,
      );
      const args = { grape: requirement.label, limit: plain(requirement.atLeast), low: plain(low), high: plain(Math.max(0, high)) };
      if (low >= requirement.atLeast - slack) return { verdict: 'meets', reasons: [reason('share-enough', args)], missing: [] };
      if (high < requirement.atLeast - slack) return { verdict: 'fails', reasons: [reason('share-short', args)], missing: [] };
      return { verdict: 'unknown', reasons: [reason('share-unsure', args)], missing: ['grapes'] };
    }
    case 'by-its-name':
      return { verdict: 'meets', reasons: [reason('by-its-name', {})], missing: [] };
    case 'one-year': {
      const vintage = factOf(known, 'vintage');
      if (vintage === undefined) return missingFact('vintage');
      return vintage.kind === 'year'
        ? { verdict: 'meets', reasons: [reason('is', { value: `of ${vintage.year}` })], missing: [] }
        : { verdict: 'fails', reasons: [reason('is-not', { fact: facts.vintage.label, value: 'none, or several', wanted: 'one harvest' })], missing: [] };
    }
    case 'sugar-minus-acid': {
      const sugar = factOf(known, 'sugar');
      const acidity = factOf(known, 'acidity');
      if (sugar === undefined) return missingFact('sugar');
      if (acidity === undefined) return missingFact('acidity');
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
