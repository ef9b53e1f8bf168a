import type { WineFacts } from '../wine/facts';
import type { NoteDocument } from '../wine/note';
import { classOfHue, colourWord, hueLadders, observableIds, observables, valueInWords, type ColourClass, type ObservableId } from '../wine/observables';
import { rule, type Args, type Rule } from '../wine/rule';
import { factOf } from '../wine/stated';

/** One of two statements that cannot easily both hold: which observation, and how it reads. */
export interface Passage {
  readonly of: ObservableId | 'chips' | 'label';
  readonly says: string;
}
/** What of the chips the rules need, told by the knowledge of descriptors. */
export interface ChipReading {
  readonly fault: readonly string[];
  readonly count: number;
  /** Chips whose fate says that they are gone in the mouth. */
  readonly gone: number;
  readonly fated: number;
}

export interface Look {
  readonly note: NoteDocument;
  readonly chips: ChipReading;
  /** The wine's facts when its label is known to the taster. */
  readonly label: WineFacts | undefined;
  scale(id: ObservableId): number | undefined;
}
/** The two passages of a rule, and whatever else its sentence needs. */
export interface Pair extends Args {
  readonly a: Passage['of'];
  readonly aSays: string;
  readonly b: Passage['of'];
  readonly bSays: string;
}
/** How hard two statements pull apart. */
export const hard = () => 2;
const odd = () => 1;
const pull = <const Id extends string, A extends Pair>(spec: Pick<Rule<Id, Look, A>, 'id' | 'title' | 'when' | 'push' | 'says'>): Rule<Id, Look, A> =>
  rule({ ...spec, unit: 'doubt', source: 'common practice' });

const below = (value: number | undefined, limit: number) => value !== undefined && value < limit;
const atLeast = (value: number | undefined, limit: number): value is number => value !== undefined && value >= limit;
function reads(note: NoteDocument, id: ObservableId): string {
  const value = note.observed[id];
  return `${observables[id].label.toLowerCase()}: ${value === undefined ? 'not looked at' : valueInWords(id, value)}`;
}
const both = ({ note }: Look, a: ObservableId, b: ObservableId): Pair => ({ a, aSays: reads(note, a), b, bSays: reads(note, b) });
const against = ({ note }: Look, a: ObservableId, of: 'chips' | 'label', says: string): Pair => ({ a, aSays: reads(note, a), b: of, bSays: says });
const marked = ({ note }: Look) => note.observed.quality ?? 0;
const known = ({ label }: Look, id: 'sugar' | 'abv') => (label === undefined ? undefined : factOf(label, id));

/** Hues two classes share: a white turned gold or brown by its skins, a rosé of copper. */
const sharedHues: Readonly<Partial<Record<string, ColourClass>>> = {
  gold: 'amber',
  oldgold: 'amber',
  brown: 'amber',
  copper: 'rose',
  onion: 'amber',
  salmon: 'amber',
  tawny: 'amber',
};
/** How far over the fruit grip or acid may stand before it leads: two notches of the scale. Own choice. */
const farAbove = 50;
/** The part of the palate that stands furthest above the fruit, where that is far; sugar carries acid, so much of it excuses so much. */
function overFruit({ scale }: Look, fruit: number) {
  const parts = [
    { id: 'tannin', word: 'tannin', by: (scale('tannin') ?? 0) - fruit },
    { id: 'acidity', word: 'acidity', by: (scale('acidity') ?? 0) - Math.max(fruit, scale('sweetness') ?? 0) },
  ] as const;
  return parts.filter(({ by }) => by >= farAbove).sort((a, b) => b.by - a.by)[0];
}

