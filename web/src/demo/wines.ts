import { v7 } from 'uuid';
import type { GrapeShare,Origin,WineDocument } from '@rose/core/wine/facts';

/** The cellar of the Lantern Quay Tasting Room. Every producer, person and price is invented. */
type Plain = Record<string, unknown>;
interface Row { name: string; producer: string; grapes: string; facts: Plain; bottles: number; price: number; merchant?: string; lab?: boolean; remark?: string }

const merchants = ['Harbour merchant', 'Slope & Shore', 'from the maker'];
const from = (fact: string, lab: boolean): Origin => (['sugar', 'acidity', 'pressure'].includes(fact) ? (lab ? 'laboratory' : 'maker') : ['oak', 'woodMonths', 'totalMonths', 'bottleMonths', 'leesMonths', 'skinDays', 'malolactic', 'filtered', 'method', 'originShare', 'vintageShare', 'heated', 'underFlor', 'fining'].includes(fact) ? 'maker' : ['closure', 'glass'].includes(fact) ? 'seen' : 'label');
const grapesOf = (text: string): GrapeShare[] =>
  text.split(', ').map((entry) => {
    const match = /^(.*?)(?: (\d+))?$/.exec(entry)!;
    return { grape: match[1]!, share: match[2] === undefined ? { kind: 'unknown' } : { kind: 'exact', percent: Number(match[2]) } };
  });

