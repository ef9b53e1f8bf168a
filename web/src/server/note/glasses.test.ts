import fc from 'fast-check';
import { v4, v7 } from 'uuid';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { eq, inArray } from 'drizzle-orm';
import { anyObserved } from '@rose/core/testing/any-note';
import { fold } from '@rose/core/wine/search-folding';
import { emptyNote, type NoteDocument } from '@rose/core/wine/note';
import { noteDocument } from '@rose/core/wine/note-schema';
import { connections } from '../../db/client';
import { glassIdentity, note } from '../../db/schema';
import { hangsOn } from '../cellar/queries';
import { saveWine } from '../cellar/commands';
import { firstWrite, newMember, ownDatabase, plainWine, run } from '../testing/venue';
import { newWorld, type World } from '../testing/world';
import { pairCalls } from '../notebook/calls';
import { exportNotes, listNotes, plannedLooks, repeatability } from '../notebook/queries';
import type { Member, Reply } from '../command';
import type { AnswerOf, NoteFile } from '../../contract/answers';
import { perform } from '../http';
import { importNote, noteFileOf } from './files';
import { dealGlasses, dealPairs, newMoment, openNote, shareNote, uncover } from './glasses';
import { learnWord, learntWords } from './vocabulary';
import { composed, consistencyOf, deck, deduction, expectation, price, scores, triageOf } from './judgements';
import { deleteNote, getNote, saveNote } from './operations';

let drop: () => Promise<void>;
let world: World;
let helper: Member;
beforeAll(async () => {
  drop = await ownDatabase();
  world = await newWorld();
  helper = await newMember('helper', world.owner.venueId);
});
afterAll(() => drop());

const save = (who: Member, id: string, document: NoteDocument, baseRevision = 1) => run(saveNote, who, { id, writeId: v4(), baseRevision, document });
/** One more wine in the cellar. */
async function anotherWine(): Promise<string> {
  const id = v7();
  await run(saveWine, world.owner, firstWrite(plainWine('Another'), id));
  return id;
}
const identities = async () => (await connections().db.select().from(glassIdentity)).length;
interface Dealt {
  places: { place: string; bag: string; noteId: string }[];
  bags: { bag: string; wine: string }[] | null;
}
const full: NoteDocument = {
  ...emptyNote,
  observed: { colour: 'white', hue: 'gold', acidity: 80, body: 40, finish: { seconds: 22 }, quality: 84, balance: 70 },
  chips: [{ id: 'c', term: 'honey', layer: 'first', strength: 2 }],
  deck: { citrus: 'yes', wood: 'no' },
  ideas: [{ id: 'i', at: 'verdict', certainty: 0 }],
};

