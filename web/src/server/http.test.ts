import { v4, v7 } from 'uuid';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { published } from '@rose/core/testing/published';
import { schoolOf } from '@rose/core/order/ordering-rules';
import { bestOrder } from '@rose/core/order/solve';
import { amountsOf, type Amounts } from '@rose/knowledge/evening/amounts';
import { plannedTasks } from '@rose/core/timetable/afternoon-tasks';
import { wholeEvening } from '@rose/knowledge/evening/whole';
import { readVenue, winesOf } from './flight/read';
import { readFlight } from './flight/store';
import { asText, composeNote } from '@rose/core/prose/prose';
import { draftScore, schemes } from '@rose/core/score/scheme';
import type { NoteDocument } from '@rose/core/wine/note';
import { spoken } from '@rose/knowledge/smells/spoken';
import { advise, pair, styleWines } from '@rose/knowledge/pairing';
import { makeToken } from './account/venue-commands';
import { asOrderWine, knownWines } from './cellar/profiles';
import { lawOf } from './cellar/view';
import { connections } from '../db/client';
import { handle } from './http';
import { newWorld, type World } from './testing/world';
import { ownDatabase, run } from './testing/venue';

let drop: () => Promise<void>;
let world: World;
let token: string;
beforeAll(async () => {
  drop = await ownDatabase();
  world = await newWorld();
  ({ token } = (await run(makeToken, world.owner, { name: 'tests' })) as { token: string });
});
afterAll(() => drop());

const ask = async (method: string, path: string, options: { body?: unknown; headers?: Record<string, string>; anonymous?: boolean } = {}) => {
  const url = new URL(`http://127.0.0.1:4747/api/v1${path}`);
  const response = await handle(
    new Request(url, {
      method,
      ...(options.body === undefined ? {} : { body: typeof options.body === 'string' ? options.body : JSON.stringify(options.body) }),
      headers: { ...(options.anonymous === true ? {} : { authorization: `Bearer ${token}` }), ...options.headers },
    }),
    url.pathname.slice('/api/v1'.length),
  );
  const text = await response.text();
  return {
    status: response.status,
    type: response.headers.get('content-type') ?? '',
    etag: response.headers.get('etag'),
    headers: response.headers,
    text,
    json: (text.startsWith('{') || text.startsWith('[') ? JSON.parse(text) : {}) as Record<string, never>,
  };
};

