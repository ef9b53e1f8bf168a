import { comeIn, desktop, visit, waitForText } from '../e2e/browser';
import { below, type Figure } from './measure';
import { served, type Page } from './served';

const presses = 60;
const p95 = (taken: readonly number[]) => [...taken].sort((a, b) => a - b)[Math.floor(taken.length * 0.95)]!;

/** Milliseconds from a key going down to the frame after it, on whatever has the focus; `keys` are pressed in turn. */
async function frames(page: Page, keys: readonly string[]): Promise<number> {
  await page.evaluate(() => {
    (window as never as { taken: number[] }).taken = [];
  });
  for (let i = 0; i < presses; i++) {
    await page.keyboard.press(keys[i % keys.length] as 'a');
    await new Promise((resolve) => setTimeout(resolve, 40));
  }
  return p95(await page.evaluate(() => (window as never as { taken: number[] }).taken));
}

/** A key on the desk of a note with 40 smells, until rose and prose are drawn, against the same key in a bare input on the same page. */
export async function keys(): Promise<Figure[]> {
  return served(async ({ base, browser }) => {
    const page = await browser.newPage();
    await page.setViewport(desktop);
    await comeIn(page, base);
    const id = await page.evaluate(async () => {
      const headers = { 'content-type': 'application/json' };
      const { items } = (await (await fetch('/api/v1/wines?limit=1')).json()) as { items: { id: string }[] };
      const note = crypto.randomUUID();
      await fetch('/api/v1/notes', { method: 'POST', headers, body: JSON.stringify({ id: note, wineId: items[0]!.id }) });
      const chips = Array.from({ length: 40 }, (_, i) => ({
        id: String(i),
        words: `a smell of kind ${i}`,
        layer: i % 3 === 0 ? 'first' : 'swirled',
        strength: 2,
      }));
      await fetch(`/api/v1/notes/${note}`, {
        method: 'PUT',
        headers,
        body: JSON.stringify({
          writeId: crypto.randomUUID(),
          baseRevision: 1,
          document: {
            schema: 1,
            observed: { acidity: 60, body: 50, tannin: 30, quality: 80 },
            chips,
            deck: {},
            markBeforeDraft: null,
            rewritten: {},
            remark: '',
          },
        }),
      });
      return note;
    });
    await visit(page, `${base}/notes/${id}`);
    await page.keyboard.press('3');
    await page.waitForSelector('#acidity-range');
    await waitForText(page, 'a smell of kind 39');
    await page.evaluate(() => {
      const bare = document.createElement('input');
      bare.id = 'bare';
      // Controlled as a framework would: what is shown is what the handler put there.
      let shown = '';
      bare.addEventListener('input', () => {
        shown = bare.value.slice(-20);
        bare.value = shown;
      });
      document.body.append(bare);
      (window as never as { taken: number[] }).taken = [];
      window.addEventListener(
        'keydown',
        () => {
          const from = performance.now();
          requestAnimationFrame(() => {
            const after = new MessageChannel();
            after.port1.onmessage = () => (window as never as { taken: number[] }).taken.push(performance.now() - from);
            after.port2.postMessage(0);
          });
        },
        true,
      );
    });
    const desk = async () => {
      await page.focus('#acidity-range');
      return frames(page, ['ArrowRight', 'ArrowRight', 'ArrowLeft', 'ArrowLeft']);
    };
    const bare = async () => {
      await page.focus('#bare');
      return frames(page, ['a', 'b']);
    };
    // In turns, so that a noisy machine is noisy for both; the first round warms up.
    await desk();
    await bare();
    const taken = [await desk(), await bare(), await desk(), await bare()] as const;
    return [
      below(
        'keys',
        'p95 from a key to the drawn rose and prose, 40 smells, against a bare input',
        Math.min(taken[0], taken[2]),
        Math.min(taken[1], taken[3]),
        3,
      ),
    ];
  });
}
