import { colourClasses, colourWord, type ColourClass } from './colour-class';

/**
 * The one registry of what a taster can record. The note's type and schema, the forms, the CSV columns, the rose, the score sheets and the
 * written note are read from it. A new observation is one entry here.
 */
export const quarters = ['appearance', 'aroma', 'palate', 'finish', 'verdict'] as const;
export type Quarter = (typeof quarters)[number];

export { colourClasses, colourWord, type ColourClass };

/** The eight bearings of the rose, clockwise from north. */
export const bearings = ['acidity', 'sweetness', 'bubbles', 'tannin', 'alcohol', 'body', 'intensity', 'length'] as const;
export type Bearing = (typeof bearings)[number];

interface Shared {
  readonly quarter: Quarter;
  readonly label: string;
  /** What to attend to, in a few words. */
  readonly hint?: string;
  /** Asked only for these colour classes, once a class is known. */
  readonly colours?: readonly ColourClass[];
  readonly bearing?: Bearing;
  /** Asked only of who wants to record more. */
  readonly extra?: true;
  /** Asked only of what has or may have bubbles. */
  readonly fizz?: true;
}
export interface ScaleObservable extends Shared {
  readonly kind: 'scale';
  /** Words at 0, 25, 50, 75 and 100. */
  readonly notches: readonly [string, string, string, string, string];
  /** Finer words where five are too few, each from its value on; the notches are among them. */
  readonly ladder?: readonly (readonly [from: number, word: string])[];
}
export interface ChoiceObservable extends Shared {
  readonly kind: 'choice';
  /** Option id → the word shown. */
  readonly options: Readonly<Record<string, string>>;
}
export interface SecondsObservable extends Shared {
  readonly kind: 'seconds';
}
export interface MarkObservable extends Shared {
  readonly kind: 'mark';
  /** Marks out of 100. */
  readonly low: number;
  readonly high: number;
}
export type Observable = ScaleObservable | ChoiceObservable | SecondsObservable | MarkObservable;

const scale = <const S extends Omit<ScaleObservable, 'kind'>>(spec: S) => ({ kind: 'scale', ...spec }) as const;
const choice = <const S extends Omit<ChoiceObservable, 'kind'>>(spec: S) => ({ kind: 'choice', ...spec }) as const;
const stopwatch = <const S extends Omit<SecondsObservable, 'kind'>>(spec: S) => ({ kind: 'seconds', ...spec }) as const;
const mark = <const S extends Omit<MarkObservable, 'kind'>>(spec: S) => ({ kind: 'mark', ...spec }) as const;

/** Every hue a wine can be given, in the order each class passes through with age. */
export const hueLadders = {
  white: { colourless: 'nearly colourless', greenish: 'green-tinged', lemon: 'lemon', straw: 'straw', gold: 'gold', oldgold: 'old gold', brown: 'brown' },
  rose: { pink: 'pink', salmon: 'salmon', onion: 'onion skin' },
  amber: { palegold: 'yellow gold', honey: 'honey', orange: 'orange', copper: 'copper' },
  red: { purple: 'purple', ruby: 'ruby', garnet: 'garnet', brick: 'brick', tawny: 'tawny', mahogany: 'mahogany' },
} as const satisfies Record<ColourClass, Record<string, string>>;
const hues = { ...hueLadders.white, ...hueLadders.rose, ...hueLadders.amber, ...hueLadders.red };
export type Hue = keyof typeof hues;
export const isHue = (word: string): word is Hue => Object.hasOwn(hues, word);

