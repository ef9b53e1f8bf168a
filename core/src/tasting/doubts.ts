/** A doubt about a glass that was told to the host: by which seat, of which place, and what it smells of, where that was said. */
export interface Doubt {
  readonly seat: number;
  readonly place: number;
  readonly smells?: DoubtSmell | undefined;
}
/** What people say of a glass they do not trust. */
export const doubtSmells = {
  cellar: 'a damp cellar, wet card',
  vinegar: 'vinegar, nail varnish',
  rotten: 'rotten egg, struck match, rubber',
  tired: 'bruised apple, flat',
  cloudy: 'cloudy, or something swims in it',
  other: 'something else',
} as const;
export type DoubtSmell = keyof typeof doubtSmells;

export type Suspect = 'bottle' | 'glass' | 'room' | 'unsure';
export interface DoubtVerdict {
  readonly suspect: Suspect;
  readonly reason: 'several-in-one' | 'one-alone' | 'everywhere' | 'too-few';
  readonly seats: readonly number[];
}
/** People at the table from whom on one who stands alone points to the glass. Own choice. */
const enoughOthers = 3;
/**
 * Where the doubts about a place point: several noses in one wine mean the bottle; one nose among several that find nothing, the glass; the same smell in several
 * places, or one nose that finds it everywhere, the room or a cold. Common practice.
 * @param present seats that have this wine before them
 */
export function judgeDoubts(doubts: readonly Doubt[], place: number, present: number): DoubtVerdict | undefined {
  const here = doubts.filter((doubt) => doubt.place === place);
  if (here.length === 0) return undefined;
  const seats = [...new Set(here.map((doubt) => doubt.seat))].sort((a, b) => a - b);
  const smells = new Set<DoubtSmell>(here.flatMap(({ smells }) => (smells === undefined || smells === 'other' || smells === 'cloudy' ? [] : [smells])));
  const elsewhere = new Set(
    doubts.filter((doubt) => doubt.place !== place && doubt.smells !== undefined && smells.has(doubt.smells)).map((doubt) => doubt.place),
  );
  if (elsewhere.size >= 1 && smells.size > 0) return { suspect: 'room', reason: 'everywhere', seats };
  if (seats.length >= 2) return { suspect: 'bottle', reason: 'several-in-one', seats };
  return present - 1 >= enoughOthers ? { suspect: 'glass', reason: 'one-alone', seats } : { suspect: 'unsure', reason: 'too-few', seats };
}
/** What a doubt means and what to do next, in two sentences. */
export function doubtInWords({ reason, seats }: DoubtVerdict, present: number): { readonly says: string; readonly next: string } {
  const others = present - seats.length;
  switch (reason) {
    case 'several-in-one':
      return {
        says: `Seats ${seats.join(', ')} doubt it: more than one nose points to the bottle.`,
        next: 'Wait two minutes and smell again, compare with the spare, then put the bottle aside.',
      };
    case 'one-alone':
      return {
        says: `Seat ${seats[0]} doubts it, the other ${others} do not: perhaps the glass.`,
        next: 'Pour that seat the same wine into a fresh, rinsed glass before you blame the bottle.',
      };
    case 'everywhere':
      return {
        says: `The same smell is found in another wine too: perhaps the glasses, the cloth, the room, or a cold.`,
        next: 'Smell an empty glass of this set, and air the room.',
      };
    case 'too-few':
      return {
        says: `Seat ${seats[0]} doubts it; the table is too small to tell bottle from glass.`,
        next: 'Smell it yourself, wait two minutes, and compare with the spare.',
      };
  }
}
