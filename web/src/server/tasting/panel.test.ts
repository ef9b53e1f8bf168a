import { v4 } from 'uuid';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { panelPours } from '@rose/core/serving-design/serving-design';
import { emptyRow } from '@rose/core/tasting/paper';
import { emptyNote } from '@rose/core/wine/note';
import type { AnswerOf } from '../../contract/answers';
import { operations } from '../registry';
import { Device, Host, begun, coveredFlight, saved } from '../testing/evening';
import { newMember, ownDatabase, run } from '../testing/venue';
import { newWorld, type World } from '../testing/world';

let drop: () => Promise<void>;
let world: World;
beforeAll(async () => {
  drop = await ownDatabase();
  world = await newWorld();
});
afterAll(() => drop());

const ask = <T>(name: string, input: Readonly<Record<string, unknown>>, member = world.owner): Promise<T> =>
  run(
    operations.find((entry) => entry.contract.name === name)!,
    member,
    input,
  );
/** A panel of three seats over the world's two wines, one of them poured twice. */
async function panel(names: readonly string[]) {
  const order = [world.otherWineId, world.wineId];
  const flightId = await coveredFlight(world.owner, order, { evening: 'panel', guests: 3, panel: { seed: 5, twice: [world.wineId], aSeat: 0 } });
  const host = await Host.open(world.owner, flightId);
  return { host, guests: await host.seat(...names), flightId, order, design: panelPours(2, 3, 5, [1]).seats };
}
const toReveal = async (host: Host) => host.act('move', { to: (await host.state()).program.findIndex((stop) => stop.kind === 'reveal') });

