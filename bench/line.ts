import { comeIn, desktop, fill, visit, waitForText } from '../e2e/browser';
import { below, type Figure } from './measure';
import { served } from './served';

const presses = 40;
/** Milliseconds a key may take until its ranking is drawn. */
const soon = 50;
/** KiB of script the page of a dish may load. */
const script = 320;
const p95 = (taken: readonly number[]) => [...taken].sort((a, b) => a - b)[Math.floor(taken.length * 0.95)]!;

/** A key in the line of a dish until what was read, and the wine that comes first, are drawn; and the script a dish's page loads. */
export async function line(): Promise<Figure[]> {
  return served(async ({ base, browser }) => {
    const page = await browser.newPage();
    await page.setViewport(desktop);
    await comeIn(page, base);
    await visit(page, `${base}/pairing`);
    await fill(page, 'What do we drink with', 'grilled octopus with potatoes, olive oil, capers and parsle');
    await waitForText(page, '“parsle”');
    await page.evaluate(() => {
      const list = document.querySelector('ol[aria-label="As it was read"]')!;
      const taken: number[] = [];
      (window as never as { taken: number[] }).taken = taken;
      let from = 0;
      window.addEventListener('keydown', () => (from = performance.now()), true);
      new MutationObserver(() => {
        if (from === 0) return;
        const pressed = from;
        from = 0;
        requestAnimationFrame(() => taken.push(performance.now() - pressed));
      }).observe(list, { subtree: true, childList: true, characterData: true });
    });
    for (let i = 0; i < presses; i++) {
      await page.keyboard.press(i % 2 === 0 ? 'y' : 'Backspace');
      await new Promise((resolve) => setTimeout(resolve, 120));
    }
    const taken = await page.evaluate(() => (window as never as { taken: number[] }).taken);
    if (taken.length < presses * 0.9) throw new Error(`only ${taken.length} of ${presses} keys were drawn`);
    const dish = await browser.newPage();
    let bytes = 0;
    const client = await dish.createCDPSession();
    await client.send('Network.enable');
    const scripts = new Set<string>();
    client.on('Network.responseReceived', ({ type, requestId }) => type === 'Script' && scripts.add(requestId));
    client.on('Network.loadingFinished', ({ requestId, encodedDataLength }) => {
      if (scripts.has(requestId)) bytes += encodedDataLength;
    });
    await dish.setCacheEnabled(false);
    const at = await page.evaluate(() =>
      [...document.querySelectorAll('main a')].map((link) => link.getAttribute('href')!).find((href) => /^\/pairing\/[0-9a-f-]{36}$/.test(href))!,
    );
    await dish.goto(`${base}${at}`, { waitUntil: 'load' });
    // The page keeps a stream open: it is never idle.
    await new Promise((resolve) => setTimeout(resolve, 3_000));
    return [
      below('line', 'p95 from a key in the line of a dish to what was read and the first wine drawn, of 50 ms', p95(taken), soon, 1),
      below('dish-script', `script the page of a dish loads, KiB (${Math.round(bytes / 1024)}), of ${script}`, bytes / 1024, script, 1, 'KiB'),
    ];
  });
}
