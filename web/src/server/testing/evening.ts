import { v4, v7 } from 'uuid';
import { eq } from 'drizzle-orm';
import { emptyFlight, type FlightDocument } from '@rose/core/flight/flight';
import type { AnswerOf } from '../../contract/answers';
import type { TableState } from '../guest/state';
import { connections } from '../../db/client';
import { tasting } from '../../db/schema';
import type { Member } from '../command';
import { guestCookie } from '../guest-device';
import { handle } from '../http';
import { saveFlight } from '../flight/operations';
import { openEvening } from '../tasting/open-evening';
import { operations } from '../registry';
import { firstWrite, run } from './venue';

const origin = 'http://127.0.0.1:4747';
export interface Answered {
  readonly status: number;
  readonly text: string;
  readonly cookies: readonly string[];
  readonly response: Response;
}
/** A device that asks as a browser would, with the cookies it was given. */
export class Device {
  cookie = '';
  constructor(readonly from = '192.0.2.7') {}
  async ask(method: string, path: string, body?: unknown): Promise<Answered> {
    const response = await handle(
      new Request(`${origin}/api/v1${path}`, {
        method,
        headers: { ...(this.cookie === '' ? {} : { cookie: this.cookie }), origin, host: '127.0.0.1:4747', 'x-forwarded-for': this.from },
        ...(body === undefined ? {} : { body: JSON.stringify(body) }),
      }),
      path,
    );
    const cookies = response.headers.getSetCookie();
    for (const one of cookies) if (one.startsWith(`${guestCookie}=`)) this.cookie = one.split(';')[0]!;
    const text = response.headers.get('content-type')?.startsWith('text/event-stream') === true ? '' : await response.text();
    return { status: response.status, text, cookies, response };
  }
  async get<T>(path: string): Promise<T> {
    return JSON.parse((await this.ask('GET', path)).text) as T;
  }
  /** Sits down; a second call with the same secret is the same seat. */
  join(code: string, name: string, more: { readonly seat?: string; readonly own?: string; readonly key?: string } = {}): Promise<Answered> {
    return this.ask('POST', '/joins', { code, name, seat: v4().replaceAll('-', '').slice(0, 30), ...more });
  }
  readonly table = () => this.get<AnswerOf<'guest', 'tasting'>>('/guest/tasting');
  readonly state = async (): Promise<TableState> => (await this.table()).state;
}

/** A flight of wines in an order, covered from its guests: one of its own for every evening. */
export async function coveredFlight(member: Member, order: readonly string[], more: Partial<FlightDocument> = {}): Promise<string> {
  const id = v7();
  const document = { ...emptyFlight, name: 'Two of them', blind: 'single', wines: order.map((wine) => ({ id: wine })), order, ...more };
  await run(saveFlight, member, firstWrite(document, id));
  return id;
}
/** A host who leads an evening through its commands. */
export class Host {
  tick = 0;
  constructor(
    readonly member: Member,
    readonly id: string,
  ) {}
  static async open(member: Member, flightId: string): Promise<Host> {
    const host = new Host(member, v7());
    host.tick = ((await run(openEvening, member, { id: flightId, tastingId: host.id })) as { tick: number }).tick;
    return host;
  }
  /** An act based on the tick the host saw last. */
  async act(name: string, more: Readonly<Record<string, unknown>> = {}): Promise<number> {
    const operation = operations.find((entry) => entry.contract.name === `tasting.${name}`)!;
    const answer = (await run(operation, this.member, { id: this.id, basedOn: this.tick, actId: v4(), ...more })) as { tick: number };
    this.tick = answer.tick;
    return answer.tick;
  }
  readonly ask = <T>(name: string, more: Readonly<Record<string, unknown>> = {}): Promise<T> =>
    run(
      operations.find((entry) => entry.contract.name === `tasting.${name}`)!,
      this.member,
      { id: this.id, ...more },
    );
  readonly state = () => this.ask<AnswerOf<'tasting', 'get'>>('get');
  readonly code = async (): Promise<string> =>
    (await connections().db.select({ code: tasting.joinCode }).from(tasting).where(eq(tasting.id, this.id)))[0]!.code!;
  /** Goes to the stop that pours a place. */
  async pour(place: number): Promise<void> {
    const { program } = await this.state();
    await this.act('move', { to: program.findIndex((stop) => stop.kind === 'pour' && stop.place === place) });
  }
  /** Guests who sat down. */
  async seat(...names: readonly string[]): Promise<Device[]> {
    const code = await this.code();
    const devices = [];
    for (const name of names) {
      const device = new Device();
      await device.join(code, name);
      devices.push(device);
    }
    return devices;
  }
}
/** A glass as it stands on a table, by its place. */
export const glassAt = (state: TableState, place: number) => state.glasses.find((glass) => glass.place === place && !glass.rejected)!;
/** An evening of wines in an order, covered from its guests, with them at the table and the first wine poured. */
export async function eveningOf(member: Member, names: readonly string[], order: readonly string[], more: Partial<FlightDocument> = {}) {
  const flightId = await coveredFlight(member, order, more);
  const host = await Host.open(member, flightId);
  const guests = await host.seat(...names);
  if (more.blind !== 'double') await host.pour(0);
  return { host, guests, flightId };
}
/** A guest's note on the glass at a place, begun. */
export async function begun(guest: Device, place = 0): Promise<{ readonly id: string; readonly glassId: string }> {
  const glass = glassAt(await guest.state(), place);
  const id = v4();
  const { status } = await guest.ask('POST', '/guest/notes', { noteId: id, glassId: glass.id });
  if (status !== 200) throw new Error(`a note could not be begun: ${status}`);
  return { id, glassId: glass.id };
}
export const saved = (guest: Device, id: string, baseRevision: number, document: unknown, seen?: number): Promise<Answered> =>
  guest.ask('PUT', `/guest/notes/${id}`, { writeId: v4(), baseRevision, document, ...(seen === undefined ? {} : { seen }) });
/** What was sent of an evening, with its ids, times and codes taken out: what is left says something. */
export const withoutIds = (said: string): string =>
  said
    .replace(/[0-9a-f]{8}-[0-9a-f-]{27}/g, 'id')
    .replace(/\d{4}-\d\d-\d\dT[\d:.]+Z/g, 'time')
    .replace(/"code":"\d{3}"/g, '"code":"…"');
