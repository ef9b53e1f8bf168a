import type { DishMark } from '@rose/core/pairing/dish';
import { fold } from '@rose/core/wine/search-folding';
import { namedParts, namedWays, ofAmount, wordsOf } from '../pairing/find';
import { ingredient, type DishPart } from '../pairing/index';
import { dishNames } from './data';
import { everydayDish, everydayDishes, type EverydayDish } from './index';
import { amountWords, plainWords, takingAway, tasteWords } from './line-words';

/** Grams a guest beyond which an amount is not believed. */
const mostGrams = 2000;
/** A part as it was read: from words of the line, or because a dish of that name is usually made with it. */
export interface ReadPart extends DishPart {
  readonly usual: boolean;
}
export interface ReadDish {
  /** The line as it was given, tidied: the dish’s name. */
  readonly name: string;
  readonly parts: readonly ReadPart[];
  /** The everyday dish the line names, whose usual parts were taken. */
  readonly named: EverydayDish | undefined;
  /** What was taken away in so many words: "no butter". */
  readonly without: readonly string[];
  /** Words that mean nothing here: to be said another way or added by hand. */
  readonly notUnderstood: readonly string[];
}

type Meaning =
  | { readonly kind: 'part'; readonly id: string }
  | { readonly kind: 'way'; readonly id: string }
  | { readonly kind: 'dish'; readonly id: string }
  | { readonly kind: 'taste'; readonly id: string };
interface Phrase {
  readonly words: readonly string[];
  readonly meaning: Meaning;
}
const dishPhrases: readonly Phrase[] = everydayDishes.flatMap(({ id, name }) =>
  [id.replaceAll('-', ' '), name, ...(dishNames[id] ?? [])].map((called) => ({ words: wordsOf(called), meaning: { kind: 'dish', id } as const })),
);
const phrases: readonly Phrase[] = [
  ...dishPhrases,
  ...namedParts.map(({ row, words }) => ({ words, meaning: { kind: 'part', id: row.id } as const })),
  ...namedWays.map(({ row, words }) => ({ words, meaning: { kind: 'way', id: row.id } as const })),
  ...Object.entries(tasteWords).map(([word, id]) => ({ words: wordsOf(word), meaning: { kind: 'taste', id } as const })),
];
const byFirstWord = new Map<string, Phrase[]>();
for (const phrase of phrases) byFirstWord.set(phrase.words[0]!, [...(byFirstWord.get(phrase.words[0]!) ?? []), phrase]);
for (const list of byFirstWord.values()) list.sort((a, b) => b.words.length - a.words.length);
const foldedSet = (words: readonly string[]) => new Set(words.flatMap(wordsOf));
const plain = foldedSet(plainWords);
const away = foldedSet(takingAway);
const saidAfter = foldedSet(['confit', 'tartare', 'stew', 'casserole', 'gratin', 'ceviche', 'carpaccio', 'sashimi', 'tataki', 'crudo']);
const thenOther = foldedSet(['with', 'in', 'on', 'over', 'w', 'mit', 'con', 'al', 'alla']);
const joining = foldedSet(['and', 'y', 'et', 'con', 'e', 'und', 'n']);
const amounts = new Map(Object.entries(amountWords).map(([word, share]) => [wordsOf(word)[0]!, share]));

/** The longest line that is read; what is beyond it is not. */
export const longestLine = 300;

