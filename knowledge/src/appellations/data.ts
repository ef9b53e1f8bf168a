import type { Requirement, Source } from '@rose/core/classify/classify';

/** A written rule of a protected name or a tier of it; an article or year we do not know is null and shown as unknown. */
export interface AppellationRule {
  readonly id: string;
  /** The names on the label that call up this rule, `|` between; matched whole. */
  readonly family: string;
  /** The term behind the name that this row is of; absent for the name itself. */
  readonly of?: string | undefined;
  /** A term of a country that may follow any name. */
  readonly term: boolean;
  readonly name: string;
  readonly country: string;
  readonly tier: string;
  readonly requirements: readonly Requirement[];
  readonly source: Source;
  /** C: sure of the row; M: from memory, to be checked against the current text. */
  readonly confidence: 'C' | 'M';
}

const spec = (country: string): Source => ({ text: { IT: 'product specification (disciplinare)', FR: 'product specification (cahier des charges)', ES: 'product specification (pliego)', PT: 'product specification (caderno)', HU: 'product specification', DE: 'WeinG and WeinV', AT: 'Weingesetz' , GR: 'product specification' }[country] ?? 'product specification', article: null, year: null });
type Ask = { colour?: string[]; bubbles?: string[]; method?: string[]; flor?: boolean; grapes?: [string[], number, string]; only?: [string[], string]; organicSince?: number; also?: [string[], number, string, since?: number]; abv?: number; total?: number; wood?: number; bottle?: number; lees?: number; sugarMin?: number; sugarMax?: number; fortified?: boolean; abvMax?: number; oneYear?: boolean; mustWeight?: number | [most: number, least: number] };
const rule = (id: string, family: string, name: string, country: string, tier: string, ask: Ask, source = spec(country), more: Partial<Pick<AppellationRule, 'of' | 'term' | 'confidence'>> = {}): AppellationRule => ({
  id, family, name, country, tier, source, confidence: 'C', term: false, ...more,
  requirements: [
    ...(ask.colour ? [{ kind: 'is', fact: 'colour', oneOf: ask.colour } as const] : []),
    ...(ask.bubbles ? [{ kind: 'is', fact: 'bubbles', oneOf: ask.bubbles } as const] : []),
    ...(ask.method ? [{ kind: 'is', fact: 'method', oneOf: ask.method } as const] : []),
    ...(ask.flor === undefined ? [] : [{ kind: ask.flor ? 'yes' : 'no', fact: 'underFlor' } as const]),
    ...(ask.fortified ? [{ kind: 'yes', fact: 'fortified' } as const] : []),
    ...(ask.grapes ? [{ kind: 'grapes', of: ask.grapes[0], atLeast: ask.grapes[1], label: ask.grapes[2] } as const] : []),
    ...(ask.only ? [{ kind: 'grapes', of: ask.only[0], atLeast: 100, label: ask.only[1] } as const] : []),
    ...(ask.also ? [{ kind: 'grapes', of: ask.also[0], atLeast: ask.also[1], label: ask.also[2], since: ask.also[3] } as const] : []),
    ...(ask.organicSince === undefined ? [] : [{ kind: 'yes', fact: 'organic', since: ask.organicSince } as const]),
    ...(ask.abv === undefined ? [] : [{ kind: 'at-least', fact: 'abv', value: ask.abv } as const]),
    ...(ask.abvMax === undefined ? [] : [{ kind: 'at-most', fact: 'abv', value: ask.abvMax } as const]),
    ...(ask.total === undefined ? [] : [{ kind: 'at-least', fact: 'totalMonths', value: ask.total } as const]),
    ...(ask.wood === undefined ? [] : [{ kind: 'at-least', fact: 'woodMonths', value: ask.wood } as const]),
    ...(ask.bottle === undefined ? [] : [{ kind: 'at-least', fact: 'bottleMonths', value: ask.bottle } as const]),
    ...(ask.lees === undefined ? [] : [{ kind: 'at-least', fact: 'leesMonths', value: ask.lees } as const]),
    ...(ask.sugarMin === undefined ? [] : [{ kind: 'at-least', fact: 'sugar', value: ask.sugarMin } as const]),
    ...(ask.sugarMax === undefined ? [] : [{ kind: 'at-most', fact: 'sugar', value: ask.sugarMax } as const]),
    ...(ask.oneYear ? [{ kind: 'one-year' } as const] : []),
    ...(ask.mustWeight === undefined ? [] : [{ kind: 'at-least', fact: 'mustWeight', ...(typeof ask.mustWeight === 'number' ? { value: ask.mustWeight } : { value: ask.mustWeight[0], elsewhere: { value: ask.mustWeight[1], by: 'growing area and grape' } }) } as const]),
  ],
});
const sangiovese: [string[], number, string] = [['sangiovese'], 80, 'Sangiovese'];
const only = (id: string, label: string): [string[], number, string] => [[id], 100, label];
const rhone: [string[], string] = [['syrah', 'marsanne', 'roussanne'], 'Syrah, Marsanne and Roussanne'];
const cava: Ask = { bubbles: ['sparkling'], method: ['bottle'], only: [['macabeo', 'xarello', 'parellada', 'chardonnay', 'malvasia', 'grenache', 'mourvedre', 'trepat', 'pinot-noir'], 'its nine grapes'] };
const only2 = (ids: string[], label: string): [string[], number, string] => [ids, 100, label];
/** A row written from memory; `of` is the term behind the name that it is of. */
const remembered = (id: string, family: string, name: string, country: string, tier: string, ask: Ask, of?: string): AppellationRule =>
  rule(id, family, name, country, tier, ask, undefined, { confidence: 'M', of });
