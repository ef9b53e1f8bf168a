import type { z } from 'zod';
import type { Frozen } from '../document/frozen';
import type { arrival, guestCard } from './guest-schema';

/** What a guest says on arrival that bends a reading: two taps. */
export const arrivals = {
  cold: 'I have a cold',
  coffee: 'coffee within the hour',
  toothpaste: 'toothpaste within the hour',
  perfume: 'perfume or smoke near me',
  eaten: 'I have eaten',
} as const;
/** What becomes of the wine in the mouth. */
export const drinkings = { swallows: 'I swallow', spits: 'I spit', none: 'I do not drink' } as const;
export const habits = { new: 'this is new to me', some: 'I have tasted like this before', used: 'I do this often' } as const;

/** What stands instead of a name that was deleted, or is over: nobody is counted by it. */
export const nameless = 'A guest';

export type Arrival = Frozen<z.output<typeof arrival>>;
/** A card a guest keeps on their own device and shares only by choice. */
export type GuestCard = Frozen<z.output<typeof guestCard>>;

/**
 * A name people can be told apart by: two of one name are told apart by their seats.
 * @param all everybody at the table, with their seats
 */
export const nameAt = (name: string, seat: number, all: readonly { readonly name: string }[]): string =>
  all.filter((other) => other.name.trim().toLowerCase() === name.trim().toLowerCase()).length > 1 ? `${name}, seat ${seat}` : name;
