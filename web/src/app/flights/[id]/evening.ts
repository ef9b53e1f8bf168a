import { cache } from 'react';
import { me } from '@/server/account/queries';
import { mustBeAbleTo, read } from '@/server/page';
import { eveningsOfFlight } from '@/server/tasting/open-evening';
import { getEvening } from '@/server/tasting/host-state';
import { loadFlight } from './load';

/** A flight with the evening that is led of it: the one asked for, else the one that is not closed. */
export const loadEvening = cache(async (flightId: string, asked: string | undefined) => {
  await mustBeAbleTo('tasting.lead');
  const [flight, { tastings }, who] = await Promise.all([loadFlight(flightId, false), read(eveningsOfFlight, { id: flightId }), read(me)]);
  const present = tastings.find((entry) => (asked === undefined ? entry.closedAt === null : entry.id === asked));
  return { flight, past: tastings, userId: who.userId, evening: present === undefined ? undefined : await read(getEvening, { id: present.id }) };
});
