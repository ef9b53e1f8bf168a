import type { FlightDocument } from '@rose/core/flight/flight';
import { kindOfTask, plannedTasks, wineOfTask } from '@rose/core/timetable/afternoon-tasks';
import { taskOfEvening } from '@rose/knowledge/evening/task-text';
import type { WholeEvening } from '@rose/knowledge/evening/whole';

/** The tasks of an afternoon in their order, each in words and with whether it is done. */
export const tasksOf = (whole: WholeEvening, flight: FlightDocument, nameOf: (wine: string) => string) =>
  plannedTasks(whole.plan).map((task) => {
    const wine = wineOfTask(task.id);
    return {
      id: task.id,
      kind: kindOfTask(task.id),
      wine,
      minute: task.start,
      minutes: task.minutes,
      critical: whole.plan.timetable.critical.includes(task.id),
      done: flight.done[task.id] !== undefined,
      text: taskOfEvening(whole, task, nameOf),
    };
  });
/** Minutes before the first pour from which a task belongs to the day before. */
const dayBeforeFrom = -20 * 60;
export const isDayBefore = (minute: number): boolean => minute <= dayBeforeFrom;
