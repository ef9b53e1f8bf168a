import { v7 } from 'uuid';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { Lot, WineDocument } from '@rose/core/wine/facts';
import type { Member } from '../command';
import { firstWrite, newMember, ownDatabase, plainWine, run } from '../testing/venue';
import { saveWine } from './commands';
import { getWine } from './queries';

let drop: () => Promise<void>;
let owner: Member;
beforeAll(async () => {
  drop = await ownDatabase();
  owner = await newMember();
});
afterAll(() => drop());

const lot = (id: string, held: number): Lot => ({ id, formatMl: 750, held });
const save = (id: string, lots: readonly Lot[]) => run(saveWine, owner, firstWrite({ ...plainWine(), lots }, id));
const read = async (id: string) => (await run(getWine, owner, { id })) as { revision: number; document: WineDocument };

describe('the bottles of a wine', () => {
  it('stay where they are when another wine is saved with the id of their lot', async () => {
    const [first, second, lotId] = [v7(), v7(), v7()];
    await save(first, [lot(lotId, 6)]);
    const before = await read(first);
    await expect(save(second, [lot(lotId, 2)])).rejects.toMatchObject({ status: 422, more: { errors: [{ field: 'document.lots' }] } });
    expect(await read(first)).toEqual(before);
    await expect(read(second)).rejects.toMatchObject({ status: 404 });
  });
  it('are named once: two lots of one id are refused', async () => {
    const lotId = v7();
    await expect(save(v7(), [lot(lotId, 6), lot(lotId, 2)])).rejects.toMatchObject({ status: 422 });
  });
});
