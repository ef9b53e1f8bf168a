import { sql, type SQL } from 'drizzle-orm';
import { may } from '../../contract/roles';
import { note, participant, tasting } from '../../db/schema';
import type { Member } from '../command';

/** A note may be changed by its taster; who may type in for others does so for a participant without an account. */
export const mayChangeNote = (actor: Member, taster: string | null, led: boolean): boolean =>
  taster === null ? !led && may(actor, 'note.others') : taster === actor.userId;
/** A note is read by its taster; who may read others' reads what is shared, and what a participant without an account left, but not at an evening that is led. */
export const mayReadNote = (actor: Member, taster: string | null, shared: boolean, led: boolean): boolean =>
  taster === actor.userId || (may(actor, 'note.others') && (shared || (taster === null && !led)));

/** The notes of the caller, as a condition on `note`. */
export const ownNotes = (actor: Member): SQL => tastedBy(actor, own(actor));
/** {@link mayReadNote} as a condition on `note`. */
export const readableNotes = (actor: Member): SQL =>
  may(actor, 'note.others')
    ? sql`(${note.shared} or ${tastedBy(actor, sql`(${own(actor)} or (${participant.userId} is null and ${unled}))`)})`
    : ownNotes(actor);
/** Notes of guests at an evening that is led are theirs: who leads sees how far they are, and what the table found, never one of them. */
const unled = sql`not exists (select 1 from ${tasting} led where led.venue_id = ${participant.venueId} and led.id = ${participant.tastingId} and led.plan is not null)`;
const own = (actor: Member): SQL => sql`${participant.userId} = ${actor.userId}`;
// A set found once: a condition asked for each note is taken for dear by the database, which then reads notes in another order than they are shown.
const tastedBy = (actor: Member, who: SQL): SQL =>
  sql`${note.participantId} in (select ${participant.id} from ${participant} where ${participant.venueId} = ${actor.venueId} and ${who})`;
