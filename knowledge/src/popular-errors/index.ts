import type { NoteDocument } from '@rose/core/wine/note';
import { descriptorOf } from '../smells/index';

/** Something that is often said of a glass and does not follow. It moves no judgement of ours; it is shown where it comes to mind. */
export interface Claim {
  readonly id: string;
  readonly said: string;
  readonly but: string;
  /** Who found it otherwise; absent for what is common practice. */
  readonly source?: string;
  /** Whether the note brings it to mind; absent for a claim no observation carries. */
  readonly when?: (note: Pick<NoteDocument, 'observed' | 'chips'>) => boolean;
}
const smells = (note: Pick<NoteDocument, 'chips'>, ...terms: readonly string[]) => note.chips.some((chip) => terms.includes(descriptorOf(chip)?.id ?? ''));

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
    when: (note) => note.chips.some((chip) => descriptorOf(chip)?.family === 'dairy'),
  },
  {
    id: 'one-second',
    said: 'A flavour that stays a second or more is long.',
    but: 'By that rule every wine is long. Count on: the rulers in use speak of five, ten, thirty seconds.',
    when: ({ observed }) => observed.finish !== undefined && observed.finish.seconds >= 1 && observed.finish.seconds < 10,
  },
  {
    id: 'tongue-map',
    said: 'Sweet is tasted at the tip of the tongue, bitter at the back.',
    but: 'Every taste is felt all over the tongue. They are told apart by time: sugar at once, acid next, bitterness late.',
    source: 'Collings 1974; Chandrashekar and others 2006, Nature 444:288 (from memory)',
  },
  {
    id: 'no-salt',
    said: 'There is no salt in wine.',
    but: 'There is a little in every wine, and enough to taste in some that grow by the sea or on salty ground. Most saltiness is recalled rather than measured.',
    when: ({ observed }) => observed.saline !== undefined,
  },
  {
    id: 'reds-smell-more',
    said: 'Reds smell more than whites.',
    but: 'Muscat, Gewürztraminer and Sauvignon outdo most reds. The grape decides, not the colour.',
  },
  {
    id: 'reds-last',
    said: 'Reds last longer than whites.',
    but: 'Riesling, Chenin, Sémillon and sweet wines outlive most reds: acid and sugar keep as tannin does.',
  },
  {
    id: 'overripe-fault',
    said: 'Overripe fruit in a wine is a fault.',
    but: 'It is a style, or a hot year; a fault is what the maker did not mean and nobody would.',
    when: (note) => smells(note, 'jam', 'stewed-fruit', 'raisin', 'prune'),
  },
  {
    id: 'tempranillo-soft',
    said: 'Tempranillo has little tannin.',
    but: 'It has thick skins and plenty of tannin; years in wood round what reaches the shop.',
  },
  {
    id: 'pressed-first',
    said: 'Red must is pressed before it ferments, to get it off the skins.',
    but: 'Reds ferment with their skins and are pressed after; that is where colour and grip come from.',
  },
  {
    id: 'scent-sinks',
    said: 'Scent is heavier than air and lies in the bottom of the glass.',
    but: 'Scent spreads in air and is carried up; a glass that narrows keeps it from leaving.',
  },
  {
    id: 'three-grapes',
    said: 'Sparkling wine is made of one white and two black grapes.',
    but: 'That is one famous blend. Sparkling wine is made of any grape, white, black, alone or blended.',
  },
  {
    id: 'pink-varietal',
    said: 'A rosé sold under the name of a grape is of a white grape.',
    but: 'Colour comes of dark skins: a rosé with one grape on its label is of a dark one, or of a grey-skinned one.',
  },
];
/** The claims a note brings to mind. */
export const claimsOf = (note: Pick<NoteDocument, 'observed' | 'chips'>): readonly Claim[] => claims.filter((claim) => claim.when?.(note) === true);
