/** How long a page waits, milliseconds. */
interface Pace {
  /** Quiet after the last change before a document is sent. */
  readonly quiet: number;
  /** Between two looks for what changed elsewhere, in sight and hidden. */
  readonly look: number;
  readonly lookHidden: number;
  /** Silence after which a computing worker is taken for dead. */
  readonly silence: number;
}
const usual: Pace = { quiet: 4_000, look: 10_000, lookHidden: 60_000, silence: 20_000 };
/** The usual waits, unless whoever opened the page set others before it began: a journey that is not about waiting. */
export const pace: Pace = { ...usual, ...(globalThis as { rosePace?: Partial<Pace> }).rosePace };
