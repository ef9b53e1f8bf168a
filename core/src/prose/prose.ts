import { classOfHue, hueLadders, notchWord, observables, type Observed, type Reading, type ScaleObservable } from '../wine/observables';
import type { Chip, NoteDocument } from '../wine/note';
import { capital, listed } from '../wine/plural';
import { finishWord } from '../finish/finish';
import { changedSince } from './changed';

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

type Draft = { id: string; text: string; from: unknown };

/**
 * The written note: plain British prose composed from what was recorded and nothing else. An unset observation is never mentioned, each observation is
 * said once, a span keeps its hedge ("between fresh and lively"). Sentences the taster rewrote stand as they wrote them.
 */
export function composeNote(note: NoteDocument, nameOf: NameOf): readonly Statement[] {
  const drafts: Readonly<Record<string, Draft | undefined>> = {
    appearance: appearance(note.observed),
    nose: nose(note, nameOf),
    palate: palate(note.observed),
    mouth: mouth(note, nameOf),
    finish: finish(note.observed),
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

function word(id: keyof typeof observables, reading: Reading): string {
  const { notches } = observables[id] as ScaleObservable;
  if (typeof reading === 'number') return notchWord(notches, reading);
  const [low, high] = [notchWord(notches, reading[0]), notchWord(notches, reading[1])];
  return low === high ? low : `between ${low} and ${high}`;
}

/** The fields of a record that are set: what a statement was written from. */
function pick(observed: Observed, ids: readonly (keyof Observed)[]): Record<string, unknown> {
  return Object.fromEntries(ids.filter((id) => observed[id] !== undefined).map((id) => [id, observed[id]]));
}

const an = (next: string) => (/^[aeiou]/i.test(next) ? 'an' : 'a');

function appearance(o: Observed): Draft | undefined {
  const parts: string[] = [];
  const hue = o.hue === undefined ? undefined : hueWord(o.hue);
  const depth = o.depth === undefined ? undefined : word('depth', o.depth);
  const colour = o.colour !== undefined && (hue === undefined || classOfHue(o.hue!) !== o.colour) ? observables.colour.options[o.colour] : undefined;
  if (o.clarity !== undefined) parts.push(observables.clarity.options[o.clarity]);
  const coloured = [depth, colour, hue].filter((part) => part !== undefined).join(' ');
  if (coloured !== '') parts.push(coloured);
  let text = parts.join(', ');
  const rim = o.rim === undefined ? undefined : rimPhrase(o.rim);
  const rimHue = o.rimHue === undefined ? undefined : hueWord(o.rimHue);
  if (rimHue !== undefined && o.rimHue !== o.hue) text += `${text === '' ? '' : ' '}fading to ${rim === undefined ? an(rimHue) : `${rim}`} ${rimHue} rim`;
  else if (rim !== undefined || rimHue !== undefined) text += `${text === '' ? '' : ' '}with ${rim ?? 'an even'} rim`;
  const more: string[] = [];
  if (o.bead !== undefined && o.bead !== 'none') more.push(o.bead === 'wall' ? 'a few bubbles on the glass' : `${observables.bead.options[o.bead]} bubbles`);
  if (o.bead === 'none') more.push('no bubbles');
  if (o.particles !== undefined && o.particles !== 'none') more.push(observables.particles.options[o.particles]);
  if (o.particles === 'none') more.push('nothing floating in it');
  if (o.tears !== undefined) more.push(o.tears === 'none' ? 'no tears' : `${observables.tears.options[o.tears]} tears`);
  if (o.foam !== undefined) more.push({ gone: 'foam that goes at once', ring: 'a thin ring of foam', crown: 'a lasting crown of foam' }[o.foam]);
  if (o.staining !== undefined)
    more.push({ clean: 'no colour left on the glass', tint: 'a tint left on the glass', stains: 'colour that stains the glass' }[o.staining]);
  if (more.length > 0) text += `${text === '' ? '' : '; '}${listed(more)}`;
  if (text === '') return undefined;
  return {
    id: 'appearance',
    text: `${capital(text)}.`,
    from: pick(o, ['clarity', 'colour', 'hue', 'depth', 'rim', 'rimHue', 'bead', 'particles', 'tears', 'foam', 'staining']),
  };
}
function rimPhrase(reading: Reading): string {
  if (typeof reading !== 'number') return `a rim of uncertain width and`;
  return (['an even', 'a thread-thin', 'a narrow', 'a wide', 'a very wide'] as const)[Math.min(4, Math.floor(reading / 25 + 0.5))]!;
}
function hueWord(hue: string): string {
  const colour = classOfHue(hue)!;
  return (hueLadders[colour] as Record<string, string>)[hue]!;
}

function nose(note: NoteDocument, nameOf: NameOf): Draft | undefined {
  const o = note.observed;
  const smelt = note.chips.filter((chip) => chip.layer !== 'mouth');
  const sentences: string[] = [];
  const still = o.noseStill === undefined ? undefined : word('noseStill', o.noseStill);
  const swirled = o.noseSwirled === undefined ? undefined : word('noseSwirled', o.noseSwirled);
  let lead: string;
  if (still !== undefined && swirled !== undefined)
    lead = still === swirled ? `The nose is ${still}, before the swirl and after` : `The nose is ${still} at first, ${swirled} after the swirl`;
  else if (swirled !== undefined) lead = `The nose is ${swirled} after the swirl`;
  else if (still !== undefined) lead = `The nose is ${still}`;
  else lead = '';
  const named = (layer: Chip['layer']) => smelt.filter((chip) => chip.layer === layer).map((chip) => strong(chip, nameOf));
  const first = named('first');
  const swirl = named('swirled');
  const later = named('later');
  const smells: string[] = [];
  if (first.length > 0) smells.push(listed(first));
  if (swirl.length > 0) smells.push(first.length > 0 ? `then ${listed(swirl)}` : listed(swirl));
  if (later.length > 0) smells.push(`later ${listed(later)}`);
  if (lead !== '' && smells.length > 0) sentences.push(`${lead}: ${smells.join(', ')}.`);
  else if (lead !== '') sentences.push(`${lead}.`);
  else if (smells.length > 0) sentences.push(`It smells of ${smells.join(', ')}.`);
  if (o.health !== undefined) {
    const says = {
      sound: 'It smells healthy',
      trace: 'There is a trace of something that may be a fault',
      doubtful: 'Its health is in doubt',
      faulty: 'It smells faulty',
    } as const;
    sentences.push(`${says[o.health]}.`);
  }
  if (o.noseFineness !== undefined) sentences.push(`A ${word('noseFineness', o.noseFineness)} nose.`.replace(/^A (between .*) nose\.$/, 'A nose $1.'));
  if (sentences.length === 0) return undefined;
  return {
    id: 'nose',
    text: sentences.join(' '),
    from: {
      ...pick(o, ['noseStill', 'noseSwirled', 'health', 'noseFineness']),
      chips: smelt.map(({ id, term, words, layer, strength }) => ({ id, term, words, layer, strength })),
    },
  };
}
function strong(chip: Chip, nameOf: NameOf): string {
  const name = nameOf(chip);
  return chip.strength === 1 ? `a trace of ${name}` : chip.strength === 3 ? `strong ${name}` : name;
}

function palate(o: Observed): Draft | undefined {
  const lead: string[] = [];
  if (o.sweetness !== undefined) lead.push(word('sweetness', o.sweetness));
  if (o.acidity !== undefined) lead.push(`${word('acidity', o.acidity)} in acid`);
  const withs: string[] = [];
  if (o.tannin !== undefined || o.tanninGrain !== undefined || o.tanninRipeness !== undefined) {
    const kind = [
      o.tanninRipeness === undefined ? '' : observables.tanninRipeness.options[o.tanninRipeness],
      o.tanninGrain === undefined ? '' : observables.tanninGrain.options[o.tanninGrain],
    ]
      .filter((part) => part !== '')
      .join(', ');
    const amount = o.tannin === undefined ? '' : word('tannin', o.tannin);
    if (amount === 'none') withs.push('no tannin');
    else if (amount === '') withs.push(`${kind} tannin`);
    else if (amount === 'present') withs.push(`${kind === '' ? '' : `${kind} `}tannin plainly there`);
    else if (amount.startsWith('between')) withs.push(`${kind === '' ? '' : `${kind} `}tannin ${amount}`);
    else withs.push(`${[amount, kind].filter((part) => part !== '').join(', ')} tannin`);
  }
  if (o.alcohol !== undefined) withs.push(typeof o.alcohol === 'number' ? `${word('alcohol', o.alcohol)} alcohol` : `alcohol ${word('alcohol', o.alcohol)}`);
  if (o.body !== undefined) withs.push(typeof o.body === 'number' ? `the weight of ${bodyWord(o.body)}` : `a weight ${word('body', o.body)}`);
  if (o.bubbles !== undefined) {
    const bubbles = word('bubbles', o.bubbles);
    withs.push(
      bubbles === 'still'
        ? 'no bubbles in the mouth'
        : bubbles === 'prickle'
          ? 'a prickle of gas'
          : bubbles === 'soft mousse'
            ? 'a soft mousse'
            : typeof o.bubbles === 'number'
              ? `${bubbles} bubbles`
              : `bubbles ${bubbles}`,
    );
  }
  if (o.bitterness !== undefined) {
    const bitter = word('bitterness', o.bitterness);
    withs.push(
      bitter === 'none'
        ? 'no bitterness'
        : bitter === 'a trace'
          ? 'a trace of bitterness'
          : typeof o.bitterness === 'number'
            ? `${bitter} bitterness`
            : `bitterness ${bitter}`,
    );
  }
  const hints = [savour('savour', o.savoury, 'savoury'), savour('salt', o.saline, 'saline'), savour('oak', o.oak, 'oak')].filter((part) => part !== undefined);
  withs.push(...hints);
  let text = lead.join(', ');
  if (withs.length > 0) text += `${text === '' ? 'It has' : ', with'} ${listed(withs)}`;
  const sentences = text === '' ? [] : [`${capital(text)}.`];
  if (o.texture !== undefined) sentences.push(`It feels ${observables.texture.options[o.texture]}.`);
  if (o.bitterWelcome !== undefined)
    sentences.push(
      {
        welcome: 'The bitter note is welcome.',
        neither: 'The bitter note neither helps nor hurts.',
        unwelcome: 'The bitter note is unwelcome.',
      }[o.bitterWelcome],
    );
  if (o.intensity !== undefined) sentences.push(`The flavour is ${word('intensity', o.intensity)}.`);
  if (o.palateHealth !== undefined)
    sentences.push(
      {
        sound: 'It is clean in the mouth.',
        trace: 'There is a trace of something unclean in the mouth.',
        doubtful: 'It is doubtful in the mouth.',
        faulty: 'It is faulty in the mouth.',
      }[o.palateHealth],
    );
  if (o.palateFineness !== undefined)
    sentences.push(`A ${word('palateFineness', o.palateFineness)} palate.`.replace(/^A (between .*) palate\.$/, 'A palate $1.'));
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
    ]),
  };
}
/** "a hint of salt", "marked savour", "salt between plain and marked". */
function savour(name: string, reading: Reading | undefined, id: 'savoury' | 'saline' | 'oak'): string | undefined {
  if (reading === undefined) return undefined;
  const said = word(id, reading);
  if (said === 'none') return `no ${name}`;
  if (said === 'a hint') return `a hint of ${name}`;
  return said.startsWith('between') ? `${name} ${said}` : said === 'brothy' || said === 'briny' ? `a ${said} ${name}` : `${said} ${name}`;
}
function bodyWord(reading: Reading): string {
  const said = word('body', reading);
  return said === 'skimmed' ? 'skimmed milk' : said === 'rich' ? 'rich milk' : said;
}