describe('hidden glasses', () => {
  it('of one’s own bags no server knows which is which, until the taster unwraps one and says', async () => {
    const before = await identities();
    const notes = [v7(), v7()];
    const dealt = (await run(dealGlasses, world.owner, { notes, wineIds: [world.wineId, world.otherWineId] })) as unknown as Dealt;
    expect(dealt.bags).toBeNull();
    expect(dealt.places.map((entry) => entry.place)).toEqual(['left', 'right']);
    expect(dealt.places.map((entry) => entry.bag).sort()).toEqual(['1', '2']);
    expect(await identities()).toBe(before);
    const hidden = (await run(getNote, world.owner, { id: notes[0] })) as { wine: unknown; hidden: unknown };
    expect(hidden).toMatchObject({ wine: null, hidden: { mine: true, named: false } });
    await expect(run(uncover, world.owner, { id: notes[0] })).rejects.toMatchObject({ status: 422 });
    await expect(run(uncover, world.owner, { id: notes[0], wineId: v7() })).rejects.toMatchObject({ status: 404 });
    await save(world.owner, notes[0]!, full);
    await run(uncover, world.owner, { id: notes[0], wineId: world.wineId });
    expect(await run(getNote, world.owner, { id: notes[0] })).toMatchObject({ wine: { id: world.wineId }, hidden: null });
    // What stood when the label came in sight is kept at the first save after it; what comes now is a second version, and is said to be one.
    expect(await run(getNote, world.owner, { id: notes[0] })).toMatchObject({ secondVersion: false });
    await save(world.owner, notes[0]!, { ...full, remark: 'now that I see it' }, 2);
    const [row] = await connections().db.select().from(note).where(eq(note.id, notes[0]!));
    expect(row!.blindDocument).toEqual(full);
    expect(row!.lockedAt).not.toBeNull();
    expect(await run(getNote, world.owner, { id: notes[0] })).toMatchObject({ secondVersion: true, document: { remark: 'now that I see it' } });
    // The other glass stays as hidden as it was.
    expect(await run(getNote, world.owner, { id: notes[1] })).toMatchObject({ wine: null });
  });
  it('dealt by a helper, the helper alone is told, and every deal is a fresh one', async () => {
    const seen = new Set<string>();
    for (let i = 0; i < 24 && seen.size < 4; i++) {
      const notes = [v7(), v7()];
      const dealt = (await run(dealGlasses, helper, { notes, wineIds: [world.wineId, world.otherWineId], taster: world.owner.email })) as unknown as Dealt;
      const left = dealt.bags!.find((entry) => entry.bag === dealt.places[0]!.bag)!.wine;
      seen.add(`${dealt.places[0]!.bag}/${left}`);
      await expect(run(getNote, helper, { id: notes[0] })).rejects.toMatchObject({ status: 403 });
      const mine = await run(getNote, world.owner, { id: notes[0] });
      expect(mine).toMatchObject({ wine: null, hidden: { mine: true, named: true } });
      expect(JSON.stringify(mine)).not.toMatch(/Caldera|Lamplighter/);
      await run(uncover, world.owner, { id: notes[0] });
      expect(((await run(getNote, world.owner, { id: notes[0] })) as { wine: { name: string } }).wine.name).toBe(left);
    }
    // Two bags and two places: all four deals come.
    expect(seen.size).toBe(4);
  });
  it('asked for again after a lost answer, a deal is the same deal, to the dealer and to the taster alike', async () => {
    const input = { notes: [v7(), v7()], wineIds: [world.wineId, world.otherWineId], taster: world.owner.email };
    const first = await run(dealGlasses, helper, input);
    expect(await run(dealGlasses, helper, input)).toEqual(first);
    // Nobody else is answered by sending the same again: not the taster, alone or with a note of another's, nor a third member who has seen the ids.
    const third = await newMember('helper', world.owner.venueId);
    const foreign = v7();
    await run(openNote, third, { id: foreign, wineId: world.wineId });
    const wineIds = [world.wineId, world.otherWineId];
    await expect(run(dealGlasses, world.owner, input)).rejects.toMatchObject({ status: 403 });
    await expect(run(dealGlasses, world.owner, { notes: [...input.notes, foreign], wineIds: [...wineIds, await anotherWine()] })).rejects.toMatchObject({
      status: 403,
    });
    await expect(run(dealGlasses, third, input)).rejects.toMatchObject({ status: 403 });
    await expect(run(dealGlasses, third, { notes: input.notes, wineIds })).rejects.toMatchObject({ status: 403 });
    const own = { notes: [v7(), v7()], wineIds: input.wineIds };
    expect(await run(dealGlasses, world.owner, own)).toEqual(await run(dealGlasses, world.owner, own));
    await expect(run(dealGlasses, helper, { ...input, notes: [input.notes[0], v7()] })).rejects.toMatchObject({ status: 422 });
  });
  it('a guess at a dealt glass is answered alike, right or wrong, and uncovers nothing', async () => {
    const notes = [v7(), v7()];
    await run(dealGlasses, helper, { notes, wineIds: [world.wineId, world.otherWineId], taster: world.owner.email });
    const answers = [];
    for (const wineId of [world.wineId, world.otherWineId, v7()])
      answers.push(await run(uncover, world.owner, { id: notes[0], wineId }).then(JSON.stringify, (error: unknown) => JSON.stringify(error)));
    expect(new Set(answers).size).toBe(1);
    expect(await run(getNote, world.owner, { id: notes[0] })).toMatchObject({ wine: null, hidden: { named: true } });
  });
  it('what hangs on a wine counts no note on a hidden glass, whatever is opened or taken away there', async () => {
    const counts = async () =>
      Promise.all([world.wineId, world.otherWineId].map(async (id) => ((await run(hangsOn, world.owner, { id })) as { notes: number }).notes));
    const before = await counts();
    const notes = [v7(), v7()];
    await run(dealGlasses, helper, { notes, wineIds: [world.wineId, world.otherWineId], taster: world.owner.email });
    expect(await counts()).toEqual(before);
    await run(newMoment, world.owner, { id: notes[0], noteId: v7(), moment: 'air' });
    expect(await counts()).toEqual(before);
    await run(uncover, world.owner, { id: notes[0] });
    const after = await counts();
    expect(after.reduce((sum, n) => sum + n)).toBe(before.reduce((sum, n) => sum + n) + 2);
    await run(deleteNote, world.owner, { id: notes[0] });
    expect((await counts()).reduce((sum, n) => sum + n)).toBe(after.reduce((sum, n) => sum + n) - 1);
  });
  it('uncovered, every moment of the glass is kept as it stood, at its first save afterwards', async () => {
    const notes = [v7(), v7()];
    await run(dealGlasses, helper, { notes, wineIds: [world.wineId, world.otherWineId], taster: world.owner.email });
    await save(world.owner, notes[0]!, full);
    const air = v7();
    const later = { ...emptyNote, observed: { acidity: 60 } };
    await run(newMoment, world.owner, { id: notes[0], noteId: air, moment: 'air' });
    await save(world.owner, air, later);
    await run(uncover, world.owner, { id: air });
    const food = v7();
    await run(newMoment, world.owner, { id: notes[0], noteId: food, moment: 'food' });
    for (const [id, document] of [
      [notes[0]!, full],
      [air, later],
    ] as const) {
      await save(world.owner, id, { ...document, remark: 'later' }, 2);
      const [row] = await connections().db.select().from(note).where(eq(note.id, id));
      expect(row!.blindDocument).toEqual(document);
      expect(row!.lockedAt).not.toBeNull();
    }
    // A moment that begins with the label in sight was never blind.
    await save(world.owner, food, later);
    const rows = await connections()
      .db.select()
      .from(note)
      .where(inArray(note.id, [food, notes[1]!]));
    for (const row of rows) expect([row.blindDocument, row.lockedAt]).toEqual([null, null]);
  });
  it('a wine twice, a stranger’s wine, a taster who is no member: refused, and nothing is made', async () => {
    const count = async () => (await connections().db.select({ id: note.id }).from(note)).length;
    const before = await count();
    const deal = (more: Record<string, unknown>) => run(dealGlasses, world.owner, { notes: [v7(), v7()], wineIds: [world.wineId, world.otherWineId], ...more });
    await expect(deal({ wineIds: [world.wineId, world.wineId] })).rejects.toMatchObject({ status: 422 });
    await expect(deal({ wineIds: [world.wineId, v7()] })).rejects.toMatchObject({ status: 404 });
    await expect(deal({ taster: 'nobody@example.invalid' })).rejects.toMatchObject({ status: 422 });
    await expect(deal({ notes: [v7(), v7(), v7()] })).rejects.toMatchObject({ status: 422 });
    expect(await count()).toBe(before);
  });
  it('the same record on two different hidden wines is answered byte for byte the same by every computing path', async () => {
    const notes = [v7(), v7()];
    await run(dealGlasses, helper, { notes, wineIds: [world.wineId, world.otherWineId], taster: world.owner.email });
    for (const id of notes) await save(world.owner, id, full);
    for (const operation of [composed, scores, triageOf, consistencyOf, deduction, deck]) {
      const [a, b] = await Promise.all(notes.map((id) => run(operation, world.owner, { id })));
      expect(JSON.stringify(a), operation.contract.name).toBe(JSON.stringify(b));
    }
    await expect(run(price, world.owner, { id: notes[0] })).rejects.toMatchObject({ status: 409 });
    await expect(run(expectation, world.owner, { id: notes[0] })).rejects.toMatchObject({ status: 409 });
  });
});

