import { kindOfTask, wineOfTask } from './afternoon-tasks';
import { taskInWords } from './task-words';

/** A line of what is to do: one task, or several of one kind that are one act of the hand. */
export interface TaskLine<T> {
  readonly tasks: readonly [T, ...T[]];
  readonly kind: ReturnType<typeof kindOfTask>;
}
/** Kinds that one person does to several bottles in one go, whenever each of them is planned. */
const inOneGo: ReadonlySet<string> = new Set(['stand']);

/** Tasks in their order, those that are done in one go on one line. */
export function taskLines<T extends { readonly id: string; readonly done: boolean }>(tasks: readonly T[]): readonly TaskLine<T>[] {
  const lines: { tasks: [T, ...T[]]; kind: ReturnType<typeof kindOfTask> }[] = [];
  for (const task of tasks) {
    const kind = kindOfTask(task.id);
    const last = lines.at(-1);
    if (last !== undefined && last.kind === kind && inOneGo.has(kind) && last.tasks[0].done === task.done) last.tasks.push(task);
    else lines.push({ tasks: [task], kind });
  }
  return lines;
}

/** A line as somebody is told to do it: "Set Slate, Quay and Lamp upright". */
export function lineInWords<T extends { readonly id: string; readonly text: string }>(line: TaskLine<T>, nameOf: (wine: string) => string): string {
  const [first, ...rest] = line.tasks;
  if (rest.length === 0) return first.text;
  const names = line.tasks.map((task) => nameOf(wineOfTask(task.id) ?? ''));
  const all = `${names.slice(0, -1).join(', ')} and ${names.at(-1)}`;
  return taskInWords(first.id, () => all, { minutes: 0 });
}
