import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { sql } from 'drizzle-orm';
import { connections } from '../db/client';
import { operations } from './registry';
import { Problem } from './problem';
import { exampleInputs } from './testing/example-inputs';
import { newWorld, type World } from './testing/world';
import { ownDatabase, run } from './testing/venue';

let drop: () => Promise<void>;
let world: World;
beforeAll(async () => {
  drop = await ownDatabase();
  world = await newWorld();
});
afterAll(() => drop());

const nonsense: readonly unknown[] = [
  '',
  'x'.repeat(4_000),
  -1e9,
  1e300,
  'nonsense; drop table wine',
  '<script>alert(1)</script>',
  '🍷'.repeat(3_000),
  'ליין אדום ‮',
  null,
  true,
  [],
  {},
  [[[]]],
  'a\u0000b',
];
type Path = readonly (string | number)[];
/** Every leaf and every inner value of an input. */
function paths(value: unknown, at: Path = []): Path[] {
  const here = at.length === 0 ? [] : [at];
  if (typeof value !== 'object' || value === null) return here;
  return [...here, ...Object.entries(value).flatMap(([key, inner]) => paths(inner, [...at, Array.isArray(value) ? Number(key) : key]))];
}
function replaced(value: unknown, [key, ...rest]: Path, by: unknown): unknown {
  if (key === undefined) return by;
  const copy: Record<string | number, unknown> = Array.isArray(value) ? ([...(value as unknown[])] as never) : { ...(value as object) };
  copy[key] = replaced(copy[key], rest, by);
  return copy;
}
async function rows(): Promise<string> {
  const parts = [];
  for (const table of ['venue', 'wine', 'lot', 'flight', 'flight_wine', 'note', 'dish', 'member', 'api_token', 'invitation'])
    parts.push((await connections().db.execute(sql.raw(`select * from "${table}" order by 1, 2`))).rows);
  return JSON.stringify(parts);
}
/** Commands that would let the walk lock itself out, or that only touch the account library. */
const left = new Set([
  'member.remove',
  'member.setRole',
  'account.signUp',
  'account.signIn',
  'account.askReset',
  'account.reset',
  'account.signOut',
  'demo.comeIn',
  'venue.enter',
  'member.accept',
]);

describe('nonsense in every field of every command and query', () => {
  for (const operation of operations.filter(({ contract: { name } }) => !left.has(name) && !name.startsWith('guest.'))) {
    it(operation.contract.name, async () => {
      const input = exampleInputs(world)[operation.contract.name]!;
      let refused = 0;
      for (const path of paths(input)) {
        for (const bad of nonsense) {
          const wrong = replaced(input, path, bad) as Record<string, unknown>;
          if (!operation.contract.input.safeParse(wrong).success) {
            const before = refused === 0 ? await rows() : '';
            const error: unknown = await run(operation, world.owner, wrong).then(
              () => undefined,
              (thrown: unknown) => thrown,
            );
            expect(error, `${path.join('.')} = ${JSON.stringify(bad)?.slice(0, 40)}`).toBeInstanceOf(Problem);
            const problem = error as Problem;
            expect(problem.status).toBe(422);
            const errors = problem.more['errors'] as { field: string; message: string }[];
            const named = errors.some((entry) => path.map(String).join('.').startsWith(entry.field) || entry.field.startsWith(path.map(String).join('.')));
            expect(named, `${path.join('.')} named in ${JSON.stringify(errors).slice(0, 200)}`).toBe(true);
            expect(JSON.stringify(problem)).not.toMatch(/at .*\.ts:\d|node_modules/);
            if (before !== '') expect(await rows()).toBe(before);
            refused += 1;
          }
        }
      }
      if (paths(input).length > 0) expect(refused).toBeGreaterThanOrEqual(8);
    });
  }
  it('the same for signing up and signing in: refused before the account library sees it', () => {
    for (const name of [
      'account.signUp',
      'account.signIn',
      'account.reset',
      'account.askReset',
      'member.setRole',
      'member.remove',
      'venue.enter',
      'member.accept',
    ]) {
      const operation = operations.find((entry) => entry.contract.name === name)!;
      const input = exampleInputs(world)[name]!;
      for (const path of paths(input))
        expect(
          nonsense.filter((bad) => !operation.contract.input.safeParse(replaced(input, path, bad)).success).length,
          `${name} ${path.join('.')}`,
        ).toBeGreaterThanOrEqual(8);
    }
  });
  it('a free text keeps emoji, script and right-to-left letters exactly, and a zero byte is refused', async () => {
    const save = operations.find((entry) => entry.contract.name === 'dish.save')!;
    const get = operations.find((entry) => entry.contract.name === 'dish.get')!;
    let revision = 1;
    for (const text of ['<script>alert(1)</script>', '🍷 e\u0301', 'ליין אדום', "Robert'); drop table wine;--"]) {
      const document = { schema: 1, name: text, remark: text, parts: [] };
      await run(save, world.owner, { id: world.dishId, writeId: `w${revision}`, baseRevision: revision, document });
      revision += 1;
      expect(((await run(get, world.owner, { id: world.dishId })) as { document: unknown }).document).toEqual(document);
    }
    await expect(
      run(save, world.owner, { id: world.dishId, writeId: 'z', baseRevision: revision, document: { schema: 1, name: 'a\u0000b', remark: '', parts: [] } }),
    ).rejects.toThrow();
  });
});
