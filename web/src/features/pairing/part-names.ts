import { ingredient, partKinds, wayOfCooking } from '@rose/knowledge/pairing';

export const nameOf = (part: string) => ingredient(part)?.name ?? wayOfCooking(part)?.name ?? part;
export const kindOf = (part: string) => (wayOfCooking(part) !== undefined ? 'Cooking' : partKinds[ingredient(part)?.kind ?? 'base']);
