import { seededRandom } from '../chance/seeded-random';

/** Who tastes what when, so that no wine profits from its place. Seats and wines are numbered from 0; rows are seats. */
export type Design = readonly (readonly number[])[];

function shuffled<T>(items: readonly T[], random: () => number): T[] {
  const out = [...items];
  for (let i = out.length - 1; i > 0; i--) {
    const j = Math.floor(random() * (i + 1));
    [out[i], out[j]] = [out[j]!, out[i]!];
  }
  return out;
}

/**
 * A Williams square (Williams 1949): every wine stands in every place equally often and follows every other equally often. Even n gives n rows;
 * odd n the doubled square of 2n rows, the second half the first read backwards.
 * @param n 1–40 wines
 */
export function williams(n: number): Design {
  if (n <= 0) return [];
  const first: number[] = [];
  for (let k = 0; k < n; k++) first.push(k === 0 ? 0 : k % 2 === 1 ? (k + 1) / 2 : n - k / 2);
  const rows = Array.from({ length: n }, (_, i) => first.map((wine) => (wine + i) % n));
  return n % 2 === 0 || n === 1 ? rows : [...rows, ...rows.map((row) => [...row].reverse())];
}

/** How often each wine stands in each place, and directly after each other. */
export function counts(design: Design, n: number): { readonly place: readonly (readonly number[])[]; readonly follows: readonly (readonly number[])[] } {
  const square = (columns: number) => Array.from({ length: n }, () => Array.from({ length: columns }, () => 0));
  const width = Math.max(0, ...design.map((row) => row.length));
  const place = square(width);
  const follows = square(n);
  for (const row of design)
    row.forEach((wine, i) => {
      place[wine]![i]!++;
      if (i > 0) follows[row[i - 1]!]![wine]!++;
    });
  return { place, follows };
}

export interface Blocks {
  readonly design: Design;
  /** For each pair of wines, how many seats taste both. */
  readonly pairs: { readonly least: number; readonly most: number };
  /** Every pair equally often: a balanced incomplete block design. */
  readonly balanced: boolean;
  /** Every wine equally often. */
  readonly equal: boolean;
}

/**
 * Blocks of `k` of `v` wines for `b` seats, as balanced as the search finds: cyclic designs from difference sets first, then annealed exchange from
 * seeded starts until pair counts differ by at most 1 or the starts are used up.
 * @param steps pair counts looked at in a start, so that a big panel takes no longer than a small one: about two seconds in all; `stop` ends the search early
 */
export function blocks(v: number, k: number, b: number, seed = 1, steps = 900_000, stop: () => boolean = () => false): Blocks {
  const size = Math.min(k, v);
  if (v === 0 || b === 0 || size === 0) return { design: [], pairs: { least: 0, most: 0 }, balanced: true, equal: true };
  const cyclic = cyclicBlocks(v, size, b);
  if (cyclic !== undefined) return judgeBlocks(cyclic, v);
  const random = seededRandom(seed);
  const tries = Math.min(60_000, Math.round(steps / size));
  let best: Blocks | undefined;
  for (let start = 0; start < 25 && !stop(); start++) {
    const found = judgeBlocks(exchange(v, size, b, random, tries, stop), v);
    if (best === undefined || spreadOf(found) < spreadOf(best)) best = found;
    if (spreadOf(best) <= 1) break;
  }
  return best ?? judgeBlocks(exchange(v, size, b, random, 0, stop), v);
}
const spreadOf = (blocks: Blocks) => blocks.pairs.most - blocks.pairs.least;

