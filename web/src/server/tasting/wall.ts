import { and, eq } from 'drizzle-orm';
import type { Reader } from '../../db/client';
import { tasting } from '../../db/tasting';
import { contract } from '../../contract';
import { serve } from '../command';
import { tableStateOf } from '../guest/state';
import { stateSource, type Source } from '../live/feeds';
import { found } from './found';
import { winesAsGlasses } from './panel';

/** What every seat sees; of a panel its wines as they are uncovered, since no glass is the same before two seats. */
async function roomState(db: Reader, venueId: string, id: string) {
  const state = await tableStateOf(db, venueId, id, 0, null);
  if (state?.panel !== true) return state;
  return { ...state, glasses: (await winesAsGlasses(db, venueId, id)).filter((glass) => glass.facts.length > 0) };
}
/** An evening for the whole room: what every seat sees, from the first wine on, and the code to join by. */
export const wallOf = serve(contract.tasting.wall, async (db, actor, { id }) => {
  const state = found(await roomState(db, actor.venueId, id));
  const [row] = await db
    .select({ joinCode: tasting.joinCode })
    .from(tasting)
    .where(and(eq(tasting.venueId, actor.venueId), eq(tasting.id, id)));
  return { state, code: row?.joinCode ?? null };
});
/** What such a screen watches. */
export const wallSources = (db: Reader, venueId: string, id: string): readonly Source[] => [
  stateSource(`wall/${venueId}/${id}`, id, () => roomState(db, venueId, id), `state/wall.${id}`),
];
