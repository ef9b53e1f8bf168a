import { sipsOf, type Routine } from '../routine/routine';

/** About what a mouthful takes, and what stays in the glass to smell. mL; common practice. */
export const mouthfulMl = 10;
export const nosingMl = 10;

export interface PourCheck {
  /** mL a taster needs of a wine: sips × mouthful × (first time + returns), and something left to smell. */
  readonly neededMl: number;
  readonly sips: number;
  readonly enough: boolean;
}
/** Whether a pour lasts for the routine's sips and the planned returns to the glass. */
export function pourCheck(routine: Routine, returns: number, pourMl: number): PourCheck {
  // A return is one sip: the wine is known by then.
  const sips = sipsOf(routine) + returns;
  const neededMl = sips * mouthfulMl + nosingMl;
  return { neededMl, sips, enough: pourMl >= neededMl };
}
