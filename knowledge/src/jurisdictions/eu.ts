import type { NamedClass, Source } from '@rose/core/classify/classify';

const annexB: Source = { text: 'Regulation (EU) 2019/33', article: 'annex III part B, art. 52', year: 2019 };
const annexA: Source = { text: 'Regulation (EU) 2019/33', article: 'annex III part A, art. 47', year: 2019 };
const categories: Source = { text: 'Regulation (EU) 1308/2013', article: 'annex VII part II', year: 2013 };

/** Still-wine sweetness, sugar and total acidity in g/L. A wine of exactly 45 g/L may carry either of two terms. */
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

/** Categories of grapevine products. The minimum alcohol of wine is that of the warmer zones; 8.5 % vol holds in zones A and B. */
export const euCategories: readonly NamedClass[] = [
  {
    id: 'liqueur',
    title: 'Liqueur wine',
    source: { ...categories, article: 'annex VII part II (3)' },
    anyOf: [
      [
        { kind: 'yes', fact: 'fortified' },
        { kind: 'at-least', fact: 'abv', value: 15 },
        { kind: 'at-most', fact: 'abv', value: 22 },
      ],
    ],
  },
  {
    id: 'quality-sparkling',
    title: 'Quality sparkling wine',
    source: { ...categories, article: 'annex VII part II (5)' },
    anyOf: [
      [
        { kind: 'is', fact: 'method', oneOf: ['bottle', 'tank', 'ancestral'] },
        { kind: 'at-least', fact: 'pressure', value: 3.5 },
        { kind: 'at-least', fact: 'abv', value: 10 },
      ],
    ],
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
        { kind: 'at-least', fact: 'abv', value: 9 },
        { kind: 'at-most', fact: 'abv', value: 15 },
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
