import { and, eq, isNull } from 'drizzle-orm';
import { z } from 'zod';
import { dayInWords } from '@rose/core/wine/day';
import { instant } from '@rose/core/wine/day-schema';
import { petalsOfNote } from '@rose/core/rose/rose';
import { asText, composeNote } from '@rose/core/prose/prose';
import { noteDocument } from '@rose/core/wine/note-schema';
import { moments, type Moment } from '@rose/core/wine/note';
import { observableIds, observables, valueInWords, type ObservableId, type ValueOf } from '@rose/core/wine/observables';
import { chipName } from '@rose/knowledge/descriptors/index';
import { note, wine } from '../../db/schema';
import { command, query } from '../command';
import { Problem, badField } from '../problem';
import { noteToPdf } from '../print/note';
import { glassCode, pour } from './glasses';
import { readNote, type NoteView } from './operations';

/** A note as a file of ours: what it takes to read it back without loss. */
const noteFile = z.strictObject({
  kind: z.literal('rose-compass/note'),
  version: z.literal(1),
  id: z.uuid(),
  tastedAt: instant,
  moment: z.enum(Object.keys(moments) as [Moment]),
  taster: z.string().max(200),
  wine: z.strictObject({ id: z.uuid(), name: z.string().max(200), producer: z.string().max(200) }).nullable(),
  document: noteDocument,
});
export type NoteFile = z.infer<typeof noteFile>;

const titleOf = (view: NoteView) => view.wine?.name ?? `Glass ${view.code}`;
/** Every observation that was made, as "label: value". */
const observedLines = (view: NoteView): readonly (readonly [string, string])[] =>
  observableIds.flatMap((id) => {
    const value = view.document.observed[id];
    return value === undefined ? [] : [[observables[id].label, valueInWords(id, value as ValueOf<ObservableId>)] as const];
  });

export const noteFileOf = query({
  name: 'note.file',
  method: 'GET',
  path: '/notes/{id}/files/{format}',
  summary: 'One note as JSON (which can be read back), Markdown or PDF; of a hidden glass without its wine',
  allow: 'read',
  input: z.strictObject({ id: z.uuid(), format: z.enum(['json', 'md', 'pdf']) }),
  output: noteFile,
  async run(db, actor, input, reply) {
    const view = await readNote(db, actor, input.id);
    const file: NoteFile = {
      kind: 'rose-compass/note',
      version: 1,
      id: view.id,
      tastedAt: view.tastedAt,
      moment: view.moment,
      taster: view.taster,
      wine: view.wine === null ? null : { id: view.wine.id, name: view.wine.name, producer: view.wine.producer },
      document: view.document,
    };
    const name = `note-${view.day}-${view.id.slice(-6)}`;
    const statements = composeNote(view.document, chipName);
    if (input.format === 'json') reply.file = { type: 'application/json', name: `${name}.json`, body: JSON.stringify(file, null, 2) };
    if (input.format === 'md') {
      const safe = (words: string) => words.replace(/([\\`*_{}[\]<>#|])/g, '\\$1');
      const lines = observedLines(view).map(([label, value]) => `- ${label}: ${value}`);
      const smells = view.document.chips.map(chipName).join(', ');
      const parts = [
        `# ${safe(titleOf(view))}`,
        `${safe(view.taster)}, ${dayInWords(view.day)}, ${moments[view.moment]}`,
        safe(asText(statements)),
        lines.join('\n'),
        smells === '' ? '' : `Smells and flavours: ${safe(smells)}`,
        safe(view.document.remark),
      ];
      reply.file = { type: 'text/markdown; charset=utf-8', name: `${name}.md`, body: `${parts.filter((part) => part !== '').join('\n\n')}\n` };
    }
    if (input.format === 'pdf')
      reply.file = {
        type: 'application/pdf',
        name: `${name}.pdf`,
        body: await noteToPdf({
          petals: petalsOfNote(view.document),
          title: titleOf(view),
          subtitle: `${view.wine?.producer ?? ''}${view.wine?.producer ? ', ' : ''}${view.taster}, ${dayInWords(view.day)}, ${moments[view.moment]}`,
          paragraphs: statements.map((statement) => statement.text),
          observed: observedLines(view),
          smells: view.document.chips.map(chipName),
          remark: view.document.remark,
          on: new Date(view.tastedAt),
        }),
      };
    return file;
  },
});

export const importNote = command({
  name: 'note.import',
  method: 'POST',
  path: '/notes/imports',
  summary: 'Reads a note file of ours back: as the caller’s own note, on a glass of the wine it names; the same file again changes nothing',
  allow: 'note.write',
  input: z.strictObject({ file: noteFile, wineId: z.uuid().optional() }),
  output: z.object({ id: z.string(), made: z.boolean() }),
  async run(tx, actor, { file, wineId }) {
    const { venueId } = actor;
    const [present] = await tx
      .select({ id: note.id })
      .from(note)
      .where(and(eq(note.venueId, venueId), eq(note.id, file.id)));
    if (present !== undefined) return { id: present.id, made: false };
    const named = wineId ?? file.wine?.id;
    const held = (where: ReturnType<typeof eq>) =>
      tx
        .select({ id: wine.id })
        .from(wine)
        .where(and(eq(wine.venueId, venueId), isNull(wine.deletedAt), where))
        .limit(2);
    let found = named === undefined ? [] : await held(eq(wine.id, named));
    if (found.length === 0 && wineId !== undefined) throw badField('wineId', 'is no wine of this cellar');
    if (found.length === 0 && file.wine !== null)
      found = await held(and(eq(wine.name, file.wine.name), eq(wine.producer, file.wine.producer)) as ReturnType<typeof eq>);
    if (file.wine !== null && found.length === 0)
      throw new Problem(409, 'no-such-wine', `${file.wine.name} is not in this cellar. Add it, or say which wine it is; nothing was changed.`);
    if (found.length > 1) throw new Problem(409, 'two-wines', `Two wines here are called ${file.wine!.name}. Say which one it is; nothing was changed.`);
    await pour(tx, actor, actor, 'A note read back', null, [
      {
        noteId: file.id,
        wineId: found[0]?.id,
        code: glassCode(),
        revealed: found.length > 0,
        written: { document: file.document, moment: file.moment, tastedAt: new Date(file.tastedAt) },
      },
    ]);
    return { id: file.id, made: true };
  },
});
