import { seededRandom } from '../chance/seeded-random';
import { drained, type Solver } from '../solver/solver';
import { Usage } from './usage';

/**
 * A timetable counted back from the first pour: tasks with durations, predecessors, windows and renewable resources, each started as late as it can
 * be. Minutes from the first pour (0), negative before it. Every duration is at least one minute.
 */
export interface Task {
  readonly id: string;
  readonly minutes: number;
  /** What it takes for its whole length. */
  readonly uses: Readonly<Record<string, number>>;
  /** Tasks that must have ended `gap` minutes before this one starts. */
  readonly after: readonly { readonly task: string; readonly gap: number }[];
  readonly latestEnd: number;
  /** −Infinity when it may start at any time before. */
  readonly earliestStart: number;
  /** Done or under way: it stands where it stands. */
  readonly fixedAt?: number | undefined;
  /** Done on a day before (a bottle set upright): not part of the span. */
  readonly dayBefore?: boolean | undefined;
}
export type Capacities = Readonly<Record<string, number>>;
export type Starts = Readonly<Record<string, number>>;

export interface Conflict {
  readonly task: string;
  /** Minutes by which it would have to start before it may. */
  readonly by: number;
  /** A resource that is too small for the task at all, or that was taken; empty when the window alone is too short. */
  readonly resource: string;
}
export interface Timetable {
  readonly starts: Starts;
  /** Minutes from the first task's start to the first pour; 0 when everything happens after it. */
  readonly span: number;
  /** No timetable can have a shorter span. */
  readonly bound: number;
  /** The span is proven to be the shortest. */
  readonly exact: boolean;
  /** Tasks that could not begin earlier without widening the span: they have no slack at all. */
  readonly critical: readonly string[];
  readonly conflicts: readonly Conflict[];
}

/** Up to this many movable tasks every order is tried. */
export const exactTasks = 7;

interface Placed {
  readonly starts: Map<string, number>;
  /** Tasks that ask for more of a resource than there is: they take no place. */
  readonly never: ReadonlySet<string>;
  readonly conflicts: Conflict[];
  readonly first: number;
  readonly sum: number;
  readonly late: number;
}

function successorsOf(tasks: readonly Task[]): Map<string, { readonly task: Task; readonly gap: number }[]> {
  const after = new Map<string, { readonly task: Task; readonly gap: number }[]>();
  for (const task of tasks) for (const entry of task.after) after.set(entry.task, [...(after.get(entry.task) ?? []), { task, gap: entry.gap }]);
  return after;
}

/** Places tasks in the order of `list` (a task after all its successors), each as late as possible. */
function place(list: readonly Task[], fixed: readonly Task[], capacities: Capacities, successors: ReturnType<typeof successorsOf>): Placed {
  const profile = new Usage(capacities);
  const starts = new Map<string, number>();
  const conflicts: Conflict[] = [];
  const never = new Set<string>();
  let late = 0;
  for (const task of fixed) {
    starts.set(task.id, task.fixedAt!);
    profile.add(task, task.fixedAt!);
  }
  for (const task of list) {
    const wish = latestBy(task, starts, successors);
    const found = profile.latest(task, wish);
    if ('never' in found) {
      conflicts.push({ task: task.id, by: task.minutes, resource: found.never });
      late += 10_000;
      never.add(task.id);
      starts.set(task.id, wish);
      continue;
    }
    if (found.start < task.earliestStart) {
      conflicts.push({ task: task.id, by: task.earliestStart - found.start, resource: found.because });
      late += task.earliestStart - found.start;
    }
    starts.set(task.id, found.start);
    profile.add(task, found.start);
  }
  let first = 0;
  let sum = 0;
  for (const task of list) {
    const start = starts.get(task.id)!;
    sum += start;
    if (task.dayBefore !== true) first = Math.min(first, start);
  }
  return { starts, never, conflicts, first, sum, late };
}
const latestBy = (task: Task, starts: ReadonlyMap<string, number>, successors: ReturnType<typeof successorsOf>) =>
  Math.min(task.latestEnd, ...(successors.get(task.id) ?? []).map((next) => (starts.get(next.task.id) ?? Infinity) - next.gap)) - task.minutes;
