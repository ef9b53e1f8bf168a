import { mkdirSync, renameSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { createTransport } from 'nodemailer';
import { asc, eq, isNull } from 'drizzle-orm';
import { v7 } from 'uuid';
import type { Reader } from '../../db/client';
import { mail } from '../../db/venue';
import { errorText, log } from '../log';
import { dataFolder, origin } from '../environment';

/** The simulated post that ships with the application makes whole letters and leaves them in the mail folder. A real post office is another transport. */
const post = createTransport({ streamTransport: true, buffer: true, newline: 'windows' });

/** Where a letter stands. */
export const letterFile = (id: string): string => path.join(dataFolder(), 'mail', `${id}.eml`);

/** Writes a letter in the caller's transaction: one that is taken back sends nothing. `deliverLetters` brings it out. */
export async function writeLetter(db: Reader, to: string, subject: string, body: string, venueId?: string): Promise<void> {
  await db.insert(mail).values({ id: v7(), to, subject, body, venueId: venueId ?? null });
}

/** Brings out what was written and not yet delivered, oldest first; killed in between, the next call or start goes on. A letter delivered twice is the same file. */
export async function deliverLetters(db: Reader): Promise<void> {
  try {
    const waiting = await db.select().from(mail).where(isNull(mail.deliveredAt)).orderBy(asc(mail.sentAt));
    for (const { id, to, subject, body, sentAt } of waiting) {
      const place = new URL(origin()).hostname;
      const { message } = await post.sendMail({
        messageId: `<${id}@${place}>`,
        date: sentAt,
        from: { name: 'Rose Compass', address: `post@${place}` },
        to,
        subject,
        text: body,
      });
      const file = letterFile(id);
      mkdirSync(path.dirname(file), { recursive: true, mode: 0o700 });
      writeFileSync(`${file}.part`, message as Buffer, { mode: 0o600 });
      renameSync(`${file}.part`, file);
      await db.update(mail).set({ deliveredAt: new Date() }).where(eq(mail.id, id));
    }
  } catch (error) {
    log.warn({ post: errorText(error) });
  }
}