export function judgeBlocks(design: Design, v: number): Blocks {
  const pair = new Map<number, number>();
  const times = Array.from({ length: v }, () => 0);
  for (const row of design)
    for (let i = 0; i < row.length; i++) {
      times[row[i]!]!++;
      for (let j = i + 1; j < row.length; j++) {
        const key = Math.min(row[i]!, row[j]!) * v + Math.max(row[i]!, row[j]!);
        pair.set(key, (pair.get(key) ?? 0) + 1);
      }
    }
  let least = Infinity;
  let most = 0;
  for (let i = 0; i < v; i++)
    for (let j = i + 1; j < v; j++) {
      const count = pair.get(i * v + j) ?? 0;
      least = Math.min(least, count);
      most = Math.max(most, count);
    }
  if (v < 2) least = 0;
  const equal = new Set(times).size === 1;
  return { design, pairs: { least, most }, balanced: equal && least === most && least > 0, equal };
}

/** When b = v·m and a set of k residues has every difference equally often, its shifts are a balanced design. */
function cyclicBlocks(v: number, k: number, b: number): Design | undefined {
  if (k === v) return Array.from({ length: b }, () => Array.from({ length: v }, (_, i) => i));
  if (b % v !== 0 || v > 31 || (k * (k - 1)) % (v - 1) !== 0) return undefined;
  const lambda = (k * (k - 1)) / (v - 1);
  const base: number[] = [0];
  const seen = new Array<number>(v).fill(0);
  let budget = 200_000;
  const search = (next: number): boolean => {
    if (base.length === k) return true;
    for (let x = next; x < v; x++) {
      if (budget-- < 0) return false;
      const differences = base.flatMap((y) => [(x - y + v) % v, (y - x + v) % v]);
      differences.forEach((d) => seen[d]!++);
      if (differences.every((d) => seen[d]! <= lambda)) {
        base.push(x);
        if (search(x + 1)) return true;
        base.pop();
      }
      differences.forEach((d) => seen[d]!--);
    }
    return false;
  };
  if (!search(1)) return undefined;
  return Array.from({ length: b }, (_, i) => base.map((x) => (x + i) % v));
}

function exchange(v: number, k: number, b: number, random: () => number, tries: number, stop: () => boolean): Design {
  // Each seat is dealt the wines poured least so far, by lot among equals: each wine is tasted equally often up to one.
  const poured = new Int32Array(v);
  const rows = Array.from({ length: b }, () => {
    const row = shuffled(
      Array.from({ length: v }, (_, wine) => wine),
      random,
    )
      .sort((x, y) => poured[x]! - poured[y]!)
      .slice(0, k);
    for (const wine of row) poured[wine]!++;
    return row;
  });
  const pair = new Int32Array(v * v);
  for (const row of rows) for (const x of row) for (const y of row) if (x !== y) pair[x * v + y]!++;
  const target = (b * k * (k - 1)) / (v * (v - 1));
  const off = (count: number) => (count - target) ** 2;
  const count = (a: number, c: number, by: number) => {
    pair[a * v + c]! += by;
    pair[c * v + a]! += by;
  };
  // Simulated annealing on the squared distance of the pair counts from their mean.
  for (let t = 0; t < tries; t++) {
    if ((t & 255) === 0 && stop()) break;
    const r = Math.floor(random() * b);
    const s = Math.floor(random() * b);
    const x = rows[r]![Math.floor(random() * k)]!;
    const y = rows[s]![Math.floor(random() * k)]!;
    if (r === s || x === y || rows[r]!.includes(y) || rows[s]!.includes(x)) continue;
    let rise = 0;
    for (const z of rows[r]!) if (z !== x) rise += off(pair[x * v + z]! - 1) - off(pair[x * v + z]!) + off(pair[y * v + z]! + 1) - off(pair[y * v + z]!);
    for (const z of rows[s]!) if (z !== y) rise += off(pair[y * v + z]! - 1) - off(pair[y * v + z]!) + off(pair[x * v + z]! + 1) - off(pair[x * v + z]!);
    if (rise > 0 && random() >= Math.exp(-rise / (1.2 * (1 - t / tries) + 0.02))) continue;
    for (const z of rows[r]!) {
      if (z === x) continue;
      count(x, z, -1);
      count(y, z, 1);
    }
    for (const z of rows[s]!) {
      if (z === y) continue;
      count(y, z, -1);
      count(x, z, 1);
    }
    rows[r]![rows[r]!.indexOf(x)] = y;
    rows[s]![rows[s]!.indexOf(y)] = x;
  }
  return rows;
}