const better = (a: Placed, b: Placed | undefined) =>
  b === undefined || a.late < b.late || (a.late === b.late && (a.first > b.first || (a.first === b.first && a.sum > b.sum)));

/**
 * No conflict first, then the least time from the first task to the first pour, then each task as late as the others allow.
 * Up to seven movable tasks every order is tried (active schedules contain an optimum: Sprecher, Kolisch & Drexl 1995, turned round in time); for more, list
 * schedules by several priorities and seeded shuffles of them, with a lower bound and so a stated gap.
 * @param seed of the shuffles
 * @yields the share done, 0–1
 */
export function* solveTimetable(tasks: readonly Task[], capacities: Capacities, seed = 1): Solver<Timetable> {
  const successors = successorsOf(tasks);
  const fixed = tasks.filter((task) => task.fixedAt !== undefined);
  const free = tasks.filter((task) => task.fixedAt === undefined);
  const bound = spanBound(tasks, capacities, successors);
  let best: Placed | undefined;
  let exact = false;
  if (free.length <= exactTasks) {
    exact = true;
    const chosen: Task[] = [];
    const search = (): void => {
      if (chosen.length === free.length) {
        const placed = place(chosen, fixed, capacities, successors);
        if (better(placed, best)) best = placed;
        return;
      }
      for (const task of free) {
        if (chosen.includes(task) || !(successors.get(task.id) ?? []).every((next) => next.task.fixedAt !== undefined || chosen.includes(next.task))) continue;
        chosen.push(task);
        search();
        chosen.pop();
      }
    };
    search();
  } else {
    const order = latestStarts(tasks, successors);
    const priorities: ((task: Task) => number)[] = [
      (task) => order.get(task.id)! + task.minutes,
      (task) => order.get(task.id)!,
      (task) => task.latestEnd,
      (task) => task.earliestStart,
    ];
    const random = seededRandom(seed);
    const rounds = 24;
    for (let round = 0; round < rounds; round++) {
      const priority = priorities[round % priorities.length]!;
      const noise = new Map(free.map((task) => [task.id, round < priorities.length ? 0 : (random() - 0.5) * 60]));
      const placed = place(
        listBy(free, (task) => priority(task) + noise.get(task.id)!, successors),
        fixed,
        capacities,
        successors,
      );
      if (better(placed, best)) best = placed;
      yield round / rounds;
      if (best!.late === 0 && -best!.first <= bound) break;
    }
  }
  const result = best ?? place([], fixed, capacities, successors);
  const starts = settle(result, free, fixed, capacities, successors);
  const span = -Math.min(0, ...free.filter((task) => task.dayBefore !== true).map((task) => starts.get(task.id)!));
  return {
    starts: Object.fromEntries(starts),
    span,
    bound: Math.min(bound, span),
    exact: result.conflicts.length === 0 && (exact || span <= bound),
    critical: result.conflicts.length > 0 ? [] : criticalTasks(starts, free, fixed, span),
    conflicts: result.conflicts,
  };
}
export const timetable = (tasks: readonly Task[], capacities: Capacities, seed = 1): Timetable => drained(solveTimetable(tasks, capacities, seed));
/** One list schedule, latest end first: what a person with a pencil would do. `late`: minutes by which tasks in it start too early. */
export function listSchedule(tasks: readonly Task[], capacities: Capacities): { readonly starts: Starts; readonly late: number } {
  const successors = successorsOf(tasks);
  const free = tasks.filter((task) => task.fixedAt === undefined);
  const placed = place(
    listBy(free, (task) => task.latestEnd, successors),
    tasks.filter((task) => task.fixedAt !== undefined),
    capacities,
    successors,
  );
  return { starts: Object.fromEntries(placed.starts), late: placed.late };
}

/** A list in which no task stands before its successors, the highest priority first. */
function listBy(tasks: readonly Task[], priority: (task: Task) => number, successors: ReturnType<typeof successorsOf>): Task[] {
  const rank = new Map(tasks.map((task) => [task.id, priority(task)]));
  const waits = new Map(tasks.map((task) => [task.id, (successors.get(task.id) ?? []).filter((next) => rank.has(next.task.id)).length]));
  const list: Task[] = [];
  const ready = tasks.filter((task) => waits.get(task.id) === 0);
  while (ready.length > 0) {
    let at = 0;
    for (let i = 1; i < ready.length; i++) if (rank.get(ready[i]!.id)! > rank.get(ready[at]!.id)!) at = i;
    const [task] = ready.splice(at, 1);
    list.push(task!);
    for (const entry of task!.after) {
      const left = (waits.get(entry.task) ?? NaN) - 1;
      waits.set(entry.task, left);
      if (left === 0) ready.push(tasks.find((other) => other.id === entry.task)!);
    }
  }
  return list;
}

