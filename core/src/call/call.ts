import { byGuessing } from '../statistics/binomial';
import type { priceIdeas } from '../wine/note';
import { inWords } from '../wine/plural';

/** What was true of a wine, as far as a call can be held against it. */
export type Truth =
  | { readonly fact: 'grape'; readonly grapes: readonly string[] }
  | { readonly fact: 'place'; readonly chain: readonly string[] }
  | { readonly fact: 'age'; readonly years: number | null }
  | { readonly fact: 'price'; readonly among: PriceIdea | null }
  | { readonly fact: 'name'; readonly wine?: string };
type PriceIdea = keyof typeof priceIdeas;

/** The part of a call that is right, 0–1, and why it is that much. */
export interface Credit {
  readonly credit: number;
  readonly why: 'right' | 'kin' | 'family' | 'in the blend' | 'country' | 'region' | 'near' | 'next' | 'wrong';
}
const wrong: Credit = { credit: 0, why: 'wrong' };

/** How two grapes are related in the glass: the same, close kin, of one family, or neither. The tables know; core does not. */
export type Kinship = (a: string, b: string) => 'same' | 'kin' | 'family' | 'none';
/** What a near miss is worth. Our own choice: close kin in the glass half, one family a quarter, a lesser grape of the blend three quarters. */
const kinWorth = { same: 1, kin: 0.5, family: 0.25, none: 0 } as const;
const blendWorth = 0.75;

/** The mark of a called grape. Of a blend the main grape is right; another that is in it is worth three quarters. */
export function grapeCredit(called: string, grapes: readonly string[], kinship: Kinship): Credit {
  const [main, ...others] = grapes;
  if (main === undefined) return wrong;
  const related = kinship(called, main);
  if (related === 'same') return { credit: 1, why: 'right' };
  if (others.some((grape) => kinship(called, grape) === 'same')) return { credit: blendWorth, why: 'in the blend' };
  return related === 'none' ? wrong : { credit: kinWorth[related], why: related };
}

/**
 * The mark of a called place: how far down the way from the country to the site the call and the truth go together.
 * @param called from the widest to the narrowest that the call names, folded
 * @param chain the same of the wine
 */
export function placeCredit(called: readonly string[], chain: readonly string[]): Credit {
  let together = 0;
  while (together < chain.length && together < called.length && called[together] === chain[together]) together++;
  if (together === 0) return wrong;
  if (together === chain.length || (together > 1 && together === called.length))
    return { credit: together === chain.length ? 1 : 0.75, why: together === chain.length ? 'right' : 'region' };
  return together === 1 ? { credit: 0.4, why: 'country' } : { credit: 0.75, why: 'region' };
}

/** Years off at which a call of the age is worth half. Common practice: two years off is a good call. */
const halfAYears = 2;
/** The mark of a called age: whole for the year, halved with every two years off, nothing beyond four. */
export function ageCredit(called: number, years: number): Credit {
  const off = Math.abs(called - years);
  if (off === 0) return { credit: 1, why: 'right' };
  const credit = 0.5 ** (off / halfAYears);
  return credit < 0.5 ** 2 ? wrong : { credit, why: 'near' };
}

const rank: Record<PriceIdea, number> = { cheaper: 0, middle: 1, dearer: 2 };
/** The mark of a called price class: by how many classes it is off. */
export function priceCredit(called: PriceIdea, among: PriceIdea): Credit {
  const off = Math.abs(rank[called] - rank[among]);
  return off === 0 ? { credit: 1, why: 'right' } : off === 1 ? { credit: 0.5, why: 'next' } : wrong;
}
/** Where a price stands among those of one evening: the cheapest third, the dearest, or between; null where too few are known to say. */
export function priceAmong(price: number | undefined, all: readonly number[]): PriceIdea | null {
  if (price === undefined || all.length < 3) return null;
  const cheaper = all.filter((other) => other < price).length;
  const dearer = all.filter((other) => other > price).length;
  const third = (all.length - 1) / 3;
  return cheaper < third && dearer > cheaper ? 'cheaper' : dearer < third && cheaper > dearer ? 'dearer' : 'middle';
}

