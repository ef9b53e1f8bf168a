import type { Archetype } from '@rose/core/deduce/archetype';
import { grapeNamed, sameGrapeOf } from '../src/grapes/index';

/** A kind names its grape by the prime name: no country is needed to read it. */
const sameGrape = sameGrapeOf({});

type Meant = (kind: Archetype) => boolean;
const sparkling = (kind: Archetype) => kind.making.includes('sparkling');
const still = (kind: Archetype) => !sparkling(kind) && !kind.making.includes('fortified');
const sweet = (kind: Archetype) => kind.scales.sweetness >= 34;
const of =
  (...grapes: readonly string[]): Meant =>
  (kind) =>
    grapes.some((grape) => sameGrape(kind.grape, grapeNamed(grape)?.id ?? grape));
const both =
  (...all: readonly Meant[]): Meant =>
  (kind) =>
    all.every((one) => one(kind));
const colour =
  (wanted: Archetype['colour']): Meant =>
  (kind) =>
    kind.colour === wanted;
const dryRose = both(colour('rose'), still, (kind) => !sweet(kind));
const mediumRose = both(colour('rose'), still, sweet);
const skins = both(colour('amber'), still);
const bottleFermented = both(sparkling, (kind) => kind.making.includes('lees'));
const bordeaux = both(colour('red'), still, of('Cabernet Sauvignon', 'Merlot', 'Cabernet Franc'));
const rhone = both(colour('red'), still, of('Grenache', 'Syrah', 'Mourvèdre'));
const sweetWhite = both(colour('white'), still, (kind) => kind.making.includes('sweet'));
const flor = (kind: Archetype) => kind.making.includes('fortified') && kind.making.includes('veil');

