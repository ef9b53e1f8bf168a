import { readFileSync } from 'node:fs';
import path from 'node:path';
import { converter, wcagContrast } from 'culori';
import { describe, expect, it } from 'vitest';
import { published } from '@rose/core/testing/published';

/** The tokens as they are shipped, read from the theme itself. */
const source = readFileSync(path.join(import.meta.dirname, 'theme.ts'), 'utf8');
const tokens = (name: string): Record<string, string> => {
  const block = new RegExp(`const ${name} = \`([^\`]+)\``).exec(source)![1]!;
  return Object.fromEntries([...block.matchAll(/--([\w-]+): (#[0-9a-f]{6})/g)].map((match) => [match[1]!, match[2]!]));
};
const lab = converter('lab65');

for (const room of ['light', 'dim']) {
  const set = tokens(room);
  describe(`the ${room} room`, () => {
    for (const surface of ['paper', 'raised', 'sunk']) {
      it(`${surface} is truly neutral: people judge wine beside it`, () => {
        const { a, b } = lab(set[surface])!;
        expect(Math.hypot(a, b)).toBeLessThan(2);
      });
      for (const text of ['ink', 'soft', 'faint', 'madder', 'amber', 'sea']) {
        published('WCAG 2.2, success criterion 1.4.3', `${room}: ${text} on ${surface} has a contrast of at least 4.5`, () =>
          expect(wcagContrast(set[text]!, set[surface]!)).toBeGreaterThanOrEqual(4.5),
        );
      }
    }
    published('WCAG 2.2, success criterion 1.4.3', `${room}: the strong button can be read`, () =>
      expect(wcagContrast(set['on-strong']!, set['strong']!)).toBeGreaterThanOrEqual(4.5),
    );
  });
}