/** "right", "close kin in the glass, half": what a mark is given for. */
export const creditInWords: Record<Credit['why'], string> = {
  right: 'right',
  kin: 'close kin in the glass, half',
  family: 'one family, a quarter',
  'in the blend': 'in the blend, three quarters',
  country: 'the right country',
  region: 'the right region',
  near: 'near',
  next: 'one class off, half',
  wrong: 'no',
};

/** The chance of something as one says it: "one time in eight", "about one time in 300", "hardly ever". */
export function luckInWords(chance: number): string {
  if (chance > 0.95) return 'nearly always';
  if (chance >= 0.4) return `${Math.round(chance * 10)} times in ten`;
  const times = 1 / chance;
  if (!Number.isFinite(times) || times > 1_000_000) return 'hardly ever';
  const round = times < 20 ? Math.round(times) : times < 100 ? Math.round(times / 5) * 5 : Number(times.toPrecision(1));
  return `${Math.abs(times - round) < 0.005 * times ? '' : 'about '}one time in ${round <= 12 ? inWords(round) : round.toLocaleString('en-GB')}`;
}

/** Expectations from which on a tally says anything. Own choice. */
const leastTallied = 2;
/** How often somebody was right between two, against luck, in a sentence; '' for too few to say. */
export function tallyInWords(rights: readonly boolean[]): string {
  if (rights.length < leastTallied) return '';
  const right = rights.filter(Boolean).length;
  return `You expected ${right} of ${rights.length} as the table chose: by luck ${right} or more happen ${luckInWords(byGuessing(right, rights.length))}.`;
}

/** People from whom on a table's ideas are a table's. Own choice. */
const leastAtTable = 3;
/** Where an idea may be left, in the order of a tasting. */
export const stages = ['before', 'appearance', 'aroma', 'palate', 'finish', 'verdict'] as const;
/** How many had a fact right, near or wrong at one stage, by the last idea they had left by then; `none` had left none yet. */
export interface AtStage {
  readonly at: (typeof stages)[number];
  readonly whole: number;
  readonly near: number;
  readonly wrong: number;
  readonly none: number;
}
/**
 * How the ideas of a table moved. Stages nobody left an idea at are left out; so is all of it where nobody left a second one, since nothing moved, and where so few
 * were there that it would be somebody's own.
 * @param paths of each taster who called it, their ideas in order
 * @param silent tasters who never called it
 */
export function ideasMoved(paths: readonly (readonly { readonly at: string; readonly credit: number }[])[], silent: number): readonly AtStage[] {
  if (paths.length + silent < leastAtTable || paths.every((path) => path.length < 2)) return [];
  const used = stages.filter((at) => paths.some((path) => path.some((idea) => idea.at === at)));
  return used.map((at) => {
    const upTo = stages.indexOf(at);
    const standing = paths.map((path) => path.findLast((idea) => stages.indexOf(idea.at as (typeof stages)[number]) <= upTo)?.credit);
    const count = (is: (credit: number | undefined) => boolean) => standing.filter(is).length;
    return {
      at,
      whole: count((credit) => credit === 1),
      near: count((credit) => credit !== undefined && credit > 0 && credit < 1),
      wrong: count((credit) => credit === 0),
      none: count((credit) => credit === undefined) + silent,
    };
  });
}

/** Bits as one says them: how many times likelier, or less likely, something became. */
export function timesInWords(bits: number): string {
  const times = 2 ** Math.abs(bits);
  const said = times < 1.75 ? 'half as likely again' : times < 2.5 ? 'twice as likely' : `${Math.round(times)} times as likely`;
  if (bits >= 0) return said;
  return times < 1.75 ? 'a third less likely' : times < 2.5 ? 'half as likely' : `${Math.round(times)} times less likely`;
}