function mouth(note: NoteDocument, nameOf: NameOf): Draft | undefined {
  const fresh = note.chips.filter((chip) => chip.layer === 'mouth');
  const moved = note.chips.filter((chip) => chip.layer !== 'mouth' && chip.fate !== undefined);
  const names = (fate: NonNullable<Chip['fate']>) => moved.filter((chip) => chip.fate === fate).map(nameOf);
  const clauses: string[] = [];
  const add = (fate: NonNullable<Chip['fate']>, one: string, many: string) => {
    const found = names(fate);
    if (found.length > 0) clauses.push(`${listed(found)} ${found.length > 1 ? many : one}`);
  };
  add('stayed', 'stays', 'stay');
  add('grew', 'grows', 'grow');
  add('faded', 'fades', 'fade');
  add('gone', 'has gone', 'have gone');
  if (fresh.length > 0) clauses.push(`${listed(fresh.map((chip) => strong(chip, nameOf)))} ${fresh.length > 1 ? 'come' : 'comes'} in`);
  if (clauses.length === 0) return undefined;
  return {
    id: 'mouth',
    text: `In the mouth ${clauses.join('; ')}.`,
    from: { fresh: fresh.map(({ id, term, words, strength }) => ({ id, term, words, strength })), moved: moved.map(({ id, fate }) => ({ id, fate })) },
  };
}

