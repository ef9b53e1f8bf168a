import { student95 } from '../statistics/student';

/** A reading of a probe: minutes since the bottle went in, °C. */
export interface Reading {
  readonly minutes: number;
  readonly celsius: number;
}
export interface Fit {
  readonly tau: number;
  /** °C at minute 0. */
  readonly start: number;
  /** 95 % interval of τ by profile likelihood; undefined with fewer than three readings, or when the readings do not bound it. */
  readonly interval: readonly [number, number] | undefined;
  /** Standard deviation of the readings about the curve, °C. */
  readonly scatter: number;
  readonly says: 'fitted' | 'too few readings for an interval' | 'the readings do not bound it' | 'no change to fit';
}

const shortest = 1;
const farthest = 5_000;

/**
 * τ of the venue's own fridge, bucket or room from probe readings in a medium of known temperature, by least squares on Newton's law with the
 * start temperature free. For a given τ the start is linear, so the search is in τ alone (golden section on its logarithm); the interval is
 * where the squares exceed their least by the factor 1 + t²/(n − 2) (profile likelihood, Student's t with n − 2 degrees of freedom).
 * @param ambient °C of the medium
 */
export function fitTau(readings: readonly Reading[], ambient: number): Fit | undefined {
  if (readings.length < 2) return undefined;
  const squares = (tau: number): { readonly sum: number; readonly start: number } => {
    let xx = 0;
    let xy = 0;
    for (const reading of readings) {
      const x = Math.exp(-reading.minutes / tau);
      xx += x * x;
      xy += x * (reading.celsius - ambient);
    }
    const gap = xx === 0 ? 0 : xy / xx;
    const sum = readings.reduce((total, reading) => total + (reading.celsius - ambient - gap * Math.exp(-reading.minutes / tau)) ** 2, 0);
    return { sum, start: ambient + gap };
  };
  // The squares can have more than one dip: a coarse sweep first, then a golden section in the best bracket.
  const steps = 120;
  const at = (i: number) => Math.exp(Math.log(shortest) + ((Math.log(farthest) - Math.log(shortest)) * i) / steps);
  let best = 0;
  for (let i = 1; i <= steps; i++) if (squares(at(i)).sum < squares(at(best)).sum) best = i;
  let low = Math.log(at(Math.max(0, best - 1)));
  let high = Math.log(at(Math.min(steps, best + 1)));
  const golden = (Math.sqrt(5) - 1) / 2;
  for (let i = 0; i < 60; i++) {
    const [a, b] = [high - golden * (high - low), low + golden * (high - low)];
    if (squares(Math.exp(a)).sum < squares(Math.exp(b)).sum) high = b;
    else low = a;
  }
  const tau = Math.exp((low + high) / 2);
  const { sum, start } = squares(tau);
  const times = new Set(readings.map((reading) => reading.minutes));
  if (times.size < 2 || tau > farthest * 0.98 || Math.abs(start - ambient) < 0.5)
    return { tau, start, interval: undefined, scatter: Math.sqrt(sum / Math.max(1, readings.length - 2)), says: 'no change to fit' };
  if (readings.length < 3 || times.size < 3) return { tau, start, interval: undefined, scatter: 0, says: 'too few readings for an interval' };
  const degrees = readings.length - 2;
  // Readings can lie on a curve by chance; a probe is never better than a twentieth of a degree.
  const least = Math.max(sum, degrees * 0.05 ** 2 * 0.05);
  const limit = sum + (least / degrees) * student95(degrees) ** 2;
  const edge = (towards: number): number | undefined => {
    let inside = Math.log(tau);
    let outside = Math.log(towards);
    if (squares(towards).sum <= limit) return undefined;
    for (let i = 0; i < 60; i++) {
      const middle = (inside + outside) / 2;
      if (squares(Math.exp(middle)).sum <= limit) inside = middle;
      else outside = middle;
    }
    return Math.exp(inside);
  };
  const [from, to] = [edge(shortest), edge(farthest)];
  const bounded = from !== undefined && to !== undefined;
  return {
    tau,
    start,
    interval: bounded ? [from, to] : undefined,
    scatter: Math.sqrt(sum / degrees),
    says: bounded ? 'fitted' : 'the readings do not bound it',
  };
}
