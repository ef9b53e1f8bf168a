import type { Reader } from '../../db/client';
import { readFlight } from '../flight/store';

/** The flight a list of wines is of; undefined for every other list. */
export const flightAmong = (which: string): string | undefined => (which.startsWith('flight:') ? which.slice('flight:'.length) : undefined);
/** The wines of the cellar, undefined standing for all, or those of a flight that are not to be bought first. */
export const idsAmong = async (db: Reader, venueId: string, which: string): Promise<readonly string[] | undefined> => {
  const flightId = flightAmong(which);
  if (flightId === undefined) return undefined;
  const { document } = await readFlight(db, venueId, flightId);
  return document.wines.filter((entry) => entry.buy === undefined).map((entry) => entry.id);
};
