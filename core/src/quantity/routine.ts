/** A routine: the named steps of an assessment. Data, so that a host can have their own. */
export interface Routine {
  readonly id: string;
  readonly name: string;
  readonly says: string;
  readonly steps: readonly RoutineStep[];
}
export interface RoutineStep {
  readonly name: string;
  readonly quarter: 'appearance' | 'aroma' | 'palate' | 'finish' | 'judgement';
  readonly sniffs: number;
  readonly sips: number;
  readonly minutes: number;
}
export const sipsOf = (routine: Routine): number => routine.steps.reduce((sum, step) => sum + step.sips, 0);
export const minutesOf = (routine: Routine): number => routine.steps.reduce((sum, step) => sum + step.minutes, 0);

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
