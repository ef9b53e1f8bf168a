import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { operations } from './registry';
import { exampleInputs, newWorld, type World } from './testing/world';
import { ownDatabase, run } from './testing/venue';

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

describe('what is answered is what is declared', () => {
  for (const operation of operations.filter((entry) => !left.has(entry.contract.name))) {
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
