import type { Lot } from './facts';

/**
 * Bottles that leave a cellar: those of the wanted size first, what was bought longest ago before what came later, and what has no date last.
 * @param n bottles
 * @param formatMl mL of a bottle
 * @returns the lots with so many fewer, and how many bottles there were too few of
 */
export function takeBottles(lots: readonly Lot[], n: number, formatMl: number): { readonly lots: readonly Lot[]; readonly short: number } {
  const held = new Map(lots.map((lot) => [lot.id, lot.held]));
  const inTurn = [...lots].sort(
    (a, b) => Number(b.formatMl === formatMl) - Number(a.formatMl === formatMl) || (a.bought ?? '9999').localeCompare(b.bought ?? '9999'),
  );
  let left = n;
  for (const lot of inTurn) {
    const taken = Math.min(left, lot.held);
    held.set(lot.id, lot.held - taken);
    left -= taken;
  }
  return { lots: lots.map((lot) => ({ ...lot, held: held.get(lot.id)! })), short: left };
}
