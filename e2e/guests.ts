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
/** A guest in a browser of their own, who follows the link. */
export async function guestBy(browser: Browser, link: string, name: string): Promise<Page> {
  const context = await browser.createBrowserContext();
  const page = await hurried(await context.newPage());
  await page.evaluateOnNewDocument(() => {
    (globalThis as { roseDrawn?: unknown[] }).roseDrawn = [];
  });
  await page.setViewport(phone);
  await visit(page, link);
  await fill(page, 'Your name', name);
  await press(page, 'Sit down');
  await waitForText(page, 'People arrive');
  return page;
}
