import {
  all,
  check,
  claim,
  missingFact,
  totalAlcohol,
  type Claim,
  type Finding,
  type Requirement,
  type Source,
  type Verdict,
} from '@rose/core/classify/classify';
import type { GrapeShare, WineFacts } from '@rose/core/wine/facts';
import { factOf, narrowedShares } from '@rose/core/wine/stated';
import { listed } from '@rose/core/wine/plural';
import { fold, plain } from '@rose/core/wine/search-folding';
import { appellations, type AppellationRule } from '../appellations/data';
import { grapeContext, grapeNamed, sameGrapeOf } from '../grapes/index';
import { euCategories, sparklingSource, sparklingSweetness, stillSweetness } from './eu';

export type { Claim, Verdict };

/** The first sweetness term of a still wine that its sugar and acidity meet; a verdict of "unknown" names what is missing. */
export function stillSweetnessTerm(facts: WineFacts): Claim {
  if (factOf(facts, 'fortified') === true)
    return {
      id: 'sweetness-of-its-own',
      title: 'Sweetness term',
      source: { text: 'Regulation (EU) 2019/33', article: 'art. 52', year: 2019 },
      verdict: 'unknown',
      reasons: [{ id: 'own-rule', push: 0, unit: 'none', args: { what: 'a wine of spirit' } }],
      missing: [],
    };
  let unsure: Claim | undefined;
  for (const term of stillSweetness) {
    const found = claim(term, facts, sameGrapeOf(facts));
    if (found.verdict === 'meets') return unsure ?? eitherTerm(found, facts);
    if (found.verdict === 'unknown') unsure ??= found;
  }
  return unsure!;
}

/** g/L of sugar at which a still wine may be called by either of two terms. */
const eitherOf = 45;
const eitherTerm = (found: Claim, facts: WineFacts): Claim =>
  factOf(facts, 'sugar') === eitherOf
    ? { ...found, reasons: [{ id: 'either-term', push: 0, unit: 'none', args: { sugar: eitherOf, other: 'sweet' } }] }
    : found;

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
  // Brut nature also asks that no sugar was added after the second fermentation: shown where that is known, kept out where some was.
  const dosed = factOf(facts, 'dosed');
  const lawful = dosed === true ? terms.filter((term) => term.id !== 'brut-nature') : terms;
  const shown = (dosed === false ? undefined : lawful.find((term) => term.id !== 'brut-nature')) ?? lawful[0]!;
  const others = lawful
    .filter((term) => term !== shown)
    .map((term) => `${term.title.toLowerCase()}${term.id === 'brut-nature' && dosed === undefined ? ' if no sugar was added' : ''}`);
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

