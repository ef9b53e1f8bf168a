import { counted } from './plural';
import { bearings, midpoint, type Bearing, type Observed } from './observables';
import type { WineFacts } from './facts';
import { ageOn, factOf, isSouthern } from './stated';
import { clamp, throughAnchors } from './units';

/** What Rose Compass knows of a wine's taste: the eight bearings of the rose, and two derived values that order and pairing need. */
export const profileKeys = [...bearings, 'oak', 'fragility'] as const;
export type ProfileKey = (typeof profileKeys)[number];
export const profileLabels: Record<ProfileKey, string> = {
  acidity: 'acidity',
  sweetness: 'sweetness',
  bubbles: 'bubbles',
  tannin: 'tannin',
  alcohol: 'alcohol',
  body: 'body',
  intensity: 'intensity',
  length: 'length',
  oak: 'oak',
  fragility: 'fragility of age',
};

/** Ten values, 0–100. */
export type Loads = Readonly<Record<ProfileKey, number>>;
export interface Known {
  readonly value: number;
  readonly from: 'tasted' | 'facts' | 'style';
  /** What it was read from, in display units. */ readonly why: string;
}
export type Profile = Readonly<Record<ProfileKey, Known>>;

/** Ten loads, each by its key. */
export const loadsBy = (of: (key: ProfileKey) => number): Loads => Object.fromEntries(profileKeys.map((key) => [key, of(key)])) as unknown as Loads;
/** Whether a wine is poured, cooled and opened as a sparkling one: from the prickle of about 2 bar on. */
export const isSparkling = ({ bubbles }: Pick<Loads, 'bubbles'>): boolean => bubbles >= 40;

/** Anchors from a fact's unit to 0–100; monotone, common practice where no norm exists. */
export const anchors = {
  /** g/L of sugar. 4, 12 and 45 are the edges of EU 2019/33 annex III part B. */
  sugar: [
    [0, 2],
    [4, 14],
    [9, 24],
    [12, 30],
    [18, 38],
    [45, 60],
    [100, 80],
    [200, 96],
    [400, 100],
  ],
  /** g/L of total acidity as tartaric. */
  acidity: [
    [2.5, 0],
    [3.5, 10],
    [4.5, 28],
    [5.5, 52],
    [6, 60],
    [6.5, 66],
    [7.5, 77],
    [9, 88],
    [12, 100],
  ],
  /** % vol. */
  abv: [
    [0, 0],
    [5, 6],
    [8, 16],
    [10, 28],
    [11, 36],
    [12, 45],
    [13, 56],
    [14, 67],
    [15, 77],
    [17, 87],
    [20, 97],
    [24, 100],
  ],
  /** bar overpressure at 20 °C. 1, 2.5 and 3 are the edges of EU 1308/2013 annex VII. */
  pressure: [
    [0, 0],
    [0.5, 8],
    [1, 24],
    [2.5, 46],
    [3, 54],
    [5, 78],
    [6.5, 94],
    [8, 100],
  ],
  /** months in wood, before the weight of how new it is. */
  wood: [
    [0, 0],
    [3, 22],
    [6, 36],
    [12, 54],
    [18, 66],
    [24, 76],
    [48, 92],
    [96, 100],
  ],
  /** s of pleasant flavour, by the handbooks' short ruler: short ends at 5 s, medium at 10 s, long at 20 s. */
  finish: [
    [0, 0],
    [5, 25],
    [10, 50],
    [20, 75],
    [45, 100],
  ],
  /** completed years. */
  age: [
    [0, 8],
    [3, 14],
    [6, 26],
    [10, 44],
    [15, 60],
    [25, 80],
    [50, 100],
  ],
} as const satisfies Record<string, readonly (readonly [number, number])[]>;

/** Weight of oak by how new it is (common practice: flavour fades with each fill). */
export const oakNewness = { none: 0, used: 0.45, some: 0.75, new: 1 } as const;

