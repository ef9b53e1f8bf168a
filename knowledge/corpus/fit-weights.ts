import { writeFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { seededRandom } from '@rose/core/chance/seeded-random';
import { fitRules } from '@rose/core/pairing/dish-fit';
import { pairOf } from '@rose/core/pairing/rules/pair';
import { handSet, type FitRuleId } from '@rose/core/pairing/weights';
import { generalStyles } from '../src/styles/index';
import { dishOf, styleWine, worthOffering } from '../src/pairing/index';
import { readCases, type DishCase, type WineWords } from './cases';
import { partsMeant, stylesMeant } from './dishes';
import { here } from './run';

/**
 * Fits the weights of the pairing rules to everyday dishes: on half of them, halved within every cuisine, ten times with ten seeds; each time the other half
 * judges. A score is linear in its weights, so this is a logistic regression on differences: a good wine above a poor one, a good one worth offering, a clash not.
 * The signs stay, no weight leaves a third to three times what was set by hand, and what is not asked for stays near it. The weights that are kept are the
 * geometric means of the ten. Published findings are never fitted on.
 */
const ids = Object.keys(handSet) as FitRuleId[];
const seeds = 10;
const most = Math.log(3);
/** Points in which a difference is soft, how hard a weight is held to the one set by hand, steps, and their size. Own choices. */
const soft = 5;
const hold = 0.15;
const steps = 400;
const stride = 0.03;

/** How strongly each rule holds, for a phrase: the mean over the styles it means. */
type Held = readonly number[];
interface Judged {
  readonly dish: DishCase;
  readonly good: readonly Held[];
  readonly poor: readonly { readonly held: Held; readonly clash: boolean }[];
}
function judged(dish: DishCase, words: Readonly<Record<string, WineWords>>): Judged {
  const plate = dishOf(partsMeant(dish).parts);
  const held = new Map(
    generalStyles.map((style) => {
      const pair = pairOf(plate, styleWine(style));
      return [style.id, ids.map((id) => Number(fitRules.find((rule) => rule.id === id)!.when(pair)?.['by'] ?? 0))] as const;
    }),
  );
  const phrase = (name: string): Held | undefined => {
    const meant = stylesMeant(words[name] ?? { skip: true });
    return meant.length === 0 ? undefined : ids.map((_, i) => meant.reduce((sum, style) => sum + held.get(style.id)![i]!, 0) / meant.length);
  };
  return {
    dish,
    good: dish.good.map(phrase).filter((one) => one !== undefined),
    poor: dish.poor.flatMap(({ words: name, kind }) => {
      const one = phrase(name);
      return one === undefined ? [] : [{ held: one, clash: kind === 'clash' }];
    }),
  };
}

/** What is wanted, as differences: the weighted sum of `by`, plus `plus`, should be well above nothing. */
interface Wanted {
  readonly by: Held;
  readonly plus: number;
  readonly weight: number;
}
const minus = (a: Held, b: Held): Held => a.map((value, i) => value - b[i]!);
function wantedOf({ good, poor, dish }: Judged): readonly Wanted[] {
  const sure = dish.certainty / 100;
  return [
    ...good.flatMap((g) => poor.map(({ held }) => ({ by: minus(g, held), plus: 0, weight: sure / (good.length * poor.length) }))),
    ...good.map((g) => ({ by: g, plus: 50 - worthOffering, weight: (0.3 * sure) / good.length })),
    ...poor.filter(({ clash }) => clash).map(({ held }) => ({ by: held.map((value) => -value), plus: worthOffering - 50, weight: (2 * sure) / poor.length })),
  ];
}
function fit(wanted: readonly Wanted[]): readonly number[] {
  const logs = ids.map(() => 0);
  const [first, second] = [ids.map(() => 0), ids.map(() => 0)];
  const total = wanted.reduce((sum, { weight }) => sum + weight, 0);
  for (let step = 1; step <= steps; step++) {
    const weights = ids.map((id, i) => handSet[id] * Math.exp(logs[i]!));
    const slope = logs.map((log) => (2 * hold * log) / ids.length);
    for (const { by, plus, weight } of wanted) {
      const at = (by.reduce((sum, value, i) => sum + value * weights[i]!, 0) + plus) / soft;
      const pull = weight / (total * (1 + Math.exp(at)));
      by.forEach((value, i) => (slope[i]! -= (pull * value * weights[i]!) / soft));
    }
    // Adam (Kingma & Ba 2015).
    logs.forEach((_, i) => {
      first[i] = 0.9 * first[i]! + 0.1 * slope[i]!;
      second[i] = 0.999 * second[i]! + 0.001 * slope[i]! ** 2;
      const move = (stride * (first[i]! / (1 - 0.9 ** step))) / (Math.sqrt(second[i]! / (1 - 0.999 ** step)) + 1e-8);
      logs[i] = Math.max(-most, Math.min(most, logs[i]! - move));
    });
  }
  return logs;
}
/** Shares of pairs in the right order and of clashes called a fit, per cent. */
function judge(dishes: readonly Judged[], logs: readonly number[]) {
  const score = (held: Held) => 50 + held.reduce((sum, value, i) => sum + value * handSet[ids[i]!] * Math.exp(logs[i]!), 0);
  const pairs = dishes.flatMap(({ good, poor }) => good.flatMap((g) => poor.map(({ held }) => score(g) > score(held))));
  const clashes = dishes.flatMap(({ poor }) => poor.filter(({ clash }) => clash).map(({ held }) => score(held) >= worthOffering));
  const share = (of: readonly boolean[]) => (100 * of.filter(Boolean).length) / of.length;
  return { pairs: share(pairs), clashes: share(clashes) };
}
/** One half of the dishes, and the other: each cuisine is halved, as evenly as it goes. */
function halved(dishes: readonly Judged[], seed: number): readonly [readonly Judged[], readonly Judged[]] {
  const random = seededRandom(seed);
  const mixed = dishes.map((one) => ({ one, at: random() })).sort((a, b) => a.one.dish.cuisine.localeCompare(b.one.dish.cuisine) || a.at - b.at);
  const offset = random() < 0.5 ? 0 : 1;
  return [mixed.filter((_, i) => i % 2 === offset).map(({ one }) => one), mixed.filter((_, i) => i % 2 !== offset).map(({ one }) => one)];
}

const cases = readCases(`${here}cases`);
const dishes = cases.dishes.map((dish) => judged(dish, cases['wine-words']));
const asSet = ids.map(() => 0);
const runs = Array.from({ length: seeds }, (_, seed) => {
  const [seen, untouched] = halved(dishes, seed + 1);
  const logs = fit(seen.flatMap(wantedOf));
  return { logs, untouched: judge(untouched, logs), before: judge(untouched, asSet), seen: judge(seen, logs) };
});
const mean = (of: readonly number[]) => of.reduce((sum, value) => sum + value, 0) / of.length;
const spread = (of: readonly number[]) => Math.sqrt(of.reduce((sum, value) => sum + (value - mean(of)) ** 2, 0) / (of.length - 1));
const line = (name: string, of: readonly number[]) =>
  console.log(
    `${name}: ${mean(of).toFixed(1)} % (over ${seeds} halves ${Math.min(...of).toFixed(1)}–${Math.max(...of).toFixed(1)}, spread ${spread(of).toFixed(1)})`,
  );
line(
  'good above poor, untouched halves, as set by hand',
  runs.map(({ before }) => before.pairs),
);
line(
  'good above poor, untouched halves, fitted',
  runs.map(({ untouched }) => untouched.pairs),
);
line(
  'good above poor, the halves it was fitted on',
  runs.map(({ seen }) => seen.pairs),
);
line(
  'clashes called a fit, untouched halves, as set by hand',
  runs.map(({ before }) => before.clashes),
);
line(
  'clashes called a fit, untouched halves, fitted',
  runs.map(({ untouched }) => untouched.clashes),
);
const kept = ids.map((id, i) => [id, Math.round(100 * Math.exp(mean(runs.map(({ logs }) => logs[i]!)))) / 100] as const);
const all = judge(
  dishes,
  kept.map(([, factor]) => Math.log(factor)),
);
console.log(`all dishes with what is kept: ${all.pairs.toFixed(1)} % in order, ${all.clashes.toFixed(1)} % of clashes called a fit`);
if (process.argv.includes('--keep')) {
  const name = (id: string) => (/^\w+$/.test(id) ? id : `'${id}'`);
  writeFileSync(
    fileURLToPath(new URL('../../core/src/pairing/fitted.ts', import.meta.url)),
    `/** What the weights set by hand are multiplied by, from a third to three. Written by \`npm run weights\`, which tells how it was found. */
export const factors = {
${kept.map(([id, factor]) => `  ${name(id)}: ${factor},`).join('\n')}
} as const;
`,
  );
} else for (const [id, factor] of kept) console.log(`  ${id} ${handSet[id]} × ${factor}`);