/** How sweet a wine of spirit that was aged warm is called, by sugar up to g/L: its acid hides much of it. The rules of Madeira, from memory: check. */
const warmTerms: readonly (readonly [upTo: number, word: string])[] = [
  [65, 'dry'],
  [80, 'medium dry'],
  [96, 'medium sweet'],
  [Infinity, 'sweet'],
];
/** The word for how sweet the EU, or its own rule, lets the wine be called; undefined while what it takes to say so is not known. */
export function sweetnessWord(facts: WineFacts): string | undefined {
  const sugar = factOf(facts, 'sugar');
  if (factOf(facts, 'fortified') === true && factOf(facts, 'heated') === true && sugar !== undefined) return warmTerms.find(([upTo]) => sugar <= upTo)![1];
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
  const claims = euCategories(factOf(facts, 'country')?.toUpperCase()).map((category) => claim(category, facts, sameGrapeOf(facts)));
  const found = (id: string) => claims.find((entry) => entry.id === id)!;
  const [bubbles, abv, sugar] = [factOf(facts, 'bubbles'), factOf(facts, 'abv'), factOf(facts, 'sugar')];
  if (factOf(facts, 'fortified') === true) return found('liqueur');
  if (abv !== undefined && abv <= deAlcoholised) return found('de-alcoholised');
  const plausible = claims.filter((entry) =>
    bubbles === 'sparkling'
      ? entry.id.endsWith('sparkling') && !entry.id.includes('semi')
      : bubbles === 'light'
        ? entry.id === 'semi-sparkling' || (entry.id === 'aerated-semi-sparkling' && factOf(facts, 'method') === 'carbonated')
        : entry.id === 'wine',
  );
  const met = plausible.find((entry) => entry.verdict === 'meets');
  if (met !== undefined) return met;
  // Must of which less than three fifths of the sugar has fermented.
  // A sweet wine of a protected name is wine however little of its sugar has fermented; without its kind of origin nobody can tell.
  const mayBeWine = bubbles === 'still' && factOf(facts, 'originKind') !== 'none';
  if (abv !== undefined && sugar !== undefined && abv >= 1 && bubbles !== 'sparkling' && !mayBeWine) {
    const total = totalAlcohol({ abv: facts.abv, sugar: facts.sugar })![0];
    if (abv < 0.6 * total)
      return {
        id: 'partially-fermented',
        title: 'Partially fermented grape must',
        source: { text: 'Regulation (EU) 1308/2013', article: 'annex VII part II (11)', year: 2013 },
        verdict: 'meets',
        reasons: [{ id: 'partly-fermented', push: 0, unit: 'none', args: { abv, total: Math.round(total * 10) / 10 } }],
        missing: [],
      };
  }
  const unsure = plausible.find((entry) => entry.verdict === 'unknown');
  if (unsure !== undefined) return unsure;
  // Nobody claimed a category: that none fits is all that can be said.
  const near = plausible.at(-1);
  return near !== undefined && bubbles === 'still'
    ? near
    : {
        id: 'no-category',
        title: 'Category',
        source: { text: 'Regulation (EU) 1308/2013', article: 'annex VII part II', year: 2013 },
        verdict: 'unknown',
        reasons: [{ id: 'no-category', push: 0, unit: 'none', args: {} }],
        missing: [],
      };
}
/** % vol up to which a wine is one without its alcohol (Regulation (EU) 2021/2117). */
const deAlcoholised = 0.5;

const art = (text: string, article: string, year: number): Source => ({ text, article, year });
interface LabelRule {
  readonly id: string;
  readonly title: (facts: WineFacts) => string | undefined;
  readonly source: Source;
  readonly requirements: (facts: WineFacts) => readonly Requirement[];
}

const standsIn = (stated: string, term: string) => ` ${stated} `.includes(` ${term} `);
const mainGrape = (facts: WineFacts): GrapeShare | undefined => factOf(facts, 'grapes')?.[0];
const idOf = (facts: WineFacts, written: string): string => grapeNamed(written, grapeContext(facts))?.id ?? fold(written);
/** The grapes of a blend, the largest share first; none when it is of one. */
const severalGrapes = (facts: WineFacts): readonly string[] => {
  const grapes = narrowedShares(factOf(facts, 'grapes') ?? []);
  return grapes.length < 2 ? [] : [...grapes].sort((a, b) => b.low + b.high - (a.low + a.high)).map((entry) => entry.grape);
};
const labrusca = new Set(['concord']);
/** Members of the Union, and those whose wines are named by its rules. */
const union = new Set('AT BE BG CY CZ DE DK EE ES FI FR GR HR HU IE IT LT LU LV MT NL PL PT RO SE SI SK'.split(' '));
const inUnion = (facts: WineFacts) => {
  const country = factOf(facts, 'country')?.toUpperCase();
  return country === undefined || union.has(country);
};
const from = (facts: WineFacts, country: string) => factOf(facts, 'country')?.toUpperCase() === country;
/** What part of a grape lets its country name it, per cent, where the wine is of that country. */
const thirdCountries: readonly (readonly [country: string, name: string, percent: number, source: Source])[] = [
  ['NZ', 'New Zealand', 85, { text: 'Wine Regulations', article: null, year: 2021 }],
  ['AU', 'Australia', 85, { text: 'Wine Australia Regulations', article: null, year: 2018 }],
  ['ZA', 'South Africa', 85, { text: 'Wine of Origin Scheme', article: null, year: 1990 }],
  ['AR', 'Argentina', 85, { text: 'INV, resolution C.23', article: null, year: 1999 }],
  ['CL', 'Chile', 75, { text: 'Decree 464', article: null, year: 1994 }],
];
const pdo = (facts: WineFacts) => factOf(facts, 'originKind') === 'pdo';
/** An American viticultural area, or what stands for one abroad. */
const viticultural = (facts: WineFacts) => pdo(facts) || factOf(facts, 'originKind') === 'ava';
/** The part of the wine that must be of the place; a protected designation is of its place by being one. */
const shareOfPlace = (facts: WineFacts, percent: number): readonly Requirement[] =>
  pdo(facts) && factOf(facts, 'originShare') === undefined ? [{ kind: 'by-its-name' }] : [{ kind: 'at-least', fact: 'originShare', value: percent }];
