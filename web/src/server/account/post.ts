import { mkdirSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { v7 } from 'uuid';
import type { Reader } from '../../db/client';
import { mail } from '../../db/schema';
import { dataFolder } from '../setting';

/**
 * Sends a letter through the simulated post that ships with the application: it is kept in the database and written as a text file into the mail folder.
 * A real post office is one other function of this shape.
 */
export async function postLetter(db: Reader, to: string, subject: string, body: string, venueId?: string): Promise<void> {
  const id = v7();
  await db.insert(mail).values({ id, to, subject, body, venueId: venueId ?? null });
  const folder = path.join(dataFolder(), 'mail');
  mkdirSync(folder, { recursive: true, mode: 0o700 });
  writeFileSync(path.join(folder, `${id}.eml`), `To: ${to}\r\nSubject: ${subject}\r\nContent-Type: text/plain; charset=utf-8\r\n\r\n${body}\r\n`, {
    mode: 0o600,
  });
}
