import type { WineFacts } from '../wine/facts';
import { factOf } from '../wine/stated';
import type { NoteDocument } from '../wine/note';
import { classOfHue, colourWord, hueLadders, midpoint, observables, valueInWords, type ObservableId, type ValueOf } from '../wine/observables';

/** One of two statements that cannot easily both hold: which observation, and how it reads. */
export interface Passage {
  readonly of: ObservableId | 'chips' | 'label';
  readonly says: string;
}
export interface Contradiction {
  readonly rule: RuleId;
  readonly severity: 'cannot both hold' | 'unusual together';
  readonly a: Passage;
  readonly b: Passage;
  /** Why they pull apart. */
  readonly because: string;
}
/** What of the chips the rules need, told by the knowledge of descriptors. */
export interface ChipReading {
  readonly fault: readonly string[];
  readonly count: number;
  /** Chips whose fate says that they are gone in the mouth. */
  readonly gone: number;
  readonly fated: number;
}

const ids = [
  'short-and-praised',
  'no-tannin-but-grain',
  'no-tannin-but-ripeness',
  'white-with-grip',
  'dry-with-sugar',
  'sweet-without-sugar',
  'mark-without-reasons',
  'sound-with-fault',
  'faulty-and-high',
  'hue-of-another-colour',
  'rim-younger-than-core',
  'bubbles-felt-not-seen',
  'bubbles-seen-not-felt',
  'loud-but-nameless',
  'many-smells-one-note',
  'one-smell-many-sided',
  'seamless-but-sticking-out',
  'disliked-but-again',
  'loved-but-not-again',
  'past-and-high',
  'rough-and-high',
  'faint-but-strong-label',
  'fiery-but-light-label',
  'opaque-white',
  'cream-from-nothing',
  'sound-nose-faulty-mouth',
  'all-gone-but-loud',
  'clashing-and-high',
] as const;
export type RuleId = (typeof ids)[number];
export const ruleIds: readonly RuleId[] = ids;

interface Look {
  readonly note: NoteDocument;
  readonly chips: ChipReading;
  /** The wine's facts when its label is known to the taster. */
  readonly label: WineFacts | undefined;
  scale(id: ObservableId): number | undefined;
}
type Found = Omit<Contradiction, 'rule'> | undefined;
const hard = 'cannot both hold' as const;
const odd = 'unusual together' as const;