const rows: Row[] = [
  { name: 'Salt Lamp Brut Nature', producer: 'Cold Reach Cellars', grapes: 'Pinot Noir 60, Seyval 40', bottles: 6, price: 29, lab: true, facts: { colour: 'white', bubbles: 'sparkling', method: 'bottle', vintage: 2019, country: 'GB', region: 'the cool coast', abv: 11.5, sugar: 1.5, acidity: 8.4, pressure: 5.8, leesMonths: 40, totalMonths: 46, closure: 'mushroom', glass: 'green', vintageShare: 100, originShare: 100, originKind: 'pdo' } },
  { name: 'Tidebell Brut', producer: 'Cold Reach Cellars', grapes: 'Pinot Noir 55, Meunier 45', bottles: 4, price: 26, facts: { colour: 'white', bubbles: 'sparkling', method: 'bottle', vintage: 'NV', country: 'GB', region: 'the cool coast', abv: 12, sugar: 8, acidity: 7.6, pressure: 5.6, leesMonths: 20, closure: 'mushroom', glass: 'green' } },
  { name: 'Caldera Ledge', producer: 'Mikri Vigla', grapes: 'Assyrtiko 100', bottles: 7, price: 24, lab: true, facts: { colour: 'white', bubbles: 'still', vintage: 2023, country: 'GR', region: 'a volcanic island', site: 'basket vines, 180 m', abv: 13.5, sugar: 1.8, acidity: 7.2, oak: 'none', leesMonths: 6, filtered: true, closure: 'cork', glass: 'green', vintageShare: 100, originShare: 100, originKind: 'pdo' } },
  { name: 'Pumice', producer: 'Mikri Vigla', grapes: 'Assyrtiko 85, Aidani', bottles: 3, price: 33, facts: { colour: 'white', bubbles: 'still', vintage: 2021, country: 'GR', region: 'a volcanic island', abv: 14, sugar: 2.4, acidity: 6.8, oak: 'used', woodMonths: 9, closure: 'cork', glass: 'green' } },
  { name: 'North Flank Bianco', producer: 'Vento Alto', grapes: 'Carricante 90, Catarratto 10', bottles: 6, price: 27, facts: { colour: 'white', bubbles: 'still', vintage: 2022, country: 'IT', region: 'the high volcanic slopes', site: 'north slope, 850 m', appellation: 'Etna Bianco', abv: 12.5, sugar: 1.2, acidity: 7.4, oak: 'none', closure: 'cork', glass: 'green', vintageShare: 100, originShare: 100, originKind: 'pdo' } },
  { name: 'Slate Wire', producer: 'Haus am Steg', grapes: 'Riesling 100', bottles: 8, price: 19, lab: true, facts: { colour: 'white', bubbles: 'still', vintage: 2022, country: 'DE', region: 'a river of slate', abv: 12, sugar: 7.2, acidity: 7.9, oak: 'none', closure: 'screw', glass: 'green', vintageShare: 100, originShare: 100, originKind: 'pdo' } },
  { name: 'Ferryman’s Rest', producer: 'Haus am Steg', grapes: 'Riesling 100', bottles: 5, price: 22, facts: { colour: 'white', bubbles: 'still', vintage: 2021, country: 'DE', region: 'a river of slate', abv: 8.5, sugar: 48, acidity: 8.6, oak: 'none', closure: 'screw', glass: 'green', mustWeight: 82 } },
  { name: 'Terrace Pepper', producer: 'Lösswind', grapes: 'Grüner Veltliner 100', bottles: 6, price: 17, facts: { colour: 'white', bubbles: 'still', vintage: 2023, country: 'AT', region: 'the river terraces', abv: 12.5, sugar: 2.1, acidity: 6.2, oak: 'none', closure: 'screw', glass: 'green' } },
  { name: 'Basalt Dry', producer: 'Kőrakás', grapes: 'Furmint 100', bottles: 5, price: 21, facts: { colour: 'white', bubbles: 'still', vintage: 2021, country: 'HU', region: 'a basalt hill', abv: 13, sugar: 3.8, acidity: 7.1, oak: 'used', woodMonths: 8, closure: 'cork', glass: 'green' } },
  { name: 'Plateau Morning', producer: 'Dos Almenas', grapes: 'Albillo Real 100', bottles: 4, price: 23, facts: { colour: 'white', bubbles: 'still', vintage: 2022, country: 'ES', region: 'a high plateau', site: '1,050 m', abv: 13.5, sugar: 1.4, acidity: 5.6, oak: 'used', woodMonths: 10, closure: 'cork', glass: 'dark' } },
  { name: 'Quay Jar', producer: 'Marani on the Hill', grapes: 'Rkatsiteli 100', bottles: 5, price: 25, remark: 'Unfiltered: stand it up the day before.', facts: { colour: 'amber', bubbles: 'still', vintage: 2021, country: 'GE', region: 'a clay-jar valley', abv: 12.5, sugar: 1.6, acidity: 5.4, oak: 'none', skinDays: 180, filtered: false, closure: 'cork', glass: 'green' } },
  { name: 'Short Skin', producer: 'Marani on the Hill', grapes: 'Rkatsiteli 70, Mtsvane 30', bottles: 3, price: 19, facts: { colour: 'amber', bubbles: 'still', vintage: 2022, country: 'GE', region: 'a clay-jar valley', abv: 12, sugar: 2, acidity: 5.8, oak: 'none', skinDays: 14, filtered: false, natural: true, closure: 'cork', glass: 'clear' } },
  { name: 'Ember Rosado', producer: 'Barranco Ocho', grapes: 'Listán Negro 100', bottles: 6, price: 16, facts: { colour: 'rose', bubbles: 'still', vintage: 2023, country: 'ES', region: 'a black-ash island', abv: 12.5, sugar: 1.9, acidity: 6, oak: 'none', skinDays: 1, closure: 'screw', glass: 'clear' } },
  { name: 'Black Ash', producer: 'Barranco Ocho', grapes: 'Listán Negro 100', bottles: 5, price: 20, facts: { colour: 'red', bubbles: 'still', vintage: 2022, country: 'ES', region: 'a black-ash island', abv: 12.5, sugar: 1.4, acidity: 5.7, oak: 'none', skinDays: 10, closure: 'cork', glass: 'green' } },
  { name: 'Black Scree', producer: 'Vento Alto', grapes: 'Nerello Mascalese 85, Nerello Cappuccio', bottles: 5, price: 34, lab: true, facts: { colour: 'red', bubbles: 'still', vintage: 2020, country: 'IT', region: 'the high volcanic slopes', site: 'north slope, 750 m', abv: 13.5, sugar: 2.1, acidity: 5.9, oak: 'used', woodMonths: 14, bottleMonths: 22, skinDays: 12, filtered: false, closure: 'cork', glass: 'dark', originShare: 100, originKind: 'pdo' } },
  { name: 'Low Terrace', producer: 'Vento Alto', grapes: 'Nerello Mascalese 100', bottles: 4, price: 22, facts: { colour: 'red', bubbles: 'still', vintage: 2022, country: 'IT', region: 'the high volcanic slopes', abv: 13, sugar: 1.6, acidity: 5.8, oak: 'none', skinDays: 8, closure: 'cork', glass: 'dark' } },
  { name: 'Signal Red', producer: 'Lösswind', grapes: 'Blaufränkisch 100', bottles: 6, price: 18, facts: { colour: 'red', bubbles: 'still', vintage: 2021, country: 'AT', region: 'the iron hills', abv: 13, sugar: 1, acidity: 5.8, oak: 'used', woodMonths: 10, closure: 'screw', glass: 'green' } },
  { name: 'Lamplighter', producer: 'Trís Péfka', grapes: 'Xinomavro 100', bottles: 4, price: 30, facts: { colour: 'red', bubbles: 'still', vintage: 2016, country: 'GR', region: 'the northern hills', appellation: 'Naoussa', site: 'old bush vines', abv: 14, sugar: 2.2, acidity: 6.1, oak: 'some', woodMonths: 18, skinDays: 20, closure: 'cork', glass: 'dark', vintageShare: 100, originShare: 100, originKind: 'pdo' } },
  { name: 'Kiln', producer: 'Marani on the Hill', grapes: 'Saperavi 100', bottles: 5, price: 24, facts: { colour: 'red', bubbles: 'still', vintage: 2021, country: 'GE', region: 'a clay-jar valley', abv: 13.5, sugar: 2, acidity: 6.6, oak: 'none', skinDays: 25, closure: 'cork', glass: 'dark' } },
  { name: 'Anvil', producer: 'Estancia Roca Gris', grapes: 'Tannat 100', bottles: 4, price: 21, facts: { colour: 'red', bubbles: 'still', vintage: 2020, country: 'UY', region: 'the granite coast', abv: 14, sugar: 2.4, acidity: 5.9, oak: 'some', woodMonths: 14, closure: 'cork', glass: 'dark' } },
  { name: 'Schist Garden', producer: 'Quinta do Farol', grapes: 'Touriga Nacional 70, Touriga Franca 30', bottles: 6, price: 26, facts: { colour: 'red', bubbles: 'still', vintage: 2019, country: 'PT', region: 'the schist terraces', abv: 14, sugar: 1.8, acidity: 5.3, oak: 'some', woodMonths: 12, totalMonths: 32, bottleMonths: 14, closure: 'cork', glass: 'dark' } },
  { name: 'Plateau Night', producer: 'Dos Almenas', grapes: 'Tempranillo 92, Albillo 8', bottles: 5, price: 25, facts: { colour: 'red', bubbles: 'still', vintage: 2018, country: 'ES', region: 'a high plateau', appellation: 'Ribera del Duero Crianza', abv: 14.5, sugar: 1.9, acidity: 5.1, oak: 'some', woodMonths: 14, totalMonths: 28, closure: 'cork', glass: 'dark', vintageShare: 100, originShare: 100, originKind: 'pdo' } },
  { name: 'Harbour Amber', producer: 'Kőrakás', grapes: 'Furmint 80, Hárslevelű 20', bottles: 4, price: 38, lab: true, facts: { colour: 'white', bubbles: 'still', vintage: 2017, country: 'HU', region: 'a basalt hill', abv: 10.5, sugar: 155, acidity: 9.1, oak: 'used', woodMonths: 24, closure: 'cork', glass: 'clear' } },
  { name: 'Late Ferry', producer: 'Haus am Steg', grapes: 'Riesling 100', bottles: 3, price: 31, facts: { colour: 'white', bubbles: 'still', vintage: 2018, country: 'DE', region: 'a river of slate', abv: 7.5, sugar: 98, acidity: 9.2, oak: 'none', closure: 'cork', glass: 'green', mustWeight: 104 } },
  { name: 'Trade Wind Dry', producer: 'Armazém Alto', grapes: 'Sercial 100', bottles: 2, price: 42, facts: { colour: 'white', bubbles: 'still', fortified: true, heated: true, vintage: 'NV', country: 'PT', region: 'an ocean island', appellation: 'Madeira', abv: 19, sugar: 52, acidity: 8.2, oak: 'used', woodMonths: 120, closure: 'cork', glass: 'dark' } },
  { name: 'Trade Wind Rich', producer: 'Armazém Alto', grapes: 'Boal 100', bottles: 2, price: 44, facts: { colour: 'white', bubbles: 'still', fortified: true, heated: true, vintage: 'NV', country: 'PT', region: 'an ocean island', appellation: 'Madeira', abv: 19, sugar: 105, acidity: 7.8, oak: 'used', woodMonths: 120, closure: 'cork', glass: 'dark' } },
];

export const demoWines: readonly WineDocument[] = rows.map((row, i) => ({
  schema: 1,
  name: row.name,
  producer: row.producer,
  remark: row.remark ?? '',
  facts: {
    grapes: { value: grapesOf(row.grapes), origin: 'label' },
    ...Object.fromEntries(Object.entries(row.facts).map(([id, value]) => [id, { value: id === 'vintage' ? (value === 'NV' ? { kind: 'none' } : { kind: 'year', year: value }) : value, origin: from(id, row.lab === true) }])),
  } as WineDocument['facts'],
  lots: [{ id: v7(), formatMl: 750, held: row.bottles, priceMinor: row.price * 100, currency: 'EUR', merchant: row.merchant ?? merchants[i % 3]!, bought: `2026-${String(8 + (i % 3)).padStart(2, '0')}-${String(3 + (i % 24)).padStart(2, '0')}` }],
}));
