import {
  ageCredit,
  creditInWords,
  grapeCredit,
  ideasMoved,
  luckInWords,
  placeCredit,
  priceCredit,
  type Credit,
  type Kinship,
  type Truth,
} from '@rose/core/call/call';
import { pushesTo } from '@rose/core/deduce/deduce';
import { byGuessing } from '@rose/core/statistics/binomial';
import { byMatching } from '@rose/core/statistics/matching';
import { countryName } from '@rose/core/wine/country';
import type { WineFacts } from '@rose/core/wine/facts';
import { gaveAway, priceIdeas, type Idea, type NoteDocument } from '@rose/core/wine/note';
import { capital, counted, inWords } from '@rose/core/wine/plural';
import { fold } from '@rose/core/wine/search-folding';
import { factOf, narrowedShares } from '@rose/core/wine/stated';
import { appellations } from '../appellations/data';
import { archetypes, cues, evidenceOf } from '../archetypes/index';
import { grapeContext, grapeNamed, grapeNames, type Grape } from '../grapes/index';
import { parents } from './parents';

/** How far two grapes lie apart, in classes summed over acid, grip, weight and loudness. */
const apart = (a: Grape, b: Grape) =>
  (['acidity', 'tannin', 'body', 'intensity'] as const).reduce((sum, key) => {
    const [x, y] = [a.readings[key], b.readings[key]];
    return sum + Math.abs((x[0] + x[1]) / 2 - (y[0] + y[1]) / 2);
  }, 0);
/** Classes apart in all up to which one is taken for the other, or for one of the family: the more smells of the grape they share, the further. Own choice. */
const near = { kin: (shared: number) => 0.75 * shared, family: (shared: number) => 0.9 * shared + 0.8 } as const;
/** Smells of the grape that have to be shared at the least. */
const leastShared = 2;
const parentsOf = ({ name }: Grape) => parents[name] ?? [];
/**
 * How two written grapes are related: the same by any of its names; close kin where one is the other's parent, or where they are easily taken for each other, by how
 * far acid, grip, weight and loudness lie apart and how many smells of the grape they share; of one family where they share a parent or lie a little further apart.
 * Black is never kin of white. A name the tables do not know is only itself.
 */
export const kinship: Kinship = (a, b) => {
  const [one, other] = [grapeNamed(a), grapeNamed(b)];
  if (one === undefined || other === undefined) return fold(a) === fold(b) ? 'same' : 'none';
  if (one.id === other.id) return 'same';
  if ((one.skin === 'black') !== (other.skin === 'black')) return 'none';
  const shared = one.echoes.filter((echo) => other.echoes.includes(echo)).length;
  const is = (kind: keyof typeof near) => shared >= leastShared && apart(one, other) <= near[kind](shared);
  if (is('kin') || parentsOf(one).includes(other.name) || parentsOf(other).includes(one.name)) return 'kin';
  return is('family') || parentsOf(one).some((parent) => parentsOf(other).includes(parent)) ? 'family' : 'none';
};
/** How many grapes the form offers: what a guess without any idea chooses among. */
export const grapesOffered = grapeNames.length;

const countries = new Map(appellations.map(({ country }) => [fold(countryName(country)), fold(countryName(country))]));
const homeOf = new Map(appellations.flatMap(({ family, country }) => family.split('|').map((name) => [fold(name), fold(countryName(country))] as const)));
/** The way to a wine's place, from the country down to the site, folded. */
export function placeChain(facts: WineFacts): readonly string[] {
  const country = factOf(facts, 'country');
  const parts = [country === undefined ? undefined : countryName(country), factOf(facts, 'region'), factOf(facts, 'appellation'), factOf(facts, 'site')];
  return [...new Set(parts.flatMap((part) => (part === undefined || part === '' ? [] : [fold(part)])))];
}
/** As much of a wine's way as a written place names: a name on it stands for all above it; another country's or appellation's name for that country. */
export function calledChain(written: string, chain: readonly string[]): readonly string[] {
  const said = fold(written);
  const deepest = chain.findLastIndex((name) => name !== '' && ` ${said} `.includes(` ${name} `));
  if (deepest >= 0) return chain.slice(0, deepest + 1);
  const home = said.split(/\s*,\s*/).flatMap((part) => homeOf.get(part) ?? countries.get(part) ?? []);
  return home.length > 0 ? [home[0]!, said] : [said];
}