const rules: Readonly<Record<RuleId, (look: Look) => Found>> = {
  'short-and-praised': ({ note }) =>
    note.observed.finish !== undefined && note.observed.finish.atLeast !== true && note.observed.finish.seconds < 8 && (note.observed.quality ?? 0) >= 90
      ? found(odd, note, 'finish', 'quality', 'marks of ninety and more usually rest on length')
      : undefined,
  'no-tannin-but-grain': ({ note, scale }) =>
    below(scale('tannin'), 12) && note.observed.tanninGrain !== undefined
      ? found(hard, note, 'tannin', 'tanninGrain', 'grain needs tannin to be felt')
      : undefined,
  'no-tannin-but-ripeness': ({ note, scale }) =>
    below(scale('tannin'), 12) && note.observed.tanninRipeness !== undefined
      ? found(hard, note, 'tannin', 'tanninRipeness', 'ripeness needs tannin to be felt')
      : undefined,
  'white-with-grip': ({ note, scale }) =>
    note.observed.colour === 'white' && atLeast(scale('tannin'), 60)
      ? found(odd, note, 'colour', 'tannin', 'a white rarely grips; one made on its skins is amber')
      : undefined,
  'dry-with-sugar': ({ note, label, scale }) => {
    const sugar = label === undefined ? undefined : factOf(label, 'sugar');
    return below(scale('sweetness'), 16) && atLeast(sugar, 20)
      ? found(odd, note, 'sweetness', `${sugar} g/L of sugar is known`, 'high acid can hide sugar; twenty grams seldom')
      : undefined;
  },
  'sweet-without-sugar': ({ note, label, scale }) => {
    const sugar = label === undefined ? undefined : factOf(label, 'sugar');
    return atLeast(scale('sweetness'), 55) && sugar !== undefined && sugar <= 4
      ? found(odd, note, 'sweetness', `${sugar} g/L of sugar is known`, 'ripe fruit, alcohol and oak can seem sweet; sugar it is not')
      : undefined;
  },
  'mark-without-reasons': ({ note, chips }) => {
    const carried = Object.keys(note.observed).filter((id) => observables[id as ObservableId].quarter !== 'verdict').length + chips.count;
    return (note.observed.quality ?? 0) >= 90 && carried < 4
      ? {
          severity: odd,
          a: passage(note, 'quality'),
          b: { of: 'chips', says: `${carried} things recorded` },
          because: 'nothing in the note carries a mark this high',
        }
      : undefined;
  },
  'sound-with-fault': ({ note, chips }) =>
    note.observed.health === 'sound' && chips.fault.length > 0
      ? {
          severity: odd,
          a: passage(note, 'health'),
          b: { of: 'chips', says: `it smells of ${chips.fault.join(', ')}` },
          because: 'a smell of a fault was named: a trace, perhaps?',
        }
      : undefined,
  'faulty-and-high': ({ note }) =>
    note.observed.health === 'faulty' && (note.observed.quality ?? 0) >= 80
      ? found(hard, note, 'health', 'quality', 'a faulty bottle does not show what the wine is worth')
      : undefined,
  'hue-of-another-colour': ({ note }) => {
    const { hue, colour } = note.observed;
    const of = hue === undefined ? undefined : classOfHue(hue);
    return of !== undefined && colour !== undefined && of !== colour
      ? found(hard, note, 'colour', 'hue', `${observables.hue.options[hue!]} is a hue of ${colourWord[of]} wine`)
      : undefined;
  },
  'rim-younger-than-core': ({ note }) => {
    const { hue, rimHue } = note.observed;
    const of = hue === undefined ? undefined : classOfHue(hue);
    if (hue === undefined || rimHue === undefined || of === undefined || classOfHue(rimHue) !== of) return undefined;
    const ladder = Object.keys(hueLadders[of]);
    return ladder.indexOf(hue) - ladder.indexOf(rimHue) >= 2
      ? found(odd, note, 'hue', 'rimHue', 'the rim ages first: it is seldom the younger of the two')
      : undefined;
  },
  'bubbles-felt-not-seen': ({ note, scale }) =>
    note.observed.bead === 'none' && atLeast(scale('bubbles'), 45)
      ? found(hard, note, 'bead', 'bubbles', 'a mousse in the mouth is seen in the glass')
      : undefined,
  'bubbles-seen-not-felt': ({ note, scale }) => {
    const { bead } = note.observed;
    return (bead === 'fine' || bead === 'medium' || bead === 'coarse') && below(scale('bubbles'), 10)
      ? found(odd, note, 'bead', 'bubbles', 'steady bubbles are felt; those of the pour are gone in a minute')
      : undefined;
  },
  'loud-but-nameless': ({ note, chips, scale }) =>
    atLeast(scale('noseSwirled'), 75) && chips.count === 0
      ? {
          severity: odd,
          a: passage(note, 'noseSwirled'),
          b: { of: 'chips', says: 'no smell is named' },
          because: 'a nose this loud has something to say: the deck of questions may help',
        }
      : undefined,
  'many-smells-one-note': ({ note, chips, scale }) =>
    below(scale('complexity'), 20) && chips.count >= 8
      ? {
          severity: odd,
          a: passage(note, 'complexity'),
          b: { of: 'chips', says: `${chips.count} smells are named` },
          because: 'eight smells are seldom one note',
        }
      : undefined,
  'one-smell-many-sided': ({ note, chips, scale }) =>
    atLeast(scale('complexity'), 75) && chips.count <= 1
      ? {
          severity: odd,
          a: passage(note, 'complexity'),
          b: { of: 'chips', says: chips.count === 0 ? 'no smell is named' : 'one smell is named' },
          because: 'many sides, and so little to show for them',
        }
      : undefined,
  'seamless-but-sticking-out': ({ note, scale }) => {
    if (below(scale('balance'), 80) || scale('balance') === undefined) return undefined;
    const out = (['bitterness', 'alcohol', 'acidity', 'tannin'] as const).find((id) => atLeast(scale(id), 90));
    return out === undefined ? undefined : found(odd, note, 'balance', out, 'what reads this high usually sticks out');
  },
  'disliked-but-again': ({ note, scale }) =>
    below(scale('liking'), 20) && note.observed.another === 'yes' ? found(odd, note, 'liking', 'another', 'another glass of what is not for you?') : undefined,
  'loved-but-not-again': ({ note, scale }) =>
    atLeast(scale('liking'), 85) && note.observed.another === 'no' ? found(odd, note, 'liking', 'another', 'loved, and yet not another glass?') : undefined,
  'past-and-high': ({ note }) =>
    note.observed.readiness === 'past' && (note.observed.quality ?? 0) >= 90
      ? found(odd, note, 'readiness', 'quality', 'a wine past its best seldom earns ninety now')
      : undefined,
  'rough-and-high': ({ note, scale }) =>
    below(scale('palateFineness'), 20) && (note.observed.quality ?? 0) >= 88
      ? found(odd, note, 'palateFineness', 'quality', 'rough in the mouth, and marked high')
      : undefined,
  'faint-but-strong-label': ({ note, label, scale }) => {
    const abv = label === undefined ? undefined : factOf(label, 'abv');
    return below(scale('alcohol'), 15) && atLeast(abv, 14)
      ? found(odd, note, 'alcohol', `the label says ${abv} % vol`, 'cold hides alcohol; so does sugar')
      : undefined;
  },
  'fiery-but-light-label': ({ note, label, scale }) => {
    const abv = label === undefined ? undefined : factOf(label, 'abv');
    return atLeast(scale('alcohol'), 80) && abv !== undefined && abv <= 11
      ? found(odd, note, 'alcohol', `the label says ${abv} % vol`, 'heat can be warmth of serving, or volatile acid')
      : undefined;
  },
  'opaque-white': ({ note, scale }) =>
    note.observed.colour === 'white' && atLeast(scale('depth'), 88)
      ? found(odd, note, 'colour', 'depth', 'no white is opaque, unless it is cloudy')
      : undefined,
  'cream-from-nothing': ({ note, scale }) =>
    atLeast(scale('body'), 88) && below(scale('alcohol'), 15) && below(scale('sweetness'), 12)
      ? found(odd, note, 'body', 'alcohol', 'weight comes from alcohol, sugar or lees: this has little of the first two')
      : undefined,
  'sound-nose-faulty-mouth': ({ note }) =>
    note.observed.health === 'sound' && note.observed.palateHealth === 'faulty'
      ? found(odd, note, 'health', 'palateHealth', 'some faults are only tasted, mouse above all: which is it?')
      : undefined,
  'all-gone-but-loud': ({ note, chips, scale }) =>
    chips.fated >= 3 && chips.gone === chips.fated && atLeast(scale('intensity'), 80)
      ? { severity: odd, a: passage(note, 'intensity'), b: { of: 'chips', says: 'every smell is gone in the mouth' }, because: 'loud of what, then?' }
      : undefined,
  'clashing-and-high': ({ note, scale }) =>
    below(scale('balance'), 20) && (note.observed.quality ?? 0) >= 90
      ? found(odd, note, 'balance', 'quality', 'a clashing wine seldom earns ninety')
      : undefined,
};
const below = (value: number | undefined, limit: number) => value !== undefined && value < limit;
const atLeast = (value: number | undefined, limit: number) => value !== undefined && value >= limit;
function passage(note: NoteDocument, id: ObservableId): Passage {
  return { of: id, says: `${observables[id].label.toLowerCase()}: ${valueInWords(id, note.observed[id] as ValueOf<ObservableId>)}` };
}
function found(
  severity: Contradiction['severity'],
  note: NoteDocument,
  a: ObservableId,
  b: ObservableId | string,
  because: string,
): Omit<Contradiction, 'rule'> {
  return { severity, a: passage(note, a), b: b in observables ? passage(note, b as ObservableId) : { of: 'label', says: b }, because };
}