describe('what shows only later', () => {
  it('the price after the mark, the deduction after mark and idea', async () => {
    const id = v7();
    await run(openNote, world.owner, { id, wineId: world.wineId });
    await expect(run(price, world.owner, { id })).rejects.toMatchObject({ status: 409 });
    await expect(run(expectation, world.owner, { id })).rejects.toMatchObject({ status: 409 });
    await save(world.owner, id, { ...emptyNote, observed: { quality: 80 } });
    const bare = (await run(expectation, world.owner, { id })) as { found: unknown[]; missing: unknown[]; unlooked: string[] };
    expect([...bare.found, ...bare.missing]).toEqual([]);
    expect(bare.unlooked).toContain('acidity');
    expect(await run(price, world.owner, { id })).toEqual({ price: { amount: 24, currency: 'EUR', formatMl: 750 }, currency: 'EUR' });
    await expect(run(deduction, world.owner, { id })).rejects.toMatchObject({ status: 409 });
    await save(world.owner, id, full, 2);
    const against = (await run(expectation, world.owner, { id })) as Record<
      'found' | 'otherwise' | 'missing' | 'surprising',
      { says: string; because: string }[]
    >;
    expect([...against.found, ...against.otherwise].length).toBeGreaterThan(2);
    for (const entry of [...against.found, ...against.otherwise, ...against.missing]) expect(entry.because).toBeTruthy();
    const found = (await run(deduction, world.owner, { id })) as { dimensions: { dimension: string }[]; kinds: { chance: number }[] };
    expect(found.dimensions.map((entry) => entry.dimension)).toEqual(['climate', 'age', 'vessel', 'grape', 'price']);
    expect(found.kinds[0]!.chance).toBeGreaterThan(found.kinds[5]!.chance);
  });
});

