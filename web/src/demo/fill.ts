import { fileURLToPath } from 'node:url';
import { eq } from 'drizzle-orm';
import { v4, v7 } from 'uuid';
import { emptyFlight } from '@rose/core/flight/flight';
import { emptyNote } from '@rose/core/wine/note';
import { schoolOf } from '@rose/core/order/ordering-rules';
import { bestOrder } from '@rose/core/order/solve';
import { accounts } from '../server/accounts';
import { demoEmail, demoPassword } from '../server/account/demo';
import { usualChoices } from '../server/account/settings';
import { saveWine } from '../server/cellar/commands';
import { asOrderWine, knownWines } from '../server/cellar/profiles';
import type { AnyOperation, Member } from '../server/command';
import { saveFlight } from '../server/flight/operations';
import { perform } from '../server/http';
import { glassCode, openNote } from '../server/note/glasses';
import { saveNote } from '../server/note/operations';
import { begin } from '../server/note/store';
import * as acts from '../server/tasting/acts';
import { saveDish } from '../server/pairing/operations';
import { emptyMenu } from '@rose/core/menu/menu-document';
import { saveMenu } from '../server/pairing/menus';
import { closeConnections, connections } from '../db/client';
import { member, user, venue } from '../db/schema';
import { styleWine } from '@rose/knowledge/pairing';
import { generalStyle } from '@rose/knowledge/styles/index';
import { demoDishes, demoMenu, demoTries } from './dishes';
import { seededRandom } from '@rose/core/chance/seeded-random';
import { inventedNote, tasters } from './notes';
import { dayIn } from '@rose/core/wine/day';
import { instantIn } from '../server/wall-time';
import { demoDays } from './days';
import { demoWines } from './wines';

/**
 * Fills the Lantern Quay Tasting Room: everything that has a command is made through it. Does nothing where the demo is already.
 * @param filledOn ISO date its evenings lie around
 */
export async function fillDemo(filledOn: string): Promise<void> {
  const { been, coming } = demoDays(filledOn);
  const { db } = connections();
  const [present] = await db.select({ id: user.id }).from(user).where(eq(user.email, demoEmail));
  if (present !== undefined) return;
  const made = await accounts().api.signUpEmail({ body: { name: 'Ines', email: demoEmail, password: demoPassword } });
  const venueId = v7();
  await db.insert(venue).values({
    id: venueId,
    name: 'Lantern Quay',
    settings: { ...usualChoices, country: 'GR', stock: { ...usualChoices.stock, fridgePlaces: 8, bucketPlaces: 4 } },
  });
  await db.insert(member).values({ venueId, userId: made.user.id, role: 'owner' });
  const actor: Member = { kind: 'member', userId: made.user.id, name: 'Ines', email: demoEmail, venueId, role: 'owner', via: 'session' };
  const run = (operation: AnyOperation, input: unknown) => perform(operation, actor, input, { cookies: [] });
  const save = (operation: AnyOperation, id: string, document: unknown, baseRevision = 0) => run(operation, { id, writeId: v4(), baseRevision, document });

  const ids = new Map<string, string>();
  for (const document of demoWines) {
    const id = v7();
    ids.set(document.name, id);
    await save(saveWine, id, document);
  }
  const id = (name: string) => ids.get(name)!;
  for (const { name, parts } of demoDishes) {
    const tries = Object.entries(demoTries[name] ?? {}).map(([style, verdict]) => {
      const { fortified, ...wine } = styleWine(generalStyle(style));
      return {
        id: v4(),
        wine: { ...wine, echoes: [...new Set(wine.echoes)], ...(fortified === true ? { fortified } : {}) },
        parts: parts.map((part) => ({ part })),
        verdict,
        on: been,
      };
    });
    await save(saveDish, v7(), { schema: 1, name, parts: parts.map((part) => ({ id: v4(), part })), remark: '', tries });
  }
  const partsOf = (name: string) => demoDishes.find((dish) => dish.name === name)!.parts.map((part) => ({ id: v4(), part }));
  const { courses, ...table } = demoMenu;
  await save(saveMenu, v7(), {
    ...emptyMenu,
    ...table,
    among: 'cellar',
    courses: courses.map((name) => ({ id: v4(), name, parts: partsOf(name) })),
    seats: [{ id: v4(), seat: 4, allergens: [], diets: ['no-fish'], drinks: true }],
  });

  const first = ['Slate Wire', 'Terrace Pepper', 'Ember Rosado', 'Signal Red', 'Late Ferry'];
  const second = ['Salt Lamp Brut Nature', 'Caldera Ledge', 'Black Scree', 'Quay Jar', 'Lamplighter', 'Harbour Amber'];
  const known = new Map((await knownWines(db, venueId)).map((entry) => [entry.id, entry]));
  const ordered = (names: readonly string[]) => {
    const solution = bestOrder(
      names.map((name) => asOrderWine(known.get(id(name))!)),
      [],
      schoolOf('weight'),
    );
    return solution.kind === 'best' ? solution.judgement.order : names.map(id);
  };
  const entries = (names: readonly string[]) => names.map((name) => ({ id: id(name) }));
  const slateId = v7();
  await save(saveFlight, slateId, {
    ...emptyFlight,
    name: 'Slate and iron',
    theme: 'free',
    blind: 'single',
    wines: entries(first),
    order: ordered(first),
    poured: ordered(first),
    guests: 8,
    starts: `${been}T19:00`,
  });
  await save(saveFlight, v7(), {
    ...emptyFlight,
    name: 'Fire and salt',
    theme: 'free',
    blind: 'single',
    wines: entries(second),
    order: second.map(id),
    pins: [{ kind: 'last', wine: id('Harbour Amber') }],
    mostRests: 1,
    guests: 12,
    starts: `${coming}T19:00`,
    budgetMinor: 2400,
    goals: [
      { id: 'oak', kind: 'unoaked', figure: 3 },
      { id: 'places', kind: 'countries', figure: 3 },
      { id: 'budget', kind: 'aHead', figure: 2400 },
    ],
  });
  await closedEvening(actor, slateId, instantIn(`${been}T19:00`, usualChoices.timeZone), ordered(first), save);
  // The host's own afternoon note on the wine of the next evening.
  const own = v7();
  await run(openNote, { id: own, wineId: id('Black Scree') });
  await save(saveNote, own, inventedNote(known.get(id('Black Scree'))!, { name: 'Ines', offset: 0, scatter: 3, words: 4 }, seededRandom(7)), 1);
}

