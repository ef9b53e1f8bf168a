import { archetypeScales, type Archetype, type Making } from '@rose/core/deduce/archetype';
import { hueLadders } from '@rose/core/wine/observables';
import { clamp } from '@rose/core/wine/units';
import type { FamilyId } from '../smells/index';
import { generalStyle } from '../styles/index';

type Smells = Partial<Record<FamilyId, number>>;
/** "citrus 8 stony 4": the chance, in tenths, that an attentive taster names a smell of the family. */
const smells = (text: string): Smells => {
  const parts = text.split(' ');
  return Object.fromEntries(parts.flatMap((word, i) => (i % 2 === 0 ? [[word, Number(parts[i + 1]) / 10]] : [])));
};

type Kind = Archetype;
/** How the tannin of a grape feels (common practice): a fine dust, large and drying, or round. */
const grains: Readonly<Record<string, Archetype['grain']>> = {
  Nebbiolo: 'dust', Xinomavro: 'dust', 'Nerello Mascalese': 'dust', Sangiovese: 'dust', 'Cabernet Sauvignon': 'coarse', Tannat: 'coarse', Saperavi: 'coarse',
  Merlot: 'silk', Malbec: 'silk', 'Pinot Noir': 'silk', Gamay: 'silk', Grenache: 'silk',
};
/** A young wine of a grape as it is usually met; readings, hue and depth are those of its general style. */
function kind(
  id: string,
  name: string,
  grape: string,
  style: string,
  climate: Archetype['climate'],
  price: Archetype['price'],
  smelt: string,
  making: readonly Making[] = [],
  rest: Partial<Pick<Archetype, 'vessel' | 'age' | 'hue' | 'source'>> = {},
): Kind {
  const general = generalStyle(style);
  return {
    id,
    name,
    grape,
    colour: general.colour,
    climate,
    price,
    age: 'young',
    vessel: 'neutral',
    making,
    scales: Object.fromEntries(archetypeScales.map((scale) => [scale, general.loads[scale]])) as unknown as Archetype['scales'],
    hue: general.hue,
    depth: general.depth,
    smells: smells(smelt),
    ...(grains[grape] === undefined ? {} : { grain: grains[grape] }),
    source: 'common practice',
    ...rest,
  };
}

const shifted = (of: Kind, by: Partial<Record<(typeof archetypeScales)[number], number>>): Archetype['scales'] =>
  Object.fromEntries(archetypeScales.map((scale) => [scale, clamp(of.scales[scale] + (by[scale] ?? 0), 0, 100)])) as unknown as Archetype['scales'];
const scaled = (of: Smells, by: (family: FamilyId) => number): Smells =>
  Object.fromEntries(Object.entries(of).map(([family, chance]) => [family, Math.min(0.95, chance * by(family as FamilyId))]));
const fresh = new Set<FamilyId>(['citrus', 'orchard', 'stone', 'tropical', 'red', 'dark', 'flower', 'herb', 'vegetable']);
/** A hue some rungs on along its ladder: colour runs one way with age (textbooks on the colour of ageing wine). */
function older(hue: string, rungs: number): string {
  const ladder = Object.keys(Object.values(hueLadders).find((entry) => hue in entry)!);
  return ladder[Math.min(ladder.length - 1, ladder.indexOf(hue) + rungs)]!;
}

