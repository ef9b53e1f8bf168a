import { seededRandom } from '@rose/core/chance/seeded-random';
import { eveningPlan, tasksFor, type Evening, type EveningWine } from '@rose/core/timetable/afternoon-tasks';
import { routesFor, type Medium, type Surroundings } from '@rose/core/temperature/temperature';
import { listSchedule, timetable } from '@rose/core/timetable/timetable';
import { below, timeBoth, type Figure } from './measure';

const medium = (id: string, celsius: number, tau: number): Medium => ({ id, name: id, celsius, tau, source: '' });
const around: Surroundings = { room: medium('room', 21, 110), fridge: medium('fridge', 4, 110), ice: medium('ice', 0, 20), freezer: undefined };

/** An evening of fourteen wines of all kinds, with few places: about sixty tasks. */
function evening(): Evening {
  const random = seededRandom(20_261_205);
  const wines = Array.from({ length: 14 }, (_, i): EveningWine => {
    const low = [6, 7, 8, 10, 12, 14, 16][i % 7]!;
    const band = { id: 'b', name: 'b', low, high: low + 3, source: '' };
    const found = routesFor({ volumeMl: 750, start: 20 }, band, low + 1.5, around);
    return {
      id: `w${i}`,
      name: `wine ${i}`,
      pourAt: i * 7,
      bottles: 1,
      volumeMl: 750,
      band,
      routes: found.kind === 'routes' ? found.routes : [],
      air: { choice: random() < 0.25 ? 'gentle' : 'none', minutes: 40 },
      openMinutes: 1 + Math.floor(random() * 3),
      sparkling: i < 2,
      deposit: false,
      fragile: false,
    };
  });
  return { wines, resources: { fridge: 10, ice: 3, freezer: 0, hands: 2 }, guests: 14, glasses: 100, tasteFirst: true, tasteLead: 60, done: {} };
}

export async function timetables(): Promise<Figure[]> {
  const plan = evening();
  const { routes } = eveningPlan(plan);
  const tasks = tasksFor(plan, routes);
  const places = { fridge: 10, ice: 3, freezer: 0, hands: 2 };
  const [own, plain] = await timeBoth(
    () => timetable(tasks, places),
    () => listSchedule(tasks, places),
  );
  const made = timetable(tasks, places);
  return [
    below(
      'timetable',
      `14 wines, ${tasks.length} tasks against one plain list schedule; span ${made.span} min, bound ${made.bound} min, ${made.conflicts.length} conflicts`,
      own,
      plain,
      50,
    ),
  ];
}
