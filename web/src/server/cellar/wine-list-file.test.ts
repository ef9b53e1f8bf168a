import { describe, expect, it } from 'vitest';
import type { WineDocument } from '@rose/core/wine/facts';
import { readList } from './wine-list-file';

/** One wine from one row of named columns. */
const one = (columns: Record<string, string>): WineDocument => {
  const quoted = (text: string) => `"${text.replaceAll('"', '""')}"`;
  const found = readList(
    `${['name', ...Object.keys(columns)].map(quoted).join(',')}\n${['A wine', ...Object.values(columns)].map(quoted).join(',')}`,
    {},
    'EUR',
  );
  expect(found.errors).toEqual([]);
  return found.rows[0]!.document;
};
const errorsOf = (columns: Record<string, string>) =>
  readList(
    `name,${Object.keys(columns).join(',')}\nA wine,${Object.values(columns)
      .map((text) => `"${text}"`)
      .join(',')}`,
    {},
    'EUR',
  ).errors;

describe('what people write in a wine list', () => {
  const grapes: [string, unknown][] = [
    ['Riesling', [{ grape: 'Riesling', share: { kind: 'unknown' } }]],
    ['Riesling 85 %', [{ grape: 'Riesling', share: { kind: 'exact', percent: 85 } }]],
    ['85% Riesling', [{ grape: 'Riesling', share: { kind: 'exact', percent: 85 } }]],
    [
      '60% Syrah / 40% Grenache',
      [
        { grape: 'Syrah', share: { kind: 'exact', percent: 60 } },
        { grape: 'Grenache', share: { kind: 'exact', percent: 40 } },
      ],
    ],
    [
      'Syrah, about 10 % Viognier',
      [
        { grape: 'Syrah', share: { kind: 'unknown' } },
        { grape: 'Viognier', share: { kind: 'about', percent: 10 } },
      ],
    ],
    [
      'mostly Assyrtiko, some Aidani',
      [
        { grape: 'Assyrtiko', share: { kind: 'mostly' } },
        { grape: 'Aidani', share: { kind: 'some' } },
      ],
    ],
    ['Merlot 5–15 %', [{ grape: 'Merlot', share: { kind: 'between', low: 5, high: 15 } }]],
    [
      'Syrah and Grenache',
      [
        { grape: 'Syrah', share: { kind: 'unknown' } },
        { grape: 'Grenache', share: { kind: 'unknown' } },
      ],
    ],
  ];
  for (const [text, value] of grapes) it(`grapes: ${text}`, () => expect(one({ grapes: text }).facts.grapes?.value).toEqual(value));
  const vintages: [string, unknown][] = [
    ['2021', { kind: 'year', year: 2021 }],
    ['NV', { kind: 'none' }],
    ['non-vintage', { kind: 'none' }],
    ['2015-2018', { kind: 'several', from: 2015, to: 2018 }],
    ['2015 to 2018', { kind: 'several', from: 2015, to: 2018 }],
  ];
  for (const [text, value] of vintages) it(`vintage: ${text}`, () => expect(one({ vintage: text }).facts.vintage?.value).toEqual(value));
  const numbers: [string, number][] = [
    ['12.5', 12.5],
    ['12,5', 12.5],
    ['12.5 %', 12.5],
    ['12,5 % vol', 12.5],
    [' 13 ', 13],
  ];
  for (const [text, value] of numbers) it(`alcohol: “${text}”`, () => expect(one({ abv: text }).facts.abv?.value).toBe(value));
  const sizes: [string, number][] = [
    ['750', 750],
    ['0.75', 750],
    ['0,75 L', 750],
    ['75 cl', 750],
    ['75', 750],
    ['1.5 l', 1500],
    ['375 mL', 375],
  ];
  for (const [text, value] of sizes) it(`size: ${text}`, () => expect(one({ format: text }).lots[0]!.formatMl).toBe(value));
  const prices: [string, number, string][] = [
    ['19.50', 1950, 'EUR'],
    ['€ 19,50', 1950, 'EUR'],
    ['$24', 2400, 'USD'],
    ['£8.75', 875, 'GBP'],
    ['1,250.00', 125_000, 'EUR'],
  ];
  for (const [text, minor, currency] of prices) it(`price: ${text}`, () => expect(one({ price: text }).lots[0]).toMatchObject({ priceMinor: minor, currency }));
  const words: [string, string, string, unknown][] = [
    ['colour', 'Rosé', 'colour', 'rose'],
    ['color', 'RED', 'colour', 'red'],
    ['bubbles', 'lightly sparkling', 'bubbles', 'light'],
    ['closure', 'screw cap', 'closure', 'screw'],
    ['filtered', 'no', 'filtered', false],
    ['organic', 'yes', 'organic', true],
    ['organic', 'x', 'organic', true],
  ];
  for (const [column, text, fact, value] of words) it(`${column}: ${text}`, () => expect(one({ [column]: text }).facts[fact as 'colour']?.value).toBe(value));
  it('a price without a currency column takes its sign, a merchant alone makes a lot, and no bottle column makes none', () => {
    expect(one({ merchant: 'Harbour merchant' }).lots).toMatchObject([{ formatMl: 750, held: 0, merchant: 'Harbour merchant' }]);
    expect(one({ region: 'x' }).lots).toEqual([]);
    expect(one({ price: '10', currency: 'chf' }).lots[0]).toMatchObject({ currency: 'CHF' });
  });
});
describe('what cannot be read is named', () => {
  const rows: [Record<string, string>, string, RegExp][] = [
    [{ abv: 'strong' }, 'abv', /not a number/],
    [{ abv: '95' }, 'abv', /between 0 and 80/],
    [{ vintage: 'soon' }, 'vintage', /not a year/],
    [{ colour: 'blue' }, 'colour', /not one of white/],
    [{ filtered: 'maybe' }, 'filtered', /yes or no/],
    [{ format: 'large' }, 'format', /not a bottle size/],
    [{ held: '2.5' }, 'held', /whole number/],
    [{ price: 'cheap' }, 'price', /not a price/],
    [{ bought: 'yesterday' }, 'bought', /date/i],
    [{ grapes: 'Syrah 60 %, Grenache 60 %' }, 'grapes', /more than 100/],
  ];
  for (const [columns, field, says] of rows) {
    it(`${field}: ${Object.values(columns)[0]}`, () => {
      const [error] = errorsOf(columns);
      expect(error).toMatchObject({ row: 2 });
      expect(error!.field).toContain(field);
      expect(error!.message).toMatch(says);
    });
  }
});