/** Orders the seats of a panel: rows of a Williams square in shuffled order, wine names shuffled, repeated as often as needed. */
export function panelOrders(wines: number, seats: number, seed: number): Design {
  const random = seededRandom(seed);
  const names = shuffled(
    Array.from({ length: wines }, (_, i) => i),
    random,
  );
  const square = williams(wines);
  const rows: number[][] = [];
  while (rows.length < seats && square.length > 0) rows.push(...shuffled(square, random).map((row) => row.map((wine) => names[wine]!)));
  return rows.slice(0, seats);
}

/** Codes that read as a pattern or as something else. */
const spoken = new Set(['100', '101', '123', '234', '321', '345', '456', '567', '678', '789', '666', '911', '112', '999', '007']);
function readable(code: string): boolean {
  if (code.startsWith('0') || spoken.has(code)) return false;
  return !(code[0] === code[1] && code[1] === code[2]) && !/^[1-9]00$/.test(code);
}
const differing = (a: string, b: string) => [...a].filter((digit, i) => digit !== b[i]).length;
/** Two neighbouring digits, or the two outer ones, changed places. */
const transposed = (a: string, b: string) => [...a].sort().join() === [...b].sort().join();

/**
 * Three-digit codes for blind glasses: none of 100, 111, 123, 666, 999 and their kind; any two differ in at least two digits and are not each other
 * transposed (common practice in sensory tests).
 * @param count up to 80: the most glasses a seat can have, forty wines each poured twice
 */
export function codes(count: number, seed: number): readonly string[] {
  const random = seededRandom(seed);
  let best: string[] = [];
  for (let attempt = 0; attempt < 400 && best.length < count; attempt++) {
    const some: string[] = [];
    for (const code of shuffled(Array.from({ length: 900 }, (_, i) => String(100 + i)).filter(readable), random)) {
      if (some.length === count) break;
      if (some.every((other) => differing(code, other) >= 2 && !transposed(code, other))) some.push(code);
    }
    if (some.length > best.length) best = some;
  }
  return best;
}

export interface SeatPour {
  readonly seat: number;
  /** In the order this seat tastes: the code on the glass and which wine is in it. */
  readonly glasses: readonly { readonly code: string; readonly wine: number }[];
}
/**
 * The pour list of a panel: each seat's own order and codes. A hidden duplicate is a wine poured twice under two codes.
 * @param duplicates indices of wines that are poured twice
 * @param aSeat how many glasses a seat tastes; fewer than all makes an incomplete block design
 */
export function panelPours(
  wines: number,
  seats: number,
  seed: number,
  duplicates: readonly number[] = [],
  aSeat?: number,
): { readonly seats: readonly SeatPour[]; readonly blocks?: Blocks } {
  const glasses = [...Array.from({ length: wines }, (_, i) => i), ...duplicates.filter((wine) => wine < wines)];
  const incomplete = aSeat !== undefined && aSeat < glasses.length;
  const made = incomplete ? blocks(glasses.length, aSeat, seats, seed) : undefined;
  const square = panelOrders(incomplete ? aSeat : glasses.length, seats, seed);
  const rows = made === undefined ? square : made.design.map((block, seat) => square[seat]!.map((at) => block[at]!));
  return {
    seats: rows.map((row, seat) => {
      const labels = codes(row.length, (seed * 1_009 + seat * 7_919 + 13) >>> 0);
      return { seat, glasses: row.map((glass, i) => ({ code: labels[i]!, wine: glasses[glass]! })) };
    }),
    ...(made === undefined ? {} : { blocks: made }),
  };
}

/** Glasses of a table evening carry the letter of the place they are poured in: A, B … Z, AA. */
export const placeLetter = (place: number): string =>
  place < 26 ? String.fromCharCode(65 + place) : placeLetter(Math.floor(place / 26) - 1) + placeLetter(place % 26);