/** The evening that has been: eight invented people, five wines, forty notes, all labels uncovered at the end. */
async function closedEvening(
  actor: Member,
  flightId: string,
  begins: Date,
  wines: readonly string[],
  save: (operation: AnyOperation, id: string, document: unknown, baseRevision?: number) => Promise<unknown>,
): Promise<void> {
  const { db } = connections();
  const { venueId } = actor;
  const tastingId = acts.newTasting();
  const at = (minutes: number) => new Date(begins.getTime() + minutes * 60_000);
  const on = (minutes: number) => ({ venueId, tastingId, basedOn: 'now' as const, at: at(minutes) });
  const seats = tasters.map((taster, i) => ({ participantId: v7(), name: taster.name, seat: i + 1, simulated: true }));
  await db.transaction(async (tx) => {
    await acts.open(tx, { venueId, tastingId, kind: 'table', flightId, name: 'Slate and iron', at: at(0) });
    for (const seat of seats) await acts.join(tx, on(0), seat);
  });
  const known = new Map((await knownWines(db, venueId, wines)).map((entry) => [entry.id, entry]));
  const random = seededRandom(20_261_112);
  const codes = new Set<string>();
  const glassIds: string[] = [];
  for (const [place, wineId] of wines.entries()) {
    let code = glassCode();
    while (codes.has(code)) code = glassCode();
    codes.add(code);
    const glassId = v4();
    glassIds.push(glassId);
    await db.transaction((tx) => acts.pour(tx, on(4 + place * 14), [{ glassId, place, code, wineId }], false));
    for (const [i, { participantId }] of seats.entries()) {
      const noteId = v7();
      await db.transaction((tx) =>
        begin(tx, venueId, { noteId, glassId, participantId, moment: 'first', document: emptyNote, tastedAt: at(6 + place * 14 + i) }),
      );
      await save(saveNote, noteId, inventedNote(known.get(wineId)!, tasters[i]!, random), 1);
    }
  }
  await db.transaction(async (tx) => {
    await acts.uncover(tx, on(90), glassIds);
    await acts.close(tx, on(95));
  });
}

if (process.argv[1] === fileURLToPath(import.meta.url)) {
  fillDemo(process.argv[2] ?? dayIn(new Date(), usualChoices.timeZone))
    .then(closeConnections)
    .catch((error: Error) => {
      console.error(error.stack ?? error.message);
      process.exit(1);
    });
}
