'use client';
import { useRouter } from 'next/navigation';
import styled from 'styled-components';
import { v7 } from 'uuid';
import type { FlightDocument } from '@rose/core/flight/flight';
import { lineInWords, taskLines } from '@rose/core/timetable/task-lines';
import type { WholeEvening } from '@rose/knowledge/evening/whole';
import { useAct } from '@/ui/act';
import { contract } from '@/contract/client';
import { call } from '@/ui/api';
import { Button, Key } from '@/ui/button';
import { TaskList } from './task-list';
import { isDayBefore, tasksOf } from './tasks-of';

const Big = styled.div`
  h2 {
    font: 500 1.75rem/1.2 var(--serif);
    font-variant-numeric: lining-nums;
    margin: 2px 0 6px;
  }
  .when {
    font-size: 1rem;
    color: var(--soft);
    font-variant-numeric: tabular-nums;
  }
  .do {
    display: flex;
    flex-wrap: wrap;
    gap: 10px;
    align-items: center;
    margin: 12px 0 18px;
  }
  @media (max-width: 47.5em) {
    h2 {
      font-size: 2.125rem;
    }
    .do button {
      min-height: 64px;
      flex: 1;
      font-size: 1.1875rem;
    }
  }
`;
/** The next thing to do, large, with one tap for done; below it what follows. */
export function NextTasks({
  whole,
  flight,
  clock,
  now,
  nameOf,
  mayEdit,
  onDone,
  busy = false,
  follows = 5,
}: {
  whole: WholeEvening;
  flight: FlightDocument;
  clock: (minute: number) => string;
  now: number | undefined;
  nameOf: (wine: string) => string;
  mayEdit: boolean;
  onDone: (tasks: readonly string[], done: boolean) => void;
  /** The plan is being made anew: what is next may change, so nothing is ticked by mistake. */
  busy?: boolean;
  /** How many of what follows are told. */
  follows?: number;
}) {
  const tasks = tasksOf(whole, flight, nameOf);
  const day = (minute: number) => (isDayBefore(minute) ? ', the day before' : '');
  const [line, ...rest] = taskLines(tasks.filter((task) => !task.done));
  const next = line?.tasks[0];
  // What was done with one press is undone with one.
  const latest = Object.values(flight.done).reduce((a, b) => (a > b ? a : b), '');
  const [last] = taskLines(tasks.filter((task) => flight.done[task.id] === latest));
  if (line === undefined || next === undefined)
    return (
      <Big>
        <h2>Everything is done</h2>
        <p className="soft">Let them come in.</p>
      </Big>
    );
  const inMinutes = now === undefined ? undefined : next.minute - now;
  return (
    <Big>
      <div className="when">
        {clock(next.minute)}
        {day(next.minute)}
        {inMinutes === undefined || Math.abs(inMinutes) > 36 * 60
          ? ''
          : inMinutes > 90
            ? `, in ${Math.floor(inMinutes / 60)} h ${inMinutes % 60} min`
            : inMinutes > 1
              ? `, in ${inMinutes} min`
              : inMinutes > -5
                ? ', now'
                : `, ${-inMinutes > 90 ? `${Math.floor(-inMinutes / 60)} h` : `${-inMinutes} min`} ago`}
      </div>
      <h2>{lineInWords(line, nameOf)}</h2>
      {next.kind === 'taste' && (
        <p className="soft">A two-minute note. It replaces assumed values and may move the wine; a fault found here calls for the spare.</p>
      )}
      {mayEdit && (
        <div className="do">
          <Button
            tone="strong"
            disabled={busy}
            onPress={() =>
              onDone(
                line.tasks.map((task) => task.id),
                true,
              )
            }
            keys="d"
          >
            Done <Key>d</Key>
          </Button>
          {next.kind === 'taste' && next.wine !== undefined && <BeginNote wine={next.wine} />}
          {last !== undefined && (
            <Button
              size="small"
              tone="quiet"
              onPress={() =>
                onDone(
                  last.tasks.map((task) => task.id),
                  false,
                )
              }
            >
              Not done: {lineInWords(last, nameOf)}
            </Button>
          )}
        </div>
      )}
      <div className="soft" style={{ fontSize: '0.875rem', marginBottom: 4 }}>
        Next
      </div>
      <TaskList aria-label="What follows">
        {rest.slice(0, follows).map((entry) => {
          const [first] = entry.tasks;
          return (
            <li key={first.id}>
              <span className="at">{clock(first.minute)}</span>
              <span>
                {lineInWords(entry, nameOf)}
                {day(first.minute)}
              </span>
              <small data-critical={first.critical || undefined}>{first.minutes} min</small>
            </li>
          );
        })}
      </TaskList>
    </Big>
  );
}

/** Opens a glass of this wine and its note. */
function BeginNote({ wine }: { wine: string }) {
  const router = useRouter();
  const act = useAct();
  return (
    <>
      <Button
        disabled={act.busy}
        onPress={() =>
          void act.run(async () => {
            const id = v7();
            await call(contract.note.open, { id, wineId: wine });
            router.push(`/notes/${id}`);
          })
        }
      >
        Begin the note
      </Button>
      {act.problem !== null && <span role="alert">{act.problem.message}</span>}
    </>
  );
}
