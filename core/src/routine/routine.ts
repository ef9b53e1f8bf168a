import type { z } from 'zod';
import type { Frozen } from '../document/frozen';
import type { ObservableId } from '../wine/observables';
import type { carriedRoutine, ownRoutine } from './routine-schema';

/** Parts of a quarter that are more than a field: one row for the eye, the smells, what became of them, the watch, an idea. */
export type GuidedPart = 'eye' | 'smells' | 'flavours' | 'watch' | 'idea';
/** A question of the guided way. */
export type GuidedStep = ObservableId | GuidedPart;

/** A routine: the named steps of an assessment. Data, so that a host can have their own. */
export type Routine = Frozen<z.output<typeof carriedRoutine>>;
export type RoutineStep = Routine['steps'][number];
export const sipsOf = (routine: Pick<Routine, 'steps'>): number => routine.steps.reduce((sum, step) => sum + step.sips, 0);
export const minutesOf = (routine: Routine): number => routine.steps.reduce((sum, step) => sum + step.minutes, 0);

/** A host's own routine, as stored. An edit is a new version; a note keeps the version it was written by. */
export type OwnRoutine = Frozen<z.output<typeof ownRoutine>>;
/** An own routine under the name a note remembers it by. */
export const asRoutine = (id: string, version: number, own: OwnRoutine): Routine => ({
  name: own.name,
  says: own.says,
  steps: own.steps,
  ...(own.rinse === undefined ? {} : { rinse: own.rinse }),
  ...(own.cards === undefined ? {} : { cards: own.cards }),
  ...(own.ruler === undefined ? {} : { ruler: own.ruler }),
  id: `${id}@${version}`,
});

/** What a sip is for. The first rinses the mouth of what was there before, the last is swallowed or spat and judged. Common practice. */
export const sipTasks = {
  clear: 'rinse the mouth with it and judge nothing',
  work: 'work it round the mouth and read the scales',
  judge: 'swallow or spit, listen, and make up your mind',
  all: 'one sip for everything: work it round, swallow or spit, listen',
} as const;
export type SipTask = keyof typeof sipTasks;
/** The task of sip `n`, counted from 1. A single sip does everything; the first of several rinses where the routine says so. */
export function sipTask(n: number, routine: Pick<Routine, 'steps' | 'rinse'>): SipTask {
  const total = sipsOf(routine);
  if (total <= 1) return 'all';
  return n === 1 && routine.rinse === true ? 'clear' : n === total ? 'judge' : 'work';
}
/** The name a person picks a routine by; of an own one with its version, since a note may have kept an older one. */
export function routineLabel({ id, name }: Routine): string {
  const version = id.split('@')[1];
  return version === undefined ? name : `${name}, version ${version}`;
}
