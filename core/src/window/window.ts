import { counted } from '../wine/plural';
import type { Loads } from '../wine/profile';
import { keysOf } from '../wine/keys';
import type { Told } from '../wine/reason';
import { reasonsOf, rule } from '../wine/rule';

export interface WindowFacts {
  readonly loads: Loads;
  /** Which of the loads are known, by tasting or by fact; the others are the style's. */
  readonly known: readonly (keyof Loads)[];
  /** Harvest year. */
  readonly year: number;
  readonly fortified: boolean;
  readonly heated: boolean;
  readonly sparkling: boolean;
  readonly closure: string | undefined;
  readonly clearGlass: boolean | undefined;
  readonly storage: 'cellar' | 'room' | 'warm' | undefined;
  /** How the years of a wine of these values are lengthened or shortened by its kind; 1 when nothing is said. */
  readonly times?: number | undefined;
  /** The most years a wine of its kind is kept, whatever its values. */
  readonly most?: number | undefined;
  /** Completed years of wood and lees before it can be sold. */
  readonly ripened?: number | undefined;
  /** What the kind is called in a reason. */
  readonly kind?: string | undefined;
}
/** Years, each end a span: never a year alone. */
export interface DrinkingWindow {
  /** At its best from somewhere in this span … */
  readonly from: readonly [number, number];
  /** … until somewhere in this one. */
  readonly until: readonly [number, number];
  /** 'cannot tell': the spans are so wide that they help nobody. */
  readonly doubt: 'some doubt' | 'much doubt' | 'cannot tell';
  /** Pushes: factors on the length in per cent. */
  readonly reasons: readonly Told<WindowReasonId>[];
}

/** What each load of 100 adds to the logarithm of the years, and the years of a wine with nothing to keep it. Our own reading, checked against published spans. */
const weights = { tannin: 1.5, acidity: 1.35, sweetness: 2.2, intensity: 1.25, oak: 0.35, body: 0.2 } as const satisfies Partial<Record<keyof Loads, number>>;
/** Loads that are told where they keep a wine, and from which value. */
const keeping = ['tannin', 'acidity', 'sweetness', 'intensity'] as const;
const toldFrom = 45;
const plainYears = 0.75;
const spiritFactor = 3.4;
const bubblesFactor = 1.15;
const longest = 90;
const longestHeated = 140;
/** Where the latest end is so many times the earliest, and so many years later, the window says nothing. */
const helps = 3.5;
const helpsYears = 12;
/** Years from which a cap is one of keeping, not of being made to be drunk. */
const keepsFrom = 8;
/** What light does through clear glass, and warmth by where the bottle is kept, at worst and at best. */
const light = { clear: [0.8, 0.85], dark: [1, 1], unknown: [0.9, 1] } as const;
const stored = { cellar: [1, 1], room: [0.7, 0.8], warm: [0.45, 0.55], unknown: [0.7, 1] } as const;

const keptBy = (load: number, key: keyof typeof weights) => Math.exp((weights[key] * load) / 100);
const percent = (factor: number) => Math.round((factor - 1) * 100);
const shared = { unit: 'percent', source: 'common practice' } as const;
interface Kept extends WindowFacts {
  /** Years by which the kind’s cap shortens the latest end; undefined where it does not. */
  readonly capped: { readonly from: number; readonly to: number } | undefined;
}
const keeps = <Key extends (typeof keeping)[number]>(key: Key, says: (value: number) => string) =>
  rule({
    ...shared,
    id: key,
    title: key,
    when: ({ loads }: Kept) => (loads[key] >= toldFrom ? { value: loads[key] } : undefined),
    push: ({ value }) => percent(keptBy(value, key)),
    says: ({ value }) => says(Math.round(value)),
  });
/** What lengthens and shortens the years of a wine, each as a factor in per cent. */
export const windowRules = [
  keeps('tannin', (value) => `tannin of ${value} keeps it`),
  keeps('acidity', (value) => `acidity of ${value} keeps it`),
  keeps('sweetness', (value) => `sweetness of ${value} keeps it`),
  keeps('intensity', (value) => `flavour of ${value} to spend`),
  rule({
    ...shared,
    id: 'spirit',
    title: 'spirit',
    when: ({ fortified }: Kept) => (fortified ? {} : undefined),
    push: () => percent(spiritFactor),
    says: () => 'spirit keeps it for decades',
  }),
  rule({
    ...shared,
    id: 'heated',
    title: 'aged warm',
    when: ({ heated }: Kept) => (heated ? {} : undefined),
    push: () => percent(longestHeated / longest),
    says: () => 'aged warm already: little can still happen to it',
  }),
  rule({
    ...shared,
    id: 'kind',
    title: 'its kind',
    when: ({ times, kind }: Kept) => (times === undefined || times === 1 ? undefined : { times, kind: kind ?? '' }),
    push: ({ times }) => percent(times),
    says: ({ kind }) => `${kind}: its kind keeps otherwise than its figures say`,
  }),
  rule({
    ...shared,
    id: 'not-known',
    title: 'what is not known',
    when: ({ known }: Kept) => {
      const facts = unknownOf(known).join(', ');
      return facts === '' ? undefined : { facts };
    },
    push: () => 0,
    says: ({ facts }) => `not tasted or measured, taken from the style: ${facts}`,
  }),
  rule({
    ...shared,
    id: 'bubbles',
    title: 'bubbles',
    when: ({ sparkling }: Kept) => (sparkling ? {} : undefined),
    push: () => percent(bubblesFactor),
    says: () => 'the gas keeps air away',
  }),
  rule({
    ...shared,
    id: 'clear-glass',
    title: 'clear glass',
    when: ({ clearGlass }: Kept) => (clearGlass === true ? {} : undefined),
    push: () => percent((light.clear[0] + light.clear[1]) / 2),
    says: () => 'clear glass lets light at it',
  }),
  rule({
    ...shared,
    id: 'kept-warm',
    title: 'where it is kept',
    when: ({ storage }: Kept) =>
      storage === 'room' || storage === 'warm' ? { where: storage, factor: (stored[storage][0] + stored[storage][1]) / 2 } : undefined,
    push: ({ factor }) => percent(factor),
    says: ({ where }) => (where === 'room' ? 'kept in a room, it ages faster' : 'kept warm, it ages about twice as fast'),
  }),
  rule({
    ...shared,
    id: 'drunk-young',
    title: 'its cap',
    when: ({ capped, kind }: Kept) => (capped === undefined ? undefined : { ...capped, kind: kind ?? '' }),
    push: ({ from, to }) => percent(to / from),
    says: ({ kind, to }) =>
      to > keepsFrom ? `${kind}: seldom kept beyond ${to} years` : `${kind}: made to be drunk within ${counted(Math.round(to), 'year')}`,
  }),
  rule({
    ...shared,
    id: 'ripened',
    title: 'before it was sold',
    when: ({ ripened }: Kept) => (ripened !== undefined && ripened >= 2 ? { years: ripened } : undefined),
    push: () => 0,
    says: ({ years }) => `${counted(years, 'year')} in wood or on the lees before it was sold`,
  }),
];
/** A bottle without a year is counted from its purchase. */
const noYear = rule({
  ...shared,
  id: 'no-year',
  title: 'no year',
  when: ({ kind }: { readonly kind: string }) => ({ kind }),
  push: () => 0,
  says: ({ kind }) => `no year: counted from buying it now, as ${kind} keeps`,
});
export type WindowReasonId = (typeof windowRules)[number]['id'] | (typeof noYear)['id'];
const unknownOf = (known: WindowFacts['known']) => keeping.filter((key) => !known.includes(key));

