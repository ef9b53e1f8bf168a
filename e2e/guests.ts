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
/** Goes to the last stop of a flight's open evening, as a host does who is done. */
export async function toTheEnd(host: Page, flight: string): Promise<string> {
  const evening = await host.evaluate(async (flightId) => {
    const { tastings } = (await (await fetch(`/api/v1/flights/${flightId}/tastings`)).json()) as { tastings: { id: string }[] };
    return (await (await fetch(`/api/v1/tastings/${tastings[0]!.id}`)).json()) as { id: string; tick: number; program: unknown[] };
  }, flight);
  await host.evaluate(
    async ({ id, tick, program }) =>
      void (await fetch(`/api/v1/tastings/${id}/moves`, {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify({ basedOn: tick, actId: crypto.randomUUID(), to: program.length - 1 }),
      })),
    evening,
  );
  return evening.id;
}