/** The same wine after years: fruit recedes, smells of age come, tannin softens, a red grows paler and browner, a white deeper. */
function aged(of: Kind, id: string, name: string, extra: string, age: 'some' | 'old' = 'old'): Kind {
  const much = age === 'old' ? 1 : 0.5;
  const red = of.colour === 'red';
  return {
    ...of,
    id,
    name,
    age,
    price: 'dearer',
    hue: older(of.hue, age === 'old' ? 2 : 1),
    depth: clamp(of.depth + (red ? -16 : 14) * much, 5, 95),
    scales: shifted(of, { tannin: -20 * much, length: 10 * much, body: -4 * much, acidity: -3 * much }),
    smells: { ...scaled(of.smells, (family) => (fresh.has(family) ? 1 - 0.45 * much : 1)), ...smells(extra) },
  };
}
/** The same wine from wood: its spice and toast, a rounder and longer mouth; from used wood a trace of it. */
function wooded(of: Kind, id: string, name: string, vessel: 'used' | 'new', extra = ''): Kind {
  const fresh = vessel === 'new';
  return {
    ...of,
    id,
    name,
    vessel,
    price: fresh ? 'dearer' : of.price === 'cheaper' ? 'middle' : of.price,
    scales: shifted(of, { body: fresh ? 9 : 4, length: fresh ? 8 : 4, intensity: fresh ? 6 : 2, acidity: fresh ? -5 : -2, tannin: of.colour === 'red' && fresh ? 5 : 0 }),
    depth: clamp(of.depth + (of.colour === 'red' ? 4 : 10), 5, 95),
    hue: of.colour === 'white' && fresh ? older(of.hue, 1) : of.hue,
    smells: { ...of.smells, wood: fresh ? 0.85 : 0.35, spice: Math.max(of.smells['spice'] ?? 0, fresh ? 0.6 : 0.25), sweet: fresh ? 0.4 : 0.12, ...(extra === '' ? {} : smells(extra)) },
  };
}
/** The same grape from a warmer or a cooler place: sugar, alcohol and ripe fruit against acid and sharp fruit. */
function moved(of: Kind, id: string, name: string, climate: 'cool' | 'warm', smelt: string): Kind {
  const way = climate === 'warm' ? 1 : -1;
  return { ...of, id, name, climate, scales: shifted(of, { acidity: -14 * way, alcohol: 11 * way, body: 9 * way, tannin: of.colour === 'red' ? -4 * way : 0 }), smells: smells(smelt) };
}

const riesling = kind('riesling', 'young dry Riesling', 'Riesling', 'dry-riesling', 'cool', 'middle', 'citrus 8 orchard 5 stone 4 flower 5 stony 4 petrol 2');
const sauvignon = kind('sauvignon', 'cool green Sauvignon', 'Sauvignon Blanc', 'green-aromatic', 'cool', 'middle', 'citrus 7 herb 8 tropical 5 orchard 3 vegetable 4 stony 3');
const chardonnay = kind('chardonnay', 'cool unoaked Chardonnay', 'Chardonnay', 'cool-unoaked', 'cool', 'middle', 'citrus 7 orchard 7 stony 4 flower 2 stone 2');
const chardonnayOak: Kind = {
  ...wooded(chardonnay, 'chardonnay-oak', 'Chardonnay from new oak', 'new', 'dairy 5 nut 3 bread 3 orchard 6 stone 4'),
  making: ['malolactic', 'lees'],
};
const chenin = kind('chenin', 'young dry Chenin', 'Chenin Blanc', 'dry-chenin', 'cool', 'middle', 'orchard 8 citrus 4 flower 4 honey 3 stony 3');
const semillon = kind('semillon', 'young lean Sémillon', 'Sémillon', 'plain-light', 'moderate', 'middle', 'citrus 8 herb 4 orchard 3 stony 2');
const viognier = kind('viognier', 'Viognier', 'Viognier', 'soft-aromatic', 'warm', 'middle', 'stone 9 flower 7 tropical 3 spice 3');
const assyrtiko = kind('assyrtiko', 'salty, sharp Assyrtiko', 'Assyrtiko', 'island', 'warm', 'middle', 'citrus 8 stony 8 orchard 3');
const furmint = kind('furmint', 'dry Furmint', 'Furmint', 'dry-furmint', 'moderate', 'middle', 'orchard 7 citrus 5 honey 3 stony 4 wood 2');
const pinot = kind('pinot', 'young cool Pinot Noir', 'Pinot Noir', 'fine-light-red', 'cool', 'middle', 'red 9 flower 4 herb 2 earth 3 spice 2', [], { hue: 'ruby' });
const nebbiolo = kind('nebbiolo', 'Nebbiolo of some years', 'Nebbiolo', 'nebbiolo', 'moderate', 'dearer', 'red 7 flower 7 earth 5 dryherb 4 animal 2 spice 3', [], { age: 'some', vessel: 'used', hue: 'garnet' });
const sangiovese = kind('sangiovese', 'young Sangiovese', 'Sangiovese', 'sangiovese', 'moderate', 'middle', 'red 9 dryherb 5 earth 3 vegetable 2');
const tempranillo = kind('tempranillo', 'young Tempranillo', 'Tempranillo', 'sangiovese', 'moderate', 'cheaper', 'red 8 dark 5 dryherb 2 spice 1', [], { hue: 'purple' });
const tempranilloOak = wooded(tempranillo, 'tempranillo-oak', 'Tempranillo from American oak', 'new', 'sweet 5 dried 3');
const grenache = kind('grenache', 'young warm Grenache', 'Grenache', 'grenache', 'warm', 'middle', 'red 9 dryherb 4 spice 5 dried 2');
const cabernet = kind('cabernet', 'young Cabernet', 'Cabernet Sauvignon', 'cabernet', 'moderate', 'middle', 'dark 9 herb 5 vegetable 4 wood 2', [], { hue: 'purple' });
const cabernetOak = wooded(cabernet, 'cabernet-oak', 'Cabernet from new oak', 'new');
const syrah = kind('syrah', 'peppery cool Syrah', 'Syrah', 'syrah', 'cool', 'middle', 'dark 8 spice 8 flower 3 animal 3 vegetable 3 wood 2', [], { vessel: 'used' });
const merlot = kind('merlot', 'Merlot', 'Merlot', 'cabernet', 'moderate', 'middle', 'dark 7 red 5 herb 2 sweet 2', [], { hue: 'ruby' });
const malbec = kind('malbec', 'Malbec', 'Malbec', 'malbec', 'warm', 'middle', 'dark 9 flower 4 sweet 3 spice 2 wood 2', [], { vessel: 'used' });
const xinomavro = kind('xinomavro', 'Xinomavro', 'Xinomavro', 'xinomavro', 'moderate', 'middle', 'red 7 vegetable 6 dryherb 5 earth 3 flower 2', [], { age: 'some', vessel: 'used', hue: 'garnet' });
const brut = kind('brut', 'dry bottle-fermented sparkling', 'Chardonnay', 'brut', 'cool', 'middle', 'bread 7 orchard 7 citrus 7 nut 2', ['sparkling', 'lees']);
const botrytis = kind('botrytis', 'botrytised sweet white', 'Sémillon', 'botrytis', 'moderate', 'dearer', 'honey 9 stone 7 citrus 5 dried 4 spice 3 wood 4 nut 2', ['sweet', 'botrytis'], { vessel: 'new' });
const ruby = kind('ruby-fortified', 'young sweet fortified red', 'Touriga Nacional', 'ruby-fortified', 'warm', 'middle', 'dark 9 sweet 5 spice 3 dried 3', ['fortified', 'sweet']);

