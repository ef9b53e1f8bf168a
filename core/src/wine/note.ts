import type { z } from 'zod';
import type { Frozen } from '../document/frozen';
import type { noteDocument } from './note-schema';
import type { Observed, ValueOf, ObservableId } from './observables';

/** When a smell was found: on the still glass, after the swirl, later in the glass, or only in the mouth. */
export const layers = { first: 'first', swirled: 'after the swirl', later: 'later', mouth: 'in the mouth' } as const;
export type Layer = keyof typeof layers;

/** What became of a smell in the mouth. */
export const fates = { stayed: 'stayed', grew: 'grew', faded: 'faded', gone: 'gone' } as const;
export type Fate = keyof typeof fates;

export const strengths = { 1: 'a trace', 2: 'clear', 3: 'strong' } as const;
export type Strength = keyof typeof strengths;

export const vessels = { neutral: 'steel or other neutral', used: 'used wood', new: 'new wood', clay: 'clay' } as const;
export const priceIdeas = { cheaper: 'cheaper than most', middle: 'in the middle', dearer: 'dearer than most' } as const;
export const certainties = [10, 25, 50, 75, 90] as const;

/** Moments at which one taster meets one glass again. */
export const moments = { first: 'the first pour', air: 'after air', food: 'after food', next: 'the next day' } as const;
export type Moment = keyof typeof moments;
/** A moment in words, with the bite that came before it where it is named: "after roast lamb". */
export const momentInWords = (moment: Moment, food?: string): string =>
  moment === 'food' && food !== undefined && food.trim() !== '' ? `after ${food.trim()}` : moments[moment];

/** How a glass is called: by its wine where the label is in sight, by its letter otherwise. */
export const glassTitle = (of: { readonly wine: { readonly name: string } | null; readonly code: string }): string => of.wine?.name ?? `Glass ${of.code}`;

export const conditions = {
  cold: 'I have a cold',
  toothpaste: 'toothpaste within the hour',
  coffee: 'coffee within the hour',
  perfume: 'perfume or smoke near me',
  eaten: 'I have eaten',
  light: 'poor light: tubes, candles, coloured walls',
  saw: 'I saw, heard or felt what gives it away',
} as const;

export const pairQuestions = {
  dearer: { asks: 'the dearer one', low: 'left', high: 'right' },
  older: { asks: 'the older one', low: 'left', high: 'right' },
  oak: { asks: 'more oak in', low: 'left', high: 'right' },
  sameGrape: { asks: 'the same grape', low: 'no', high: 'yes' },
} as const satisfies Record<Exclude<keyof PairCall, 'locked'>, { asks: string; low: string; high: string }>;

/** A note as it is stored; what each field means stands in its schema. */
export type NoteDocument = Frozen<z.output<typeof noteDocument>>;
export type Chip = NoteDocument['chips'][number];
export type Rewritten = NoteDocument['rewritten'][string];
export type Idea = NonNullable<NoteDocument['ideas']>[number];
export type Circumstances = NonNullable<NoteDocument['circumstances']>;
export type Plan = NonNullable<NoteDocument['plans']>[number];
export type PairCall = NonNullable<NoteDocument['pairs']>[string];

export const emptyNote: NoteDocument = { schema: 1, observed: {}, chips: [], deck: {}, markBeforeDraft: null, rewritten: {}, remark: '' };

/** Whether the taster has said what they think before anything is shown that could lead them: a mark, and an idea or "no idea". */
export const hasCommitted = (note: NoteDocument): boolean => note.observed.quality !== undefined && (note.ideas ?? []).length > 0;

/** Whether the taster said that something gave the glass away: what is called of it then says little of the palate. */
export const gaveAway = ({ circumstances }: Pick<NoteDocument, 'circumstances'>): boolean => circumstances?.saw === true;

/** The later looks still to be taken, the first due first: those whose moment has no note yet. */
export const pendingPlans = (plans: readonly Plan[] | undefined, taken: readonly { readonly moment: string }[]): readonly Plan[] =>
  (plans ?? []).filter(({ moment }) => !taken.some((other) => other.moment === moment)).sort((a, b) => (a.due < b.due ? -1 : 1));

/** A note with one observation set, or cleared when `value` is undefined. */
export function withObservation<Id extends ObservableId>(note: NoteDocument, id: Id, value: ValueOf<Id> | undefined): NoteDocument {
  const observed: Record<string, unknown> = { ...note.observed };
  if (value === undefined) delete observed[id];
  else observed[id] = value;
  return { ...note, observed: observed as Observed };
}
