import { parse } from 'csv-parse/sync';
import { stringify } from 'csv-stringify/sync';
import { v7 } from 'uuid';
import {
  factIds,
  factInWords,
  facts,
  namedFact,
  type FactId,
  type FactSpec,
  type FactValue,
  type GrapeShare,
  type Lot,
  type Origin,
  type Vintage,
  type WineDocument,
} from '@rose/core/wine/facts';
import { factOf } from '@rose/core/wine/stated';
import { wineDocument } from '@rose/core/wine/facts-schema';
import { fold } from '@rose/core/wine/search-folding';
import { grapesAsText, grapesFromText, numberFromText } from '@rose/core/wine/from-text';
import { Problem } from '../problem';

/** Fields of a wine list beside the facts. */
const plainFields = {
  name: 'name',
  producer: 'producer',
  remark: 'remark',
  format: 'format, mL',
  held: 'bottles held',
  price: 'price',
  currency: 'currency',
  merchant: 'merchant',
  bought: 'bought',
} as const;
type PlainField = keyof typeof plainFields;
export type ListField = PlainField | FactId;
export const listFields: readonly { readonly id: ListField; readonly label: string }[] = [
  ...(Object.keys(plainFields) as PlainField[]).map((id) => ({ id, label: plainFields[id] })),
  ...factIds.map((id) => ({ id, label: facts[id].label })),
];
/** What people call these columns. */
const known: Readonly<Record<string, ListField>> = {
  wine: 'name',
  cuvee: 'name',
  title: 'name',
  label: 'name',
  winery: 'producer',
  estate: 'producer',
  domaine: 'producer',
  maker: 'producer',
  year: 'vintage',
  grape: 'grapes',
  variety: 'grapes',
  varieties: 'grapes',
  color: 'colour',
  type: 'colour',
  alcohol: 'abv',
  'alcohol vol': 'abv',
  alc: 'abv',
  'abv vol': 'abv',
  'residual sugar': 'sugar',
  rs: 'sugar',
  acid: 'acidity',
  ta: 'acidity',
  'total acidity': 'acidity',
  bottles: 'held',
  quantity: 'held',
  qty: 'held',
  stock: 'held',
  size: 'format',
  'format ml': 'format',
  'bottle size': 'format',
  cost: 'price',
  shop: 'merchant',
  supplier: 'merchant',
  notes: 'remark',
  comment: 'remark',
  area: 'region',
  'purchase date': 'bought',
  'bottles held': 'held',
};
export const mostRows = 2000;
/** More than any wine list has; each heading is compared with every field. */
const mostColumns = 200;

/** The apostrophe that keeps a spreadsheet from taking a text for a formula: ours to put before it, and to take off again. */
const escaped = /^'(?=[=+\-@\t\r])/;

export interface ListRow {
  readonly row: number;
  readonly document: WineDocument;
  readonly says: string;
}
export interface WineList {
  readonly columns: string[];
  readonly mapping: Record<string, string>;
  readonly total: number;
  readonly rows: readonly ListRow[];
  readonly errors: { row: number; field: string; message: string }[];
}

/** Fields by what they are called, folded; a field's own name goes before what people call it. */
const fieldNamed: ReadonlyMap<string, ListField> = new Map([
  ...Object.entries(known),
  ...listFields.map((field) => [fold(field.label), field.id] as const),
  ...listFields.map((field) => [fold(field.id), field.id] as const),
]);

/** Where the facts of a list come from: all of it, and single columns otherwise. */
export interface Sources {
  readonly all: Origin;
  readonly columns: Readonly<Record<string, Origin>>;
}

/** Guesses the field of each column from its heading. */
export function guessMapping(columns: readonly string[]): Record<string, string> {
  const mapping: Record<string, string> = {};
  for (const column of columns) {
    const field = fieldNamed.get(fold(column));
    if (field !== undefined && !Object.values(mapping).includes(field)) mapping[column] = field;
  }
  return mapping;
}

