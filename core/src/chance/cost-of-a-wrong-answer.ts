/** What "cannot tell" costs, right or wrong. */
export const guessCost = 0.25;

/**
 * The cost of a call between two, 0 (sure and right) to 1 (sure and wrong): the square of the chance kept from what was true (Brier, "Verification of
 * forecasts expressed in terms of probability", Monthly Weather Review 78, 1950, for one of the two outcomes). It is least on average for whoever says the
 * certainty they have.
 * @param sureness −100 sure of the one, 100 sure of the other, 0 cannot tell
 * @param truth which it was, −1 or 1
 */
export const callCost = (sureness: number, truth: -1 | 1): number => ((100 - sureness * truth) / 200) ** 2;