/** What states ask above the federal floor, per cent of the place and of the grape. */
const states: readonly { readonly state: string; readonly origin: number; readonly grape?: number; readonly source: Source }[] = [
  { state: 'California', origin: 100, source: art('17 CCR 17015, from memory: check the current text', 'California', 2024) },
  { state: 'Oregon', origin: 95, grape: 90, source: art('OAR 845, division 10, from memory: check the current text', 'Oregon', 2024) },
  { state: 'Washington', origin: 95, source: art('WAC 314-24, from memory: check the current text', 'Washington', 2024) },
];
/** Its place on record names the state. */
const inState = (facts: WineFacts, state: string) =>
  from(facts, 'US') && (['appellation', 'region', 'site'] as const).some((id) => standsIn(fold(factOf(facts, id) ?? ''), fold(state)));

/** What a label may claim, in the EU, in the USA and at home elsewhere. */
const labelRules: readonly LabelRule[] = [
  {
    id: 'eu-varieties',
    source: art('Regulation (EU) 2019/33', 'art. 50(1)(a)(ii)', 2019),
    title: (f) => (severalGrapes(f).length > 1 ? `May name ${listed(severalGrapes(f))}, EU` : undefined),
    requirements: (f) => [{ kind: 'grapes', of: severalGrapes(f).map((grape) => idOf(f, grape)), atLeast: 100, label: listed(severalGrapes(f)) }],
  },
  ...thirdCountries.map(([country, name, percent, source]): LabelRule => ({
    id: `${country.toLowerCase()}-variety`,
    source,
    title: (f) => (from(f, country) && mainGrape(f) ? `May name ${mainGrape(f)!.grape}, ${name}` : undefined),
    requirements: (f) => [{ kind: 'grapes', of: [idOf(f, mainGrape(f)!.grape)], atLeast: percent, label: mainGrape(f)!.grape }],
  })),
  {
    id: 'eu-variety',
    source: art('Regulation (EU) 2019/33', 'art. 50', 2019),
    title: (f) => (mainGrape(f) ? `May name ${mainGrape(f)!.grape}, EU` : undefined),
    requirements: (f) => [{ kind: 'grapes', of: [idOf(f, mainGrape(f)!.grape)], atLeast: 85, label: mainGrape(f)!.grape }],
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
    // Names of third countries stand under the agreements with them.
    title: (f) => (placeName(f) && inUnion(f) ? `May name ${placeName(f)}, EU` : undefined),
    requirements: (f) => [{ kind: 'is', fact: 'originKind', oneOf: ['pdo', 'pgi'] }, ...shareOfPlace(f, pdo(f) ? 100 : 85)],
  },
  {
    id: 'us-variety',
    source: art('27 CFR', '4.23', 2024),
    title: (f) => (mainGrape(f) ? `May name ${mainGrape(f)!.grape}, USA` : undefined),
    requirements: (f) => [
      {
        kind: 'grapes',
        of: [idOf(f, mainGrape(f)!.grape)],
        atLeast: labrusca.has(idOf(f, mainGrape(f)!.grape)) ? 51 : 75,
        label: mainGrape(f)!.grape,
      },
    ],
  },
  {
    id: 'us-vintage',
    source: art('27 CFR', '4.27', 2024),
    title: (f) => vintageTitle(f, 'USA'),
    requirements: (f) => [
      // A year needs a place smaller than a country.
      ...(factOf(f, 'originKind') === 'country' ? [{ kind: 'is', fact: 'originKind', oneOf: ['ava', 'county'] } as const] : []),
      { kind: 'at-least', fact: 'vintageShare', value: viticultural(f) ? 95 : 85 },
    ],
  },
  {
    id: 'us-origin',
    source: art('27 CFR', '4.25', 2024),
    title: (f) => (placeName(f) ? `May name ${placeName(f)}, USA` : undefined),
    requirements: (f) => shareOfPlace(f, viticultural(f) ? 85 : 75),
  },
  ...states.flatMap(({ state, origin, grape, source }): LabelRule[] => [
    {
      id: `us-${fold(state).replace(' ', '-')}-origin`,
      source,
      title: (f) => (inState(f, state) ? `May name ${placeName(f) ?? state}, the state’s own rule` : undefined),
      requirements: (f) => shareOfPlace(f, origin),
    },
    ...(grape === undefined
      ? []
      : [
          {
            id: `us-${fold(state).replace(' ', '-')}-variety`,
            source,
            title: (f: WineFacts) => (inState(f, state) && mainGrape(f) ? `May name ${mainGrape(f)!.grape}, the state’s own rule` : undefined),
            requirements: (f: WineFacts): readonly Requirement[] => [
              { kind: 'grapes', of: [idOf(f, mainGrape(f)!.grape)], atLeast: grape, label: mainGrape(f)!.grape },
            ],
          },
        ]),
  ]),
];
const placeName = (facts: WineFacts) => factOf(facts, 'appellation') ?? factOf(facts, 'region');
function vintageTitle(facts: WineFacts, where: string): string | undefined {
  const vintage = factOf(facts, 'vintage');
  return vintage?.kind === 'year' ? `May show ${vintage.year}, ${where}` : undefined;
}
/** A grape the tables do not know is compared by its written name. */
const sameWritten = (facts: WineFacts) => {
  const same = sameGrapeOf(facts);
  return (written: string, id: string) => same(written, id) || fold(written) === id;
};

