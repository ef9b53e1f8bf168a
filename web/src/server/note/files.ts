import { asMarkdownText } from '../markdown';
import { and, eq, isNull } from 'drizzle-orm';
import { dayInWords } from '@rose/core/wine/day';
import { petalsOfNote } from '@rose/core/rose/rose';
import { asText, composeNote } from '@rose/core/prose/prose';
import { momentInWords, pendingPlans } from '@rose/core/wine/note';
import { observableIds, observables, valueInWords, type ObservableId, type ValueOf } from '@rose/core/wine/observables';
import { chipName } from '@rose/knowledge/smells/index';
import { spoken } from '@rose/knowledge/smells/spoken';
import { note, wine } from '../../db/schema';
import { contract } from '../../contract';
import { serve } from '../command';
import { asCalendar } from '../flight/calendar';
import type { NoteFile } from '../../contract/answers';
import { Problem, badField } from '../problem';
import { noteToPdf } from '../print/note';
import { glassCode, sitDown } from './glasses';
import { readNote, type NoteView } from './operations';

const titleOf = (view: NoteView) => view.wine?.name ?? `Glass ${view.code}`;
/** Every observation that was made, as "label: value". */
const observedLines = (view: NoteView): readonly (readonly [string, string])[] =>
  observableIds.flatMap((id) => {
    const value = view.document.observed[id];
    return value === undefined ? [] : [[observables[id].label, valueInWords(id, value as ValueOf<ObservableId>)] as const];
  });

export const noteFileOf = serve(contract.note.file, async (db, actor, input, reply) => {
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
  const statements = composeNote(view.document, spoken);
  if (input.format === 'json') reply.file = { type: 'application/json', name: `${name}.json`, body: JSON.stringify(file, null, 2) };
  if (input.format === 'md') {
    const lines = observedLines(view).map(([label, value]) => `- ${label}: ${value}`);
    const smells = view.document.chips.map(chipName).join(', ');
    const parts = [
      `# ${asMarkdownText(titleOf(view))}`,
      `${asMarkdownText(view.taster)}, ${dayInWords(view.day)}, ${momentInWords(view.moment, view.document.food)}`,
      asMarkdownText(asText(statements)),
      lines.join('\n'),
      smells === '' ? '' : `Smells and flavours: ${asMarkdownText(smells)}`,
      asMarkdownText(view.document.remark),
    ];
    reply.file = { type: 'text/markdown; charset=utf-8', name: `${name}.md`, body: `${parts.filter((part) => part !== '').join('\n\n')}\n` };
  }
  if (input.format === 'ics')
    reply.file = {
      type: 'text/calendar; charset=utf-8',
      name: `${name}.ics`,
      body: asCalendar(
        titleOf(view),
        pendingPlans(view.document.plans, view.moments).map(({ id, moment, due, food }) => ({
          uid: `${id}@rose-compass`,
          title: `Look again at ${titleOf(view)}, ${momentInWords(moment, food)}`,
          start: due,
          minutes: 5,
          sequence: 0,
          cancelled: false,
        })),
      ),
    };
  if (input.format === 'pdf')
    reply.file = {
      type: 'application/pdf',
      name: `${name}.pdf`,
      body: await noteToPdf({
        petals: petalsOfNote(view.document),
        title: titleOf(view),
        subtitle: `${view.wine?.producer ?? ''}${view.wine?.producer ? ', ' : ''}${view.taster}, ${dayInWords(view.day)}, ${momentInWords(view.moment, view.document.food)}`,
        paragraphs: statements.map((statement) => statement.text),
        observed: observedLines(view),
        smells: view.document.chips.map(chipName),
        remark: view.document.remark,
        on: new Date(view.tastedAt),
      }),
    };
  return file;
});

export const importNote = serve(contract.note.import, async (tx, actor, { file, wineId }) => {
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
  await sitDown(tx, actor, actor, 'A note read back', null, [
    {
      noteId: file.id,
      wineId: found[0]?.id,
      code: glassCode(),
      revealed: found.length > 0,
      written: { document: file.document, moment: file.moment, tastedAt: new Date(file.tastedAt) },
    },
  ]);
  return { id: file.id, made: true };
});
