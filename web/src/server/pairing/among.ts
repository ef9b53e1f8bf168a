import type { Reader } from '../../db/client';
import { readFlight } from '../flight/store';

/** The wines of the cellar, undefined standing for all, or those of a flight that are not to be bought first. */
export const idsAmong = async (db: Reader, venueId: string, which: string): Promise<readonly string[] | undefined> =>
  which === 'cellar'
    ? undefined
    : (await readFlight(db, venueId, which.slice('flight:'.length))).document.wines.filter((entry) => entry.buy === undefined).map((entry) => entry.id);