export const observables = {
  clarity: choice({
    quarter: 'appearance',
    label: 'Clarity',
    hint: 'tilt the glass over white',
    options: { brilliant: 'brilliant', clear: 'clear', dull: 'dull', hazy: 'hazy', cloudy: 'cloudy' },
  }),
  particles: choice({
    quarter: 'appearance',
    label: 'Particles',
    hint: 'crystals and a deposit are harmless',
    options: { none: 'nothing', crystals: 'crystals', deposit: 'a fine deposit', flakes: 'flakes', cork: 'cork crumbs' },
  }),
  colour: choice({ quarter: 'appearance', label: 'Colour', options: colourWord }),
  hue: choice({ quarter: 'appearance', label: 'Hue at the core', hint: 'the middle of the tilted glass', options: hues }),
  depth: scale({ quarter: 'appearance', label: 'Depth', hint: 'can you read through it?', notches: ['watery', 'pale', 'middling', 'deep', 'opaque'] }),
  rimHue: choice({ quarter: 'appearance', label: 'Hue at the rim', hint: 'where it thins out', options: hues }),
  rim: scale({ quarter: 'appearance', label: 'Width of the rim', notches: ['none', 'a thread', 'a band', 'wide', 'very wide'] }),
  browning: choice({
    quarter: 'appearance',
    label: 'Brown in it?',
    hint: 'years, or air',
    extra: true,
    options: { none: 'none', edge: 'at the edge', through: 'all through' },
  }),
  bead: choice({
    quarter: 'appearance',
    fizz: true,
    label: 'Bubbles seen',
    hint: 'wait a minute after the pour',
    options: { none: 'none', wall: 'a few on the glass', fine: 'fine and steady', medium: 'steady', coarse: 'large and short-lived' },
  }),
  tears: choice({
    quarter: 'appearance',
    label: 'Tears',
    hint: 'alcohol and sugar, never quality',
    options: { none: 'none', quick: 'thin and quick', middling: 'middling', slow: 'thick and slow' },
  }),
  foam: choice({
    quarter: 'appearance',
    fizz: true,
    label: 'Foam',
    hint: 'a clean glass keeps it longer than a greasy one',
    extra: true,
    options: { gone: 'gone at once', ring: 'a thin ring', crown: 'a lasting crown' },
  }),
  staining: choice({
    quarter: 'appearance',
    label: 'On the glass',
    hint: 'tilt it back: does colour stay?',
    colours: ['red', 'rose'],
    extra: true,
    options: { clean: 'runs off clean', tint: 'leaves a tint', stains: 'stains the glass' },
  }),

  noseStill: scale({
    quarter: 'aroma',
    label: 'Before the swirl',
    hint: 'still glass, short sniffs',
    notches: ['faint', 'reserved', 'open', 'expressive', 'intense'],
  }),
  noseSwirled: scale({ quarter: 'aroma', label: 'After the swirl', notches: ['faint', 'reserved', 'open', 'expressive', 'intense'] }),
  health: choice({
    quarter: 'aroma',
    label: 'Is it healthy?',
    hint: 'fault before pleasure',
    options: { sound: 'sound', trace: 'a trace of something', doubtful: 'doubtful', faulty: 'faulty' },
  }),
  noseFineness: scale({ quarter: 'aroma', label: 'Fineness of the nose', notches: ['rough', 'plain', 'good', 'fine', 'superb'] }),

  sweetness: scale({
    quarter: 'palate',
    label: 'Sweetness',
    bearing: 'sweetness',
    hint: 'at once, before the acid',
    notches: ['bone dry', 'dry', 'medium-sweet', 'sweet', 'luscious'],
    // In sugar: about 3, 13, 18, 45 and 130 g/L. Sweet from 45 on, as the law has it; the rest common practice.
    ladder: [
      [0, 'bone dry'],
      [10, 'dry'],
      [31, 'off-dry'],
      [38, 'medium-sweet'],
      [60, 'sweet'],
      [88, 'luscious'],
    ],
  }),
  acidity: scale({ quarter: 'palate', label: 'Acidity', bearing: 'acidity', hint: 'how it waters', notches: ['flat', 'soft', 'fresh', 'lively', 'racy'] }),
  tannin: scale({
    quarter: 'palate',
    label: 'Tannin',
    bearing: 'tannin',
    colours: ['red', 'rose', 'amber'],
    hint: 'how the cheeks dry',
    notches: ['none', 'light', 'moderate', 'firm', 'gripping'],
  }),
  tanninGrain: choice({
    quarter: 'palate',
    colours: ['red', 'rose', 'amber'],
    label: 'Grain of the tannin',
    hint: 'silk or velvet, dust or suede, chalk, sandpaper',
    options: { silk: 'silky', velvet: 'velvety', dust: 'dusty', chalk: 'chalky', coarse: 'coarse' },
  }),
  tanninRipeness: choice({
    quarter: 'palate',
    colours: ['red', 'rose', 'amber'],
    label: 'Ripeness of the tannin',
    options: { green: 'green', ripe: 'ripe', dry: 'drying out' },
  }),
  alcohol: scale({
    quarter: 'palate',
    label: 'Alcohol',
    bearing: 'alcohol',
    hint: 'warmth going down',
    notches: ['very light', 'light', 'moderate', 'generous', 'high'],
  }),
  body: scale({
    quarter: 'palate',
    label: 'Body',
    bearing: 'body',
    hint: 'weight: skimmed milk, whole milk, cream',
    notches: ['slight', 'light', 'middling', 'full', 'weighty'],
  }),
  bubbles: scale({ quarter: 'palate', fizz: true, label: 'Bubbles', bearing: 'bubbles', notches: ['still', 'prickle', 'soft mousse', 'lively', 'fierce'] }),
  intensity: scale({
    quarter: 'palate',
    label: 'Intensity',
    bearing: 'intensity',
    hint: 'how much flavour',
    notches: ['faint', 'reserved', 'open', 'expressive', 'intense'],
  }),
  bitterness: scale({ quarter: 'palate', label: 'Bitterness', hint: 'late, and it stays', notches: ['none', 'a trace', 'noticeable', 'strong', 'harsh'] }),
  bitterWelcome: choice({
    quarter: 'palate',
    label: 'Is the bitterness welcome?',
    hint: 'as in coffee, or as in an aspirin',
    extra: true,
    options: { welcome: 'welcome', neither: 'neither', unwelcome: 'unwelcome' },
  }),
  savoury: scale({
    quarter: 'palate',
    label: 'Savour',
    hint: 'broth, soy, ripe cheese',
    extra: true,
    notches: ['none', 'a hint', 'clear', 'marked', 'brothy'],
  }),
  saline: scale({ quarter: 'palate', label: 'Salt', hint: 'as after a sea bathe', extra: true, notches: ['none', 'a hint', 'clear', 'marked', 'briny'] }),
  oak: scale({
    quarter: 'palate',
    label: 'Oak',
    hint: 'toast, vanilla, sawdust; dry at the gums',
    extra: true,
    notches: ['none', 'a hint', 'clear', 'marked', 'leading'],
  }),
  texture: choice({
    quarter: 'palate',
    label: 'Feel in the mouth',
    hint: 'rub it between tongue and palate',
    options: { lean: 'lean', smooth: 'smooth', oily: 'oily', creamy: 'creamy', grainy: 'grainy' },
  }),
  palateHealth: choice({
    quarter: 'palate',
    label: 'Clean in the mouth?',
    options: { sound: 'sound', trace: 'a trace of something', doubtful: 'doubtful', faulty: 'faulty' },
  }),
  palateFineness: scale({ quarter: 'palate', label: 'Fineness in the mouth', notches: ['rough', 'plain', 'good', 'fine', 'superb'] }),

  finish: stopwatch({ quarter: 'finish', label: 'Pleasant flavour lasts', bearing: 'length', hint: 'from the swallow until it has gone' }),
  finishAgain: stopwatch({ quarter: 'finish', label: 'Pleasant flavour, a second sip', hint: 'how far two sips agree', extra: true }),
  after: stopwatch({ quarter: 'finish', label: 'Acid, bitterness or heat lasts', hint: 'what stays when the pleasure has gone' }),

  balance: scale({
    quarter: 'verdict',
    label: 'Balance',
    hint: 'does anything stick out?',
    notches: ['clashing', 'uneven', 'in balance', 'well balanced', 'seamless'],
  }),
  complexity: scale({
    quarter: 'verdict',
    label: 'Complexity',
    hint: 'does it keep changing?',
    notches: ['on one note', 'simple', 'some layers', 'layered', 'many-sided'],
  }),
  quality: mark({ quarter: 'verdict', label: 'Quality, your mark', hint: 'before you see the draft', low: 40, high: 100 }),
  liking: scale({ quarter: 'verdict', label: 'Liking', hint: 'yours alone', notches: ['not for me', 'so-so', 'pleasant', 'a pleasure', 'love it'] }),
  value: scale({ quarter: 'verdict', label: 'Value', hint: 'for its price', notches: ['overpriced', 'dear', 'fair', 'good', 'a steal'] }),
  typicity: scale({ quarter: 'verdict', label: 'Typicity', hint: 'true to its kind', notches: ['astray', 'loose', 'recognisable', 'true', 'model'] }),
  readiness: choice({
    quarter: 'verdict',
    label: 'Readiness',
    options: { young: 'too young', rising: 'still rising', ready: 'ready now', fading: 'fading', past: 'past it' },
  }),
  buy: choice({ quarter: 'verdict', label: 'Buy it?', options: { no: 'no', perhaps: 'perhaps', yes: 'yes' } }),
  another: choice({ quarter: 'verdict', label: 'Another glass?', options: { no: 'no', perhaps: 'perhaps', yes: 'yes' } }),
} as const satisfies Record<string, Observable>;

