import { afterAll, inject } from 'vitest';
import type { Browser, Page } from 'puppeteer-core';
import { comeIn, openBrowser } from './browser';

export interface Journey {
  readonly base: string;
  readonly browser: Browser;
  readonly page: Page;
}
/** A browser of its own for one file of journeys; it closes after the last of them. */
export async function journey(...flags: string[]): Promise<Journey> {
  const { browser, close } = await openBrowser(...flags);
  afterAll(close);
  return { base: inject('base'), browser, page: await hurried(await browser.newPage()) };
}
/** A page that does not make a journey wait: documents are sent soon after a change. What is about waiting opens a page of its own. */
export async function hurried(page: Page): Promise<Page> {
  await page.evaluateOnNewDocument(() => {
    (globalThis as { rosePace?: object }).rosePace = { quiet: 400, silence: 2_000 };
  });
  return page;
}
/** The same, come in as the demo's host. */
export async function demoJourney(): Promise<Journey> {
  const started = await journey();
  await comeIn(started.page, started.base);
  return started;
}
