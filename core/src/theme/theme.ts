import { counted } from '../wine/plural';
import { profileKeys, type Loads } from '../wine/profile';
import type { Wording } from '../wine/reason';

/** What people really build a flight round. */
export const themes = {
  'grape-places': { label: 'one grape, many places', says: 'The same grape from at least three places.' },
  'place-grapes': { label: 'one place, many grapes', says: 'At least three grapes of one region.' },
  'producer-years': { label: 'one producer through the years', says: 'The same wine in at least three vintages.' },
  pair: { label: 'a pair that differs in one thing', says: 'Two wines alike in every listed fact but one.' },
  unfamiliar: { label: 'the unfamiliar beside the familiar', says: 'A grape few know next to a known one that resembles it.' },
  dish: { label: 'wines for one dish', says: 'At least three wines that fit the dish.' },
  exam: { label: 'an exam', says: 'Four wines or more of one grape each, all different, in two colours at least.' },
  free: { label: 'free', says: 'Wines as far from each other as the cellar allows.' },
} as const;
export type ThemeId = keyof typeof themes;
export const themeIds = Object.keys(themes) as ThemeId[];

/** A wine of the cellar as themes take it. An undefined fact is not known. */
export interface ThemeWine {
  readonly id: string;
  readonly name: string;
  readonly producer: string;
  /** The one grape that makes at least 85 % of it. */
  readonly grape: string | undefined;
  /** Whether most guests have met that grape. */
  readonly familiar: boolean;
  readonly country: string | undefined;
  readonly region: string | undefined;
  readonly vintage: number | undefined;
  readonly colour: string | undefined;
  readonly bubbles: string | undefined;
  /** dry, off-dry, sweet. */
  readonly sweetness: string | undefined;
  readonly oak: string | undefined;
  readonly loads: Loads;
  readonly held: number;
  /** Fit with the dish of the evening, when there is one, and whether it clashes. */
  readonly fit?: number | undefined;
  readonly clashes?: boolean | undefined;
}

/** The facts a pair is compared by. */
export const pairFacts = {
  colour: 'colour',
  bubbles: 'bubbles',
  grape: 'grape',
  place: 'place',
  vintage: 'year',
  oak: 'oak',
  sweetness: 'sweetness',
} as const;
export type PairFact = keyof typeof pairFacts;
export const pairFactIds = Object.keys(pairFacts) as PairFact[];
export const placeOf = (wine: ThemeWine): string | undefined =>
  wine.region === undefined || wine.country === undefined ? undefined : `${wine.country} ${wine.region}`;
export function pairFact(wine: ThemeWine, fact: PairFact): string | undefined {
  if (fact === 'place') return placeOf(wine);
  if (fact === 'vintage') return wine.vintage === undefined ? undefined : String(wine.vintage);
  return wine[fact];
}

export type ThemeReasonId =
  | 'same-grape'
  | 'same-place'
  | 'same-producer'
  | 'differs-in'
  | 'resembles'
  | 'fits-dish'
  | 'all-different'
  | 'far-apart'
  | 'lacks'
  | 'differs-in-two'
  | 'not-known';
export interface Proposal {
  readonly wines: readonly string[];
  readonly why: { readonly id: ThemeReasonId; readonly args: Readonly<Record<string, string | number>> };
}
export interface Proposals {
  readonly proposals: readonly Proposal[];
  /** When there is none: what comes nearest, and what it lacks. */
  readonly nearest: Proposal | undefined;
}

export const fitsDish = 62;
/** How far, per load, a familiar wine may stand from the unfamiliar one beside it. */
export const resembles = 22;
const compared = ['acidity', 'sweetness', 'tannin', 'body', 'intensity'] as const satisfies readonly (keyof Loads)[];
export const distance = (a: Loads, b: Loads): number => Math.max(...compared.map((key) => Math.abs(a[key] - b[key])));

const groupBy = <T>(items: readonly T[], key: (item: T) => string | undefined): Map<string, T[]> => {
  const groups = new Map<string, T[]>();
  for (const item of items) {
    const at = key(item);
    if (at !== undefined) groups.set(at, [...(groups.get(at) ?? []), item]);
  }
  return groups;
};
/** One wine for each value of `key`: the one of which most is held, then by id. */
const oneEach = (wines: readonly ThemeWine[], key: (wine: ThemeWine) => string | undefined): ThemeWine[] =>
  [...groupBy(wines, key).entries()]
    .sort(([a], [b]) => (a < b ? -1 : 1))
    .map(([, some]) => [...some].sort((a, b) => b.held - a.held || (a.id < b.id ? -1 : 1))[0]!);
const proposal = (wines: readonly ThemeWine[], id: ThemeReasonId, args: Record<string, string | number> = {}): Proposal => ({
  wines: wines.map((wine) => wine.id),
  why: { id, args: { ...args, n: wines.length } },
});
const bySize = (a: Proposal, b: Proposal) => b.wines.length - a.wines.length || (a.wines.join() < b.wines.join() ? -1 : 1);

