import { archetypeScales, type Archetype, type Making } from '@rose/core/deduce/archetype';
import { hueLadders } from '@rose/core/wine/observables';
import { clamp } from '@rose/core/wine/units';
import type { FamilyId } from '../smells/index';
import { grapeNamed, type Grape } from '../grapes/index';
import { generalStyle, styleOf, type GeneralStyle } from '../styles/index';

type Smells = Partial<Record<FamilyId, number>>;
/** "citrus 8 stony 4": the chance, in tenths, that an attentive taster names a smell of the family. */
const smells = (text: string): Smells => {
  const parts = text.split(' ');
  return Object.fromEntries(parts.flatMap((word, i) => (i % 2 === 0 ? [[word, Number(parts[i + 1]) / 10]] : [])));
};

type Kind = Archetype;
type Shifts = Partial<Record<(typeof archetypeScales)[number], number>>;
const styleOfGrape = ({ name, skin }: Grape): GeneralStyle =>
  styleOf({
    colour: { value: skin === 'black' ? 'red' : 'white', origin: 'assumed' },
    grapes: { value: [{ grape: name, share: { kind: 'exact', percent: 100 } }], origin: 'assumed' },
  }).style;
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
  rest: Partial<Pick<Archetype, 'vessel' | 'age' | 'hue' | 'depth' | 'source'>> = {},
  by: Shifts = {},
): Kind {
  // The dry wine of a grape reads as the resolver of styles has it; others as the general style.
  const known = grapeNamed(grape);
  const general = known?.style === style ? styleOfGrape(known) : generalStyle(style);
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
    scales: Object.fromEntries(archetypeScales.map((scale) => [scale, clamp(general.loads[scale] + (by[scale] ?? 0), 0, 100)])) as unknown as Archetype['scales'],
    hue: general.hue,
    depth: general.depth,
    smells: smells(smelt),
    ...(grains[grape] === undefined ? {} : { grain: grains[grape] }),
    source: 'common practice',
    ...rest,
  };
}

const shifted = (of: Kind, by: Shifts): Archetype['scales'] =>
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
const semillon = kind('semillon', 'young lean Sémillon', 'Sémillon', 'lean-keeping', 'moderate', 'middle', 'citrus 8 herb 4 orchard 3 stony 2');
const viognier = kind('viognier', 'Viognier', 'Viognier', 'soft-aromatic', 'warm', 'middle', 'stone 9 flower 7 tropical 3 spice 3');
const assyrtiko = kind('assyrtiko', 'salty, sharp Assyrtiko', 'Assyrtiko', 'island', 'warm', 'middle', 'citrus 8 stony 8 orchard 3');
const furmint = kind('furmint', 'dry Furmint', 'Furmint', 'dry-furmint', 'moderate', 'middle', 'orchard 7 citrus 5 honey 3 stony 4 wood 2');
const pinot = kind('pinot', 'young cool Pinot Noir', 'Pinot Noir', 'fine-light-red', 'cool', 'middle', 'red 9 flower 4 herb 2 earth 3 spice 2', [], { hue: 'ruby' });
const nebbiolo = kind('nebbiolo', 'Nebbiolo of some years', 'Nebbiolo', 'nebbiolo', 'moderate', 'dearer', 'red 7 flower 7 earth 5 dryherb 4 animal 2 spice 3', [], { age: 'some', vessel: 'used', hue: 'garnet' });
const sangiovese = kind('sangiovese', 'young Sangiovese', 'Sangiovese', 'sangiovese', 'moderate', 'middle', 'red 9 dryherb 5 earth 3 vegetable 2');
const tempranillo = kind('tempranillo', 'young Tempranillo', 'Tempranillo', 'tempranillo', 'moderate', 'cheaper', 'red 8 dark 5 dryherb 2 spice 1', [], { hue: 'purple' }, { body: -6, length: -12, intensity: -4 });
const tempranilloOak = wooded(tempranillo, 'tempranillo-oak', 'Tempranillo from American oak', 'new', 'sweet 5 dried 3');
const grenache = kind('grenache', 'young warm Grenache', 'Grenache', 'grenache', 'warm', 'middle', 'red 9 dryherb 4 spice 5 dried 2');
const cabernet = kind('cabernet', 'young Cabernet', 'Cabernet Sauvignon', 'cabernet', 'moderate', 'middle', 'dark 9 herb 5 vegetable 4 wood 2', [], { hue: 'purple' });
const cabernetOak = wooded(cabernet, 'cabernet-oak', 'Cabernet from new oak', 'new');
const syrah = kind('syrah', 'peppery cool Syrah', 'Syrah', 'syrah', 'cool', 'middle', 'dark 8 spice 8 flower 3 animal 3 vegetable 3 wood 2', [], { vessel: 'used' });
const merlot = kind('merlot', 'Merlot', 'Merlot', 'merlot', 'moderate', 'middle', 'dark 7 red 6 herb 2 sweet 3', [], { hue: 'ruby' });
const malbec = kind('malbec', 'Malbec', 'Malbec', 'malbec', 'warm', 'middle', 'dark 9 flower 4 sweet 3 spice 2 wood 2', [], { vessel: 'used' });
const xinomavro = kind('xinomavro', 'Xinomavro', 'Xinomavro', 'xinomavro', 'moderate', 'middle', 'red 7 vegetable 6 dryherb 5 earth 3 flower 2', [], { age: 'some', vessel: 'used', hue: 'garnet' });
const brut = kind('brut', 'dry bottle-fermented sparkling', 'a blend', 'brut', 'cool', 'middle', 'bread 7 orchard 7 citrus 7 nut 2', ['sparkling', 'lees'], { vessel: 'lees' });
const botrytis = kind('botrytis', 'botrytised sweet white', 'Sémillon', 'botrytis', 'moderate', 'dearer', 'honey 9 stone 7 citrus 5 dried 4 spice 3 wood 4 nut 2', ['sweet', 'botrytis'], { vessel: 'new' });
const ruby = kind('ruby-fortified', 'young sweet fortified red', 'Touriga Nacional', 'ruby-fortified', 'warm', 'middle', 'dark 9 sweet 5 spice 3 dried 3', ['fortified', 'sweet']);

