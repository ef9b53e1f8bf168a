import { median } from '../statistics/median';
import { placeLetter } from '../serving-design/serving-design';
import { counted, listed } from '../wine/plural';

/** What the table wrote of one wine, as far as an evening looks back on it: marks of quality and liking, 0–100, one of each taster who gave it. */
export interface Remembered {
  readonly place: number;
  readonly quality: readonly number[];
  readonly liking: readonly number[];
  /** Smells by name, each taster's once. */
  readonly smells: readonly (readonly string[])[];
}
export interface Recalled {
  readonly place: number;
  /** The middle of the marks of quality, with the lowest and the highest; undefined where nobody gave one. */
  readonly quality: { readonly middle: number; readonly low: number; readonly high: number; readonly people: number } | undefined;
  readonly liking: { readonly middle: number; readonly people: number } | undefined;
  /** Smells that several named, most named first. */
  readonly smells: readonly { readonly name: string; readonly people: number }[];
}
/** Marks from which on a middle says more than the one who gave it. Own choice. */
export const leastMarks = 3;
/** Points between two middles that are told apart in words. Own choice: on a scale of 100 a single taster's marks of one wine differ by as much. */
const leastApart = 3;
const mostSmells = 4;

/** An evening looked back on, wine by wine in the order they were poured. */
export function recall(wines: readonly Remembered[]): readonly Recalled[] {
  return [...wines]
    .sort((a, b) => a.place - b.place)
    .map(({ place, quality, liking, smells }) => ({
      place,
      quality: quality.length === 0 ? undefined : { middle: median(quality), low: Math.min(...quality), high: Math.max(...quality), people: quality.length },
      liking: liking.length === 0 ? undefined : { middle: median(liking), people: liking.length },
      smells: severalNamed(smells),
    }));
}
function severalNamed(smells: Remembered['smells']): Recalled['smells'] {
  const counts = new Map<string, number>();
  for (const named of smells) for (const name of new Set(named)) counts.set(name, (counts.get(name) ?? 0) + 1);
  return [...counts]
    .filter(([, people]) => people > 1)
    .sort((a, b) => b[1] - a[1] || a[0].localeCompare(b[0]))
    .slice(0, mostSmells)
    .map(([name, people]) => ({ name, people }));
}

/** How the wines went from the first to the last, in a sentence; '' where there is nothing to say. */
export function climbInWords(recalled: readonly Recalled[]): string {
  const marked = recalled.filter((wine): wine is Recalled & { quality: NonNullable<Recalled['quality']> } => (wine.quality?.people ?? 0) >= leastMarks);
  if (marked.length < 2) {
    const most = Math.max(0, ...recalled.map((wine) => wine.quality?.people ?? 0));
    if (most === 0) return '';
    return marked.length === 1
      ? `Only wine ${placeLetter(marked[0]!.place)} was marked by enough people: how the wines went cannot be told.`
      : `Too few marks to say how the wines went: ${counted(most, 'mark')} at most on one wine.`;
  }
  const middles = marked.map((wine) => wine.quality.middle);
  const [high, low] = [Math.max(...middles), Math.min(...middles)];
  const letters = (mark: number) => listed(marked.filter((wine) => wine.quality.middle === mark).map((wine) => placeLetter(wine.place)));
  const way = marked.map((wine) => `${placeLetter(wine.place)} ${Math.round(wine.quality.middle)}`).join(', ');
  if (high - low < leastApart) return `The table marked them much alike: ${way}.`;
  const rises = middles.every((mark, i) => i === 0 || mark >= middles[i - 1]!);
  const falls = middles.every((mark, i) => i === 0 || mark <= middles[i - 1]!);
  if (rises) return `The marks climbed from first to last: ${way}.`;
  if (falls) return `The marks fell from first to last: ${way}.`;
  return `The table marked ${letters(high)} highest and ${letters(low)} lowest: ${way}.`;
}
/** Which wine was liked best, where that says anything; ''. */
export function likedInWords(recalled: readonly Recalled[]): string {
  const liked = recalled.flatMap(({ place, liking }) => (liking === undefined || liking.people < leastMarks ? [] : [{ place, middle: liking.middle }]));
  if (liked.length < 2) return '';
  const best = [...liked].sort((a, b) => b.middle - a.middle);
  return best[0]!.middle - best[1]!.middle < leastApart ? '' : `Best liked was ${placeLetter(best[0]!.place)}.`;
}
