import { counted, withArticle } from '@rose/core/wine/plural';
import type { WineFacts } from '@rose/core/wine/facts';
import { ageOn, factOf, isSouthern } from '@rose/core/wine/stated';
import type { Chip, NoteDocument } from '@rose/core/wine/note';
import {
  bearings,
  classOfHue,
  colourWord,
  hueLadders,
  notchWord,
  observables,
  readingInWords,
  type Bearing,
  type ColourClass,
  type Reading,
} from '@rose/core/wine/observables';
import { anchors, resolveProfile } from '@rose/core/wine/profile';
import { backThroughAnchors, throughAnchors } from '@rose/core/wine/units';
import type { Echo } from '@rose/core/pairing/dish';
import { chipName, descriptorOf, families, familiesOf, familyTerm, type FamilyId } from '../smells/index';
import type { Archetype } from '@rose/core/deduce/archetype';
import { archetypes } from '../archetypes/data';
import { grapeContext, grapeNamed } from '../grapes/index';
import { passesAsTrace } from '../faults/index';
import { styleOf, type StyleChoice } from '../styles/index';

/** How firmly something is expected: read from a figure of the label or the laboratory, usual of the kind or the making, or only possible. */
export const firmness = { figure: 'by its figures', usual: 'usual', possible: 'possible' } as const;
export interface Compared {
  /** What is compared, such as "acidity" or "citrus". */
  readonly what: string;
  /** The whole finding, such as "acidity lively (78) where fresh (52) was expected". */
  readonly says: string;
  /** Why it was expected; absent for what nobody expected. */
  readonly because?: string | undefined;
  readonly firm?: keyof typeof firmness | undefined;
}
export interface AgainstExpected {
  readonly style: string;
  readonly why: string;
  /** Expected and found. */
  readonly found: readonly Compared[];
  /** Looked at, and otherwise than expected. */
  readonly otherwise: readonly Compared[];
  /** Expected and not found, though smells were named. */
  readonly missing: readonly Compared[];
  /** Found, and nobody expected it. */
  readonly surprising: readonly Compared[];
  /** Expected, and not looked at: no finding. */
  readonly unlooked: readonly string[];
}

/** Points of 100 by which a reading may lie from its expectation and still agree: a little over half a notch. Own choice. */
export const allowance = 15;
const gap = (reading: Reading, value: number): number =>
  typeof reading === 'number' ? reading - value : value < reading[0] ? reading[0] - value : value > reading[1] ? reading[1] - value : 0;

/** Years in which a colour goes a step down its ladder: where it goes fast, and where slowly. Common practice; wide. */
const yearsAStep: Readonly<Record<ColourClass, readonly [fast: number, slow: number]>> = { white: [3, 10], rose: [1.5, 5], amber: [5, 20], red: [4, 12] };
/** Where on its ladder the colour of a kind may stand at an age: from the step it starts on, as slowly and as fast as such wines go. Unknown years only widen it. */
function hueAtAge(start: number, steps: number, colour: ColourClass, age: number | undefined): { readonly youngest: number; readonly oldest: number } {
  const [fast, slow] = yearsAStep[colour];
  const on = (years: number) => Math.min(steps - 1, start + years);
  return { youngest: on(Math.floor((age ?? 0) / slow)), oldest: on(Math.round((age ?? fast) / fast)) };
}

/** Families of smell that answer an expected one. Pepper and ginger are kept with the spices. */
const answering = (echo: Echo, colour: ColourClass): readonly FamilyId[] =>
  // A red is green as pepper and stalk, a white as grass and leaf.
  echo === 'pepper' || echo === 'ginger'
    ? ['spice']
    : echo === 'green-herb' && colour === 'red'
      ? ['vegetable', 'herb']
      : (Object.keys(families) as FamilyId[]).filter((family) => families[family].echo === echo);