/** Reads a wine list: comma, semicolon or tab, with or without a byte-order mark; every field that cannot be read is named with its row. A price that names no currency is in `currency`. */
export function readList(csv: string, mapping: Readonly<Record<string, string>>, currency: string, from: Sources = { all: 'hearsay', columns: {} }): WineList {
  if (csv.includes('\uFFFD'))
    throw new Problem(422, 'encoding', 'This file is not in UTF-8. Save it again as CSV UTF-8, and nothing is lost.', {
      errors: [{ field: 'csv', message: 'is not in UTF-8' }],
    });
  if (/^\uFEFF?\s*\[/.test(csv)) return readJsonList(csv);
  const firstLine = csv.slice(0, csv.search(/[\r\n]|$/));
  const delimiter = [',', ';', '\t'].map((mark) => [mark, firstLine.split(mark).length] as const).sort((a, b) => b[1] - a[1])[0]![0];
  let table: string[][];
  try {
    const options = { bom: true, delimiter, relax_column_count: true, skip_empty_lines: true, trim: true } as const;
    const width = parse(csv, { ...options, to: 1 })[0]?.length ?? 0;
    if (width > mostColumns)
      throw new Problem(422, 'csv', `This file has ${width} columns. A wine list has at most ${mostColumns}.`, {
        errors: [{ field: 'csv', message: `more than ${mostColumns} columns` }],
      });
    table = parse(csv, options);
  } catch (error) {
    if (error instanceof Problem) throw error;
    throw new Problem(422, 'csv', 'This is not a CSV file we can read: a quotation mark is not closed, or it is another kind of file.', {
      errors: [{ field: 'csv', message: (error as Error).message }],
    });
  }
  const columns = (table[0] ?? []).map((heading, i) => heading || `column ${i + 1}`);
  if (table.length < 2) throw new Problem(422, 'csv', 'This file has a heading but no wines.', { errors: [{ field: 'csv', message: 'has no rows' }] });
  if (table.length - 1 > mostRows)
    throw new Problem(422, 'csv', `This file has ${table.length - 1} wines. Import at most ${mostRows} at a time.`, {
      errors: [{ field: 'csv', message: `more than ${mostRows} rows` }],
    });
  const used = Object.keys(mapping).length > 0 ? { ...mapping } : guessMapping(columns);
  const errors: WineList['errors'] = [];
  if (!Object.values(used).includes('name'))
    throw new Problem(422, 'mapping', 'No column holds the name of the wine. Choose which one does.', {
      errors: [{ field: 'mapping', message: 'no column is the name' }],
      columns,
      mapping: used,
    });
  const rows = table.slice(1).flatMap((cells, i) => {
    const row = i + 2;
    const values = new Map<string, string>();
    const origins = new Map<string, Origin>();
    columns.forEach((column, at) => {
      const field = used[column];
      const cell = cells[at];
      if (field === undefined || field === '' || cell === undefined || cell === '') return;
      values.set(field, cell.replace(escaped, ''));
      origins.set(field, from.columns[column] ?? from.all);
    });
    const bad = (field: string, message: string) => errors.push({ row, field, message });
    const document = readRow(values, origins, currency, bad);
    if (document === undefined) return [];
    const parsed = wineDocument.safeParse(document);
    if (!parsed.success) {
      for (const issue of parsed.error.issues)
        bad(issue.path.filter((part) => typeof part === 'string' && !['facts', 'value', 'lots'].includes(part)).join(' ') || 'row', issue.message);
      return [];
    }
    const says = factIds
      .flatMap((id) => (factOf(document.facts, id) === undefined ? [] : [namedFact(id, factOf(document.facts, id) as FactValue<FactId>)]))
      .join(' · ');
    return [{ row, document, says }];
  });
  return { columns, mapping: used, total: table.length - 1, rows, errors };
}

/** The cellar's own JSON export: whole documents, which get new lots so that nothing here is overwritten. */
function readJsonList(text: string): WineList {
  let items: unknown;
  try {
    items = JSON.parse(text.replace(/^\uFEFF/, ''));
  } catch {
    throw new Problem(422, 'csv', 'This looks like JSON but is not complete.', { errors: [{ field: 'csv', message: 'is not complete JSON' }] });
  }
  if (!Array.isArray(items) || items.length > mostRows)
    throw new Problem(422, 'csv', `This is not a list of at most ${mostRows} wines.`, { errors: [{ field: 'csv', message: 'is not a list of wines' }] });
  const errors: WineList['errors'] = [];
  const rows = items.flatMap((item: unknown, i) => {
    const parsed = wineDocument.safeParse(item);
    if (parsed.success) return [{ row: i + 1, document: { ...parsed.data, lots: parsed.data.lots.map((lot) => ({ ...lot, id: v7() })) }, says: '' }];
    for (const issue of parsed.error.issues) errors.push({ row: i + 1, field: issue.path.join('.'), message: issue.message });
    return [];
  });
  return { columns: [], mapping: {}, total: items.length, rows, errors };
}

type Bad = (field: string, message: string) => void;
function readRow(values: ReadonlyMap<string, string>, origins: ReadonlyMap<string, Origin>, currency: string, bad: Bad): WineDocument | undefined {
  const before: string[] = [];
  const note: Bad = (field, message) => {
    before.push(field);
    bad(field, message);
  };
  const stated: Record<string, unknown> = {};
  for (const id of factIds) {
    const text = values.get(id);
    if (text === undefined) continue;
    const value = readFact(id, text, note);
    if (value !== undefined) stated[id] = { value, origin: origins.get(id) };
  }
  const name = values.get('name') ?? '';
  if (name === '') note('name', 'is missing');
  const lots = readLot(values, currency, note);
  if (before.length > 0) return undefined;
  return { schema: 1, name, producer: values.get('producer') ?? '', facts: stated as WineDocument['facts'], lots, remark: values.get('remark') ?? '' };
}

function readLot(values: ReadonlyMap<string, string>, usual: string, bad: Bad): Lot[] {
  if (!['format', 'held', 'price', 'merchant', 'bought'].some((field) => values.has(field))) return [];
  const format = values.has('format') ? readFormat(values.get('format')!) : 750;
  if (format === undefined) bad('format', `“${values.get('format')}” is not a bottle size: write 750, 0.75 L or 75 cl`);
  const held = values.has('held') ? numberFromText(values.get('held')!) : 0;
  if (held === undefined || !Number.isInteger(held)) bad('held', `“${values.get('held')}” is not a whole number`);
  const price = values.has('price') ? numberFromText(values.get('price')!.replace(/[€$£¥\sA-Z]/gi, '')) : undefined;
  if (values.has('price') && price === undefined) bad('price', `“${values.get('price')}” is not a price`);
  const currency = values.get('currency')?.toUpperCase() ?? currencyIn(values.get('price') ?? '', usual);
  const merchant = values.get('merchant');
  const bought = values.get('bought');
  return [
    {
      id: v7(),
      formatMl: format ?? 750,
      held: held ?? 0,
      ...(price === undefined ? {} : { priceMinor: Math.round(price * 100), currency }),
      ...(merchant === undefined ? {} : { merchant }),
      ...(bought === undefined ? {} : { bought }),
    },
  ];
}
/** The currency a price names: by its code, or by its sign, where the venue's own is taken when it has that sign. */
function currencyIn(price: string, usual: string): string {
  const code = /[A-Z]{3}/.exec(price.toUpperCase())?.[0];
  if (code !== undefined) return code;
  const sign = /[€$£¥]/.exec(price)?.[0];
  const signOf = (currency: string) => new Intl.NumberFormat('en', { style: 'currency', currency, currencyDisplay: 'narrowSymbol' }).format(0);
  if (sign === undefined || signOf(usual).includes(sign)) return usual;
  return { '€': 'EUR', $: 'USD', '£': 'GBP', '¥': 'JPY' }[sign] ?? usual;
}
function readFormat(text: string): number | undefined {
  const match = /^([\d.,]+)\s*(ml|cl|l)?$/i.exec(text.trim());
  const value = match === null ? undefined : numberFromText(match[1]!);
  if (value === undefined) return undefined;
  const unit = match![2]?.toLowerCase() ?? (value < 30 ? 'l' : value < 100 ? 'cl' : 'ml');
  return Math.round(value * (unit === 'l' ? 1000 : unit === 'cl' ? 10 : 1));
}
/** A number as people write it in a list, with its unit, a part of it, or the unit's one ("14 %", "13.5vol.", "1 month"). */
function withoutUnit(text: string, unit: string): string {
  const parts = unit.split(' ').map((part) => part.replace(/s$/, '').replace(/[.*+?^${}()|[\]\\]/g, '\\$&'));
  return text.trim().replace(new RegExp(`(\\s*(${parts.join('|')})s?\\.?)+$`, 'i'), '');
}
function readFact(id: FactId, text: string, bad: Bad): unknown {
  const spec: FactSpec = facts[id];
  switch (spec.kind) {
    case 'number': {
      const value = numberFromText(withoutUnit(text, spec.unit));
      if (value === undefined) bad(id, `“${text}” is not a number`);
      else if (value < spec.low || value > spec.high) bad(id, `${value} is not between ${spec.low} and ${spec.high} ${spec.unit}`);
      else return value;
      return undefined;
    }
    case 'choice': {
      const wanted = fold(text);
      const found = Object.entries(spec.options).find(([key, word]) => fold(key) === wanted || fold(word) === wanted || fold(word).split(' ')[0] === wanted);
      if (found === undefined) bad(id, `“${text}” is not one of ${Object.values(spec.options).join(', ')}`);
      return found?.[0];
    }
    case 'yesno': {
      const wanted = fold(text);
      if (['yes', 'y', 'true', '1', 'x', fold(spec.yes)].includes(wanted)) return true;
      if (['no', 'n', 'false', '0', fold(spec.no)].includes(wanted)) return false;
      bad(id, `“${text}” is not yes or no`);
      return undefined;
    }
    case 'text':
      return text;
    case 'vintage':
      return readVintage(text, bad);
    case 'grapes':
      return grapesFromText(text);
  }
}
function readVintage(text: string, bad: Bad): Vintage | undefined {
  const wanted = fold(text);
  if (['nv', 'no vintage', 'non vintage', 'none', 's a'].includes(wanted)) return { kind: 'none' };
  const several = /^(\d{4})\s*(?:-|–|to|\/)\s*(\d{4})$/.exec(text.trim());
  if (several !== null) return { kind: 'several', from: Number(several[1]), to: Number(several[2]) };
  if (/^(1[789]|20|21)\d{2}$/.test(text.trim())) return { kind: 'year', year: Number(text.trim()) };
  bad('vintage', `“${text}” is not a year: write 2021, NV, or 2015–2018`);
  return undefined;
}
/** The cellar as CSV: one row a lot, the columns of the import, so that it reads back. */
export function writeList(wines: readonly WineDocument[]): string {
  const rows = wines.flatMap((document) =>
    (document.lots.length === 0 ? [undefined] : document.lots).map((lot) => listFields.map(({ id }) => cell(document, lot, id))),
  );
  return stringify([listFields.map((field) => field.id), ...rows], { bom: true, escape_formulas: true });
}
function cell(document: WineDocument, lot: Lot | undefined, id: ListField): string {
  switch (id) {
    case 'name':
      return document.name;
    case 'producer':
      return document.producer;
    case 'remark':
      return document.remark;
    case 'format':
      return lot === undefined ? '' : String(lot.formatMl);
    case 'held':
      return lot === undefined ? '' : String(lot.held);
    case 'price':
      return lot?.priceMinor === undefined ? '' : (lot.priceMinor / 100).toFixed(2);
    case 'currency':
      return lot?.currency ?? '';
    case 'merchant':
      return lot?.merchant ?? '';
    case 'bought':
      return lot?.bought ?? '';
  }
  const value = factOf(document.facts, id);
  if (value === undefined) return '';
  const spec: FactSpec = facts[id];
  // A file keeps the code of a country, which reads back; people read its name.
  if (spec.kind === 'number' || id === 'country') return String(value);
  if (spec.kind === 'grapes') return grapesAsText(value as readonly GrapeShare[]);
  if (spec.kind === 'vintage') return factInWords(id, value as FactValue<FactId>).replace('no vintage', 'NV');
  return factInWords(id, value as FactValue<FactId>);
}
