import { and, asc, eq, gt, or, sql } from 'drizzle-orm';
import { drizzle } from 'drizzle-orm/node-postgres';
import { Pool } from 'pg';
import { foldVersion } from '@rose/core/wine/search-folding';
import { derived, note, wine } from '../db/schema';
import { wineSearch } from './cellar/store';
import { noteSearch } from './note/search';

/** What is worked out from documents and kept in columns, with the version of the working. Raise it when the working changes. */
const versions = { noteSearch: 3 + foldVersion * 100, wineSearch: 2 + foldVersion * 100 } as const;
const batch = 500;

/** Writes such columns anew where an older program wrote them; says what it does. A step that is broken off begins again at the next start. */
export async function rewriteDerived(connectionString: string, say: (text: string) => void = () => undefined): Promise<void> {
  const pool = new Pool({ connectionString, max: 1 });
  const db = drizzle(pool);
  try {
    const kept = new Map((await db.select().from(derived)).map((row) => [row.name, row.version]));
    for (const [name, version] of Object.entries(versions)) {
      if (kept.get(name) === version) continue;
      const table = name === 'noteSearch' ? note : wine;
      let after: { venueId: string; id: string } | undefined;
      for (let done = 0; ;) {
        const rows = await (
          name === 'noteSearch'
            ? db.select({ venueId: note.venueId, id: note.id, document: note.document }).from(note)
            : db.select({ venueId: wine.venueId, id: wine.id, document: wine.document }).from(wine)
        )
          .where(after === undefined ? undefined : or(gt(table.venueId, after.venueId), and(eq(table.venueId, after.venueId), gt(table.id, after.id))))
          .orderBy(asc(table.venueId), asc(table.id))
          .limit(batch);
        if (rows.length === 0) break;
        await db.transaction(async (tx) => {
          for (const { venueId, id, document } of rows) {
            const search = 'observed' in document ? noteSearch(document) : wineSearch(document);
            await tx
              .update(table)
              .set({ search })
              .where(and(eq(table.venueId, venueId), eq(table.id, id)));
          }
        });
        after = rows.at(-1);
        done += rows.length;
        if (rows.length === batch) say(`words to search by: ${done} written anew`);
      }
      await db
        .insert(derived)
        .values({ name, version })
        .onConflictDoUpdate({ target: derived.name, set: { version: sql`excluded.version` } });
    }
  } finally {
    await pool.end();
  }
}
