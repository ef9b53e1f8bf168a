import { v4, v7 } from 'uuid';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { emptyFlight, type FlightDocument } from '@rose/core/flight/flight';
import { flightDocument } from '@rose/core/flight/flight-schema';
import { usualStock } from '@rose/knowledge/evening/evening';
import { saveWine } from '../cellar/commands';
import { getWine } from '../cellar/queries';
import { assyrtiko, newWorld, type World } from '../testing/world';
import { firstWrite, newMember, ownDatabase, plainWine, run } from '../testing/venue';
import { quantitiesOf } from './afternoon';
import { deleteFlight, getFlight, listFlights, restoreFlight, saveFlight } from './operations';
import { orderOf } from './order';

let drop: () => Promise<void>;
let world: World;
beforeAll(async () => {
  drop = await ownDatabase();
  world = await newWorld();
});
afterAll(() => drop());

interface View {
  revision: number;
  document: FlightDocument;
  wines: { summary: { name: string } }[];
}
const read = (id: string) => run(getFlight, world.owner, { id }) as Promise<View>;
const flight = ({ wines = [], ...change }: Omit<Partial<FlightDocument>, 'wines'> & { wines?: readonly string[] }): FlightDocument => ({
  ...emptyFlight,
  name: 'A flight',
  ...change,
  wines: wines.map((id) => ({ id })),
  order: wines,
});

