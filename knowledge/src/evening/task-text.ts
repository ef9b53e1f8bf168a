import { placeLetter } from '@rose/core/serving-design/serving-design';
import { isStoppered, kindOfTask, wineOfTask, type PlannedTask } from '@rose/core/timetable/afternoon-tasks';
import { taskInWords } from '@rose/core/timetable/task-words';
import { loadsOf } from '@rose/core/wine/profile';
import { betweenWines } from '../cheeses/palate';
import type { PreparedWine } from './evening';
import type { WholeEvening } from './whole';

const asRested = ({ wine: { id, name, profile } }: PreparedWine) => ({ id, name, loads: loadsOf(profile) });
/** The cheese of a rest after a wine: the one that suits it and the next. */
function cheeseAfter(bottle: PreparedWine, prepared: readonly PreparedWine[]): string | undefined {
  const next = prepared[prepared.indexOf(bottle) + 1];
  return next === undefined ? undefined : betweenWines(asRested(bottle), asRested(next)).name;
}

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
  const atTable = kind === 'pour' || kind === 'bread' || kind === 'cheese' || kind === 'cook' || kind === 'plate';
  const byLetter = (id: string) => `wine ${placeLetter(prepared.findIndex((entry) => entry.wine.id === id))}`;
  const text = taskInWords(task.id, hidden && atTable ? byLetter : nameOf, {
    minutes: task.minutes,
    route: wine === undefined ? undefined : plan.routes.get(wine),
    air: bottle?.chosenAir.choice,
    stoppered: wine !== undefined && isStoppered(plan.tasks, wine),
    deposit: bottle?.deposit,
    dish: bottle?.wine.dish?.name,
    cheese: hidden || bottle === undefined ? undefined : cheeseAfter(bottle, prepared),
  });
  return hidden && wine !== undefined && !atTable ? `${text} (for who pours)` : text;
}
