import type { GrapeShare, Origin, Stated, WineFacts } from '@rose/core/wine/facts';
import { ageOn, factOf, isSouthern } from '@rose/core/wine/stated';
import { loadsOf, profileKeys, resolveProfile, type ProfileKey } from '@rose/core/wine/profile';
import { airOf } from '../src/air/index';
import { bandOf } from '../src/serving-temperatures/index';
import { expectedSmells, type Awaited } from '../src/expectation/index';
import { grapeNamed } from '../src/grapes/index';
import { rungOf, styleOf } from '../src/styles/index';
import { styleSentence } from '../src/style-sentence/index';
import { windowOf } from '../src/window/index';
import { today, type Synonyms, type Tests, type WineCase } from './cases';
import { airFor, classOf, closures, familiesOfSmell, inClasses, oaks, rungFor, smellsBehind } from './in-our-words';
import { judgeLaw } from './law';
import type { Expectation } from './score';

const from = (origin: Origin) => ({ origin });
const stated = <T>(value: T): Stated<T> => ({ value, ...from('label') });

/** Facts of a case as ours. Amber is what is seen: only days on the skins make a wine amber of class, else its grapes say whether it is a red or a white. */
export function factsOf(known: WineCase['facts']): WineFacts {
  const grapes: readonly GrapeShare[] = known.grapes.map(({ name, share }) => ({
    grape: name,
    share: share === undefined ? { kind: 'unknown' } : { kind: 'exact', percent: share },
  }));
  const black = grapes.length > 0 && grapes.every((entry) => grapeNamed(entry.grape)?.skin === 'black');
  const colour = known.colour === 'amber' ? ((known.skinDays ?? 0) >= 1 ? 'amber' : black ? 'red' : 'white') : known.colour === 'rosé' ? 'rose' : known.colour;
  const closure = closures[known.closure as keyof typeof closures] as (typeof closures)[keyof typeof closures] | undefined;
  const oak = oaks[known.oak as keyof typeof oaks] as (typeof oaks)[keyof typeof oaks] | undefined;
  return {
    colour: stated(colour as 'white'),
    bubbles: stated(known.bubbles),
    ...(grapes.length === 0 ? {} : { grapes: stated(grapes) }),
    ...(known.country === undefined ? {} : { country: stated(known.country) }),
    ...(known.region === undefined ? {} : { region: stated(known.region) }),
    ...(known.appellation === undefined ? {} : { appellation: stated(known.appellation) }),
    ...(known.vintage === undefined
      ? {}
      : { vintage: stated(known.vintage === null ? { kind: 'none' as const } : { kind: 'year' as const, year: known.vintage }) }),
    ...(known.abv === undefined ? {} : { abv: stated(known.abv) }),
    ...(known.sugar_gL === undefined ? {} : { sugar: stated(known.sugar_gL) }),
    ...(known.acidity_gL === undefined ? {} : { acidity: stated(known.acidity_gL) }),
    ...(oak === undefined ? {} : { oak: stated(oak) }),
    ...(known.monthsWood === undefined ? {} : { woodMonths: stated(known.monthsWood) }),
    ...(known.monthsLees === undefined ? {} : { leesMonths: stated(known.monthsLees) }),
    ...(known.skinDays === undefined ? {} : { skinDays: stated(known.skinDays) }),
    ...(known.fortified === undefined ? {} : { fortified: stated(known.fortified) }),
    ...(known.underFlor === undefined ? {} : { underFlor: stated(known.underFlor) }),
    ...(known.heated === undefined ? {} : { heated: stated(known.heated) }),
    ...(known.driedGrapes === undefined ? {} : { driedGrapes: stated(known.driedGrapes) }),
    ...(known.method === undefined ? {} : { method: stated(known.method) }),
    ...(closure === undefined ? {} : { closure: stated(closure) }),
  };
}

/** The phrases of a list that stand in a sentence: the longest first, whole words, a hyphenated word one word, a negated phrase none. */
export function phrasesIn(sentence: string, phrases: ReadonlySet<string>): ReadonlySet<string> {
  const words = sentence.toLowerCase().match(/[\p{L}\p{N}’']+(?:-[\p{L}\p{N}’']+)*/gu) ?? [];
  const longest = Math.max(...[...phrases].map((phrase) => phrase.split(' ').length));
  const found = new Set<string>();
  for (let at = 0; at < words.length;) {
    let taken = 0;
    for (let length = Math.min(longest, words.length - at); length >= 1; length--) {
      const phrase = words.slice(at, at + length).join(' ');
      if (!phrases.has(phrase)) continue;
      if (!['not', 'no', 'without', 'never', 'neither', 'nor'].includes(words[at - 1] ?? '')) found.add(phrase);
      taken = length;
      break;
    }
    at += Math.max(1, taken);
  }
  return found;
}

