import type { Observed, ValueOf, ObservableId } from './observables';

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
}

/** A sentence of the written note that the taster rewrote, with the observation it was written from. */
export interface Rewritten {
  readonly text: string;
  /** JSON of what the sentence said when it was rewritten: a later change of the observation shows. */
  readonly from: string;
}

/** A note as it is stored: read and written whole under one revision, merged field by field. */
export interface NoteDocument {
  readonly schema: 1;
  readonly observed: Observed;
  readonly chips: readonly Chip[];
  /** Answers to the prompt deck by descriptor family. */
  readonly deck: Readonly<Record<string, 'no' | 'trace' | 'yes'>>;
  /** The taster's own mark at the moment the draft was first shown; null until then. */
  readonly markBeforeDraft: number | null;
  /** By statement id of the written note. */
  readonly rewritten: Readonly<Record<string, Rewritten>>;
  /** Answers given while a doubtful glass was looked into, by cue. */
  readonly triage?: Readonly<Record<string, boolean>> | undefined;
  /** Contradictions the taster looked at and keeps, by rule. */
  readonly kept?: Readonly<Record<string, boolean>> | undefined;
  /** Anything the taster wants to keep beside the record. */
  readonly remark: string;
}

export const emptyNote: NoteDocument = { schema: 1, observed: {}, chips: [], deck: {}, markBeforeDraft: null, rewritten: {}, remark: '' };

/** A note with one observation set, or cleared when `value` is undefined. */
export function withObservation<Id extends ObservableId>(note: NoteDocument, id: Id, value: ValueOf<Id> | undefined): NoteDocument {
  const observed: Record<string, unknown> = { ...note.observed };
  if (value === undefined) delete observed[id];
  else observed[id] = value;
  return { ...note, observed: observed as Observed };
}
