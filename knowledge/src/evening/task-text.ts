import { isStoppered, wineOfTask, type PlannedTask } from '@rose/core/timetable/afternoon-tasks';
import { taskInWords } from '@rose/core/timetable/task-words';
import type { WholeEvening } from './whole';

/** A task of an evening as somebody is told to do it, with what the evening knows of its bottle. */
export function taskOfEvening({ plan, prepared }: Pick<WholeEvening, 'plan' | 'prepared'>, task: PlannedTask, nameOf: (wine: string) => string): string {
  const wine = wineOfTask(task.id);
  const bottle = prepared.find((entry) => entry.wine.id === wine);
  return taskInWords(task.id, nameOf, {
    minutes: task.minutes,
    route: wine === undefined ? undefined : plan.routes.get(wine),
    air: bottle?.chosenAir.choice,
    stoppered: wine !== undefined && isStoppered(plan.tasks, wine),
    deposit: bottle?.deposit,
  });
}