/** What is true of a bottle, to hold calls against; the price class is the evening's own. `named`: its name as it stands on a list the table was given. */
export function truthOf(
  fact: Truth['fact'],
  facts: WineFacts,
  years: number | undefined,
  among: Extract<Truth, { fact: 'price' }>['among'],
  named?: string,
): Truth {
  switch (fact) {
    case 'grape': {
      const grapes = factOf(facts, 'grapes') ?? [];
      const shares = [...narrowedShares(grapes)].sort((a, b) => b.low + b.high - a.low - a.high);
      const context = grapeContext(facts);
      return { fact, grapes: shares.map(({ grape }) => grapeNamed(grape, context)?.name ?? grape) };
    }
    case 'place':
      return { fact, chain: placeChain(facts) };
    case 'age':
      return { fact, years: years ?? null };
    case 'price':
      return { fact, among };
    case 'name':
      return { fact, ...(named === undefined ? {} : { wine: named }) };
  }
}

/** What an idea calls of a fact, in words, with its mark; undefined where it says nothing of it, or nothing is on record to hold it against. */
export function marked(idea: Idea, truth: Truth): (Credit & { readonly says: string }) | undefined {
  switch (truth.fact) {
    case 'grape':
      return idea.grape === undefined || truth.grapes.length === 0
        ? undefined
        : { says: grapeNamed(idea.grape)?.name ?? idea.grape, ...grapeCredit(idea.grape, truth.grapes, kinship) };
    case 'place':
      return idea.place === undefined || truth.chain.length === 0
        ? undefined
        : { says: idea.place, ...placeCredit(calledChain(idea.place, truth.chain), truth.chain) };
    case 'age':
      return idea.age === undefined || truth.years === null ? undefined : { says: `${counted(idea.age, 'year')} old`, ...ageCredit(idea.age, truth.years) };
    case 'price':
      return idea.price === undefined || truth.among === null ? undefined : { says: priceIdeas[idea.price], ...priceCredit(idea.price, truth.among) };
    case 'name':
      return idea.wine === undefined || truth.wine === undefined
        ? undefined
        : { says: idea.wine, ...(idea.wine === truth.wine ? ({ credit: 1, why: 'right' } as const) : ({ credit: 0, why: 'wrong' } as const)) };
  }
}
/** The chance that a guess without any idea is right: one of what the form offers; undefined where the form offers no list. */
export const chanceOfGuess = (fact: Truth['fact']): number | undefined =>
  fact === 'grape' ? 1 / grapesOffered : fact === 'price' ? 1 / Object.keys(priceIdeas).length : undefined;

/** A taster's call of one fact: the last idea that says anything of it, how it moved, and the quarter after which it moved most. */
export interface Call extends Credit {
  readonly says: string;
  readonly certainty: number;
  /** It was made with the deduction's help, or with something in sight that gives the glass away. */
  readonly helped: boolean;
  readonly path: readonly { readonly at: Idea['at']; readonly says: string; readonly credit: number }[];
  /** After which look the mark changed most, and which way; undefined where it never did. */
  readonly turned?: { readonly at: Idea['at']; readonly better: boolean } | undefined;
}
/** @param hinted the host's hint was asked for: the call was made with help */
export function callOf(note: Pick<NoteDocument, 'ideas' | 'circumstances'>, truth: Truth, hinted = false): Call | undefined {
  const said = (note.ideas ?? []).flatMap((idea) => {
    const mark = marked(idea, truth);
    return mark === undefined ? [] : [{ idea, mark }];
  });
  const last = said.at(-1);
  if (last === undefined) return undefined;
  const moves = said.slice(1).map(({ idea, mark }, i) => ({ at: idea.at, by: mark.credit - said[i]!.mark.credit }));
  const most = moves.reduce<(typeof moves)[number] | undefined>((far, move) => (Math.abs(move.by) > Math.abs(far?.by ?? 0) ? move : far), undefined);
  return {
    ...last.mark,
    certainty: last.idea.certainty,
    helped: hinted || last.idea.helped === true || gaveAway(note),
    path: said.map(({ idea, mark }) => ({ at: idea.at, says: mark.says, credit: mark.credit })),
    ...(most === undefined ? {} : { turned: { at: most.at, better: most.by > 0 } }),
  };
}

