import { bandAt, usualRuler, type OwnRuler } from '../finish/finish';
import type { Chip, NoteDocument } from '../wine/note';
import { classOfHue, colourWord, hueLadders, observables, type Observed, type Stop } from '../wine/observables';
import { capital, listed, withArticle } from '../wine/plural';
import { changedSince } from './changed';
import { say } from './phrases';

/** One sentence of the written note, with what it was written from. */
export interface Statement {
  readonly id: string;
  readonly text: string;
  /** JSON of the observations it says: changes exactly when they do. */
  readonly from: string;
  /** The taster's own wording stands instead. */
  readonly rewritten: boolean;
  /** The observation moved after the taster rewrote the sentence. */
  readonly outdated: boolean;
  /** What moved since, such as "tannin moved to firm (70)". */
  readonly changed: readonly string[];
}

/** How a descriptor is called; the vocabulary lives with the trade's tables and is passed in. */
export type NameOf = (chip: Chip) => string;
/** How a smell stands in a sentence: a thing ("lemon"), what a wine is like ("citrussy"), or a sentence of the taster's own, set apart in quotation marks. */
export interface Spoken {
  readonly name: string;
  readonly as: 'noun' | 'adjective' | 'own';
}
export type SpokenOf = (chip: Chip) => Spoken;

type Draft = { id: string; text: string; from: unknown };

/**
 * The written note: plain British prose composed from what was recorded and nothing else. An unset observation is never mentioned, each observation is
 * said once, a span keeps its hedge ("between fresh and lively"). Sentences the taster rewrote stand as they wrote them.
 */
export function composeNote(note: NoteDocument, spoken: SpokenOf): readonly Statement[] {
  const drafts: Readonly<Record<string, Draft | undefined>> = {
    appearance: appearance(note.observed),
    nose: nose(note, spoken),
    palate: palate(note.observed),
    mouth: mouth(note, spoken),
    finish: finish(note),
    judgement: judgement(note),
  };
  return Object.entries(drafts).flatMap(([id, draft]) => {
    const own = note.rewritten[id];
    // A sentence of the taster's stays theirs, though what it was written from was cleared.
    const from = draft === undefined ? '{}' : JSON.stringify(draft.from);
    const text = own?.text ?? draft?.text;
    if (text === undefined) return [];
    const outdated = own !== undefined && own.from !== from;
    return [{ id, text, from, rewritten: own !== undefined, outdated, changed: outdated ? changedSince(own.from, from) : [] }];
  });
}

export const asText = (statements: readonly Statement[]) => statements.map((statement) => statement.text).join(' ');

/** The fields of a record that are set: what a statement was written from. */
function pick(observed: Observed, ids: readonly (keyof Observed)[]): Record<string, unknown> {
  return Object.fromEntries(ids.filter((id) => observed[id] !== undefined).map((id) => [id, observed[id]]));
}
/** A sentence of the parts that are there; undefined when none is. */
const sentence = (parts: readonly (string | undefined)[], between = ', '): string | undefined => {
  const there = parts.filter((part) => part !== undefined && part !== '');
  return there.length === 0 ? undefined : `${capital(there.join(between))}.`;
};
const given = <T, R>(value: T | undefined, then: (value: T) => R): R | undefined => (value === undefined ? undefined : then(value));
const isSpan = (words: string): boolean => /\bbetween\b/.test(words);
/** What a wine is, one word after the other: "dry, fresh and full-bodied"; spans have an "and" of their own, come last and are told apart by commas alone. */
const described = (words: readonly string[]): string =>
  words.some(isSpan) ? [...words.filter((word) => !isSpan(word)), ...words.filter(isSpan)].join(', ') : listed(words);
const withAll = (things: readonly string[]): string | undefined => (things.length === 0 ? undefined : `with ${described(things)}`);

