import { execFileSync } from 'node:child_process';
import { cpSync, mkdirSync, mkdtempSync, rmSync, symlinkSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';

/** A copy of the house with a guest's room in it, for the arrows to be checked on. */
const root = path.join(import.meta.dirname, '../../..');
let folder: string;
beforeAll(() => {
  folder = mkdtempSync(path.join(tmpdir(), 'rose-fence-'));
  for (const part of [
    'web/src/db',
    'web/src/server',
    'core/src',
    'knowledge/src',
    'core/package.json',
    'knowledge/package.json',
    'tsconfig.json',
    'tsconfig.base.json',
    '.dependency-cruiser.cjs',
  ])
    cpSync(path.join(root, part), path.join(folder, part), { recursive: true, filter: (file) => !file.endsWith('.test.ts') && !file.includes('/migrations/') });
  symlinkSync(path.join(root, 'node_modules'), path.join(folder, 'node_modules'));
  mkdirSync(path.join(folder, 'web/src/server/guest'), { recursive: true });
});
afterAll(() => rmSync(folder, { recursive: true, force: true }));

const refused = ['../../db/identity', '../../db/cellar', '../../db/schema', '../note/operations'];
const open = ['../../db/public', '../note/store', '@rose/core/wine/note'];

describe('the fence of blindness', () => {
  it('refuses what is in a glass, the wines, all tables and private queries to a guest’s file; the public views and the doors stand open', () => {
    const files = [...refused, ...open].map((from, i) => {
      const file = `web/src/server/guest/fixture-${i}.ts`;
      writeFileSync(path.join(folder, file), `import * as reached from '${from}';\nexport const kept = reached;\n`);
      return file;
    });
    const out = execFileSync(
      process.execPath,
      [path.join(root, 'node_modules/dependency-cruiser/bin/dependency-cruise.mjs'), '--config', '.dependency-cruiser.cjs', '--output-type', 'json', ...files],
      { cwd: folder, maxBuffer: 100_000_000, stdio: ['ignore', 'pipe', 'ignore'] },
    );
    const { summary } = JSON.parse(out.toString()) as { summary: { violations: { from: string; rule: { name: string } }[] } };
    const broken = files.map((file) => summary.violations.filter((entry) => entry.from === file).map((entry) => entry.rule.name));
    expect(broken).toEqual([...refused.map(() => ['guests-behind-the-fence']), ...open.map(() => [])]);
  });
});