export type ObservableId = keyof typeof observables;
export const observableIds = Object.keys(observables) as ObservableId[];

/** A scale reading: a point, or a short span when the taster is unsure. 0–100. */
export type Reading = number | readonly [number, number];
/** A stopped watch. `atLeast` when the taster broke off before it ended. Whole seconds up to an hour. */
export interface Stop {
  readonly seconds: number;
  readonly atLeast?: boolean | undefined;
  /** Said by feel and not by the watch: the span of seconds it stands for, with its middle as the seconds. */
  readonly between?: readonly [number, number] | undefined;
}

type ValueIn<Spec> = Spec extends { kind: 'choice'; options: infer O }
  ? keyof O & string
  : Spec extends { kind: 'scale' }
    ? Reading
    : Spec extends { kind: 'seconds' }
      ? Stop
      : number;
export type ValueOf<Id extends ObservableId> = ValueIn<(typeof observables)[Id]>;

/** What was recorded. An absent id means "not looked at", never "none". */
export type Observed = { readonly [Id in ObservableId]?: ValueOf<Id> | undefined };

/** What is known of an open glass before it is looked at: it settles what is asked and records nothing. A hidden glass has none. */
export interface KnownGlass {
  readonly colour?: ColourClass | undefined;
  readonly still?: boolean | undefined;
}
/** Whether an observation is asked of what was seen so far, or is known; before a colour is, all are. What was recorded is always asked. */
export function applies(id: ObservableId, observed: Observed, known: KnownGlass = {}): boolean {
  if (observed[id] !== undefined) return true;
  const { colours, fizz }: Shared = observables[id];
  const colour = observed.colour ?? known.colour;
  if (fizz === true && known.still === true && (observed.bead === undefined || observed.bead === 'none' || observed.bead === 'wall')) return false;
  return colours === undefined || colour === undefined || colours.includes(colour);
}
export const idsOf = (quarter: Quarter) => observableIds.filter((id) => observables[id].quarter === quarter);

