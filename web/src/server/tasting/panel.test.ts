import { v4, v7 } from 'uuid';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { panelPours } from '@rose/core/serving-design/serving-design';
import { emptyRow } from '@rose/core/tasting/paper';
import { emptyNote } from '@rose/core/wine/note';
import type { AnswerOf } from '../../contract/answers';
import { saveWine } from '../cellar/commands';
import { operations } from '../registry';
import { Device, Host, begun, coveredFlight, glassAt, saved } from '../testing/evening';
import { firstWrite, newMember, ownDatabase, run } from '../testing/venue';
import { lamplighter, newWorld, type World } from '../testing/world';

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
    const { panel: ofPanel, wines } = await host.ask<AnswerOf<'tasting', 'recap'>>('recap');
    expect(ofPanel).toBe(true);
    expect(wines.map(({ place, code }) => ({ place, code }))).toEqual(wines.map((_, place) => ({ place, code: '' })));
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
    await expect(host.act('reject', { glassId: v4() })).rejects.toMatchObject({ status: 404 });
    await expect(
      host.act('ask', { pollId: v4(), place: null, question: 'Which?', options: ['A', 'B', 'C'], forecast: null, places: [0, 1] }),
    ).rejects.toMatchObject({ slug: 'no-set' });
  });
  it('has glasses put in order by every seat, told by wine and against luck when the wines are uncovered', async () => {
    const thirdWineId = v7();
    await run(saveWine, world.owner, firstWrite({ ...lamplighter, name: 'Fog Lane' }, thirdWineId));
    const order = [world.otherWineId, world.wineId, thirdWineId];
    const flightId = await coveredFlight(world.owner, order, { evening: 'panel', guests: 3, panel: { seed: 5, twice: [], aSeat: 0 } });
    const host = await Host.open(world.owner, flightId);
    const guests = await host.seat('Ana', 'Bram', 'Cleo');
    const { seats } = panelPours(3, 3, 5, []);
    await host.pour(2);
    const pollId = v4();
    const question = { pollId, place: null, question: 'In order:', options: ['A', 'B', 'C'], forecast: null, places: [0, 1, 2] };
    await expect(host.act('ask', { ...question, places: [0, 1], options: ['A', 'B'], ranked: true })).rejects.toMatchObject({ slug: 'no-set' });
    await host.act('ask', { ...question, ranked: true });
    expect((await guests[0]!.state()).poll).toMatchObject({ ranked: true });
    // Wine 2 before wine 0 before wine 1, wherever they stand.
    for (const [seat, guest] of guests.entries()) {
      const ranking = [2, 0, 1].map((wine) => seats[seat]!.glasses.findIndex((glass) => glass.wine === wine));
      const answer = (said: object) => guest.ask('PUT', `/guest/answers/${pollId}`, said).then(({ status }) => status);
      expect(await answer({ option: ranking[0] })).toBe(422);
      expect(await answer({ option: ranking[0], ranking: [0, 0, 1] })).toBe(422);
      expect(await answer({ option: ranking[1], ranking })).toBe(422);
      expect(await answer({ option: ranking[0], ranking })).toBe(200);
      expect((await guest.table()).answered).toEqual({ pollId, option: ranking[0], ranking });
    }
    await host.act('count');
    await toReveal(host);
    const { polls } = await host.ask<AnswerOf<'tasting', 'asked'>>('asked');
    expect(polls[0]!.result).toMatch(
      /^Mean places, from the best: Fog Lane 1\.0, Lamplighter 2\.0, Caldera Ledge 3\.0\. If all were alike, three orders come out as far apart about one time in 35\.$/,
    );
  });
  it('puts a bottle aside in every glass of it that is poured: each gets another code, and what is still to come keeps its own', async () => {
    const { host, guests, design } = await panel(['Ana', 'Bram', 'Cleo']);
    await host.pour(0);
    const doubtful = guests.findIndex((_, seat) => design[seat]!.glasses[0]!.wine === 1);
    const before = await Promise.all(guests.map((guest) => guest.state()));
    await guests[doubtful]!.ask('PUT', '/guest/doubts', { glassId: before[doubtful]!.glasses[0]!.id, smells: 'cellar' });
    const { doubts } = await host.ask<AnswerOf<'tasting', 'people'>>('people');
    expect(doubts).toHaveLength(1);
    const run = await host.state();
    await host.act('clue', { glassId: doubts[0]!.glassId, is: true });
    await host.act('reject', { glassId: doubts[0]!.glassId });
    for (const [seat, guest] of guests.entries()) {
      const { glasses } = await guest.state();
      const isIt = design[seat]!.glasses[0]!.wine === 1;
      expect(glasses.map((glass) => [glass.place, glass.rejected])).toEqual(
        isIt
          ? expect.arrayContaining([
              [0, true],
              [0, false],
            ])
          : [[0, false]],
      );
      const codes = [...design[seat]!.glasses.map((glass) => glass.code)];
      if (isIt) expect(codes).not.toContain(glasses.find((glass) => !glass.rejected)!.code);
    }
    const after = await host.state();
    expect(after.more - run.more).toBe(after.program[after.at]!.minutes);
    expect(after.glasses.filter((glass) => glass.rejected)).toHaveLength(1);
    // The wine is marked whichever of its glasses stands for it now.
    expect(after.clues.filter((id) => after.glasses.some((glass) => glass.id === id && !glass.rejected))).toHaveLength(1);
    expect((await host.ask<AnswerOf<'tasting', 'people'>>('people')).doubts).toEqual([]);
    const { wines } = await host.ask<AnswerOf<'tasting', 'bottles'>>('bottles');
    expect(wines.find((entry) => entry.wineId === world.wineId)!.because).toContain('1 put aside');
    // Nobody has a glass of a wine before them that is poured later alone.
    await host.pour(1);
    for (const [seat, guest] of guests.entries()) expect(glassAt(await guest.state(), 1).code).toBe(design[seat]!.glasses[1]!.code);
    const { aside } = await host.ask<AnswerOf<'tasting', 'recap'>>('recap');
    expect(aside).toHaveLength(1);
    expect(aside[0]!.place).toBeNull();
  });
});
