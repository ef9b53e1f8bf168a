import { v4, v7 } from 'uuid';
import { eq } from 'drizzle-orm';
import { emptyFlight } from '@rose/core/flight/flight';
import { emptyRow } from '@rose/core/tasting/paper';
import { emptyNote } from '@rose/core/wine/note';
import type { WineDocument } from '@rose/core/wine/facts';
import { connections } from '../../db/client';
import { apiToken, glass, invitation, note } from '../../db/schema';
import { saveWine } from '../cellar/commands';
import { saveFlight } from '../flight/operations';
import { openNote } from '../note/glasses';
import { saveNote } from '../note/operations';
import { saveDish } from '../pairing/operations';
import { usualChoices } from '../account/settings';
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
  const [wineId, otherWineId, flightId, noteId, dishId] = [v7(), v7(), v7(), v7(), v7()];
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
    glassId: row!.glassId,
    tokenId: token!.id,
    invitationId: open!.id,
    schemeId,
    routineId,
  };
}

/** A valid input of every operation that takes one, for a world. */
export function exampleInputs(world: World): Record<string, Record<string, unknown>> {
  const one = (id: string) => ({ id });
  const led = () => ({ id: world.eveningId, basedOn: world.eveningTick, actId: v4() });
  const write = (id: string, document: unknown, baseRevision: number) => ({ id, writeId: v4(), baseRevision, document });
  return {
    'wine.save': write(world.wineId, assyrtiko, 1),
    'wine.delete': one(world.wineId),
    'wine.restore': one(world.wineId),
    'wine.get': one(world.wineId),
    'wine.hangsOn': one(world.wineId),
    'flight.hangsOn': one(world.flightId),
    'dish.hangsOn': one(world.dishId),
    'sample.load': {},
    'sample.takeOut': {},
    'sample.hangsOn': {},
    'today.get': {},
    'today.search': { q: 'a' },
    'wine.orderWine': one(world.wineId),
    'wine.import': { csv: 'name,producer\nA,B', mapping: { name: 'name' }, preview: true, same: 'ask' },
    'wine.export': { format: 'csv' },
    'wine.list': { q: 'x', limit: '10', sort: 'name', direction: 'up', colour: 'red', bubbles: 'still', held: 'yes' },
    'flight.save': write(
      world.flightId,
      {
        ...emptyFlight,
        name: 'x',
        wines: [{ id: world.wineId, pourMl: 40, predict: 'splits', air: 'open', route: 'ice', glass: 'bowl' }],
        order: [world.wineId],
        pins: [{ kind: 'first', wine: world.wineId }],
        rests: [{ after: world.wineId, kind: 'bread' }],
        goals: [{ id: 'g', kind: 'unoaked', figure: 1 }],
        done: { polish: '2026-12-03T18:00:00Z' },
        checks: { light: true },
        starts: '2026-12-03T19:00',
      },
      1,
    ),
    'flight.delete': one(world.flightId),
    'flight.restore': one(world.flightId),
    'flight.get': one(world.flightId),
    'flight.order': { id: world.flightId, school: 'weight', rests: '1', order: world.wineId },
    'flight.schools': one(world.flightId),
    'flight.doubts': one(world.flightId),
    'flight.propose': { theme: 'free', most: 4, dish: null, held: false },
    'flight.quantities': one(world.flightId),
    'flight.timetable': { id: world.flightId, now: '2026-12-03T15:00:00Z' },
    'flight.temperature': one(world.flightId),
    'flight.lists': one(world.flightId),
    'flight.design': one(world.flightId),
    'flight.shared': one(world.flightId),
    'flight.moveView': { id: world.flightId, starts: '2026-12-10T19:00' },
    'flight.copy': { id: world.flightId, newId: v7(), name: 'Again', starts: '2026-12-10T19:00' },
    'flight.sendCalendar': one(world.flightId),
    'flight.calendarState': one(world.flightId),
    'flight.makeFeed': one(world.flightId),
    'flight.revokeFeed': one(world.flightId),
    'flight.feed': { code: 'nonsense' },
    'flight.print': { id: world.flightId, kind: 'sheet', paper: 'a4' },
    'flight.prints': one(world.flightId),
    'probe.add': { id: v7(), medium: 'fridge', formatMl: 750, ambientC: 4, on: '2026-11-26', readings: [{ minutes: 0, celsius: 22 }] },
    'probe.remove': one(v7()),
    'probe.list': {},
    'probe.simulate': { medium: 'fridge', formatMl: 750, startC: 22, minutes: 60, count: 5, seed: 1 },
    'note.open': { id: v7(), wineId: world.wineId },
    'note.save': write(
      world.noteId,
      {
        ...emptyNote,
        observed: { acidity: 60, clarity: 'clear', finish: { seconds: 3 }, quality: 80 },
        chips: [{ id: 'c', term: 'lemon', layer: 'first', strength: 2 }],
        ideas: [{ id: 'i', at: 'before', grape: 'Furmint', place: 'Tokaj', age: 3, vessel: 'used', price: 'dearer', certainty: 50 }],
        circumstances: { glassC: 9, openMinutes: 20, coffee: true },
        triage: { musty: false },
        kept: { 'white-with-grip': true },
      },
      2,
    ),
    'note.delete': one(world.noteId),
    'note.restore': one(world.noteId),
    'note.get': one(world.noteId),
    'note.text': one(world.noteId),
    'note.scores': one(world.noteId),
    'note.triage': one(world.noteId),
    'note.consistency': one(world.noteId),
    'routine.list': {},
    'routine.get': { id: world.routineId, version: '1' },
    'routine.save': { id: world.routineId, baseVersion: 1, document: { ...plainRoutine, name: 'One sip, again' } },
    'scheme.list': {},
    'scheme.get': { id: world.schemeId, version: '1' },
    'scheme.save': { id: world.schemeId, baseVersion: 1, document: { ...plainSheet, label: 'Two marks, again' } },
    'scheme.preview': { document: plainSheet },
    'note.deduce': one(world.noteId),
    'note.deck': one(world.noteId),
    'descriptor.list': { q: 'lem' },
    'note.expectation': one(world.noteId),
    'note.price': one(world.noteId),
    'note.deal': { notes: [v7(), v7()], wineIds: [world.wineId, world.otherWineId] },
    'note.uncover': one(world.noteId),
    'note.calls': {},
    'note.planned': {},
    'note.repeatability': {},
    'note.dealPairs': { pairs: [{ notes: [v7(), v7()], wineIds: [world.wineId, world.otherWineId] }] },
    'descriptor.learnt': {},
    'descriptor.learn': { word: 'marzi', term: 'almond' },
    'note.moment': { id: world.noteId, noteId: v7(), moment: 'air' },
    'note.share': { id: world.noteId, shared: true },
    'note.file': { id: world.noteId, format: 'json' },
    'note.import': {
      file: {
        kind: 'rose-compass/note',
        version: 1,
        id: v7(),
        tastedAt: '2026-11-20T18:00:00.000Z',
        moment: 'first',
        taster: 'Somebody',
        wine: { id: world.wineId, name: 'The same by another name', producer: '' },
        document: emptyNote,
      },
    },
    'note.list': { q: 'lemon', wineId: world.wineId, from: '2026-01-01', to: '2026-12-31', least: '50', colour: 'white', mine: 'yes', limit: '10' },
    'note.export': { format: 'json', q: 'lemon' },
    'dish.save': write(world.dishId, { schema: 1, name: 'x', remark: '', parts: [{ id: 'a', part: 'octopus', grams: 100 }] }, 1),
    'dish.delete': one(world.dishId),
    'dish.restore': one(world.dishId),
    'dish.get': one(world.dishId),
    'pairing.wines': { among: `flight:${world.flightId}` },
    'pairing.advise': { parts: [{ part: 'octopus', grams: 100 }], among: `flight:${world.flightId}` },
    'venue.save': { name: 'x', settings: { ...usualChoices, country: 'GR' } },
    'venue.create': { name: 'x' },
    'venue.enter': one(world.owner.venueId),
    'member.invite': { email: 'a@example.invalid', role: 'host' },
    'member.accept': { code: 'nonsense' },
    'member.revokeInvitation': one(world.invitationId),
    'member.setRole': { userId: world.owner.userId, role: 'owner' },
    'member.remove': { userId: world.owner.userId },
    'token.create': { name: 'x' },
    'token.revoke': one(world.tokenId),
    'account.signUp': { name: 'x', email: 'b@example.invalid', password: 'long enough it is', venue: 'y' },
    'account.signIn': { email: 'b@example.invalid', password: 'x' },
    'account.askReset': { email: 'b@example.invalid' },
    'account.reset': { code: 'x', password: 'long enough it is' },
    'account.me': {},
    'member.list': {},
    'token.list': {},
    'mail.list': {},
    'flight.list': {},
    'dish.list': {},
    'wine.countries': {},
    'account.signOut': {},
    'demo.comeIn': {},
    'document.changed': {
      open: [
        { kind: 'note', id: world.noteId, revision: 1 },
        { kind: 'wine', id: world.wineId, revision: 9 },
      ],
    },
    'tasting.open': { id: world.flightId, tastingId: v7() },
    'tasting.ofFlight': one(world.flightId),
    'tasting.get': one(world.eveningId),
    'tasting.wall': one(world.eveningId),
    'tasting.people': one(world.eveningId),
    'document.stream': {},
    'tasting.letGoOn': { ...led(), to: 0 },
    'tasting.bottles': one(world.eveningId),
    'tasting.recap': one(world.eveningId),
    'tasting.clue': { ...led(), place: 0, is: true },
    'tasting.room': { ...led(), light: true, air: false },
    'tasting.faultSheet': { id: world.eveningId, glassId: world.eveningGlassId },
    'tasting.belongs': { id: world.eveningId, courseId: null, promised: 'sweet wines' },
    'course.list': {},
    'course.save': { id: v7(), name: 'Fire and salt' },
    'paper.sheet': one(world.eveningId),
    'paper.seat': { id: world.eveningId, participantId: v4(), name: 'Ida' },
    'paper.type': { id: world.eveningId, participantId: world.paperGuestId, glassId: world.eveningGlassId, row: emptyRow },
    'guest.told': {},
    'guest.hint': { glassId: world.eveningGlassId },
    'guest.bottle': { glassId: world.eveningGlassId, says: 'another year' },
    'guest.keep': { on: true },
    'guest.takeaway': { code: 'x'.repeat(32) },
    'guest.endTakeaway': { code: 'x'.repeat(32) },
    'tasting.move': { ...led(), to: 1 },
    'tasting.pause': { ...led(), paused: true },
    'tasting.grant': { ...led(), minutes: 1, stop: 2 },
    'tasting.takeWheel': { id: world.eveningId, actId: v4() },
    'tasting.uncover': { ...led(), glassId: world.eveningGlassId, fact: 'grape' },
    'tasting.cover': { ...led(), glassId: world.eveningGlassId, fact: 'grape' },
    'tasting.reject': { ...led(), glassId: world.eveningGlassId },
    'tasting.ask': { ...led(), pollId: v4(), place: 0, question: 'Sweet or dry?', options: ['sweet', 'dry'], forecast: 1 },
    'tasting.asked': one(world.eveningId),
    'tasting.count': led(),
    'tasting.park': { ...led(), text: 'Is the cloud a fault?', away: v4() },
    'tasting.rehearse': { id: world.eveningId, guests: 3, seed: 1 },
    'tasting.remove': { ...led(), participantId: v4() },
    'tasting.close': led(),
    'tasting.talk': { id: world.eveningId, glassId: world.eveningGlassId },
    'tasting.calls': { id: world.eveningId, glassId: world.eveningGlassId },
    'tasting.pour': { id: world.eveningId, actId: v4() },
    'tasting.pourList': one(world.eveningId),
    'guest.find': { code: 'NOSUCHC' },
    'guest.join': { code: 'NOSUCHC', seat: 'x'.repeat(24), name: 'Ana' },
    'guest.stream': {},
    'guest.begin': { noteId: v4(), glassId: world.eveningGlassId },
    'guest.note': one(world.noteId),
    'guest.lock': { glassId: world.eveningGlassId, locked: true },
    'guest.table': { glassId: world.eveningGlassId },
    'guest.marks': {},
    'guest.arrive': { arrival: { cold: true } },
    'guest.share': { card: { allergies: 'nuts' } },
    'guest.doubt': { glassId: world.eveningGlassId, smells: 'cellar' },
    'guest.answer': { id: v4(), option: 0 },
    'guest.wait': {},
    'guest.leave': { forget: false },
    'guest.tasting': {},
    'guest.saveNote': write(world.noteId, { ...emptyNote }, 2),
    health: {},
  };
}
