import { seededRandom } from '@rose/core/chance/seeded-random';
import highsLoader from 'highs';
import { costTables } from '@rose/core/order/judge';
import type { OrderWine } from '@rose/core/order/order-wine';
import { schoolOf, type Rung } from '@rose/core/order/ordering-rules';
import { bestOrder } from '@rose/core/order/solve';
import { profileKeys, type Loads } from '@rose/core/wine/profile';
import { asProgram } from '@rose/core/testing/order-program';
import { above, below, time, timeBoth, type Figure } from './measure';

const wines = (n: number, seed: number): OrderWine[] => {
  const random = seededRandom(seed);
  const rungs: Rung[] = ['sparkling', 'white', 'rose', 'amber', 'red', 'sweet', 'fortified'];
  return Array.from({ length: n }, (_, i) => {
    const loads = Object.fromEntries(profileKeys.map((key) => [key, Math.round(random() * 100)])) as unknown as Loads;
    return {
      id: `w${String(i).padStart(2, '0')}`,
      name: `wine ${i}`,
      loads,
      alcoholSpan: [loads.alcohol - 4, loads.alcohol + 4],
      rung: rungs[Math.floor(random() * 7)]!,
      age: Math.floor(random() * 30),
    };
  });
};
/** The same recurrence without pins, reasons or ties: the least a dynamic program can do. */
function bare(neighbour: Float64Array, earlier: Float64Array, n: number): number {
  const full = (1 << n) - 1;
  const cost = new Float64Array((full + 1) * n).fill(Infinity);
  for (let j = 0; j < n; j++) cost[(1 << j) * n + j] = 0;
  const extra = new Float64Array(n);
  for (let set = 1; set < full; set++) {
    for (let j = 0; j < n; j++) {
      let sum = 0;
      if (!(set & (1 << j))) for (let i = 0; i < n; i++) if (set & (1 << i)) sum += earlier[i * n + j]!;
      extra[j] = sum;
    }
    for (let last = 0; last < n; last++) {
      const here = cost[set * n + last]!;
      if (here === Infinity) continue;
      for (let j = 0; j < n; j++) {
        if (set & (1 << j)) continue;
        const next = (set | (1 << j)) * n + j;
        const total = here + neighbour[last * n + j]! + extra[j]!;
        if (total < cost[next]!) cost[next] = total;
      }
    }
  }
  let least = Infinity;
  for (let j = 0; j < n; j++) least = Math.min(least, cost[full * n + j]!);
  return least;
}

/** The same optimum by HiGHS, with its time in ms; no proof after two minutes makes the ratio a lower bound. */
async function byHighs(flight: readonly OrderWine[], strain: number): Promise<{ readonly ms: number; readonly timedOut: boolean }> {
  const { neighbour, earlier } = costTables(flight, schoolOf('weight'));
  const highs = await highsLoader();
  const from = performance.now();
  const solved = highs.solve(asProgram(neighbour, earlier, flight.length), { time_limit: 120, mip_rel_gap: 0 });
  const ms = performance.now() - from;
  const timedOut = solved.Status !== 'Optimal';
  if (!timedOut && Math.abs(solved.ObjectiveValue - strain) > 1e-3) throw new Error(`another optimum: ${strain} against ${solved.ObjectiveValue}`);
  if (timedOut && solved.ObjectiveValue < strain - 1e-3) throw new Error('HiGHS found a better order');
  return { ms, timedOut };
}

export async function order(): Promise<Figure[]> {
  const flight = wines(14, 20_261_203);
  const school = schoolOf('weight');
  const solve = () => bestOrder(flight, [], school);
  const [own, plain] = await timeBoth(solve, () => {
    const tables = costTables(flight, school);
    return bare(tables.neighbour, tables.earlier, 14);
  });
  const strainOf = (some: readonly OrderWine[]) => {
    const found = bestOrder(some, [], school);
    return found.kind === 'best' ? found.judgement.strain : Number.NaN;
  };
  const fourteen = await byHighs(flight, strainOf(flight));
  const smaller = wines(12, 20_261_205);
  const small = await time(() => bestOrder(smaller, [], school));
  const twelve = await byHighs(smaller, strainOf(smaller));
  const long = wines(16, 20_261_204);
  const heap = process.memoryUsage().arrayBuffers;
  let most = 0;
  const [rested, unrested] = await timeBoth(
    () => {
      bestOrder(long, [], school, { most: 4, cheese: true });
      most = Math.max(most, process.memoryUsage().arrayBuffers - heap);
    },
    () => bestOrder(long, [], school),
    3,
  );
  return [
    above(
      'order',
      `14 wines against HiGHS${fourteen.timedOut ? ', which had no proof after 120 s' : ', same optimum'}`,
      own,
      fourteen.ms,
      50,
      fourteen.timedOut,
    ),
    above(
      'order-12',
      `12 wines against HiGHS${twelve.timedOut ? ', which had no proof after 120 s' : ', same optimum'}`,
      small,
      twelve.ms,
      50,
      twelve.timedOut,
    ),
    below('order-rests', `16 wines with four rests against none; ${Math.round(most / 2 ** 20)} MiB of tables`, rested, unrested, 8),
    below('order-bare', '14 wines with reasons and pins against a bare dynamic program', own, plain, 3),
  ];
}
