import { v4, v7 } from 'uuid';
import { eq } from 'drizzle-orm';
import { emptyFlight } from '@rose/core/flight/flight';
import { emptyNote } from '@rose/core/wine/note';
import type { WineDocument } from '@rose/core/wine/facts';
import { connections } from '../../db/client';
import { apiToken, glass, invitation, note } from '../../db/schema';
import { saveWine } from '../cellar/commands';
import { saveFlight } from '../flight/operations';
import { openNote } from '../note/glasses';
import { saveNote } from '../note/operations';
import { emptyMenu } from '@rose/core/menu/menu-document';
import { saveMenu } from '../pairing/menus';
import { saveDish } from '../pairing/operations';
import { invite, makeToken } from '../account/venue-commands';
import type { OwnRoutine } from '@rose/core/routine/routine';
import type { OwnScheme } from '@rose/core/score/own-scheme';
import { openEvening } from '../tasting/open-evening';
import { seatOnPaper } from '../tasting/paper';
import { saveRoutine } from '../own-designs/routines';
import { saveScheme } from '../own-designs/schemes';
import type { Member } from '../command';
import { firstWrite, newMember, run } from './venue';

/** A venue with one of everything, made through the commands. */
export interface World {
  readonly owner: Member;
  readonly wineId: string;
  readonly otherWineId: string;
  readonly flightId: string;
  readonly noteId: string;
  readonly dishId: string;
  readonly menuId: string;
  readonly glassId: string;
  readonly tokenId: string;
  readonly invitationId: string;
  readonly schemeId: string;
  readonly routineId: string;
  /** An evening of the flight, led by the owner, with one of its glasses and its tick. */
  readonly eveningId: string;
  readonly paperGuestId: string;
  readonly eveningGlassId: string;
  readonly eveningTick: number;
}
/** The smallest routine there is. */
export const plainRoutine: OwnRoutine = {
  schema: 1,
  name: 'One sip',
  says: '',
  steps: [{ name: 'taste', quarter: 'palate', sniffs: 1, sips: 1, minutes: 1, asks: ['acidity', 'smells'] }],
};
/** The smallest sheet there is. */
export const plainSheet: OwnScheme = {
  schema: 1,
  label: 'Two marks',
  source: 'a test',
  criteria: [
    { id: 'nose', label: 'nose', section: 'aroma', marks: [10, 5, 0], looks: [{ cue: 'noseFineness', weight: 1 }] },
    {
      id: 'whole',
      label: 'whole',
      section: 'overall',
      marks: [10, 8, 6, 4, 2, 0],
      looks: [
        { cue: 'balance', weight: 2 },
        { cue: 'complexity', weight: 1 },
      ],
    },
  ],
  classes: [
    { from: 15, word: 'keep' },
    { from: 0, word: 'pass' },
  ],
};
export const assyrtiko: WineDocument = {
  schema: 1,
  name: 'Caldera Ledge',
  producer: 'Mikri Vigla',
  remark: '',
  facts: {
    colour: { value: 'white', origin: 'label' },
    bubbles: { value: 'still', origin: 'label' },
    grapes: { value: [{ grape: 'Assyrtiko', share: { kind: 'exact', percent: 100 } }], origin: 'label' },
    vintage: { value: { kind: 'year', year: 2023 }, origin: 'label' },
    abv: { value: 13.5, origin: 'label' },
    sugar: { value: 1.8, origin: 'laboratory' },
    acidity: { value: 7.2, origin: 'laboratory' },
    region: { value: 'a volcanic island', origin: 'label' },
    organic: { value: true, origin: 'maker' },
  },
  lots: [{ id: v7(), formatMl: 750, held: 6, priceMinor: 2400, currency: 'EUR', merchant: 'Harbour merchant', bought: '2026-09-01' }],
};
export const lamplighter: WineDocument = {
  schema: 1,
  name: 'Lamplighter',
  producer: 'Trís Péfka',
  remark: '',
  lots: [],
  facts: {
    colour: { value: 'red', origin: 'label' },
    bubbles: { value: 'still', origin: 'label' },
    grapes: { value: [{ grape: 'Xinomavro', share: { kind: 'unknown' } }], origin: 'label' },
    abv: { value: 14, origin: 'label' },
  },
};

