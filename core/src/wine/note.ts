import type { Observed, Quarter, ValueOf, ObservableId } from './observables';

/** When a smell was found: on the still glass, after the swirl, later in the glass, or only in the mouth. */
export const layers = { first: 'first', swirled: 'after the swirl', later: 'later', mouth: 'in the mouth' } as const;
export type Layer = keyof typeof layers;

/** What became of a smell in the mouth. */
export const fates = { stayed: 'stayed', grew: 'grew', faded: 'faded', gone: 'gone' } as const;
export type Fate = keyof typeof fates;

export const strengths = { 1: 'a trace', 2: 'clear', 3: 'strong' } as const;
export type Strength = keyof typeof strengths;

/** One thing smelt or tasted. `term` is a descriptor of the shared vocabulary, `words` the taster's own. */
export interface Chip {
  readonly id: string;
  readonly term?: string | undefined;
  readonly words?: string | undefined;
  readonly layer: Layer;
  readonly strength: Strength;
  readonly fate?: Fate | undefined;
  /** Seconds after the swallow at which it had gone. */
  readonly left?: number | undefined;
}

/** A sentence of the written note that the taster rewrote, with the observation it was written from. */
export interface Rewritten {
  readonly text: string;
  /** JSON of what the sentence said when it was rewritten: a later change of the observation shows. */
  readonly from: string;
}

/** What it could be, left before the first look or after a quarter, with how sure the taster is. Every part is optional but the certainty. */
export interface Idea {
  readonly id: string;
  readonly at: 'before' | Quarter;
  readonly grape?: string | undefined;
  readonly place?: string | undefined;
  /** Completed years. */
  readonly age?: number | undefined;
  readonly vessel?: keyof typeof vessels | undefined;
  readonly price?: keyof typeof priceIdeas | undefined;
  /** Per cent; 0 for "no idea". */
  readonly certainty: number;
  /** Left after the deduction of this glass was shown. */
  readonly helped?: boolean | undefined;
}
export const vessels = { neutral: 'steel or other neutral', used: 'used wood', new: 'new wood', clay: 'clay' } as const;
export const priceIdeas = { cheaper: 'cheaper than most', middle: 'in the middle', dearer: 'dearer than most' } as const;
export const certainties = [10, 25, 50, 75, 90] as const;

/** Moments at which one taster meets one glass again. */
export const moments = { first: 'the first pour', air: 'after air', food: 'after food', next: 'the next day' } as const;
export type Moment = keyof typeof moments;

/** What could bend a reading: the glass and the taster. Absent means not noted. */
export interface Circumstances {
  /** °C of the wine in the glass. */
  readonly glassC?: number | undefined;
  readonly openMinutes?: number | undefined;
  readonly cold?: boolean | undefined;
  readonly toothpaste?: boolean | undefined;
  readonly coffee?: boolean | undefined;
  readonly perfume?: boolean | undefined;
  readonly eaten?: boolean | undefined;
}
export const conditions = {
  cold: 'I have a cold',
  toothpaste: 'toothpaste within the hour',
  coffee: 'coffee within the hour',
  perfume: 'perfume or smoke near me',
  eaten: 'I have eaten',
} as const;

/** One call on two glasses: −100 sure of the one on the left (or "no"), 100 sure of the one on the right (or "yes"), 0 cannot tell. */
export interface PairCall {
  readonly dearer?: number | undefined;
  readonly older?: number | undefined;
  readonly oak?: number | undefined;
  readonly sameGrape?: number | undefined;
  readonly locked?: boolean | undefined;
}
export const pairQuestions = {
  dearer: { asks: 'the dearer one', low: 'left', high: 'right' },
  older: { asks: 'the older one', low: 'left', high: 'right' },
  oak: { asks: 'more oak in', low: 'left', high: 'right' },
  sameGrape: { asks: 'the same grape', low: 'no', high: 'yes' },
} as const satisfies Record<Exclude<keyof PairCall, 'locked'>, { asks: string; low: string; high: string }>;

/** A note as it is stored: read and written whole under one revision, merged field by field. */
export interface NoteDocument {
  readonly schema: 1;
  readonly observed: Observed;
  readonly chips: readonly Chip[];
  /** Answers to the prompt deck by descriptor family; the key "nothing" stands for "nothing yet". */
  readonly deck: Readonly<Record<string, 'no' | 'trace' | 'yes'>>;
  /** The taster's own mark at the moment the draft was first shown; null until then. */
  readonly markBeforeDraft: number | null;
  /** By statement id of the written note. */
  readonly rewritten: Readonly<Record<string, Rewritten>>;
  /** Answers given while a doubtful glass was looked into, by cue. */
  readonly triage?: Readonly<Record<string, boolean>> | undefined;
  readonly ideas?: readonly Idea[] | undefined;
  readonly circumstances?: Circumstances | undefined;
  /** Contradictions the taster looked at and keeps, by rule. */
  readonly kept?: Readonly<Record<string, boolean>> | undefined;
  /** The deduction was asked for: what is called after it counts as helped. */
  readonly deduced?: boolean | undefined;
  /** What the taster would pay for a bottle before the price was seen, in the venue's currency; the price shows once this is answered or passed over. */
  readonly wouldPay?: { readonly amount?: number | undefined; readonly shown: true } | undefined;
  /** Calls on this glass, as the left one, beside another, by the other note's id. */
  readonly pairs?: Readonly<Record<string, PairCall>> | undefined;
  /** Sheets the draft was shown by, at most two, each with the version it had: an own sheet as "id@version". */
  readonly sheets?: readonly string[] | undefined;
  /** The routine the guided way follows, an own one as "id@version"; absent, the usual one. */
  readonly routine?: string | undefined;
  /** Sips taken of the routine's, as far as the taster said. */
  readonly sips?: number | undefined;
  /** The taster judges before the last sip all the same. */
  readonly judgedEarly?: boolean | undefined;
  /** The year to look at a wine again that is too young. */
  readonly lookAgain?: number | undefined;
  /** The taster put the glass down: nothing more is to come. */
  readonly done?: boolean | undefined;
  /** Anything the taster wants to keep beside the record. */
  readonly remark: string;
}

export const emptyNote: NoteDocument = { schema: 1, observed: {}, chips: [], deck: {}, markBeforeDraft: null, rewritten: {}, remark: '' };

/** Whether the taster has said what they think before anything is shown that could lead them: a mark, and an idea or "no idea". */
export const hasCommitted = (note: NoteDocument): boolean => note.observed.quality !== undefined && (note.ideas ?? []).length > 0;

/** A note with one observation set, or cleared when `value` is undefined. */
export function withObservation<Id extends ObservableId>(note: NoteDocument, id: Id, value: ValueOf<Id> | undefined): NoteDocument {
  const observed: Record<string, unknown> = { ...note.observed };
  if (value === undefined) delete observed[id];
  else observed[id] = value;
  return { ...note, observed: observed as Observed };
}
