import { notchWord, observables, type Observable, type ObservableId, type Reading } from '../wine/observables';
import { capital, withArticle } from '../wine/plural';

type ScaleId = { [Id in ObservableId]: (typeof observables)[Id] extends { kind: 'scale' } ? Id : never }[ObservableId];

/** How the words of a scale stand in a sentence: one word, and a span of two. */
interface Phrase {
  readonly at: (word: string) => string;
  /** @param span "between fresh and lively" */
  readonly span: (span: string) => string;
  /** A word as it stands in a span, where it differs. */
  readonly word?: (word: string) => string;
}
/** A reading in a sentence: the only place where a span becomes "between … and …". A span within one word is that word. */
function phrase(id: ScaleId, { at, span, word = (plain) => plain }: Phrase): (reading: Reading) => string {
  const scale: Observable & { kind: 'scale' } = observables[id];
  return (reading) => {
    if (typeof reading === 'number') return at(notchWord(scale, reading));
    const [low, high] = [notchWord(scale, reading[0]), notchWord(scale, reading[1])];
    return low === high ? at(low) : span(`between ${word(low)} and ${word(high)}`);
  };
}
const table = (words: Readonly<Record<string, string>>) => (word: string) => words[word] ?? word;
const adjective = (id: ScaleId, of: string, one: Readonly<Record<string, string>> = {}) =>
  phrase(id, { at: (word) => one[word] ?? `${word} in ${of}`, span: (span) => `${span} in ${of}` });
const thing = (id: ScaleId, name: string, one: Readonly<Record<string, string>> = {}) =>
  phrase(id, {
    at: (word) => one[word] ?? (word === 'none' ? `no ${name}` : word === 'a hint' || word === 'a trace' ? `${word} of ${name}` : `${word} ${name}`),
    span: (span) => `${name} ${span}`,
  });

const loudness = (id: 'noseStill' | 'noseSwirled') => phrase(id, { at: (word) => word, span: (span) => span });
const [still, swirled] = [loudness('noseStill'), loudness('noseSwirled')];
const rims = table({ none: 'even', 'a thread': 'thread-thin', 'a band': 'narrow' });
const amount = phrase('tannin', { at: (word) => word, span: (span) => span });
const fineness = (id: 'noseFineness' | 'palateFineness', where: string) =>
  phrase(id, { at: (word) => `${capital(withArticle(word))} ${where}.`, span: (span) => `A ${where} ${span}.` });
const [fineNose, finePalate] = [fineness('noseFineness', 'nose'), fineness('palateFineness', 'palate')];

/** Every scale of the note as it is said in its sentence. */
export const say = {
  /** @param name what has the depth ("lemon"); undefined for the depth alone */
  depth(reading: Reading, name: string | undefined, tinged: boolean): string {
    if (name === undefined)
      return phrase('depth', { at: (word) => (word === 'middling' ? 'of middling depth' : `${word} in colour`), span: (span) => `${span} in depth` })(reading);
    return phrase('depth', {
      at: (word) => (word === 'middling' ? `${withArticle(name)} of middling depth` : `${withArticle(word)}${tinged ? ',' : ''} ${name}`),
      span: (span) => `${withArticle(name)} ${span} in depth`,
    })(reading);
  },
  /** @param hue of the rim; undefined where it is the core's */
  rim(reading: Reading | undefined, hue: string | undefined): string {
    const named = hue === undefined ? 'rim' : `${hue} rim`;
    if (reading === undefined) return hue === undefined ? 'the same hue at the rim' : withArticle(named);
    return phrase('rim', { at: (word) => `${withArticle(rims(word))} ${named}`, span: (span) => `${withArticle(named)} ${span}`, word: rims })(reading);
  },
  nose(before: Reading | undefined, after: Reading | undefined): string | undefined {
    if (before !== undefined && after !== undefined) {
      const [a, b] = [still(before), swirled(after)];
      return a === b ? `the nose is ${a}, before the swirl and after` : `the nose is ${a} at first, ${b} after the swirl`;
    }
    if (after !== undefined) return `the nose is ${swirled(after)} after the swirl`;
    return before === undefined ? undefined : `the nose is ${still(before)}`;
  },
  fineness: (reading: Reading, where: 'nose' | 'palate') => (where === 'nose' ? fineNose : finePalate)(reading),
  sweetness: phrase('sweetness', { at: (word) => word, span: (span) => `${span} in sweetness` }),
  acidity: phrase('acidity', { at: (word) => (word === 'fresh' ? word : `${word} acidity`), span: (span) => `acidity ${span}` }),
  body: adjective('body', 'body', { light: 'light-bodied', full: 'full-bodied', middling: 'of middling body', weighty: 'weighty' }),
  alcohol: adjective('alcohol', 'alcohol'),
  /** "moderate, ripe, silky tannin": amount, ripeness and grain, whatever of them is known. */
  tannin(reading: Reading | undefined, ripeness: string | undefined, grain: string | undefined): string | undefined {
    const kind = [ripeness, grain].filter((part) => part !== undefined);
    if (reading === undefined) return kind.length === 0 ? undefined : `${kind.join(', ')} tannin`;
    const much = amount(reading);
    if (much.startsWith('between')) return [...(kind.length === 0 ? [] : [kind.join(', ')]), 'tannin', much].join(' ');
    if (much === 'none') return kind.length === 0 ? 'no tannin' : `hardly any tannin, ${kind.join(', ')}`;
    return `${[much, ...kind].join(', ')} tannin`;
  },
  bubbles: phrase('bubbles', {
    at: table({
      still: 'no bubbles in the mouth',
      prickle: 'a prickle of gas',
      'soft mousse': 'a soft mousse',
      lively: 'a lively mousse',
      fierce: 'a fierce mousse',
    }),
    span: (span) => `bubbles ${span}`,
    word: table({ prickle: 'a prickle', 'soft mousse': 'a soft mousse' }),
  }),
  bitterness: thing('bitterness', 'bitterness'),
  savoury: thing('savoury', 'savour', { brothy: 'a brothy savour' }),
  saline: thing('saline', 'salt', { briny: 'a briny edge' }),
  oak: thing('oak', 'oak', { leading: 'oak in the lead' }),
  intensity: adjective('intensity', 'flavour'),
  balance: phrase('balance', {
    at: table({ clashing: 'out of balance', uneven: 'not quite in balance' }),
    span: (span) => `${span} in its balance`,
    word: table({ 'in balance': 'even' }),
  }),
  complexity: phrase('complexity', {
    at: table({ 'some layers': 'with some layers' }),
    span: (span) => `${span} in complexity`,
    word: table({ 'on one note': 'one note' }),
  }),
  typicity: phrase('typicity', {
    at: table({
      astray: 'not true to its kind',
      loose: 'only loosely of its kind',
      recognisable: 'recognisably of its kind',
      true: 'true to its kind',
      model: 'a model of its kind',
    }),
    span: (span) => `${span} as an example of its kind`,
    word: table({ model: 'a model' }),
  }),
  liking: phrase('liking', {
    at: table({ 'so-so': 'so-so to my taste', pleasant: 'pleasant to my taste', 'a pleasure': 'a pleasure to drink', 'love it': 'I love it' }),
    span: (span) => `to my taste ${span}`,
  }),
  value: phrase('value', {
    at: table({ overpriced: 'overpriced', dear: 'dear for what it is', fair: 'fairly priced', good: 'good value', 'a steal': 'a bargain' }),
    span: (span) => `for its price ${span}`,
  }),
} as const;
