import { composeDish, type Dish } from '@rose/core/pairing/dish';
import { fitNumber, type PairingWine } from '@rose/core/pairing/dish-fit';
import type { Loads } from '@rose/core/wine/profile';
import { cheeseAsPart, cheeseFacts, type CheeseFacts } from './index';

/** A cheese for a rest, as a tool: what it takes from the wine before, and how little it leaves for the one after. */
export interface PalateCheese {
  readonly id: string;
  readonly name: string;
  /** Grams a guest. */
  readonly grams: number;
  readonly because: string;
}
/** Grams of cheese a guest takes in a rest. Common practice. */
export const cheeseOfARest = 30;

type Rested = Pick<PairingWine, 'id' | 'name' | 'loads'>;
/** What stays in the mouth would be tasted in the next wine: no mould, no washed rind, no smoke, nothing cooked sweet, nothing old. Common practice. */
const keepsQuiet = ({ paste, rind, months, smoked, caramelised }: CheeseFacts): boolean =>
  (paste === 'firm' || paste === 'hard' || paste === 'supple') &&
  rind !== 'washed' &&
  rind !== 'bloomy' &&
  months[1] <= 24 &&
  smoked !== true &&
  caramelised !== true;
let quiet: readonly { readonly facts: CheeseFacts; readonly plate: Dish }[] | undefined;
const quietCheeses = () =>
  (quiet ??= cheeseFacts.filter(keepsQuiet).map((facts) => ({ facts, plate: composeDish([{ ...cheeseAsPart(facts), grams: cheeseOfARest, cooked: [] }]) })));
/** How strongly a cheese stays, 0–100: what it has beyond its fat. */
const stays = ({ taste }: Dish): number => (taste.savour + taste.salt) / 2;
/** Points of a fit that a point of what stays costs. Own choice. */
const leaves = 0.5;

const plain = ({ id, name, loads }: Rested): PairingWine => ({ id, name, loads, colour: loads.tannin >= 35 ? 'red' : 'white', echoes: [] });
/** What of a wine a cheese takes out of the mouth. */
const taken = ({ tannin, acidity }: Loads): string => (tannin >= 35 && tannin >= acidity - 25 ? 'grip' : 'acid');
/** The cheese of a rest between two wines: of the mild and firm ones, the one that does most for the wine before and disturbs the one after least. */
export function betweenWines(before: Rested, after: Rested): PalateCheese {
  const worth = ({ plate }: { readonly plate: Dish }) => fitNumber(plate, plain(before)) + fitNumber(plate, plain(after)) - 2 * leaves * stays(plate);
  const { facts } = quietCheeses().reduce((best, one) => (worth(one) > worth(best) ? one : best));
  return {
    id: facts.id,
    name: facts.name,
    grams: cheeseOfARest,
    because: `its fat and protein take the ${taken(before.loads)} of ${before.name} out of the mouth, and it is mild enough for ${after.name}`,
  };
}

/** The cheeses of a flight’s rests, by the wine they come after; a rest after the last wine is none. */
export function restCheeses(
  order: readonly Rested[],
  rests: readonly { readonly after: string; readonly kind: string }[],
): readonly (PalateCheese & { readonly after: string })[] {
  return order.flatMap((before, i) => {
    const after = order[i + 1];
    const rested = rests.some((rest) => rest.after === before.id && rest.kind === 'cheese');
    return rested && after !== undefined ? [{ after: before.id, ...betweenWines(before, after) }] : [];
  });
}
