import type { NamedClass, Requirement, Source } from '@rose/core/classify/classify';

const annexB: Source = { text: 'Regulation (EU) 2019/33', article: 'annex III part B, art. 52', year: 2019 };
const annexA: Source = { text: 'Regulation (EU) 2019/33', article: 'annex III part A, art. 47', year: 2019 };
const categories: Source = { text: 'Regulation (EU) 1308/2013', article: 'annex VII part II', year: 2013 };

/** Still-wine sweetness, sugar and total acidity in g/L. */
export const stillSweetness: readonly NamedClass[] = [
  {
    id: 'dry',
    title: 'Dry',
    source: annexB,
    anyOf: [
      [{ kind: 'at-most', fact: 'sugar', value: 4 }],
      [
        { kind: 'at-most', fact: 'sugar', value: 9 },
        { kind: 'sugar-minus-acid', value: 2 },
      ],
    ],
  },
  {
    id: 'medium-dry',
    title: 'Medium dry',
    source: annexB,
    anyOf: [
      [{ kind: 'at-most', fact: 'sugar', value: 12 }],
      [
        { kind: 'at-most', fact: 'sugar', value: 18 },
        { kind: 'sugar-minus-acid', value: 10 },
      ],
    ],
  },
  { id: 'medium', title: 'Medium sweet', source: annexB, anyOf: [[{ kind: 'at-most', fact: 'sugar', value: 45 }]] },
  { id: 'sweet', title: 'Sweet', source: annexB, anyOf: [[{ kind: 'at-least', fact: 'sugar', value: 45 }]] },
];

/** Sparkling-wine sweetness. Limits marked open are "less than". */
export const sparklingSweetness: readonly {
  readonly id: string;
  readonly title: string;
  /** The term itself, as a label and a sentence say it. */
  readonly word: string;
  readonly from: number;
  readonly to: number;
  readonly openTop: boolean;
}[] = [
  { id: 'brut-nature', title: 'Brut nature', word: 'brut nature', from: 0, to: 3, openTop: true },
  { id: 'extra-brut', title: 'Extra brut', word: 'extra brut', from: 0, to: 6, openTop: false },
  { id: 'brut', title: 'Brut', word: 'brut', from: 0, to: 12, openTop: true },
  { id: 'extra-dry', title: 'Extra dry', word: 'extra dry', from: 12, to: 17, openTop: false },
  { id: 'dry', title: 'Dry, as a sparkling wine', word: 'dry', from: 17, to: 32, openTop: false },
  { id: 'medium-dry', title: 'Medium dry, as a sparkling wine', word: 'medium dry', from: 32, to: 50, openTop: false },
  { id: 'sweet', title: 'Sweet, as a sparkling wine', word: 'sweet', from: 50, to: Infinity, openTop: false },
];
export const sparklingSource = annexA;

/** Countries all of whose vineyards lie in growing zones A or B, and those that have a part there (1308/2013 annex VII, appendix I; from memory). */
const coolZones = new Set(['AT', 'BE', 'CZ', 'DE', 'DK', 'EE', 'IE', 'LT', 'LU', 'LV', 'NL', 'PL', 'SE']);
const partlyCool = new Set(['FR', 'HR', 'RO', 'SI', 'SK']);
/** The least alcohol of a wine, % vol: 8.5 in zones A and B, 9 in the others. */
const leastOfWine = (country: string | undefined): Requirement => {
  if (country !== undefined && coolZones.has(country)) return { kind: 'at-least', fact: 'abv', value: 8.5 };
  const either = country === undefined || partlyCool.has(country);
  return { kind: 'at-least', fact: 'abv', value: 9, elsewhere: either ? { value: 8.5, by: 'the growing zone' } : undefined };
};
/** Months from harvest to sale that a sparkling wine of quality is made in, by where it took its bubbles (2019/934 annex II C). */
const qualitySparkling = (method: string, months: number): readonly Requirement[] => [
  { kind: 'is', fact: 'method', oneOf: [method] },
  { kind: 'at-least', fact: 'pressure', value: 3.5 },
  { kind: 'at-least', fact: 'abv', value: 10 },
  { kind: 'at-least', fact: 'totalMonths', value: months },
];

