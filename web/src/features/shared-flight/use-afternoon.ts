'use client';
import { useEffect, useMemo, useState } from 'react';
import { kindOfTask, plannedTasks } from '@rose/core/timetable/afternoon-tasks';
import { doneIn, minutesFrom, type Moment } from '@rose/knowledge/evening/whole';
import { minuteInWords } from '@rose/knowledge/evening/wording';
import { useFlight, type LoadedFlight } from './use-flight';
import { useEvening } from './use-evening';

/** The present minute, moving on by itself; undefined while the page is on the server. */
function usePresent(): Date | undefined {
  const [present, setPresent] = useState<Date | undefined>(undefined);
  useEffect(() => {
    setPresent(new Date());
    const timer = setInterval(() => setPresent(new Date()), 30_000);
    return () => clearInterval(timer);
  }, []);
  return present;
}

/** Minutes a task may be late before the afternoon is, and until when after the first pour that still matters. */
const grace = 5;
const over = 240;

/**
 * The afternoon before an evening: its plan as a worker makes it, what is done of it, and what the clock says.
 * @param given ISO instant of the first pour; null without a date, and every time is then counted from it
 */
export function useAfternoon(loaded: LoadedFlight, given: string | null) {
  const opened = useFlight(loaded);
  const { open, flight, wines } = opened;
  const { venue, timeZone, mayEdit } = loaded;
  const present = usePresent();
  const [again, setAgain] = useState<string | null>(null);
  const firstPour = useMemo(() => (given === null ? null : new Date(given)), [given]);
  const moment: Moment = useMemo(
    () => ({
      done: firstPour === null ? {} : doneIn(flight, firstPour),
      now: again === null || firstPour === null ? undefined : minutesFrom(firstPour, new Date(again)),
    }),
    [flight, firstPour, again],
  );
  const inputs = useMemo(() => wines.map((wine) => wine.evening), [wines]);
  const { output: whole = null, progress, trouble, retry } = useEvening(flight, inputs, venue, moment);
  const now = present === undefined || firstPour === null ? undefined : minutesFrom(firstPour, present);
  const markDone = (tasks: readonly string[], done: boolean) =>
    open.change((d) => {
      const kept = Object.fromEntries(Object.entries(d.done).filter(([task]) => !tasks.includes(task)));
      const at = new Date().toISOString();
      return { ...d, done: done ? { ...kept, ...Object.fromEntries(tasks.map((task) => [task, at])) } : kept };
    }, '');
  const doNext = () => {
    if (whole === null || progress !== null || !mayEdit) return;
    const next = plannedTasks(whole.plan).find((task) => flight.done[task.id] === undefined);
    if (next !== undefined) markDone([next.id], true);
  };
  const plan = whole?.plan;
  const late =
    now !== undefined &&
    plan !== undefined &&
    plan.tasks.some(
      (task) =>
        flight.done[task.id] === undefined && (task.dayBefore !== true || kindOfTask(task.id) === 'chill') && plan.timetable.starts[task.id]! < now - grace,
    ) &&
    now < over;
  return {
    ...opened,
    whole,
    progress,
    trouble,
    retry,
    now,
    late,
    firstPour,
    again,
    setAgain,
    clock: (minute: number) => minuteInWords(minute, given, timeZone),
    markDone,
    doNext,
  };
}
export type Afternoon = ReturnType<typeof useAfternoon>;
