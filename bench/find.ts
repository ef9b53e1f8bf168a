import { comeIn, visit } from '../e2e/browser';
import { below, timeBoth, type Figure } from './measure';
import { served } from './served';

/** Going to anything by its name, on the demo: an answer of the search against the smallest answer there is, from the browser that asks both. */
export async function find(): Promise<Figure[]> {
  return served(async ({ base, browser }) => {
    const page = await browser.newPage();
    await comeIn(page, base);
    // A page that computes nothing of its own meanwhile.
    await visit(page, `${base}/cellar`);
    const words = ['l', 'la', 'lam', 'black', 'slate wire', 'kiln', 'fire', 'oct', 'vento', 'xino'];
    let at = 0;
    const ask = (path: string) => page.evaluate((address) => fetch(address).then((answer) => answer.json()), path);
    const [search, smallest] = await timeBoth(
      () => ask(`/api/v1/search?q=${encodeURIComponent(words[at++ % words.length]!)}`),
      () => ask('/api/v1/me'),
      61,
    );
    return [below('find', 'median from a letter to what it finds, the demo, against who one is', search, smallest, 4)];
  });
}
