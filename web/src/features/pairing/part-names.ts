import { keysOf } from '@rose/core/wine/keys';
import { diets, type Diet } from '@rose/knowledge/kitchen/index';
import { ingredient, partKinds, wayOfCooking, type DishPart } from '@rose/knowledge/pairing';

export const nameOf = (part: string) => ingredient(part)?.name ?? wayOfCooking(part)?.name ?? part;
export const kindOf = (part: string) => (wayOfCooking(part) !== undefined ? 'Cooking' : partKinds[ingredient(part)?.kind ?? 'base']);
/** Parts in a line: "lamb (grilled), potatoes 150 g". */
export const partsInWords = (parts: readonly DishPart[]): string =>
  parts
    .map(
      ({ part, grams, cooked = [] }) =>
        `${nameOf(part)}${cooked.length === 0 ? '' : ` (${cooked.map(nameOf).join(', ')})`}${grams === undefined ? '' : ` ${grams} g`}`,
    )
    .join(', ');
/** Ways of eating by name. */
export const dietNames = Object.fromEntries(keysOf(diets).map((id) => [id, diets[id].name])) as Record<Diet, string>;