interface Subject {
  readonly values: Readonly<Record<ProfileKey, number>>;
  readonly case: WineCase['facts'];
  readonly families: ReadonlySet<string>;
  readonly age: number | undefined;
}
function holds(test: Tests[string], value: unknown): boolean {
  if (Array.isArray(test))
    return test.every((one) => typeof one === 'string' && /^[<>]=/.test(one)) ? test.every((one) => holds(one, value)) : test.includes(value as string);
  const limit = typeof test === 'string' ? /^([<>]=)([\d.]+)$/.exec(test) : null;
  if (limit === null) return test === value;
  return typeof value === 'number' && (limit[1] === '>=' ? value >= Number(limit[2]) : value <= Number(limit[2]));
}
const compares = (test: Tests[string]) => [test].flat().every((one) => typeof one === 'string' && /^[<>]=/.test(one));
const allHold = (tests: Tests, { values, case: known }: Subject): boolean =>
  Object.entries(tests).every(([key, test]) =>
    compares(test) && (profileKeys as readonly string[]).includes(key) ? holds(test, classOf(values[key as ProfileKey])) : holds(test, known[key]),
  );
/** Whether what the case's words rest on is behind a word of style. */
function behind(word: string, subject: Subject, synonyms: Synonyms): boolean {
  const readings = synonyms.readings[word];
  if (readings !== undefined) return Array.isArray(readings) ? readings.some((tests) => allHold(tests, subject)) : allHold(readings, subject);
  const facts = synonyms.facts[word];
  if (facts !== undefined) return allHold(facts, subject);
  if (word === 'mature') return (subject.age ?? 0) >= 10;
  if (word === 'ripe') return classOf(subject.values.intensity) >= 3;
  return smellsBehind[word]?.some((family) => subject.families.has(family)) ?? false;
}

/** Whether two spans of years overlap by at least half of the shorter; both ends count. */
function overlap(a: readonly [number, number], b: readonly [number, number]): boolean {
  const common = Math.min(a[1], b[1]) - Math.max(a[0], b[0]) + 1;
  return common >= Math.min(a[1] - a[0] + 1, b[1] - b[0] + 1) / 2;
}