describe('a flight', () => {
  it('keeps its wines in the order they were given, and gives them back in it', async () => {
    const id = v7();
    await run(saveFlight, world.owner, firstWrite(flight({ wines: [world.otherWineId, world.wineId] }), id));
    expect((await read(id)).wines.map((wine) => wine.summary.name)).toEqual(['Lamplighter', 'Caldera Ledge']);
    await run(saveFlight, world.owner, { id, writeId: v4(), baseRevision: 1, document: flight({ wines: [world.wineId, world.otherWineId] }) });
    expect(await read(id)).toMatchObject({ revision: 2, document: { order: [world.wineId, world.otherWineId] } });
  });
  it('takes no wine that is not in its cellar, and then changes nothing', async () => {
    const id = v7();
    await run(saveFlight, world.owner, firstWrite(flight({ wines: [world.wineId] }), id));
    const stranger = await newMember('owner');
    const theirs = v7();
    await run(saveWine, stranger, firstWrite(plainWine(), theirs));
    for (const wine of [v7(), theirs]) {
      const write = { id, writeId: v4(), baseRevision: 1, document: flight({ wines: [world.wineId, wine], guests: 99 }) };
      await expect(run(saveFlight, world.owner, write)).rejects.toMatchObject({ status: 422, more: { errors: [{ field: 'document.wines' }] } });
    }
    expect(await read(id)).toMatchObject({ revision: 1, document: { guests: 8, order: [world.wineId] } });
  });
  it('names only glasses and styles that there are: an unknown one would be counted as none held, or vanish', async () => {
    const buy = (style: string) => ({ ...flight({}), wines: [{ id: v7(), buy: { name: 'A white', style } }] });
    const stock = (shape: string) => flight({ stock: { ...usualStock, glasses: [{ shape, name: 'Ours', volumeMl: 300, held: 24 }] } });
    for (const [document, field] of [
      [flight({ glass: 'tapered' }), 'document.glass'],
      [{ ...flight({ wines: [world.wineId] }), wines: [{ id: world.wineId, glass: 'tapered' }] }, 'document.wines.0.glass'],
      [stock('tapered'), 'document.stock.glasses.0.shape'],
      [buy('no-such-style'), 'document.wines.0.buy.style'],
    ] as const)
      await expect(run(saveFlight, world.owner, firstWrite(document)), field).rejects.toMatchObject({ status: 422, more: { errors: [{ field }] } });
    for (const document of [flight({ glass: 'tulip' }), stock('tulip'), buy('dry-riesling')]) await run(saveFlight, world.owner, firstWrite(document));
  });
  it('has at most forty wines, each once, and 0 to 500 guests', () => {
    const ids = Array.from({ length: 41 }, () => v7());
    expect(flightDocument.safeParse(flight({ wines: ids.slice(0, 40) })).success).toBe(true);
    for (const wrong of [
      { wines: ids },
      { wines: [ids[0]!, ids[0]!] },
      { guests: -1 },
      { guests: 501 },
      { pourMl: 0 },
      { name: '  ' },
      { school: 'mine' },
      { starts: 'tonight' },
      { starts: '2026-02-31T10:00' },
      { starts: '2026-12-03T24:30' },
    ]) {
      expect(flightDocument.safeParse(flight(wrong)).success, JSON.stringify(wrong).slice(0, 60)).toBe(false);
    }
  });
  it('is deleted and brought back; while deleted it stands in no list and takes no write', async () => {
    const id = v7();
    await run(saveFlight, world.owner, firstWrite(flight({ name: 'Gone' }), id));
    await run(deleteFlight, world.owner, { id });
    const listed = (await run(listFlights, world.owner, {})) as { flights: { name: string }[] };
    expect(listed.flights.map((entry) => entry.name)).not.toContain('Gone');
    await expect(run(saveFlight, world.owner, { id, writeId: v4(), baseRevision: 1, document: flight({}) })).rejects.toMatchObject({ status: 410 });
    await run(restoreFlight, world.owner, { id });
    expect((await read(id)).document.name).toBe('Gone');
  });
  it('without wines, with one wine, with no guests: an answer, not an error', async () => {
    for (const document of [flight({}), flight({ wines: [world.wineId] }), flight({ wines: [world.wineId, world.otherWineId], guests: 0, hostPour: false })]) {
      const id = v7();
      await run(saveFlight, world.owner, firstWrite(document, id));
      const order = (await run(orderOf, world.owner, { id })) as { now: { strain: number }; impossible: boolean };
      expect(order.impossible).toBe(false);
      expect(order.now.strain).toBeGreaterThanOrEqual(0);
      const amounts = (await run(quantitiesOf, world.owner, { id })) as { bottles: number; alcohol: { swallowed: [number, number] } };
      expect(Number.isFinite(amounts.bottles + amounts.alcohol.swallowed[1])).toBe(true);
      if (document.guests === 0) expect(amounts.bottles).toBe(0);
    }
  });
  it('counts bottles in the size most held', async () => {
    const id = v7();
    const magnum = v7();
    const lots = [
      { ...assyrtiko.lots[0]!, id: v7(), formatMl: 750, held: 1 },
      { ...assyrtiko.lots[0]!, id: v7(), formatMl: 1500, held: 4 },
    ];
    await run(saveWine, world.owner, firstWrite({ ...assyrtiko, name: 'In magnum', lots }, magnum));
    await run(saveFlight, world.owner, firstWrite(flight({ wines: [magnum], guests: 20, pourMl: 50, lossPercent: 0, hostPour: false }), id));
    expect(await run(quantitiesOf, world.owner, { id })).toMatchObject({ bottles: 1, wines: [{ formatMl: 1500, byPours: 1, held: 4 }] });
  });
});
describe('the bottles of a wine', () => {
  it('are written whole with it: added, changed and taken away under one revision', async () => {
    const id = v7();
    const [a, b] = [v7(), v7()];
    const lot = (lotId: string, held: number) => ({ id: lotId, formatMl: 750, held });
    const lotsNow = async () =>
      ((await run(getWine, world.owner, { id })) as { document: { lots: { id: string; held: number }[] } }).document.lots.map((entry) => [
        entry.id,
        entry.held,
      ]);
    await run(saveWine, world.owner, firstWrite({ ...assyrtiko, name: 'Lots', lots: [lot(a, 3)] }, id));
    await run(saveWine, world.owner, { id, writeId: v4(), baseRevision: 1, document: { ...assyrtiko, name: 'Lots', lots: [lot(a, 2), lot(b, 6)] } });
    expect(await lotsNow()).toEqual([
      [a, 2],
      [b, 6],
    ]);
    await run(saveWine, world.owner, { id, writeId: v4(), baseRevision: 2, document: { ...assyrtiko, name: 'Lots', lots: [lot(b, 6)] } });
    expect(await lotsNow()).toEqual([[b, 6]]);
  });
});
