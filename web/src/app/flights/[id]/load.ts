import { cache } from 'react';
import { emptyFlight } from '@rose/core/flight/flight';
import { may } from '@/contract/roles';
import { factsOfVenue } from '@/server/account/settings';
import { me } from '@/server/account/queries';
import { getFlight } from '@/server/flight/operations';
import { read } from '@/server/page';
import type { LoadedFlight } from '@/features/shared-flight/use-flight';

/** A flight for its pages; a new one stands on the device only until it is first changed. */
export const loadFlight = cache(async (id: string, isNew: boolean): Promise<LoadedFlight> => {
  const who = await read(me);
  const shared = { id, mayEdit: may(who, 'flight.edit') };
  if (isNew) {
    const settings = who.venue!.settings;
    return {
      ...shared,
      revision: 0,
      plan: 0,
      document: { ...emptyFlight, name: 'A new flight', school: settings.school },
      base: emptyFlight,
      wines: [],
      venue: factsOfVenue(settings),
      timeZone: settings.timeZone,
    };
  }
  const flight = await read(getFlight, { id });
  return {
    ...shared,
    revision: flight.revision,
    plan: flight.plan,
    document: flight.document,
    base: flight.document,
    wines: flight.wines,
    venue: flight.venue,
    timeZone: flight.timeZone,
  };
});
