import { sql } from 'drizzle-orm';
import { boolean, foreignKey, index, integer, pgTable, primaryKey, text, unique, uuid } from 'drizzle-orm/pg-core';
import { noteDocument } from '@rose/core/wine/note-schema';
import type { NoteDocument } from '@rose/core/wine/note';
import { document, json, tsvector } from './json';
import { at, documentColumns } from './venue';
import { user } from './auth';
import { glass, participant } from './tasting';

/** One person's note on one glass at one moment. The columns beside the document are written by the save command for searching and sorting. */
export const note = pgTable(
  'note',
  {
    ...documentColumns,
    glassId: uuid('glass_id').notNull(),
    participantId: uuid('participant_id').notNull(),
    moment: text('moment').notNull(),
    tastedAt: at('tasted_at').notNull().defaultNow(),
    /** The tick of its tasting when the note was begun: one begun on an uncovered glass was never blind. */
    begunTick: integer('begun_tick').notNull().default(0),
    /** Who typed it in, where its taster wrote on paper. */
    typedBy: text('typed_by').references(() => user.id),
    lockedAt: at('locked_at'),
    lockedTick: integer('locked_tick'),
    /** The tick at which the host's hint for its glass was asked for: a call made with it was helped. */
    hintedTick: integer('hinted_tick'),
    /** The tick at which something of others, or of the host, was sent to its taster for this glass: what is written from then on was led. */
    seenTick: integer('seen_tick'),
    quality: integer('quality'),
    liking: integer('liking'),
    /** The venue's hosts may read it. Notes of an evening are, those of a glass alone are not unless their taster says so. */
    shared: boolean('shared').notNull().default(false),
    document: document('document', noteDocument).notNull(),
    /** The note as it stood when the label came in sight; made at the taster's lock, or at the first save after the reveal. */
    blindDocument: document('blind_document', noteDocument),
    /** What came after the reveal from a device that had not seen it yet: not proven blind, and kept beside what is. */
    unprovenDocument: document('unproven_document', noteDocument),
    /** What is known of the wine from this note: of one that was closed, as it stood then. */
    evidence: json<Pick<NoteDocument, 'observed' | 'chips'>>('evidence').notNull(),
    /** Folded words of the note alone; those of its wine stand with the wine, and join them when it is searched for. */
    search: text('search').notNull(),
    words: tsvector('words').generatedAlwaysAs(sql`to_tsvector('simple', "search")`),
  },
  (table) => [
    primaryKey({ columns: [table.venueId, table.id] }),
    foreignKey({ columns: [table.venueId, table.glassId], foreignColumns: [glass.venueId, glass.id] }),
    foreignKey({ columns: [table.venueId, table.participantId], foreignColumns: [participant.venueId, participant.id] }),
    unique('note_once').on(table.venueId, table.participantId, table.glassId, table.moment),
    index('note_words').using('gin', table.words),
    index('note_tasted').on(table.venueId, table.tastedAt.desc().nullsFirst(), table.id),
    index('note_quality').on(table.venueId, table.quality),
    index('note_glass').on(table.venueId, table.glassId),
  ],
);
