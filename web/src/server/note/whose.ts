import { sql, type SQL } from 'drizzle-orm';
import { may } from '../../contract/roles';
import { note, participant } from '../../db/schema';
import type { Member } from '../command';

/** A note may be changed by its taster; who may type in for others does so for a participant without an account. */
export const mayChangeNote = (actor: Member, taster: string | null): boolean => (taster === null ? may(actor, 'note.others') : taster === actor.userId);
/** A note is read by its taster; who may read others' reads what is shared, and what a participant without an account left. */
export const mayReadNote = (actor: Member, taster: string | null, shared: boolean): boolean =>
  taster === actor.userId || (may(actor, 'note.others') && (shared || taster === null));

/** The notes of the caller, as a condition on `note`. */
export const ownNotes = (actor: Member): SQL => tastedBy(sql`${participant.userId} = ${actor.userId}`);
/** {@link mayReadNote} as a condition on `note`. */
export const readableNotes = (actor: Member): SQL =>
  may(actor, 'note.others') ? sql`(${note.shared} or ${ownNotes(actor)} or ${tastedBy(sql`${participant.userId} is null`)})` : ownNotes(actor);
const tastedBy = (who: SQL): SQL =>
  sql`exists (select 1 from ${participant} where ${participant.venueId} = ${note.venueId} and ${participant.id} = ${note.participantId} and ${who})`;