describe('the interface for programs', () => {
  it('refuses a place in a list that is not one of ours, whatever the list is sorted by', async () => {
    const id = v4();
    const places = [[], ['x', 'y'], [1, 2], [null, 'x'], ['text', id], [1e300, id], [1.5, id], [null, id], 'x', { a: 1 }];
    for (const sort of ['name', 'producer', 'vintage', 'alcohol', 'changed'])
      for (const place of places) {
        const cursor = Buffer.from(JSON.stringify(place)).toString('base64url');
        expect([200, 422], `wines by ${sort} from ${JSON.stringify(place)}`).toContain((await ask('GET', `/wines?sort=${sort}&cursor=${cursor}`)).status);
        expect([200, 422], `notes from ${JSON.stringify(place)}`).toContain((await ask('GET', `/notes?cursor=${cursor}`)).status);
      }
  });
  published('RFC 9457 (problem details)', 'an error has its type, title and status, and the media type of problems', async () => {
    const answer = await ask('GET', `/wines/${v7()}`);
    expect(answer.status).toBe(404);
    expect(answer.type).toBe('application/problem+json');
    expect(answer.json).toMatchObject({ type: expect.stringMatching(/^urn:/) as string, title: expect.any(String) as string, status: 404 });
  });
  published(
    'RFC 9110 (ETag, If-Match, Allow)',
    'the revision is the ETag; If-Match stands for the base revision; a wrong method names the right ones',
    async () => {
      const read = await ask('GET', `/dishes/${world.dishId}`);
      expect(read.etag).toBe('"1"');
      const document = { ...(read.json['document'] as unknown as object), remark: 'by a program' };
      const saved = await ask('PUT', `/dishes/${world.dishId}`, { body: { writeId: v4(), baseRevision: 0, document }, headers: { 'if-match': read.etag! } });
      expect([saved.status, saved.etag]).toEqual([200, '"2"']);
      const stale = await ask('PUT', `/dishes/${world.dishId}`, { body: { writeId: v4(), baseRevision: 0, document }, headers: { 'if-match': '"1"' } });
      expect([stale.status, stale.etag]).toEqual([409, '"2"']);
      expect(stale.json['document']).toEqual(document);
      const wrong = await ask('DELETE', '/notes');
      expect([wrong.status, wrong.headers.get('allow')]).toEqual([405, 'POST, GET']);
    },
  );
  it('without a token it asks for one, with a revoked or invented one as well, and a program cannot use what is for browsers', async () => {
    expect((await ask('GET', '/wines', { anonymous: true })).status).toBe(401);
    expect((await ask('GET', '/wines', { headers: { authorization: 'Bearer rose_invented' } })).status).toBe(401);
    expect((await ask('POST', '/tokens', { body: { name: 'x' } })).status).toBe(403);
    expect((await ask('GET', '/health', { anonymous: true })).json).toEqual({ ok: true });
  });
  it('a browser’s write without our own Origin is refused, whatever is forwarded', async () => {
    for (const headers of [
      {},
      { origin: 'http://evil.example' },
      { origin: 'http://evil.example', host: 'evil.example' },
      { origin: 'http://evil.example', host: '127.0.0.1:4747', 'x-forwarded-host': 'evil.example' },
    ]) {
      expect((await ask('POST', '/session', { anonymous: true, headers, body: { email: 'a@example.invalid', password: 'x' } })).json['title']).toMatch(
        /own pages/,
      );
    }
    expect(
      (
        await ask('POST', '/session', {
          anonymous: true,
          headers: { origin: 'http://127.0.0.1:4747', host: '127.0.0.1:4747' },
          body: { email: 'a@example.invalid', password: 'x' },
        })
      ).json['title'],
    ).not.toMatch(/own pages/);
  });
  it('a body that is no JSON, too large, or a list is one sentence', async () => {
    expect((await ask('PUT', `/notes/${world.noteId}`, { body: '{not json' })).status).toBe(400);
    expect((await ask('PUT', `/notes/${world.noteId}`, { body: '[1]' })).status).toBe(400);
    expect((await ask('POST', '/wines/imports', { body: JSON.stringify({ csv: 'x'.repeat(4_100_000) }) })).status).toBe(413);
    expect((await ask('GET', '/nowhere')).status).toBe(404);
    expect((await ask('GET', '/wines?limit=many')).json['errors']).toMatchObject([{ field: 'limit' }]);
  });
  it('lists come in pages by a cursor, each wine once', async () => {
    const seen: string[] = [];
    let cursor = '';
    for (let i = 0; i < 5; i++) {
      const page = (await ask('GET', `/wines?limit=1${cursor === '' ? '' : `&cursor=${cursor}`}`)).json as unknown as {
        items: { id: string }[];
        next: string | null;
        count: number;
      };
      seen.push(...page.items.map((item) => item.id));
      expect(page.count).toBe(2);
      if (page.next === null) break;
      cursor = page.next;
    }
    expect(seen.sort()).toEqual([world.wineId, world.otherWineId].sort());
    expect((await ask('GET', '/wines?cursor=nonsense')).status).toBe(422);
  });
});

