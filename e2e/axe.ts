import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import type { Page } from 'puppeteer-core';

const axeSource = readFileSync(createRequire(import.meta.url).resolve('axe-core/axe.min.js'), 'utf8');
/** What axe looks for: contrast costs it most, and differs with the colours of a page, not with its width; the rest differs with its layout, not with its colours. */
const look = {
  all: { runOnly: ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'] },
  layout: { runOnly: ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'], rules: { 'color-contrast': { enabled: false } } },
  colours: { runOnly: { type: 'rule', values: ['color-contrast', 'link-in-text-block'] } },
} as const;
/** Accessibility faults of a page, by axe. */
export async function axe(page: Page, what: keyof typeof look = 'all'): Promise<string[]> {
  await page.evaluate(axeSource);
  return page.evaluate(async (options) => {
    const { violations } = await (
      window as never as {
        axe: { run(context: Document, options: object): Promise<{ violations: { id: string; nodes: { html: string; failureSummary: string }[] }[] }> };
      }
    ).axe.run(document, options);
    return violations.flatMap((violation) =>
      violation.nodes.map((node) => `${violation.id}: ${node.html.slice(0, 140)} ${node.failureSummary.split('\n')[1] ?? ''}`),
    );
  }, look[what]);
}
