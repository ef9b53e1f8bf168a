'use client';
import styled from 'styled-components';
import { lineInWords, taskLines } from '@rose/core/timetable/task-lines';
import type { FlightDocument } from '@rose/core/flight/flight';
import type { WholeEvening } from '@rose/knowledge/evening/whole';
import { TaskList } from '@/features/shared-flight/task-list';
import { CheckBox } from '@/ui/check-box';
import { isDayBefore, tasksOf } from '@/features/shared-flight/tasks-of';

const Hours = styled.div`
  h3 {
    font: 500 1.1875rem/1.2 var(--serif);
    font-variant-numeric: lining-nums;
    margin: 18px 0 4px;
  }
`;
/** Every task of the afternoon under its hour, what was to do the day before first. */
export function AllTasks({
  whole,
  flight,
  clock,
  nameOf,
  mayEdit,
  onDone,
}: {
  whole: WholeEvening;
  flight: FlightDocument;
  clock: (minute: number) => string;
  nameOf: (wine: string) => string;
  mayEdit: boolean;
  onDone: (tasks: readonly string[], done: boolean) => void;
}) {
  const hours = new Map<string, ReturnType<typeof taskLines<ReturnType<typeof tasksOf>[number]>>[number][]>();
  for (const line of taskLines(tasksOf(whole, flight, nameOf))) {
    const { minute } = line.tasks[0];
    const hour = isDayBefore(minute) ? 'The day before' : hourOf(clock(minute));
    hours.set(hour, [...(hours.get(hour) ?? []), line]);
  }
  return (
    <Hours aria-label="All tasks" role="group">
      {[...hours].map(([hour, lines]) => (
        <section key={hour}>
          <h3>{hour}</h3>
          <TaskList>
            {lines.map((line) => {
              const [first] = line.tasks;
              const text = lineInWords(line, nameOf);
              const critical = line.tasks.some((task) => task.critical);
              return (
                <li key={first.id}>
                  <span className="at">{clock(first.minute)}</span>
                  <span data-done={first.done}>{text}</span>
                  <span className="end">
                    <small data-critical={critical || undefined}>
                      {line.tasks.reduce((sum, task) => sum + task.minutes, 0)} min{critical ? ', no slack' : ''}
                    </small>
                    {mayEdit && (
                      <CheckBox
                        label={`Done: ${text}`}
                        checked={first.done}
                        onChange={(done) =>
                          onDone(
                            line.tasks.map((task) => task.id),
                            done,
                          )
                        }
                      />
                    )}
                  </span>
                </li>
              );
            })}
          </TaskList>
        </section>
      ))}
    </Hours>
  );
}
/** "16:22" stands under "16:00"; without a date, "−2:38" under "2 h before the first pour". */
function hourOf(time: string): string {
  const counted = /^([−+])(\d+):/.exec(time);
  if (counted === null) return `${time.slice(0, 2)}:00`;
  if (counted[1] === '+') return 'From the first pour';
  return counted[2] === '0' ? 'The last hour' : `${counted[2]} h before the first pour`;
}