/** An observation as it stands in a sentence: its label without a question mark, in lower case. */
export const labelInWords = (id: ObservableId): string => {
  const label = observables[id].label.replace(/\?$/, '');
  return label[0]!.toLowerCase() + label.slice(1);
};

/** What a scale measures, where it stands alone in a sentence: "the nose after the swirl rose by 28". */
export const aspectInWords = (id: ObservableId): string => (id === 'noseStill' || id === 'noseSwirled' ? `the nose ${labelInWords(id)}` : labelInWords(id));

/** Midpoint of a reading. */
export function midpoint(reading: Reading): number {
  return typeof reading === 'number' ? reading : (reading[0] + reading[1]) / 2;
}

/** A reading less sure by `by` at each end, or surer when it is negative: a point becomes a span, and a span whose ends meet a point. */
export function widened(reading: Reading, by: number): Reading {
  const [low, high] = typeof reading === 'number' ? [reading, reading] : reading;
  const [from, to] = [Math.max(0, low - by), Math.min(100, high + by)];
  return from < to ? [from, to] : Math.round((low + high) / 2);
}
/** A reading moved along its scale; a span keeps its width and stops where an end meets an end of the scale. */
export function moved(reading: Reading, by: number): Reading {
  if (typeof reading === 'number') return Math.round(Math.min(100, Math.max(0, reading + by)));
  const step = Math.round(Math.min(100 - reading[1], Math.max(-reading[0], by)));
  return [reading[0] + step, reading[1] + step];
}
/** A reading as typed: "60", or "40-60" for a span, in either order; undefined when it is neither. */
export function typedReading(text: string): Reading | undefined {
  const found = /^\s*(\d{1,3})(?:\s*[-–]\s*(\d{1,3}))?\s*$/.exec(text);
  if (found === null) return undefined;
  const ends = [Number(found[1]), Number(found[2] ?? found[1])].sort((a, b) => a - b) as [number, number];
  if (ends[1] > 100) return undefined;
  return ends[0] === ends[1] ? ends[0] : ends;
}