type Span = readonly [low: number, high: number];
const times = (a: Span, b: Span): Span => [a[0] * b[0], a[1] * b[1]];

/**
 * A cautious drinking window: the years a wine keeps grow with tannin, acid, sugar, flavour and spirit, level off towards nine decades, and shrink with
 * warmth and light. Laws: none of the first shortens it, none of the second lengthens it, and what is not known only widens it.
 */
export function drinkingWindow(facts: WindowFacts): DrinkingWindow {
  let raw = plainYears;
  for (const key of keysOf(weights)) raw *= keptBy(facts.loads[key], key);
  const { times: kept = 1, most, ripened = 0 } = facts;
  raw *= (facts.fortified ? spiritFactor : 1) * kept;
  const cap = facts.heated ? longestHeated : longest;
  const length = cap * (1 - Math.exp(-raw / cap));
  let span: Span = [length / 1.3, length * 1.3];
  for (const _ of unknownOf(facts.known)) span = times(span, [1 / 1.08, 1.08]);
  if (facts.sparkling) span = times(span, [bubblesFactor, bubblesFactor]);
  // What is not known holds between the worst and the best it could be.
  span = times(
    span,
    facts.closure === undefined
      ? [0.95, 1.05]
      : facts.closure === 'screw'
        ? [1.05, 1.05]
        : facts.closure === 'cork' || facts.closure === 'mushroom'
          ? [0.95, 1]
          : [0.95, 0.95],
  );
  span = times(span, light[facts.clearGlass === undefined ? 'unknown' : facts.clearGlass ? 'clear' : 'dark']);
  span = times(span, stored[facts.storage ?? 'unknown']);
  const capped = most !== undefined && span[1] > most ? { from: span[1], to: most } : undefined;
  if (capped !== undefined) span = [Math.min(span[0], capped.to * 0.6), capped.to];
  const share = 0.08 + (0.26 * facts.loads.tannin) / 100;
  const years = (value: number) => facts.year + value;
  const untilLow = Math.floor(years(Math.max(span[0], ripened + 1)));
  const until: Span = [untilLow, Math.max(untilLow + 1, Math.ceil(years(span[1])))];
  // Nothing is drunk before it was sold.
  const fromLow = Math.floor(years(Math.max(span[0] * share, ripened)));
  return {
    from: [fromLow, Math.min(Math.max(fromLow + 1, Math.ceil(years(span[1] * share))), until[1])],
    until,
    doubt: span[1] / span[0] > helps && until[1] - until[0] > helpsYears ? 'cannot tell' : span[1] / span[0] > 2.6 ? 'much doubt' : 'some doubt',
    reasons: reasonsOf(windowRules, { ...facts, capped }),
  };
}

/**
 * The window of a bottle without a year: from the day it is bought, for as long as such a bottle keeps.
 * @param today the year now
 * @param keeps years from the purchase, a span
 */
export const windowFromPurchase = (today: number, keeps: readonly [number, number], kind: string): DrinkingWindow => ({
  from: [today, today],
  until: [Math.floor(today + keeps[0]), Math.max(Math.floor(today + keeps[0]) + 1, Math.ceil(today + keeps[1]))],
  doubt: 'much doubt',
  reasons: reasonsOf([noYear], { kind }),
});

/** The window in one line. */
export const windowInWords = ({ from, until, doubt }: Pick<DrinkingWindow, 'from' | 'until' | 'doubt'>): string =>
  doubt === 'cannot tell'
    ? `cannot tell until when: some of its kind are past their best by ${until[0]}, some not before ${until[1]}`
    : `from about ${yearsInWords(from)} until about ${yearsInWords(until)}; ${doubt}`;
const yearsInWords = ([first, last]: readonly [number, number]) => (first === last ? String(first) : `${first}–${last}`);
