import { randomUUID } from 'node:crypto';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { Client } from 'pg';
import { freePort, startCluster } from '../web/src/server/testing/throwaway';
import { end, prepare, serve } from './application';
import { comeIn, desktop, fill, openBrowser, phone, press, visit, waitForText } from './browser';

/** Takes the pictures of docs/screenshots from the demo: npm run pictures. */
const cluster = await startCluster();
const data = mkdtempSync(path.join(tmpdir(), 'rose-pictures-'));
const port = await freePort();
// The same pictures whenever they are taken: the demo is filled, and the browser's clock set, for one day.
const filledOn = '2026-11-26';
await prepare(cluster.url('postgres'), cluster.url('rose'), data, port, filledOn);
const server = await serve(cluster.url('rose'), data, port);
const { browser, close } = await openBrowser();
const page = await browser.newPage();
await page.evaluateOnNewDocument((day) => {
  const behind = Date.now() - Date.parse(`${day}T15:00:00Z`);
  const Real = Date;
  window.Date = class extends Real {
    constructor(...args: unknown[]) {
      if (args.length === 0) super(Real.now() - behind);
      else super(...(args as [number]));
    }
    static override now() {
      return Real.now() - behind;
    }
  } as DateConstructor;
}, filledOn);
const base = `http://127.0.0.1:${port}`;
const folder = path.join(import.meta.dirname, '..', 'docs', 'screenshots');
const take = async (name: string) => {
  await page.evaluate(() => (document.activeElement as HTMLElement | null)?.blur());
  await new Promise((resolve) => setTimeout(resolve, 900));
  await page.screenshot({ path: path.join(folder, `${name}.png`) });
};
const follow = async (list: string, text: string) => {
  await visit(page, base + list);
  await press(page, text);
  await page.waitForFunction((from) => location.pathname !== from, {}, list);
};
/** A table of invented guests, some further than others; the host at the palate, then at the label. */
async function evening(): Promise<void> {
  await follow('/flights', 'Fire and salt');
  const flight = page.url();
  await visit(page, `${flight}/pour`);
  await press(page, 'Open the evening');
  await waitForText(page, 'Guests join');
  const { id } = await page.evaluate(async (address) => {
    const { tastings } = (await (await fetch(`/api/v1/flights/${address.split('/').at(-1)}/tastings`)).json()) as { tastings: { id: string }[] };
    return tastings[0]!;
  }, flight);
  interface State {
    tick: number;
    joinCode: string;
    joinKey: string;
    glasses: { id: string; rejected: boolean }[];
    program: { kind: string; name?: string; place?: number }[];
  }
  const state = () => page.evaluate(async (tasting) => (await (await fetch(`/api/v1/tastings/${tasting}`)).json()) as State, id);
  const act = async (name: string, more: object) => {
    const { tick } = await state();
    await page.evaluate(
      async (address, body) => {
        await fetch(address, {
          method: 'POST',
          headers: { 'content-type': 'application/json' },
          body: JSON.stringify({ ...body, actId: crypto.randomUUID() }),
        });
      },
      `/api/v1/tastings/${id}/${name}`,
      { basedOn: tick, ...more },
    );
  };
  const { joinCode, joinKey, program } = await state();
  const stop = (place: number, name?: string) =>
    program.findIndex((entry) => entry.place === place && (name === undefined ? entry.kind === 'pour' : entry.name === name));
  const headers = (cookie: string) => ({ 'content-type': 'application/json', origin: base, cookie });
  const cookies: string[] = [];
  for (const name of ['Ana', 'Bram', 'Chidi', 'Dorte', 'Eli', 'Farah', 'Goran', 'Ilse', 'Jonas', 'Kaya']) {
    const joined = await fetch(`${base}/api/v1/joins`, {
      method: 'POST',
      headers: headers(''),
      body: JSON.stringify({ code: joinCode, key: joinKey, seat: `${name}-`.repeat(6).slice(0, 24), name }),
    });
    cookies.push(joined.headers.getSetCookie()[0]!.split(';')[0]!);
  }
  await act('moves', { to: stop(2) });
  const { glasses } = await state();
  const glassId = glasses.at(-1)!.id;
  const calls = [
    'Nerello Mascalese',
    'Nebbiolo',
    'Xinomavro',
    'Nebbiolo',
    'Blaufränkisch',
    'Nerello Mascalese',
    'Nebbiolo',
    'Xinomavro',
    '',
    'Nerello Mascalese',
  ];
  for (const [i, cookie] of cookies.entries()) {
    const noteId = randomUUID();
    await fetch(`${base}/api/v1/guest/notes`, { method: 'POST', headers: headers(cookie), body: JSON.stringify({ noteId, glassId }) });
    const far = i === 8 ? 1 : i % 4 === 3 ? 2 : 3;
    const observed = {
      clarity: 'clear',
      colour: 'red',
      hue: 'garnet',
      depth: 30 + i,
      ...(far > 1 ? { health: 'sound', noseStill: 40 + i, noseSwirled: 60 } : {}),
      ...(far > 2 ? { sweetness: 4, acidity: 76 + i, body: 48, alcohol: 52, intensity: 60, quality: 84 + (i % 7), liking: 60 + 3 * (i % 6) } : {}),
    };
    const ideas =
      calls[i] === '' ? [] : [{ id: 'i', at: 'palate', grape: calls[i], age: 4 + (i % 4), price: i % 2 === 0 ? 'middle' : 'dearer', certainty: 50 }];
    await fetch(`${base}/api/v1/guest/notes/${noteId}`, {
      method: 'PUT',
      headers: headers(cookie),
      body: JSON.stringify({
        writeId: 'w',
        baseRevision: 1,
        document: { schema: 1, observed, chips: [], deck: {}, markBeforeDraft: null, rewritten: {}, remark: '', ideas },
      }),
    });
    for (const [place, before] of glasses.slice(0, -1).entries()) {
      const earlier = randomUUID();
      await fetch(`${base}/api/v1/guest/notes`, { method: 'POST', headers: headers(cookie), body: JSON.stringify({ noteId: earlier, glassId: before.id }) });
      const marked = { quality: 80 + 3 * place + ((i * 7) % 9), liking: 55 + 8 * place + (i % 5) * 4 };
      const chips = [
        {
          id: 'c',
          term: [
            ['lemon', 'salt', 'smoke'],
            ['pear', 'lemon', 'smoke'],
          ][i % 2]![place % 3],
          layer: 'first',
          strength: 2,
        },
      ];
      await fetch(`${base}/api/v1/guest/notes/${earlier}`, {
        method: 'PUT',
        headers: headers(cookie),
        body: JSON.stringify({
          writeId: 'w',
          baseRevision: 1,
          document: { schema: 1, observed: marked, chips, deck: {}, markBeforeDraft: null, rewritten: {}, remark: '' },
        }),
      });
    }
    if (i === 6) await fetch(`${base}/api/v1/guest/waits`, { method: 'POST', headers: headers(cookie), body: '{}' });
    if (i === 3) await fetch(`${base}/api/v1/guest/doubts`, { method: 'PUT', headers: headers(cookie), body: JSON.stringify({ glassId, smells: 'cellar' }) });
  }
  await act('moves', { to: stop(2, 'palate') });
  await act('parked-questions', { text: 'Is the haze in this one a fault?' });
  // As if the evening had been going on for a while.
  const client = new Client({ connectionString: cluster.url('rose') });
  await client.connect();
  await client.query(
    "update tasting set run = run || jsonb_build_object('started', to_jsonb(now() - interval '27 minutes'), 'since', to_jsonb(now() - interval '70 seconds')) where id = $1",
    [id],
  );
  await client.end();
  await visit(page, `${flight}/pour`);
  await waitForText(page, 'Kaya');
  await page.emulateMediaFeatures([{ name: 'prefers-color-scheme', value: 'dark' }]);
  await take('console');
  await page.emulateMediaFeatures([]);
  const context = await browser.createBrowserContext();
  const seat = await context.newPage();
  await seat.setViewport(phone);
  await visit(seat, `${base}/join/${joinCode}?k=${joinKey}`);
  await fill(seat, 'Your name', 'Mira');
  await press(seat, 'Sit down');
  await waitForText(seat, 'Sip');
  await new Promise((resolve) => setTimeout(resolve, 900));
  await seat.screenshot({ path: path.join(folder, 'seat.png') });
  await context.close();
  for (const fact of ['price', 'age', 'grape']) await act('uncoverings', { glassId, fact });
  await visit(page, `${flight}/unmask`);
  await waitForText(page, 'had it');
  await take('unmask');
  for (const glass of glasses) await act('uncoverings', { glassId: glass.id, fact: 'name' });
  await visit(page, `${flight}/after?evening=${id}`);
  await waitForText(page, 'The line runs from');
  await take('after');
}
try {
  await comeIn(page, base);
  await waitForText(page, 'upright');
  await take('today');
  await visit(page, `${base}/cellar`);
  await take('cellar');
  await follow('/cellar', 'Lamplighter');
  await waitForText(page, 'In law');
  await take('wine');
  await press(page, 'Change facts');
  await waitForText(page, 'Taken for');
  await take('wine-form');
  await follow('/flights', 'Fire and salt');
  await waitForText(page, 'strain; the best is');
  await take('chart');
  await press(page, 'Ready');
  await waitForText(page, 'first task to the first pour');
  await take('ready');
  await evening();
  await follow('/notebook', 'Black Scree');
  await press(page, 'Palate');
  await waitForText(page, 'Work it round');
  await take('desk');
  await press(page, 'Judgement');
  await press(page, 'Show the draft mark');
  await waitForText(page, 'Your own mark');
  await page.evaluate(() => [...document.querySelectorAll('aside')].at(-1)?.querySelector('[aria-haspopup="listbox"]')?.scrollIntoView({ block: 'center' }));
  await take('score');
  // Inner functions would be given names the page does not know: the calls are written out.
  const pair = await page.evaluate(async () => {
    const headers = { 'content-type': 'application/json' };
    const { items } = (await (await fetch('/api/v1/wines?limit=2')).json()) as { items: { id: string }[] };
    const ids = [crypto.randomUUID(), crypto.randomUUID()];
    await fetch('/api/v1/deals', { method: 'POST', headers, body: JSON.stringify({ wineIds: items.map((wine) => wine.id), notes: ids }) });
    const records = [
      {
        observed: {
          colour: 'white',
          hue: 'lemon',
          depth: 30,
          noseSwirled: 46,
          sweetness: 6,
          acidity: 78,
          alcohol: 42,
          body: [28, 44],
          intensity: 44,
          finish: { seconds: 14 },
        },
        terms: ['green-apple', 'wet-stone', 'pear'],
      },
      {
        observed: {
          colour: 'white',
          hue: 'gold',
          depth: 56,
          noseSwirled: 70,
          sweetness: 8,
          acidity: 52,
          alcohol: 58,
          body: 70,
          intensity: 66,
          finish: { seconds: 41 },
        },
        terms: ['toast', 'hazelnut', 'pear'],
      },
    ];
    for (const [i, { observed, terms }] of records.entries())
      await fetch(`/api/v1/notes/${ids[i]}`, {
        method: 'PUT',
        headers,
        body: JSON.stringify({
          writeId: crypto.randomUUID(),
          baseRevision: 1,
          document: {
            schema: 1,
            observed,
            chips: terms.map((term, k) => ({ id: String(k), term, layer: 'first', strength: 2 })),
            deck: {},
            markBeforeDraft: null,
            rewritten: {},
            remark: '',
          },
        }),
      });
    return `/notes/pair?left=${ids[0]}&right=${ids[1]}`;
  });
  await visit(page, base + pair);
  await waitForText(page, 'One call for the pair');
  await take('pair');
  await follow('/pairing', 'Octopus on coals');
  await waitForText(page, 'The plate moves');
  await take('dish');
  await visit(page, `${base}/pairing`);
  await take('table');
  await follow('/pairing', 'Supper under the lamp');
  await waitForText(page, 'What is opened', 30_000);
  await take('menu');
  await visit(page, `${base}/notebook`);
  await take('notebook');
  const notes = await page.$$eval('.name', (links) => links.map((link) => link.getAttribute('href')!.split('/').at(-1)!));
  await visit(page, `${base}/notebook/compare?left=${notes[1]}&right=${notes[9]}`);
  await take('compare');
  await page.setViewport(phone);
  await follow('/cellar', 'Quay Jar');
  await press(page, 'Assess a glass');
  await page.waitForFunction(() => location.pathname.startsWith('/notes/'));
  await press(page, 'Aroma');
  await press(page, 'It only smells of wine');
  for (const said of ['no', 'yes', 'trace']) {
    const family = await (await page.waitForSelector('li[data-now="true"] strong'))!.evaluate((element) => element.textContent);
    await (await page.waitForSelector(`button[aria-label="${family}: ${said}"]`))!.evaluate((element) => (element as HTMLElement).click());
    await page.waitForFunction((was) => document.querySelector('li[data-now="true"] strong')?.textContent !== was, {}, family);
  }
  await page.evaluate(() => [...document.querySelectorAll('h3')].at(-1)?.scrollIntoView({ block: 'start' }));
  await take('phone');
  await page.setViewport(desktop);
} finally {
  await close();
  await end(server);
  cluster.stop();
  rmSync(data, { recursive: true, force: true });
}
