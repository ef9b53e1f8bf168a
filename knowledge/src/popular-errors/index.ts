import type { NoteDocument } from '@rose/core/wine/note';
import { descriptor } from '../smells/index';

/** Something that is often said of a glass and does not follow. It moves no judgement of ours; it is shown where it comes to mind. */
export interface Claim {
  readonly id: string;
  readonly said: string;
  readonly but: string;
  /** Whether the note brings it to mind; absent for a claim no observation carries. */
  readonly when?: (note: Pick<NoteDocument, 'observed' | 'chips'>) => boolean;
}
const smells = (note: Pick<NoteDocument, 'chips'>, ...terms: readonly string[]) =>
  note.chips.some((chip) => chip.term !== undefined && terms.includes(chip.term));

export const claims: readonly Claim[] = [
  {
    id: 'tears-quality',
    said: 'Tears on the glass show a good wine.',
    but: 'They come of alcohol leaving the film faster than water, helped by sugar. They tell of strength, never of quality.',
    when: ({ observed }) => observed.tears === 'slow' || observed.tears === 'quick',
  },
  {
    id: 'swirl-viscosity',
    said: 'A wine that clings when swirled is complex.',
    but: 'What clings is alcohol and sugar. How much there is to smell does not show in how it flows.',
    when: ({ observed }) => observed.tears === 'slow',
  },
  {
    id: 'frog-eyes',
    said: 'Bubbles like a frog’s eyes: the small, uneven ones are the poor ones.',
    but: 'The old phrase means large, coarse bubbles. Their size owes more to the glass and the gas left than to the wine.',
    when: ({ observed }) => observed.bead === 'coarse' || observed.bead === 'fine',
  },
  {
    id: 'colourless-sulphur',
    said: 'A white without colour has had too much sulphur.',
    but: 'Many sound whites are nearly colourless. Sulphur stings the nose; look for it there.',
    when: ({ observed }) => observed.hue === 'colourless',
  },
  {
    id: 'brown-rim-poor',
    said: 'A brown or orange rim is a poor sign.',
    but: 'It tells of age, or of a naturally pale grape. Whether the wine is past it, the nose and the mouth decide.',
    when: ({ observed }) => observed.rimHue === 'brick' || observed.rimHue === 'tawny' || observed.rimHue === 'mahogany',
  },
  {
    id: 'petrol-best',
    said: 'Petrol is the mark of a great Riesling.',
    but: 'It is one compound that grows with sun and years. Great ones exist without it, and plain ones with it.',
    when: (note) => smells(note, 'petrol'),
  },
  {
    id: 'stone-soil',
    said: 'A smell of wet stone comes from limestone or granite in the vineyard.',
    but: 'The word is a good one for the smell. That the rock passes into the wine is disputed; no mineral of the soil has a smell at such amounts.',
    when: (note) => smells(note, 'wet-stone', 'chalk', 'flint', 'graphite'),
  },
  {
    id: 'saliva-fruit',
    said: 'The faster the mouth waters, the more concentrated the fruit.',
    but: 'It waters for acid. Concentration is judged by how loud the flavour is and how long it stays.',
    when: ({ observed }) => observed.acidity !== undefined && observed.intensity === undefined,
  },
  {
    id: 'thin-skins',
    said: 'A thin-skinned grape makes a light wine with little tannin.',
    but: 'Often so, but not by law: Nebbiolo is thin-skinned, pale, and grips as few do.',
    when: ({ observed }) => observed.depth !== undefined && observed.tannin === undefined && observed.colour === 'red',
  },
  {
    id: 'warm-thin',
    said: 'A slightly warmer site gives the same grape thinner skins and lighter tannin.',
    but: 'Often the reverse: sun, height and ultraviolet light thicken them.',
  },
  {
    id: 'steel-butter',
    said: 'Chardonnay from steel tastes of butter.',
    but: 'Butter comes of the malolactic change, and roundness of lees and oak. Steel itself adds nothing.',
    when: (note) => note.chips.some((chip) => chip.term !== undefined && descriptor(chip.term)?.family === 'dairy'),
  },
  {
    id: 'one-second',
    said: 'A flavour that stays a second or more is long.',
    but: 'By that rule every wine is long. Count on: the rulers in use speak of five, ten, thirty seconds.',
    when: ({ observed }) => observed.finish !== undefined && observed.finish.seconds >= 1 && observed.finish.seconds < 10,
  },
];
/** The claims a note brings to mind. */
export const claimsOf = (note: Pick<NoteDocument, 'observed' | 'chips'>): readonly Claim[] => claims.filter((claim) => claim.when?.(note) === true);