describe('a panel', () => {
  it('pours each seat its own order under the codes of the design, and shows nobody the glasses of another', async () => {
    const { host, guests, design } = await panel(['Ana', 'Bram', 'Cleo']);
    for (const place of [0, 1, 2]) {
      await host.pour(place);
      for (const [seat, guest] of guests.entries()) {
        const { glasses, panel: isPanel } = await guest.state();
        expect(isPanel).toBe(true);
        expect(glasses.map((glass) => glass.code)).toEqual(design[seat]!.glasses.slice(0, place + 1).map((glass) => glass.code));
      }
    }
    const [ana, bram] = guests as [Device, Device];
    const theirs = (await bram.state()).glasses[0]!.id;
    expect((await ana.ask('POST', '/guest/notes', { noteId: v4(), glassId: theirs })).status).toBe(404);
  });
  it('has its seats and no more, on paper neither', async () => {
    const { host } = await panel(['Ana', 'Bram', 'Cleo']);
    const late = new Device();
    expect((await late.join(await host.code(), 'Dora')).status).toBe(409);
    await expect(ask('paper.seat', { id: host.id, participantId: v4(), name: 'Ida' })).rejects.toThrow('seats');
  });
  it('tells the host who is how far with the glass of their own, and the pourer what goes where by seat', async () => {
    const { host, guests, design, order } = await panel(['Ana', 'Bram']);
    await host.pour(0);
    const { id } = await begun(guests[1]!, 0);
    await saved(guests[1]!, id, 1, { ...emptyNote, observed: { clarity: 'clear', depth: 30, hue: 'lemon', colour: 'white' } });
    const { people } = await host.ask<AnswerOf<'tasting', 'people'>>('people');
    expect(people.map((person) => person.quarters[0])).toEqual([0, 1]);
    const pourer = await newMember('helper', world.owner.venueId);
    await ask('tasting.pour', { id: host.id, actId: v4() }, pourer);
    const { glasses } = await ask<AnswerOf<'tasting', 'pourList'>>('tasting.pourList', { id: host.id }, pourer);
    expect(glasses).toHaveLength(9);
    const names = new Map([
      [order[0], 'Lamplighter'],
      [order[1], 'Caldera Ledge'],
    ]);
    for (const { seat, place, code, wine } of glasses) {
      const designed = design[seat! - 1]!.glasses[place]!;
      expect([code, wine]).toEqual([designed.code, names.get(order[designed.wine])]);
    }
  });
  it('uncovers a wine at the end only, before every seat at once; its calls are counted wherever its glass stood', async () => {
    const { host, guests, design } = await panel(['Ana', 'Bram', 'Cleo']);
    for (const place of [0, 1, 2]) {
      await host.pour(place);
      for (const [seat, guest] of guests.entries()) {
        const { id } = await begun(guest, place);
        const isWhite = design[seat]!.glasses[place]!.wine === 1;
        await saved(guest, id, 1, {
          ...emptyNote,
          observed: { quality: isWhite ? 90 : 80 },
          ideas: [{ id: 'i', at: 'palate', grape: isWhite ? 'Assyrtiko' : 'Merlot', certainty: 50 }],
        });
      }
    }
    const { glasses, identities } = await host.state();
    expect(glasses).toHaveLength(2);
    const white = identities.find((entry) => entry.wine?.name === 'Caldera Ledge')!.glassId;
    await expect(host.act('uncover', { glassId: white, fact: 'grape' })).rejects.toMatchObject({ slug: 'panel-first' });
    await toReveal(host);
    await host.act('uncover', { glassId: white, fact: 'grape' });
    for (const [seat, guest] of guests.entries()) {
      const told = (await guest.state()).glasses.map((glass) => glass.facts.length);
      expect(told).toEqual(design[seat]!.glasses.map((glass) => (glass.wine === 1 ? 1 : 0)));
    }
    // Poured twice to each of three: six calls of it, all right.
    const calls = await host.ask<AnswerOf<'tasting', 'calls'>>('calls', { glassId: white });
    expect(calls.facts[0]!.calls).toMatchObject([{ says: 'Assyrtiko', people: 6, credit: 1 }]);
    const { wines } = await host.ask<AnswerOf<'tasting', 'recap'>>('recap');
    expect(wines.map((wine) => [wine.quality?.middle, wine.quality?.people]).sort()).toEqual([
      [80, 3],
      [90, 6],
    ]);
    expect((await host.ask<AnswerOf<'tasting', 'wall'>>('wall')).state.glasses.map((glass) => glass.id)).toEqual([white]);
  });
  it('a sheet of paper is typed in by seat, on the glasses of that seat alone', async () => {
    const { host, guests } = await panel(['Ana']);
    await host.pour(0);
    const participantId = v4();
    await ask('paper.seat', { id: host.id, participantId, name: 'Ida' });
    const sheet = await ask<AnswerOf<'paper', 'sheet'>>('paper.sheet', { id: host.id });
    expect(sheet.guests[0]!.glasses).toHaveLength(1);
    const anas = (await guests[0]!.state()).glasses[0]!.id;
    await ask('paper.type', { id: host.id, participantId, glassId: sheet.guests[0]!.glasses[0]!.id, row: { ...emptyRow, acidity: 60 } });
    await expect(ask('paper.type', { id: host.id, participantId, glassId: anas, row: emptyRow })).rejects.toThrow('glass');
  });
  it('asks a set as one question: the odd one of three and the better of two, told against luck when the wines are uncovered', async () => {
    const { host, guests, design } = await panel(['Ana', 'Bram', 'Cleo']);
    await host.pour(2);
    const oddAt = (seat: number) => design[seat]!.glasses.findIndex((glass) => glass.wine === 0);
    const [three, two] = [v4(), v4()];
    await host.act('ask', { pollId: three, place: null, question: 'Which is another?', options: ['A', 'B', 'C'], forecast: null, places: [0, 1, 2] });
    // Ana and Bram find it, Cleo does not.
    for (const [seat, guest] of guests.entries()) await guest.ask('PUT', `/guest/answers/${three}`, { option: seat < 2 ? oddAt(seat) : (oddAt(seat) + 1) % 3 });
    await host.act('count');
    const results = async () => (await host.ask<AnswerOf<'tasting', 'asked'>>('asked')).polls.map((entry) => entry.result);
    expect(await results()).toEqual(['']);
    await host.act('ask', { pollId: two, place: null, question: 'Which is better?', options: ['A', 'B'], forecast: null, places: [0, 1] });
    await host.act('count');
    await toReveal(host);
    expect((await results())[0]).toBe('Two of three found the odd one. Guessing among three, two or more would be right about one time in four.');
    await expect(
      host.act('ask', { pollId: v4(), place: null, question: 'Which?', options: ['A', 'B', 'C'], forecast: null, places: [0, 1] }),
    ).rejects.toMatchObject({ slug: 'no-set' });
  });
});
