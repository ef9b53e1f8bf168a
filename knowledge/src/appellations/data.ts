import type { Requirement, Source } from '@rose/core/classify/classify';

/** A written rule of a protected name or a tier of it. Only rows we are certain of; an article or year we do not know is null and shown as unknown. */
export interface AppellationRule {
  readonly id: string;
  /** The name on the label that calls up this rule and its tiers. */
  readonly family: string;
  readonly name: string;
  readonly country: string;
  readonly tier: string;
  readonly requirements: readonly Requirement[];
  readonly source: Source;
  readonly confidence: 'C';
}

const spec = (country: string): Source => ({ text: { IT: 'product specification (disciplinare)', FR: 'product specification (cahier des charges)', ES: 'product specification (pliego)', PT: 'product specification (caderno)', HU: 'product specification', DE: 'WeinG and WeinV', AT: 'Weingesetz' , GR: 'product specification' }[country] ?? 'product specification', article: null, year: null });
type Ask = { colour?: string[]; bubbles?: string[]; grapes?: [string[], number, string]; abv?: number; total?: number; wood?: number; bottle?: number; lees?: number; sugarMin?: number; sugarMax?: number; fortified?: boolean; abvMax?: number; mustWeight?: number };
const rule = (id: string, family: string, name: string, country: string, tier: string, ask: Ask, source = spec(country)): AppellationRule => ({
  id, family, name, country, tier, source, confidence: 'C',
  requirements: [
    ...(ask.colour ? [{ kind: 'is', fact: 'colour', oneOf: ask.colour } as const] : []),
    ...(ask.bubbles ? [{ kind: 'is', fact: 'bubbles', oneOf: ask.bubbles } as const] : []),
    ...(ask.fortified ? [{ kind: 'yes', fact: 'fortified' } as const] : []),
    ...(ask.grapes ? [{ kind: 'grapes', of: ask.grapes[0], atLeast: ask.grapes[1], label: ask.grapes[2] } as const] : []),
    ...(ask.abv === undefined ? [] : [{ kind: 'at-least', fact: 'abv', value: ask.abv } as const]),
    ...(ask.abvMax === undefined ? [] : [{ kind: 'at-most', fact: 'abv', value: ask.abvMax } as const]),
    ...(ask.total === undefined ? [] : [{ kind: 'at-least', fact: 'totalMonths', value: ask.total } as const]),
    ...(ask.wood === undefined ? [] : [{ kind: 'at-least', fact: 'woodMonths', value: ask.wood } as const]),
    ...(ask.bottle === undefined ? [] : [{ kind: 'at-least', fact: 'bottleMonths', value: ask.bottle } as const]),
    ...(ask.lees === undefined ? [] : [{ kind: 'at-least', fact: 'leesMonths', value: ask.lees } as const]),
    ...(ask.sugarMin === undefined ? [] : [{ kind: 'at-least', fact: 'sugar', value: ask.sugarMin } as const]),
    ...(ask.sugarMax === undefined ? [] : [{ kind: 'at-most', fact: 'sugar', value: ask.sugarMax } as const]),
    ...(ask.mustWeight === undefined ? [] : [{ kind: 'at-least', fact: 'mustWeight', value: ask.mustWeight } as const]),
  ],
});
const sangiovese: [string[], number, string] = [['sangiovese'], 80, 'Sangiovese'];
const only = (id: string, label: string): [string[], number, string] => [[id], 100, label];
const rd = { text: 'RD 1363/2011', article: null, year: 2011 };