/**
 * Statements of a note that pull apart, both passages side by side; "keep both" is an answer. A span contradicts only when both its ends do.
 * @param label the wine's facts, when the label is known to the taster; a hidden glass has none
 */
export function contradictions(note: NoteDocument, chips: ChipReading, label?: WineFacts): readonly Contradiction[] {
  const ends = [0, 1] as const;
  const look = (end: 0 | 1 | 'middle'): Look => ({
    note,
    chips,
    label,
    scale(id) {
      const value = note.observed[id];
      if (value === undefined || observables[id].kind !== 'scale') return undefined;
      const reading = value as number | readonly [number, number];
      return end === 'middle' || typeof reading === 'number' ? midpoint(reading) : reading[end];
    },
  });
  return ids.flatMap((rule) => {
    const middle = rules[rule](look('middle'));
    return middle !== undefined && ends.every((end) => rules[rule](look(end)) !== undefined) ? [{ rule, ...middle }] : [];
  });
}

/** Cues that speak of age and pull apart: the eye says young, the nose old. */
export interface Pulling {
  readonly young: readonly string[];
  readonly old: readonly string[];
  /** The observation that would part them. */
  readonly next: string;
}
/** @param origins where the smells come from: of the grape, of the making, of age */
export function pullingApart(note: NoteDocument, origins: { readonly grape: number; readonly age: number }): Pulling | undefined {
  const { hue, rimHue, tanninRipeness } = note.observed;
  const young: string[] = [];
  const old: string[] = [];
  if (hue === 'purple' || hue === 'greenish') young.push(`${observables.hue.options[hue]} at the core`);
  if (rimHue === 'purple') young.push('purple at the rim');
  for (const [id, value] of [
    ['core', hue],
    ['rim', rimHue],
  ] as const)
    if (value === 'brick' || value === 'tawny' || value === 'mahogany' || value === 'oldgold' || value === 'brown')
      old.push(`${observables.hue.options[value]} at the ${id}`);
  if (origins.age >= 2) old.push(`${origins.age} smells of age`);
  if (origins.grape >= 3 && origins.age === 0) young.push('only smells of the grape');
  if (tanninRipeness === 'dry') old.push('tannin drying out');
  if (tanninRipeness === 'green') young.push('green tannin');
  if (young.length === 0 || old.length === 0) return undefined;
  return {
    young,
    old,
    next:
      note.observed.tannin === undefined
        ? 'Feel the tannin: does it grip, or has it softened?'
        : note.observed.finish === undefined
          ? 'Time the finish, and note what leaves first.'
          : 'Smell the glass again in ten minutes: fruit of youth stays, age changes.',
  };
}