/** Whether variety, vintage and origin may be claimed. A claim that does not arise (no vintage stated) is left out. */
export function labelClaims(facts: WineFacts): readonly Claim[] {
  return labelRules.flatMap((rule) => {
    const title = rule.title(facts);
    if (title === undefined) return [];
    const aside = !(rule.id.startsWith('us-') ? from(facts, 'US') : rule.id.startsWith('eu-') ? inUnion(facts) : true);
    const found = all(rule.requirements(facts).map((entry) => check(entry, facts, sameWritten(facts))));
    // A blend that is too little of one grape is not called after it: nobody claims that.
    const unclaimed = rule.id.endsWith('-variety') && found.verdict === 'fails' && severalGrapes(facts).length > 1;
    return [{ id: rule.id, title, source: rule.source, aside: aside || unclaimed, ...found }];
  });
}

/** Whether the wine meets an appellation rule. */
export function appellationClaim(rule: AppellationRule, facts: WineFacts): Claim {
  const source = rule.confidence === 'M' ? { ...rule.source, text: `${rule.source.text}, from memory: check the current text` } : rule.source;
  const vintage = factOf(facts, 'vintage');
  // What is asked from a vintage on is not asked of older ones; of an unknown one nobody can tell, unless it holds anyway.
  const asked = rule.requirements.filter(({ since }) => since === undefined || vintage === undefined || (vintage.kind === 'year' && vintage.year >= since));
  const found = asked.map((entry): Finding => {
    const finding = check(entry, facts, sameGrapeOf(facts));
    return entry.since === undefined || vintage !== undefined || finding.verdict === 'meets' ? finding : missingFact('vintage');
  });
  return { id: rule.id, title: `${rule.name}, ${rule.tier}`, source, ...all(found) };
}

