import { existsSync, readFileSync, readdirSync } from 'node:fs';
import path from 'node:path';
import { describe, expect, expectTypeOf, it } from 'vitest';
import { call } from '../ui/api';
import { contract as client } from './client';
import { contracts } from '.';
import { clientFile, clientSource } from './write-client';

describe('the contract', () => {
  it('is said once each: names and addresses are their own, and each name in an address is a field of the input', () => {
    expect(new Set(contracts.map((said) => said.name)).size).toBe(contracts.length);
    expect(new Set(contracts.map((said) => `${said.method} ${said.path}`)).size).toBe(contracts.length);
    for (const said of contracts) {
      const fields = 'shape' in said.input ? Object.keys(said.input.shape as object) : [];
      for (const [, name] of said.path.matchAll(/\{(\w+)\}/g)) expect(fields, said.name).toContain(name);
    }
  });
  it('reaches the client as it is: npm run contract would write what stands there', async () => {
    expect(readFileSync(clientFile, 'utf8')).toBe(await clientSource());
  });
  it('is typed both ways at every call: what it takes, and what it answers', () => {
    const get = () => call(client.note.get, { id: '' });
    expectTypeOf(get).returns.resolves.toHaveProperty('document').toHaveProperty('observed');
    expectTypeOf(get).returns.resolves.toHaveProperty('revision').toEqualTypeOf<number>();
    // @ts-expect-error a call without what its address names
    const without = () => call(client.note.get, {});
    // @ts-expect-error a misspelt field
    const misspelt = () => call(client.note.get, { id: '', depht: 1 });
    // @ts-expect-error a value of another kind
    const other = () => call(client.wine.list, { sort: 'colour' });
    // @ts-expect-error what it does not answer
    const more = async () => (await get()).secret;
    // @ts-expect-error a command that does not exist
    const unknown = () => call(client.note.burn, { id: '' });
    expect([without, misspelt, other, more, unknown].every((made) => typeof made === 'function')).toBe(true);
  });
  it('sends no schema to the browser', () => {
    const served = path.join(import.meta.dirname, '../../.next/static/chunks');
    if (!existsSync(served)) return;
    const chunks = readdirSync(served, { recursive: true, encoding: 'utf8' }).filter((file) => file.endsWith('.js'));
    expect(chunks.length).toBeGreaterThan(5);
    // Sentences of the schemas, and a word of the schema library itself.
    for (const file of chunks) {
      const text = readFileSync(path.join(served, file), 'utf8');
      for (const word of [
        'a wine stands in a flight once',
        'the exact shares add up to more than 100',
        'a span runs from low to high',
        'choose a currency, such as EUR',
      ])
        expect(text.includes(word), `${file} holds “${word}”`).toBe(false);
    }
  });
});