/** Sets that share `same` and differ in `differ`, each at least three and at most `most` wines. */
function families(
  wines: readonly ThemeWine[],
  same: (wine: ThemeWine) => string | undefined,
  differ: (wine: ThemeWine) => string | undefined,
  most: number,
  reason: ThemeReasonId,
  what: string,
): Proposals {
  const sets = [...groupBy(wines, same).entries()].map(([value, some]) => ({ value, some: oneEach(some, differ) }));
  const proposals = sets
    .filter((set) => set.some.length >= 3)
    .map((set) => proposal(set.some.slice(0, most), reason, { value: set.value }))
    .sort(bySize);
  const near = sets
    .filter((set) => set.some.length === 2)
    .map((set) => proposal(set.some, 'lacks', { value: set.value, what }))
    .sort(bySize)[0];
  return { proposals, nearest: proposals.length > 0 ? undefined : near };
}

/** Which listed facts differ between two wines, and which are not known of one or the other. */
export function comparePair(a: ThemeWine, b: ThemeWine): { readonly differ: readonly PairFact[]; readonly unknown: readonly PairFact[] } {
  const unknown = pairFactIds.filter((fact) => pairFact(a, fact) === undefined || pairFact(b, fact) === undefined);
  return { unknown, differ: pairFactIds.filter((fact) => !unknown.includes(fact) && pairFact(a, fact) !== pairFact(b, fact)) };
}

function pairs(wines: readonly ThemeWine[]): Proposals {
  const found: Proposal[] = [];
  for (const fact of pairFactIds) {
    const others = pairFactIds.filter((other) => other !== fact);
    const alike = groupBy(wines, (wine) =>
      pairFactIds.some((entry) => pairFact(wine, entry) === undefined) ? undefined : others.map((other) => pairFact(wine, other)).join('|'),
    );
    for (const some of alike.values()) {
      const each = oneEach(some, (wine) => pairFact(wine, fact));
      for (let i = 0; i < each.length; i++)
        for (let j = i + 1; j < each.length; j++)
          found.push(proposal([each[i]!, each[j]!], 'differs-in', { fact: pairFacts[fact], a: pairFact(each[i]!, fact)!, b: pairFact(each[j]!, fact)! }));
    }
  }
  const rank = (entry: Proposal) => ['oak', 'year', 'place', 'grape', 'sweetness', 'colour', 'bubbles'].indexOf(String(entry.why.args['fact']));
  found.sort((a, b) => rank(a) - rank(b) || bySize(a, b));
  if (found.length > 0) return { proposals: found, nearest: undefined };
  let nearest: { proposal: Proposal; off: number } | undefined;
  for (let i = 0; i < wines.length; i++)
    for (let j = i + 1; j < wines.length; j++) {
      const { differ, unknown } = comparePair(wines[i]!, wines[j]!);
      const off = Math.abs(differ.length - 1) + unknown.length;
      if (nearest !== undefined && off >= nearest.off) continue;
      nearest = {
        off,
        proposal:
          unknown.length > 0
            ? proposal([wines[i]!, wines[j]!], 'not-known', { facts: unknown.map((fact) => pairFacts[fact]).join(', ') })
            : proposal([wines[i]!, wines[j]!], 'differs-in-two', { facts: differ.map((fact) => pairFacts[fact]).join(' and ') }),
      };
    }
  return { proposals: [], nearest: nearest?.proposal };
}

function unfamiliar(wines: readonly ThemeWine[], most: number): Proposals {
  const couples: { a: ThemeWine; b: ThemeWine; apart: number }[] = [];
  for (const a of wines) {
    if (a.familiar || a.grape === undefined) continue;
    for (const b of wines) {
      if (!b.familiar || b.colour !== a.colour || b.bubbles !== a.bubbles) continue;
      couples.push({ a, b, apart: distance(a.loads, b.loads) });
    }
  }
  couples.sort((x, y) => x.apart - y.apart || (x.a.id + x.b.id < y.a.id + y.b.id ? -1 : 1));
  // Each unfamiliar wine once, each familiar one once.
  const used = new Set<string>();
  const chosen = couples.filter(({ a, b, apart }) => {
    if (apart > resembles || used.has(a.id) || used.has(b.id)) return false;
    used.add(a.id).add(b.id);
    return true;
  });
  const proposals = chosen.slice(0, 12).map(({ a, b, apart }) => proposal([a, b], 'resembles', { a: a.name, b: b.name, apart: Math.round(apart) }));
  const flight = chosen.slice(0, Math.floor(most / 2)).flatMap(({ a, b }) => [a, b]);
  if (flight.length >= 4) proposals.unshift(proposal(flight, 'resembles', { a: chosen[0]!.a.name, b: chosen[0]!.b.name, apart: Math.round(chosen[0]!.apart) }));
  const near = couples[0];
  return {
    proposals,
    nearest:
      proposals.length > 0 || near === undefined
        ? undefined
        : proposal([near.a, near.b], 'lacks', { value: near.a.name, what: 'a known wine that resembles it' }),
  };
}

