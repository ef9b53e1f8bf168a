import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import puppeteer, { type Browser, type ElementHandle, type Page } from 'puppeteer-core';

export const desktop = { width: 1280, height: 800 };
export const phone = { width: 390, height: 844, isMobile: true, hasTouch: true, deviceScaleFactor: 2 };

/** Debian's Chromium with a folder of its own; closed by `close`. */
export async function openBrowser(...more: string[]): Promise<{ browser: Browser; close: () => Promise<void> }> {
  const folder = mkdtempSync(path.join(tmpdir(), 'rose-browser-'));
  const browser = await puppeteer.launch({
    executablePath: process.env['CHROMIUM'] ?? '/usr/bin/chromium',
    userDataDir: folder,
    defaultViewport: desktop,
    args: [
      '--no-sandbox',
      '--disable-gpu',
      '--disable-quic',
      '--no-first-run',
      '--disable-background-networking',
      '--disable-component-update',
      '--disable-sync',
      '--disable-dev-shm-usage',
      '--force-color-profile=srgb',
      ...more,
    ],
  });
  return {
    browser,
    async close() {
      await browser.close();
      rmSync(folder, { recursive: true, force: true, maxRetries: 3 });
    },
  };
}

/** Opens a page and waits until it has hydrated. */
export async function visit(page: Page, url: string): Promise<void> {
  await page.goto(url, { waitUntil: 'load' });
  await page.waitForFunction(() => Object.keys(document.querySelector('main') ?? document.body).some((key) => key.startsWith('__react')), {
    timeout: 20_000,
    polling: 100,
  });
}

/** Waits until what is laid out stands still: its faces are there and two frames were drawn. */
export const settled = (page: Page) =>
  page.evaluate(async () => {
    await document.fonts.ready;
    await new Promise((resolve) => requestAnimationFrame(() => requestAnimationFrame(resolve)));
  });

/** Presses the first visible button or link with this text. */
export async function press(page: Page, text: string): Promise<void> {
  const found = await page.waitForFunction(
    (wanted) =>
      [...document.querySelectorAll<HTMLButtonElement>('button, a, [role="tab"]')].find(
        (element) => (element.textContent ?? '').replace(/\s+/g, ' ').includes(wanted) && !element.disabled && element.getClientRects().length > 0,
      ),
    { timeout: 15_000, polling: 100 },
    text,
  );
  const handle = found.asElement() as ElementHandle<HTMLElement>;
  await handle.evaluate((element) => element.scrollIntoView({ block: 'center' }));
  await handle.click();
}
/** The text of the page, spaces single. */
export const textOf = (page: Page) => page.evaluate(() => document.body.innerText.replace(/\s+/g, ' '));
export async function waitForText(page: Page, text: string, timeout = 15_000): Promise<void> {
  await page.waitForFunction((wanted) => document.body?.innerText.replace(/\s+/g, ' ').includes(wanted) === true, { timeout, polling: 100 }, text);
}
/** The input of the label with this text. */
export async function fill(page: Page, label: string, value: string): Promise<void> {
  const handle = await page.waitForSelector(`::-p-xpath(//label[starts-with(normalize-space(.), "${label}")])`, { timeout: 10_000 });
  const id = await handle!.evaluate((element) => element.getAttribute('for'));
  const input = (await page.$(`[id="${id}"]`))!;
  // What is typed before the page has taken the field over is lost on a slow machine.
  await page.waitForFunction((element) => Object.keys(element).some((key) => key.startsWith('__react')), { timeout: 15_000, polling: 100 }, input);
  await input.click({ count: 3 });
  await input.press('Backspace');
  await input.type(value);
}
/** Chooses in the list of the label that starts with this text, by the option's key. */
export async function select(page: Page, label: string, value: string): Promise<void> {
  const found = await page.waitForFunction(
    (wanted) =>
      [...document.querySelectorAll<HTMLElement>('button[aria-haspopup="listbox"]')].find((button) => {
        const said = [button.getAttribute('aria-label'), button.parentElement?.querySelector(':scope > label, :scope > span')?.textContent];
        return button.getClientRects().length > 0 && said.some((text) => text?.trim().startsWith(wanted) === true);
      }),
    { timeout: 15_000, polling: 100 },
    label,
  );
  const button = found.asElement() as ElementHandle<HTMLElement>;
  await button.evaluate((element) => element.scrollIntoView({ block: 'center' }));
  await button.click();
  const option = (await page.waitForSelector(`[role="option"][data-key="${quoted(value)}"]`, { timeout: 10_000 }))!;
  await option.evaluate((element) => element.scrollIntoView({ block: 'center' }));
  await option.click();
  await page.waitForFunction(() => document.querySelector('[role="listbox"]') === null, { timeout: 10_000, polling: 50 });
}
/** Chooses in the menu of the button whose name starts with this text: an act, or an act further in. */
export async function choose(page: Page, label: string, ...says: readonly string[]): Promise<void> {
  const button = (await page.waitForSelector(`button[aria-haspopup][aria-label^="${quoted(label)}"]`, { visible: true, timeout: 15_000 }))!;
  await button.evaluate((element) => element.scrollIntoView({ block: 'center' }));
  await button.click();
  for (const text of says) {
    const item = (await page.waitForSelector(`::-p-xpath(//*[@role="menuitem"][starts-with(normalize-space(.), "${text}")])`, {
      visible: true,
      timeout: 10_000,
    }))!;
    await settled(page);
    await item.click();
  }
  await page.waitForFunction(() => document.querySelector('[role="menu"]') === null, { timeout: 10_000, polling: 50 });
}
const quoted = (text: string) => text.replaceAll('"', '\\"');
/** Sets the day, or the day and the time, of the label that starts with this text: "2027-02-04T19:00". */
export async function setMoment(page: Page, label: string, value: string): Promise<void> {
  const group = (await page.waitForSelector(`::-p-xpath(//*[@class="field"][starts-with(normalize-space(.), "${label}")]//*[@role="spinbutton"])`, {
    timeout: 15_000,
  }))!;
  await group.evaluate((element) => element.scrollIntoView({ block: 'center' }));
  await group.focus();
  const [year, month, day, hour = '', minute = ''] = value.split(/[-T:]/);
  await page.keyboard.type(`${day}${month}${year}${hour}${minute}`);
}
export async function comeIn(page: Page, base: string): Promise<void> {
  await visit(page, `${base}/come-in`);
  await press(page, 'Come in as the demo');
  await page.waitForFunction(() => location.pathname === '/', { timeout: 20_000 });
}

/** Chooses one of a few words: the radio button of a field. */
export async function pick(on: Page, name: string, value: string): Promise<void> {
  const radio = (await on.waitForSelector(`input[type=radio][name="${name}"][value="${value}"]`))!;
  await radio.evaluate((element) => (element as HTMLInputElement).click());
}
/** Waits for what is not a text of a page. */
export async function until(check: () => Promise<boolean>, says: string): Promise<void> {
  for (let i = 0; i < 80; i++) {
    if (await check()) return;
    await new Promise((resolve) => setTimeout(resolve, 250));
  }
  throw new Error(`did not happen: ${says}`);
}