describe('a new moment', () => {
  it('starts from nothing on the same glass; asked for twice it is one; the earlier one is named and not shown', async () => {
    const id = v7();
    await run(openNote, world.owner, { id, wineId: world.wineId });
    await save(world.owner, id, { ...full, done: true });
    const air = v7();
    await run(newMoment, world.owner, { id, noteId: air, moment: 'air' });
    expect(await run(newMoment, world.owner, { id, noteId: v7(), moment: 'air' })).toMatchObject({ id: air });
    const opened = (await run(getNote, world.owner, { id: air })) as { document: NoteDocument; moments: unknown[] };
    expect(opened).toMatchObject({ moment: 'air', document: emptyNote, moments: [{ id, moment: 'first', done: true }] });
    expect(JSON.stringify(opened)).not.toContain('honey');
    // The notebook keeps it back too, from its taster, until the new moment is done; an export has all there is.
    const listed = async (who = world.owner) => {
      const { items } = (await run(listNotes, who, { limit: 100 })) as unknown as {
        items: { id: string; text: string; quality: number | null; hiddenFor: unknown }[];
      };
      return items.find((entry) => entry.id === id)!;
    };
    expect(await listed()).toMatchObject({ text: '', quality: null, hiddenFor: { id: air, moment: 'air' } });
    expect(JSON.stringify(await run(exportNotes, world.owner, { format: 'md' }))).toContain('honey');
    await run(shareNote, world.owner, { id, shared: true });
    expect((await listed(await newMember('host', world.owner.venueId))).text).toContain('honey');
    await run(shareNote, world.owner, { id, shared: false });
    // Deleted and asked for again, it comes back as it was.
    await save(world.owner, air, { ...emptyNote, remark: 'kept' });
    await run(deleteNote, world.owner, { id: air });
    expect((await listed()).hiddenFor).toBeNull();
    await run(newMoment, world.owner, { id, noteId: v7(), moment: 'air' });
    expect(await run(getNote, world.owner, { id: air })).toMatchObject({ document: { remark: 'kept' } });
    expect((await listed()).hiddenFor).not.toBeNull();
    await save(world.owner, air, { ...emptyNote, remark: 'kept', done: true }, 2);
    expect((await listed()).text).toContain('honey');
    await expect(run(newMoment, helper, { id, noteId: v7(), moment: 'food' })).rejects.toMatchObject({ status: 403 });
  });
});