/** Wines chosen one by one, each the farthest from those chosen: the first is the one of which most is held. */
function farApart(wines: readonly ThemeWine[], most: number): ThemeWine[] {
  const far = (a: Loads, b: Loads) => Math.sqrt(profileKeys.reduce((sum, key) => sum + (a[key] - b[key]) ** 2, 0));
  const rest = [...wines].sort((a, b) => b.held - a.held || (a.id < b.id ? -1 : 1));
  const chosen = rest.splice(0, 1);
  while (chosen.length < most && rest.length > 0) {
    const apart = rest.map((wine) => Math.min(...chosen.map((other) => far(wine.loads, other.loads))));
    chosen.push(...rest.splice(apart.indexOf(Math.max(...apart)), 1));
  }
  return chosen;
}

/**
 * Sets of wines of the cellar for a theme, each with its reason; with none, what comes nearest and what is lacking.
 * @param most wines a proposal may have, 2–16
 */
export function propose(theme: ThemeId, cellar: readonly ThemeWine[], most: number): Proposals {
  const wines = [...cellar].sort((a, b) => (a.id < b.id ? -1 : 1));
  switch (theme) {
    case 'grape-places':
      return families(wines, (wine) => wine.grape, placeOf, most, 'same-grape', 'another place');
    case 'place-grapes':
      return families(wines, placeOf, (wine) => wine.grape, most, 'same-place', 'another grape');
    case 'producer-years':
      return families(
        wines,
        (wine) => (wine.producer === '' || wine.vintage === undefined ? undefined : `${wine.producer}, ${wine.name}`),
        (wine) => String(wine.vintage),
        most,
        'same-producer',
        'another vintage',
      );
    case 'pair':
      return pairs(wines);
    case 'unfamiliar':
      return unfamiliar(wines, most);
    case 'dish': {
      const fits = wines.filter((wine) => (wine.fit ?? 0) >= fitsDish && wine.clashes !== true).sort((a, b) => b.fit! - a.fit! || (a.id < b.id ? -1 : 1));
      if (fits.length >= 3)
        return { proposals: [proposal(fits.slice(0, most), 'fits-dish', { least: Math.round(fits.slice(0, most).at(-1)!.fit!) })], nearest: undefined };
      return {
        proposals: [],
        nearest: fits.length === 0 ? undefined : proposal(fits, 'lacks', { value: 'this dish', what: `${3 - fits.length} more wines that fit` }),
      };
    }
    case 'exam': {
      const known = wines.filter(
        (wine) => wine.grape !== undefined && wine.familiar && wine.vintage !== undefined && wine.colour !== undefined && placeOf(wine) !== undefined,
      );
      const each = oneEach(known, (wine) => wine.grape);
      // Colours in turn, so that no colour crowds the other out.
      const turns = [...groupBy(each, (wine) => wine.colour).values()];
      const chosen = Array.from({ length: Math.max(0, ...turns.map((some) => some.length)) }, (_, i) => turns.flatMap((some) => some[i] ?? []))
        .flat()
        .slice(0, most);
      const colours = new Set(chosen.map((wine) => wine.colour)).size;
      if (chosen.length >= 4 && colours >= 2) return { proposals: [proposal(chosen, 'all-different', { colours })], nearest: undefined };
      return {
        proposals: [],
        nearest:
          chosen.length === 0
            ? undefined
            : proposal(chosen, 'lacks', { value: 'an exam', what: chosen.length < 4 ? `${4 - chosen.length} more known grapes` : 'a second colour' }),
      };
    }
    case 'free': {
      const chosen = farApart(wines, most);
      return chosen.length < 2
        ? { proposals: [], nearest: chosen.length === 0 ? undefined : proposal(chosen, 'lacks', { value: 'a flight', what: 'a second wine' }) }
        : { proposals: [proposal(chosen, 'far-apart')], nearest: undefined };
    }
  }
}

export const themeWording: Wording<ThemeReasonId> = {
  'same-grape': ({ value, n }) => `${value} from ${counted(Number(n), 'place')}`,
  'same-place': ({ value, n }) => `${counted(Number(n), 'grape')} of ${String(value).replace(/^[A-Z]{2} /, '')}`,
  'same-producer': ({ value, n }) => `${value}: ${counted(Number(n), 'vintage')}`,
  'differs-in': ({ fact, a, b }) => `a pair that differs only in ${fact}: ${a} and ${b}; every other listed fact is the same`,
  resembles: ({ a, b, apart }) => `${a} beside ${b}: no value of the palate is more than ${apart} of 100 apart`,
  'fits-dish': ({ n, least }) => `${counted(Number(n), 'wine')} that fit the dish by ${least} or more`,
  'all-different': ({ n, colours }) =>
    `${counted(Number(n), 'known grape')}, one each, in ${counted(Number(colours), 'colour')}; grape, year and place are known of all`,
  'far-apart': ({ n }) => `${counted(Number(n), 'wine')} as different as the cellar has`,
  lacks: ({ value, what }) => `${String(value).replace(/^[A-Z]{2} /, '')} lacks ${what}`,
  'differs-in-two': ({ facts }) => `the nearest pair differs in ${facts}`,
  'not-known': ({ facts }) => `the nearest pair: not known of one or both: ${facts}`,
};
