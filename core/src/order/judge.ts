import { keysOf } from '../wine/keys';
import { neighbourReasons, precedenceReasons, strainOf, type OrderReason } from './carry-over';
import { palateLoad, restKinds, type OrderWine, type Rest, type RestKind } from './order-wine';
import type { School } from './ordering-rules';

export interface Step {
  readonly wine: string;
  /** Palate load of this wine, 0–100: the height of the course line. */
  readonly height: number;
  /** Strain of coming to this wine after all before it; the sum of its reasons. */
  readonly strain: number;
  readonly reasons: readonly OrderReason[];
}
export interface OrderJudgement {
  readonly order: readonly string[];
  readonly rests: readonly Rest[];
  readonly strain: number;
  readonly steps: readonly Step[];
}

/** A strain below this is not worth a word. */
export const leastStrain = 0.5;

/** The reasons of a step that are worth a word, the strongest first, and what the others come to together. */
export function tellingReasons({ reasons }: Step): { readonly told: readonly OrderReason[]; readonly others: number; readonly together: number } {
  const told = reasons.filter((reason) => Math.abs(reason.push) >= leastStrain).sort((a, b) => b.push - a.push);
  const rest = reasons.filter((reason) => !told.includes(reason));
  return { told, others: rest.length, together: rest.reduce((sum, reason) => sum + reason.push, 0) };
}
/** Whether an order is as good as another of less strain: nobody feels what lies between. */
export const asGoodAs = (strain: number, best: number): boolean => strain - best < leastStrain;

/**
 * Judges a given order: each step's strain with the reasons that add up to it.
 * @param rests at most one after each wine; one after the last wine does nothing
 * @returns strain ≥ 0; 0 for an order in which nothing masks anything
 */
export function judgeOrder(wines: readonly OrderWine[], order: readonly string[], school: School, rests: readonly Rest[] = []): OrderJudgement {
  const byId = new Map(wines.map((wine) => [wine.id, wine]));
  const placed: OrderWine[] = [];
  const steps = order.flatMap((id) => {
    const wine = byId.get(id);
    if (wine === undefined) return [];
    const before = placed.at(-1);
    const rest = rests.find((entry) => entry.after === before?.id);
    const reasons = [
      ...(before === undefined ? [] : neighbourReasons(before, wine, school, rest?.kind)),
      ...placed.flatMap((earlier) => precedenceReasons(earlier, wine, school)),
    ];
    placed.push(wine);
    return [{ wine: id, height: palateLoad(wine.loads, school), strain: strainOf(reasons), reasons }];
  });
  const done = steps.map((step) => step.wine);
  return {
    order: done,
    rests: rests.filter((rest) => done.slice(0, -1).includes(rest.after)).sort((a, b) => done.indexOf(a.after) - done.indexOf(b.after)),
    strain: steps.reduce((sum, step) => sum + step.strain, 0),
    steps,
  };
}

/** The cost tables of an instance, n × n, row = earlier wine: neighbours, neighbours across each kind of rest, and any earlier pair. */
export interface CostTables {
  readonly neighbour: Float64Array;
  readonly rested: Readonly<Record<RestKind, Float64Array>>;
  readonly earlier: Float64Array;
}
export function costTables(wines: readonly OrderWine[], school: School): CostTables {
  const n = wines.length;
  const table = () => new Float64Array(n * n);
  const costs = { neighbour: table(), rested: { bread: table(), cheese: table() }, earlier: table() };
  for (let i = 0; i < n; i++) {
    for (let j = 0; j < n; j++) {
      if (i === j) continue;
      costs.neighbour[i * n + j] = strainOf(neighbourReasons(wines[i]!, wines[j]!, school));
      for (const kind of keysOf(restKinds)) costs.rested[kind][i * n + j] = strainOf(neighbourReasons(wines[i]!, wines[j]!, school, kind));
      costs.earlier[i * n + j] = strainOf(precedenceReasons(wines[i]!, wines[j]!, school));
    }
  }
  return costs;
}

/** Strain from which a step makes the next wine taste of something else. */
export const shock = 14;
/** The word for a step's strain. */
export function strainWord(strain: number): 'easy' | 'a step' | 'a jolt' | 'a shock' {
  return strain < 2 ? 'easy' : strain < 6 ? 'a step' : strain < shock ? 'a jolt' : 'a shock';
}
