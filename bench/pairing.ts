import { seededRandom } from '@rose/core/chance/seeded-random';
import { dishOf, ingredients, cooking } from '@rose/knowledge/pairing';
import { fitNumber, rankFits, type PairingWine } from '@rose/core/pairing/dish-fit';
import { profileKeys, type Loads } from '@rose/core/wine/profile';
import { echoes } from '@rose/core/pairing/dish';
import { below, timeBoth, type Figure } from './measure';

/** 5,000 wines with a dish: ranked with all their reasons, against the same rules over the same wines kept as typed arrays, giving numbers only. */
export async function pairing(): Promise<Figure[]> {
  const random = seededRandom(5);
  const colours = ['white', 'rose', 'amber', 'red'] as const;
  const wines: PairingWine[] = Array.from({ length: 5000 }, (_, i) => ({
    id: `w${i}`,
    name: `wine ${i}`,
    colour: colours[Math.floor(random() * 4)]!,
    echoes: echoes.filter(() => random() < 0.15),
    loads: Object.fromEntries(profileKeys.map((key) => [key, Math.round(random() * 100)])) as unknown as Loads,
  }));
  const columns = profileKeys.map((key) => Float64Array.from(wines, (wine) => wine.loads[key]));
  const dish = dishOf([ingredients[5]!, ingredients[90]!, ingredients[100]!].map((entry) => ({ part: entry.id })).concat([{ part: cooking[16]!.id }]));
  const out = new Float64Array(wines.length);
  const bare = () => {
    const loads = {} as Record<(typeof profileKeys)[number], number>;
    const wine = { id: '', name: '', colour: 'red' as PairingWine['colour'], echoes: [] as PairingWine['echoes'], loads };
    for (let i = 0; i < wines.length; i++) {
      profileKeys.forEach((key, k) => (loads[key] = columns[k]![i]!));
      wine.colour = wines[i]!.colour;
      wine.echoes = wines[i]!.echoes;
      out[i] = fitNumber(dish, wine);
    }
    return Float64Array.from(out).sort();
  };
  const [own, plain] = await timeBoth(() => rankFits(dish, wines), bare);
  return [below('pairing', '5,000 wines ranked with reasons against the same rules over typed arrays', own, plain, 3)];
}