describe('a path that computes gives what the screen’s own function gives', () => {
  it('order and quantities', async () => {
    const order = (await ask('GET', `/flights/${world.flightId}/order?school=ladder`)).json as unknown as { best: { order: string[]; strain: number } };
    const wines = (await knownWines(connections().db, world.owner.venueId)).map((known) => asOrderWine(known));
    const own = bestOrder(wines, [], schoolOf('ladder'));
    expect(own.kind === 'best' && [own.judgement.order, own.judgement.strain]).toEqual([order.best.order, order.best.strain]);
    const amounts = (await ask('GET', `/flights/${world.flightId}/quantities`)).json as unknown as Amounts;
    const { document } = await readFlight(connections().db, world.owner.venueId, world.flightId);
    const venue = await readVenue(connections().db, world.owner.venueId);
    const inputs = (await winesOf(connections().db, world.owner.venueId, document, 'EUR')).map((entry) => entry.evening);
    const same = amountsOf(document, inputs, venue.facts);
    expect(amounts).toEqual(JSON.parse(JSON.stringify(same)));
    expect(same.bottles).toBeGreaterThan(0);
    const timetable = (await ask('GET', `/flights/${world.flightId}/timetable`)).json as unknown as { span: number; tasks: { id: string; minute: number }[] };
    const { plan } = wholeEvening(document, inputs, venue.facts);
    expect(timetable.span).toBe(plan.timetable.span);
    expect(Object.fromEntries(timetable.tasks.map((task) => [task.id, task.minute]))).toEqual(
      Object.fromEntries(plannedTasks(plan).map((task) => [task.id, task.start])),
    );
  });
  it('the written note and its scores', async () => {
    const { document } = (await ask('GET', `/notes/${world.noteId}`)).json as unknown as { document: NoteDocument };
    const text = (await ask('GET', `/notes/${world.noteId}/text`)).json as unknown as { statements: { text: string }[] };
    expect(text.statements.map((statement) => statement.text).join(' ')).toBe(asText(composeNote(document, spoken)));
    const scored = (await ask('GET', `/notes/${world.noteId}/scores`)).json as unknown as { own: number; schemes: { low: number; high: number }[] };
    expect(scored.own).toBe(84);
    schemes.forEach((scheme, i) =>
      expect(scored.schemes[i]).toMatchObject({
        low: draftScore(scheme, document.observed, document.chips).low,
        high: draftScore(scheme, document.observed, document.chips).high,
      }),
    );
  });
  it('the draft waits for the taster’s own mark', async () => {
    const id = v7();
    await ask('POST', '/notes', { body: { id, wineId: world.wineId } });
    expect((await ask('GET', `/notes/${id}/scores`)).status).toBe(409);
  });
  it('pairings and law', async () => {
    const parts = [{ part: 'octopus' }, { part: 'charred' }, { part: 'smoked-paprika' }];
    const found = (await ask('POST', '/pairings', { body: { parts } })).json as unknown as {
      ranked: { wine: string; fit: number; because: { push: number }[] }[];
      allergens: string[];
    };
    const own = advise(parts, styleWines);
    expect(found.ranked.map((fit) => fit.wine)).toEqual(own.ranked.map((fit) => fit.wine));
    expect(found.ranked[0]!.fit).toBe(pair(parts, found.ranked[0]!.wine).fit);
    expect(found.ranked[0]!.because.reduce((sum, reason) => sum + reason.push, 0)).toBeCloseTo(found.ranked[0]!.fit, 9);
    expect(found.allergens).toContain('molluscs');
    const wine = (await ask('GET', `/wines/${world.wineId}`)).json as unknown as { law: unknown };
    const [known] = await knownWines(connections().db, world.owner.venueId, [world.wineId]);
    expect(wine.law).toEqual(JSON.parse(JSON.stringify(lawOf(known!))));
  });
});

describe('a text that was cut', () => {
  it('keeps half a letter, as a cut field may send it, as the sign for a lost one', async () => {
    const id = v7();
    const { json } = await ask('GET', `/wines?limit=1`);
    const wine = await ask('GET', `/wines/${(json as unknown as { items: { id: string }[] }).items[0]!.id}`);
    const document = { ...(wine.json as unknown as { document: object }).document, lots: [], name: 'a\ud800' };
    const saved = await ask('PUT', `/wines/${id}`, { body: { writeId: v4(), baseRevision: 0, document } });
    expect(saved.status, saved.text).toBe(200);
    expect((await ask('GET', `/wines/${id}`)).json).toMatchObject({ document: { name: 'a\ufffd' } });
  });
});
