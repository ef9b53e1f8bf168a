import { placeLetter } from '@rose/core/serving-design/serving-design';
import { isStoppered, kindOfTask, wineOfTask, type PlannedTask } from '@rose/core/timetable/afternoon-tasks';
import { taskInWords } from '@rose/core/timetable/task-words';
import type { WholeEvening } from './whole';

/** A task of an evening as somebody is told to do it, with what the evening knows of its bottle. */
export function taskOfEvening(
  { plan, prepared, hidden }: Pick<WholeEvening, 'plan' | 'prepared' | 'hidden'>,
  task: PlannedTask,
  nameOf: (wine: string) => string,
): string {
  const wine = wineOfTask(task.id);
  const bottle = prepared.find((entry) => entry.wine.id === wine);
  // Of a flight that is blind to its host too the evening is told by letters, and the bottles are somebody else's work.
  const kind = kindOfTask(task.id);
  const atTable = kind === 'pour' || kind === 'bread' || kind === 'cheese';
  const byLetter = (id: string) => `wine ${placeLetter(prepared.findIndex((entry) => entry.wine.id === id))}`;
  const text = taskInWords(task.id, hidden && atTable ? byLetter : nameOf, {
    minutes: task.minutes,
    route: wine === undefined ? undefined : plan.routes.get(wine),
    air: bottle?.chosenAir.choice,
    stoppered: wine !== undefined && isStoppered(plan.tasks, wine),
    deposit: bottle?.deposit,
  });
  return hidden && wine !== undefined && !atTable ? `${text} (for who pours)` : text;
}
