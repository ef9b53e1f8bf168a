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
  return { base: inject('base'), browser, page: await browser.newPage() };
}
/** The same, come in as the demo's host. */
export async function demoJourney(): Promise<Journey> {
  const started = await journey();
  await comeIn(started.page, started.base);
  return started;
}
