import type { Page } from 'puppeteer-core';
import { v7 } from 'uuid';

interface Planned {
  readonly wines: readonly { readonly id: string; readonly buy?: unknown }[];
}
/** A flight of the demo made into one that is covered from its guests: the wines it has in the cellar, as many as are wanted, in their order and with nothing else planned. */
export function covered<D extends Planned>(document: D, name: string, most = Infinity) {
  const wines = document.wines.filter((entry) => entry.buy === undefined).slice(0, most);
  return {
    ...document,
    name,
    wines,
    order: wines.map((wine) => wine.id),
    pins: [],
    rests: [],
    goals: [],
    other: null,
    poured: null,
    dish: null,
    blind: 'single',
    reveal: 'each',
  };
}
/** A covered flight of three wines of the demo, uncovered one at a time; `turned` has them in the other order, `pair` the first two uncovered together. */
export async function flightOfThree(on: Page, { turned = false, pair = false }: { readonly turned?: boolean; readonly pair?: boolean } = {}): Promise<string> {
  const id = v7();
  const document = await on.evaluate(async () => {
    const { flights } = (await (await fetch('/api/v1/flights')).json()) as { flights: { id: string }[] };
    return ((await (await fetch(`/api/v1/flights/${flights[0]!.id}`)).json()) as { document: { wines: { id: string; buy?: unknown }[] } }).document;
  });
  const made = covered(document, 'Three of the quay', 3);
  const order = turned ? made.order.toReversed() : made.order;
  await on.evaluate(
    async (flightId, body) => {
      const answer = await fetch(`/api/v1/flights/${flightId}`, { method: 'PUT', headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) });
      if (!answer.ok) throw new Error(await answer.text());
    },
    id,
    { writeId: 'made', baseRevision: 0, document: { ...made, order, ...(pair ? { reveal: 'pair' } : {}) } },
  );
  return id;
}
