/** Log-odds of a chance, in bits: 0 is even, each bit doubles the odds. */
export const oddsOf = (chance: number) => Math.log2(chance / (1 - chance));
/** The chance of log-odds in bits. */
export const chanceAt = (bits: number) => 1 / (1 + 2 ** -bits);