function finish(o: Observed): Draft | undefined {
  const sentences: string[] = [];
  if (o.finish !== undefined)
    sentences.push(
      `The pleasure lasts ${o.finish.atLeast ? 'at least ' : ''}${secondsWord(o.finish.seconds)}: a ${finishWord(o.finish.seconds)} finish${o.finish.atLeast ? ' or better' : ''}.`,
    );
  if (o.finishAgain !== undefined) sentences.push(`A second sip gives ${o.finishAgain.atLeast ? 'at least ' : ''}${secondsWord(o.finishAgain.seconds)}.`);
  if (o.after !== undefined) sentences.push(`Acid, bitterness or heat stays for ${o.after.atLeast ? 'at least ' : ''}${secondsWord(o.after.seconds)}.`);
  if (sentences.length === 0) return undefined;
  return { id: 'finish', text: sentences.join(' '), from: pick(o, ['finish', 'finishAgain', 'after']) };
}
const secondsWord = (s: number) => (Math.round(s) === 1 ? 'one second' : `${Math.round(s)} seconds`);

function judgement({ observed: o, lookAgain }: NoteDocument): Draft | undefined {
  const sentences: string[] = [];
  if (o.balance !== undefined) {
    const balance = word('balance', o.balance);
    const says = {
      clashing: 'Its parts clash.',
      uneven: 'The balance is uneven.',
      holding: 'The balance holds.',
      composed: 'It is composed.',
      seamless: 'It is seamless.',
    };
    sentences.push(says[balance as keyof typeof says] ?? `The balance is ${balance}.`);
  }
  if (o.complexity !== undefined) {
    const complexity = word('complexity', o.complexity);
    const says = { 'one note': 'It plays a single note.', 'some layers': 'It has some layers.' };
    sentences.push(says[complexity as keyof typeof says] ?? `It is ${complexity}.`);
  }
  if (o.typicity !== undefined) sentences.push(`As an example of its kind it is ${articled(word('typicity', o.typicity))}.`);
  if (o.readiness !== undefined)
    sentences.push(
      `It is ${observables.readiness.options[o.readiness]}${o.readiness === 'young' && lookAgain !== undefined ? `; look again in ${lookAgain}` : ''}.`,
    );
  if (o.quality !== undefined) sentences.push(`My mark is ${o.quality} of 100.`);
  if (o.liking !== undefined) sentences.push(`For my own taste: ${word('liking', o.liking)}.`);
  if (o.value !== undefined) sentences.push(`For the price it is ${word('value', o.value)}.`);
  if (o.buy !== undefined) sentences.push({ no: 'I would not buy it.', perhaps: 'I might buy it.', yes: 'I would buy it.' }[o.buy]);
  if (o.another !== undefined)
    sentences.push({ no: 'I would not want another glass.', perhaps: 'Perhaps another glass.', yes: 'I would gladly have another glass.' }[o.another]);
  if (sentences.length === 0) return undefined;
  return {
    id: 'judgement',
    text: sentences.join(' '),
    from: {
      ...pick(o, ['balance', 'complexity', 'typicity', 'readiness', 'quality', 'liking', 'value', 'buy', 'another']),
      ...(o.readiness === 'young' && lookAgain !== undefined ? { lookAgain } : {}),
    },
  };
}
const articled = (said: string) => (said === 'model' ? 'a model' : said);