/** Pepper and ginger are words of a family, not the whole of it. */
const wordsOf: Partial<Record<Echo, readonly string[]>> = {
  pepper: ['black-pepper', 'white-pepper'],
  ginger: ['ginger'],
  smoke: ['smoke', 'charred-wood', 'volcanic-ash'],
};
const echoWord: Partial<Record<Echo, string>> = { pepper: 'pepper', ginger: 'ginger', smoke: 'smoke' };
const wordOf = (echo: Echo, colour: ColourClass): string => echoWord[echo] ?? families[answering(echo, colour)[0]!].label;

/** A smell one may expect of a wine: one of these families, or any that comes of age. */
export interface Awaited {
  readonly what: string;
  readonly because: string;
  readonly firm: keyof typeof firmness;
  readonly of: readonly FamilyId[] | 'age';
  /** Only these words of the family. */
  readonly only?: readonly string[] | undefined;
}
const familiesNamed = (chip: Chip): readonly FamilyId[] => {
  const found = descriptorOf(chip);
  return found === undefined ? [] : familiesOf(found);
};
function answers({ of, only }: Awaited, chip: Chip): boolean {
  const found = descriptorOf(chip);
  return (
    found !== undefined &&
    (of === 'age'
      ? found.origin === 'ageing'
      : familiesOf(found).some((family) => of.includes(family)) && (only === undefined || only.includes(found.id) || found.id === familyTerm(found.family)))
  );
}

/** Years from which earth is usual where a kind has it (common practice). */
const earthFrom = 4;
/** Days on the skins from which a white tells of nuts, bread and earth for sure (common practice). */
const longOnSkins = 60;
/** Months in wood after which a white tells of air (common practice). */
const longWood = 36;
/** The smells one may expect of a wine: of its kind, and of what was done to it. Common practice. */
function awaitedSmells(facts: WineFacts, { style, why, unknown }: StyleChoice, age: number | undefined): readonly Awaited[] {
  // A reason that begins with a grape says more than the name of the style.
  const because = /^\p{Lu}/u.test(why) ? `of ${why}` : `of ${withArticle(style.name)}`;
  const all: Awaited[] = style.echoes.map((echo) => ({
    what: wordOf(echo, style.colour),
    because,
    // Forest floor comes with some years; a young wine may have it.
    // Of a grape nobody knows nothing is usual.
    firm: unknown || (echo === 'earth' && age !== undefined && age < earthFrom) ? 'possible' : 'usual',
    of: answering(echo, style.colour),
    only: wordsOf[echo],
  }));
  const add = (what: string, because: string, firm: Awaited['firm'], of: Awaited['of']) => {
    if (!all.some((entry) => entry.what === what)) all.push({ what, because, firm, of });
  };
  const oak = factOf(facts, 'oak');
  const wood = factOf(facts, 'woodMonths');
  if ((oak === 'new' || oak === 'some') && (wood ?? 6) >= 3)
    add(families.wood.label, `${wood === undefined ? '' : `${counted(wood, 'month')} in `}${oak === 'new' ? 'new' : 'partly new'} oak`, 'usual', [
      'wood',
      'sweet',
      'spice',
    ]);
  else if (oak === 'used' && (wood ?? 6) >= 6) add(families.wood.label, 'used oak gives little', 'possible', ['wood', 'sweet', 'spice']);
  const lees = factOf(facts, 'leesMonths');
  if (lees !== undefined && lees >= 6)
    add(families.bread.label, `${counted(lees, 'month')} on the lees`, lees >= 15 ? 'usual' : 'possible', ['bread', 'dairy']);
  if (factOf(facts, 'stirred') === true) add(families.dairy.label, 'lees stirred', 'possible', ['dairy', 'bread']);
  if (factOf(facts, 'malolactic') === true) add(families.dairy.label, 'malolactic done', 'possible', ['dairy']);
  if (factOf(facts, 'underFlor') === true) add(families.nut.label, 'a veil of yeast', 'usual', ['nut', 'bread']);
  if (factOf(facts, 'filtered') === false) add(families.bread.label, 'unfiltered', 'possible', ['bread', 'dairy']);
  if (style.colour === 'amber') {
    const days = factOf(facts, 'skinDays');
    const onSkins = days === undefined ? 'made on its skins' : `${counted(days, 'day')} on its skins`;
    for (const family of ['nut', 'bread', 'earth', 'dryherb'] as const)
      add(families[family].label, onSkins, (days ?? 0) >= longOnSkins && family === 'nut' ? 'usual' : 'possible', [family]);
  }
  if (age !== undefined && age >= 6) add('smells of age', `${age} years old`, age >= 10 ? 'usual' : 'possible', 'age');
  if (wood !== undefined && wood >= longWood && style.colour === 'white') {
    add(families.nut.label, `${counted(wood, 'month')} in wood`, 'usual', ['nut']);
    add(families.honey.label, `${counted(wood, 'month')} in wood`, 'usual', ['honey']);
  }
  return all;
}