/** Categories of grapevine products, for a wine of a country (ISO 3166, two letters). */
export const euCategories = (country: string | undefined): readonly NamedClass[] => [
  {
    id: 'liqueur',
    title: 'Liqueur wine',
    source: { ...categories, article: 'annex VII part II (3)' },
    anyOf: [
      [
        { kind: 'yes', fact: 'fortified' },
        { kind: 'at-least', fact: 'abv', value: 15 },
        { kind: 'at-most', fact: 'abv', value: 22 },
        { kind: 'total-at-least', value: 17.5 },
      ],
      // Protected names on the Commission's list may have less in all.
      [
        { kind: 'yes', fact: 'fortified' },
        { kind: 'is', fact: 'originKind', oneOf: ['pdo', 'pgi'] },
        { kind: 'at-least', fact: 'abv', value: 15 },
        { kind: 'at-most', fact: 'abv', value: 22 },
      ],
    ],
  },
  {
    id: 'quality-sparkling',
    title: 'Quality sparkling wine',
    source: { text: 'Regulations (EU) 1308/2013 and 2019/934', article: 'annex VII part II (5); annex II part C', year: 2019 },
    anyOf: [qualitySparkling('bottle', 9), qualitySparkling('ancestral', 9), qualitySparkling('tank', 6)],
  },
  {
    id: 'aromatic-sparkling',
    title: 'Quality aromatic sparkling wine',
    source: { ...categories, article: 'annex VII part II (6)' },
    anyOf: [
      [
        { kind: 'is', fact: 'method', oneOf: ['bottle', 'tank', 'ancestral'] },
        { kind: 'grapes', of: ['muscat', 'moscato-giallo', 'brachetto', 'gewurztraminer', 'glera', 'malvasia'], atLeast: 100, label: 'an aromatic grape' },
        { kind: 'at-least', fact: 'pressure', value: 3 },
        { kind: 'at-least', fact: 'abv', value: 6 },
        { kind: 'total-at-least', value: 10 },
      ],
    ],
  },
  {
    id: 'de-alcoholised',
    title: 'De-alcoholised wine',
    source: { text: 'Regulation (EU) 2021/2117', article: 'annex VII part II', year: 2021 },
    anyOf: [[{ kind: 'at-most', fact: 'abv', value: 0.5 }]],
  },
  {
    id: 'sparkling',
    title: 'Sparkling wine',
    source: { ...categories, article: 'annex VII part II (4)' },
    anyOf: [
      [
        { kind: 'is', fact: 'method', oneOf: ['bottle', 'tank', 'ancestral'] },
        { kind: 'at-least', fact: 'pressure', value: 3 },
        { kind: 'at-least', fact: 'abv', value: 9.5 },
      ],
    ],
  },
  {
    id: 'aerated-sparkling',
    title: 'Aerated sparkling wine',
    source: { ...categories, article: 'annex VII part II (7)' },
    anyOf: [
      [
        { kind: 'is', fact: 'method', oneOf: ['carbonated'] },
        { kind: 'at-least', fact: 'pressure', value: 3 },
      ],
    ],
  },
  {
    id: 'semi-sparkling',
    title: 'Semi-sparkling wine',
    source: { ...categories, article: 'annex VII part II (8)' },
    anyOf: [
      [
        { kind: 'is', fact: 'method', oneOf: ['bottle', 'tank', 'ancestral', 'still'] },
        { kind: 'at-least', fact: 'pressure', value: 1 },
        { kind: 'at-most', fact: 'pressure', value: 2.5 },
        { kind: 'at-least', fact: 'abv', value: 7 },
      ],
    ],
  },
  {
    id: 'aerated-semi-sparkling',
    title: 'Aerated semi-sparkling wine',
    source: { ...categories, article: 'annex VII part II (9)' },
    anyOf: [
      [
        { kind: 'is', fact: 'method', oneOf: ['carbonated'] },
        { kind: 'at-least', fact: 'pressure', value: 1 },
        { kind: 'at-most', fact: 'pressure', value: 2.5 },
        { kind: 'at-least', fact: 'abv', value: 7 },
      ],
    ],
  },
  {
    id: 'wine',
    title: 'Wine',
    source: { ...categories, article: 'annex VII part II (1)' },
    anyOf: [
      [
        { kind: 'is', fact: 'bubbles', oneOf: ['still'] },
        leastOfWine(country),
        { kind: 'total-at-most', value: 15, elsewhere: { value: 20, by: 'the growing area' } },
        { kind: 'at-least', fact: 'acidity', value: 3.5 },
      ],
      [
        { kind: 'is', fact: 'bubbles', oneOf: ['still'] },
        { kind: 'no', fact: 'fortified' },
        { kind: 'is', fact: 'originKind', oneOf: ['pdo', 'pgi'] },
        { kind: 'at-least', fact: 'abv', value: 4.5 },
        { kind: 'at-least', fact: 'acidity', value: 3.5 },
      ],
    ],
  },
];
