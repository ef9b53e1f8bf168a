import type { ColourClass, Hue } from '@rose/core/wine/observables';
import type { Loads } from '@rose/core/wine/profile';
import type { Echo } from '@rose/core/pairing/dish';

/** A general style: what a wine of its kind tastes like when nothing more is known. Common practice; the numbers are our own reading of it. */
export interface GeneralStyle {
  readonly id: string;
  readonly name: string;
  readonly colour: ColourClass;
  readonly loads: Loads;
  readonly echoes: readonly Echo[];
  readonly hue: Hue;
  readonly depth: number;
}

type Ten = readonly [acidity: number, sweetness: number, bubbles: number, tannin: number, alcohol: number, body: number, intensity: number, length: number, oak: number, fragility: number];
const style = (id: string, name: string, colour: ColourClass, ten: Ten, hue: Hue, depth: number, ...echoes: Echo[]): GeneralStyle => {
  const [acidity, sweetness, bubbles, tannin, alcohol, body, intensity, length, oak, fragility] = ten;
  return { id, name, colour, loads: { acidity, sweetness, bubbles, tannin, alcohol, body, intensity, length, oak, fragility }, echoes, hue, depth };
};

export const generalStyles: readonly GeneralStyle[] = [
  style('lees-coast', 'lean coastal white from its lees', 'white', [74, 6, 3, 2, 42, 30, 34, 40, 0, 12], 'greenish', 30, 'saline', 'citrus', 'bread'),
  style('cool-unoaked', 'cool unoaked white of some weight', 'white', [70, 6, 0, 2, 47, 43, 44, 48, 6, 15], 'lemon', 36, 'citrus', 'orchard', 'saline'),
  style('atlantic', 'Atlantic white of stone fruit and salt', 'white', [72, 8, 2, 3, 48, 40, 56, 44, 0, 12], 'lemon', 36, 'stone-fruit', 'citrus', 'saline', 'flower'),
  style('herbal-coast', 'herbal coastal white', 'white', [60, 7, 0, 4, 50, 42, 50, 42, 0, 12], 'lemon', 38, 'citrus', 'green-herb', 'saline', 'nut'),
  style('island', 'salty island white, sharp and firm', 'white', [84, 5, 0, 6, 58, 50, 58, 58, 4, 15], 'lemon', 42, 'citrus', 'saline', 'smoke'),
  style('slope-white', 'high-slope white, sharp and lean', 'white', [80, 5, 0, 3, 46, 40, 48, 50, 2, 14], 'lemon', 36, 'citrus', 'saline', 'green-herb'),
  style('soft-neutral', 'soft quiet white', 'white', [56, 8, 0, 2, 46, 40, 36, 36, 2, 12], 'lemon', 36, 'orchard', 'nut', 'flower'),
  style('unknown-white', 'dry white of a grape not known', 'white', [60, 8, 0, 2, 50, 44, 48, 42, 6, 14], 'lemon', 36, 'citrus', 'orchard'),
  style('light-gris', 'light dry white of pear and almond', 'white', [58, 7, 0, 2, 44, 36, 33, 32, 0, 10], 'lemon', 32, 'orchard', 'citrus', 'flower'),
  style('fruity-white', 'open, fruity dry white', 'white', [58, 8, 0, 2, 54, 48, 60, 42, 2, 12], 'lemon', 36, 'tropical', 'stone-fruit', 'citrus'),
  style('alpine-white', 'fresh mountain white of some depth', 'white', [74, 6, 0, 3, 54, 50, 60, 54, 4, 16], 'straw', 38, 'citrus', 'orchard', 'nut', 'saline'),
  style('lean-keeping', 'lean white that keeps for decades', 'white', [76, 5, 0, 2, 32, 34, 50, 56, 0, 24], 'lemon', 32, 'citrus', 'honey', 'bread'),
  style('plain-light', 'light plain white', 'white', [50, 10, 0, 1, 40, 28, 20, 24, 0, 10], 'colourless', 28, 'citrus', 'orchard'),
  style('prickling-light', 'light prickling white, very sharp', 'white', [80, 13, 16, 1, 30, 22, 42, 32, 0, 10], 'greenish', 26, 'citrus', 'green-herb'),
  style('green-aromatic', 'green aromatic white', 'white', [78, 7, 0, 2, 50, 38, 70, 46, 0, 12], 'greenish', 32, 'citrus', 'green-herb', 'tropical'),
  style('dry-riesling', 'dry Riesling', 'white', [84, 10, 0, 1, 44, 36, 66, 60, 0, 12], 'greenish', 34, 'citrus', 'orchard', 'stone-fruit', 'flower'),
  style('dry-muscat', 'dry, floral white', 'white', [52, 7, 0, 2, 46, 38, 80, 40, 0, 10], 'lemon', 32, 'flower', 'citrus', 'orchard'),
  style('offdry-riesling', 'off-dry Riesling', 'white', [82, 40, 2, 1, 26, 32, 68, 60, 0, 14], 'lemon', 34, 'citrus', 'stone-fruit', 'flower', 'ginger'),
  style('peppery-white', 'peppery white of the river terraces', 'white', [70, 7, 0, 3, 50, 42, 54, 46, 2, 14], 'greenish', 36, 'citrus', 'pepper', 'green-herb'),
  style('dry-chenin', 'dry Chenin', 'white', [76, 9, 0, 3, 52, 46, 56, 52, 8, 16], 'straw', 42, 'orchard', 'honey', 'flower'),
  style('dry-furmint', 'dry Furmint', 'white', [78, 9, 0, 3, 54, 48, 54, 54, 14, 16], 'straw', 42, 'orchard', 'smoke', 'honey'),
  style('offdry-gris', 'off-dry Pinot Gris', 'white', [52, 40, 1, 3, 56, 60, 60, 46, 4, 16], 'straw', 46, 'stone-fruit', 'honey', 'ginger'),
  style('offdry-spice', 'off-dry spiced aromatic white', 'white', [40, 40, 0, 4, 56, 58, 84, 52, 2, 16], 'gold', 46, 'flower', 'ginger', 'tropical', 'sweet-spice'),
  style('dry-spice', 'dry spiced aromatic white', 'white', [38, 12, 0, 5, 60, 62, 86, 54, 2, 14], 'gold', 44, 'flower', 'tropical', 'ginger', 'sweet-spice'),
  style('soft-aromatic', 'soft, broad aromatic white', 'white', [34, 10, 0, 4, 64, 66, 70, 46, 24, 18], 'gold', 46, 'stone-fruit', 'flower'),
  style('oaked-white', 'full oaked white', 'white', [52, 9, 0, 5, 58, 62, 62, 56, 54, 22], 'gold', 48, 'butter', 'sweet-spice', 'orchard', 'nut'),
  style('broad-oaked-white', 'broad warm white with much oak', 'white', [34, 11, 0, 8, 68, 76, 66, 48, 78, 22], 'gold', 56, 'butter', 'sweet-spice', 'tropical'),
  style('mature-white', 'mature barrel-aged white', 'white', [62, 8, 0, 5, 54, 58, 66, 68, 40, 50], 'oldgold', 54, 'nut', 'honey', 'earth', 'butter'),
  style('veil-white', 'white aged under a veil', 'white', [74, 4, 0, 4, 60, 58, 82, 84, 20, 40], 'oldgold', 52, 'nut', 'sweet-spice', 'saline'),
  style('light-amber', 'light amber wine', 'amber', [60, 6, 0, 26, 50, 44, 54, 48, 2, 18], 'honey', 42, 'stone-fruit', 'flower', 'honey'),
  style('amber', 'amber wine of long skin contact', 'amber', [54, 6, 0, 46, 52, 52, 62, 54, 6, 22], 'orange', 52, 'dried-fruit', 'honey', 'nut', 'flower'),
  style('dry-rose', 'dry pale rosé', 'rose', [62, 8, 0, 8, 50, 38, 48, 38, 0, 10], 'salmon', 34, 'red-fruit', 'citrus', 'green-herb'),
  style('firm-rose', 'rosé with some grip', 'rose', [58, 8, 0, 26, 54, 50, 58, 44, 2, 14], 'pink', 60, 'red-fruit', 'dried-herb', 'pepper'),
  style('offdry-rose', 'off-dry rosé', 'rose', [54, 40, 0, 6, 42, 42, 56, 34, 0, 10], 'pink', 50, 'red-fruit', 'stone-fruit'),
  style('juicy-red', 'light juicy red', 'red', [66, 7, 0, 24, 48, 40, 60, 42, 2, 16], 'ruby', 36, 'red-fruit', 'flower', 'pepper'),
  style('volcanic-light-red', 'light smoky red', 'red', [62, 6, 0, 30, 48, 40, 60, 44, 2, 16], 'ruby', 40, 'red-fruit', 'pepper', 'smoke'),
  style('thin-red', 'thin young red', 'red', [56, 7, 0, 40, 40, 26, 32, 22, 0, 12], 'ruby', 34, 'red-fruit'),
  style('fine-light-red', 'fine light-coloured red', 'red', [62, 6, 0, 30, 52, 46, 62, 58, 26, 30], 'garnet', 36, 'red-fruit', 'earth', 'flower'),
  style('slope-red', 'pale red of volcanic slopes', 'red', [66, 5, 0, 48, 56, 47, 62, 60, 24, 28], 'garnet', 38, 'red-fruit', 'smoke', 'dried-herb', 'earth'),
  style('nebbiolo', 'pale red of great grip', 'red', [72, 5, 0, 80, 62, 60, 72, 76, 36, 34], 'brick', 40, 'red-fruit', 'flower', 'earth', 'dried-herb'),
  style('sangiovese', 'firm, sharp red of cherries and herbs', 'red', [72, 5, 0, 56, 56, 54, 60, 54, 24, 26], 'ruby', 50, 'red-fruit', 'dried-herb', 'earth'),
  style('unknown-red', 'dry red of a grape not known', 'red', [56, 7, 0, 48, 58, 55, 58, 50, 20, 22], 'ruby', 56, 'red-fruit', 'dark-fruit'),
  style('barbera', 'sharp, soft-gripped red', 'red', [80, 6, 0, 28, 58, 52, 60, 48, 14, 20], 'purple', 56, 'red-fruit', 'dark-fruit'),
  style('xinomavro', 'pale, sharp, gripping red', 'red', [76, 5, 0, 74, 58, 54, 64, 66, 28, 32], 'brick', 42, 'red-fruit', 'dried-herb', 'earth'),
  style('blaufrankisch', 'sharp peppery red', 'red', [70, 5, 0, 46, 54, 52, 64, 54, 22, 22], 'purple', 58, 'dark-fruit', 'pepper'),
  style('grenache', 'warm blend led by Grenache', 'red', [46, 9, 0, 38, 70, 64, 66, 52, 16, 24], 'ruby', 50, 'red-fruit', 'dried-herb', 'pepper', 'sweet-spice'),
  style('tempranillo', 'oak-aged Tempranillo', 'red', [54, 6, 0, 56, 58, 60, 62, 58, 54, 30], 'garnet', 54, 'red-fruit', 'sweet-spice', 'dried-herb', 'dried-fruit'),
  style('mature-red', 'mature red', 'red', [58, 5, 0, 34, 56, 54, 66, 70, 38, 62], 'brick', 44, 'earth', 'dried-fruit', 'nut', 'dried-herb'),
  style('cabernet', 'Cabernet and its blends', 'red', [60, 6, 0, 74, 62, 68, 70, 64, 50, 28], 'ruby', 74, 'dark-fruit', 'green-herb', 'sweet-spice', 'dried-herb'),
  style('merlot', 'soft dark red of plums', 'red', [48, 7, 0, 48, 60, 56, 54, 46, 22, 22], 'ruby', 62, 'dark-fruit', 'red-fruit', 'green-herb'),
  style('cabernet-franc', 'leafy red of the river', 'red', [62, 5, 0, 48, 52, 50, 64, 54, 10, 22], 'ruby', 54, 'red-fruit', 'green-herb', 'flower'),
  style('carmenere', 'soft, leafy dark red', 'red', [46, 7, 0, 46, 62, 64, 68, 50, 24, 20], 'purple', 74, 'dark-fruit', 'green-herb', 'sweet-spice'),
  style('malbec', 'Malbec', 'red', [54, 8, 0, 60, 66, 72, 68, 54, 44, 22], 'purple', 80, 'dark-fruit', 'sweet-spice', 'flower'),
  style('syrah', 'Syrah', 'red', [56, 7, 0, 62, 62, 68, 74, 60, 38, 24], 'purple', 76, 'dark-fruit', 'pepper', 'smoke'),
  style('ripe-red', 'ripe, jammy red', 'red', [46, 16, 0, 42, 78, 76, 76, 50, 48, 20], 'ruby', 66, 'dark-fruit', 'dried-fruit', 'sweet-spice', 'pepper', 'smoke'),
  style('dried-grape-red', 'strong red of dried grapes', 'red', [56, 18, 0, 56, 86, 86, 80, 70, 34, 30], 'garnet', 62, 'dried-fruit', 'dark-fruit', 'sweet-spice'),
  style('dried-grape-sweet-red', 'sweet red of dried grapes', 'red', [56, 78, 0, 48, 64, 80, 78, 64, 18, 24], 'purple', 68, 'dried-fruit', 'dark-fruit', 'sweet-spice'),
  style('sweet-red', 'medium-sweet red', 'red', [56, 54, 0, 32, 42, 50, 60, 42, 2, 14], 'ruby', 58, 'red-fruit', 'dark-fruit'),
  style('tannat', 'dark red of huge grip', 'red', [64, 5, 0, 92, 64, 76, 74, 64, 50, 22], 'purple', 88, 'dark-fruit', 'earth'),
  style('saperavi', 'inky sharp red', 'red', [74, 6, 0, 74, 58, 68, 72, 58, 22, 22], 'purple', 92, 'dark-fruit', 'earth'),
  style('touriga', 'dark floral red', 'red', [58, 6, 0, 74, 64, 70, 76, 60, 40, 24], 'purple', 82, 'dark-fruit', 'flower', 'sweet-spice'),
  style('young-tannic', 'young tannic red', 'red', [60, 6, 0, 88, 60, 66, 66, 48, 40, 14], 'purple', 78, 'dark-fruit', 'dried-herb'),
  style('oaked-red', 'heavy oaked red', 'red', [46, 9, 0, 64, 72, 78, 72, 54, 80, 22], 'ruby', 78, 'dark-fruit', 'sweet-spice'),
  style('soft-oaked-red', 'soft oaked red of low acid', 'red', [32, 9, 0, 46, 68, 68, 62, 46, 68, 20], 'ruby', 64, 'dark-fruit', 'sweet-spice'),
  style('sparkling-red', 'lightly sweet sparkling red', 'red', [66, 22, 62, 24, 36, 40, 54, 34, 0, 10], 'purple', 62, 'red-fruit', 'dark-fruit'),
  style('brut-nature', 'sparkling wine without added sugar', 'white', [84, 3, 90, 1, 44, 36, 56, 56, 2, 18], 'lemon', 34, 'bread', 'citrus', 'saline'),
  style('brut', 'dry bottle-fermented sparkling', 'white', [78, 14, 88, 1, 44, 42, 58, 54, 4, 18], 'lemon', 36, 'bread', 'orchard', 'citrus'),
  style('sparkling-rose', 'dry sparkling rosé', 'rose', [76, 14, 86, 6, 44, 42, 60, 50, 2, 16], 'salmon', 38, 'red-fruit', 'bread', 'citrus'),
  style('mature-sparkling', 'mature bottle-fermented sparkling', 'white', [76, 10, 80, 1, 46, 50, 66, 66, 10, 40], 'gold', 40, 'bread', 'nut', 'honey', 'earth'),
  style('tank-sparkling', 'light tank-fermented sparkling', 'white', [58, 22, 74, 0, 38, 30, 46, 30, 0, 8], 'colourless', 26, 'orchard', 'flower'),
  style('offdry-sparkling', 'off-dry sparkling', 'white', [64, 40, 80, 0, 34, 36, 56, 36, 0, 8], 'lemon', 34, 'orchard', 'flower', 'stone-fruit', 'ginger'),
  style('demi-sec', 'medium-sweet sparkling', 'white', [68, 58, 84, 1, 42, 46, 58, 46, 2, 14], 'lemon', 38, 'orchard', 'bread', 'honey'),
  style('sweet-prickling', 'sweet, prickling, very light in alcohol', 'white', [54, 72, 46, 0, 8, 34, 74, 38, 0, 8], 'lemon', 32, 'flower', 'stone-fruit', 'citrus', 'ginger'),
  style('sweet-sparkling', 'sweet aromatic sparkling', 'white', [54, 74, 82, 0, 14, 38, 72, 38, 0, 8], 'lemon', 32, 'flower', 'stone-fruit', 'citrus', 'honey'),
  style('no-alcohol-white', 'white without its alcohol', 'white', [60, 32, 0, 2, 0, 16, 36, 20, 0, 8], 'lemon', 30, 'citrus', 'orchard'),
  style('no-alcohol-red', 'red without its alcohol', 'red', [56, 30, 0, 26, 0, 20, 36, 20, 0, 8], 'ruby', 50, 'red-fruit'),
  style('late-harvest', 'sweet late-harvest white', 'white', [74, 78, 0, 1, 34, 54, 74, 66, 2, 18], 'gold', 46, 'honey', 'stone-fruit', 'citrus'),
  style('icewine', 'sweet white of frozen grapes', 'white', [84, 92, 0, 1, 28, 72, 86, 74, 0, 16], 'gold', 48, 'stone-fruit', 'tropical', 'honey', 'citrus'),
  style('dried-grape-white', 'sweet white of dried grapes', 'white', [62, 84, 0, 4, 68, 76, 84, 82, 30, 30], 'oldgold', 62, 'dried-fruit', 'honey', 'nut', 'sweet-spice'),
  style('botrytis', 'rich botrytised sweet white', 'white', [62, 88, 0, 3, 60, 78, 84, 82, 30, 26], 'oldgold', 54, 'honey', 'stone-fruit', 'nut', 'sweet-spice'),
  style('aszu', 'sharp, very sweet botrytised white', 'white', [84, 92, 0, 2, 36, 74, 86, 90, 20, 26], 'oldgold', 58, 'honey', 'dried-fruit', 'citrus', 'ginger'),
  style('veil-fortified', 'dry fortified wine from under the veil', 'white', [38, 2, 0, 1, 77, 34, 72, 64, 4, 60], 'straw', 36, 'saline', 'nut', 'bread', 'green-herb'),
  style('nutty-dry', 'dry nutty fortified wine', 'white', [52, 4, 0, 2, 87, 52, 84, 80, 18, 30], 'oldgold', 62, 'nut', 'sweet-spice', 'saline', 'dried-fruit'),
  style('dark-nutty-dry', 'dark dry fortified wine', 'white', [48, 8, 0, 4, 90, 66, 86, 82, 26, 30], 'brown', 66, 'nut', 'dried-fruit', 'sweet-spice'),
  style('muscat-fortified', 'sweet floral fortified white', 'white', [48, 80, 0, 2, 77, 62, 82, 58, 0, 14], 'gold', 40, 'flower', 'citrus', 'stone-fruit', 'honey'),
  style('white-fortified', 'fortified white of orchard fruit and honey', 'white', [48, 62, 0, 2, 96, 64, 64, 54, 8, 18], 'gold', 44, 'orchard', 'honey', 'stone-fruit'),
  style('nutty-sweet', 'sweet nutty fortified white', 'white', [48, 80, 0, 4, 90, 76, 80, 76, 26, 20], 'brown', 62, 'nut', 'dried-fruit', 'sweet-spice'),
  style('aged-muscat-fortified', 'luscious fortified Muscat aged in wood', 'white', [56, 96, 0, 5, 86, 92, 94, 90, 40, 14], 'brown', 74, 'dried-fruit', 'nut', 'flower', 'sweet-spice'),
  style('raisined-fortified', 'black fortified wine of raisins', 'white', [34, 100, 0, 5, 78, 98, 90, 88, 26, 12], 'brown', 92, 'dried-fruit', 'sweet-spice', 'nut'),
  style('ruby-fortified', 'sweet dark fortified red', 'red', [48, 80, 0, 52, 97, 84, 80, 66, 18, 20], 'purple', 84, 'dark-fruit', 'sweet-spice'),
  style('grenache-fortified', 'sweet fortified red of berries and cocoa', 'red', [46, 78, 0, 40, 80, 76, 78, 60, 16, 20], 'ruby', 60, 'red-fruit', 'dried-fruit', 'sweet-spice'),
  style('vintage-fortified', 'sweet fortified red for keeping', 'red', [50, 84, 0, 70, 97, 88, 86, 80, 18, 26], 'purple', 92, 'dark-fruit', 'flower', 'sweet-spice'),
  style('tawny-fortified', 'sweet fortified wine aged in wood', 'red', [52, 80, 0, 30, 97, 78, 82, 80, 50, 40], 'tawny', 50, 'nut', 'dried-fruit', 'sweet-spice'),
  style('madeira-dry', 'sharp fortified wine aged warm, dry', 'white', [88, 62, 0, 4, 94, 58, 84, 90, 40, 10], 'oldgold', 60, 'nut', 'citrus', 'smoke', 'saline'),
  style('madeira-sweet', 'sharp fortified wine aged warm, sweet', 'white', [86, 82, 0, 6, 94, 76, 88, 94, 40, 10], 'brown', 66, 'nut', 'dried-fruit', 'sweet-spice', 'smoke'),
];