/** Tenths of tasters who name a smell of a kind, from which it is no surprise. */
const known = 0.3;
/** The kinds of wine that are made of its one grape. */
function kindsOf(facts: WineFacts): readonly Archetype[] {
  const grapes = factOf(facts, 'grapes') ?? [];
  const one = grapes.length === 1 ? grapeNamed(grapes[0]!.grape, grapeContext(facts))?.id : undefined;
  const { colour } = styleOf(facts).style;
  return one === undefined ? [] : archetypes.filter((kind) => kind.colour === colour && grapeNamed(kind.grape)?.id === one);
}

/** {@link awaitedSmells} of a wine by its facts alone. */
export const expectedSmells = (facts: WineFacts, day: string): readonly Awaited[] =>
  awaitedSmells(facts, styleOf(facts), ageOn(day, factOf(facts, 'vintage'), isSouthern(factOf(facts, 'country'))));

/**
 * A note against what the label let one expect: the kind of wine, its figures and its making. Only what was looked at is judged; a smell can be missing only
 * where smells were named. A span of the taster agrees where the expectation lies inside it.
 * @param day ISO date the age is counted to
 */
export function againstExpected(facts: WineFacts, { observed, chips }: Pick<NoteDocument, 'observed' | 'chips'>, day: string): AgainstExpected {
  const { style, why } = styleOf(facts);
  const profile = resolveProfile(facts, style, undefined, day);
  const found: Compared[] = [];
  const otherwise: Compared[] = [];
  const missing: Compared[] = [];
  const unlooked: string[] = [];

  const colour = observed.colour ?? (observed.hue === undefined ? undefined : classOfHue(observed.hue));
  const expectedColour = factOf(facts, 'colour') ?? style.colour;
  const colourFrom = { because: factOf(facts, 'colour') === undefined ? `of ${withArticle(style.name)}` : 'the label', firm: 'usual' } as const;
  if (colour === undefined) unlooked.push('colour');
  else if (colour !== expectedColour)
    otherwise.push({ what: 'colour', says: `${colourWord[colour]} where ${colourWord[expectedColour]} was expected`, ...colourFrom });
  else found.push({ what: 'colour', says: `${colourWord[colour]}, as expected`, ...colourFrom });
  const age = ageOn(day, factOf(facts, 'vintage'), isSouthern(factOf(facts, 'country')));
  // A shade is compared along the ladder of its own colour, moved by its years: one step either way is a matter of light.
  // A shade of another colour than the taster chose is on no ladder beside it: nothing is said of it.
  if (observed.hue !== undefined && colour === expectedColour && classOfHue(style.hue) === colour && observed.hue in hueLadders[colour]) {
    const ladder = Object.keys(hueLadders[colour]);
    const words: Readonly<Partial<Record<string, string>>> = hueLadders[colour];
    const usual = hueAtAge(ladder.indexOf(style.hue), ladder.length, colour, age);
    const at = ladder.indexOf(observed.hue);
    const steps = at < usual.youngest ? at - usual.youngest : at > usual.oldest ? at - usual.oldest : 0;
    const from = { what: 'hue', because: `of ${withArticle(style.name)}`, firm: 'possible' } as const;
    const nearest = ladder[steps < 0 ? usual.youngest : usual.oldest]!;
    if (Math.abs(steps) <= 1) found.push({ ...from, says: `${words[observed.hue] ?? observed.hue}, about as expected` });
    else
      otherwise.push({
        ...from,
        says: `${words[observed.hue] ?? observed.hue} where ${words[nearest] ?? nearest} is usual${age === undefined ? '' : ` at ${counted(age, 'year')}`}: it looks ${steps > 0 ? 'older' : 'younger'} than its kind`,
      });
  }

  for (const bearing of bearings) {
    const { value, from, why: because } = profile[bearing];
    const reading: Reading | undefined =
      bearing === 'length' ? (observed.finish === undefined ? undefined : throughAnchors(anchors.finish, observed.finish.seconds)) : observed[bearing];
    if (reading === undefined) {
      unlooked.push(bearing);
      continue;
    }
    const awaitedBy = {
      what: bearing,
      because: from === 'facts' ? because : `of ${withArticle(style.name)}`,
      firm: from === 'facts' ? 'figure' : 'usual',
    } as const;
    const off = gap(reading, value);
    // A watch that was broken off tells only that it lasted at least so long.
    if (bearing === 'length' && observed.finish!.atLeast === true && off < 0) unlooked.push('the end of the finish');
    else if (Math.abs(off) <= allowance || (typeof reading === 'number' && sameWord(bearing, reading, value)))
      found.push({ ...awaitedBy, says: `${bearing} ${shown(bearing, reading)}, as expected` });
    else otherwise.push({ ...awaitedBy, says: `${bearing} ${shown(bearing, reading)} where ${shown(bearing, Math.round(value))} was expected` });
  }

  const awaited = expectedSmells(facts, day);
  if (chips.length === 0) unlooked.push('the smells');
  else
    for (const entry of awaited) {
      const { what, because, firm } = entry;
      const answer = [...new Set(chips.filter((chip) => answers(entry, chip)).map(chipName))];
      if (answer.length > 0)
        found.push({ what, says: answer[0] === what ? `${what}, as expected` : `${answer.join(', ')}: ${what} was expected`, because, firm });
      // What is only possible is not missed where it is not there.
      else if (firm !== 'possible') missing.push({ what, says: `${what}: expected, and not named`, because, firm });
    }
  const kinds = kindsOf(facts);
  const unawaited = chips.filter((chip) => !awaited.some((entry) => answers(entry, chip)));
  const ofKind = (chip: Chip) => kinds.find((kind) => familiesNamed(chip).some((family) => (kind.smells[family] ?? 0) >= known));
  for (const chip of unawaited) {
    const kind = ofKind(chip);
    if (kind !== undefined)
      found.push({ what: chipName(chip), says: `${chipName(chip)}, which some have`, because: `of ${withArticle(kind.name)}`, firm: 'possible' });
  }
  const surprising = unawaited
    .filter((chip) => ofKind(chip) === undefined)
    .map((chip): Compared => {
      const known = descriptorOf(chip);
      return {
        what: chipName(chip),
        says: chipName(chip),
        because:
          known?.origin !== 'fault'
            ? undefined
            : passesAsTrace(known.id)
              ? 'a trace lifts some wines; more of it is a fault'
              : 'no kind of wine is meant to smell of it',
      };
    });
  return { style: style.name, why, found, otherwise, missing, surprising, unlooked };
}

/** Whether two values have one word: what differs inside a word is nothing to be said. */
const sameWord = (bearing: Bearing, a: number, b: number) =>
  bearing !== 'length' && notchWord(observables[bearing], a) === notchWord(observables[bearing], Math.round(b));
/** A reading on its scale in words with the figure; the length in seconds. */
function shown(bearing: Bearing, reading: Reading): string {
  if (bearing === 'length') return `${Math.round(backThroughAnchors(anchors.finish, typeof reading === 'number' ? reading : reading[0]))} s`;
  return readingInWords(observables[bearing], reading);
}
