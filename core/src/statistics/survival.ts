/** How long something was seen to last; `atLeast` when the watch was broken off before it ended. */
export interface Span {
  readonly seconds: number;
  readonly atLeast?: boolean | undefined;
}

export interface Lasting {
  /** s at which half of the finishes have ended; undefined when more than half were broken off before they ended. */
  readonly median: number | undefined;
  readonly notes: number;
  /** Finishes the taster broke off: lower bounds. */
  readonly brokenOff: number;
}

/**
 * The Kaplan–Meier estimate (Kaplan & Meier 1958) of how long a finish lasts: a stop that was broken off counts as still going on until then, not as
 * the end. The median is the first time at which the share still lasting is at most a half.
 * @example kaplanMeier([{ seconds: 6 }, { seconds: 10, atLeast: true }, { seconds: 12 }]).median // 12
 */
export function kaplanMeier(stops: readonly Span[]): Lasting {
  const ends = [...new Set(stops.filter((stop) => stop.atLeast !== true).map((stop) => stop.seconds))].sort((a, b) => a - b);
  let lasting = 1;
  let median: number | undefined;
  for (const seconds of ends) {
    const atRisk = stops.filter((stop) => stop.seconds >= seconds).length;
    const ended = stops.filter((stop) => stop.seconds === seconds && stop.atLeast !== true).length;
    lasting *= 1 - ended / atRisk;
    if (lasting <= 0.5 + 1e-12) {
      median = seconds;
      break;
    }
  }
  return { median, notes: stops.length, brokenOff: stops.filter((stop) => stop.atLeast === true).length };
}
