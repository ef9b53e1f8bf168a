import { describe, expect, it } from 'vitest';
import { published } from '@rose/core/testing/published';
import { classifyWording } from '@rose/core/classify/wording';
import { sourceInWords } from '@rose/core/classify/classify';
import type { GrapeShare, WineFacts } from '@rose/core/wine/facts';
import { appellations } from '../appellations/data';
import { grapeNamed } from '../grapes/index';
import { alcoholTolerance } from './alcohol-tolerance';
import {
  appellationClaim,
  appellationClaims,
  classifyWine,
  euCategory,
  labelClaims,
  sparklingTerms,
  stillSweetnessTerm,
  sweetnessTerm,
  sweetnessWord,
} from './index';

const facts = (values: Record<string, unknown>): WineFacts =>
  Object.fromEntries(Object.entries(values).map(([id, value]) => [id, { value, origin: 'label' }])) as WineFacts;
const grapes = (...shares: [string, number | undefined][]): GrapeShare[] =>
  shares.map(([grape, percent]) => ({ grape, share: percent === undefined ? { kind: 'unknown' } : { kind: 'exact', percent } }));

describe('sweetness of still wine', () => {
  const cases: [number, number, string][] = [
    [0, 5, 'dry'],
    [4, 3, 'dry'],
    [4.1, 2, 'medium-dry'],
    [4.1, 2.1, 'dry'],
    [5, 3, 'dry'],
    [5, 2.9, 'medium-dry'],
    [6, 4, 'dry'],
    [7, 5, 'dry'],
    [7, 4.9, 'medium-dry'],
    [9, 7, 'dry'],
    [9, 6.9, 'medium-dry'],
    [9.1, 8, 'medium-dry'],
    [12, 1, 'medium-dry'],
    [12.1, 2, 'medium'],
    [12.1, 2.1, 'medium-dry'],
    [15, 5, 'medium-dry'],
    [15, 4.9, 'medium'],
    [18, 8, 'medium-dry'],
    [18, 7.9, 'medium'],
    [18.1, 9, 'medium'],
    [30, 6, 'medium'],
    [44.9, 6, 'medium'],
    [45, 6, 'medium'],
    [60, 7, 'sweet'],
  ];
  for (const [sugar, acidity, term] of cases)
    published('Regulation (EU) 2019/33, annex III part B', `${sugar} g/L of sugar and ${acidity} of acidity: ${term}`, () =>
      expect(stillSweetnessTerm(facts({ sugar, acidity }))).toMatchObject({ id: term, verdict: 'meets' }),
    );
  it('cannot tell without the acidity where the acid decides, and can where it does not', () => {
    expect(stillSweetnessTerm(facts({ sugar: 7 }))).toMatchObject({ verdict: 'unknown', missing: ['acidity'] });
    expect(stillSweetnessTerm(facts({ sugar: 3 }))).toMatchObject({ id: 'dry', verdict: 'meets' });
    expect(stillSweetnessTerm(facts({}))).toMatchObject({ verdict: 'unknown' });
  });
});
describe('sweetness of sparkling wine', () => {
  const cases: [number, string[]][] = [
    [0, ['brut-nature', 'extra-brut', 'brut']],
    [2.9, ['brut-nature', 'extra-brut', 'brut']],
    [3, ['extra-brut', 'brut']],
    [5.9, ['extra-brut', 'brut']],
    [6, ['extra-brut', 'brut']],
    [6.1, ['brut']],
    [11.9, ['brut']],
    [12, ['extra-dry']],
    [17, ['extra-dry', 'dry']],
    [31.9, ['dry']],
    [32, ['dry', 'medium-dry']],
    [32.1, ['medium-dry']],
    [50, ['medium-dry']],
    [50.1, ['sweet']],
    [90, ['sweet']],
  ];
  for (const [sugar, terms] of cases)
    published('Regulation (EU) 2019/33, annex III part A', `${sugar} g/L may be called ${terms.join(', ')}`, () =>
      expect(sparklingTerms(sugar)).toEqual(terms),
    );
});
describe('categories', () => {
  const rows: [string, Record<string, unknown>, string, string][] = [
    ['a still wine of 12.5 % vol', { bubbles: 'still', abv: 12.5, acidity: 5.5, sugar: 3 }, 'wine', 'meets'],
    ['8.7 % vol of zones A and B', { bubbles: 'still', abv: 8.7, acidity: 6, sugar: 3, country: 'DE', originKind: 'none' }, 'wine', 'meets'],
    ['8.7 % vol of Italy', { bubbles: 'still', abv: 8.7, acidity: 6, sugar: 3, country: 'IT', originKind: 'none', fortified: false }, 'wine', 'fails'],
    ['8.7 % vol of a country in several zones', { bubbles: 'still', abv: 8.7, acidity: 6, sugar: 3, country: 'FR', originKind: 'none' }, 'wine', 'unknown'],
    ['13 % vol with 100 g/L of sugar', { bubbles: 'still', abv: 13, acidity: 6, sugar: 100, country: 'ES', originKind: 'none' }, 'wine', 'unknown'],
    [
      '14 % vol with 120 g/L of sugar',
      { bubbles: 'still', abv: 14, acidity: 6, sugar: 120, country: 'ES', originKind: 'none', fortified: false },
      'wine',
      'fails',
    ],
    ['a fortified wine of 16 % vol in all', { bubbles: 'still', fortified: true, abv: 15.5, totalAbv: 16, originKind: 'none' }, 'liqueur', 'fails'],
    ['a dry one of 15 % vol under a protected name', { bubbles: 'still', fortified: true, abv: 15, sugar: 3, originKind: 'pdo' }, 'liqueur', 'meets'],
    ['a still wine of 3 g/L of acidity', { bubbles: 'still', abv: 12.5, acidity: 3 }, 'wine', 'fails'],
    ['a still wine of 8 % vol without a protected name', { bubbles: 'still', abv: 8, acidity: 6, originKind: 'none', fortified: false }, 'wine', 'fails'],
    ['a fortified wine of 19 % vol', { bubbles: 'still', fortified: true, abv: 19 }, 'liqueur', 'meets'],
    ['a fortified wine of 14 % vol', { bubbles: 'still', fortified: true, abv: 14 }, 'liqueur', 'fails'],
    ['bottle-fermented, 5.5 bar, 12 % vol', { bubbles: 'sparkling', method: 'bottle', pressure: 5.5, abv: 12, leesMonths: 12 }, 'quality-sparkling', 'meets'],
    ['bottle-fermented, four months old', { bubbles: 'sparkling', method: 'bottle', pressure: 5.5, abv: 12, totalMonths: 4 }, 'sparkling', 'meets'],
    ['tank-fermented, 3.2 bar', { bubbles: 'sparkling', method: 'tank', pressure: 3.2, abv: 11 }, 'sparkling', 'meets'],
    ['gas added, 4 bar', { bubbles: 'sparkling', method: 'carbonated', pressure: 4, abv: 11 }, 'aerated-sparkling', 'meets'],
    ['2 bar of its own', { bubbles: 'light', method: 'tank', pressure: 2, abv: 10.5 }, 'semi-sparkling', 'meets'],
    ['2 bar of gas added', { bubbles: 'light', method: 'carbonated', pressure: 2, abv: 10.5 }, 'aerated-semi-sparkling', 'meets'],
  ];
  for (const [says, values, id, verdict] of rows)
    published('Regulation (EU) 1308/2013, annex VII part II', `${says}: ${id} ${verdict}`, () => {
      const found = euCategory(facts(values));
      expect(found.verdict === 'fails' ? verdict : `${found.id} ${found.verdict}`).toBe(verdict === 'fails' ? 'fails' : `${id} ${verdict}`);
      expect(found.verdict).toBe(verdict);
    });
});
describe('labels', () => {
  const claim = (values: Record<string, unknown>, id: string) => labelClaims(facts(values)).find((entry) => entry.id === id)!.verdict;
  const rows: [string, string, Record<string, unknown>, string, string][] = [
    [
      'Regulation (EU) 2019/33, art. 50',
      '85 % of a grape is enough to name it in the EU',
      { grapes: grapes(['Riesling', 85], ['Silvaner', 15]) },
      'eu-variety',
      'meets',
    ],
    ['Regulation (EU) 2019/33, art. 50', '84 % is not', { grapes: grapes(['Riesling', 84], ['Silvaner', 16]) }, 'eu-variety', 'fails'],
    [
      'Regulation (EU) 2019/33, art. 50',
      'an unknown share cannot tell',
      { grapes: grapes(['Riesling', undefined], ['Silvaner', undefined]) },
      'eu-variety',
      'unknown',
    ],
    [
      'Regulation (EU) 2019/33, art. 49',
      '85 % of the year is enough to show it in the EU',
      { vintage: { kind: 'year', year: 2020 }, vintageShare: 85 },
      'eu-vintage',
      'meets',
    ],
    ['Regulation (EU) 2019/33, art. 49', '84 % of the year is not', { vintage: { kind: 'year', year: 2020 }, vintageShare: 84 }, 'eu-vintage', 'fails'],
    [
      'Regulation (EU) 1308/2013, art. 93',
      'a protected designation asks for all grapes from the place',
      { region: 'x', originKind: 'pdo', originShare: 99 },
      'eu-origin',
      'fails',
    ],
    ['Regulation (EU) 1308/2013, art. 93', 'a protected indication asks for 85 %', { region: 'x', originKind: 'pgi', originShare: 85 }, 'eu-origin', 'meets'],
    [
      'Regulation (EU) 1308/2013, art. 93',
      '100 % suffices for a protected designation',
      { region: 'x', originKind: 'pdo', originShare: 100 },
      'eu-origin',
      'meets',
    ],
    ['27 CFR 4.23', '75 % of a grape is enough to name it in the USA', { grapes: grapes(['Syrah', 75], ['Grenache', 25]) }, 'us-variety', 'meets'],
    ['27 CFR 4.23', '74 % is not', { grapes: grapes(['Syrah', 74], ['Grenache', 26]) }, 'us-variety', 'fails'],
    ['27 CFR 4.23', '51 % is enough for a labrusca grape', { grapes: grapes(['Concord', 51], ['Syrah', 49]) }, 'us-variety', 'meets'],
    [
      '27 CFR 4.27',
      '95 % of the year with a viticultural area',
      { vintage: { kind: 'year', year: 2020 }, originKind: 'ava', vintageShare: 94 },
      'us-vintage',
      'fails',
    ],
    ['27 CFR 4.27', '85 % of the year otherwise', { vintage: { kind: 'year', year: 2020 }, originKind: 'county', vintageShare: 85 }, 'us-vintage', 'meets'],
    ['27 CFR 4.25', '85 % from a viticultural area', { region: 'x', originKind: 'ava', originShare: 84 }, 'us-origin', 'fails'],
    [
      '27 CFR 4.27',
      'a year needs a place smaller than a country',
      { vintage: { kind: 'year', year: 2020 }, originKind: 'country', vintageShare: 100 },
      'us-vintage',
      'fails',
    ],
    [
      '27 CFR 4.27, from memory',
      '95 % for what stands for an area abroad',
      { vintage: { kind: 'year', year: 2020 }, originKind: 'pdo', vintageShare: 90 },
      'us-vintage',
      'fails',
    ],
    [
      '17 CCR 17015, from memory',
      'California asks all of it',
      { country: 'US', region: 'California', originKind: 'county', originShare: 80 },
      'us-california-origin',
      'fails',
    ],
    [
      'OAR 845, from memory',
      'Oregon asks 90 % of the grape',
      { country: 'US', region: 'Willamette Valley, Oregon', grapes: grapes(['Pinot Noir', 80], ['Syrah', 20]) },
      'us-oregon-variety',
      'fails',
    ],
    ['Regulation (EU) 1308/2013, art. 93', 'a protected designation is of its place by being one', { region: 'x', originKind: 'pdo' }, 'eu-origin', 'meets'],
    ['27 CFR 4.25', '75 % from a county or state', { region: 'x', originKind: 'county', originShare: 75 }, 'us-origin', 'meets'],
  ];
  for (const [source, says, values, id, verdict] of rows) published(source, says, () => expect(claim(values, id)).toBe(verdict));
  published('one name, two vines (VIVC), from memory', 'a name of two grapes is read by its country: Bonarda of Argentina may be named', () => {
    expect(claim({ country: 'AR', colour: 'red', grapes: grapes(['Bonarda', 100]) }, 'ar-variety')).toBe('meets');
  });
  it('a grape is known by its synonyms', () => {
    expect(claim({ grapes: grapes(['Shiraz', 90]) }, 'us-variety')).toBe('meets');
    expect(grapeNamed('Garnacha Tinta')?.id).toBe('grenache');
    expect(grapeNamed('moonlight')).toBeUndefined();
  });
});
describe('appellations', () => {
  const verdict = (id: string, values: Record<string, unknown>) =>
    appellationClaim(
      appellations.find((rule) => rule.id === id)!,
      facts(values),
    ).verdict;
  const cava = { bubbles: 'sparkling', method: 'bottle', grapes: grapes(['Macabeo', 60], ['Xarel·lo', 40]), organic: false };
  const barolo = { colour: 'red', grapes: grapes(['Nebbiolo', 100]), abv: 13.5, totalMonths: 40, woodMonths: 20 };
  const rows: [string, string, string, Record<string, unknown>, string][] = [
    ['Barolo, product specification', 'barolo', 'all Nebbiolo, 13 % vol, 38 months, 18 in wood', barolo, 'meets'],
    ['Barolo, product specification', 'barolo', '17 months in wood', { ...barolo, woodMonths: 17 }, 'fails'],
    ['Barolo, product specification', 'barolo-riserva', '40 months in all', barolo, 'fails'],
    ['Barbaresco, product specification', 'barbaresco', '26 months, 9 in wood', { ...barolo, totalMonths: 26, woodMonths: 9, abv: 12.5 }, 'meets'],
    ['Barbaresco, product specification', 'barbaresco-riserva', '26 months', { ...barolo, totalMonths: 26 }, 'fails'],
    [
      'Brunello di Montalcino, product specification',
      'brunello',
      '24 months in wood and 4 in bottle',
      { colour: 'red', grapes: grapes(['Brunello', 100]), abv: 13, totalMonths: 51, woodMonths: 24, bottleMonths: 4 },
      'meets',
    ],
    [
      'Brunello di Montalcino, product specification (from memory)',
      'brunello',
      'two years too young',
      { colour: 'red', grapes: grapes(['Brunello', 100]), abv: 13, totalMonths: 28, woodMonths: 24, bottleMonths: 4 },
      'fails',
    ],
    [
      'Brunello di Montalcino, product specification',
      'brunello',
      'a tenth of Merlot',
      { colour: 'red', grapes: grapes(['Sangiovese', 90], ['Merlot', 10]), abv: 13, woodMonths: 30, bottleMonths: 6 },
      'fails',
    ],
    [
      'Chianti Classico, product specification',
      'chianti-classico',
      '80 % Sangiovese, 12 % vol',
      { colour: 'red', grapes: grapes(['Sangiovese', 80], ['Merlot', 20]), abv: 12 },
      'meets',
    ],
    [
      'Chianti Classico, product specification',
      'chianti-classico-riserva',
      '20 months',
      { colour: 'red', grapes: grapes(['Sangiovese', 90]), abv: 13, totalMonths: 20, bottleMonths: 3 },
      'fails',
    ],
    ['RD 1363/2011 (Spanish ageing terms)', 'crianza', '24 months, 6 in wood', { colour: 'red', totalMonths: 24, woodMonths: 6 }, 'meets'],
    ['RD 1363/2011 (Spanish ageing terms)', 'reserva', '30 months', { colour: 'red', totalMonths: 30, woodMonths: 12 }, 'fails'],
    ['RD 1363/2011 (Spanish ageing terms)', 'gran-reserva', '60 months, 18 in wood', { colour: 'red', totalMonths: 60, woodMonths: 18 }, 'meets'],
    [
      'Ribera del Duero, product specification',
      'ribera-crianza',
      '75 % Tempranillo by its local name, 24 and 12 months',
      { colour: 'red', grapes: grapes(['Tinto Fino', 75], ['Merlot', 25]), totalMonths: 24, woodMonths: 12 },
      'meets',
    ],
    ['Rioja, product specification', 'rioja-crianza', '6 months in wood', { colour: 'red', totalMonths: 24, woodMonths: 6 }, 'fails'],
    [
      'Cava, product specification',
      'cava-reserva',
      '18 months on the lees, of 2021',
      { ...cava, leesMonths: 18, vintage: { kind: 'year', year: 2021 } },
      'meets',
    ],
    [
      'Cava, product specification (from memory)',
      'cava-reserva',
      'not organic, of 2025',
      { ...cava, leesMonths: 18, organic: false, vintage: { kind: 'year', year: 2025 } },
      'fails',
    ],
    ['Cava, product specification', 'cava', 'gas added', { ...cava, method: 'carbonated', leesMonths: 12 }, 'fails'],
    [
      'Cava, product specification',
      'cava-gran-reserva',
      '20 g/L of sugar',
      { ...cava, leesMonths: 36, sugar: 20, vintage: { kind: 'year', year: 2018 } },
      'fails',
    ],
    ['Côte-Rôtie, product specification', 'cote-rotie', 'a fifth of Merlot', { colour: 'red', grapes: grapes(['Syrah', 80], ['Merlot', 20]) }, 'fails'],
    ['Port, product specification (from memory)', 'port-white', 'a light dry white of 16.5 % vol', { colour: 'white', fortified: true, abv: 16.5 }, 'meets'],
    ['WeinG and WeinV (from memory)', 'auslese', '95 °Oe lies between what areas ask', { abv: 8, mustWeight: 95 }, 'unknown'],
    ['WeinG and WeinV (from memory)', 'auslese', '80 °Oe is too little for any area', { abv: 8, mustWeight: 80 }, 'fails'],
    ['Weingesetz (from memory)', 'at-auslese', '21 KMW, 105 °Oe', { abv: 8, mustWeight: 105 }, 'meets'],
    [
      'Chianti Classico, product specification (from memory)',
      'chianti-classico-selezione',
      '85 % Sangiovese of 2027',
      { colour: 'red', grapes: grapes(['Sangiovese', 85], ['Merlot', 15]), abv: 14, totalMonths: 30, bottleMonths: 3, vintage: { kind: 'year', year: 2027 } },
      'fails',
    ],
    ['Champagne, product specification', 'champagne-vintage', '30 months', { bubbles: 'sparkling', totalMonths: 30 }, 'fails'],
    ['Cornas, product specification', 'cornas', 'all Syrah', { colour: 'red', grapes: grapes(['Shiraz', 100]) }, 'meets'],
    ['Hermitage, product specification', 'hermitage', '84 % Syrah', { colour: 'red', grapes: grapes(['Syrah', 84], ['Marsanne', 16]) }, 'fails'],
    ['Condrieu, product specification', 'condrieu', 'all Viognier', { colour: 'white', grapes: grapes(['Viognier', 100]) }, 'meets'],
    ['Port, product specification', 'port', '19 to 22 % vol', { fortified: true, abv: 22.5 }, 'fails'],
    [
      'Port, product specification',
      'colheita',
      'seven years in wood',
      { colour: 'red', fortified: true, abv: 20, woodMonths: 84, vintage: { kind: 'year', year: 2013 } },
      'meets',
    ],
    ['Madeira, product specification', 'madeira', '17 to 22 % vol', { fortified: true, abv: 19 }, 'meets'],
    ['Tokaji, product specification', 'aszu-5', '120 g/L of sugar', { colour: 'white', sugar: 120, woodMonths: 18 }, 'meets'],
    ['Tokaji, product specification', 'aszu-6', '149 g/L', { colour: 'white', sugar: 149 }, 'fails'],
    [
      'Naoussa, product specification',
      'naoussa',
      'all Xinomavro, a year in wood',
      { colour: 'red', grapes: grapes(['Xinomavro', 100]), woodMonths: 12 },
      'meets',
    ],
    ['Nemea, product specification', 'nemea', 'nine tenths Agiorgitiko', { colour: 'red', grapes: grapes(['Agiorgitiko', 90], ['Syrah', 10]) }, 'fails'],
    ['Marsala, product specification', 'marsala-superiore', '18 % vol and 24 months', { fortified: true, abv: 18, totalMonths: 24, woodMonths: 24 }, 'meets'],
  ];
  for (const [source, id, says, values, wanted] of rows) published(source, `${id}, ${says}: ${wanted}`, () => expect(verdict(id, values)).toBe(wanted));
  it('a missing fact leaves it untold and is named', () => {
    const claim = appellationClaim(
      appellations.find((rule) => rule.id === 'barolo')!,
      facts({ colour: 'red', grapes: grapes(['Nebbiolo', 100]), abv: 13.5 }),
    );
    expect(claim).toMatchObject({ verdict: 'unknown', missing: ['totalMonths', 'woodMonths'] });
  });
  it('every rule can be met, a higher tier asks no less, and an unknown article is said to be unknown', () => {
    expect(appellations.length).toBeGreaterThanOrEqual(12);
    expect(new Set(appellations.map((rule) => rule.id)).size).toBe(appellations.length);
    for (const rule of appellations) {
      expect(['C', 'M']).toContain(rule.confidence);
      expect(rule.requirements.length).toBeGreaterThan(0);
      for (const ask of rule.requirements) if (ask.kind === 'grapes') for (const id of ask.of) expect(grapeNamed(id), id).toBeDefined();
      if (rule.source.article === null) expect(sourceInWords(rule.source)).toContain('article unknown');
    }
    // Each requirement of the name itself is asked of every term behind it, and no less.
    for (const base of appellations.filter((rule) => rule.of === undefined && !rule.term))
      for (const tier of appellations.filter((rule) => rule.of !== undefined && rule.family === base.family && rule.country === base.country))
        for (const ask of base.requirements) {
          const own = tier.requirements.filter((other) => other.kind === ask.kind && (!('fact' in ask) || ('fact' in other && other.fact === ask.fact)));
          if (ask.kind === 'grapes')
            expect(
              own.some((other) => other.kind === 'grapes' && other.atLeast >= ask.atLeast),
              `${tier.id} asks the grapes of ${base.id}`,
            ).toBe(true);
          if (ask.kind === 'at-least' && ask.fact === 'abv')
            expect(
              own.some((other) => other.kind === 'at-least' && other.value >= ask.value),
              `${tier.id} asks the strength of ${base.id}`,
            ).toBe(true);
        }
    expect(appellationClaims(facts({ appellation: 'Barolo DOCG' })).map((claim) => [claim.id, claim.aside])).toEqual([
      ['barolo', false],
      ['barolo-riserva', true],
    ]);
  });
  it('a name is matched whole, with its country and colour, and one without a rule says so', () => {
    const ids = (values: Record<string, unknown>) => appellationClaims(facts(values)).map((claim) => claim.id);
    expect(ids({ appellation: 'Crozes-Hermitage AOC', country: 'FR', colour: 'red' })).toEqual(['crozes-red']);
    expect(ids({ appellation: 'Chianti', country: 'IT', colour: 'red' })).toEqual(['no-rule']);
    expect(ids({ appellation: 'Maipo Valley Reserva', country: 'CL', colour: 'red' })).toEqual(['no-rule']);
    expect(ids({ appellation: 'Alentejo-Portalegre DOC', country: 'PT' })).toEqual(['no-rule']);
    expect(ids({ appellation: 'a', country: 'IT' })).toEqual(['no-rule']);
    expect(ids({ appellation: 'Tokaj', country: 'HU', colour: 'white' }).length).toBeGreaterThan(0);
    expect(appellationClaims(facts({ appellation: 'Tokaj', country: 'HU', colour: 'white' })).every((claim) => claim.aside)).toBe(true);
    const rioja = appellationClaims(facts({ appellation: 'Rioja DOCa Crianza', country: 'ES', colour: 'white', totalMonths: 18, woodMonths: 6 }));
    expect(rioja[0]).toMatchObject({ id: 'rioja-white-crianza', verdict: 'meets', aside: false });
    expect(rioja.some((claim) => claim.verdict === 'fails' && claim.aside !== true)).toBe(false);
    expect(ids({})).toEqual([]);
  });
  it('no wine is called unlawful for a category, a term or a country it never claimed', () => {
    const asti = facts({ bubbles: 'sparkling', method: 'tank', pressure: 5, abv: 7, sugar: 90, grapes: grapes(['Moscato', 100]) });
    expect(euCategory(asti)).toMatchObject({ id: 'aromatic-sparkling', verdict: 'meets' });
    const moscato = facts({ bubbles: 'light', method: 'tank', pressure: 1.7, abv: 5.5, sugar: 130, grapes: grapes(['Moscato', 100]) });
    expect(euCategory(moscato)).toMatchObject({ id: 'partially-fermented', verdict: 'meets' });
    for (const values of [
      { bubbles: 'light', pressure: 0.8, abv: 10 },
      { bubbles: 'light', abv: 5.5, sugar: 100 },
    ])
      expect(euCategory(facts(values)).id).not.toMatch(/aerated/);
    expect(euCategory(facts({ bubbles: 'still', abv: 0.4 })).id).toBe('de-alcoholised');
    expect(euCategory(facts({ bubbles: 'still', abv: 8, acidity: 6, originKind: 'pgi', fortified: false })).verdict).toBe('meets');
    expect(stillSweetnessTerm(facts({ fortified: true, sugar: 52, acidity: 8 })).id).toBe('sweetness-of-its-own');
    const napa = labelClaims(facts({ country: 'US', region: 'Napa Valley', originKind: 'ava', originShare: 90, grapes: grapes(['Merlot', 80]) }));
    expect(napa.some((claim) => claim.id === 'eu-origin')).toBe(false);
    expect(
      classifyWine(facts({ country: 'US', grapes: grapes(['Merlot', 80]) }))
        .filter((claim) => claim.aside)
        .map((claim) => claim.id),
    ).toContain('eu-variety');
  });
  published('Regulation (EU) 2019/33, art. 50(1)(a)(ii), from memory', 'two grapes that are all of the wine may both be named', () => {
    const blend = labelClaims(facts({ country: 'HU', grapes: grapes(['Hárslevelű', 20], ['Furmint', 80]) }));
    expect(blend.find((claim) => claim.id === 'eu-varieties')).toMatchObject({ verdict: 'meets', title: 'May name Furmint and Hárslevelű, EU' });
  });
  published('rules of Madeira, from memory', 'a Sercial of 55 g/L is dry, a Malvasia of 110 sweet', () => {
    const madeira = (sugar: number) => sweetnessWord(facts({ fortified: true, heated: true, sugar, acidity: 7, abv: 19 }));
    expect([55, 75, 90, 110].map(madeira)).toEqual(['dry', 'medium dry', 'medium sweet', 'sweet']);
  });
  it('a blend is not told that it may not bear one name of its grapes, and a botrytised wine of a protected name is wine', () => {
    const rows = labelClaims(facts({ country: 'PT', grapes: grapes(['Touriga Nacional', 70], ['Touriga Franca', 30]) }));
    expect(rows.filter((entry) => entry.verdict === 'fails' && entry.aside !== true)).toEqual([]);
    const aszu = { bubbles: 'still', abv: 10.5, sugar: 160, acidity: 9, country: 'HU', fortified: false };
    expect(euCategory(facts({ ...aszu, originKind: 'pdo' }))).toMatchObject({ id: 'wine', verdict: 'meets' });
    expect(euCategory(facts(aszu)).verdict).toBe('unknown');
    expect(euCategory(facts({ ...aszu, originKind: 'none' })).id).toBe('partially-fermented');
  });
  it('shares that cannot hold are said, and so is a term that another could stand for', () => {
    const impossible = labelClaims(
      facts({
        grapes: [
          { grape: 'Merlot', share: { kind: 'about', percent: 90 } },
          { grape: 'Syrah', share: { kind: 'about', percent: 40 } },
        ],
      }),
    );
    expect(impossible.find((entry) => entry.id === 'us-variety')).toMatchObject({ verdict: 'unknown', reasons: [{ id: 'shares-impossible' }] });
    const alone = labelClaims(facts({ grapes: grapes(['Merlot', undefined]) })).find((entry) => entry.id === 'us-variety')!;
    expect(alone.verdict).toBe('meets');
    expect(classifyWording['either-term'](stillSweetnessTerm(facts({ sugar: 45, acidity: 6 })).reasons[0]!.args)).toContain('sweet');
    const nature = (dosed?: boolean) => sweetnessTerm(facts({ bubbles: 'sparkling', sugar: 1, ...(dosed === undefined ? {} : { dosed }) }));
    expect(nature(false).word).toBe('brut nature');
    expect(nature(true).reasons[0]!.args['value']).not.toContain('nature');
    expect(nature().reasons[0]!.args['value']).toContain('if no sugar was added');
  });
  it('every reason of every claim has its sentence', () => {
    for (const claim of classifyWine(
      facts({
        bubbles: 'still',
        abv: 12,
        appellation: 'Rioja',
        grapes: grapes(['Tempranillo', undefined]),
        vintage: { kind: 'year', year: 2020 },
        region: 'x',
        sugar: 8,
        acidity: 5,
      }),
    ))
      for (const reason of claim.reasons) expect(classifyWording[reason.id](reason.args)).not.toMatch(/undefined|NaN/);
  });
});

describe('the strength on a label', () => {
  const rows: [string, Record<string, unknown>, number | undefined, number][] = [
    ['a young still wine', { abv: 13 }, 1, 0.5],
    ['a sparkling wine', { abv: 12, bubbles: 'sparkling' }, 1, 0.8],
    ['a liqueur wine', { abv: 19, fortified: true }, 1, 0.8],
    ['a protected name ten years old', { abv: 13, originKind: 'pdo' }, 10, 0.8],
    ['a protected name of unknown age', { abv: 13, originKind: 'pdo' }, undefined, 0.5],
  ];
  for (const [says, values, age, percent] of rows)
    published('Regulation (EU) 2019/33, art. 44', `${says}: within ${percent} % vol`, () => expect(alcoholTolerance(facts(values), age).percent).toBe(percent));
  published('27 CFR 4.36', 'in the United States within 1.5 % vol, 1 above 14', () => {
    expect(alcoholTolerance(facts({ abv: 13, country: 'US' }), 1).percent).toBe(1.5);
    expect(alcoholTolerance(facts({ abv: 15, country: 'US' }), 1).percent).toBe(1);
  });
});
