import { z } from 'zod';
import { wineDocument } from '@rose/core/wine/facts-schema';
import { factIds, origins } from '@rose/core/wine/facts';
import { keysOf } from '@rose/core/wine/keys';
import { colourClasses } from '@rose/core/wine/observables';
import { loads } from '@rose/core/pairing/wine-schema';
import { flightWine, profile, wineSummary } from './computed';
import { because } from './because';
import { act, nothing, one, page, pageInput, read, removal, savedOutput, writeInput } from './contract';

const origin = z.enum(keysOf(origins));
/** What the law says of a wine. */
export const claim = z.object({
  id: z.string(),
  title: z.string(),
  verdict: z.enum(['meets', 'fails', 'unknown']),
  because: z.array(z.string()),
  source: z.string(),
  /** Nobody claims it of this wine: another term of its name, or the law of another market. */
  aside: z.boolean(),
});
export const wine = {
  save: act({
    name: 'wine.save',
    method: 'PUT',
    path: '/wines/{id}',
    summary: 'Saves a wine, its facts with their origins and its lots',
    allow: 'cellar.edit',
    input: writeInput(wineDocument),
    example: {
      writeId: 'w1',
      baseRevision: 0,
      document: {
        schema: 1,
        name: 'Caldera Ledge',
        producer: 'Mikri Vigla',
        facts: {
          colour: { value: 'white', origin: 'label' },
          bubbles: { value: 'still', origin: 'label' },
          grapes: { value: [{ grape: 'Assyrtiko', share: { kind: 'exact', percent: 100 } }], origin: 'label' },
          abv: { value: 13.5, origin: 'label' },
        },
        lots: [],
        remark: '',
      },
    },
    output: savedOutput,
  }),
  import: act({
    name: 'wine.import',
    budget: 'long work',
    method: 'POST',
    path: '/wines/imports',
    summary: 'Imports a wine list from CSV, or only previews it: all rows or none',
    allow: 'cellar.edit',
    input: z.strictObject({
      csv: z.string().min(1, 'the file is empty').max(3_500_000),
      /** Column of the file → field of the cellar; a column that is not named is left out. */
      mapping: z.record(z.string().max(200), z.string().max(60)).default({}),
      /** Where the facts of the list come from; single columns may have another origin. */
      origin: origin.default('hearsay'),
      origins: z.record(z.string().max(200), origin).default({}),
      preview: z.boolean().default(true),
      /** What to do with a row that is a wine already here: leave it out, add it as another wine, or add its bottles to that wine. */
      same: z.enum(['ask', 'skip', 'add', 'merge']).default('ask'),
    }),
    example: { csv: 'name,producer,vintage\nCaldera Ledge,Mikri Vigla,2023', preview: true },
    output: z.object({
      columns: z.array(z.string()),
      mapping: z.record(z.string(), z.string()),
      rows: z.number(),
      ready: z.number(),
      added: z.number(),
      merged: z.number(),
      skipped: z.number(),
      errors: z.array(z.object({ row: z.number(), field: z.string(), message: z.string() })),
      errorCount: z.number(),
      same: z.array(z.object({ row: z.number(), name: z.string(), id: z.string() })),
      sameCount: z.number(),
      sample: z.array(z.object({ row: z.number(), name: z.string(), producer: z.string(), says: z.string() })),
    }),
  }),
  ...removal('wine', 'wines', 'cellar.edit'),
  list: read({
    name: 'wine.list',
    method: 'GET',
    path: '/wines',
    summary: 'The cellar: search, filters, sorting, pages',
    allow: 'read',
    input: z.strictObject({
      ...pageInput,
      q: z.string().max(200).default(''),
      colour: z.enum(colourClasses).optional(),
      bubbles: z.enum(['still', 'light', 'sparkling']).optional(),
      country: z.string().max(2).optional(),
      held: z.enum(['yes', 'no']).optional(),
      deleted: z.enum(['yes']).optional(),
      sort: z.enum(['name', 'producer', 'vintage', 'alcohol', 'changed']).default('name'),
      direction: z.enum(['up', 'down']).default('up'),
    }),
    output: page(wineSummary),
  }),
  get: read({
    name: 'wine.get',
    method: 'GET',
    path: '/wines/{id}',
    summary: 'A wine with what is computed from it: style name, law, profile, what is missing',
    allow: 'read',
    input: one,
    output: z.object({
      id: z.string(),
      revision: z.number(),
      document: wineDocument,
      styleName: z.string(),
      style: z.object({ id: z.string(), name: z.string(), why: z.string() }),
      law: z.array(claim),
      profile: profile,
      expected: loads,
      stops: z.array(z.string()),
      missing: z.array(z.object({ id: z.enum(factIds), label: z.string() })),
      notes: z.number(),
      age: z.number().nullable(),
      lots: z.array(z.string()),
      serving: z.object({
        band: z.string(),
        because: z.string(),
        closure: z.string(),
        steps: z.array(z.string()),
        pressure: z.string().nullable(),
        cautions: z.array(z.string()),
      }),
      finish: z.object({ median: z.number().nullable(), notes: z.number(), brokenOff: z.number(), word: z.string() }).nullable(),
      window: z
        .object({
          from: z.tuple([z.number(), z.number()]),
          until: z.tuple([z.number(), z.number()]),
          doubt: z.enum(['some doubt', 'much doubt', 'cannot tell']),
          because,
        })
        .nullable(),
    }),
  }),
  hangsOn: read({
    name: 'wine.hangsOn',
    method: 'GET',
    path: '/wines/{id}/dependents',
    summary: 'What hangs on a wine: notes on glasses that are uncovered, flights and bottles',
    allow: 'read',
    input: one,
    output: z.object({ notes: z.number(), flights: z.array(z.string()), bottles: z.number() }),
  }),
  export: read({
    name: 'wine.export',
    budget: 'long work',
    method: 'GET',
    path: '/wines/exports/{format}',
    summary: 'The whole cellar as CSV or JSON; both read back',
    allow: 'read',
    input: z.strictObject({ format: z.enum(['csv', 'json']) }),
    files: ['text/csv', 'application/json'],
    output: z.array(wineDocument),
  }),
  countries: read({
    name: 'wine.countries',
    method: 'GET',
    path: '/wines/countries',
    summary: 'The countries of the cellar’s wines',
    allow: 'read',
    input: nothing,
    output: z.object({ countries: z.array(z.string()) }),
  }),
  orderWine: read({
    name: 'wine.orderWine',
    method: 'GET',
    path: '/wines/{id}/order-wine',
    summary: 'A wine as a flight takes it',
    allow: 'read',
    input: one,
    output: flightWine,
  }),
};
