'use client';
import { useRouter } from 'next/navigation';
import styled from 'styled-components';
import { v7 } from 'uuid';
import type { FlightDocument } from '@rose/core/flight/flight';
import { kindOfTask, plannedTasks, wineOfTask } from '@rose/core/timetable/afternoon-tasks';
import { taskInWords } from '@rose/core/timetable/task-words';
import type { WholeEvening } from '@rose/knowledge/evening/whole';
import { useAct } from '@/ui/act';
import { contract } from '@/contract/client';
import { call } from '@/ui/api';
import { CheckBox } from '@/ui/check-box';
import { Button, Key } from '@/ui/button';

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
const List = styled.ol`
  list-style: none;
  margin: 0;
  padding: 0;
  border-top: 1px solid var(--line);
  li {
    display: grid;
    grid-template-columns: 54px minmax(0, 1fr) auto;
    gap: 12px;
    align-items: center;
    min-height: 48px;
    border-bottom: 1px solid var(--line);
    font-size: 0.9375rem;
  }
  .at {
    font-weight: 650;
    font-variant-numeric: tabular-nums;
  }
  [data-done='true'] {
    color: var(--faint);
    text-decoration: line-through;
  }
  small {
    color: var(--soft);
    white-space: nowrap;
  }
  small[data-critical] {
    color: var(--madder);
  }
`;

/** The next thing to do, large, with one tap for done; below it what follows, or all tasks. */
export function NextTasks({
  whole,
  flight,
  clock,
  now,
  nameOf,
  mayEdit,
  onDone,
  busy = false,
  all = false,
}: {
  whole: WholeEvening;
  flight: FlightDocument;
  clock: (minute: number) => string;
  now: number | undefined;
  nameOf: (wine: string) => string;
  mayEdit: boolean;
  onDone: (task: string, done: boolean) => void;
  /** The plan is being made anew: what is next may change, so nothing is ticked by mistake. */
  busy?: boolean;
  all?: boolean;
}) {
  const { plan, prepared } = whole;
  const tasks = plannedTasks(plan).map((task) => {
    const wine = wineOfTask(task.id);
    return {
      id: task.id,
      kind: kindOfTask(task.id),
      wine,
      minute: task.start,
      minutes: task.minutes,
      critical: plan.timetable.critical.includes(task.id),
      done: flight.done[task.id] !== undefined,
      text: taskInWords(task.id, nameOf, {
        minutes: task.minutes,
        route: wine === undefined ? undefined : plan.routes.get(wine),
        air: prepared.find((entry) => entry.wine.id === wine)?.chosenAir.choice,
      }),
    };
  });
  const day = (minute: number) => (minute <= -20 * 60 ? ', the day before' : '');
  if (all)
    return (
      <List aria-label="All tasks">
        {tasks.map((task) => (
          <li key={task.id}>
            <span className="at">{clock(task.minute)}</span>
            <span data-done={task.done}>
              {task.text}
              {day(task.minute)}
            </span>
            <span style={{ display: 'flex', gap: 8, alignItems: 'center' }}>
              <small data-critical={task.critical || undefined}>
                {task.minutes} min{task.critical ? ', no slack' : ''}
              </small>
              {mayEdit && <CheckBox label={`Done: ${task.text}`} checked={task.done} onChange={(done) => onDone(task.id, done)} />}
            </span>
          </li>
        ))}
      </List>
    );
  const left = tasks.filter((task) => !task.done);
  const [next, ...rest] = left;
  const last = [...tasks].filter((task) => task.done).sort((a, b) => (flight.done[a.id]! < flight.done[b.id]! ? 1 : -1))[0];
  if (next === undefined)
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
      <h2>{next.text}</h2>
      {next.kind === 'taste' && (
        <p className="soft">A two-minute note. It replaces assumed values and may move the wine; a fault found here calls for the spare.</p>
      )}
      {mayEdit && (
        <div className="do">
          <Button tone="strong" disabled={busy} onPress={() => onDone(next.id, true)} keys="d">
            Done <Key>d</Key>
          </Button>
          {next.kind === 'taste' && next.wine !== undefined && <BeginNote wine={next.wine} />}
          {last !== undefined && (
            <Button size="small" tone="quiet" onPress={() => onDone(last.id, false)}>
              Not done: {last.text}
            </Button>
          )}
        </div>
      )}
      <div className="soft" style={{ fontSize: '0.875rem', marginBottom: 4 }}>
        Next
      </div>
      <List aria-label="What follows">
        {rest.slice(0, 5).map((task) => (
          <li key={task.id}>
            <span className="at">{clock(task.minute)}</span>
            <span>
              {task.text}
              {day(task.minute)}
            </span>
            <small data-critical={task.critical || undefined}>{task.minutes} min</small>
          </li>
        ))}
      </List>
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