/** The word of a value on a scale: of its ladder where it has one, else the nearest notch; halfway belongs to the higher word. */
export function notchWord({ notches, ladder }: Worded, value: number): string {
  return ladder?.findLast(([from]) => value >= from)?.[1] ?? notches[Math.min(4, Math.max(0, Math.floor(value / 25 + 0.5)))]!;
}
/** Where a scale gets its words from. */
type Worded = Pick<ScaleObservable, 'notches' | 'ladder'>;

/** The hues of the rim of a wine of one colour: its own ladder, and the pink at the edge of a young red. */
const rimHues = (colour: ColourClass): Readonly<Record<string, string>> =>
  colour === 'red' ? { pink: hueLadders.rose.pink, ...hueLadders.red } : hueLadders[colour];

/**
 * The hues to choose from, at the core or at the rim: those of the colour that was recorded or is known, every one before that. A hue already chosen stays to
 * be seen.
 */
export function huesToChoose(id: 'hue' | 'rimHue', observed: Observed, known: KnownGlass = {}): Readonly<Record<string, string>> {
  const colour = observed.colour ?? known.colour;
  if (colour === undefined) return hues;
  const [ladder, chosen]: readonly [Readonly<Record<string, string>>, Hue | undefined] = [id === 'rimHue' ? rimHues(colour) : hueLadders[colour], observed[id]];
  return chosen === undefined || chosen in ladder ? ladder : { ...ladder, [chosen]: hues[chosen] };
}

/** The colour class a hue belongs to. */
export function classOfHue(hue: string): ColourClass | undefined {
  return colourClasses.find((colour) => hue in hueLadders[colour]);
}

/** A reading of a scale in its words, with the figures: "fresh (60)", "between fresh (60) and lively (76)". */
export function readingInWords(scale: Worded, reading: Reading): string {
  const at = (value: number) => `${notchWord(scale, value)} (${value})`;
  return typeof reading === 'number' ? at(reading) : `between ${at(reading[0])} and ${at(reading[1])}`;
}

/** The observation's value as words with its unit, for lists, exports and reasons. */
export function valueInWords(id: ObservableId, value: ValueOf<ObservableId>): string {
  const observable: Observable = observables[id];
  switch (observable.kind) {
    case 'choice':
      return observable.options[value as string] ?? String(value);
    case 'seconds': {
      const stop = value as Stop;
      if (stop.between !== undefined) return `${stop.between[0]} to ${stop.between[1]} s, by feel`;
      return `${stop.atLeast ? 'at least ' : ''}${stop.seconds} s`;
    }
    case 'mark':
      return `${value as number} of 100`;
    case 'scale': {
      return readingInWords(observable, value as Reading);
    }
  }
}
