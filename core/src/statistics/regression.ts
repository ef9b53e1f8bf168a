import { inverse, Matrix } from 'ml-matrix';
import { student95 } from './student';

/** What was believed before the first row: a coefficient’s mean and standard deviation, each alone, and the scatter of a row with how many rows that is worth. */
export interface Belief {
  readonly mean: readonly number[];
  readonly deviation: readonly number[];
  readonly scatter: number;
  readonly worth: number;
}
export interface Coefficient {
  readonly mean: number;
  /** Ends of the 95 % interval. */
  readonly low: number;
  readonly high: number;
}
/**
 * Linear regression with a belief (conjugate: normal coefficients, inverse gamma scatter; Gelman et al., Bayesian Data Analysis, 3rd ed., chapter 14). With a wide
 * belief worth nothing it is the least squares of any handbook.
 * @param rows what each observation was made under, one number a coefficient
 * @param seen what was observed, one number a row
 * @throws RangeError when a row is not as long as the belief, or rows and observations differ in number
 */
export function regress(rows: readonly (readonly number[])[], seen: readonly number[], { mean, deviation, scatter, worth }: Belief): readonly Coefficient[] {
  const many = mean.length;
  if (rows.length !== seen.length || deviation.length !== many || rows.some((row) => row.length !== many)) throw new RangeError('rows of another length');
  // Scales of the coefficients apart keep the matrix well conditioned.
  const x = new Matrix(rows.length, many);
  for (const [i, row] of rows.entries()) for (const [j, value] of row.entries()) x.set(i, j, value * deviation[j]!);
  const m = Matrix.columnVector(mean.map((value, j) => value / deviation[j]!));
  const before = Matrix.eye(many, many, scatter ** 2);
  const y = rows.length === 0 ? Matrix.zeros(0, 1) : Matrix.columnVector([...seen]);
  const precision = rows.length === 0 ? before : Matrix.add(x.transpose().mmul(x), before);
  const spread = inverse(precision);
  const toward = before.mmul(m);
  const after = spread.mmul(rows.length === 0 ? toward : Matrix.add(x.transpose().mmul(y), toward));
  const form = (v: Matrix, by: Matrix) => v.transpose().mmul(by).mmul(v).get(0, 0);
  const squares = seen.reduce((sum, value) => sum + value ** 2, 0);
  const degrees = worth + rows.length;
  const variance = Math.max(0, worth * scatter ** 2 + squares + form(m, before) - form(after, precision)) / degrees;
  return mean.map((_, j) => {
    const centre = after.get(j, 0) * deviation[j]!;
    const reach = student95(Math.max(1, Math.round(degrees))) * Math.sqrt(variance * spread.get(j, j)) * deviation[j]!;
    return { mean: centre, low: centre - reach, high: centre + reach };
  });
}

/** A number believed and then measured: the two weighed by how sure each is, with the ends of the 95 % interval (normal and normal). */
export function weighed(
  believed: { readonly mean: number; readonly deviation: number },
  measured: { readonly mean: number; readonly deviation: number },
): Coefficient {
  const [a, b] = [believed.deviation ** -2, measured.deviation ** -2];
  const mean = (a * believed.mean + b * measured.mean) / (a + b);
  const reach = 1.95996 / Math.sqrt(a + b);
  return { mean, low: mean - reach, high: mean + reach };
}
