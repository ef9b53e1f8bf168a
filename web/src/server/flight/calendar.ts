import { and, eq } from 'drizzle-orm';
import { createEvents, type EventAttributes } from 'ics';
import { flight, flightCalendar, type CalendarEvent } from '../../db/schema';
import { contract } from '../../contract';
import { serve } from '../command';
import { badField, notFound } from '../problem';
import { hashCode, newCode } from '../secret-code';
import { origin } from '../environment';
import { firstPourOf, readEvening, timetableView, wholeOf } from './afternoon';
import { mustNotBeBlind } from './blind-to-host';
import { issuePlan } from './plan-number';

/**
 * The events to send now, beside those sent before: an event keeps its id; its sequence rises when its time, length or title changed; one that is no
 * longer planned is sent as cancelled.
 */
export function nextEvents(before: readonly CalendarEvent[], now: readonly Omit<CalendarEvent, 'sequence' | 'cancelled'>[]): readonly CalendarEvent[] {
  const old = new Map(before.map((event) => [event.uid, event]));
  const sent = now.map((event): CalendarEvent => {
    const known = old.get(event.uid);
    if (known === undefined) return { ...event, sequence: 0, cancelled: false };
    const same = !known.cancelled && known.title === event.title && known.start === event.start && known.minutes === event.minutes;
    return { ...event, sequence: known.sequence + (same ? 0 : 1), cancelled: false };
  });
  const kept = new Set(sent.map((event) => event.uid));
  const dropped = before
    .filter((event) => !kept.has(event.uid))
    .map((event) => ({ ...event, cancelled: true, sequence: event.cancelled ? event.sequence : event.sequence + 1 }));
  return [...sent, ...dropped];
}

/** An iCalendar file (RFC 5545) with an alarm five minutes before each task. */
export function asCalendar(name: string, events: readonly CalendarEvent[]): string {
  const at = (iso: string): [number, number, number, number, number] => {
    const date = new Date(iso);
    return [date.getUTCFullYear(), date.getUTCMonth() + 1, date.getUTCDate(), date.getUTCHours(), date.getUTCMinutes()];
  };
  if (events.length === 0) return ['BEGIN:VCALENDAR', 'VERSION:2.0', 'PRODID:-//Rose Compass//EN', 'END:VCALENDAR', ''].join('\r\n');
  const { error, value } = createEvents(
    events.map((event): EventAttributes => ({
      uid: event.uid,
      sequence: event.sequence,
      status: event.cancelled ? 'CANCELLED' : 'CONFIRMED',
      title: event.title,
      start: at(event.start),
      startInputType: 'utc',
      startOutputType: 'utc',
      duration: { minutes: event.minutes },
      ...(event.cancelled ? {} : { alarms: [{ action: 'display' as const, description: event.title, trigger: { minutes: 5, before: true } }] }),
    })),
    { calName: name, productId: '-//Rose Compass//EN' },
  );
  if (error !== undefined && error !== null) throw error;
  return value!;
}
const calendarFile = (name: string, events: readonly CalendarEvent[]) => ({
  type: 'text/calendar; charset=utf-8',
  name: 'evening.ics',
  body: asCalendar(name, events),
});
export const sendCalendar = serve(contract.flight.sendCalendar, async (tx, actor, input, reply) => {
  await mustNotBeBlind(tx, actor, input.id);
  const { view, flight: document, evening, venue } = await readEvening(tx, actor.venueId, input.id);
  const firstPour = firstPourOf(document.starts, venue.settings.timeZone);
  if (firstPour === undefined) throw badField('id', 'the flight has no date yet: set the first pour');
  const shown = timetableView(document, await wholeOf(document, evening, venue.facts), firstPour);
  const [before] = await tx
    .select()
    .from(flightCalendar)
    .where(and(eq(flightCalendar.venueId, actor.venueId), eq(flightCalendar.flightId, input.id)))
    .for('update');
  const events = nextEvents(
    before?.events ?? [],
    shown.tasks.map((task) => ({ uid: `${input.id}-${task.id.replace(':', '-')}@rose-compass`, title: task.text, start: task.at!, minutes: task.minutes })),
  );
  await issuePlan(tx, actor.venueId, view);
  await tx
    .insert(flightCalendar)
    .values({ venueId: actor.venueId, flightId: input.id, events })
    .onConflictDoUpdate({ target: [flightCalendar.venueId, flightCalendar.flightId], set: { events, sentAt: new Date() } });
  reply.file = calendarFile(document.name, events);
  return {};
});

export const makeFeed = serve(contract.flight.makeFeed, async (tx, actor, input) => {
  const { code, hash } = newCode();
  const changed = await tx
    .update(flightCalendar)
    .set({ codeHash: hash })
    .where(and(eq(flightCalendar.venueId, actor.venueId), eq(flightCalendar.flightId, input.id)))
    .returning({ id: flightCalendar.flightId });
  if (changed.length === 0) {
    const [here] = await tx
      .select({ id: flight.id })
      .from(flight)
      .where(and(eq(flight.venueId, actor.venueId), eq(flight.id, input.id)));
    if (here === undefined) throw notFound('flight');
    await tx.insert(flightCalendar).values({ venueId: actor.venueId, flightId: input.id, events: [], codeHash: hash });
  }
  return { link: `${origin()}/api/v1/calendars/${code}` };
});
export const revokeFeed = serve(contract.flight.revokeFeed, async (tx, actor, input) => {
  const changed = await tx
    .update(flightCalendar)
    .set({ codeHash: null })
    .where(and(eq(flightCalendar.venueId, actor.venueId), eq(flightCalendar.flightId, input.id)))
    .returning({ id: flightCalendar.flightId });
  if (changed.length === 0) throw notFound('link');
  return { ok: true as const };
});
export const calendarState = serve(contract.flight.calendarState, async (db, actor, input) => {
  const [row] = await db
    .select()
    .from(flightCalendar)
    .where(and(eq(flightCalendar.venueId, actor.venueId), eq(flightCalendar.flightId, input.id)));
  return {
    events: row?.events.filter((event) => !event.cancelled).length ?? 0,
    cancelled: row?.events.filter((event) => event.cancelled).length ?? 0,
    sentAt: row === undefined || row.events.length === 0 ? null : row.sentAt.toISOString(),
    feed: row !== undefined && row.codeHash !== null,
  };
});

/** What a calendar program reads by the secret link: the calendar as it was last sent. */
export const feed = serve(contract.flight.feed, async (db, _actor, input, reply) => {
  const [row] = await db
    .select({ events: flightCalendar.events, sentAt: flightCalendar.sentAt, name: flight.name, deletedAt: flight.deletedAt })
    .from(flightCalendar)
    .innerJoin(flight, and(eq(flight.venueId, flightCalendar.venueId), eq(flight.id, flightCalendar.flightId)))
    .where(eq(flightCalendar.codeHash, hashCode(input.code)));
  if (row === undefined || row.deletedAt !== null) throw notFound('calendar');
  reply.file = calendarFile(row.name, row.events);
  return {};
});
