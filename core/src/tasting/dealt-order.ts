import { judgeOrder, shock } from '../order/judge';
import type { OrderWine, Rest } from '../order/order-wine';
import type { School } from '../order/ordering-rules';
import { brokenPins, type Pin } from '../order/pins';

/** Exchanges tried for each pair of wines: enough that where a wine began says nothing of where it stands. Own choice; a test looks at it. */
const exchanges = 12;

const hardest = (wines: readonly OrderWine[], order: readonly string[], school: School, rests: readonly Rest[]) =>
  judgeOrder(wines, order, school, rests).steps.reduce((most, step) => Math.max(most, step.strain), 0);

/**
 * A flight in an order that nobody knows: wines change places at random among the orders that may be poured. Such an order breaks no more pins than the plan does,
 * and has no step that is a shock, or none harder than the plan's hardest where that has one. It is a walk of random exchanges, each
 * undone when it leaves those orders, so it visits all that can be reached alike often (Metropolis, with every allowed order of one weight).
 * @param order the planned order, of all wines
 * @param random 0 to below 1; from the system's own source where nobody may guess
 */
export function dealtOrder(
  wines: readonly OrderWine[],
  order: readonly string[],
  pins: readonly Pin[],
  school: School,
  rests: readonly Rest[],
  random: () => number,
): readonly string[] {
  const n = order.length;
  if (n < 2) return order;
  const broken = brokenPins(order, pins).length;
  // A rest stands after a place, whatever wine comes to stand there.
  const places = rests.map((rest) => ({ ...rest, place: order.indexOf(rest.after) })).filter((rest) => rest.place >= 0);
  const restsOf = (now: readonly string[]) => places.map(({ kind, place }) => ({ kind, after: now[place]! }));
  const limit = Math.max(hardest(wines, order, school, rests), shock);
  let now = [...order];
  for (let tries = 0; tries < exchanges * n * n; tries++) {
    const [i, j] = [Math.floor(random() * n), Math.floor(random() * n)];
    if (i === j) continue;
    const next = [...now];
    [next[i], next[j]] = [now[j]!, now[i]!];
    if (brokenPins(next, pins).length <= broken && hardest(wines, next, school, restsOf(next)) <= limit) now = next;
  }
  return now;
}
