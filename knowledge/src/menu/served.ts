import type { ServedDish } from '../evening/evening';
import { effortOf } from '../kitchen/index';
import { ingredient } from '../pairing/index';
import type { MenuPlan } from './index';

/** What goes out with each wine of a planned menu, by wine: the work it asks for, and its food for the whole table. Two courses with one wine are one dish. */
export function servedDishes({ courses }: Pick<MenuPlan, 'courses'>, menu: string): ReadonlyMap<string, ServedDish> {
  const dishes = new Map<string, ServedDish>();
  for (const { name, wine, plates } of courses) {
    const [main] = plates.plates;
    if (wine === undefined || main === undefined) continue;
    const { hands, minutes } = effortOf(main.parts);
    const food = plates.plates.flatMap((plate) =>
      plate.parts.flatMap(({ part, grams }) => {
        const found = ingredient(part);
        return found === undefined ? [] : [{ name: found.name, grams: (grams ?? found.portion) * plate.guests }];
      }),
    );
    const before = dishes.get(wine);
    dishes.set(
      wine,
      before === undefined
        ? { menu, name, hands, minutes, food }
        : {
            menu,
            name: `${before.name}, then ${name}`,
            hands: before.hands + hands,
            // While one cooks by itself the hands are at the other.
            minutes: Math.max(before.minutes, minutes, before.hands + hands),
            food: [...before.food, ...food],
          },
    );
  }
  return dishes;
}