export const archetypes: readonly Archetype[] = [
  riesling,
  aged(riesling, 'riesling-old', 'mature Riesling', 'petrol 8 honey 6 citrus 5 bread 4 dried 3 nut 2'),
  aged(riesling, 'riesling-some', 'Riesling of some years', 'petrol 6 honey 4 citrus 7', 'some'),
  kind('riesling-offdry', 'off-dry Riesling', 'Riesling', 'offdry-riesling', 'cool', 'middle', 'citrus 7 stone 6 orchard 5 flower 5 stony 3 petrol 2'),
  sauvignon,
  moved(sauvignon, 'sauvignon-warm', 'ripe Sauvignon', 'warm', 'tropical 7 stone 4 citrus 5 herb 4'),
  wooded(sauvignon, 'sauvignon-wood', 'Sauvignon from used wood', 'used', 'nut 2'),
  chardonnay,
  chardonnayOak,
  moved(chardonnayOak, 'chardonnay-warm-oak', 'broad warm Chardonnay from new oak', 'warm', 'tropical 7 stone 5 wood 9 spice 6 dairy 7 sweet 5 nut 2'),
  aged(chardonnayOak, 'chardonnay-old', 'mature Chardonnay from oak', 'nut 7 honey 6 earth 4 bread 6 wood 5 spice 3'),
  aged(chardonnayOak, 'chardonnay-some', 'Chardonnay from oak, of some years', 'nut 5 honey 3 wood 7', 'some'),
  kind('chardonnay-malolactic', 'buttery unwooded Chardonnay', 'Chardonnay', 'cool-unoaked', 'moderate', 'cheaper', 'orchard 7 dairy 8 citrus 4 stone 3', ['malolactic'], {}, { acidity: -15, body: 6 }),
  kind('chardonnay-warm', 'ripe unwooded Chardonnay', 'Chardonnay', 'cool-unoaked', 'warm', 'cheaper', 'stone 7 tropical 5 orchard 5 citrus 4', [], {}, { acidity: -20, body: 8, alcohol: 6 }),
  chenin,
  aged(chenin, 'chenin-old', 'mature Chenin', 'honey 8 nut 5 earth 3 dried 4'),
  semillon,
  aged(semillon, 'semillon-old', 'mature unoaked Sémillon', 'honey 7 bread 7 citrus 6 nut 4 wood 2'),
  kind('gruner', 'peppery Grüner Veltliner', 'Grüner Veltliner', 'peppery-white', 'cool', 'middle', 'spice 6 citrus 7 orchard 5 vegetable 4 herb 4'),
  kind('albarino', 'Albariño of the Atlantic', 'Albariño', 'atlantic', 'cool', 'middle', 'stone 7 citrus 7 stony 6 flower 4'),
  kind('melon', 'Melon from its lees', 'Melon', 'lees-coast', 'cool', 'cheaper', 'citrus 6 stony 6 bread 5 orchard 4', ['lees'], { vessel: 'lees' }),
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
  kind('torrontes', 'Torrontés', 'Torrontés', 'soft-aromatic', 'warm', 'cheaper', 'flower 9 citrus 6 stone 5 tropical 4 herb 2', [], {}, { acidity: 20, body: -18, alcohol: -8 }),
  furmint,
  wooded(furmint, 'furmint-wood', 'Furmint from new wood', 'new', 'nut 3'),
  kind('verdejo', 'Verdejo', 'Verdejo', 'green-aromatic', 'moderate', 'cheaper', 'herb 7 citrus 6 orchard 4 stone 3 nut 2', [], {}, { acidity: -16, intensity: -8 }),
  kind('marsanne', 'broad white of the warm south', 'Marsanne', 'soft-aromatic', 'warm', 'middle', 'stone 5 orchard 4 honey 4 nut 4 flower 3'),
  kind('muscat', 'sweet prickling Muscat', 'Muscat Blanc', 'sweet-prickling', 'moderate', 'cheaper', 'flower 8 stone 7 citrus 5 orchard 4', ['sweet']),
  kind('late-harvest', 'late-harvest Riesling', 'Riesling', 'late-harvest', 'cool', 'dearer', 'stone 7 citrus 6 honey 7 dried 3 flower 3', ['sweet']),
  botrytis,
  kind('aszu', 'very sweet, sharp botrytised white', 'Furmint', 'aszu', 'moderate', 'dearer', 'dried 8 honey 8 citrus 5 stone 6 spice 3 wood 3', ['sweet', 'botrytis'], { vessel: 'used', age: 'some' }),
  kind('savagnin', 'white from under the veil', 'Savagnin', 'veil-white', 'cool', 'dearer', 'nut 9 spice 5 bread 3 stony 3 orchard 4', ['veil'], { vessel: 'flor', age: 'old' }),
  kind('light-amber', 'light amber wine', 'Ribolla Gialla', 'light-amber', 'moderate', 'middle', 'stone 6 flower 4 honey 4 citrus 4 dryherb 3', ['skins']),
  kind('amber', 'amber wine of long skin contact', 'Rkatsiteli', 'amber', 'moderate', 'middle', 'dried 6 honey 4 nut 5 dryherb 5 spice 3 flower 2', ['skins'], { vessel: 'clay' }),
  kind('dry-rose', 'pale dry rosé', 'Cinsault', 'dry-rose', 'warm', 'middle', 'red 8 citrus 5 stone 3 herb 2 flower 2'),
  kind('firm-rose', 'rosé with some grip', 'Mourvèdre', 'firm-rose', 'warm', 'middle', 'red 8 dryherb 4 spice 3', ['skins']),
  kind('offdry-rose', 'off-dry rosé', 'Primitivo', 'offdry-rose', 'warm', 'cheaper', 'red 9 stone 3 sweet 2'),
  kind('gamay', 'juicy Gamay', 'Gamay', 'juicy-red', 'cool', 'cheaper', 'red 9 flower 4 tropical 2 spice 2', [], { hue: 'purple' }),
  kind('mencia', 'leafy Mencía', 'Mencía', 'juicy-red', 'cool', 'middle', 'red 6 dark 6 herb 6 spice 5 flower 3', [], { hue: 'purple', depth: 58 }, { tannin: 10, body: 6 }),
  kind('listan', 'light smoky red', 'Listán Negro', 'volcanic-light-red', 'warm', 'middle', 'red 7 spice 6 stony 5 wood 2'),
  pinot,
  wooded(pinot, 'pinot-oak', 'Pinot Noir from partly new oak', 'new'),
  moved(pinot, 'pinot-warm', 'ripe Pinot Noir', 'warm', 'red 8 dark 4 sweet 3 spice 4 wood 3'),
  { ...aged(pinot, 'pinot-old', 'mature Pinot Noir', 'earth 8 animal 5 dried 3 spice 4'), scales: { ...aged(pinot, 'pinot-old', 'mature Pinot Noir', '').scales, tannin: 22 } },
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
  kind('carmenere', 'leafy Carmenère', 'Carmenère', 'carmenere', 'warm', 'cheaper', 'dark 7 vegetable 8 herb 5 sweet 3 spice 3', [], { hue: 'purple', vessel: 'used' }),
  malbec,
  wooded(malbec, 'malbec-oak', 'Malbec from new oak', 'new'),
  syrah,
  aged(syrah, 'syrah-old', 'mature Syrah', 'earth 6 animal 7 dried 4 spice 7'),
  moved(wooded(syrah, 'syrah-oak', 'Syrah from new oak', 'new'), 'syrah-warm', 'ripe Shiraz from new oak', 'warm', 'dark 9 spice 6 sweet 6 wood 8 dried 3 herb 3'),
  kind('zinfandel', 'ripe, jammy Primitivo', 'Primitivo', 'ripe-red', 'warm', 'middle', 'dark 7 dried 6 red 5 spice 5 sweet 5 wood 4', [], { vessel: 'used' }),
  kind('pinotage', 'smoky Pinotage', 'Pinotage', 'ripe-red', 'warm', 'cheaper', 'dark 7 wood 7 earth 4 red 5 sweet 4 tropical 2', [], { vessel: 'used' }, { sweetness: -8, alcohol: -12, body: -12 }),
  kind('pinotage-cool', 'light Pinotage', 'Pinotage', 'fine-light-red', 'moderate', 'middle', 'red 8 earth 4 spice 2 tropical 2'),
  kind('touriga', 'dark floral Touriga', 'Touriga Nacional', 'touriga', 'warm', 'middle', 'dark 9 flower 7 spice 3 wood 3 dryherb 3', [], { vessel: 'used' }),
  kind('tannat', 'dark gripping Tannat', 'Tannat', 'tannat', 'warm', 'middle', 'dark 9 wood 4 earth 3 sweet 3', [], { vessel: 'used' }),
  kind('saperavi', 'inky Saperavi', 'Saperavi', 'saperavi', 'moderate', 'cheaper', 'dark 9 spice 3 dryherb 2 earth 2', [], { vessel: 'clay' }),
  xinomavro,
  aged(xinomavro, 'xinomavro-old', 'mature Xinomavro', 'vegetable 7 earth 6 animal 4 dried 5'),
  kind('appassimento', 'red of dried grapes', 'Corvina', 'dried-grape-red', 'moderate', 'dearer', 'dried 9 dark 6 red 5 sweet 6 spice 5 wood 4', [], { vessel: 'used', age: 'some' }),
  kind('brut-nature', 'sparkling without added sugar', 'a blend', 'brut-nature', 'moderate', 'middle', 'citrus 7 orchard 6 bread 5 stony 4 herb 2', ['sparkling', 'lees'], { vessel: 'lees' }),
  brut,
  kind('mature-sparkling', 'mature bottle-fermented sparkling', 'a blend', 'mature-sparkling', 'cool', 'dearer', 'bread 9 nut 6 honey 4 orchard 5 citrus 4 earth 3 spice 2', ['sparkling', 'lees'], { age: 'old', vessel: 'lees' }),
  kind('tank-sparkling', 'light tank-fermented sparkling', 'Glera', 'tank-sparkling', 'moderate', 'cheaper', 'orchard 8 flower 5 citrus 4 stone 3', ['sparkling']),
  kind('sweet-sparkling', 'sweet aromatic sparkling', 'Muscat Blanc', 'sweet-sparkling', 'moderate', 'cheaper', 'flower 8 stone 7 citrus 5 honey 2', ['sparkling', 'sweet']),
  kind('sparkling-red', 'lightly sweet sparkling red', 'Lambrusco', 'sparkling-red', 'moderate', 'cheaper', 'red 8 dark 6 flower 3', ['sparkling']),
  kind('veil-fortified', 'dry fortified wine from under the veil', 'Palomino', 'veil-fortified', 'warm', 'middle', 'nut 6 bread 7 stony 6 herb 3 orchard 3', ['fortified', 'veil'], { vessel: 'flor', age: 'some' }),
  kind('nutty-dry', 'dry nutty fortified wine', 'Palomino', 'nutty-dry', 'warm', 'dearer', 'nut 9 dried 5 wood 5 spice 4 sweet 4', ['fortified'], { vessel: 'oxidative', age: 'old' }),
  ruby,
  kind('tawny', 'sweet fortified wine aged in wood', 'Touriga Nacional', 'tawny-fortified', 'warm', 'dearer', 'nut 8 sweet 8 dried 8 spice 5 wood 5 red 3', ['fortified', 'sweet'], { vessel: 'oxidative', age: 'old' }),
  kind('madeira-dry', 'dry fortified wine aged warm', 'Sercial', 'madeira-dry', 'warm', 'dearer', 'nut 8 citrus 6 sweet 5 stony 4 wood 4', ['fortified'], { vessel: 'oxidative', age: 'old' }),
  kind('madeira-sweet', 'sweet fortified wine aged warm', 'Boal', 'madeira-sweet', 'warm', 'dearer', 'nut 7 sweet 9 dried 8 spice 5 citrus 4 wood 4', ['fortified', 'sweet'], { vessel: 'oxidative', age: 'old' }),
  kind('pinot-grigio', 'light dry Pinot Grigio', 'Pinot Gris', 'light-gris', 'moderate', 'cheaper', 'orchard 7 citrus 5 flower 3 nut 3'),
  kind('gewurztraminer-dry', 'dry Gewürztraminer', 'Gewürztraminer', 'dry-spice', 'moderate', 'middle', 'flower 9 tropical 8 spice 6'),
  kind('muscat-dry', 'dry Muscat', 'Muscat Blanc', 'dry-muscat', 'moderate', 'middle', 'flower 9 citrus 6 orchard 4 tropical 2 herb 2'),
  kind('chenin-offdry', 'off-dry Chenin', 'Chenin Blanc', 'offdry-riesling', 'cool', 'middle', 'orchard 8 honey 4 flower 4 stone 3 stony 2', [], {}, { alcohol: 14, body: 8, intensity: -10 }),
  kind('chenin-sweet', 'sweet Chenin', 'Chenin Blanc', 'late-harvest', 'cool', 'dearer', 'honey 8 orchard 7 stone 5 dried 4 flower 2', ['sweet', 'botrytis'], {}, { alcohol: 6, acidity: 4 }),
  aged(kind('chenin-sweet', 'sweet Chenin', 'Chenin Blanc', 'late-harvest', 'cool', 'dearer', 'honey 8 orchard 7 stone 5 dried 4', ['sweet', 'botrytis']), 'chenin-sweet-old', 'mature sweet Chenin', 'honey 8 dried 6 nut 4 earth 3 orchard 5'),
  kind('chenin-warm', 'fruity Chenin of a warm place', 'Chenin Blanc', 'dry-chenin', 'warm', 'cheaper', 'orchard 6 stone 5 tropical 5 citrus 4', [], {}, { acidity: -10, intensity: -4 }),
  kind('fiano', 'nutty dry Fiano', 'Fiano', 'herbal-coast', 'moderate', 'middle', 'citrus 5 nut 5 herb 4 honey 3 orchard 4 flower 2'),
  kind('godello', 'Godello', 'Godello', 'cool-unoaked', 'moderate', 'middle', 'citrus 6 stone 5 orchard 5 stony 4 herb 2', [], {}, { body: 4 }),
  kind('no-alcohol', 'white without its alcohol', 'a blend', 'no-alcohol-white', 'cool', 'cheaper', 'citrus 4 orchard 4 tropical 3 flower 3'),
  kind('muscat-fortified', 'sweet floral fortified white', 'Muscat Blanc', 'muscat-fortified', 'warm', 'middle', 'flower 8 citrus 6 stone 6 honey 5 tropical 3', ['fortified', 'sweet']),
  kind('aged-muscat', 'luscious fortified Muscat aged in wood', 'Muscat Blanc', 'aged-muscat-fortified', 'warm', 'dearer', 'dried 9 sweet 8 nut 6 spice 5 flower 5 honey 3', ['fortified', 'sweet'], { vessel: 'oxidative', age: 'old' }),
  kind('raisined', 'black fortified wine of raisins', 'Pedro Ximénez', 'raisined-fortified', 'warm', 'middle', 'dried 9 sweet 9 spice 3 nut 3', ['fortified', 'sweet'], { vessel: 'oxidative', age: 'old' }),
  kind('nutty-sweet', 'sweet nutty fortified white', 'Palomino', 'nutty-sweet', 'warm', 'middle', 'nut 8 dried 7 sweet 6 spice 3 wood 3', ['fortified', 'sweet'], { vessel: 'oxidative', age: 'old' }),
  kind('dark-nutty', 'dark dry fortified wine', 'Palomino', 'dark-nutty-dry', 'warm', 'dearer', 'nut 9 dried 5 sweet 5 wood 5 spice 4', ['fortified'], { vessel: 'oxidative', age: 'old' }),
  kind('icewine', 'sweet white of frozen grapes', 'Vidal', 'icewine', 'cool', 'dearer', 'stone 8 tropical 6 honey 6 citrus 5', ['sweet']),
  kind('dried-white', 'sweet white of dried grapes', 'Trebbiano Toscano', 'dried-grape-white', 'moderate', 'dearer', 'dried 9 nut 6 honey 7 sweet 5', ['sweet'], { vessel: 'used', age: 'some' }),
  // Rosé: pressed at once or left on its skins, of cool and of warm places, deep, old in wood, with a little sugar or gas.
  kind('rose-cool', 'pale dry rosé of a cool place', 'Pinot Noir', 'dry-rose', 'cool', 'middle', 'red 8 citrus 6 flower 2', [], {}, { acidity: 12, alcohol: -6, body: -6 }),
  kind('rose-cabernet', 'leafy dry rosé', 'Cabernet Franc', 'dry-rose', 'moderate', 'cheaper', 'red 8 herb 5 citrus 3 vegetable 2', [], { hue: 'pink', depth: 44 }),
  kind('rose-grenache', 'dry rosé of ripe berries', 'Grenache', 'dry-rose', 'warm', 'cheaper', 'red 9 spice 2 tropical 2', [], { hue: 'pink', depth: 52 }, { alcohol: 8, body: 10, acidity: -10, intensity: 6 }),
  kind('rose-deep', 'deep dry rosé', 'Montepulciano', 'firm-rose', 'moderate', 'cheaper', 'red 9 dark 3 flower 3 spice 2', ['skins'], { depth: 74 }),
  kind('rose-syrah', 'full dry rosé', 'Syrah', 'firm-rose', 'warm', 'cheaper', 'red 8 dark 3 spice 3 herb 2', [], { depth: 54 }, { tannin: -12, acidity: -6 }),
  aged({ ...kind('rose-wood', 'rosé aged in wood', 'Grenache', 'firm-rose', 'moderate', 'dearer', 'red 5 nut 5 wood 4 spice 4 dried 3', [], { vessel: 'used', hue: 'salmon' }) }, 'rose-old', 'rosé long in wood and bottle', 'nut 7 dried 5 earth 4 wood 4 honey 3'),
  kind('rose-loire', 'off-dry rosé of a cool place', 'Cabernet Franc', 'offdry-rose', 'cool', 'cheaper', 'red 9 flower 2 stone 2', [], { hue: 'salmon', depth: 40 }, { acidity: 8, alcohol: -4, sweetness: -4 }),
  kind('rose-prickling', 'medium rosé with a light prickle', 'Baga', 'offdry-rose', 'moderate', 'cheaper', 'red 9 flower 2 stone 2', ['sparkling'], {}, { bubbles: 28, acidity: 6 }),
  kind('sparkling-rose', 'dry sparkling rosé', 'Pinot Noir', 'sparkling-rose', 'cool', 'middle', 'red 8 bread 5 citrus 4', ['sparkling', 'lees'], { vessel: 'lees' }),
  kind('sekt', 'sparkling Riesling', 'Riesling', 'brut', 'cool', 'middle', 'citrus 7 orchard 7 stone 4 flower 3 bread 3 petrol 2', ['sparkling', 'lees'], { vessel: 'lees' }),
  kind('brut-warm', 'full bottle-fermented sparkling', 'a blend', 'brut', 'moderate', 'middle', 'orchard 7 bread 7 citrus 5 nut 3 tropical 2', ['sparkling', 'lees'], { vessel: 'lees' }, { acidity: -8, body: 6 }),
  kind('demi-sec', 'medium-sweet sparkling', 'a blend', 'demi-sec', 'cool', 'middle', 'orchard 6 bread 5 honey 4 stone 4', ['sparkling', 'lees'], { vessel: 'lees' }),
  kind('sparkling-shiraz', 'dark sparkling red', 'Syrah', 'sparkling-red', 'warm', 'middle', 'dark 9 sweet 4 spice 4 wood 3', ['sparkling'], { vessel: 'used', depth: 84 }, { tannin: 20, body: 24, alcohol: 22, intensity: 12 }),
  // Amber: days or months on the skins, in wood or in clay.
  kind('ramato', 'copper wine of Pinot Gris', 'Pinot Gris', 'light-amber', 'moderate', 'middle', 'red 5 orchard 5 stone 4 spice 2 flower 2', ['skins'], { hue: 'copper', depth: 36 }, { tannin: -6, intensity: -4 }),
  kind('amber-malvasia', 'scented amber wine', 'Malvasia Istriana', 'light-amber', 'moderate', 'middle', 'stone 6 flower 6 citrus 5 honey 4 dryherb 3', ['skins'], { vessel: 'used' }, { tannin: 8, intensity: 8 }),
  kind('amber-south', 'amber wine of the warm south', 'Macabeo', 'light-amber', 'warm', 'middle', 'orchard 5 dryherb 5 citrus 4 nut 4 stony 2', ['skins'], { vessel: 'clay' }, { tannin: 6, intensity: -4 }),
  aged(kind('amber-wood', 'amber wine long in wood', 'Ribolla Gialla', 'amber', 'moderate', 'dearer', 'dried 6 nut 6 honey 5 spice 4 dryherb 4 wood 2', ['skins'], { vessel: 'used' }), 'amber-old', 'amber wine long in wood, of some years', 'dried 6 nut 6 honey 5 dryherb 4 earth 3', 'some'),
  kind('cabernet-franc', 'leafy Cabernet Franc', 'Cabernet Franc', 'cabernet-franc', 'cool', 'middle', 'red 8 vegetable 6 herb 5 flower 3 earth 2'),
  wooded(kind('cabernet-franc', 'leafy Cabernet Franc', 'Cabernet Franc', 'cabernet-franc', 'cool', 'middle', 'red 8 vegetable 6 herb 5 flower 3 earth 2'), 'cabernet-franc-wood', 'Cabernet Franc from wood', 'used'),
  kind('bordeaux', 'blend of Merlot and Cabernet', 'Merlot', 'cabernet', 'moderate', 'middle', 'dark 8 red 4 herb 4 wood 3 earth 2 vegetable 2', [], { vessel: 'used' }, { tannin: -12, body: -8, intensity: -8 }),
  kind('valpolicella', 'young Valpolicella', 'Corvina', 'juicy-red', 'moderate', 'cheaper', 'red 9 flower 3 dryherb 3 nut 2'),
  kind('montepulciano', 'Montepulciano', 'Montepulciano', grapeNamed('Montepulciano')!.style, 'moderate', 'cheaper', 'dark 7 red 6 dryherb 3 spice 2', [], { hue: 'purple', depth: 74 }),
  kind('nero-davola', 'Nero d’Avola', 'Nero d’Avola', grapeNamed('Nero d’Avola')!.style, 'warm', 'cheaper', 'dark 7 red 5 spice 3 dryherb 3 sweet 2', [], {}, { intensity: -8 }),
  kind('aglianico', 'Aglianico', 'Aglianico', 'tannat', 'moderate', 'dearer', 'dark 7 earth 5 red 4 wood 4 dryherb 3 animal 2', [], { vessel: 'used', age: 'some', hue: 'garnet' }, { acidity: 10, tannin: -10 }),
  kind('dolcetto', 'Dolcetto', 'Dolcetto', grapeNamed('Dolcetto')!.style, 'moderate', 'cheaper', 'dark 6 red 6 nut 3 spice 2', [], { hue: 'purple', depth: 66 }, { acidity: -14, tannin: 16, body: 10 }),
  kind('zweigelt', 'Zweigelt', 'Zweigelt', grapeNamed('Zweigelt')!.style, 'cool', 'cheaper', 'red 9 spice 4 flower 2', [], { hue: 'purple' }),
  kind('mourvedre', 'dark Mourvèdre', 'Mourvèdre', grapeNamed('Mourvèdre')!.style, 'warm', 'middle', 'dark 8 animal 5 dryherb 5 spice 5 earth 3', [], { vessel: 'used' }, { tannin: 10 }),
  kind('negroamaro', 'Negroamaro', 'Negroamaro', grapeNamed('Negroamaro')!.style, 'warm', 'cheaper', 'dark 7 dried 4 dryherb 4 earth 3 spice 2', [], { depth: 72 }),
  kind('nebbiolo-young', 'young Nebbiolo', 'Nebbiolo', 'nebbiolo', 'moderate', 'middle', 'red 9 flower 7 dryherb 2 spice 2', [], { hue: 'ruby' }, { length: -16, intensity: -6 }),
  kind('grenache-wood', 'warm blend from wood', 'Grenache', 'grenache', 'warm', 'middle', 'red 8 spice 6 dryherb 6 dried 3 wood 3 animal 2', [], { vessel: 'used', age: 'some', hue: 'garnet' }),
  kind('garnacha-plain', 'plain ripe Grenache', 'Grenache', 'grenache', 'warm', 'cheaper', 'red 9 spice 3 dried 2', [], {}, { length: -16, intensity: -8 }),
  kind('gamay-cru', 'deep Gamay of some years', 'Gamay', 'juicy-red', 'moderate', 'middle', 'red 8 flower 4 earth 4 spice 3 dark 3', [], {}, { tannin: 12, body: 10, length: 10, intensity: 4 }),
  kind('semi-sweet-red', 'medium-sweet red', 'Saperavi', 'sweet-red', 'moderate', 'cheaper', 'red 8 dark 6 sweet 3', ['sweet'], { depth: 70 }),
  kind('recioto', 'sweet red of dried grapes', 'Corvina', 'dried-grape-sweet-red', 'moderate', 'dearer', 'dried 9 dark 7 sweet 6 spice 4', ['sweet'], { vessel: 'used' }),
  kind('banyuls', 'sweet fortified red of Grenache', 'Grenache', 'grenache-fortified', 'warm', 'middle', 'red 8 dried 5 sweet 6 spice 3', ['fortified', 'sweet']),
  aged({ ...kind('banyuls-wood', 'sweet fortified Grenache from wood', 'Grenache', 'grenache-fortified', 'warm', 'dearer', 'dried 8 sweet 8 nut 5 spice 4 red 3', ['fortified', 'sweet'], { vessel: 'oxidative' }) }, 'banyuls-old', 'sweet fortified Grenache long in wood', 'dried 8 sweet 8 nut 6 spice 4', 'some'),
  kind('vintage-fortified', 'sweet fortified red for keeping', 'Touriga Nacional', 'vintage-fortified', 'warm', 'dearer', 'dark 9 flower 4 sweet 5 spice 4 dried 3', ['fortified', 'sweet']),
  aged(kind('vintage-fortified', 'sweet fortified red for keeping', 'Touriga Nacional', 'vintage-fortified', 'warm', 'dearer', 'dark 8 flower 3 sweet 5 spice 4', ['fortified', 'sweet']), 'vintage-fortified-old', 'mature sweet fortified red', 'dried 7 sweet 6 earth 4 nut 3 dark 5'),
];
