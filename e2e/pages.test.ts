import { describe, expect, it } from 'vitest';
import { axe } from './axe';
import { comeIn, desktop, phone, press, settled, textOf, visit, waitForText } from './browser';
import { journey } from './journey';

const { base, page } = await journey();
const requests: string[] = [];
const complaints: string[] = [];
page.on('request', (request) => requests.push(request.url()));
page.on('console', (message) => message.type() === 'error' && complaints.push(`${page.url()} ${message.text()}`));
page.on('pageerror', (error) => complaints.push(`${page.url()} ${(error as Error).message}`));

const faults = (what: 'all' | 'layout' | 'colours') => axe(page, what);
const first = (path: string, text: string) =>
  page.evaluate(
    async (list, wanted) => {
      const page = await (await fetch(list)).text();
      return new RegExp(`href="(/[a-z]+/[0-9a-f-]{36})"[^>]*>(?:(?!href=).)*?${wanted}`).exec(page)?.[1] ?? '';
    },
    path,
    text,
  );

describe('every page', () => {
  it('has no accessibility fault, nothing cut off sideways, and no raw value, on a desk and on a phone, light and dim', async () => {
    await visit(page, `${base}/come-in`);
    const doors = ['/join', '/join/AAAAAAA', '/come-in', '/sign-up', '/forgot', '/reset/x', '/invitation/x'];
    await comeIn(page, base);
    const pair = await page.evaluate(async () => {
      const call = async (method: string, path: string, body?: unknown) =>
        (await (
          await fetch(`/api/v1${path}`, {
            method,
            headers: { 'content-type': 'application/json' },
            ...(body === undefined ? {} : { body: JSON.stringify(body) }),
          })
        ).json()) as { items: { id: string }[] };
      const wines = (await call('GET', '/wines?limit=2')).items.map((wine) => wine.id);
      const notes = [0, 1].map(() => crypto.randomUUID());
      await call('POST', '/deals', { wineIds: wines, notes });
      return `/notes/pair?left=${notes[0]}&right=${notes[1]}`;
    });
    const addresses = [
      '/cellar',
      await first('/cellar', 'Black Scree'),
      `${await first('/cellar', 'Black Scree')}/edit`,
      '/wines/import',
      '/flights',
      await first('/flights', 'Fire and salt'),
      `${await first('/flights', 'Fire and salt')}/ready`,
      '/pairing',
      await first('/pairing', 'Octopus'),
      await first('/pairing', 'Supper under'),
      '/pairing/cheese',
      '/pairing/tried',
      '/pairing/with/cool-unoaked',
      '/notebook',
      await first('/notebook', 'Black Scree'),
      '/notes/deal',
      `/notes/deal?flight=${(await first('/flights', 'Fire and salt')).split('/').pop()!}`,
      '/notebook/claims',
      '/notebook/calls',
      pair,
      '/',
      '/settings',
      '/settings/evening',
      '/settings/people',
      '/settings/tasting',
      '/settings/programs',
      '/settings/marks',
      '/settings/routines',
      '/gallery',
      '/nowhere',
      ...doors,
    ];
    expect(addresses.filter((address) => !address.startsWith('/') || (address !== '/' && address.length < 2))).toEqual([]);
    const found: string[] = [];
    for (const [size, viewport, what] of [
      ['desk', desktop, 'all'],
      ['phone', phone, 'layout'],
    ] as const) {
      // A change to or from a phone loads the page anew: one for all addresses.
      await page.setViewport(viewport);
      for (const address of addresses) {
        await visit(page, base + address);
        await settled(page);
        found.push(...(await faults(what)).map((fault) => `${address} ${size} ${fault}`));
        // A phone lays a page out as wide as its widest part: the window's own width would agree with it.
        const sideways = await page.evaluate((width) => document.documentElement.scrollWidth - width, viewport.width);
        if (sideways > 1) found.push(`${address} ${size} scrolls sideways by ${sideways} px`);
        const raw = /\bundefined\b|\bNaN\b|\bnull\b|\[object|[0-9a-f]{8}-[0-9a-f]{4}-/.exec(await textOf(page));
        if (raw !== null) found.push(`${address} ${size} says ${raw[0]}`);
        const shape = await page.evaluate(() => ({
          headings: document.querySelectorAll('h1').length,
          main: [...document.querySelectorAll('[data-tone=strong]')].filter((act) => act.getClientRects().length > 0).map((act) => act.textContent),
          back: document.querySelector('nav[aria-label="Way back"] a, nav[aria-label="Main"] a[aria-current=page], nav[aria-label="Settings"]') !== null,
        }));
        if (address === '/gallery') continue;
        if (address !== '/nowhere' && (await page.title()) === 'Rose Compass') found.push(`${address} ${size} has no title of its own`);
        if (shape.headings !== 1) found.push(`${address} ${size} has ${shape.headings} headings`);
        if (shape.main.length > 1) found.push(`${address} ${size} has ${shape.main.length} main acts: ${shape.main.join(', ')}`);
        if (!shape.back && !doors.includes(address) && address !== '/nowhere') found.push(`${address} ${size} has no way back`);
      }
    }
    await page.setViewport(desktop);
    await page.emulateMediaFeatures([{ name: 'prefers-color-scheme', value: 'dark' }]);
    for (const address of ['/cellar', addresses[1]!, addresses[5]!, addresses[6]!, addresses[8]!, addresses[10]!]) {
      await visit(page, base + address);
      found.push(...(await faults('colours')).map((fault) => `${address} dim ${fault}`));
    }
    await page.emulateMediaFeatures([]);
    expect([...new Set(found)].slice(0, 20)).toEqual([]);
  }, 480_000);
  it('asks nobody outside for anything', () => {
    expect(requests.filter((url) => !url.startsWith(base) && !url.startsWith('data:') && !url.startsWith('blob:'))).toEqual([]);
  });
  it('breaks no content security policy', () => {
    expect(complaints.filter((complaint) => !complaint.includes('404'))).toEqual([]);
  });
  it('answers an address that cannot be read in words, and leads on from one that has moved', async () => {
    for (const address of ['/api/v1/notes/%E0%A4%A', '/api/v1/%']) {
      const response = await fetch(base + address);
      expect([response.status, response.headers.get('content-type')], address).toEqual([400, 'application/problem+json']);
      expect(await response.json()).toMatchObject({ status: 400, title: expect.stringContaining('cannot be read') });
    }
    await page.goto(`${base}/notes/%E0%A4%A`);
    await waitForText(page, 'Nothing here');
    expect((await fetch(`${base}/table`)).url).toBe(`${base}/come-in`);
    expect((await fetch(`${base}/table`, { redirect: 'manual' })).headers.get('location')).toBe('/pairing');
  });
  it('sets its security headers', async () => {
    const response = await fetch(`${base}/come-in`);
    expect(response.headers.get('content-security-policy')).toMatch(/script-src 'self' 'nonce-[^']+' 'strict-dynamic'/);
    expect(response.headers.get('x-content-type-options')).toBe('nosniff');
    expect(response.headers.get('x-powered-by')).toBeNull();
    for (const address of ['/api/v1/health', '/api/v1/nothing']) expect((await fetch(base + address)).headers.get('x-content-type-options')).toBe('nosniff');
  });
});

describe('a note by keyboard alone', () => {
  it('goes round the compass with keys, names a smell, stops the watch, and is saved', async () => {
    await page.setViewport(desktop);
    await visit(page, base + (await first('/cellar', 'Quay Jar')));
    await page.focus('main');
    const tabTo = async (reached: () => boolean, limit = 140) => {
      for (let i = 0; i < limit; i++) {
        if (await page.evaluate(reached)) return;
        await page.keyboard.press('Tab');
      }
      throw new Error('the keyboard did not get there');
    };
    await tabTo(() => document.activeElement?.textContent === 'Assess a glass');
    await page.keyboard.press('Enter');
    await page.waitForFunction(() => location.pathname.startsWith('/notes/'), { timeout: 15_000 });
    await waitForText(page, 'Tilt it over something white');
    await tabTo(() => (document.activeElement as HTMLInputElement).name === 'clarity');
    await page.keyboard.press('Space');
    await page.keyboard.press('ArrowRight');
    await waitForText(page, 'Clear.');
    await page.keyboard.press('3');
    await waitForText(page, 'Work it round the mouth');
    await tabTo(() => document.activeElement?.id === 'acidity-range');
    for (let i = 0; i < 6; i++) await page.keyboard.press('ArrowRight');
    await page.keyboard.down('Shift');
    await page.keyboard.press('ArrowRight');
    await page.keyboard.up('Shift');
    expect(await page.$eval('#acidity-range', (element) => (element as HTMLInputElement).value)).toBe('76');
    await waitForText(page, 'Lively acidity');
    await page.keyboard.press('Delete');
    await page.waitForFunction(() => !document.body.innerText.includes('Lively acidity'));
    await page.keyboard.press('ArrowRight');
    await page.keyboard.press('2');
    await waitForText(page, 'What do you smell?');
    await page.keyboard.press('/');
    await page.keyboard.type('apricot');
    await waitForText(page, 'stone fruit');
    await page.keyboard.press('Enter');
    await waitForText(page, 'It smells of apricot');
    await page.keyboard.press('Escape');
    await page.evaluate(() => (document.activeElement as HTMLElement).blur());
    await page.keyboard.press('4');
    await page.evaluate(() => (document.activeElement as HTMLElement).blur());
    await page.keyboard.press('Space');
    await waitForText(page, '0:01');
    await page.keyboard.press('Space');
    await waitForText(page, 'finish of');
    await page.keyboard.press('?');
    await waitForText(page, 'the quarters');
    await page.keyboard.press('Escape');
    await page.keyboard.press('w');
    await page.waitForSelector('[aria-label^="A white page"]');
    await page.keyboard.press('w');
    await waitForText(page, 'Saved', 20_000);
  });
});

describe('a note on a phone, with a thumb', () => {
  it('is written in the four quarters, the deck helps who smells only wine, and it is saved', async () => {
    await page.setViewport(phone);
    await visit(page, base + (await first('/cellar', 'Black Ash')));
    await press(page, 'Assess a glass');
    await page.waitForFunction(() => location.pathname.startsWith('/notes/'), { timeout: 15_000 });
    const tap = async (selector: string) => {
      const element = (await page.waitForSelector(selector))!;
      await element.evaluate((node) => node.scrollIntoView({ block: 'center' }));
      await element.tap();
    };
    await tap('input[name="colour"][value="red"]');
    await tap('input[name="hue"][value="ruby"]');
    await page.waitForSelector('[aria-label="The glass as recorded: ruby"]', { visible: true });
    await press(page, 'On to aroma');
    await press(page, 'It only smells of wine');
    // One family at a time, each the one that tells most: said yes to the first, a trace to the next.
    const families: string[] = [];
    for (const said of ['yes', 'trace']) {
      const asked = await page.waitForSelector('li[data-now="true"] strong');
      const family = (await asked!.evaluate((element) => element.textContent))!;
      families.push(family);
      await tap(`button[aria-label="${family}: ${said}"]`);
      await page.waitForFunction((was) => document.querySelector('li[data-now="true"] strong')?.textContent !== was, {}, family);
    }
    await press(page, 'On to palate');
    await tap('#acidity-range');
    await press(page, 'On to finish');
    await press(page, 'Swallowed');
    await new Promise((resolve) => setTimeout(resolve, 1200));
    await press(page, 'It has gone');
    await press(page, 'On to judgement');
    await waitForText(page, `a trace of ${families[1]!}`);
    const text = await textOf(page);
    expect(text).toContain(families[0]!);
    expect(text).toMatch(/A \w+ finish of (?:one second|\d+ seconds)\./);
    await waitForText(page, 'Saved', 20_000);
    const small = await page.$$eval('main button, main a, main input:not([type=range])', (elements) =>
      elements
        .filter((element) => element.getClientRects().length > 0)
        .map((element) => ({
          size: element.closest('label')?.getBoundingClientRect().height ?? element.getBoundingClientRect().height,
          says: (element.textContent || element.getAttribute('aria-label') || element.id).slice(0, 40),
        }))
        .filter((entry) => entry.size < 24),
    );
    expect(small).toEqual([]);
  });
});
