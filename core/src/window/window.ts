import { counted } from '../wine/plural';
import type { Loads } from '../wine/profile';
import type { Reason, Wording } from '../wine/reason';

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
export type WindowReasonId =
  | 'tannin'
  | 'acidity'
  | 'sweetness'
  | 'intensity'
  | 'spirit'
  | 'heated'
  | 'bubbles'
  | 'clear-glass'
  | 'room'
  | 'warm'
  | 'not-known'
  | 'kind'
  | 'drunk-young'
  | 'ripened'
  | 'no-year';
/** Years, each end a span: never a year alone. */
export interface DrinkingWindow {
  /** At its best from somewhere in this span … */
  readonly from: readonly [number, number];
  /** … until somewhere in this one. */
  readonly until: readonly [number, number];
  /** 'cannot tell': the spans are so wide that they help nobody. */
  readonly doubt: 'some doubt' | 'much doubt' | 'cannot tell';
  /** Pushes: factors on the length in per cent. */
  readonly reasons: readonly Reason<WindowReasonId>[];
}

/** What each load of 100 adds to the logarithm of the years, and the years of a wine with nothing to keep it. Our own reading, checked against published spans. */
const weights = { tannin: 1.5, acidity: 1.35, sweetness: 2.2, intensity: 1.25, oak: 0.35, body: 0.2 } as const satisfies Partial<Record<keyof Loads, number>>;
const plainYears = 0.75;
const spiritFactor = 3.4;
const longest = 90;
const longestHeated = 140;

/** Where the latest end is so many times the earliest, and so many years later, the window says nothing. */
const helps = 4;
const helpsYears = 12;

type Span = readonly [low: number, high: number];
const times = (a: Span, b: Span): Span => [a[0] * b[0], a[1] * b[1]];

/**
 * A cautious drinking window: the years a wine keeps grow with tannin, acid, sugar, flavour and spirit, level off towards nine decades, and shrink with
 * warmth and light. Laws: none of the first shortens it, none of the second lengthens it, and what is not known only widens it.
 */
export function drinkingWindow(facts: WindowFacts): DrinkingWindow {
  const reasons: Reason<WindowReasonId>[] = [];
  const say = (id: WindowReasonId, factor: number, args: Record<string, string | number> = {}) =>
    reasons.push({ id, push: Math.round((factor - 1) * 100), unit: 'percent', args, source: 'common practice' });
  let logarithm = 0;
  for (const [key, weight] of Object.entries(weights) as [keyof typeof weights, number][]) {
    logarithm += (weight * facts.loads[key]) / 100;
    if ((key === 'tannin' || key === 'acidity' || key === 'sweetness' || key === 'intensity') && facts.loads[key] >= 45)
      say(key, Math.exp((weight * facts.loads[key]) / 100), { value: Math.round(facts.loads[key]) });
  }
  let raw = plainYears * Math.exp(logarithm);
  if (facts.fortified) {
    raw *= spiritFactor;
    say('spirit', spiritFactor);
  }
  if (facts.heated) say('heated', longestHeated / longest);
  const { times: kept = 1, most, ripened = 0, kind = '' } = facts;
  if (kept !== 1) {
    raw *= kept;
    say('kind', kept, { kind });
  }
  const cap = facts.heated ? longestHeated : longest;
  const length = cap * (1 - Math.exp(-raw / cap));
  let span: Span = [length / 1.3, length * 1.3];
  const uncertain = (['tannin', 'acidity', 'sweetness', 'intensity'] as const).filter((key) => !facts.known.includes(key));
  for (const _ of uncertain) span = times(span, [1 / 1.08, 1.08]);
  if (uncertain.length > 0) say('not-known', 1, { facts: uncertain.join(', ') });
  if (facts.sparkling) {
    span = times(span, [1.15, 1.15]);
    say('bubbles', 1.15);
  }
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
  span = times(span, facts.clearGlass === undefined ? [0.9, 1] : facts.clearGlass ? [0.8, 0.85] : [1, 1]);
  if (facts.clearGlass === true) say('clear-glass', 0.83);
  span = times(
    span,
    facts.storage === undefined ? [0.7, 1] : { cellar: [1, 1] as const, room: [0.7, 0.8] as const, warm: [0.45, 0.55] as const }[facts.storage],
  );
  if (facts.storage === 'room' || facts.storage === 'warm') say(facts.storage, facts.storage === 'room' ? 0.75 : 0.5);
  if (most !== undefined && span[1] > most) {
    say('drunk-young', most / span[1], { kind, years: most });
    span = [Math.min(span[0], most * 0.6), most];
  }
  if (ripened >= 2) say('ripened', 1, { years: ripened });
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
    reasons,
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
  reasons: [{ id: 'no-year', push: 0, unit: 'percent', args: { kind }, source: 'common practice' }],
});

/** Years from which a cap is one of keeping, not of being made to be drunk. */
const keepsFrom = 8;
/** The window in one line. */
export const windowInWords = ({ from, until, doubt }: Pick<DrinkingWindow, 'from' | 'until' | 'doubt'>): string =>
  doubt === 'cannot tell'
    ? `cannot tell until when: some of its kind are past their best by ${until[0]}, some not before ${until[1]}`
    : `from about ${from.join('–')} until about ${until.join('–')}; ${doubt}`;

export const windowWording: Wording<WindowReasonId> = {
  tannin: ({ value }) => `tannin of ${value} keeps it`,
  acidity: ({ value }) => `acidity of ${value} keeps it`,
  sweetness: ({ value }) => `sweetness of ${value} keeps it`,
  intensity: ({ value }) => `flavour of ${value} to spend`,
  spirit: () => 'spirit keeps it for decades',
  heated: () => 'aged warm already: little can still happen to it',
  bubbles: () => 'the gas keeps air away',
  'clear-glass': () => 'clear glass lets light at it',
  room: () => 'kept in a room, it ages faster',
  warm: () => 'kept warm, it ages about twice as fast',
  kind: ({ kind }) => `${kind}: its kind keeps otherwise than its figures say`,
  'drunk-young': ({ kind, years }) =>
    Number(years) > keepsFrom ? `${kind}: seldom kept beyond ${years} years` : `${kind}: made to be drunk within ${counted(Math.round(Number(years)), 'year')}`,
  ripened: ({ years }) => `${counted(Number(years), 'year')} in wood or on the lees before it was sold`,
  'no-year': ({ kind }) => `no year: counted from buying it now, as ${kind} keeps`,
  'not-known': ({ facts }) => `not tasted or measured, taken from the style: ${facts}`,
};