/** Calls that say the same stand together, the best first. */
function grouped(calls: readonly Call[]) {
  const groups = new Map<string, { says: string; people: number; credit: number; why: string }>();
  for (const call of calls) {
    const group = groups.get(call.says);
    if (group === undefined) groups.set(call.says, { says: call.says, people: 1, credit: call.credit, why: creditInWords[call.why] });
    else group.people += 1;
  }
  return [...groups.values()].sort((a, b) => b.credit - a.credit || b.people - a.people || a.says.localeCompare(b.says));
}
/** How many had it, and what guessing would do. What was called with a clue in sight does not count for either. */
function verdictOf(fact: Truth['fact'], all: readonly Call[]): { readonly verdict: string; readonly luck: string } {
  const calls = all.filter((call) => !call.helped);
  const clues = all.length - calls.length;
  const right = calls.filter((call) => call.credit === 1).length;
  const near = calls.filter((call) => call.credit > 0 && call.credit < 1).length;
  if (calls.length === 0) return { verdict: fact === 'name' ? '' : 'Nobody called it.', luck: '' };
  const left = clues === 0 ? '' : ` ${capital(inWords(clues))} more saw something that gives it away; they are not counted.`;
  const verdict = `${capital(inWords(right))} of ${inWords(calls.length)} had it${near === 0 ? '' : `, ${inWords(near)} came near`}.${left}`;
  const chance = chanceOfGuess(fact);
  if (chance === undefined || right === 0) return { verdict, luck: '' };
  const tail = byGuessing(right, calls.length, chance);
  const among = Math.round(1 / chance);
  return {
    verdict,
    luck: `Guessing among ${among}, ${inWords(right)} or more would be right ${luckInWords(tail)}.${tail < 0.05 ? ' Hardly luck.' : tail > 0.3 ? ' It may well be luck.' : ''}`,
  };
}

/** What a table called of a fact: who said the same together, how many had it, and what guessing would have done. */
export const callsOfTable = (fact: Truth['fact'], calls: readonly Call[], silent = 0) => ({
  calls: grouped(calls),
  moved: ideasMoved(
    calls.map((call) => call.path),
    silent,
  ),
  ...verdictOf(fact, calls),
});

/** An observation that spoke for what turned out to be true, or against it. */
export interface Spoke {
  readonly what: string;
  readonly bits: number;
}
/** Bits below which an observation is not worth naming: it made the truth less than half as likely again. Own choice. */
const leastBits = 0.6;
const mostNamed = 3;
/** Which of somebody's observations spoke for the truth and which against it, the strongest first; nothing where the table of kinds does not know it. */
export function whatSpoke(note: Parameters<typeof evidenceOf>[0], truth: Truth): { readonly helped: readonly Spoke[]; readonly misled: readonly Spoke[] } {
  const pushes = (dimension: 'grape' | 'price', value: string) => pushesTo(evidenceOf(note), archetypes, cues, dimension, value);
  const found =
    truth.fact === 'grape' && truth.grapes[0] !== undefined
      ? pushes('grape', grapeOfKinds(truth.grapes[0]))
      : truth.fact === 'price' && truth.among !== null
        ? pushes('price', truth.among)
        : [];
  const spoke = found.flatMap(({ id, push, args }): Spoke[] => (id === 'cue' ? [{ what: String(args['cue']), bits: push }] : []));
  const by = (sign: 1 | -1) =>
    spoke
      .filter(({ bits }) => sign * bits >= leastBits)
      .sort((a, b) => sign * (b.bits - a.bits))
      .slice(0, mostNamed);
  return { helped: by(1), misled: by(-1) };
}
/** A grape as the table of kinds names it. */
const grapeOfKinds = (name: string): string => archetypes.find(({ grape }) => kinship(grape, name) === 'same')?.grape ?? name;

/** A list of wines matched to the glasses, as far as the glasses are uncovered. */
export interface Matched {
  readonly right: number;
  readonly of: number;
  readonly luck: string;
}
/**
 * How somebody matched a list to the glasses, against luck: exactly, by permutations where each wine was named once for every glass of the list; else each call for
 * itself, one of the list.
 * @param calls what was called of each glass that is uncovered, and what it was
 * @param listed how many wines are on the list
 */
export function matchedList(calls: readonly { readonly called: string; readonly truth: string }[], onList: number): Matched | undefined {
  if (calls.length < 2) return undefined;
  const right = calls.filter(({ called, truth }) => called === truth).length;
  const whole = calls.length === onList && new Set(calls.map(({ called }) => called)).size === onList;
  const chance = whole ? byMatching(right, onList) : byGuessing(right, calls.length, 1 / onList);
  return { right, of: calls.length, luck: `By luck ${right === 0 ? 'none' : `${inWords(right)} or more`} would be right ${luckInWords(chance)}.` };
}