function hueWord(hue: string): string {
  return (hueLadders[classOfHue(hue)!] as Readonly<Record<string, string>>)[hue]!;
}
/** A colour as one says it of a glass: "a pale lemon", "straw in colour", "a pale, green-tinged white". */
function coloured(o: Observed): string | undefined {
  const foreign = o.colour !== undefined && (o.hue === undefined || classOfHue(o.hue) !== o.colour) ? colourWord[o.colour] : undefined;
  const hue = o.hue === undefined ? undefined : hueWord(o.hue);
  // A hue that is no name of a colour takes the wine's: white with a green tinge.
  const tinge = o.hue === 'greenish' || o.hue === 'colourless';
  if (o.depth === undefined) {
    if (hue === undefined) return given(foreign, (colour) => `${colour} in colour`);
    if (tinge) return withArticle(`${hue} ${foreign ?? colourWord.white}`);
    return foreign === undefined ? `${hue} in colour` : `${foreign}, and ${hue} in hue`;
  }
  const name = tinge ? `${hue} ${foreign ?? 'white'}` : hue === undefined ? foreign : foreign === undefined ? hue : `${foreign}, and ${hue} in hue`;
  return say.depth(o.depth, name, tinge);
}
function appearance(o: Observed): Draft | undefined {
  const rimHue = o.rimHue !== undefined && o.rimHue !== o.hue ? hueWord(o.rimHue) : undefined;
  const rim =
    o.rim === undefined && o.rimHue === undefined
      ? undefined
      : say.rim(o.rim, rimHue ?? (o.hue === undefined && o.rimHue !== undefined ? hueWord(o.rimHue) : undefined));
  const first = [given(o.clarity, (clarity) => observables.clarity.options[clarity]), coloured(o)].filter((part) => part !== undefined).join(', ');
  const fading = rimHue !== undefined && o.hue !== undefined;
  const seen = [
    fading ? undefined : rim,
    given(
      o.bead === 'none' ? undefined : o.bead,
      (bead) =>
        ({
          wall: 'a few bubbles on the glass',
          fine: 'fine, steady bubbles',
          medium: 'steady bubbles',
          coarse: 'large, short-lived bubbles',
        })[bead],
    ),
    given(o.foam, (foam) => ({ gone: 'foam that goes at once', ring: 'a thin ring of foam', crown: 'a lasting crown of foam' })[foam]),
    given(o.browning, (brown) => ({ none: 'no brown in it', edge: 'brown at the edge', through: 'brown all through it' })[brown]),
    given(o.particles, (particles) => (particles === 'none' ? 'nothing floating in it' : observables.particles.options[particles])),
    given(o.tears, (tears) => ({ none: 'no tears', quick: 'thin, quick tears', middling: 'tears of a middling pace', slow: 'thick, slow tears' })[tears]),
    given(o.staining, (stain) => ({ clean: 'no colour left on the glass', tint: 'a tint left on the glass', stains: 'colour that stains the glass' })[stain]),
  ].filter((part) => part !== undefined);
  const lead = fading ? `${first} fading to ${rim!}` : first;
  const still = o.bead === 'none' ? 'still' : undefined;
  const text = sentence([lead, still, lead === '' && still === undefined ? described(seen) : withAll(seen)]);
  if (text === undefined) return undefined;
  return {
    id: 'appearance',
    text,
    from: pick(o, ['clarity', 'colour', 'hue', 'depth', 'rim', 'rimHue', 'bead', 'particles', 'browning', 'tears', 'foam', 'staining']),
  };
}

