import type { Page } from 'puppeteer-core';
import { v7 } from 'uuid';

interface Planned {
  readonly wines: readonly { readonly id: string; readonly buy?: unknown }[];
}
/** A flight of the demo made into one that is covered from its guests: the wines it has in the cellar in their order and with nothing else planned. */
export function covered<D extends Planned>(document: D, name: string) {
  const wines = document.wines.filter((entry) => entry.buy === undefined);
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
  // The same three whichever flights and wines other journeys have made: a sparkling wine, a white and a red of the demo's cellar.
  const ids = await on.evaluate(
    async (names) =>
      Promise.all(
        names.map(
          async (name) =>
            ((await (await fetch(`/api/v1/wines?q=${encodeURIComponent(name)}`)).json()) as { items: { id: string; name: string }[] }).items.find(
              (wine) => wine.name === name,
            )!.id,
        ),
      ),
    ['Salt Lamp Brut Nature', 'Caldera Ledge', 'Black Scree'],
  );
  const made = covered({ ...document, wines: ids.map((wine) => ({ id: wine })) }, 'Three of the quay');
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
