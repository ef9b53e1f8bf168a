import { all, check, claim, type Claim, type Requirement, type Source, type Verdict } from '@rose/core/classify/classify';
import type { GrapeShare, WineFacts } from '@rose/core/wine/facts';
import { factOf } from '@rose/core/wine/stated';
import { fold, plain } from '@rose/core/wine/search-folding';
import { appellations, type AppellationRule } from '../appellations/data';
import { grapeNamed, sameGrape } from '../grapes/index';
import { euCategories, sparklingSource, sparklingSweetness, stillSweetness } from './eu';

export type { Claim, Verdict };

/** The first sweetness term of a still wine that its sugar and acidity meet; a verdict of "unknown" names what is missing. */
export function stillSweetnessTerm(facts: WineFacts): Claim {
  let unsure: Claim | undefined;
  for (const term of stillSweetness) {
    const found = claim(term, facts, sameGrape);
    if (found.verdict === 'meets') return unsure ?? found;
    if (found.verdict === 'unknown') unsure ??= found;
  }
  return unsure!;
}

/** All terms a sugar content may lawfully carry on a sparkling wine; only one of them may be shown. g/L. */
export function sparklingTerms(sugar: number): readonly string[] {
  return sparklingSweetness
    .filter((term) => sugar >= term.from && (term.openTop ? sugar < term.to : sugar <= term.to) && !(term.id === 'sweet' && sugar <= 50))
    .map((term) => term.id);
}

function sparklingSweetnessTerm(facts: WineFacts): Claim {
  const sugar = factOf(facts, 'sugar');
  if (sugar === undefined)
    return {
      id: 'sparkling-sweetness',
      title: 'Sweetness term',
      source: sparklingSource,
      verdict: 'unknown',
      reasons: [{ id: 'missing', push: 0, unit: 'none', args: { fact: 'sugar' } }],
      missing: ['sugar'],
    };
  const terms = sparklingSweetness.filter((term) => sparklingTerms(sugar).includes(term.id));
  // The narrowest term that fits is the one usually shown; brut nature also asks that no sugar was added, which is not a fact we hold.
  const shown = terms.find((term) => term.id !== 'brut-nature') ?? terms[0]!;
  const others = terms.filter((term) => term !== shown).map((term) => term.title.toLowerCase());
  return {
    id: shown.id,
    title: shown.title,
    word: shown.word,
    source: sparklingSource,
    verdict: 'meets',
    missing: [],
    reasons: [
      {
        id: 'is',
        push: 0,
        unit: 'none',
        args: {
          fact: 'sugar',
          value: `${plain(sugar)} g/L of sugar${others.length > 0 ? `; it could instead be called ${others.join(' or ')}, not both` : ''}`,
          wanted: '',
        },
      },
    ],
  };
}

/** The word for how sweet the EU lets the wine be called; undefined while what it takes to say so is not known. */
export function sweetnessWord(facts: WineFacts): string | undefined {
  const term = sweetnessTerm(facts);
  if (term.verdict !== 'meets') return undefined;
  return term.word ?? term.title.toLowerCase();
}

/** The sweetness term the EU allows for the wine, still or sparkling. */
export function sweetnessTerm(facts: WineFacts): Claim {
  return factOf(facts, 'bubbles') === 'sparkling' ? sparklingSweetnessTerm(facts) : stillSweetnessTerm(facts);
}

/** The EU category: the first that is met, else the first that cannot be told, else "wine" with what fails. */
export function euCategory(facts: WineFacts): Claim {
  const claims = euCategories.map((category) => claim(category, facts, sameGrape));
  const bubbles = factOf(facts, 'bubbles');
  const plausible = claims.filter((entry) =>
    bubbles === 'sparkling'
      ? entry.id.endsWith('sparkling') && !entry.id.includes('semi')
      : bubbles === 'light'
        ? entry.id.includes('semi')
        : entry.id === 'wine',
  );
  if (factOf(facts, 'fortified') === true) return claims.find((entry) => entry.id === 'liqueur')!;
  return plausible.find((entry) => entry.verdict === 'meets') ?? plausible.find((entry) => entry.verdict === 'unknown') ?? plausible.at(-1)!;
}

const art = (text: string, article: string, year: number): Source => ({ text, article, year });
interface LabelRule {
  readonly id: string;
  readonly title: (facts: WineFacts) => string | undefined;
  readonly source: Source;
  readonly requirements: (facts: WineFacts) => readonly Requirement[];
}

const mainGrape = (facts: WineFacts): GrapeShare | undefined => factOf(facts, 'grapes')?.[0];
const labrusca = new Set(['concord']);
const pdo = (facts: WineFacts) => factOf(facts, 'originKind') === 'pdo';

