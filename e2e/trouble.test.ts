import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { v4, v7 } from 'uuid';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { ChildProcess } from 'node:child_process';
import { Client } from 'pg';
import { freePort, startCluster, type Cluster } from '../web/src/server/testing/throwaway';
import { end, prepare, serve } from './application';
import { comeIn, fill, press, textOf, visit, waitForText } from './browser';
import { flightOfThree } from './covered-flight';
import { journey } from './journey';

let cluster: Cluster;
let server: ChildProcess;
let data: string;
let port: number;
let base: string;
// A name of the local network over plain http: no secure context, so no service worker, no randomUUID, no locks.
const { browser, page } = await journey('--host-resolver-rules=MAP rose.local 127.0.0.1');
beforeAll(async () => {
  cluster = await startCluster();
  data = mkdtempSync(path.join(tmpdir(), 'rose-trouble-'));
  port = await freePort();
  base = `http://rose.local:${port}`;
  await prepare(cluster.url('postgres'), cluster.url('rose'), data, port);
  server = await serve(cluster.url('rose'), data, port);
  await comeIn(page, base);
});
afterAll(async () => {
  await end(server);
  cluster.stop();
  rmSync(data, { recursive: true, force: true });
});

const ask = async <T>(sql: string, values: unknown[]): Promise<T> => {
  const client = new Client({ connectionString: cluster.url('rose') });
  await client.connect();
  const { rows } = await client.query(sql, values);
  await client.end();
  return rows[0] as T;
};
const observed = async (id: string) =>
  (await ask<{ document: { observed: Record<string, unknown> } }>('select document from note where id = $1', [id])).document.observed;
const choose = async (name: string, value: string) =>
  (await page.waitForSelector(`input[type=radio][name="${name}"][value="${value}"]`))!.evaluate((element) => (element as HTMLInputElement).click());
const leave = () => page.evaluate(() => window.dispatchEvent(new Event('blur')));
const until = async (check: () => Promise<boolean>) => {
  for (let i = 0; i < 120; i++) {
    if (await check().catch(() => false)) return;
    await new Promise((resolve) => setTimeout(resolve, 250));
  }
  throw new Error('did not happen');
};

describe('trouble, over plain http', () => {
  let id: string;
  it('is not a secure context, and a note works all the same', async () => {
    expect(await page.evaluate(() => [window.isSecureContext, typeof crypto.randomUUID])).toEqual([false, 'undefined']);
    id = v7();
    await page.evaluate(async (noteId) => {
      const wines = (await (await fetch('/api/v1/wines?limit=1')).json()) as { items: { id: string }[] };
      await fetch('/api/v1/notes', {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify({ id: noteId, wineId: wines.items[0]!.id }),
      });
    }, id);
    await visit(page, `${base}/notes/${id}`);
    await choose('clarity', 'clear');
    await leave();
    await until(async () => (await observed(id))['clarity'] === 'clear');
  });
  it('the database stops: one sentence, nothing lost; it comes back: saved', async () => {
    cluster.power(false);
    await choose('colour', 'red');
    await leave();
    await waitForText(page, 'On this device, will send', 20_000);
    const answer = await page.evaluate(async () => {
      const response = await fetch('/api/v1/wines');
      return { status: response.status, text: await response.text() };
    });
    expect(answer.status).toBe(503);
    expect(answer.text).toContain('The database does not answer');
    expect(answer.text).not.toMatch(/ECONN|\n\s+at |node_modules/);
    cluster.power(true);
    await until(async () => (await observed(id))['colour'] === 'red');
    await waitForText(page, 'Saved');
  });
  it('the application is killed while a note is typed, and starts again: nothing lost, nothing doubled', async () => {
    await end(server, 'SIGKILL');
    await choose('tears', 'slow');
    await choose('particles', 'deposit');
    await leave();
    await waitForText(page, 'On this device, will send', 20_000);
    server = await serve(cluster.url('rose'), data, port);
    await until(async () => (await observed(id))['particles'] === 'deposit');
    expect(await observed(id)).toEqual({ clarity: 'clear', colour: 'red', tears: 'slow', particles: 'deposit' });
    await page.reload();
    await waitForText(page, 'Saved', 20_000).catch(() => undefined);
    expect(await textOf(page)).not.toContain('Changed in two places');
  });
  it('a guest sits down by a link of the name the house is known by, and writes', async () => {
    const link = await page.evaluate(
      async (flightId, tastingId, actId) => {
        const headers = { 'content-type': 'application/json' };
        await fetch(`/api/v1/flights/${flightId}/tastings`, { method: 'POST', headers, body: JSON.stringify({ tastingId }) });
        const state = (await (await fetch(`/api/v1/tastings/${tastingId}`)).json()) as { joinCode: string; joinKey: string; tick: number };
        await fetch(`/api/v1/tastings/${tastingId}/moves`, { method: 'POST', headers, body: JSON.stringify({ basedOn: state.tick, actId, to: 2 }) });
        return `/join/${state.joinCode}?k=${state.joinKey}`;
      },
      await flightOfThree(page),
      v7(),
      v4(),
    );
    const context = await browser.createBrowserContext();
    const guest = await context.newPage();
    await visit(guest, base + link);
    await fill(guest, 'Your name', 'Rosa');
    await press(guest, 'Sit down');
    await waitForText(guest, 'Is it clear?');
    await (await guest.waitForSelector('input[type=radio][name="clarity"][value="hazy"]'))!.evaluate((element) => (element as HTMLInputElement).click());
    await guest.evaluate(() => window.dispatchEvent(new Event('blur')));
    await until(
      async () =>
        (
          await ask<{ document: { observed: Record<string, unknown> } }>(
            'select n.document from note n join participant p on p.id = n.participant_id where p.name = $1',
            ['Rosa'],
          )
        ).document.observed['clarity'] === 'hazy',
    );
    await context.close();
  });
  it('two people on one wine: different fields both stand', async () => {
    const wine = await ask<{ id: string }>("select id from wine where name = 'Black Ash'", []);
    const second = await browser.newPage();
    for (const person of [page, second]) await visit(person, `${base}/wines/${wine.id}/edit`);
    await page.bringToFront();
    await press(page, 'In figures');
    await fill(page, 'sugar', '2.2');
    await page.evaluate(() => window.dispatchEvent(new Event('blur')));
    await until(async () => (await ask<{ v: string }>("select document->'facts'->'sugar'->>'value' as v from wine where id = $1", [wine.id])).v === '2.2');
    await second.bringToFront();
    await fill(second, 'Place', 'the black-ash island, Spain');
    await second.evaluate(() => window.dispatchEvent(new Event('blur')));
    await until(
      async () =>
        (await ask<{ v: string }>("select document->'facts'->'region'->>'value' as v from wine where id = $1", [wine.id])).v === 'the black-ash island',
    );
    expect((await ask<{ v: string }>("select document->'facts'->'sugar'->>'value' as v from wine where id = $1", [wine.id])).v).toBe('2.2');
    await second.close();
  });
});
