import { existsSync, readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { describe, expect, it } from 'vitest';

const root = path.resolve(import.meta.dirname, '..');
const text = (file: string) => readFileSync(path.join(root, file), 'utf8');

describe('the pages for newcomers', () => {
  for (const page of ['CONTRIBUTING.md', 'docs/architecture.md', 'README.md'])
    it(`${page} names no path that does not exist`, () => {
      // A path stands in backticks and begins with one of our folders; <topic> stands for any.
      const named = [...text(page).matchAll(/`((?:bin|core|knowledge|web|e2e|bench|docs)\/[^`\s]*)`/g)].map((match) => match[1]!.replace(/\/?<.*$/, ''));
      expect(page === 'README.md' || named.length > 5).toBe(true);
      expect(named.filter((name) => !existsSync(path.join(root, name)))).toEqual([]);
    });
  it('docs/architecture.md names every file of tables', () => {
    const files = readdirSync(path.join(root, 'web/src/db')).filter((name) => name.endsWith('.ts') && /pgTable\(|pgView\(/.test(text(`web/src/db/${name}`)));
    for (const file of files) expect(text('docs/architecture.md')).toContain(`\`${file}\``);
    expect(files.length).toBeGreaterThan(8);
  });
  it('README.md shows every picture there is', () => {
    for (const picture of readdirSync(path.join(root, 'docs/screenshots'))) expect(text('README.md')).toContain(`docs/screenshots/${picture}`);
  });
});