/** Chips of one name are one, the first of them. */
function once(chips: readonly Chip[], spoken: SpokenOf): readonly Chip[] {
  const seen = new Set<string>();
  return chips.filter((chip) => {
    const name = spoken(chip).name.toLowerCase();
    return seen.has(name) ? false : (seen.add(name), true);
  });
}
/** Smells in one run: the strong ones first, the traces last, so that neither word is taken for its neighbour's. */
function run(chips: readonly Chip[], spoken: SpokenOf): string {
  const of = (strength: Chip['strength']) => chips.filter((chip) => chip.strength === strength).map((chip) => spoken(chip).name);
  const [traces, clear, strong] = [of(1), of(2), of(3)];
  return listed([
    ...strong.map((name) => `strong ${name}`),
    ...clear,
    ...(traces.length === 0 ? [] : [`${traces.length === 1 ? 'a trace' : 'traces'} of ${listed(traces)}`]),
  ]);
}
const quoted = (words: readonly string[]) => `in my own words: ${listed(words.map((word) => `“${word.replace(/[.“”"]+/g, '').trim()}”`))}`;

function nose(note: NoteDocument, spoken: SpokenOf): Draft | undefined {
  const o = note.observed;
  const smelt = note.chips.filter((chip) => chip.layer !== 'mouth');
  const told = once(smelt, spoken);
  const like = told.filter((chip) => spoken(chip).as === 'adjective').map((chip) => spoken(chip).name);
  const own = told.filter((chip) => spoken(chip).as === 'own').map((chip) => spoken(chip).name);
  const things = told.filter((chip) => spoken(chip).as === 'noun');
  const named = (layer: Chip['layer']) =>
    run(
      things.filter((chip) => chip.layer === layer),
      spoken,
    );
  const [first, swirled, later] = [named('first'), named('swirled'), named('later')];
  const smells = [first, swirled === '' ? '' : first === '' ? swirled : `then ${swirled}`, later === '' ? '' : `later ${later}`]
    .filter((part) => part !== '')
    .join(', ');
  const loud = say.nose(o.noseStill, o.noseSwirled);
  let lead: string;
  if (loud !== undefined) {
    const what = [listed(like), like.length > 0 && smells !== '' ? `with ${smells}` : smells].filter((part) => part !== '').join(', ');
    lead = `${loud}${what === '' ? '' : `: ${what}`}`;
  } else if (like.length > 0) lead = `it smells ${listed(like)}${smells === '' ? '' : `, of ${smells}`}`;
  else if (things.length === 1 && things[0]!.strength === 3 && things[0]!.layer !== 'later') lead = `it smells strongly of ${spoken(things[0]!).name}`;
  else lead = smells === '' ? '' : `it smells of ${smells}`;
  const sentences = [
    sentence([lead, own.length === 0 ? undefined : quoted(own)], '; '),
    cleanThroughout(o)
      ? undefined
      : given(
          o.health,
          (health) =>
            ({
              sound: 'Clean on the nose.',
              trace: 'There is a trace of something that may be a fault.',
              doubtful: 'Its health is in doubt.',
              faulty: 'Faulty on the nose.',
            })[health],
        ),
    given(o.noseFineness, (fineness) => say.fineness(fineness, 'nose')),
  ].filter((part) => part !== undefined);
  if (sentences.length === 0) return undefined;
  return {
    id: 'nose',
    text: sentences.join(' '),
    from: {
      ...pick(o, ['noseStill', 'noseSwirled', 'noseFineness', ...(cleanThroughout(o) ? [] : (['health'] as const))]),
      ...(smelt.length === 0 ? {} : { chips: smelt.map(({ id, term, words, layer, strength }) => ({ id, term, words, layer, strength })) }),
    },
  };
}
/** Sound on the nose and in the mouth: said once, of both. */
const cleanThroughout = (o: Observed) => o.health === 'sound' && o.palateHealth === 'sound';

function palate(o: Observed): Draft | undefined {
  const acidity = given(o.acidity, say.acidity);
  const is = [given(o.sweetness, say.sweetness), acidity === 'fresh' ? acidity : undefined, given(o.body, say.body), given(o.alcohol, say.alcohol)].filter(
    (part) => part !== undefined,
  );
  const has = [
    acidity === 'fresh' ? undefined : acidity,
    say.tannin(
      o.tannin,
      given(o.tanninRipeness, (ripe) => observables.tanninRipeness.options[ripe]),
      given(o.tanninGrain, (grain) => observables.tanninGrain.options[grain]),
    ),
    given(o.bubbles, say.bubbles),
    given(o.bitterness, say.bitterness),
    given(o.savoury, say.savoury),
    given(o.saline, say.saline),
    given(o.oak, say.oak),
  ].filter((part) => part !== undefined);
  const sentences = [
    sentence([described(is), is.length === 0 ? described(has) : withAll(has)]),
    given(o.texture, (texture) => `${capital(observables.texture.options[texture])} in feel.`),
    given(
      o.bitterWelcome,
      (welcome) =>
        ({ welcome: 'The bitter note is welcome.', neither: 'The bitter note neither helps nor hurts.', unwelcome: 'The bitter note is unwelcome.' })[welcome],
    ),
    given(o.intensity, (intensity) => sentence([say.intensity(intensity)])),
    given(o.palateHealth, (health) =>
      cleanThroughout(o)
        ? 'Clean throughout.'
        : {
            sound: 'Clean in the mouth.',
            trace: 'There is a trace of something unclean in the mouth.',
            doubtful: 'Its health is in doubt in the mouth.',
            faulty: 'Faulty in the mouth.',
          }[health],
    ),
    given(o.palateFineness, (fineness) => say.fineness(fineness, 'palate')),
  ].filter((part) => part !== undefined);
  if (sentences.length === 0) return undefined;
  return {
    id: 'palate',
    text: sentences.join(' '),
    from: pick(o, [
      'sweetness',
      'acidity',
      'tannin',
      'tanninGrain',
      'tanninRipeness',
      'alcohol',
      'body',
      'bubbles',
      'bitterness',
      'intensity',
      'palateHealth',
      'palateFineness',
      'bitterWelcome',
      'savoury',
      'saline',
      'oak',
      'texture',
      ...(cleanThroughout(o) ? (['health'] as const) : []),
    ]),
  };
}

function mouth(note: NoteDocument, spoken: SpokenOf): Draft | undefined {
  const name = (chip: Chip) => spoken(chip).name;
  const onTheNose = note.chips.filter((chip) => chip.layer !== 'mouth');
  const mouthed = note.chips.filter((chip) => chip.layer === 'mouth');
  const again = (chip: Chip) => mouthed.some((other) => name(other).toLowerCase() === name(chip).toLowerCase());
  const moved = onTheNose.filter((chip) => chip.fate !== undefined);
  // A smell named twice on the nose has one fate, the first that was said.
  const told = once([...moved, ...onTheNose], spoken).filter((chip) => chip.fate !== undefined || again(chip));
  const became = (fate: Chip['fate']) => told.filter((chip) => chip.fate === fate);
  const sets = {
    // A smell named again in the mouth has stayed, whatever was said of it before.
    stayed: told.filter((chip) => chip.fate === 'stayed' || ((chip.fate === undefined || chip.fate === 'gone') && again(chip))),
    grew: became('grew'),
    faded: became('faded'),
    gone: became('gone').filter((chip) => !again(chip)),
    fresh: once(
      mouthed.filter((chip) => !onTheNose.some((other) => name(other).toLowerCase() === name(chip).toLowerCase())),
      spoken,
    ),
  };
  const subject = (chip: Chip) => ({ noun: name(chip), adjective: `the ${name(chip)} side`, own: `“${name(chip)}”` })[spoken(chip).as];
  const clause = (chips: readonly Chip[], one: string, many: string, told = listed(chips.map(subject))) =>
    chips.length === 0 ? undefined : `${told} ${chips.length > 1 ? many : one}`;
  const isNoun = (chip: Chip) => spoken(chip).as === 'noun';
  const fresh = listed([run(sets.fresh.filter(isNoun), spoken), ...sets.fresh.filter((chip) => !isNoun(chip)).map(subject)].filter((part) => part !== ''));
  const clauses = [
    clause(sets.stayed, 'stays', 'stay'),
    clause(sets.grew, 'grows', 'grow'),
    clause(sets.faded, 'fades', 'fade'),
    clause(sets.gone, 'has gone', 'have gone'),
    clause(sets.fresh, 'comes in', 'come in', fresh),
  ].filter((part) => part !== undefined);
  if (clauses.length === 0) return undefined;
  return {
    id: 'mouth',
    text: `In the mouth ${clauses.join('; ')}.`,
    from: { fresh: mouthed.map(({ id, term, words, strength }) => ({ id, term, words, strength })), moved: moved.map(({ id, fate }) => ({ id, fate })) },
  };
}

const secondsWord = (s: number) => (Math.round(s) === 1 ? 'one second' : `${Math.round(s)} seconds`);
/** "A long finish of 18 seconds." A watch broken off is a lower bound; a length said without the watch has no seconds. */
function lasting(stop: Stop, ruler: OwnRuler): string {
  const { word: called, last } = bandAt(ruler, stop.seconds);
  // A host's own word may bring its article.
  const word = called.replace(/^(?:an?|the) /i, '');
  if (stop.between !== undefined) return `${capital(withArticle(word))} finish, by feel.`;
  if (stop.atLeast !== true) return `${capital(withArticle(word))} finish of ${secondsWord(stop.seconds)}.`;
  return last
    ? `${capital(withArticle(word))} finish, at least ${secondsWord(stop.seconds)}.`
    : `A finish of at least ${secondsWord(stop.seconds)}: ${word} or longer.`;
}
const lowest = (stop: Stop) => `${stop.atLeast === true ? 'at least ' : ''}${secondsWord(stop.seconds)}`;
function finish({ observed: o, ruler = usualRuler }: NoteDocument): Draft | undefined {
  const sentences = [
    given(o.finish, (stop) => lasting(stop, ruler)),
    given(o.finishAgain, (stop) => `A second sip gives ${lowest(stop)}.`),
    given(o.after, (stop) => `Acid, bitterness or heat stays for ${lowest(stop)}.`),
  ].filter((part) => part !== undefined);
  if (sentences.length === 0) return undefined;
  return {
    id: 'finish',
    text: sentences.join(' '),
    from: { ...pick(o, ['finish', 'finishAgain', 'after']), ...(o.finish === undefined || ruler === usualRuler ? {} : { ruler }) },
  };
}

function judgement({ observed: o, lookAgain, buyUpTo }: NoteDocument): Draft | undefined {
  const again = o.readiness === 'young' && lookAgain !== undefined ? lookAgain : undefined;
  const ceiling = o.buy === 'yes' && buyUpTo !== undefined ? buyUpTo : undefined;
  const sentences = [
    sentence([
      given(o.balance, say.balance),
      given(o.complexity, say.complexity),
      given(o.readiness, (readiness) => `${observables.readiness.options[readiness]}${again === undefined ? '' : `: look again in ${again}`}`),
    ]),
    given(o.typicity, (typicity) => sentence([say.typicity(typicity)])),
    given(o.quality, (quality) => `${quality} of 100.`),
    given(o.liking, (liking) => sentence([say.liking(liking)])),
    given(o.value, (value) => sentence([say.value(value)])),
    given(
      o.buy,
      (buy) =>
        ({
          no: 'I would not buy it.',
          perhaps: 'I might buy it.',
          yes: `I would buy it${given(ceiling, ({ amount, currency }) => `, at no more than ${amount} ${currency}`) ?? ''}.`,
        })[buy],
    ),
    given(
      o.another,
      (another) => ({ no: 'I would not want another glass.', perhaps: 'Perhaps another glass.', yes: 'I would gladly have another glass.' })[another],
    ),
  ].filter((part) => part !== undefined);
  if (sentences.length === 0) return undefined;
  return {
    id: 'judgement',
    text: sentences.join(' '),
    from: {
      ...pick(o, ['balance', 'complexity', 'typicity', 'readiness', 'quality', 'liking', 'value', 'buy', 'another']),
      ...(again === undefined ? {} : { lookAgain: again }),
      ...(ceiling === undefined ? {} : { buyUpTo: ceiling }),
    },
  };
}
