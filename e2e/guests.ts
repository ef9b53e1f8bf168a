import { randomUUID } from 'node:crypto';
import type { Browser, Page } from 'puppeteer-core';
import { fill, phone, press, textOf, until, visit, waitForText } from './browser';
import { hurried } from './journey';

/** Opens the evening of a flight, and answers the link guests follow. */
export async function openEvening(host: Page, base: string, flight: string): Promise<string> {
  await visit(host, `${base}/flights/${flight}/pour`);
  await press(host, 'Open the evening');
  await waitForText(host, 'Guests join');
  await until(async () => (await textOf(host)).includes('/join/'), 'a link to join by');
  return /http:\S+\/join\/\S+/.exec(await textOf(host))![0];
}
interface Phone {
  /** Milliseconds its clock is ahead. */
  readonly ahead?: number;
  /** Its browser keeps nothing: every store of the page is full. */
  readonly full?: boolean;
}
/** A guest in a browser of their own, who follows the link. */
export async function guestBy(browser: Browser, link: string, name: string, { ahead = 0, full = false }: Phone = {}): Promise<Page> {
  const context = await browser.createBrowserContext();
  const page = await hurried(await context.newPage());
  await page.evaluateOnNewDocument(() => {
    (globalThis as { roseDrawn?: unknown[] }).roseDrawn = [];
  });
  if (ahead !== 0)
    await page.evaluateOnNewDocument((ms) => {
      const Real = Date;
      window.Date = class extends Real {
        constructor(...args: unknown[]) {
          if (args.length === 0) super(Real.now() + ms);
          else super(...(args as [number]));
        }
        static override now() {
          return Real.now() + ms;
        }
      } as DateConstructor;
    }, ahead);
  if (full)
    await page.evaluateOnNewDocument(() => {
      const refuse = () => {
        throw new DOMException('full', 'QuotaExceededError');
      };
      Storage.prototype.setItem = refuse;
      for (const way of ['put', 'add'] as const) IDBObjectStore.prototype[way] = refuse;
    });
  await page.setViewport(phone);
  await visit(page, link);
  await fill(page, 'Your name', name);
  await press(page, 'Sit down');
  await waitForText(page, 'People arrive');
  return page;
}
/** A flight's open evening, as its host's page reads it. */
export const eveningOf = (host: Page, flight: string) =>
  host.evaluate(async (flightId) => {
    const { tastings } = (await (await fetch(`/api/v1/flights/${flightId}/tastings`)).json()) as { tastings: { id: string }[] };
    return (await (await fetch(`/api/v1/tastings/${tastings[0]!.id}`)).json()) as { id: string; tick: number; program: { kind: string; place?: number }[] };
  }, flight);
/** Goes to a stop of an evening, and answers the tick it is at then. */
export const moveTo = (host: Page, id: string, basedOn: number, to: number): Promise<number> =>
  host.evaluate(
    async (evening, body) => {
      const answer = await fetch(`/api/v1/tastings/${evening}/moves`, { method: 'POST', headers: { 'content-type': 'application/json' }, body });
      return ((await answer.json()) as { tick: number }).tick;
    },
    id,
    JSON.stringify({ basedOn, actId: randomUUID(), to }),
  );
/** Goes to the last stop of a flight's open evening, as a host does who is done. */
export async function toTheEnd(host: Page, flight: string): Promise<string> {
  const { id, tick, program } = await eveningOf(host, flight);
  await moveTo(host, id, tick, program.length - 1);
  return id;
}
