/** Rulers for the length of a finish, as data. The seconds are what is stored; a ruler only gives them a word. */
export interface OwnRuler {
  readonly label: string;
  /** Rising: a word holds from its seconds on. */
  readonly words: readonly { readonly from: number; readonly word: string }[];
}
/** A ruler that ships, with where it comes from. */
export interface Ruler extends OwnRuler {
  readonly id: string;
  readonly source: string;
}
/** The handbooks' short ruler: what a note uses where the host chose none. */
export const usualRuler: Ruler = {
  id: 'handbook',
  label: 'short ruler',
  words: [
    { from: 0, word: 'short' },
    { from: 5, word: 'medium' },
    { from: 10, word: 'long' },
    { from: 20, word: 'very long' },
  ],
  source: 'handbooks: under about 5 s short, over about 10 s long',
};
export const rulers: readonly Ruler[] = [
  usualRuler,
  {
    id: 'slow',
    label: 'slow ruler',
    words: [
      { from: 0, word: 'short' },
      { from: 20, word: 'medium' },
      { from: 45, word: 'long' },
      { from: 75, word: 'very long' },
    ],
    source: 'common practice: about 10 s short, 30 s medium, a minute long',
  },
];
/** A band of a ruler: its word, the seconds it runs from and to, and whether it is the last, which has no end. */
export interface Band {
  readonly word: string;
  readonly from: number;
  readonly to: number | undefined;
  readonly last: boolean;
}
export const bandsOf = ({ words }: Pick<OwnRuler, 'words'>): readonly Band[] =>
  words.map(({ from, word }, at) => ({ word, from, to: words[at + 1]?.from, last: at === words.length - 1 }));
export const bandAt = (ruler: Pick<OwnRuler, 'words'>, seconds: number): Band => bandsOf(ruler).findLast(({ from }) => seconds >= from)!;
/** A length said without a watch, as it is kept: the middle of the band, and the span it stands for. The open last band is told as half as long again. */
export function byFeel(ruler: Pick<OwnRuler, 'words'>, word: string): { readonly seconds: number; readonly between: readonly [number, number] } | undefined {
  const band = bandsOf(ruler).find((entry) => entry.word === word);
  if (band === undefined) return undefined;
  const to = band.to ?? band.from * 1.5;
  return { seconds: Math.round((band.from + to) / 2), between: [band.from, to] };
}

interface Stopped {
  readonly seconds: number;
  readonly atLeast?: boolean | undefined;
  readonly between?: readonly [number, number] | undefined;
}
const timedOut = (stop: Stopped | undefined): stop is Stopped => stop !== undefined && stop.atLeast !== true && stop.between === undefined;
/**
 * Where a stop of the watch is kept. The first sip timed to its end stands; a second one is kept beside it, and a first that was broken off, or said by feel,
 * is timed again. What stays behind the pleasure is kept of the first sip; undefined when a stop is not kept.
 */
export function stopFor(
  timed: { readonly finish?: Stopped | undefined; readonly finishAgain?: Stopped | undefined; readonly after?: Stopped | undefined },
  which: 'finish' | 'after',
): 'finish' | 'finishAgain' | 'after' | undefined {
  if (which === 'finish') return timedOut(timed.finish) ? 'finishAgain' : 'finish';
  return timed.finishAgain !== undefined && timed.after !== undefined ? undefined : 'after';
}

/** How far two sips of one glass agree: the difference in seconds and as a share of their mean; undefined unless both were timed to the end. */
export function sipsAgree(
  first: Stopped | undefined,
  second: Stopped | undefined,
): { readonly difference: number; readonly share: number; readonly agree: boolean } | undefined {
  if (!timedOut(first) || !timedOut(second)) return undefined;
  const difference = Math.abs(first.seconds - second.seconds);
  const mean = (first.seconds + second.seconds) / 2;
  const share = mean === 0 ? 0 : difference / mean;
  // Two seconds are the hand on the watch; beyond that a quarter of the time (our own choice).
  return { difference, share, agree: difference <= 2 || share <= 0.25 };
}

export interface FinishReading {
  readonly seconds: number;
  readonly words: readonly { readonly ruler: string; readonly word: string; readonly source: string }[];
  /** Caudalies: one a second of aromatic persistence after spitting (Vedel; Peynaud). */
  readonly caudalies: number;
}

/** A finish by every ruler. `seconds` ≥ 0. */
export function readFinish(seconds: number): FinishReading {
  return {
    seconds,
    caudalies: Math.round(seconds),
    words: rulers.map((ruler) => ({ ruler: ruler.label, word: bandAt(ruler, seconds).word, source: ruler.source })),
  };
}