const gramsIn: Readonly<Record<string, number>> = { g: 1, gr: 1, gram: 1, grams: 1, kg: 1000, oz: 28.35 };
interface Token {
  readonly word: string;
  /** The word as it stands in the text. */
  readonly text: string;
  /** Which stretch between commas it stands in. */
  readonly stretch: number;
}
/** Words with what parts them: commas and their like, and "with". */
function tokensOf(line: string): readonly Token[] {
  const tokens: Token[] = [];
  let stretch = 0;
  let end = 0;
  for (const match of line.matchAll(/[\p{L}\p{N}\p{M}’']+|\p{Extended_Pictographic}/gu)) {
    const between = line.slice(end, match.index);
    end = match.index + match[0].length;
    if (/[,;:()+/.!?–—|•·]|\s-\s|\n/.test(between) && tokens.length > 0) stretch += 1;
    if (between.includes('&')) tokens.push({ word: 'and', text: '&', stretch });
    // "Fried", as some menus have it; the plural is of potatoes.
    const words = fold(match[0]) === 'fry' ? ['fried'] : wordsOf(match[0]);
    for (const word of words.length === 0 ? [''] : words) tokens.push({ word, text: match[0], stretch });
  }
  return tokens;
}

/** Of phrases of the same words the one that is no dish; of two parts of one name, the one of which so much is usual. */
function ofTheseAmounts(same: readonly Phrase[], grams: number | undefined): Phrase | undefined {
  const others = same.filter(({ meaning }) => meaning.kind !== 'dish');
  if (others.length < 2 || others.some(({ meaning }) => meaning.kind !== 'part')) return others[0];
  return ofAmount(
    others.map((phrase) => ({ phrase, portion: ingredient(phrase.meaning.id)?.portion ?? 0 })),
    grams,
  )?.phrase;
}

interface Item {
  readonly meaning: Meaning;
  readonly stretch: number;
  /** How much of the usual amount was asked for, and grams where they were given. */
  share: number;
  grams: number | undefined;
  readonly negated: boolean;
  /** Whether nothing but "and" stands between it and the one before. */
  readonly joined: boolean;
  /** Whether a way of cooking is said of what stands before it: "duck confit", "chicken braised with leeks". */
  readonly after: boolean;
}
/** Cuts a line into what it means, in its order, with what was not understood. */
function itemsOf(line: string, dishes: boolean): { readonly items: readonly Item[]; readonly lost: readonly string[] } {
  const tokens = tokensOf(line);
  const items: Item[] = [];
  const lost: { text: string; at: number }[] = [];
  let negatedIn = -1;
  let share = 1;
  let grams: number | undefined;
  let since: string[] = [];
  for (let at = 0; at < tokens.length;) {
    const { word, text, stretch } = tokens[at]!;
    if (negatedIn !== stretch) negatedIn = -1;
    const here = (byFirstWord.get(word) ?? []).filter(
      ({ words, meaning }) =>
        (meaning.kind !== 'dish' || (dishes && (items.length === 0 || words.length > 1))) &&
        words.every((one, i) => tokens[at + i]?.word === one && tokens[at + i]!.stretch === stretch),
    );
    const longest = here[0]?.words.length ?? 0;
    const same = here.filter(({ words }) => words.length === longest);
    // The name of a dish comes before that of a part, at the head of a line.
    const found = (items.length === 0 ? same.find(({ meaning }) => meaning.kind === 'dish') : undefined) ?? ofTheseAmounts(same, grams) ?? same[0];
    const measured = /^(\d+(?:[.,]\d+)?)(g|gr|kg|oz)?$/.exec(fold(text).replace(/ /g, ''));
    if (found !== undefined && !shapeAfterPart(found, tokens, at, items, stretch)) {
      const next = tokens[at + found.words.length];
      const after = saidAfter.has(word) || (next?.stretch === stretch && thenOther.has(next.word));
      const joined = items.at(-1)?.stretch === stretch && since.length > 0 && since.every((one) => joining.has(one));
      items.push({ meaning: found.meaning, stretch, share, grams, negated: negatedIn === stretch, joined, after });
      share = 1;
      grams = undefined;
      since = [];
      at += found.words.length;
      continue;
    }
    since.push(word);
    if (away.has(word)) negatedIn = stretch;
    else if (measured !== null) {
      const unit = measured[2] ?? fold(tokens[at + 1]?.text ?? '');
      const value = Number(measured[1]!.replace(',', '.')) * (gramsIn[unit] ?? Number.NaN);
      if (value <= mostGrams) grams = Math.round(value * 10) / 10;
      else if (value > mostGrams) lost.push({ text, at });
    } else if (amounts.has(word)) {
      const last = items.at(-1);
      // "(a little)" after a part is said of it; before a part, of the part to come.
      const closing = tokens.slice(at + 1).every((later) => later.stretch !== stretch || plain.has(later.word));
      if (closing && last !== undefined) last.share = amounts.get(word)!;
      else share = amounts.get(word)!;
    } else if (!plain.has(word) && found === undefined) lost.push({ text, at });
    at += 1;
  }
  const runs: string[] = [];
  let before = -2;
  for (const { text, at } of lost) {
    if (at === before + 1) {
      if (!runs.at(-1)!.endsWith(text)) runs[runs.length - 1] += ` ${text}`;
    } else runs.push(text);
    before = at;
  }
  return { items, lost: [...new Set(runs)] };
}
/** "Cauliflower steak", "tuna tartare": a word for a shape after a part of its own does not bring the meat it is usually cut from. */
const shapes = foldedSet(['steak', 'burger', 'mince', 'chop', 'bacon']);
const dressings = foldedSet(['dressing', 'vinaigrette']);
const leaves = foldedSet(['salad']);
const eatenWithLeaves: readonly DishMark[] = ['cheese', 'whiteMeat', 'redMeat', 'seafood', 'shell', 'oilyFish', 'egg'];
function shapeAfterPart({ words, meaning }: Phrase, tokens: readonly Token[], at: number, items: readonly Item[], stretch: number): boolean {
  const last = items.at(-1);
  const before = last?.stretch === stretch && last.meaning.kind === 'part' && !plain.has(tokens[at - 1]?.word ?? '') ? ingredient(last.meaning.id) : undefined;
  if (meaning.kind !== 'part' || words.length !== 1 || before === undefined) return false;
  // A salad of fennel is fennel; one of chicken is chicken on leaves.
  if (leaves.has(words[0]!)) return !before.marks.some((mark) => eatenWithLeaves.includes(mark));
  return (shapes.has(words[0]!) && before.kind === 'base') || (dressings.has(words[0]!) && before.kind !== 'base');
}

/** What some bases are when they stand beside another: a squeeze, a handful. */
const besides: Readonly<Record<string, string>> = { 'citrus-fruit': 'lemon-juice', almonds: 'toasted-nuts', walnuts: 'toasted-nuts' };
/** The share of its own portion a base has that stands beside the first. */
const asSide = 0.5;

/**
 * Reads one line of a menu, or of what somebody says, as a dish: parts with amounts and what is done to them. Nothing is guessed: what a named dish is usually made
 * of is told as such, and what was not understood is handed back.
 * @param line any text; no more than `longestLine` characters are read
 */
export function readLine(line: string): ReadDish {
  const tidy = line
    .slice(0, longestLine)
    .replace(/\s+/g, ' ')
    .trim()
    .replace(/^["“'*•·–-]+\s*|["”']+$/g, '');
  // A word may be a part and a dish ("burger", "ceviche"): it is the dish when it stands alone.
  const bare = itemsOf(tidy, false);
  const bareParts = bare.items.filter(({ meaning }) => meaning.kind === 'part').length;
  const whole = itemsOf(tidy, true);
  const named = whole.items.find(({ meaning }) => meaning.kind === 'dish');
  const head = named === undefined ? '' : headOf(tidy, named.meaning.id);
  const several = head !== '' && bareParts > 1 && head !== wordsOf(tidy).join(' ') && saysItself(head);
  const { items, lost } = several ? bare : whole;

  const without = items.flatMap(({ meaning, negated }) => (negated && meaning.kind !== 'way' && meaning.kind !== 'dish' ? [meaning.id] : []));
  const wanted = items.filter(({ negated }) => !negated);
  const parts: { part: string; grams: number | undefined; cooked: string[]; usual: boolean; stretch: number }[] = [];
  const add = (part: string, grams: number | undefined, cooked: readonly string[], usual: boolean, stretch: number) => {
    if (without.includes(part)) return undefined;
    const present = parts.find((one) => one.part === part);
    if (present === undefined) {
      const made = { part, grams, cooked: [...cooked], usual, stretch };
      parts.push(made);
      return made;
    }
    present.usual &&= usual;
    present.grams = grams ?? present.grams;
    return present;
  };
  let dish: EverydayDish | undefined;
  let waiting: { id: string; stretch: number }[] = [];
  const cook = (one: (typeof parts)[number], way: string) => {
    if (one.cooked.includes(way)) return;
    if (one.usual) one.cooked = [];
    one.cooked = [...one.cooked, way].slice(-4);
  };
  const bases = () => parts.filter(({ part }) => ['base', 'side'].includes(ingredient(part)!.kind));
  let last: (typeof parts)[number] | undefined;
  for (const { meaning, stretch, share, grams, joined, after } of wanted) {
    if (meaning.kind === 'dish') {
      dish ??= everydayDish(meaning.id);
      for (const one of everydayDish(meaning.id)!.parts) add(one.part, one.grams, one.cooked ?? [], true, stretch);
    } else if (meaning.kind === 'way') {
      const before = bases().findLast((one) => one.stretch === stretch);
      if (after && before !== undefined) cook(before, meaning.id);
      else waiting.push({ id: meaning.id, stretch });
    } else {
      const first = bases().length === 0;
      const id = !first && meaning.kind === 'part' ? (besides[meaning.id] ?? meaning.id) : meaning.id;
      const row = ingredient(id)!;
      const beside = row.kind === 'base' && !first && !(joined && bases().length === 1);
      const amount = grams ?? (share !== 1 || beside ? Math.round(row.portion * share * (beside ? asSide : 1) * 10) / 10 : undefined);
      const made = add(id, amount, [], false, stretch);
      if (made === undefined) continue;
      const own = waiting.filter((way) => way.stretch === stretch);
      if (own.length > 0 && row.kind !== 'seasoning' && row.kind !== 'fat') {
        for (const way of own) cook(made, way.id);
        waiting = waiting.filter((way) => way.stretch !== stretch);
      } else if (joined && last !== undefined && row.kind === 'base') for (const way of last.cooked) cook(made, way);
      last = made;
    }
  }
  // A way of cooking that stands after its part is done to the base before it, by itself to the first of the line.
  for (const { id, stretch } of waiting) {
    const target = bases().findLast((one) => one.stretch === stretch) ?? bases()[0];
    if (target !== undefined) cook(target, id);
  }
  return {
    name: tidy,
    parts: parts.map(({ part, grams, cooked, usual }) => ({
      part,
      ...(grams === undefined ? {} : { grams }),
      ...(cooked.length === 0 ? {} : { cooked }),
      usual,
    })),
    named: dish,
    without,
    notUnderstood: lost,
  };
}
/** The name by which a line names a dish: the longest that stands in it. */
function headOf(line: string, id: string): string {
  const said = ` ${wordsOf(line).join(' ')} `;
  const names = dishPhrases.flatMap(({ meaning, words }) => (meaning.id === id ? [words.join(' ')] : []));
  return names.filter((name) => said.includes(` ${name} `)).toSorted((a, b) => b.length - a.length)[0] ?? '';
}
/** Whether the name of a dish says by itself what it is: a part, a way of cooking, or one part and how it is cooked. */
function saysItself(name: string): boolean {
  if (alsoPart.has(name)) return true;
  const { items, lost } = itemsOf(name, false);
  const count = (kind: Meaning['kind']) => items.filter(({ meaning }) => meaning.kind === kind).length;
  return lost.length === 0 && count('part') === 1 && count('way') > 0;
}
/** Single words that are the name of a part or of a way of cooking. */
const alsoPart = new Set([...namedParts, ...namedWays].flatMap(({ words }) => (words.length === 1 ? words : [])));

/** The lines of a pasted menu that can be dishes: headings, prices and empty lines are left out. */
export function menuLines(text: string): readonly string[] {
  return text
    .split(/\r?\n/)
    .map((line) =>
      line
        .replace(/(?:[€£$¥]\s*)?\d+(?:[.,]\d{1,2})?\s*(?:[€£$¥]|EUR|GBP|USD)?\s*$/u, '')
        .replace(/[.…·_\s]+$/u, '')
        .trim(),
    )
    .filter((line) => /\p{L}/u.test(line))
    .slice(0, mostLines);
}
const mostLines = 60;