/** Statements that cannot easily both hold, one rule each: on the note where it fires, the nearest note where it does not stands in the tests. */
export const rules = [
  pull({
    id: 'short-and-praised',
    title: 'A short finish, a high mark',
    when(look: Look) {
      const { finish } = look.note.observed;
      return finish !== undefined && finish.atLeast !== true && finish.seconds < 8 && marked(look) >= 90 ? both(look, 'finish', 'quality') : undefined;
    },
    push: odd,
    says: () => 'marks of ninety and more usually rest on length',
  }),
  pull({
    id: 'no-tannin-but-grain',
    title: 'Grain without tannin',
    when: (look: Look) => (below(look.scale('tannin'), 12) && look.note.observed.tanninGrain !== undefined ? both(look, 'tannin', 'tanninGrain') : undefined),
    push: hard,
    says: () => 'grain needs tannin to be felt',
  }),
  pull({
    id: 'no-tannin-but-ripeness',
    title: 'Ripeness without tannin',
    when: (look: Look) =>
      below(look.scale('tannin'), 12) && look.note.observed.tanninRipeness !== undefined ? both(look, 'tannin', 'tanninRipeness') : undefined,
    push: hard,
    says: () => 'ripeness needs tannin to be felt',
  }),
  pull({
    id: 'white-with-grip',
    title: 'A white that grips',
    when: (look: Look) => (look.note.observed.colour === 'white' && atLeast(look.scale('tannin'), 60) ? both(look, 'colour', 'tannin') : undefined),
    push: odd,
    says: () => 'a white rarely grips; one made on its skins is amber',
  }),
  pull({
    id: 'dry-with-sugar',
    title: 'Dry, with sugar known',
    when(look: Look) {
      const sugar = known(look, 'sugar');
      return below(look.scale('sweetness'), 16) && atLeast(sugar, 20) ? against(look, 'sweetness', 'label', `${sugar} g/L of sugar is known`) : undefined;
    },
    push: odd,
    says: () => 'high acid can hide sugar; twenty grams seldom',
  }),
  pull({
    id: 'sweet-without-sugar',
    title: 'Sweet, with no sugar to speak of',
    when(look: Look) {
      const sugar = known(look, 'sugar');
      return atLeast(look.scale('sweetness'), 55) && sugar !== undefined && sugar <= 4
        ? against(look, 'sweetness', 'label', `${sugar} g/L of sugar is known`)
        : undefined;
    },
    push: odd,
    says: () => 'ripe fruit, alcohol and oak can seem sweet; sugar it is not',
  }),
  pull({
    id: 'mark-without-reasons',
    title: 'A high mark that nothing carries',
    when(look: Look) {
      const carried = observableIds.filter((id) => look.note.observed[id] !== undefined && observables[id].quarter !== 'verdict').length + look.chips.count;
      return marked(look) >= 90 && carried < 4 ? against(look, 'quality', 'chips', `${carried} things recorded`) : undefined;
    },
    push: odd,
    says: () => 'nothing in the note carries a mark this high',
  }),
  pull({
    id: 'sound-with-fault',
    title: 'Sound, with a smell of a fault',
    when: (look: Look) =>
      look.note.observed.health === 'sound' && look.chips.fault.length > 0
        ? against(look, 'health', 'chips', `it smells of ${look.chips.fault.join(', ')}`)
        : undefined,
    push: odd,
    says: () => 'a smell of a fault was named: a trace, perhaps?',
  }),
  pull({
    id: 'faulty-and-high',
    title: 'Faulty, and marked high',
    when: (look: Look) => (look.note.observed.health === 'faulty' && marked(look) >= 80 ? both(look, 'health', 'quality') : undefined),
    push: hard,
    says: () => 'a faulty bottle does not show what the wine is worth',
  }),
  pull({
    id: 'hue-of-another-colour',
    title: 'A hue of another colour',
    when(look: Look) {
      const { hue, colour } = look.note.observed;
      if (hue === undefined || colour === undefined) return undefined;
      const of = classOfHue(hue);
      return of === undefined || of === colour || sharedHues[hue] === colour
        ? undefined
        : { ...both(look, 'colour', 'hue'), hue: observables.hue.options[hue], wine: colourWord[of] };
    },
    push: hard,
    says: ({ hue, wine }) => `${hue} is a hue of ${wine} wine`,
  }),
  pull({
    id: 'rim-younger-than-core',
    title: 'A rim younger than the core',
    when(look: Look) {
      const { hue, rimHue } = look.note.observed;
      if (hue === undefined || rimHue === undefined) return undefined;
      const of = classOfHue(hue);
      if (of === undefined || classOfHue(rimHue) !== of) return undefined;
      const ladder = Object.keys(hueLadders[of]);
      // Wine thins out at the rim: a young white is water there.
      return rimHue !== 'colourless' && ladder.indexOf(hue) - ladder.indexOf(rimHue) >= 2 ? both(look, 'hue', 'rimHue') : undefined;
    },
    push: odd,
    says: () => 'the rim ages first: it is seldom the younger of the two',
  }),
  pull({
    id: 'bubbles-felt-not-seen',
    title: 'Bubbles felt and not seen',
    when: (look: Look) => (look.note.observed.bead === 'none' && atLeast(look.scale('bubbles'), 45) ? both(look, 'bead', 'bubbles') : undefined),
    push: hard,
    says: () => 'a mousse in the mouth is seen in the glass',
  }),
  pull({
    id: 'bubbles-seen-not-felt',
    title: 'Bubbles seen and not felt',
    when(look: Look) {
      const { bead } = look.note.observed;
      return (bead === 'fine' || bead === 'medium' || bead === 'coarse') && below(look.scale('bubbles'), 10) ? both(look, 'bead', 'bubbles') : undefined;
    },
    push: odd,
    says: () => 'steady bubbles are felt; those of the pour are gone in a minute',
  }),
  pull({
    id: 'loud-but-nameless',
    title: 'A loud nose without a name',
    when: (look: Look) =>
      atLeast(look.scale('noseSwirled'), 75) && look.chips.count === 0 ? against(look, 'noseSwirled', 'chips', 'no smell is named') : undefined,
    push: odd,
    says: () => 'a nose this loud has something to say: the deck of questions may help',
  }),
  pull({
    id: 'many-smells-one-note',
    title: 'Many smells, called one note',
    when: (look: Look) =>
      below(look.scale('complexity'), 20) && look.chips.count >= 8 ? against(look, 'complexity', 'chips', `${look.chips.count} smells are named`) : undefined,
    push: odd,
    says: () => 'eight smells are seldom one note',
  }),
  pull({
    id: 'one-smell-many-sided',
    title: 'Many-sided, with one smell',
    when: (look: Look) =>
      atLeast(look.scale('complexity'), 75) && look.chips.count <= 1
        ? against(look, 'complexity', 'chips', look.chips.count === 0 ? 'no smell is named' : 'one smell is named')
        : undefined,
    push: odd,
    says: () => 'many sides, and so little to show for them',
  }),
  pull({
    id: 'seamless-but-sticking-out',
    title: 'Seamless, with something sticking out',
    when(look: Look) {
      if (!atLeast(look.scale('balance'), 80)) return undefined;
      const out = (['bitterness', 'alcohol', 'acidity', 'tannin'] as const).find((id) => atLeast(look.scale(id), 90));
      return out === undefined ? undefined : both(look, 'balance', out);
    },
    push: odd,
    says: () => 'what reads this high usually sticks out',
  }),
  pull({
    id: 'balance-over-fruit',
    title: 'In balance, with one part far above the fruit',
    when(look: Look) {
      if (!atLeast(look.scale('balance'), 62)) return undefined;
      const fruit = look.scale('intensity');
      if (fruit === undefined) return undefined;
      const above = overFruit(look, fruit);
      return above === undefined ? undefined : { ...both(look, 'balance', above.id), part: above.word, by: Math.round(above.by) };
    },
    push: odd,
    says: ({ part, by }) => `${part} stands ${by} above the fruit: for now it leads; food or years may bring them together`,
  }),
  pull({
    id: 'disliked-but-again',
    title: 'Not liked, and again',
    when: (look: Look) => (below(look.scale('liking'), 20) && look.note.observed.another === 'yes' ? both(look, 'liking', 'another') : undefined),
    push: odd,
    says: () => 'another glass of what is not for you?',
  }),
  pull({
    id: 'loved-but-not-again',
    title: 'Loved, and not again',
    when: (look: Look) => (atLeast(look.scale('liking'), 85) && look.note.observed.another === 'no' ? both(look, 'liking', 'another') : undefined),
    push: odd,
    says: () => 'loved, and yet not another glass?',
  }),
  pull({
    id: 'past-and-high',
    title: 'Past its best, and marked high',
    when: (look: Look) => (look.note.observed.readiness === 'past' && marked(look) >= 90 ? both(look, 'readiness', 'quality') : undefined),
    push: odd,
    says: () => 'a wine past its best seldom earns ninety now',
  }),
  pull({
    id: 'rough-and-high',
    title: 'Rough, and marked high',
    when: (look: Look) => (below(look.scale('palateFineness'), 20) && marked(look) >= 88 ? both(look, 'palateFineness', 'quality') : undefined),
    push: odd,
    says: () => 'rough in the mouth, and marked high',
  }),
  pull({
    id: 'faint-but-strong-label',
    title: 'Faint, and strong by its label',
    when(look: Look) {
      const abv = known(look, 'abv');
      return below(look.scale('alcohol'), 15) && atLeast(abv, 14) ? against(look, 'alcohol', 'label', `the label says ${abv} % vol`) : undefined;
    },
    push: odd,
    says: () => 'cold hides alcohol; so does sugar',
  }),
  pull({
    id: 'fiery-but-light-label',
    title: 'Fiery, and light by its label',
    when(look: Look) {
      const abv = known(look, 'abv');
      return atLeast(look.scale('alcohol'), 80) && abv !== undefined && abv <= 11
        ? against(look, 'alcohol', 'label', `the label says ${abv} % vol`)
        : undefined;
    },
    push: odd,
    says: () => 'heat can be warmth of serving, or volatile acid',
  }),
  pull({
    id: 'opaque-white',
    title: 'An opaque white',
    when(look: Look) {
      const { colour, hue, clarity } = look.note.observed;
      const dark = hue === 'brown' || hue === 'oldgold' || clarity === 'cloudy';
      return colour === 'white' && !dark && atLeast(look.scale('depth'), 88) ? both(look, 'colour', 'depth') : undefined;
    },
    push: odd,
    says: () => 'a white is opaque only where it has turned brown, as raisins and years in cask make it, or where it is cloudy',
  }),
  pull({
    id: 'cream-from-nothing',
    title: 'Weight from nothing',
    when: (look: Look) =>
      atLeast(look.scale('body'), 88) && below(look.scale('alcohol'), 15) && below(look.scale('sweetness'), 12) ? both(look, 'body', 'alcohol') : undefined,
    push: odd,
    says: () => 'weight comes from alcohol, sugar or lees: this has little of the first two',
  }),
  pull({
    id: 'sound-nose-faulty-mouth',
    title: 'A sound nose, a faulty mouth',
    when: (look: Look) =>
      look.note.observed.health === 'sound' && look.note.observed.palateHealth === 'faulty' ? both(look, 'health', 'palateHealth') : undefined,
    push: odd,
    says: () => 'some faults are only tasted, mouse above all: which is it?',
  }),
  pull({
    id: 'all-gone-but-loud',
    title: 'Loud, when every smell is gone',
    when: (look: Look) =>
      look.chips.fated >= 3 && look.chips.gone === look.chips.fated && atLeast(look.scale('intensity'), 80)
        ? against(look, 'intensity', 'chips', 'every smell is gone in the mouth')
        : undefined,
    push: odd,
    says: () => 'loud of what, then?',
  }),
  pull({
    id: 'clashing-and-high',
    title: 'Clashing, and marked high',
    when: (look: Look) => (below(look.scale('balance'), 20) && marked(look) >= 90 ? both(look, 'balance', 'quality') : undefined),
    push: odd,
    says: () => 'a clashing wine seldom earns ninety',
  }),
];
export type RuleId = (typeof rules)[number]['id'];
export const ruleIds: readonly RuleId[] = rules.map(({ id }) => id);
