import { asWeighed } from '@rose/core/quantity/weighed';
import { fitOf, shownFit, type Fit, type PairingWine } from '@rose/core/pairing/dish-fit';
import { keysOf } from '@rose/core/wine/keys';
import { ingredient, type DishPart } from '../pairing/index';
import { courses, goesFrom, platesOf, type Course, type EverydayDish, type Narrowed } from './index';

/** A dish beside a wine of a flight. */
export interface FlightFood {
  readonly wine: string;
  readonly dish: EverydayDish;
  readonly fit: Fit;
  /** Its parts, smaller where there are many courses. */
  readonly parts: readonly DishPart[];
}
/** Points of a fit, as shown, that a course back costs, such as a starter after a main; that a second dish of one kitchen costs. Own choices. */
const courseBack = 18;
const sameKitchen = 2;
/** What a point counts that a dish lacks to one that goes with its wine: no order of courses makes up for a dish that does not. Own choice. */
const lacking = 5;
const goes = shownFit(goesFrom);
const worthOf = (shown: number): number => shown - lacking * Math.max(0, goes - shown);
/** Dishes a course that are looked at for a wine, and menus that are followed on. */
const looked = 8;
const followed = 80;
/** Courses of a full size that a guest eats; of more, each is smaller. Common practice. */
const fullCourses = 3;

/** To what a scale shows; of a pinch, which tastes of much, nothing is rounded away. */
const smaller = (grams: number): number => (grams < 20 ? Math.round(grams * 10) / 10 : asWeighed(grams));

interface Menu {
  readonly food: readonly { readonly dish: EverydayDish; readonly fit: Fit }[];
  readonly worth: number;
}
const rankOf = new Map<Course, number>(keysOf(courses).map((course, rank) => [course, rank]));
const baseOf = ({ parts }: EverydayDish): string => parts[0]!.part;

/**
 * A dish for each wine of a flight, in the order of the wines: what fits best together, from the first bite to the last, no dish and no base twice. The best of the menus
 * that were followed on (a beam search), which is not always the best there is.
 * @param wines in pouring order
 * @returns one row a wine; fewer where nothing is left that keeps to what was asked
 */
export function foodForFlight(wines: readonly PairingWine[], narrow: Narrowed = {}): readonly FlightFood[] {
  const all = platesOf(narrow);
  let menus: readonly Menu[] = [{ food: [], worth: 0 }];
  const served: PairingWine[] = [];
  for (const wine of wines) {
    const ranked = all.map(({ dish, plate }) => ({ dish, fit: fitOf(plate, wine) })).sort((a, b) => b.fit.fit - a.fit.fit || (a.dish.id < b.dish.id ? -1 : 1));
    const near = keysOf(courses).flatMap((course) => ranked.filter(({ dish }) => dish.course === course).slice(0, looked + wines.length));
    const next = menus.flatMap(({ food, worth }) => {
      const last = food.at(-1)?.dish;
      return near
        .filter(({ dish }) => food.every((one) => one.dish.id !== dish.id && baseOf(one.dish) !== baseOf(dish)))
        .map((one): Menu => {
          const back = last === undefined ? 0 : Math.max(0, rankOf.get(last.course)! - rankOf.get(one.dish.course)!);
          const again = food.filter(({ dish }) => dish.cuisine === one.dish.cuisine).length;
          return { food: [...food, one], worth: worth + worthOf(shownFit(one.fit.fit)) - courseBack * back - sameKitchen * again };
        });
    });
    if (next.length === 0) break;
    served.push(wine);
    menus = next.sort((a, b) => b.worth - a.worth).slice(0, followed);
  }
  const share = Math.min(1, fullCourses / Math.max(1, served.length));
  return menus[0]!.food.map(({ dish, fit }, i) => ({
    wine: served[i]!.id,
    dish,
    fit,
    parts: dish.parts.map((part) => {
      const grams = part.grams ?? ingredient(part.part)?.portion;
      return grams === undefined || share === 1 ? part : { ...part, grams: smaller(grams * share) };
    }),
  }));
}
