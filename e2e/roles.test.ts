import { describe, expect, it } from 'vitest';
import type { Page } from 'puppeteer-core';
import { roleIds, roles } from '../web/src/contract/roles';
import { fill, press, visit } from './browser';
import { demoJourney, hurried } from './journey';

const { base, browser, page: host } = await demoJourney();
/** The role that may least. */
const least = [...roleIds].sort((a, b) => roles[a].may.length - roles[b].may.length)[0]!;

/** Somebody of this role in the demo's venue, by an invitation and its letter. */
async function newcomer(role: string): Promise<Page> {
  const code = await host.evaluate(async (as) => {
    const headers = { 'content-type': 'application/json' };
    await fetch('/api/v1/invitations', { method: 'POST', headers, body: JSON.stringify({ email: 'odile@example.invalid', role: as }) });
    const { letters } = (await (await fetch('/api/v1/mail')).json()) as { letters: { to: string; body: string }[] };
    return /\/invitation\/(\S+)/.exec(letters.find((letter) => letter.to === 'odile@example.invalid')!.body)![1]!;
  }, role);
  const context = await browser.createBrowserContext();
  const page = await hurried(await context.newPage());
  await visit(page, `${base}/invitation/${code}`);
  await fill(page, 'Your name', 'Odile');
  await fill(page, 'Email', 'odile@example.invalid');
  await fill(page, 'Password', 'a long pass phrase');
  await press(page, 'Make the account');
  await page.waitForFunction(() => location.pathname === '/', { timeout: 15_000 });
  return page;
}

describe(`as ${least}, who may least`, () => {
  it('no page offers an act that would be refused: every link is followed, every control used', async () => {
    const page = await newcomer(least);
    const refused: string[] = [];
    page.on('response', (response) => {
      if (response.status() === 403) refused.push(`${page.url().slice(base.length)}: ${response.request().method()} ${response.url().slice(base.length)}`);
    });
    page.on('dialog', (dialog) => void dialog.accept());
    const own = await page.evaluate(async () => {
      const wines = (await (await fetch('/api/v1/wines?limit=1')).json()) as { items: { id: string }[] };
      const id = '0198a000-0000-7000-8000-000000000001';
      await fetch('/api/v1/notes', {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify({ id, wineId: wines.items[0]!.id }),
      });
      return `/notes/${id}`;
    });
    const open = ['/', '/cellar', own];
    const seen = new Map<string, number>();
    // One page of each kind is enough: the wines of a cellar offer the same.
    const kindOf = (path: string) => path.split('?')[0]!.replace(/[0-9a-f]{8}-[0-9a-f-]{27}/g, '…');
    while (open.length > 0) {
      const path = open.shift()!;
      if (seen.has(kindOf(path))) continue;
      await visit(page, base + path);
      expect(await page.$eval('h1', (title) => title.textContent), path).not.toBe('Nothing here');
      const links = await page.$$eval('a[href^="/"]', (all) => all.map((link) => link.getAttribute('href')!));
      open.push(...links.filter((link) => !link.startsWith('/api/') && !link.startsWith('/come-in')));
      const controls = await page.$$eval('main button, main input, main textarea', (all) => all.length);
      seen.set(kindOf(path), controls);
      for (let i = 0; i < Math.min(controls, 60); i++) {
        const use = () =>
          page.evaluate((at) => {
            const control = [...document.querySelectorAll<HTMLElement>('main button, main input, main textarea')][at];
            if (control === undefined || control.getClientRects().length === 0 || (control as HTMLButtonElement).disabled) return 'none';
            const words = control.textContent ?? '';
            if (/Sign out|Leave/.test(words)) return 'none';
            if (control instanceof HTMLInputElement && ['text', 'number', 'search', 'date'].includes(control.type)) {
              if (control.readOnly) return 'none';
              Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value')!.set!.call(control, control.type === 'date' ? '2026-11-26' : '1');
              control.dispatchEvent(new Event('input', { bubbles: true }));
              control.blur();
            } else control.click();
            return 'used';
          }, i);
        // A control that leaves the page may do so a moment late.
        const done = await use().catch(() => visit(page, base + path).then(use));
        if (done === 'none') continue;
        // A list that opened: its last entry is taken.
        await page.evaluate(() => [...document.querySelectorAll<HTMLElement>('[role="option"]')].at(-1)?.click()).catch(() => undefined);
        await new Promise((resolve) => setTimeout(resolve, 40));
        if (new URL(page.url()).pathname !== new URL(base + path).pathname) await visit(page, base + path);
      }
      // What was changed is sent soon after.
      await page.waitForNetworkIdle({ idleTime: 450, timeout: 1_000 }).catch(() => undefined);
    }
    expect(refused).toEqual([]);
    for (const kind of [
      '/cellar',
      '/wines/…',
      '/flights',
      '/flights/…',
      '/flights/…/ready',
      '/pairing',
      '/pairing/…',
      '/notebook',
      '/notes/…',
      '/notes/deal',
      '/settings',
      '/',
      '/settings/evening',
      '/settings/people',
      '/settings/tasting',
      '/settings/programs',
      '/settings/marks',
      '/settings/routines',
    ])
      expect([...seen.keys()], kind).toContain(kind);
  }, 480_000);
});
