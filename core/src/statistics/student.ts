/** Two-sided 95 % points of Student's t by degrees of freedom 1–30 (any statistical table), then the limit's approach. */
const student = [
  12.706, 4.303, 3.182, 2.776, 2.571, 2.447, 2.365, 2.306, 2.262, 2.228, 2.201, 2.179, 2.16, 2.145, 2.131, 2.12, 2.11, 2.101, 2.093, 2.086, 2.08, 2.074, 2.069,
  2.064, 2.06, 2.056, 2.052, 2.048, 2.045, 2.042,
];
export const student95 = (degrees: number): number => student[degrees - 1] ?? 1.95996 + 2.4 / degrees;