export const appellations: readonly AppellationRule[] = [
  rule('chianti-classico', 'Chianti Classico', 'Chianti Classico', 'IT', 'DOCG', { colour: ['red'], grapes: sangiovese, abv: 12 }),
  rule('chianti-classico-riserva', 'Chianti Classico', 'Chianti Classico Riserva', 'IT', 'DOCG, riserva', { colour: ['red'], grapes: sangiovese, abv: 12.5, total: 24, bottle: 3 }),
  rule('chianti-classico-selezione', 'Chianti Classico', 'Chianti Classico Gran Selezione', 'IT', 'DOCG, gran selezione', { colour: ['red'], abv: 13, total: 30, bottle: 3 }),
  rule('brunello', 'Brunello di Montalcino', 'Brunello di Montalcino', 'IT', 'DOCG', { colour: ['red'], grapes: only('sangiovese', 'Sangiovese'), abv: 12.5, wood: 24, bottle: 4 }),
  rule('brunello-riserva', 'Brunello di Montalcino', 'Brunello di Montalcino Riserva', 'IT', 'DOCG, riserva', { colour: ['red'], grapes: only('sangiovese', 'Sangiovese'), abv: 12.5, wood: 24, bottle: 6 }),
  rule('rosso-montalcino', 'Rosso di Montalcino', 'Rosso di Montalcino', 'IT', 'DOC', { colour: ['red'], grapes: only('sangiovese', 'Sangiovese'), abv: 12 }),
  rule('barolo', 'Barolo', 'Barolo', 'IT', 'DOCG', { colour: ['red'], grapes: only('nebbiolo', 'Nebbiolo'), abv: 13, total: 38, wood: 18 }),
  rule('barolo-riserva', 'Barolo', 'Barolo Riserva', 'IT', 'DOCG, riserva', { colour: ['red'], grapes: only('nebbiolo', 'Nebbiolo'), abv: 13, total: 62, wood: 18 }),
  rule('barbaresco', 'Barbaresco', 'Barbaresco', 'IT', 'DOCG', { colour: ['red'], grapes: only('nebbiolo', 'Nebbiolo'), abv: 12.5, total: 26, wood: 9 }),
  rule('barbaresco-riserva', 'Barbaresco', 'Barbaresco Riserva', 'IT', 'DOCG, riserva', { colour: ['red'], grapes: only('nebbiolo', 'Nebbiolo'), abv: 12.5, total: 50, wood: 9 }),
  rule('marsala-fine', 'Marsala', 'Marsala Fine', 'IT', 'DOC, fine', { fortified: true, abv: 17.5, total: 12 }),
  rule('marsala-superiore', 'Marsala', 'Marsala Superiore', 'IT', 'DOC, superiore', { fortified: true, abv: 18, total: 24 }),
  rule('marsala-vergine', 'Marsala', 'Marsala Vergine', 'IT', 'DOC, vergine', { fortified: true, total: 60 }),
  rule('crianza', 'Crianza', 'Crianza, red', 'ES', 'national term', { colour: ['red'], total: 24, wood: 6 }, rd),
  rule('reserva', 'Reserva', 'Reserva, red', 'ES', 'national term', { colour: ['red'], total: 36, wood: 12 }, rd),
  rule('gran-reserva', 'Gran Reserva', 'Gran Reserva, red', 'ES', 'national term', { colour: ['red'], total: 60, wood: 18 }, rd),
  rule('rioja-crianza', 'Rioja', 'Rioja Crianza', 'ES', 'DOCa, crianza', { colour: ['red'], total: 24, wood: 12 }),
  rule('rioja-reserva', 'Rioja', 'Rioja Reserva', 'ES', 'DOCa, reserva', { colour: ['red'], total: 36, wood: 12, bottle: 6 }),
  rule('rioja-gran-reserva', 'Rioja', 'Rioja Gran Reserva', 'ES', 'DOCa, gran reserva', { colour: ['red'], total: 60, wood: 24 }),
  rule('ribera-crianza', 'Ribera del Duero', 'Ribera del Duero Crianza', 'ES', 'DO, crianza', { colour: ['red'], grapes: [['tempranillo'], 75, 'Tempranillo'], total: 24, wood: 12 }),
  rule('ribera-reserva', 'Ribera del Duero', 'Ribera del Duero Reserva', 'ES', 'DO, reserva', { colour: ['red'], grapes: [['tempranillo'], 75, 'Tempranillo'], total: 36, wood: 12 }),
  rule('ribera-gran-reserva', 'Ribera del Duero', 'Ribera del Duero Gran Reserva', 'ES', 'DO, gran reserva', { colour: ['red'], grapes: [['tempranillo'], 75, 'Tempranillo'], total: 60, wood: 24 }),
  rule('cava', 'Cava', 'Cava de Guarda', 'ES', 'DO', { bubbles: ['sparkling'], lees: 9 }),
  rule('cava-reserva', 'Cava', 'Cava Reserva', 'ES', 'DO, reserva', { bubbles: ['sparkling'], lees: 18 }),
  rule('cava-gran-reserva', 'Cava', 'Cava Gran Reserva', 'ES', 'DO, gran reserva', { bubbles: ['sparkling'], lees: 30 }),
  rule('champagne', 'Champagne', 'Champagne, no vintage', 'FR', 'AOC', { bubbles: ['sparkling'], lees: 12, total: 15 }),
  rule('champagne-vintage', 'Champagne', 'Champagne, vintage', 'FR', 'AOC, vintage', { bubbles: ['sparkling'], total: 36 }),
  rule('cornas', 'Cornas', 'Cornas', 'FR', 'AOC', { colour: ['red'], grapes: only('syrah', 'Syrah') }),
  rule('hermitage', 'Hermitage', 'Hermitage, red', 'FR', 'AOC', { colour: ['red'], grapes: [['syrah'], 85, 'Syrah'] }),
  rule('cote-rotie', 'Côte-Rôtie', 'Côte-Rôtie', 'FR', 'AOC', { colour: ['red'], grapes: [['syrah'], 80, 'Syrah'] }),
  rule('saint-joseph', 'Saint-Joseph', 'Saint-Joseph, red', 'FR', 'AOC', { colour: ['red'], grapes: [['syrah'], 90, 'Syrah'] }),
  rule('condrieu', 'Condrieu', 'Condrieu', 'FR', 'AOC', { colour: ['white'], grapes: only('viognier', 'Viognier') }),
  rule('sancerre', 'Sancerre', 'Sancerre, white', 'FR', 'AOC', { colour: ['white'], grapes: only('sauvignon', 'Sauvignon Blanc') }),
  rule('vin-jaune', 'Château-Chalon', 'Château-Chalon, under the veil', 'FR', 'AOC', { colour: ['white'], grapes: only('savagnin', 'Savagnin'), wood: 60 }),
  rule('port', 'Port', 'Port', 'PT', 'DOC', { fortified: true, abv: 19, abvMax: 22 }),
  rule('colheita', 'Port', 'Port Colheita', 'PT', 'DOC, colheita', { fortified: true, abv: 19, abvMax: 22, wood: 84 }),
  rule('madeira', 'Madeira', 'Madeira', 'PT', 'DOP', { fortified: true, abv: 17, abvMax: 22 }),
  rule('garrafeira', 'Garrafeira', 'Garrafeira, red', 'PT', 'national term', { colour: ['red'], total: 30, bottle: 12 }),
  rule('aszu-5', 'Tokaji Aszú', 'Tokaji Aszú, 5 puttonyos', 'HU', 'OEM', { colour: ['white'], sugarMin: 120 }),
  rule('aszu-6', 'Tokaji Aszú', 'Tokaji Aszú, 6 puttonyos', 'HU', 'OEM, higher', { colour: ['white'], sugarMin: 150 }),
  rule('naoussa', 'Naoussa', 'Naoussa', 'GR', 'PDO', { colour: ['red'], grapes: only('xinomavro', 'Xinomavro') }),
  rule('nemea', 'Nemea', 'Nemea', 'GR', 'PDO', { colour: ['red'], grapes: only('agiorgitiko', 'Agiorgitiko') }),
];