/** A term of ripeness that may follow any name of its country; the least must weight, °Oe, goes by area and grape in Germany and by one ladder in Austria (KMW turned into °Oe). */
const ripeness = (id: string, term: string, country: 'DE' | 'AT', ask: Ask): AppellationRule =>
  rule(id, country === 'DE' ? germanAreas : term, term, country, 'Prädikat', ask, undefined, { confidence: 'M', ...(country === 'DE' ? { of: term } : { term: true }) });
const germanAreas = 'Mosel|Rheingau|Nahe|Pfalz|Rheinhessen|Franken|Baden|Württemberg|Mittelrhein|Ahr|Sachsen|Saale-Unstrut|Hessische Bergstraße';
const rd = { text: 'RD 1363/2011', article: null, year: 2011 };

export const appellations: readonly AppellationRule[] = [
  rule('chianti-classico', 'Chianti Classico', 'Chianti Classico', 'IT', 'DOCG', { colour: ['red'], grapes: sangiovese, abv: 12 }),
  rule('chianti-classico-riserva', 'Chianti Classico', 'Chianti Classico Riserva', 'IT', 'DOCG, riserva', { colour: ['red'], grapes: sangiovese, abv: 12.5, total: 24, bottle: 3 }, undefined, { of: 'riserva' }),
  rule('chianti-classico-selezione', 'Chianti Classico', 'Chianti Classico Gran Selezione', 'IT', 'DOCG, gran selezione', { colour: ['red'], grapes: sangiovese, also: [['sangiovese'], 90, 'Sangiovese', 2027], abv: 13, total: 30, bottle: 3 }, undefined, { of: 'gran selezione' }),
  rule('brunello', 'Brunello di Montalcino', 'Brunello di Montalcino', 'IT', 'DOCG', { colour: ['red'], grapes: only('sangiovese', 'Sangiovese'), abv: 12.5, total: 50, wood: 24, bottle: 4 }),
  rule('brunello-riserva', 'Brunello di Montalcino', 'Brunello di Montalcino Riserva', 'IT', 'DOCG, riserva', { colour: ['red'], grapes: only('sangiovese', 'Sangiovese'), abv: 12.5, total: 62, wood: 24, bottle: 6 }, undefined, { of: 'riserva' }),
  rule('rosso-montalcino', 'Rosso di Montalcino', 'Rosso di Montalcino', 'IT', 'DOC', { colour: ['red'], grapes: only('sangiovese', 'Sangiovese'), abv: 12 }),
  rule('barolo', 'Barolo', 'Barolo', 'IT', 'DOCG', { colour: ['red'], grapes: only('nebbiolo', 'Nebbiolo'), abv: 13, total: 38, wood: 18 }),
  rule('barolo-riserva', 'Barolo', 'Barolo Riserva', 'IT', 'DOCG, riserva', { colour: ['red'], grapes: only('nebbiolo', 'Nebbiolo'), abv: 13, total: 62, wood: 18 }, undefined, { of: 'riserva' }),
  rule('barbaresco', 'Barbaresco', 'Barbaresco', 'IT', 'DOCG', { colour: ['red'], grapes: only('nebbiolo', 'Nebbiolo'), abv: 12.5, total: 26, wood: 9 }),
  rule('barbaresco-riserva', 'Barbaresco', 'Barbaresco Riserva', 'IT', 'DOCG, riserva', { colour: ['red'], grapes: only('nebbiolo', 'Nebbiolo'), abv: 12.5, total: 50, wood: 9 }, undefined, { of: 'riserva' }),
  rule('marsala-fine', 'Marsala', 'Marsala Fine', 'IT', 'DOC, fine', { fortified: true, abv: 17.5, total: 12 }, undefined, { of: 'fine' }),
  rule('marsala-superiore', 'Marsala', 'Marsala Superiore', 'IT', 'DOC, superiore', { fortified: true, abv: 18, total: 24, wood: 24 }, undefined, { of: 'superiore' }),
  rule('marsala-vergine', 'Marsala', 'Marsala Vergine', 'IT', 'DOC, vergine', { fortified: true, abv: 18, total: 60, wood: 60 }, undefined, { of: 'vergine' }),
  rule('crianza', 'Crianza', 'Crianza, red', 'ES', 'national term', { colour: ['red'], total: 24, wood: 6 }, rd, { term: true }),
  rule('reserva', 'Reserva', 'Reserva, red', 'ES', 'national term', { colour: ['red'], total: 36, wood: 12 }, rd, { term: true }),
  rule('gran-reserva', 'Gran Reserva', 'Gran Reserva, red', 'ES', 'national term', { colour: ['red'], total: 60, wood: 18 }, rd, { term: true }),
  rule('rioja-crianza', 'Rioja', 'Rioja Crianza', 'ES', 'DOCa, crianza', { colour: ['red'], total: 24, wood: 12 }, undefined, { of: 'crianza' }),
  rule('rioja-reserva', 'Rioja', 'Rioja Reserva', 'ES', 'DOCa, reserva', { colour: ['red'], total: 36, wood: 12, bottle: 6 }, undefined, { of: 'reserva' }),
  rule('rioja-gran-reserva', 'Rioja', 'Rioja Gran Reserva', 'ES', 'DOCa, gran reserva', { colour: ['red'], total: 60, wood: 24 }, undefined, { of: 'gran reserva' }),
  rule('ribera-crianza', 'Ribera del Duero', 'Ribera del Duero Crianza', 'ES', 'DO, crianza', { colour: ['red'], grapes: [['tempranillo'], 75, 'Tempranillo'], total: 24, wood: 12 }, undefined, { of: 'crianza' }),
  rule('ribera-reserva', 'Ribera del Duero', 'Ribera del Duero Reserva', 'ES', 'DO, reserva', { colour: ['red'], grapes: [['tempranillo'], 75, 'Tempranillo'], total: 36, wood: 12 }, undefined, { of: 'reserva' }),
  rule('ribera-gran-reserva', 'Ribera del Duero', 'Ribera del Duero Gran Reserva', 'ES', 'DO, gran reserva', { colour: ['red'], grapes: [['tempranillo'], 75, 'Tempranillo'], total: 60, wood: 24 }, undefined, { of: 'gran reserva' }),
  rule('cava', 'Cava', 'Cava de Guarda', 'ES', 'DO', { ...cava, lees: 9 }),
  rule('cava-reserva', 'Cava', 'Cava Reserva', 'ES', 'DO, reserva', { ...cava, lees: 18, organicSince: 2025 }, undefined, { of: 'reserva' }),
  rule('cava-gran-reserva', 'Cava', 'Cava Gran Reserva', 'ES', 'DO, gran reserva', { ...cava, lees: 30, sugarMax: 12, organicSince: 2025 }, undefined, { of: 'gran reserva' }),
  rule('champagne', 'Champagne', 'Champagne, no vintage', 'FR', 'AOC', { bubbles: ['sparkling'], lees: 12, total: 15 }),
  rule('champagne-vintage', 'Champagne', 'Champagne, vintage', 'FR', 'AOC, vintage', { oneYear: true, bubbles: ['sparkling'], total: 36 }, undefined, { of: 'vintage' }),
  rule('cornas', 'Cornas', 'Cornas', 'FR', 'AOC', { colour: ['red'], grapes: only('syrah', 'Syrah') }),
  rule('hermitage', 'Hermitage', 'Hermitage, red', 'FR', 'AOC', { colour: ['red'], grapes: [['syrah'], 85, 'Syrah'], only: rhone }),
  rule('cote-rotie', 'Côte-Rôtie', 'Côte-Rôtie', 'FR', 'AOC', { colour: ['red'], grapes: [['syrah'], 80, 'Syrah'], only: [['syrah', 'viognier'], 'Syrah and Viognier'] }),
  rule('saint-joseph', 'Saint-Joseph', 'Saint-Joseph, red', 'FR', 'AOC', { colour: ['red'], grapes: [['syrah'], 90, 'Syrah'], only: rhone }),
  rule('condrieu', 'Condrieu', 'Condrieu', 'FR', 'AOC', { colour: ['white'], grapes: only('viognier', 'Viognier') }),
  rule('sancerre', 'Sancerre', 'Sancerre, white', 'FR', 'AOC', { colour: ['white'], grapes: only('sauvignon', 'Sauvignon Blanc') }),
  rule('vin-jaune', 'Château-Chalon', 'Château-Chalon, under the veil', 'FR', 'AOC', { colour: ['white'], grapes: only('savagnin', 'Savagnin'), wood: 60 }),
  rule('port', 'Port|Porto|Vinho do Porto', 'Port', 'PT', 'DOC', { colour: ['red', 'rose', 'amber'], fortified: true, abv: 19, abvMax: 22 }),
  remembered('port-white', 'Port|Porto|Vinho do Porto', 'Port, white', 'PT', 'DOC; a light dry one from 16.5 % vol', { colour: ['white'], fortified: true, abv: 16.5, abvMax: 22 }),
  rule('colheita', 'Port|Porto|Vinho do Porto', 'Port Colheita', 'PT', 'DOC, colheita', { oneYear: true, fortified: true, abv: 19, abvMax: 22, wood: 84 }, undefined, { of: 'colheita' }),
  rule('madeira', 'Madeira', 'Madeira', 'PT', 'DOP', { fortified: true, abv: 17, abvMax: 22 }),
  rule('garrafeira', 'Garrafeira', 'Garrafeira, red', 'PT', 'national term', { colour: ['red'], total: 30, bottle: 12 }, undefined, { term: true }),
  rule('aszu-5', 'Tokaj|Tokaji|Tokaji Aszú', 'Tokaji Aszú, 5 puttonyos', 'HU', 'OEM', { colour: ['white'], sugarMin: 120, wood: 18 }, undefined, { of: '5 puttonyos' }),
  rule('aszu-6', 'Tokaj|Tokaji|Tokaji Aszú', 'Tokaji Aszú, 6 puttonyos', 'HU', 'OEM, higher', { colour: ['white'], sugarMin: 150, wood: 18 }, undefined, { of: '6 puttonyos' }),
  remembered('naoussa', 'Naoussa', 'Naoussa', 'GR', 'PDO', { colour: ['red'], grapes: only('xinomavro', 'Xinomavro'), wood: 12 }),
  rule('nemea', 'Nemea', 'Nemea', 'GR', 'PDO', { colour: ['red'], grapes: only('agiorgitiko', 'Agiorgitiko') }),
  // From memory: each is to be checked against the current text.
  remembered('picpoul', 'Picpoul de Pinet', 'Picpoul de Pinet', 'FR', 'AOC', { colour: ['white'], grapes: only('picpoul-blanc', 'Piquepoul Blanc') }),
  remembered('muscadet', 'Muscadet|Muscadet Sèvre et Maine', 'Muscadet Sèvre et Maine', 'FR', 'AOC', { colour: ['white'], grapes: only('melon', 'Melon') }),
  remembered('tavel', 'Tavel', 'Tavel', 'FR', 'AOC', { colour: ['rose'], abv: 11 }),
  remembered('crozes-red', 'Crozes-Hermitage', 'Crozes-Hermitage, red', 'FR', 'AOC', { colour: ['red'], grapes: [['syrah'], 85, 'Syrah'], only: rhone }),
  remembered('cotes-du-rhone', 'Côtes du Rhône', 'Côtes du Rhône, red', 'FR', 'AOC', { colour: ['red'], grapes: [['grenache'], 30, 'Grenache'], abv: 11 }),
  remembered('cremant-bourgogne', 'Crémant de Bourgogne', 'Crémant de Bourgogne', 'FR', 'AOC', { bubbles: ['sparkling'], method: ['bottle'], lees: 9 }),
  remembered('banyuls', 'Banyuls', 'Banyuls', 'FR', 'AOC', { fortified: true, grapes: [['grenache', 'grenache-gris', 'grenache-blanc'], 50, 'Grenache'], abv: 15 }),
  remembered('banyuls-grand-cru', 'Banyuls', 'Banyuls Grand Cru', 'FR', 'AOC, grand cru', { fortified: true, grapes: [['grenache'], 75, 'Grenache'], abv: 15, wood: 30 }, 'grand cru'),
  remembered('sauternes', 'Sauternes', 'Sauternes', 'FR', 'AOC', { colour: ['white'], grapes: [['semillon', 'sauvignon', 'muscadelle', 'sauvignon-gris'], 100, 'its grapes'], sugarMin: 45 }),
  remembered('vin-jaune-jura', 'Côtes du Jura|Arbois|L’Étoile', 'Vin jaune', 'FR', 'AOC, vin jaune', { colour: ['white'], grapes: only('savagnin', 'Savagnin'), flor: true, wood: 60 }, 'vin jaune'),
  remembered('vin-de-paille', 'Côtes du Jura|Arbois|L’Étoile', 'Vin de paille', 'FR', 'AOC, vin de paille', { colour: ['white'], abv: 14, wood: 18 }, 'vin de paille'),
  remembered('soave', 'Soave|Soave Classico', 'Soave Classico', 'IT', 'DOC', { colour: ['white'], grapes: [['garganega'], 70, 'Garganega'] }),
  remembered('vermentino-sardegna', 'Vermentino di Sardegna', 'Vermentino di Sardegna', 'IT', 'DOC', { colour: ['white'], grapes: [['vermentino'], 85, 'Vermentino'] }),
  remembered('barbera-asti', 'Barbera d’Asti', 'Barbera d’Asti', 'IT', 'DOCG', { colour: ['red'], grapes: [['barbera'], 90, 'Barbera'], abv: 12 }),
  remembered('valpolicella', 'Valpolicella', 'Valpolicella', 'IT', 'DOC', { colour: ['red'], grapes: [['corvina', 'corvinone'], 45, 'Corvina and Corvinone'], also: [['rondinella'], 5, 'Rondinella'], abv: 11 }),
  remembered('amarone', 'Amarone della Valpolicella', 'Amarone della Valpolicella', 'IT', 'DOCG', { colour: ['red'], grapes: [['corvina', 'corvinone'], 45, 'Corvina and Corvinone'], also: [['rondinella'], 5, 'Rondinella'], abv: 14, sugarMax: 12 }),
  remembered('primitivo-manduria', 'Primitivo di Manduria', 'Primitivo di Manduria', 'IT', 'DOC', { colour: ['red'], grapes: [['primitivo'], 85, 'Primitivo'], abv: 13.5 }),
  remembered('franciacorta', 'Franciacorta', 'Franciacorta', 'IT', 'DOCG', { bubbles: ['sparkling'], method: ['bottle'], lees: 18 }),
  remembered('franciacorta-saten', 'Franciacorta', 'Franciacorta Satèn', 'IT', 'DOCG, Satèn', { bubbles: ['sparkling'], method: ['bottle'], grapes: only2(['chardonnay', 'pinot-blanc'], 'white grapes'), lees: 24, sugarMax: 15 }, 'satèn'),
  remembered('franciacorta-millesimato', 'Franciacorta', 'Franciacorta Millesimato', 'IT', 'DOCG, millesimato', { bubbles: ['sparkling'], method: ['bottle'], lees: 30 }, 'millesimato'),
  remembered('franciacorta-riserva', 'Franciacorta', 'Franciacorta Riserva', 'IT', 'DOCG, riserva', { bubbles: ['sparkling'], method: ['bottle'], lees: 60 }, 'riserva'),
  remembered('grasparossa', 'Lambrusco Grasparossa di Castelvetro', 'Lambrusco Grasparossa di Castelvetro', 'IT', 'DOC', { grapes: [['lambrusco-grasparossa'], 85, 'Lambrusco Grasparossa'] }),
  remembered('moscato-asti', 'Moscato d’Asti', 'Moscato d’Asti', 'IT', 'DOCG', { colour: ['white'], grapes: only('muscat', 'Muscat'), abv: 4.5, abvMax: 6.5 }),
  remembered('marsala-superiore-riserva', 'Marsala', 'Marsala Superiore Riserva', 'IT', 'DOC, superiore riserva', { fortified: true, abv: 18, total: 48, wood: 48 }, 'superiore riserva'),
  ripeness('kabinett', 'Kabinett', 'DE', { abv: 7, mustWeight: [85, 67] }),
  ripeness('spatlese', 'Spätlese', 'DE', { abv: 7, mustWeight: [95, 76] }),
  ripeness('auslese', 'Auslese', 'DE', { abv: 7, mustWeight: [105, 83] }),
  ripeness('beerenauslese', 'Beerenauslese', 'DE', { abv: 5.5, mustWeight: [128, 110] }),
  ripeness('eiswein', 'Eiswein', 'DE', { abv: 5.5, mustWeight: [128, 110] }),
  ripeness('trockenbeerenauslese', 'Trockenbeerenauslese', 'DE', { abv: 5.5, mustWeight: [154, 150] }),
  ripeness('at-kabinett', 'Kabinett', 'AT', { abv: 9, abvMax: 13, sugarMax: 9, mustWeight: 84 }),
  ripeness('at-spatlese', 'Spätlese', 'AT', { abv: 5, mustWeight: 94 }),
  ripeness('at-auslese', 'Auslese', 'AT', { abv: 5, mustWeight: 105 }),
  ripeness('at-beerenauslese', 'Beerenauslese', 'AT', { abv: 5, mustWeight: 127 }),
  ripeness('at-eiswein', 'Eiswein', 'AT', { abv: 5, mustWeight: 127 }),
  ripeness('at-trockenbeerenauslese', 'Trockenbeerenauslese', 'AT', { abv: 5, mustWeight: 156 }),
  remembered('fino', 'Jerez-Xérès-Sherry|Jerez|Sherry', 'Fino', 'ES', 'DO, fino', { fortified: true, flor: true, abv: 15, abvMax: 17, sugarMax: 5 }, 'fino'),
  remembered('oloroso', 'Jerez-Xérès-Sherry|Jerez|Sherry', 'Oloroso', 'ES', 'DO, oloroso', { fortified: true, flor: false, abv: 17, abvMax: 22, sugarMax: 5 }, 'oloroso'),
  remembered('cream', 'Jerez-Xérès-Sherry|Jerez|Sherry', 'Cream', 'ES', 'DO, cream', { fortified: true, abv: 15.5, abvMax: 22, sugarMin: 115, sugarMax: 140 }, 'cream'),
  remembered('sherry-px', 'Jerez-Xérès-Sherry|Jerez|Sherry', 'Pedro Ximénez', 'ES', 'DO, Pedro Ximénez', { fortified: true, grapes: [['pedro-ximenez'], 85, 'Pedro Ximénez'], abv: 15, abvMax: 22, sugarMin: 212 }, 'pedro ximénez'),
  remembered('rioja-white-crianza', 'Rioja', 'Rioja Crianza, white', 'ES', 'DOCa, crianza', { colour: ['white', 'rose'], total: 18, wood: 6 }, 'crianza'),
  remembered('rioja-white-gran-reserva', 'Rioja', 'Rioja Gran Reserva, white', 'ES', 'DOCa, gran reserva', { colour: ['white', 'rose'], total: 48, wood: 6 }, 'gran reserva'),
  remembered('ribera', 'Ribera del Duero', 'Ribera del Duero', 'ES', 'DO', { colour: ['red'], grapes: [['tempranillo'], 75, 'Tempranillo'] }),
  remembered('aszu', 'Tokaj|Tokaji|Tokaji Aszú', 'Aszú', 'HU', 'OEM, aszú', { colour: ['white'], sugarMin: 120, wood: 18 }, 'aszú'),
  remembered('eszencia', 'Tokaj|Tokaji|Tokaji Eszencia', 'Eszencia', 'HU', 'OEM, eszencia', { colour: ['white'], sugarMin: 450 }, 'eszencia'),
  remembered('madeira-colheita', 'Madeira', 'Madeira Colheita', 'PT', 'DOP, colheita', { oneYear: true, fortified: true, abv: 17, abvMax: 22, wood: 60 }, 'colheita'),
  remembered('frasqueira', 'Madeira', 'Frasqueira', 'PT', 'DOP, frasqueira', { oneYear: true, fortified: true, abv: 17, abvMax: 22, wood: 240 }, 'frasqueira'),
];