/** What a label may claim, in the EU and in the USA. */
const labelRules: readonly LabelRule[] = [
  {
    id: 'eu-variety',
    source: art('Regulation (EU) 2019/33', 'art. 50', 2019),
    title: (f) => (mainGrape(f) ? `May name ${mainGrape(f)!.grape}, EU` : undefined),
    requirements: (f) => [{ kind: 'grapes', of: [grapeNamed(mainGrape(f)!.grape)?.id ?? fold(mainGrape(f)!.grape)], atLeast: 85, label: mainGrape(f)!.grape }],
  },
  {
    id: 'eu-vintage',
    source: art('Regulation (EU) 2019/33', 'art. 49', 2019),
    title: (f) => vintageTitle(f, 'EU'),
    requirements: () => [{ kind: 'at-least', fact: 'vintageShare', value: 85 }],
  },
  {
    id: 'eu-origin',
    source: art('Regulation (EU) 1308/2013', 'art. 93', 2013),
    title: (f) => (placeName(f) ? `May name ${placeName(f)}, EU` : undefined),
    requirements: (f) => [
      { kind: 'is', fact: 'originKind', oneOf: ['pdo', 'pgi'] },
      { kind: 'at-least', fact: 'originShare', value: pdo(f) ? 100 : 85 },
    ],
  },
  {
    id: 'us-variety',
    source: art('27 CFR', '4.23', 2024),
    title: (f) => (mainGrape(f) ? `May name ${mainGrape(f)!.grape}, USA` : undefined),
    requirements: (f) => [
      {
        kind: 'grapes',
        of: [grapeNamed(mainGrape(f)!.grape)?.id ?? fold(mainGrape(f)!.grape)],
        atLeast: labrusca.has(grapeNamed(mainGrape(f)!.grape)?.id ?? '') ? 51 : 75,
        label: mainGrape(f)!.grape,
      },
    ],
  },
  {
    id: 'us-vintage',
    source: art('27 CFR', '4.27', 2024),
    title: (f) => vintageTitle(f, 'USA'),
    requirements: (f) => [{ kind: 'at-least', fact: 'vintageShare', value: factOf(f, 'originKind') === 'ava' ? 95 : 85 }],
  },
  {
    id: 'us-origin',
    source: art('27 CFR', '4.25', 2024),
    title: (f) => (placeName(f) ? `May name ${placeName(f)}, USA` : undefined),
    requirements: (f) => [{ kind: 'at-least', fact: 'originShare', value: factOf(f, 'originKind') === 'ava' ? 85 : 75 }],
  },
];
const placeName = (facts: WineFacts) => factOf(facts, 'appellation') ?? factOf(facts, 'region');
function vintageTitle(facts: WineFacts, where: string): string | undefined {
  const vintage = factOf(facts, 'vintage');
  return vintage?.kind === 'year' ? `May show ${vintage.year}, ${where}` : undefined;
}
/** A grape the tables do not know is compared by its written name. */
const sameWritten = (written: string, id: string) => sameGrape(written, id) || fold(written) === id;

/** Whether variety, vintage and origin may be claimed. A claim that does not arise (no vintage stated) is left out. */
export function labelClaims(facts: WineFacts): readonly Claim[] {
  return labelRules.flatMap((rule) => {
    const title = rule.title(facts);
    if (title === undefined) return [];
    return [{ id: rule.id, title, source: rule.source, ...all(rule.requirements(facts).map((entry) => check(entry, facts, sameWritten))) }];
  });
}

/** Whether the wine meets an appellation rule. */
export function appellationClaim(rule: AppellationRule, facts: WineFacts): Claim {
  return { id: rule.id, title: `${rule.name}, ${rule.tier}`, source: rule.source, ...all(rule.requirements.map((entry) => check(entry, facts, sameGrape))) };
}

/** The appellation rules that the wine's stated appellation names; the tiers above it too, so that one sees what is lacking. */
export function appellationClaims(facts: WineFacts): readonly Claim[] {
  const stated = fold(factOf(facts, 'appellation') ?? '');
  if (stated === '') return [];
  const family = appellations.filter((rule) => stated.includes(fold(rule.family)) || fold(rule.family).includes(stated));
  return family.map((rule) => appellationClaim(rule, facts));
}

/** Everything computed in law for a wine's page, the sweetness term first. */
export function classifyWine(facts: WineFacts): readonly Claim[] {
  return [sweetnessTerm(facts), euCategory(facts), ...labelClaims(facts), ...appellationClaims(facts)];
}