export function judgeWine({ id, facts: known, expect, certainty }: WineCase, synonyms: Synonyms): readonly Expectation[] {
  const facts = factsOf(known);
  const { style, why } = styleOf(facts);
  const profile = resolveProfile(facts, style, undefined, today);
  const values = loadsOf(profile);
  const age = ageOn(today, factOf(facts, 'vintage'), isSouthern(factOf(facts, 'country')));
  const awaited = expectedSmells(facts, today);
  // A word of a family that is expected alone stands for itself, not for its family.
  const familiesIn = (some: readonly Awaited[]): ReadonlySet<string> =>
    new Set(some.flatMap((entry): readonly string[] => (entry.of === 'age' ? [] : entry.only === undefined ? entry.of : [entry.what])));
  const expected = familiesIn(awaited);
  // The first family is the usual one, the others answer it too.
  const typical = familiesIn(
    awaited.filter((entry) => entry.firm !== 'possible').map((entry) => (entry.of === 'age' ? entry : { ...entry, of: entry.of.slice(0, 1) })),
  );
  const subject: Subject = { values, case: known, families: expected, age };
  const because = [`style: ${style.name} (${why})`];
  const out: Expectation[] = [];
  const add = (group: Expectation['group'], what: string, right: number | boolean, wanted: string, said: string, more: Partial<Expectation> = {}) =>
    out.push({ group, key: `${id} ${what}`, right: Number(right), certainty, wanted, said, because, ...more });

  const sentence = styleSentence(facts, profile, today).text;
  const phrases = new Set([...Object.values(synonyms.says), ...Object.values(synonyms.never)].flat().map((phrase) => phrase.toLowerCase()));
  const said = phrasesIn(sentence, phrases);
  const has = (list: readonly string[] | undefined) => list?.some((phrase) => said.has(phrase.toLowerCase())) ?? false;
  const neverSaid = new Set(expect.styleNever.flatMap((word) => (synonyms.never[word] ?? []).map((phrase) => phrase.toLowerCase())));
  const says = expect.styleSays.map((word) => {
    const list = (synonyms.says[word] ?? []).filter((phrase) => !neverSaid.has(phrase.toLowerCase()));
    const right = has(list) && behind(word, subject, synonyms);
    const note = has(list) ? ', but nothing behind it' : behind(word, subject, synonyms) ? ', though it is behind' : '';
    add('style words', `says ${word}`, right, word, `${sentence}${right ? '' : note}`, synonyms.says[word] === undefined ? { notPlaced: word } : {});
    return right;
  });
  const nevers = expect.styleNever.map((word) => {
    const right = !has(synonyms.never[word]);
    add('never words', `never ${word}`, right, `not ${word}`, sentence, synonyms.never[word] === undefined ? { notPlaced: word } : {});
    return right;
  });
  const short = sentence.split(/\s+/).length <= 14 + (factOf(facts, 'region') ?? '').split(/\s+/).length + 2;
  add(
    'style sentences',
    'sentence',
    [...says, ...nevers].every(Boolean) && short,
    [...expect.styleSays, ...expect.styleNever.map((word) => `not ${word}`)].join(', '),
    sentence,
  );

  for (const [key, classes] of Object.entries(expect.readings)) {
    const value = (values as Readonly<Record<string, number | undefined>>)[key];
    add('readings', key, value !== undefined && inClasses(value, classes), String(classes), `${value?.toFixed(0)} (${classOf(value ?? 0).toFixed(1)})`, {
      because: [...because, `${key} from ${(profile as Readonly<Record<string, { why: string } | undefined>>)[key]?.why ?? ''}`],
    });
  }
  const family = (word: string) => familiesOfSmell(word, synonyms);
  const placed = (words: readonly string[]) => {
    const lost = words.filter((word) => synonyms.smellFamilies[word] === undefined);
    return lost.length === 0 ? {} : { notPlaced: lost.join(', ') };
  };
  const hit = expect.smellsTypical.filter((word) => family(word).some((one) => expected.has(one)));
  const list = [...expected].join(', ');
  add(
    'smells typical',
    'smells',
    hit.length >= expect.smellsTypical.length / 2,
    expect.smellsTypical.join(', '),
    `${list}; found: ${hit.join(', ')}`,
    placed(expect.smellsTypical),
  );
  const wrong = expect.smellsAtypical.filter((word) => family(word).some((one) => typical.has(one)));
  add(
    'smells atypical',
    'no such smells',
    wrong.length === 0,
    `not ${expect.smellsAtypical.join(', ')}`,
    `${[...typical].join(', ')}; wrong: ${wrong.join(', ')}`,
    placed(expect.smellsAtypical),
  );

  const band = bandOf(facts, values);
  add(
    'serve',
    'serve',
    band.low >= expect.serveC[0] - 1 && band.high <= expect.serveC[1] + 1,
    `${expect.serveC.join('–')} °C`,
    `${band.low}–${band.high} °C, ${band.name}`,
  );
  const air = airOf(facts, profile, age, false);
  const airs = [expect.air, ...(expect.airOk ?? []), ...(expect.airAlso ?? [])];
  add('air', 'air', airs.flatMap((word) => airFor[word] ?? []).includes(air.choice), airs.join(', '), `${air.choice}, ${air.doubt}`, {
    because: [...because, ...[...air.reasons, ...air.against].map((reason) => `${reason.id} ${reason.push.toFixed(1)}`)],
  });
  const rung = rungOf(facts, values);
  const rungs = [expect.rung, ...(expect.rungOk ?? []), ...(expect.rungAlso ?? [])];
  add(
    'rung',
    'rung',
    rungs.some((word) => rungFor[word] === rung),
    rungs.join(', '),
    rung,
  );

  const window = windowOf(facts, profile, today);
  const now = Number(today.slice(0, 4));
  const { from: begins, until } = expect.drink;
  const tells = window === undefined ? 'no window' : `${window.from.join('–')} until ${window.until.join('–')}`;
  const whyWindow = window === undefined ? because : [...because, ...window.reasons.map((reason) => `${reason.id} ${reason.push}`)];
  // A wine on sale and in its span is right by "now".
  const inSpan = window !== undefined && window.from[0] <= now && now <= until[1] && begins[0] <= now;
  add(
    'drink from',
    'from',
    window !== undefined && (overlap(window.from, [begins[0] - 1, begins[1] + 1]) || (inSpan && window.from[1] <= now)),
    begins.join('–'),
    tells,
    {
      because: whyWindow,
    },
  );
  add('drink until', 'until', window !== undefined && overlap(window.until, until), until.join('–'), tells, { because: whyWindow });
  return [...out, ...judgeLaw({ id, facts, expect, certainty, because })];
}