export async function newWorld(): Promise<World> {
  const owner = await newMember('owner');
  const [wineId, otherWineId, flightId, noteId, dishId, menuId] = [v7(), v7(), v7(), v7(), v7(), v7()];
  await run(saveWine, owner, firstWrite({ ...assyrtiko, lots: [{ ...assyrtiko.lots[0]!, id: v7() }] }, wineId));
  await run(saveWine, owner, firstWrite(lamplighter, otherWineId));
  await run(
    saveFlight,
    owner,
    firstWrite(
      { ...emptyFlight, name: 'Fire and salt', wines: [{ id: otherWineId }, { id: wineId }], order: [otherWineId, wineId], starts: '2026-12-03T19:00' },
      flightId,
    ),
  );
  await run(
    saveDish,
    owner,
    firstWrite(
      {
        schema: 1,
        name: 'Octopus on coals',
        remark: '',
        parts: [
          { id: 'a', part: 'octopus', grams: 180 },
          { id: 'b', part: 'charred' },
        ],
      },
      dishId,
    ),
  );
  await run(
    saveMenu,
    owner,
    firstWrite(
      { ...emptyMenu, name: 'Supper at the lamp', courses: [{ id: 'a', name: 'Octopus on coals', parts: [{ id: 'p', part: 'octopus', grams: 180 }] }] },
      menuId,
    ),
  );
  await run(openNote, owner, { id: noteId, wineId });
  await run(saveNote, owner, {
    id: noteId,
    writeId: v4(),
    baseRevision: 1,
    document: {
      ...emptyNote,
      observed: { acidity: 82, quality: 84, finish: { seconds: 30 }, clarity: 'clear', depth: [20, 40] },
      chips: [{ id: 'c', term: 'lemon', layer: 'first', strength: 2 }],
      remark: 'a zebra of a wine',
    },
  });
  const routineId = v7();
  await run(saveRoutine, owner, { id: routineId, baseVersion: 0, document: plainRoutine });
  const schemeId = v7();
  await run(saveScheme, owner, { id: schemeId, baseVersion: 0, document: plainSheet });
  await run(makeToken, owner, { name: 'a program' });
  await run(invite, owner, { email: 'somebody@example.invalid', role: 'host' });
  const { db } = connections();
  const [token] = await db.select().from(apiToken).where(eq(apiToken.venueId, owner.venueId));
  const [open] = await db.select().from(invitation).where(eq(invitation.venueId, owner.venueId));
  const [row] = await db.select({ glassId: note.glassId }).from(note).innerJoin(glass, eq(glass.id, note.glassId)).where(eq(note.venueId, owner.venueId));
  // Covered: what is in its glasses is known to nobody yet.
  const [coveredId, eveningId] = [v7(), v7()];
  const covered = { ...emptyFlight, name: 'Covered', blind: 'single' as const, wines: [{ id: otherWineId }, { id: wineId }], order: [otherWineId, wineId] };
  await run(saveFlight, owner, firstWrite(covered, coveredId));
  const { tick: eveningTick } = (await run(openEvening, owner, { id: coveredId, tastingId: eveningId })) as { tick: number };
  const [first] = await db.select({ id: glass.id }).from(glass).where(eq(glass.tastingId, eveningId)).orderBy(glass.place);
  const paperGuestId = v4();
  await run(seatOnPaper, owner, { id: eveningId, participantId: paperGuestId, name: 'Ida' });
  return {
    eveningId,
    paperGuestId,
    eveningGlassId: first!.id,
    eveningTick,
    owner,
    wineId,
    otherWineId,
    flightId,
    noteId,
    dishId,
    menuId,
    glassId: row!.glassId,
    tokenId: token!.id,
    invitationId: open!.id,
    schemeId,
    routineId,
  };
}