describe('a note as a file', () => {
  const fileOf = (id: string) => run(noteFileOf, world.owner, { id, format: 'json' }) as unknown as Promise<NoteFile>;
  const text = fc.string({ maxLength: 40, unit: 'grapheme' });
  const anyNote: fc.Arbitrary<NoteDocument> = fc
    .record({
      observed: anyObserved,
      remark: text,
      words: fc.array(
        text.filter((entry) => entry.trim() !== ''),
        { maxLength: 4 },
      ),
      deck: fc.dictionary(fc.constantFrom('citrus', 'wood', 'nothing'), fc.constantFrom('no', 'trace', 'yes')),
      done: fc.boolean(),
      left: fc.nat(3600),
    })
    .map(({ observed, remark, words, deck: answers, done, left }) => ({
      ...emptyNote,
      observed: Object.fromEntries(Object.entries(observed).filter(([, value]) => value !== undefined)),
      chips: words.map((own, i) => ({ id: String(i), words: own, layer: 'mouth' as const, strength: 1 as const, left })),
      deck: answers as NoteDocument['deck'],
      remark,
      done,
    }));
  it('is read back without loss, whatever it holds', async () => {
    await fc.assert(
      fc.asyncProperty(anyNote, async (document) => {
        expect(noteDocument.safeParse(document).success).toBe(true);
        const id = v7();
        await run(openNote, world.owner, { id, wineId: world.wineId });
        await save(world.owner, id, document);
        const file = JSON.parse(JSON.stringify(await fileOf(id))) as NoteFile;
        // As on another machine: the note is gone, its file is left.
        await connections().db.delete(note).where(eq(note.id, id));
        expect(await run(importNote, world.owner, { file })).toEqual({ id, made: true });
        expect(JSON.parse(JSON.stringify(await fileOf(id)))).toEqual(file);
        expect(await run(importNote, world.owner, { file })).toEqual({ id, made: false });
      }),
      { numRuns: 25 },
    );
  });
  it('of a wine that is not here says so and changes nothing; told which one it is, it is read', async () => {
    const id = v7();
    const file: NoteFile = {
      kind: 'rose-compass/note',
      version: 1,
      id,
      tastedAt: '2026-11-20T18:00:00.000Z',
      moment: 'first',
      taster: 'Somebody',
      wine: { id: v7(), name: 'No Such Hill', producer: 'Nobody' },
      document: emptyNote,
    };
    await expect(run(importNote, world.owner, { file })).rejects.toMatchObject({ status: 409, slug: 'no-such-wine' });
    await expect(run(getNote, world.owner, { id })).rejects.toMatchObject({ status: 404 });
    const liked = { ...file, document: { ...emptyNote, observed: { quality: 77, liking: [60, 70] as [number, number] } } };
    expect(await run(importNote, world.owner, { file: liked, wineId: world.wineId })).toEqual({ id, made: true });
    // What is sorted and filtered by is there as after any save.
    const [row] = await connections().db.select().from(note).where(eq(note.id, id));
    expect([row!.quality, row!.liking]).toEqual([77, 65]);
    // A note brought in is its reader's own: another member does not see it.
    await expect(run(getNote, helper, { id })).rejects.toMatchObject({ status: 403 });
    await expect(run(importNote, world.owner, { file: { ...file, id: v7(), kind: 'something else' } })).rejects.toMatchObject({ status: 422 });
  });
  it('as Markdown and PDF names the wine, or of a hidden glass does not', async () => {
    const notes = [v7(), v7()];
    await run(dealGlasses, helper, { notes, wineIds: [world.wineId, world.otherWineId], taster: world.owner.email });
    await save(world.owner, notes[0]!, { ...full, remark: 'A *bold* remark' });
    const reply = async (id: string, format: string) => {
      const answer: Reply = { cookies: [] };
      await perform(noteFileOf, world.owner, { id, format }, answer);
      return answer.file!;
    };
    const markdown = await reply(notes[0]!, 'md');
    expect(String(markdown.body)).toMatch(/^# Glass \d/);
    expect(String(markdown.body)).toContain('A \\*bold\\* remark');
    expect(`${String(markdown.body)}${markdown.name}`).not.toMatch(/Caldera|Lamplighter|Mikri/);
    const pdf = await reply(notes[0]!, 'pdf');
    expect(
      Buffer.from(pdf.body as Uint8Array)
        .subarray(0, 5)
        .toString(),
    ).toBe('%PDF-');
  });
  it('a deleted note is in no list and gives no file', async () => {
    const id = v7();
    await run(openNote, world.owner, { id, wineId: world.wineId });
    await run(deleteNote, world.owner, { id });
    await expect(fileOf(id)).rejects.toMatchObject({ status: 404 });
    expect(((await run(listNotes, world.owner, {})) as { items: { id: string }[] }).items.map((entry) => entry.id)).not.toContain(id);
  });
});

describe('later looks', () => {
  const due = (minutes: number) => new Date(Date.now() + minutes * 60_000).toISOString();
  it('stand first due first, with the bite named, until their note is there; nobody else sees them', async () => {
    const id = v7();
    await run(openNote, world.owner, { id, wineId: world.wineId });
    const plans = [
      { id: v7(), moment: 'food' as const, due: due(90), food: 'roast lamb' },
      { id: v7(), moment: 'air' as const, due: due(30) },
    ];
    await save(world.owner, id, { ...emptyNote, plans });
    const looksOf = async (who: Member): Promise<AnswerOf<'note', 'planned'>['looks']> => {
      const answer: AnswerOf<'note', 'planned'> = await run(plannedLooks, who, {});
      return answer.looks;
    };
    const mine = async () => (await looksOf(world.owner)).filter((look) => look.noteId === id);
    expect((await mine()).map(({ planId, moment, food }) => [planId, moment, food])).toEqual([
      [plans[1]!.id, 'air', null],
      [plans[0]!.id, 'food', 'roast lamb'],
    ]);
    expect(await looksOf(helper)).toEqual([]);
    const reply: Reply = { cookies: [] };
    await perform(noteFileOf, world.owner, { id, format: 'ics' }, reply);
    expect(String(reply.file!.body)).toMatch(/BEGIN:VCALENDAR[\s\S]*SUMMARY:Look again at [^\r\n]*after air[\s\S]*after roast lamb/);
    await run(newMoment, world.owner, { id, noteId: plans[0]!.id, moment: 'food', food: 'roast lamb' });
    expect((await mine()).map(({ moment }) => moment)).toEqual(['air']);
    expect(await run(getNote, world.owner, { id: plans[0]!.id })).toMatchObject({ moment: 'food', document: { food: 'roast lamb' } });
  });
  it('what a taster moves by chance is read from their own notes of one wine, and from no other’s', async () => {
    const taster = await newMember('host', world.owner.venueId);
    expect(await run(repeatability, taster, {})).toEqual({ limit: 13.9, from: 0 });
    const scales = {
      acidity: 60,
      tannin: 30,
      body: 50,
      alcohol: 45,
      sweetness: 10,
      intensity: 55,
      bitterness: 10,
      noseStill: 40,
      noseSwirled: 60,
      depth: 50,
      rim: 30,
    } as const;
    for (const by of [0, 4, 0]) {
      const id = v7();
      await run(openNote, taster, { id, wineId: world.wineId });
      await save(taster, id, { ...emptyNote, observed: Object.fromEntries(Object.entries(scales).map(([key, value]) => [key, value + by])) });
    }
    // Twice four apart over eleven scales: s_r = 4 / √2, r = 2.77 s_r.
    expect(await run(repeatability, taster, {})).toEqual({ limit: 7.8, from: 22 });
    expect(await run(repeatability, helper, {})).toMatchObject({ from: 0 });
  });
});

describe('pairs dealt in one act', () => {
  const five = async () =>
    Promise.all(
      Array.from({ length: 3 }, async () => ({
        notes: [v7(), v7()] as [string, string],
        wineIds: [await anotherWine(), await anotherWine()] as [string, string],
      })),
    );
  it('are a sitting each, with bags counted through; the same act again says the same', async () => {
    const pairs = await five();
    const before = await identities();
    const { pairs: dealt }: AnswerOf<'note', 'dealPairs'> = await run(dealPairs, world.owner, { pairs });
    expect(dealt.map(({ places }) => places.map(({ bag }) => bag).sort())).toEqual([
      ['1', '2'],
      ['3', '4'],
      ['5', '6'],
    ]);
    expect(await identities()).toBe(before);
    expect(await run(dealPairs, world.owner, { pairs })).toEqual({ pairs: dealt });
    const [a, b] = (await Promise.all(pairs.map(({ notes }) => run(getNote, world.owner, { id: notes[0] })))) as { tasting: { id: string } }[];
    expect(a!.tasting.id).not.toBe(b!.tasting.id);
  });
  it('dealt by a helper, the helper alone is told what each bag holds', async () => {
    const pairs = await five();
    const { pairs: dealt }: AnswerOf<'note', 'dealPairs'> = await run(dealPairs, helper, { pairs, taster: world.owner.email });
    for (const { bags } of dealt) expect(bags).toHaveLength(2);
    expect(JSON.stringify(await run(getNote, world.owner, { id: pairs[0]!.notes[0] }))).not.toContain(pairs[0]!.wineIds[0]);
  });
  it('refuse one note twice', async () => {
    const [pair] = await five();
    await expect(run(dealPairs, world.owner, { pairs: [pair, pair] })).rejects.toMatchObject({ status: 422 });
  });
});

describe('calls on pairs', () => {
  it('are listed once both glasses are uncovered, with what it was; a price only after both marks; what was given away is said', async () => {
    const taster = await newMember('host', world.owner.venueId);
    const [older, younger] = [v7(), v7()];
    for (const [id, year] of [
      [older, 2012],
      [younger, 2022],
    ] as const)
      await run(saveWine, taster, firstWrite(plainWine(`Of ${year}`, { vintage: { value: { kind: 'year', year }, origin: 'label' } }), id));
    const notes = [v7(), v7()] as const;
    await run(dealGlasses, taster, { notes, wineIds: [older, younger] });
    const listed = async () => {
      const { calls }: AnswerOf<'note', 'calls'> = await run(pairCalls, taster, {});
      return calls.map(({ question, wasRight, cost, gaveAway }) => ({
        question,
        wasRight,
        cost: cost === null ? null : Math.round(cost * 100) / 100,
        gaveAway,
      }));
    };
    const pairs = { [notes[1]]: { older: 60, dearer: 20, sameGrape: 0, locked: true } };
    await save(taster, notes[0], { ...emptyNote, pairs });
    expect(await listed()).toEqual([]);
    await run(uncover, taster, { id: notes[0], wineId: younger });
    await run(uncover, taster, { id: notes[1], wineId: older });
    expect(await listed()).toEqual([
      { question: 'dearer', wasRight: null, cost: null, gaveAway: false },
      { question: 'older', wasRight: true, cost: 0.04, gaveAway: false },
      { question: 'sameGrape', wasRight: null, cost: null, gaveAway: false },
    ]);
    await save(taster, notes[0], { ...emptyNote, pairs, circumstances: { saw: true } }, 2);
    expect((await listed()).every(({ gaveAway }) => gaveAway)).toBe(true);
    expect(await run(pairCalls, helper, {})).toEqual({ calls: [] });
  });
});

describe('a word of the venue’s own', () => {
  it('is known to all of the venue by what it is nearest to, may be taught anew and forgotten', async () => {
    await run(learnWord, world.owner, { word: 'Tía Lola’s attic', term: 'family-earth' });
    await run(learnWord, helper, { word: 'tia lola’s attic', term: 'family-wood' });
    expect(await run(learntWords, helper, {})).toEqual({ words: [{ word: fold('tia lola’s attic'), term: 'family-wood' }] });
    await expect(run(learnWord, world.owner, { word: 'x', term: 'no such' })).rejects.toMatchObject({ status: 422 });
    await run(learnWord, world.owner, { word: 'TIA LOLA’S ATTIC' });
    expect(await run(learntWords, world.owner, {})).toEqual({ words: [] });
  });
});
