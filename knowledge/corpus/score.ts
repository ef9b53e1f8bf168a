/** One thing a case expects, and what became of it. */
export interface Expectation {
  readonly group: Group;
  /** The case and what of it: "wine-007 acidity". */
  readonly key: string;
  /** 1 right, 0 wrong, 0.5 where "cannot tell" counts half. */
  readonly right: number;
  /** Per cent. */
  readonly certainty: number;
  /** A word of the case that no table of ours knows. */
  readonly notPlaced?: string | undefined;
  readonly wanted: string;
  readonly said: string;
  readonly because?: readonly string[] | undefined;
}

/** What is asked of each group, per cent; for `most` a number of failures. */
export const groups = {
  'style words': { goal: 92 },
  'style sentences': { goal: 75 },
  'never words': { goal: 100 },
  readings: { goal: 98.5 },
  'smells typical': { goal: 90 },
  'smells atypical': { goal: 96 },
  serve: { goal: 98 },
  air: { goal: 92 },
  'drink from': { goal: 93 },
  'drink until': { goal: 88 },
  rung: { goal: 98 },
  'law answered': { goal: 65 },
  'law right of answered': { goal: 96 },
  'law not wrong by silence': { goal: 100 },
  'kind first': { goal: 76 },
  'kind among five': { goal: 95 },
  climate: { goal: 86 },
  age: { goal: 90 },
  vessel: { goal: 90 },
  sparkling: { goal: 95 },
  dearer: { goal: 80 },
  'note never': { goal: 99 },
  undecidable: { goal: 90 },
  pairs: { most: 2 },
  words: { goal: 95 },
  'words of taste and look': { goal: 95 },
  'words of judgement': { goal: 80 },
  'faults named': { most: 2 },
  'faults never said': { goal: 100 },
  'faults advice': { goal: 80 },
  'order pairs': { goal: 98.5 },
  'order first': { most: 1 },
  'order last': { most: 0 },
  'order worst step': { most: 4 },
  'dish parts': { goal: 98 },
  'dish pairs': { goal: 97 },
  'dish classics': { goal: 85 },
  'dish clashes': { goal: 94 },
  'dish flips': { goal: 90 },
  'dish leads': { most: 0 },
  'dish allergens': { goal: 97 },
  'dish diets': { goal: 97 },
  'menu lines': { goal: 93 },
  'menu lines unmarked': { most: 1 },
  menus: { most: 1 },
} as const satisfies Record<string, { readonly goal: number } | { readonly most: number }>;
export type Group = keyof typeof groups;

export interface Line {
  readonly group: Group;
  readonly expectations: number;
  readonly right: number;
  /** Per cent. */
  readonly share: number;
  readonly weighed: number;
  /** Without the disputed cases. */
  readonly undisputed: number;
  readonly notPlaced: number;
  /** What one fixed answer for every case would get, per cent. */
  readonly fixed: number | undefined;
  readonly goal: string;
  readonly met: boolean;
}
const percent = (part: number, whole: number) => (whole === 0 ? 100 : Math.round((1000 * part) / whole) / 10);
const sum = (all: readonly Expectation[], of: (one: Expectation) => number) => all.reduce((total, one) => total + of(one), 0);

/** A line for each group that has expectations. */
export function lines(all: readonly Expectation[], disputed: ReadonlySet<string>, fixed: Readonly<Partial<Record<Group, number>>>): readonly Line[] {
  return (Object.keys(groups) as Group[]).flatMap((group): Line[] => {
    const own = all.filter((one) => one.group === group);
    if (own.length === 0) return [];
    const right = sum(own, (one) => one.right);
    const share = percent(right, own.length);
    const asked = groups[group];
    const undisputed = own.filter((one) => !disputed.has(one.key.split(' ')[0]!));
    return [
      {
        group,
        expectations: own.length,
        right,
        share,
        weighed: percent(
          sum(own, (one) => one.right * one.certainty),
          sum(own, (one) => one.certainty),
        ),
        undisputed: percent(
          sum(undisputed, (one) => one.right),
          undisputed.length,
        ),
        notPlaced: own.filter((one) => one.notPlaced !== undefined).length,
        fixed: fixed[group],
        goal: 'goal' in asked ? `${asked.goal} %` : `${asked.most} wrong`,
        met: 'goal' in asked ? share >= asked.goal : own.length - right <= asked.most,
      },
    ];
  });
}
/** What the most frequent of the accepted answers would get if it were given every time, per cent. */
export function fixedAnswer(accepted: readonly (readonly string[])[]): number {
  const answers = new Set(accepted.flat());
  return Math.max(0, ...[...answers].map((answer) => percent(accepted.filter((some) => some.includes(answer)).length, accepted.length)));
}