export const archetypes: readonly Archetype[] = [
  riesling,
  aged(riesling, 'riesling-old', 'mature Riesling', 'petrol 8 honey 6 citrus 5 dried 3 nut 2'),
  aged(riesling, 'riesling-some', 'Riesling of some years', 'petrol 6 honey 4 citrus 7', 'some'),
  kind('riesling-offdry', 'off-dry Riesling', 'Riesling', 'offdry-riesling', 'cool', 'middle', 'citrus 7 stone 6 orchard 5 flower 5 stony 3 petrol 2'),
  sauvignon,
  moved(sauvignon, 'sauvignon-warm', 'ripe Sauvignon', 'warm', 'tropical 7 stone 4 citrus 5 herb 4'),
  wooded(sauvignon, 'sauvignon-wood', 'Sauvignon from used wood', 'used', 'nut 2'),
  chardonnay,
  chardonnayOak,
  moved(chardonnayOak, 'chardonnay-warm-oak', 'broad warm Chardonnay from new oak', 'warm', 'tropical 7 stone 5 wood 9 spice 6 dairy 7 sweet 5 nut 2'),
  aged(chardonnayOak, 'chardonnay-old', 'mature Chardonnay from oak', 'nut 7 honey 6 earth 4 bread 3 wood 5 spice 4'),
  aged(chardonnayOak, 'chardonnay-some', 'Chardonnay from oak, of some years', 'nut 5 honey 3 wood 7', 'some'),
  kind('chardonnay-malolactic', 'buttery unwooded Chardonnay', 'Chardonnay', 'cool-unoaked', 'moderate', 'cheaper', 'orchard 7 dairy 8 citrus 4 stone 3', ['malolactic']),
  chenin,
  aged(chenin, 'chenin-old', 'mature Chenin', 'honey 8 nut 5 earth 3 dried 4'),
  semillon,
  aged(semillon, 'semillon-old', 'mature unoaked Sémillon', 'honey 7 bread 5 nut 5 wood 2'),
  kind('gruner', 'peppery Grüner Veltliner', 'Grüner Veltliner', 'peppery-white', 'cool', 'middle', 'spice 6 citrus 7 orchard 5 vegetable 4 herb 4'),
  kind('albarino', 'Albariño of the Atlantic', 'Albariño', 'atlantic', 'cool', 'middle', 'stone 7 citrus 7 stony 6 flower 4'),
  kind('melon', 'Melon from its lees', 'Melon', 'lees-coast', 'cool', 'cheaper', 'citrus 6 stony 6 bread 5 orchard 4', ['lees']),
  kind('vermentino', 'Vermentino', 'Vermentino', 'herbal-coast', 'warm', 'middle', 'citrus 6 herb 6 stony 4 nut 3 flower 3'),
  assyrtiko,
  wooded(assyrtiko, 'assyrtiko-wood', 'Assyrtiko from wood', 'used', 'bread 3'),
  kind('carricante', 'high-slope Carricante', 'Carricante', 'slope-white', 'cool', 'middle', 'citrus 8 stony 6 herb 4 orchard 3'),
  kind('garganega', 'ripe Garganega', 'Garganega', 'soft-neutral', 'moderate', 'cheaper', 'citrus 5 flower 5 honey 3 nut 3 stone 3 tropical 2'),
  kind('trebbiano', 'light plain white', 'Trebbiano Toscano', 'plain-light', 'moderate', 'cheaper', 'citrus 6 orchard 5'),
  kind('loureiro', 'light prickling Loureiro', 'Loureiro', 'prickling-light', 'cool', 'cheaper', 'citrus 7 flower 4 herb 3 orchard 3'),
  kind('pinot-gris', 'off-dry Pinot Gris', 'Pinot Gris', 'offdry-gris', 'moderate', 'middle', 'stone 6 honey 4 orchard 5 spice 3 flower 3'),
  kind('gewurztraminer', 'Gewürztraminer', 'Gewürztraminer', 'offdry-spice', 'moderate', 'middle', 'flower 9 tropical 7 spice 6 honey 2'),
  viognier,
  kind('torrontes', 'Torrontés', 'Torrontés', 'soft-aromatic', 'warm', 'cheaper', 'flower 9 citrus 5 stone 5 herb 2'),
  furmint,
  wooded(furmint, 'furmint-wood', 'Furmint from new wood', 'new', 'nut 3'),
  kind('verdejo', 'Verdejo', 'Verdejo', 'green-aromatic', 'moderate', 'cheaper', 'herb 7 citrus 6 orchard 4 stone 3 nut 2'),
  kind('marsanne', 'broad white of the warm south', 'Marsanne', 'soft-aromatic', 'warm', 'middle', 'stone 5 orchard 4 honey 4 nut 4 flower 3'),
  kind('muscat', 'sweet prickling Muscat', 'Muscat Blanc', 'sweet-prickling', 'moderate', 'cheaper', 'flower 8 stone 7 citrus 5 orchard 4', ['sweet']),
  kind('late-harvest', 'late-harvest Riesling', 'Riesling', 'late-harvest', 'cool', 'dearer', 'stone 7 citrus 6 honey 7 dried 3 flower 3', ['sweet']),
  botrytis,
  kind('aszu', 'very sweet, sharp botrytised white', 'Furmint', 'aszu', 'moderate', 'dearer', 'dried 8 honey 8 citrus 5 stone 6 spice 3 wood 3', ['sweet', 'botrytis'], { vessel: 'used', age: 'some' }),
  kind('savagnin', 'white from under the veil', 'Savagnin', 'veil-white', 'cool', 'dearer', 'nut 9 spice 5 bread 3 stony 3 orchard 4', ['veil'], { vessel: 'used', age: 'old' }),
  kind('light-amber', 'light amber wine', 'Ribolla Gialla', 'light-amber', 'moderate', 'middle', 'stone 6 flower 4 honey 4 citrus 4 dryherb 3', ['skins']),
  kind('amber', 'amber wine of long skin contact', 'Rkatsiteli', 'amber', 'moderate', 'middle', 'dried 6 honey 4 nut 5 dryherb 5 spice 3 flower 2', ['skins'], { vessel: 'clay' }),
  kind('dry-rose', 'pale dry rosé', 'Cinsault', 'dry-rose', 'warm', 'middle', 'red 8 citrus 5 stone 3 herb 2 flower 2'),
  kind('firm-rose', 'rosé with some grip', 'Mourvèdre', 'firm-rose', 'warm', 'middle', 'red 8 dryherb 4 spice 3', ['skins']),
  kind('offdry-rose', 'off-dry rosé', 'Primitivo', 'offdry-rose', 'warm', 'cheaper', 'red 9 stone 3 sweet 2'),
  kind('gamay', 'juicy Gamay', 'Gamay', 'juicy-red', 'cool', 'cheaper', 'red 9 flower 4 tropical 2 spice 2', [], { hue: 'purple' }),
  kind('mencia', 'leafy Mencía', 'Mencía', 'juicy-red', 'cool', 'middle', 'red 6 dark 6 herb 6 spice 5 flower 3', [], { hue: 'purple' }),
  kind('listan', 'light smoky red', 'Listán Negro', 'volcanic-light-red', 'warm', 'middle', 'red 7 spice 6 stony 5 wood 2'),
  pinot,
  wooded(pinot, 'pinot-oak', 'Pinot Noir from partly new oak', 'new'),
  moved(pinot, 'pinot-warm', 'ripe Pinot Noir', 'warm', 'red 8 dark 4 sweet 3 spice 4 wood 3'),
  aged(pinot, 'pinot-old', 'mature Pinot Noir', 'earth 8 animal 5 dried 3 spice 4'),
  aged(pinot, 'pinot-some', 'Pinot Noir of some years', 'earth 5 animal 2', 'some'),
  nebbiolo,
  aged(nebbiolo, 'nebbiolo-old', 'mature Nebbiolo', 'earth 8 animal 5 dried 4 flower 5 sweet 2'),
  kind('nerello', 'pale red of volcanic slopes', 'Nerello Mascalese', 'slope-red', 'moderate', 'middle', 'red 8 dryherb 5 stony 5 earth 3 spice 3', [], { vessel: 'used' }),
  sangiovese,
  wooded(sangiovese, 'sangiovese-wood', 'Sangiovese from wood', 'used', 'sweet 3'),
  aged(wooded(sangiovese, 'sangiovese-wood', 'Sangiovese from wood', 'used'), 'sangiovese-old', 'mature Sangiovese', 'earth 7 animal 4 dried 5 dryherb 6'),
  kind('barbera', 'sharp, soft Barbera', 'Barbera', 'barbera', 'moderate', 'middle', 'red 8 dark 5 spice 2'),
  kind('blaufrankisch', 'peppery Blaufränkisch', 'Blaufränkisch', 'blaufrankisch', 'cool', 'middle', 'dark 7 spice 6 red 4 herb 2'),
  tempranillo,
  tempranilloOak,
  aged(tempranilloOak, 'tempranillo-old', 'Tempranillo long in oak and bottle', 'earth 6 animal 5 dried 6 nut 3 wood 7'),
  grenache,
  aged(grenache, 'grenache-old', 'mature warm Grenache', 'dried 7 animal 4 earth 5 sweet 3', 'old'),
  cabernet,
  cabernetOak,
  moved(cabernetOak, 'cabernet-warm', 'ripe Cabernet from new oak', 'warm', 'dark 9 wood 8 sweet 6 spice 5 dried 3 herb 3'),
  aged(cabernetOak, 'cabernet-old', 'mature Cabernet', 'earth 8 animal 4 wood 6 dried 3 herb 4'),
  aged(cabernetOak, 'cabernet-some', 'Cabernet from oak, of some years', 'earth 5 wood 7', 'some'),
  merlot,
  wooded(merlot, 'merlot-oak', 'Merlot from new oak', 'new'),
  kind('carmenere', 'leafy Carmenère', 'Carmenère', 'cabernet', 'warm', 'cheaper', 'dark 7 vegetable 8 herb 5 sweet 3 spice 3', [], { hue: 'purple', vessel: 'used' }),
  malbec,
  wooded(malbec, 'malbec-oak', 'Malbec from new oak', 'new'),
  syrah,
  aged(syrah, 'syrah-old', 'mature Syrah', 'earth 6 animal 7 dried 4 spice 7'),
  moved(wooded(syrah, 'syrah-oak', 'Syrah from new oak', 'new'), 'syrah-warm', 'ripe Shiraz from new oak', 'warm', 'dark 9 spice 6 sweet 6 wood 8 dried 3 herb 3'),
  kind('zinfandel', 'ripe, jammy Primitivo', 'Primitivo', 'ripe-red', 'warm', 'middle', 'dark 7 dried 6 red 5 spice 5 sweet 5 wood 4', [], { vessel: 'used' }),
  kind('pinotage', 'smoky Pinotage', 'Pinotage', 'ripe-red', 'warm', 'cheaper', 'dark 7 wood 6 earth 4 red 4 tropical 2', [], { vessel: 'used' }),
  kind('touriga', 'dark floral Touriga', 'Touriga Nacional', 'touriga', 'warm', 'middle', 'dark 9 flower 7 spice 3 wood 3 dryherb 3', [], { vessel: 'used' }),
  kind('tannat', 'dark gripping Tannat', 'Tannat', 'tannat', 'warm', 'middle', 'dark 9 wood 4 earth 3 sweet 3', [], { vessel: 'used' }),
  kind('saperavi', 'inky Saperavi', 'Saperavi', 'saperavi', 'moderate', 'cheaper', 'dark 9 spice 3 dryherb 2 earth 2', [], { vessel: 'clay' }),
  xinomavro,
  aged(xinomavro, 'xinomavro-old', 'mature Xinomavro', 'vegetable 7 earth 6 animal 4 dried 5'),
  kind('appassimento', 'red of dried grapes', 'Corvina', 'ripe-red', 'moderate', 'dearer', 'dried 9 dark 6 red 5 sweet 6 spice 5 wood 4', [], { vessel: 'used', age: 'some' }),
  kind('brut-nature', 'sparkling without added sugar', 'Xarel·lo', 'brut-nature', 'moderate', 'middle', 'citrus 7 orchard 6 bread 5 stony 4 herb 2', ['sparkling', 'lees']),
  brut,
  kind('mature-sparkling', 'mature bottle-fermented sparkling', 'Pinot Noir', 'mature-sparkling', 'cool', 'dearer', 'bread 9 nut 6 honey 4 orchard 5 citrus 4 earth 3 spice 2', ['sparkling', 'lees'], { age: 'old' }),
  kind('tank-sparkling', 'light tank-fermented sparkling', 'Glera', 'tank-sparkling', 'moderate', 'cheaper', 'orchard 8 flower 5 citrus 4 stone 3', ['sparkling']),
  kind('sweet-sparkling', 'sweet aromatic sparkling', 'Muscat Blanc', 'sweet-sparkling', 'moderate', 'cheaper', 'flower 8 stone 7 citrus 5 honey 2', ['sparkling', 'sweet']),
  kind('sparkling-red', 'lightly sweet sparkling red', 'Lambrusco', 'sparkling-red', 'moderate', 'cheaper', 'red 8 dark 6 flower 3', ['sparkling']),
  kind('veil-fortified', 'dry fortified wine from under the veil', 'Palomino', 'veil-fortified', 'warm', 'middle', 'nut 6 bread 7 stony 6 herb 3 orchard 3', ['fortified', 'veil'], { vessel: 'used', age: 'some' }),
  kind('nutty-dry', 'dry nutty fortified wine', 'Palomino', 'nutty-dry', 'warm', 'dearer', 'nut 9 dried 5 wood 5 spice 4 sweet 4', ['fortified'], { vessel: 'used', age: 'old' }),
  ruby,
  kind('tawny', 'sweet fortified wine aged in wood', 'Touriga Nacional', 'tawny-fortified', 'warm', 'dearer', 'nut 8 sweet 8 dried 8 spice 5 wood 5 red 3', ['fortified', 'sweet'], { vessel: 'used', age: 'old' }),
  kind('madeira-dry', 'dry fortified wine aged warm', 'Sercial', 'madeira-dry', 'warm', 'dearer', 'nut 8 citrus 6 sweet 5 stony 4 wood 4', ['fortified'], { vessel: 'used', age: 'old' }),
  kind('madeira-sweet', 'sweet fortified wine aged warm', 'Boal', 'madeira-sweet', 'warm', 'dearer', 'nut 7 sweet 9 dried 8 spice 5 citrus 4 wood 4', ['fortified', 'sweet'], { vessel: 'used', age: 'old' }),
];