/** Words of protection and of tiers that follow a name without changing it. */
const marks = /\b(docg|doca|docq|doc|dop|do|aoc|aop|ac|igt|igp|pdo|pgi|ogi|vqa|ava|oem|dac|qba)\b/g;
const plainName = (text: string) => fold(text).replace(marks, ' ').replace(/\s+/g, ' ').trim();
/** Terms that follow a name and ask more of the wine; longer ones before their parts. */
const terms = [
  'gran selezione',
  'gran reserva',
  'gran riserva',
  'grand cru',
  'riserva',
  'reserva',
  'crianza',
  'superiore',
  'millesimato',
  'saten',
  'vintage',
  'colheita',
  'late bottled vintage',
  'tawny',
  'vergine',
  'fine',
  'classico',
  '5 puttonyos',
  '6 puttonyos',
  'rose',
  'rosso',
  'bianco',
  'tinto',
  'blanc',
  'rouge',
  'red',
  'white',
  'leve seco',
  'light dry',
  'organic',
  'trockenbeerenauslese',
  'beerenauslese',
  'spatlese',
  'auslese',
  'kabinett',
  'eiswein',
];
/** A name that a whole statement is, or that it is with terms behind it. */
function follows(stated: string, name: string): boolean {
  if (stated === name) return true;
  if (!stated.startsWith(`${name} `)) return false;
  let rest = stated.slice(name.length + 1);
  for (const term of terms) rest = rest.replace(new RegExp(`\\b${term}\\b`), ' ');
  return rest.trim() === '';
}

/**
 * The rules of the name that stands on the label, matched whole, with its country and the colour of the wine; terms of it that nobody claims stand aside. A
 * stated name without a rule here is said to have none.
 */
export function appellationClaims(facts: WineFacts): readonly Claim[] {
  const written = factOf(facts, 'appellation') ?? '';
  const stated = plainName(written);
  if (stated === '') return [];
  const [country, colour, vintage] = [factOf(facts, 'country')?.toUpperCase(), factOf(facts, 'colour'), factOf(facts, 'vintage')];
  const found = appellations.flatMap((rule): Claim[] => {
    const names = rule.family.split('|').map(plainName);
    const name = rule.term ? names.find((term) => standsIn(stated, term)) : names.find((entry) => follows(stated, entry));
    if (name === undefined || (country !== undefined ? country !== rule.country : rule.term)) return [];
    const coloured = rule.requirements.find((ask) => ask.kind === 'is' && ask.fact === 'colour');
    if (colour !== undefined && coloured?.kind === 'is' && !coloured.oneOf.includes(colour)) return [];
    const tier = plainName(rule.of ?? '');
    const claimed = tier === '' || standsIn(stated, tier) || (tier === 'vintage' && vintage?.kind === 'year');
    return [{ ...appellationClaim(rule, facts), aside: !claimed }];
  });
  if (found.length > 0) return [...found].sort((a, b) => Number(a.aside) - Number(b.aside));
  return [
    {
      id: 'no-rule',
      title: written,
      source: { text: 'product specification', article: null, year: null },
      verdict: 'unknown',
      reasons: [{ id: 'no-rule', push: 0, unit: 'none', args: {} }],
      missing: [],
    },
  ];
}

/** Everything computed in law for a wine's page: the sweetness term first, then what its own country asks, what nobody claims last. */
export function classifyWine(facts: WineFacts): readonly Claim[] {
  const all = [sweetnessTerm(facts), euCategory(facts), ...appellationClaims(facts), ...labelClaims(facts)];
  return [...all.filter((claim) => claim.aside !== true), ...all.filter((claim) => claim.aside === true)];
}
