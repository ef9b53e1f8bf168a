import { and, asc, eq, inArray, sql } from 'drizzle-orm';
import type { Reader } from '../../db/client';
import { glassIdentity } from '../../db/identity';
import { glass, tasting, tastingPart, user, wine } from '../../db/schema';
import { contract } from '../../contract';
import { serve } from '../command';
import { tableStateOf } from '../guest/state';
import { stateSource, type Source } from '../live/feeds';
import { linkKey } from '../join-code';
import { found } from './found';
import { winesAsGlasses } from './panel';
import { peopleOf } from './people';

const here = (venueId: string, id: string) => and(eq(tasting.venueId, venueId), eq(tasting.id, id));

/** An evening as its hosts see it; undefined for a sitting nobody leads. In a flight that is blind to the host too, the query leaves out what is covered. */
async function hostStateOf(db: Reader, venueId: string, id: string) {
  const table = await tableStateOf(db, venueId, id, 0, null);
  if (table === undefined) return undefined;
  const glasses = table.panel ? await winesAsGlasses(db, venueId, id) : table.glasses;
  const [row] = await db
    .select({
      flightId: tasting.flightId,
      plan: tasting.plan,
      run: tasting.run,
      parked: tasting.parked,
      joinCode: tasting.joinCode,
      wheel: user.id,
      wheelName: user.name,
    })
    .from(tasting)
    .leftJoin(user, eq(user.id, tasting.wheel))
    .where(here(venueId, id));
  const { plan, run } = row!;
  const double = plan!.blind === 'double';
  const identities = await db
    .select({ glassId: glass.id, givenAway: glass.givenAway, wineId: wine.id, name: wine.name, producer: wine.producer })
    .from(glass)
    .leftJoin(
      glassIdentity,
      and(eq(glassIdentity.venueId, glass.venueId), eq(glassIdentity.glassId, glass.id), double ? sql`${glass.revealedAt} is not null` : undefined),
    )
    .leftJoin(wine, and(eq(wine.venueId, glassIdentity.venueId), eq(wine.id, glassIdentity.wineId)))
    .where(
      and(
        eq(glass.venueId, venueId),
        eq(glass.tastingId, id),
        table.panel
          ? inArray(
              glass.id,
              glasses.map((wineOf) => wineOf.id),
            )
          : undefined,
      ),
    )
    .orderBy(asc(glass.place), asc(glass.id));
  const pourers = await db
    .select({ userId: user.id, name: user.name })
    .from(tastingPart)
    .innerJoin(user, eq(user.id, tastingPart.userId))
    .where(and(eq(tastingPart.venueId, venueId), eq(tastingPart.tastingId, id)));
  return {
    ...table,
    glasses,
    id,
    flightId: row!.flightId,
    program: [...plan!.program],
    at: run!.at,
    far: run!.far,
    started: run!.started,
    more: run!.more,
    letTo: run!.letTo ?? -1,
    room: run!.room ?? null,
    clues: identities.flatMap((entry) => (entry.givenAway ? [entry.glassId] : [])),
    set: { ...run!.set },
    joinCode: row!.joinCode,
    joinKey: row!.joinCode === null ? null : linkKey(row!.joinCode),
    wheel: row!.wheel === null ? null : { userId: row!.wheel, name: row!.wheelName! },
    pourers,
    identities: identities.map(({ glassId, wineId, name, producer }) => ({
      glassId,
      wine: wineId === null ? null : { id: wineId, name: name!, producer: producer! },
    })),
    routine: plan!.routine,
    pourMl: plan!.pourMl,
    abv: [plan!.abv[0], plan!.abv[1]] as [number, number],
    parked: [...(row!.parked ?? [])],
  };
}

export const getEvening = serve(contract.tasting.get, async (db, actor, { id }) => found(await hostStateOf(db, actor.venueId, id)));
export const eveningPeople = serve(contract.tasting.people, async (db, actor, { id }) => found(await peopleOf(db, actor.venueId, id)));

/** What a host’s page watches of an evening. */
export const hostSources = (db: Reader, venueId: string, id: string): readonly Source[] => [
  stateSource(`host/${venueId}/${id}`, id, () => hostStateOf(db, venueId, id), `state/host.${id}`),
  {
    key: `people/${venueId}/${id}`,
    event: `people/host.${id}`,
    gather: 1000,
    // Who is out of touch shows by time alone.
    every: 15_000,
    hears: (news) => 'tastingId' in news && news.tastingId === id,
    read: async () => {
      const state = await peopleOf(db, venueId, id);
      return state === undefined ? null : { state };
    },
  },
];
