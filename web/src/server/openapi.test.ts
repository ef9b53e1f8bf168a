import Ajv2020 from 'ajv/dist/2020';
import addFormats from 'ajv-formats';
import { Validator } from '@seriousme/openapi-schema-validator';
import { v4, v7 } from 'uuid';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { published } from '@rose/core/testing/published';
import { emptyFlight } from '@rose/core/flight/flight';
import { emptyNote } from '@rose/core/wine/note';
import { makeToken } from './account/venue-commands';
import { handle } from './http';
import { openapi } from './openapi';
import { assyrtiko, lamplighter } from './testing/world';
import { newMember, ownDatabase, run } from './testing/venue';

type Json = Record<string, unknown>;
interface Said {
  readonly operationId: string;
  readonly parameters: readonly { name: string; in: 'path' | 'query' | 'header'; required: boolean }[];
  readonly requestBody?: { readonly content: { 'application/json': { schema: Json; example?: Json } } };
  readonly responses: Readonly<Record<string, { readonly content?: Readonly<Record<string, { schema: Json }>> }>>;
}
// Read back from text: as a program that fetches it has it.
const document = JSON.parse(JSON.stringify(openapi('http://127.0.0.1:4747'))) as { paths: Record<string, Record<string, Said>>; components: Json };
const operations = Object.entries(document.paths).flatMap(([path, methods]) =>
  Object.entries(methods).map(([method, said]) => ({ path, method: method.toUpperCase(), said })),
);
const ajv = new Ajv2020({ strict: false, allErrors: true });
addFormats(ajv);
const validatorOf = (schema: Json) => ajv.compile({ ...schema, components: document.components });

let drop: () => Promise<void>;
let token: string;
beforeAll(async () => {
  drop = await ownDatabase();
  ({ token } = (await run(makeToken, await newMember('owner'), { name: 'a program' })) as { token: string });
});
afterAll(() => drop());

/** A program that knows nothing but the document: it finds an operation by its id, puts each field where the document says, and checks every answer. */
async function ask(id: string, fields: Json = {}): Promise<{ status: number; type: string; body: never }> {
  const { path, method, said } = operations.find((entry) => entry.said.operationId === id)!;
  const left = { ...fields };
  const take = (name: string) => {
    const value = left[name];
    delete left[name];
    return value;
  };
  let at = path;
  const search = new URLSearchParams();
  for (const parameter of said.parameters) {
    if (parameter.in === 'header' || !(parameter.name in left)) continue;
    const value = String(take(parameter.name));
    if (parameter.in === 'path') at = at.replace(`{${parameter.name}}`, encodeURIComponent(value));
    else search.set(parameter.name, value);
  }
  if (said.requestBody !== undefined) {
    const check = validatorOf(said.requestBody.content['application/json'].schema);
    expect(check(left), `${id} sent: ${ajv.errorsText(check.errors)}`).toBe(true);
  } else expect(left).toEqual({});
  const response = await handle(
    new Request(`http://127.0.0.1:4747/api/v1${at}${search.size > 0 ? `?${search}` : ''}`, {
      method,
      headers: { authorization: `Bearer ${token}`, 'content-type': 'application/json' },
      ...(method === 'GET' || method === 'DELETE' ? {} : { body: JSON.stringify(left) }),
    }),
    at,
  );
  const type = (response.headers.get('content-type') ?? '').split(';')[0]!;
  const declared = said.responses[String(response.status)];
  expect(declared, `${id} answers ${response.status}: ${response.status >= 400 ? await response.clone().text() : ''}`).toBeDefined();
  const content = declared!.content![type];
  expect(content, `${id} answers ${type}`).toBeDefined();
  const json = type.endsWith('json');
  const body: unknown = json ? await response.json() : await response.text();
  if (json) {
    const check = validatorOf(content!.schema);
    expect(check(body), `${id} answers as it says: ${ajv.errorsText(check.errors)}`).toBe(true);
  }
  return { status: response.status, type, body: body as never };
}
const write = (document: unknown, baseRevision = 0) => ({ writeId: v4(), baseRevision, document });