/**
 * The profile of a wine: for each value the tasted reading if there is one, else what the facts allow, else the general style's.
 * @param facts what is known of the bottle
 * @param style the ten values of its general style, 0–100
 * @param observed the reading to trust: a host's latest sound note, or undefined
 * @param day ISO date on which the age is counted
 */
export function resolveProfile(
  facts: WineFacts,
  style: { readonly name: string; readonly loads: Loads },
  observed: Observed | undefined,
  day: string,
): Profile {
  const fromFacts = loadsFromFacts(facts, style.loads, day);
  const age = ageOn(day, factOf(facts, 'vintage'), isSouthern(factOf(facts, 'country'))) ?? 0;
  return Object.fromEntries(
    profileKeys.map((key) => {
      const tasted = observed === undefined ? undefined : tastedValue(key, observed);
      if (tasted !== undefined) return [key, { value: tasted, from: 'tasted', why: 'your note' }];
      const fact = fromFacts[key];
      if (fact !== undefined) return [key, { ...fact, from: 'facts' }];
      return [key, { value: aged(key, style, age), from: 'style', why: style.name }];
    }),
  ) as unknown as Profile;
}

/** What a style reads after years in bottle: its grip falls by a third over a quarter of a century, its finish grows a little. Common practice. */
function aged(key: ProfileKey, { loads }: { readonly loads: Loads }, age: number): number {
  const years = clamp((age - 6) / 24, 0, 1);
  return key === 'tannin' ? loads.tannin * (1 - 0.35 * years) : key === 'length' ? Math.min(100, loads.length + 8 * years) : loads[key];
}

function tastedValue(key: ProfileKey, observed: Observed): number | undefined {
  if (key === 'fragility') return undefined;
  if (key === 'length') return observed.finish === undefined ? undefined : throughAnchors(anchors.finish, observed.finish.seconds);
  const reading = observed[key satisfies Exclude<Bearing, 'length'> | 'oak'];
  return reading === undefined ? undefined : midpoint(reading);
}

/** What the facts alone say, with the figure it was read from. A load the facts do not touch is absent. */
function loadsFromFacts(from: WineFacts, style: Loads, day: string): Partial<Record<ProfileKey, { value: number; why: string }>> {
  const loads: Partial<Record<ProfileKey, { value: number; why: string }>> = {};
  const sugar = factOf(from, 'sugar');
  if (sugar !== undefined) loads.sweetness = { value: throughAnchors(anchors.sugar, sugar), why: `${sugar} g/L of sugar` };
  const acidity = factOf(from, 'acidity');
  if (acidity !== undefined) loads.acidity = { value: throughAnchors(anchors.acidity, acidity), why: `${acidity} g/L of acidity` };
  const abv = factOf(from, 'abv');
  if (abv !== undefined) loads.alcohol = { value: throughAnchors(anchors.abv, abv), why: `${abv} % vol` };
  const pressure = factOf(from, 'pressure');
  if (pressure !== undefined) loads.bubbles = { value: throughAnchors(anchors.pressure, pressure), why: `${pressure} bar` };
  else if (factOf(from, 'bubbles') === 'still') loads.bubbles = { value: 0, why: 'a still wine' };
  const oak = factOf(from, 'oak');
  const wood = factOf(from, 'woodMonths');
  if (oak === 'none' || wood === 0) loads.oak = { value: 0, why: 'no oak' };
  else if (wood !== undefined)
    loads.oak = {
      value: throughAnchors(anchors.wood, wood) * oakNewness[oak ?? 'used'],
      why: `${counted(wood, 'month')} in ${oak === 'new' ? 'new' : oak === 'some' ? 'partly new' : 'used'} wood`,
    };
  const age = ageOn(day, factOf(from, 'vintage'), isSouthern(factOf(from, 'country')));
  if (age !== undefined)
    loads.fragility = { value: clamp(throughAnchors(anchors.age, age) + (style.fragility - 20) * 0.3, 0, 100), why: `${counted(age, 'year')} old` };
  return loads;
}

/** Only the numbers of a profile. */
export function loadsOf(profile: Profile): Loads {
  return loadsBy((key) => profile[key].value);
}