/** Names of kinds that are no grape, as what they mean of ours. A grape's name means every still wine of it, of any colour but amber. */
export const kindsMeant: Readonly<Record<string, Meant>> = {
  Sancerre: both(colour('white'), of('Sauvignon Blanc')),
  'Pouilly-Fumé': both(colour('white'), of('Sauvignon Blanc')),
  Chablis: both(colour('white'), still, of('Chardonnay')),
  Soave: both(colour('white'), of('Garganega')),
  Gavi: both(colour('white'), of('Cortese')),
  Muscadet: both(colour('white'), still, of('Melon')),
  'Vinho Verde': both(colour('white'), still, of('Loureiro')),
  Beaujolais: both(colour('red'), of('Gamay')),
  'Bordeaux blend': bordeaux,
  'red Bordeaux': bordeaux,
  'Rhône blend': rhone,
  'GSM blend': rhone,
  'Châteauneuf-du-Pape': rhone,
  Rioja: both(colour('red'), of('Tempranillo')),
  Brunello: both(colour('red'), of('Sangiovese')),
  Barolo: both(colour('red'), of('Nebbiolo')),
  Amarone: both(colour('red'), of('Corvina')),
  'Corvina blend': both(colour('red'), of('Corvina')),
  'dried-grape red': (kind) => /dried/.test(kind.name) && kind.colour === 'red',
  'dry rosé': dryRose,
  'Grenache rosé': both(dryRose, of('Grenache', 'Cinsault')),
  'Provence rosé': both(dryRose, of('Grenache', 'Cinsault')),
  'Rioja rosado': both(colour('rose'), of('Grenache', 'Tempranillo')),
  'Cabernet rosé': both(dryRose, of('Cabernet Sauvignon', 'Cabernet Franc')),
  'Bordeaux rosé': both(dryRose, of('Cabernet Sauvignon', 'Cabernet Franc', 'Merlot')),
  Tavel: dryRose,
  'dark rosé': both(dryRose, (kind) => kind.depth >= 50),
  "Cerasuolo d'Abruzzo": both(dryRose, (kind) => kind.depth >= 50),
  'oak-aged rosé': both(colour('rose'), (kind) => kind.vessel === 'used' || kind.vessel === 'new'),
  'aged rosé': both(colour('rose'), (kind) => kind.age !== 'young'),
  'off-dry rosé': mediumRose,
  'medium rosé': mediumRose,
  "Rosé d'Anjou": mediumRose,
  'White Zinfandel': mediumRose,
  'Portuguese rosé': mediumRose,
  'semi-sparkling rosé': both(colour('rose'), (kind) => kind.scales.bubbles >= 10),
  rosé: colour('rose'),
  'skin-contact white': skins,
  'orange wine': skins,
  'Georgian amber': both(skins, of('Rkatsiteli', 'Kisi', 'Mtsvane')),
  ramato: both(skins, of('Pinot Gris')),
  Prosecco: both(sparkling, of('Glera')),
  'tank-method sparkling': both(sparkling, (kind) => !kind.making.includes('lees')),
  Champagne: bottleFermented,
  'blanc de blancs': both(bottleFermented, of('Chardonnay')),
  'traditional-method sparkling': bottleFermented,
  'English sparkling': bottleFermented,
  Crémant: bottleFermented,
  Franciacorta: bottleFermented,
  Cava: bottleFermented,
  Asti: both(sparkling, of('Muscat Blanc')),
  "Moscato d'Asti": both(of('Muscat Blanc'), (kind) => kind.scales.bubbles >= 10),
  Lambrusco: both(sparkling, colour('red')),
  Brachetto: both(sparkling, colour('red')),
  'sparkling red': both(sparkling, colour('red')),
  Sauternes: both(sweetWhite, (kind) => kind.making.includes('botrytis')),
  Barsac: both(sweetWhite, (kind) => kind.making.includes('botrytis')),
  'botrytised sweet white': both(sweetWhite, (kind) => kind.making.includes('botrytis')),
  Tokaji: both(sweetWhite, of('Furmint', 'Hárslevelű')),
  'Tokaji Aszú': both(sweetWhite, of('Furmint', 'Hárslevelű')),
  icewine: both(sweetWhite, of('Riesling', 'Vidal')),
  Fino: flor,
  Manzanilla: flor,
  sherry: both((kind) => kind.making.includes('fortified'), of('Palomino', 'Pedro Ximénez')),
  Oloroso: both((kind) => kind.making.includes('fortified') && !kind.making.includes('veil'), of('Palomino')),
  'dry oloroso': both((kind) => kind.making.includes('fortified') && !kind.making.includes('veil'), of('Palomino')),
  Amontillado: both((kind) => kind.making.includes('fortified') && !kind.making.includes('veil'), of('Palomino')),
  'vin jaune': (kind) => kind.making.includes('veil') && !kind.making.includes('fortified'),
  'Tawny Port': (kind) => kind.making.includes('fortified') && kind.colour === 'red' && kind.age === 'old',
  'Vintage Port': (kind) => kind.making.includes('fortified') && kind.colour === 'red' && kind.age !== 'old',
  'Ruby Port': (kind) => kind.making.includes('fortified') && kind.colour === 'red' && kind.age !== 'old',
  Port: (kind) => kind.making.includes('fortified') && kind.colour === 'red',
  Madeira: both((kind) => kind.making.includes('fortified'), of('Sercial', 'Verdelho', 'Boal', 'Malvasia', 'Tinta Negra')),
  'de-alcoholised wine': (kind) => kind.scales.alcohol <= 3,
  'alcohol-free wine': (kind) => kind.scales.alcohol <= 3,
  'low-alcohol wine': (kind) => kind.scales.alcohol <= 6,
};
const bare = (name: string) => name.replace(/ \(.*\)$/, '').replace(/ (first|certain)$/, '');
/** Whether a kind of ours is one that a name means; undefined for a name no table of ours knows. */
export function means(name: string, kind: Archetype): boolean | undefined {
  const meant = kindsMeant[name] ?? kindsMeant[bare(name)];
  if (meant !== undefined) return meant(kind);
  const grape = grapeNamed(bare(name));
  if (grape === undefined) return undefined;
  return kind.colour !== 'amber' && !sparkling(kind) && sameGrape(kind.grape, grape.id);
}
