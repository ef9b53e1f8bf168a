import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { operations } from './registry';
import { exampleInputs } from './testing/example-inputs';
import { newWorld, type World } from './testing/world';
import { ownDatabase, run } from './testing/venue';
import { sql } from 'drizzle-orm';
import { contract } from '../contract';
import { connections } from '../db/client';
import { serve, type Reply } from './command';
import { perform } from './http';

let drop: () => Promise<void>;
let world: World;
beforeAll(async () => {
  drop = await ownDatabase();
  world = await newWorld();
});
afterAll(() => drop());

/** Acts of the account library, and what would end the walk. */
const left = new Set([
  'account.signUp',
  'account.signIn',
  'account.askReset',
  'account.reset',
  'account.signOut',
  'demo.comeIn',
  // Their examples name what does not exist; they have tests of their own.
  'flight.feed',
  'probe.remove',
  'member.accept',
  'member.remove',
]);
/** A guest’s, and the acts of an evening, each of which moves it on: they have tests of their own. */
const elsewhere = (name: string, kind: string) =>
  left.has(name) ||
  name.startsWith('guest.') ||
  (name.startsWith('tasting.') && (kind === 'command' || name === 'tasting.pourList' || name === 'tasting.faultSheet'));

describe('what is answered is what is declared', () => {
  for (const operation of operations.filter(({ contract: { name, kind } }) => !elsewhere(name, kind))) {
    it(operation.contract.name, async () => {
      // A deleted thing answers nothing: each walk begins with everything in place.
      for (const back of ['wine.restore', 'flight.restore', 'note.restore', 'dish.restore']) {
        await run(
          operations.find((entry) => entry.contract.name === back)!,
          world.owner,
          exampleInputs(world)[back],
        );
      }
      const answer: unknown = await run(operation, world.owner, exampleInputs(world)[operation.contract.name]);
      const parsed = operation.contract.output.safeParse(JSON.parse(JSON.stringify(answer)));
      expect(parsed.success ? '' : JSON.stringify(parsed.error.issues).slice(0, 400)).toBe('');
    });
  }
});

describe('what a query selects', () => {
  it('is named: a column that is added to every table is in no answer', async () => {
    const { db } = connections();
    const { rows } = await db.execute<{ name: string }>(
      sql`select table_name as name from information_schema.tables where table_schema = 'public' and table_type = 'BASE TABLE'`,
    );
    expect(rows.length).toBeGreaterThan(15);
    for (const { name } of rows) await db.execute(sql.raw(`alter table "${name}" add column zz_mark text not null default 'zz-marked-zz'`));
    for (const back of ['wine.restore', 'flight.restore', 'note.restore', 'dish.restore'])
      await run(
        operations.find((entry) => entry.contract.name === back)!,
        world.owner,
        exampleInputs(world)[back],
      );
    for (const operation of operations.filter((entry) => entry.contract.kind === 'query' && !elsewhere(entry.contract.name, entry.contract.kind))) {
      const reply: Reply = { cookies: [] };
      const answer = await perform(operation, world.owner, exampleInputs(world)[operation.contract.name], reply);
      expect(JSON.stringify([answer, String(reply.file?.body ?? '')]), operation.contract.name).not.toMatch(/zz.mark/);
    }
  });
  it('beyond its contract is refused here, with the place of the field', async () => {
    const more = serve(contract.health.ask, async () => ({ ok: true as const, extra: { deep: 1 } }));
    await expect(perform(more, { kind: 'anyone' }, {}, { cookies: [] })).rejects.toThrow('/extra');
  });
});