describe('the OpenAPI document', () => {
  published('the OpenAPI Initiative’s schema of 3.1, by @seriousme/openapi-schema-validator', 'is sound', async () => {
    const found = await new Validator().validate(document as never);
    expect(found.errors ?? '').toEqual('');
    expect(found.valid).toBe(true);
  });
  it('has no empty schema: every answer says what it holds, and a file its media type', () => {
    for (const { said } of operations) {
      for (const [type, { schema }] of Object.entries(said.responses['200']!.content!)) {
        expect(Object.keys(schema).length, `${said.operationId} ${type}`).toBeGreaterThan(0);
        expect(JSON.stringify(schema), `${said.operationId} ${type}`).not.toMatch(/:\{\}/);
      }
      expect(Object.keys(said.responses)).toEqual(expect.arrayContaining(['200', '429', '503', 'default']));
    }
    const media = (id: string) => Object.keys(operations.find((entry) => entry.said.operationId === id)!.said.responses['200']!.content!);
    expect(media('flight.print')).toEqual(['application/pdf']);
    expect(media('flight.sendCalendar')).toEqual(['text/calendar']);
    expect(media('wine.export')).toEqual(['text/csv', 'application/json']);
    expect(media('note.file')).toEqual(['application/json', 'text/markdown', 'application/pdf', 'text/calendar']);
    for (const id of ['note.save', 'wine.save', 'flight.save', 'dish.save'])
      expect(JSON.stringify(operations.find((entry) => entry.said.operationId === id)!.said.responses['409'])).toContain('"document"');
  });
  it('shows examples that its own schemas take', () => {
    const shown = operations.flatMap(({ said }) => {
      const body = said.requestBody?.content['application/json'];
      return body?.example === undefined ? [] : [{ id: said.operationId, ...body }];
    });
    expect(shown.length).toBeGreaterThanOrEqual(6);
    for (const { id, schema, example } of shown) {
      const check = validatorOf(schema);
      expect(check(example), `${id}: ${ajv.errorsText(check.errors)}`).toBe(true);
    }
  });
});

describe('a program that reads it', () => {
  it('goes the whole path: cellar, chart, ready, note, score, table, notebook', async () => {
    const [white, red, flight, note, dish] = [v7(), v7(), v7(), v7(), v7()];
    await ask('wine.save', { id: white, ...write({ ...assyrtiko, lots: [{ ...assyrtiko.lots[0]!, id: v7() }] }) });
    await ask('wine.save', { id: red, ...write(lamplighter) });
    expect(((await ask('wine.get', { id: white })).body as { law: unknown[] }).law.length).toBeGreaterThan(3);
    expect((await ask('wine.list', { q: 'caldera', limit: 10 })).body).toMatchObject({ count: 1 });
    expect((await ask('wine.export', { format: 'csv' })).type).toBe('text/csv');
    await ask('flight.save', {
      id: flight,
      ...write({ ...emptyFlight, name: 'By program', wines: [{ id: red }, { id: white }], order: [red, white], starts: '2026-12-03T19:00' }),
    });
    expect(((await ask('flight.order', { id: flight })).body as { best: { order: string[] } }).best.order).toEqual([white, red]);
    for (const id of [
      'flight.get',
      'flight.quantities',
      'flight.timetable',
      'flight.temperature',
      'flight.lists',
      'flight.design',
      'flight.schools',
      'flight.prints',
    ])
      await ask(id, { id: flight });
    expect((await ask('flight.print', { id: flight, kind: 'sheet' })).type).toBe('application/pdf');
    expect((await ask('flight.sendCalendar', { id: flight })).body as string).toContain('BEGIN:VCALENDAR');
    await ask('note.open', { id: note, wineId: white });
    await ask('note.save', {
      id: note,
      ...write({ ...emptyNote, observed: { colour: 'white', acidity: 82, quality: 84 }, ideas: [{ id: 'i', at: 'verdict', certainty: 0 }] }, 1),
    });
    const stale = await ask('note.save', { id: note, ...write(emptyNote, 1) });
    expect(stale.status).toBe(409);
    for (const id of ['note.get', 'note.text', 'note.scores', 'note.triage', 'note.consistency', 'note.deduce', 'note.deck', 'note.expectation', 'note.price'])
      await ask(id, { id: note });
    for (const format of ['json', 'md', 'pdf']) await ask('note.file', { id: note, format });
    await ask('dish.save', { id: dish, ...write({ schema: 1, name: 'Octopus', remark: '', parts: [{ id: 'a', part: 'octopus', grams: 180 }] }) });
    await ask('pairing.advise', { parts: [{ part: 'octopus', grams: 180 }], among: `flight:${flight}` });
    await ask('pairing.wines', { among: 'cellar' });
    expect((await ask('note.list', { wineId: white, least: 80 })).body).toMatchObject({ count: 1 });
    for (const format of ['json', 'csv', 'md']) await ask('note.export', { format });
    expect((await ask('wine.get', { id: v7() })).status).toBe(404);
    expect((await ask('note.share', { id: note, shared: true })).body).toEqual({ shared: true });
  });
});
