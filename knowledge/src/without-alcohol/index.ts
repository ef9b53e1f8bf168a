import { fitOf, type Fit, type PairingWine } from '@rose/core/pairing/dish-fit';
import type { Dish } from '@rose/core/pairing/dish';
import { softDrinks, type SoftDrink } from './data';

export { softDrinks, type SoftDrink };
/** A drink as pairing sees a wine: its colour class says nothing of its taste. */
const asWine = ({ id, name, loads, echoes }: SoftDrink): PairingWine => ({ id, name, loads, echoes, colour: loads.tannin >= 30 ? 'red' : 'white' });
/** The best drink without alcohol for a dish, by the same bearings and rules as a wine. */
export function bestSoftDrink(dish: Dish): { readonly drink: SoftDrink; readonly fit: Fit } | undefined {
  if (dish.empty) return undefined;
  return softDrinks.map((drink) => ({ drink, fit: fitOf(dish, asWine(drink)) })).reduce((best, one) => (one.fit.fit > best.fit.fit ? one : best));
}