/** Latest starts by predecessors and windows alone, as if every resource were plenty. */
function latestStarts(tasks: readonly Task[], successors: ReturnType<typeof successorsOf>): Map<string, number> {
  const starts = new Map<string, number>();
  const of = (task: Task): number => {
    const known = starts.get(task.id);
    if (known !== undefined) return known;
    const start = task.fixedAt ?? Math.min(task.latestEnd, ...(successors.get(task.id) ?? []).map((next) => of(next.task) - next.gap)) - task.minutes;
    starts.set(task.id, start);
    return start;
  };
  for (const task of tasks) of(task);
  return starts;
}

/** The larger of the critical path and, for each resource, the work that must be over before some moment spread over all its places. */
function spanBound(tasks: readonly Task[], capacities: Capacities, successors: ReturnType<typeof successorsOf>): number {
  const latest = latestStarts(tasks, successors);
  const counted = tasks.filter((task) => task.dayBefore !== true && task.fixedAt === undefined);
  let bound = -Math.min(0, ...counted.map((task) => latest.get(task.id)!));
  for (const [resource, capacity] of Object.entries(capacities)) {
    const users = counted.filter((task) => (task.uses[resource] ?? 0) > 0).map((task) => ({ task, end: latest.get(task.id)! + task.minutes }));
    for (const { end } of users) {
      const work = users.filter((user) => user.end <= end).reduce((sum, user) => sum + user.task.minutes * user.task.uses[resource]!, 0);
      if (capacity > 0) bound = Math.max(bound, Math.ceil(work / capacity) - end);
    }
  }
  return bound;
}

/** Moves each task later as far as the others let it, until nothing moves. */
function settle(
  placed: Placed,
  free: readonly Task[],
  fixed: readonly Task[],
  capacities: Capacities,
  successors: ReturnType<typeof successorsOf>,
): Map<string, number> {
  const starts = new Map(placed.starts);
  const movable = free.filter((task) => !placed.never.has(task.id));
  const profile = new Usage(capacities);
  for (const task of [...fixed, ...movable]) profile.add(task, starts.get(task.id)!);
  for (let moved = true; moved;) {
    moved = false;
    for (const task of [...movable].sort((a, b) => starts.get(b.id)! + b.minutes - starts.get(a.id)! - a.minutes)) {
      const now = starts.get(task.id)!;
      profile.take(task, now);
      const found = profile.latest(task, latestBy(task, starts, successors));
      const next = 'start' in found ? Math.max(now, found.start) : now;
      profile.add(task, next);
      if (next > now) {
        starts.set(task.id, next);
        moved = true;
      }
    }
  }
  return starts;
}

/**
 * Tasks without slack: by windows and predecessors alone, with everything that may begin earlier beginning at the start of the span, they could begin
 * no earlier than they do. Appointments, whose window is their own length, are not counted.
 */
function criticalTasks(starts: ReadonlyMap<string, number>, free: readonly Task[], fixed: readonly Task[], span: number): string[] {
  const byId = new Map([...free, ...fixed].map((task) => [task.id, task]));
  const earliest = new Map<string, number>();
  const of = (task: Task): number => {
    const known = earliest.get(task.id);
    if (known !== undefined) return known;
    const start =
      task.fixedAt ??
      Math.max(
        task.earliestStart,
        task.dayBefore === true ? -Infinity : -span,
        ...task.after.map((entry) => {
          const before = byId.get(entry.task);
          return before === undefined ? -Infinity : of(before) + before.minutes + entry.gap;
        }),
      );
    earliest.set(task.id, start);
    return start;
  };
  return free
    .filter((task) => task.dayBefore !== true && task.latestEnd - task.earliestStart > task.minutes && starts.get(task.id)! - of(task) < 1)
    .map((task) => task.id);
}
