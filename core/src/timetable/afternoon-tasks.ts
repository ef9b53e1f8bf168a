import { drained, type Solver } from '../solver/solver';
import type { AirChoice } from '../air/air';
import type { RestKind } from '../order/order-wine';
import type { Band, OutOfTheCold, Route } from '../temperature/temperature';
import type { Capacities, Task, Timetable } from './timetable';
import { listSchedule, timetable } from './timetable';

/** What an evening needs done. Names of kinds are stable: they are part of task ids, calendar ids and the log of what is done. */
export const taskKinds = {
  stand: 'stand upright',
  ice: 'fill the bucket with ice and water',
  chill: 'chill',
  out: 'take out of the cold',
  warm: 'let it come up',
  open: 'open',
  check: 'check it is sound',
  taste: 'taste it first',
  decant: 'decant',
  room: 'check light, air and smells',
  polish: 'polish the glasses',
  set: 'set the places',
  table: 'water, bread, spittoons',
  pour: 'pour',
  bread: 'rest with water and bread',
  cheese: 'rest with a bite of cheese',
  cook: 'begin the dish',
  plate: 'plate the dish',
} as const;
export type TaskKind = keyof typeof taskKinds;

export interface EveningWine {
  readonly id: string;
  readonly name: string;
  /** Minutes from the first pour to this wine's. */
  readonly pourAt: number;
  readonly bottles: number;
  readonly volumeMl: number;
  readonly band: Band;
  readonly routes: readonly Route[];
  /** The route a host chose; else the gentlest that fits. */
  readonly chosen?: Route['id'] | undefined;
  readonly air: { readonly choice: AirChoice; readonly minutes: number };
  readonly openMinutes: number;
  readonly sparkling: boolean;
  /** Has a deposit and must stand a day. */
  readonly deposit: boolean;
  /** Too fragile to be opened hours before. */
  readonly fragile: boolean;
  /** The table rests after it: with what, when, and for how long, minutes. */
  readonly rest?: { readonly kind: RestKind; readonly at: number; readonly minutes: number } | undefined;
  /** The dish that goes out with it: minutes of hands before it, and minutes from its beginning until it can be plated. */
  readonly dish?: { readonly hands: number; readonly minutes: number } | undefined;
}
export interface Resources {
  readonly fridge: number;
  readonly ice: number;
  readonly freezer: number;
  readonly hands: number;
}
export interface Evening {
  readonly wines: readonly EveningWine[];
  readonly resources: Resources;
  readonly guests: number;
  readonly glasses: number;
  /** A quick host's note per wine in the afternoon. */
  readonly tasteFirst: boolean;
  /** Minutes before the first pour by which every wine has been tasted. */
  readonly tasteLead: number;
  /** Minutes from the first pour at which the day's work may begin: a bottle that would have to be in the cold before goes there the evening before. */
  readonly dayBegins?: number | undefined;
  /** Minutes from the first pour at which the plan is made anew; nothing can start before it. */
  readonly now?: number | undefined;
  /** Tasks done or begun, with the minute. */
  readonly done: Readonly<Record<string, number>>;
}

export const taskId = (kind: TaskKind, wine?: string): string => (wine === undefined ? kind : `${kind}:${wine}`);
export const kindOfTask = (id: string): TaskKind => id.split(':')[0] as TaskKind;
export const wineOfTask = (id: string): string | undefined => id.split(':')[1];

/** Places a bottle takes: a magnum takes two. */
const places = (wine: EveningWine) => wine.bottles * Math.max(1, Math.round(wine.volumeMl / 750));
const medium = (route: Route): 'fridge' | 'ice' | 'freezer' | undefined =>
  route.id === 'fridge' || route.id === 'fridge-cold' || route.id === 'overnight'
    ? 'fridge'
    : route.id === 'ice' || route.id === 'freezer'
      ? route.id
      : undefined;

/** Minutes to plate for a table: one for two guests, three at least. Common practice. */
const platingMinutes = (guests: number): number => Math.max(3, Math.ceil(guests / 2));
/** Minutes a dish may be begun before it has to, where hands are short: what is cut and laid out waits. Common practice. */
const dishMayWait = 120;

type Handled = Pick<EveningWine, 'openMinutes' | 'bottles' | 'air' | 'sparkling' | 'fragile'>;
/** Opened and tasted in the afternoon, before it goes into the cold. Bubbles and old wine are opened at the last moment. */
const tastedEarly = (wine: Handled, tasteFirst: boolean) => tasteFirst && !wine.sparkling && !wine.fragile;
const isDecanted = (wine: Handled) => wine.air.choice === 'gentle' || wine.air.choice === 'double';
const tasteMinutes = 3;
const decantMinutes = (wine: Handled) => 5 * wine.bottles;
/** Minutes a bottle stands in the room between the cold and its pour for being opened, checked and given air: none of it is done in the cold. */
export const outOfTheCold = (wine: Handled, tasteFirst: boolean): OutOfTheCold => {
  const decanting = isDecanted(wine) ? decantMinutes(wine) + wine.air.minutes : 0;
  const opening = (wine.openMinutes + 1) * wine.bottles + (wine.air.choice === 'open' ? wine.air.minutes : 0);
  const early = tastedEarly(wine, tasteFirst);
  return { sameDay: (early ? 0 : opening) + decanting, overnight: opening + (early ? tasteMinutes : 0) + decanting };
};
/** The tasks of an evening for one choice of routes. */
export function tasksFor(evening: Evening, routes: ReadonlyMap<string, Route>): readonly Task[] {
  const tasks: Task[] = [];
  const now = evening.now ?? -Infinity;
  const add = (id: string, task: Partial<Task> & Pick<Task, 'minutes' | 'latestEnd'>) => {
    const done = evening.done[id];
    tasks.push({
      id,
      uses: {},
      after: [],
      ...task,
      earliestStart: Math.max(task.earliestStart ?? -Infinity, done === undefined ? now : -Infinity),
      fixedAt: done === undefined ? undefined : kindOfTask(id) === 'chill' || kindOfTask(id) === 'warm' ? done : done - task.minutes,
    });
  };
  const hands = { hands: 1 };
  const onIce = evening.wines.some((wine) => routes.get(wine.id)?.id === 'ice');
  if (onIce)
    add('ice', {
      minutes: 6,
      uses: hands,
      latestEnd: Math.max(...evening.wines.filter((wine) => routes.get(wine.id)?.id === 'ice').map((wine) => wine.pourAt)),
    });
  for (const wine of evening.wines) {
    const { id, pourAt } = wine;
    const route = routes.get(id);
    if (wine.deposit) add(taskId('stand', id), { minutes: 1, latestEnd: pourAt - 24 * 60, dayBefore: true });
    const by = route === undefined ? undefined : medium(route);
    const early = tastedEarly(wine, evening.tasteFirst);
    const decants = isDecanted(wine);
    const isOpen = evening.done[taskId('open', id)] !== undefined;
    // From the evening before, or in the cold already, it is tasted when it comes out.
    const tastedBefore = early && route?.id !== 'overnight' && (isOpen || evening.done[taskId('chill', id)] === undefined);
    const chills = route !== undefined && by !== undefined && route.best > 0;
    if (chills)
      add(taskId('chill', id), {
        minutes: chilledFor(evening, id) ?? route.best,
        uses: { [by]: places(wine) },
        latestEnd: pourAt - route.out,
        earliestStart: pourAt - route.outMost - route.best,
        after: [
          ...(route.id === 'ice' ? [{ task: 'ice', gap: 0 }] : []),
          // Stoppered again, it goes into the cold after it was tasted.
          ...(tastedBefore ? [{ task: taskId('taste', id), gap: 0 }] : []),
        ],
        dayBefore: route.id === 'overnight',
      });
    else if (route?.id === 'warm' && route.best > 0) add(taskId('warm', id), { minutes: route.best, latestEnd: pourAt, earliestStart: pourAt - route.most });
    const cold = chills ? [{ task: taskId('chill', id), gap: 0 }] : [];
    const beforeOpening = tastedBefore || isOpen ? [] : cold;
    // A decanted wine is opened, checked and tasted before the decanting; bubbles are opened at the last moment.
    const airBy = wine.air.choice === 'none' ? pourAt : pourAt - wine.air.minutes;
    add(taskId('open', id), {
      minutes: wine.openMinutes * wine.bottles,
      uses: hands,
      latestEnd: airBy,
      earliestStart: wine.sparkling ? pourAt - 20 : wine.fragile ? pourAt - 75 : -Infinity,
      after: [...(wine.deposit ? [{ task: taskId('stand', id), gap: 24 * 60 - 5 * 60 }] : []), ...beforeOpening],
    });
    add(taskId('check', id), { minutes: wine.bottles, uses: hands, latestEnd: pourAt, after: [{ task: taskId('open', id), gap: 0 }] });
    if (early)
      add(taskId('taste', id), {
        minutes: tasteMinutes,
        uses: hands,
        latestEnd: Math.min(chills && !tastedBefore ? pourAt : -evening.tasteLead, airBy),
        after: [{ task: taskId('check', id), gap: 0 }],
      });
    if (decants)
      add(taskId('decant', id), {
        minutes: decantMinutes(wine),
        uses: hands,
        latestEnd: airBy,
        earliestStart: airBy - decantMinutes(wine) - Math.max(15, wine.air.minutes / 2),
        after: [{ task: early ? taskId('taste', id) : taskId('check', id), gap: 0 }, ...cold],
      });
    // A rest takes no hands that pour: bread and water stand on the table, the cheese is cut.
    if (wine.rest !== undefined)
      add(taskId(wine.rest.kind, id), { minutes: wine.rest.minutes, uses: {}, earliestStart: wine.rest.at, latestEnd: wine.rest.at + wine.rest.minutes });
    if (wine.dish !== undefined) {
      // What cooks by itself takes no hands; the plates go out with the wine, and none stands longer than it may.
      const alone = Math.max(0, wine.dish.minutes - wine.dish.hands);
      const plating = platingMinutes(evening.guests);
      add(taskId('cook', id), {
        minutes: Math.max(1, wine.dish.hands),
        uses: hands,
        latestEnd: pourAt - plating - alone,
        earliestStart: pourAt - plating - alone - Math.max(1, wine.dish.hands) - dishMayWait,
      });
      add(taskId('plate', id), {
        minutes: plating,
        uses: hands,
        latestEnd: pourAt + 2,
        earliestStart: pourAt - plating - 5,
        after: [{ task: taskId('cook', id), gap: alone }],
      });
    }
    const minutes = Math.max(2, Math.ceil(evening.guests / 6));
    add(taskId('pour', id), {
      minutes,
      uses: hands,
      latestEnd: pourAt + minutes,
      earliestStart: pourAt,
      after: [{ task: decants ? taskId('decant', id) : early ? taskId('taste', id) : taskId('check', id), gap: 0 }],
    });
  }
  if (evening.wines.length > 0) {
    add('room', { minutes: 5, uses: hands, latestEnd: -20 });
    if (evening.glasses > 0) add('polish', { minutes: Math.max(1, Math.ceil(evening.glasses * 0.4)), uses: hands, latestEnd: -10 });
    if (evening.guests > 0) {
      add('set', { minutes: 5 + Math.ceil(evening.guests / 2), uses: hands, latestEnd: -5, after: evening.glasses > 0 ? [{ task: 'polish', gap: 0 }] : [] });
      add('table', { minutes: 8, uses: hands, latestEnd: -3 });
    }
  }
  return tasks;
}

/** Minutes a bottle really stood in the cold, once it is out again. */
function chilledFor(evening: Evening, wine: string): number | undefined {
  const [into, out] = [evening.done[taskId('chill', wine)], evening.done[taskId('out', wine)]];
  return into === undefined || out === undefined ? undefined : Math.max(1, out - into);
}

/** Whether a bottle goes into the cold opened: it was tasted before and is stoppered again. */
export const isStoppered = (tasks: readonly Task[], wine: string): boolean =>
  tasks.some((task) => task.id === taskId('chill', wine) && task.after.some((before) => kindOfTask(before.task) === 'taste'));

export interface PlannedTask {
  readonly id: string;
  readonly start: number;
  readonly minutes: number;
}
/** Everything a person is told to do, in time: the tasks with their starts, and taking each chilled bottle out when its time is up. */
export function plannedTasks(plan: { readonly tasks: readonly Task[]; readonly timetable: Timetable }): readonly PlannedTask[] {
  return plan.tasks
    .flatMap((task): PlannedTask[] => {
      const start = plan.timetable.starts[task.id]!;
      const planned = { id: task.id, start, minutes: task.minutes };
      const wine = wineOfTask(task.id);
      return kindOfTask(task.id) === 'chill' && wine !== undefined
        ? [planned, { id: taskId('out', wine), start: start + task.minutes, minutes: 1 }]
        : [planned];
    })
    .sort((a, b) => a.start - b.start || Number(kindOfTask(b.id) === 'out') - Number(kindOfTask(a.id) === 'out') || (a.id < b.id ? -1 : 1));
}

export type WayOut =
  | { readonly kind: 'route'; readonly wine: string; readonly route: Route['id'] }
  | { readonly kind: 'place'; readonly resource: keyof Resources; readonly more: number }
  | { readonly kind: 'later'; readonly minutes: number };
export interface EveningPlan {
  readonly tasks: readonly Task[];
  readonly routes: ReadonlyMap<string, Route>;
  readonly timetable: Timetable;
  /** The cheapest change that makes the conflicts go away; undefined when there are none or nothing tried helps. */
  readonly wayOut: WayOut | undefined;
}

const capacitiesOf = (resources: Resources): Capacities => ({
  fridge: resources.fridge,
  ice: resources.ice,
  freezer: resources.freezer,
  hands: resources.hands,
});
/**
 * Picks one route a wine and plans the evening. Each wine starts with its chosen or gentlest route; while bottles are in conflict, the one change of
 * route that helps most is taken. What is left is named with the cheapest way out, tried in this order: a route of a host's choice changed, the first pour a
 * little later, a place or a pair of hands more, the first pour much later.
 * @yields the share done, 0–1
 */
export function* planEvening(evening: Evening): Solver<EveningPlan> {
  const routes = new Map<string, Route>();
  for (const wine of evening.wines) {
    const usable = usableRoutes(wine, evening);
    // A bottle that would have to go into the cold before the day begins goes there the evening before.
    const inTime = (route: Route) => route.id === 'overnight' || wine.pourAt - route.out - route.best >= (evening.dayBegins ?? -Infinity);
    const first = usable.find((route) => route.id === wine.chosen) ?? usable.find(inTime) ?? usable[0];
    if (first !== undefined) routes.set(wine.id, first);
  }
  const capacities = capacitiesOf(evening.resources);
  const solve = (some: ReadonlyMap<string, Route>, from = evening, places = capacities) => {
    const tasks = tasksFor(from, some);
    return { tasks, table: timetable(tasks, places) };
  };
  let { tasks, table } = solve(routes);
  yield 0.2;
  // Routes are tried on one quick list schedule each; the whole search runs again only on the choice that is taken.
  const quick = (some: ReadonlyMap<string, Route>) => listSchedule(tasksFor(evening, some), capacities).late;
  let lateness = table.conflicts.length === 0 ? 0 : quick(routes);
  for (let round = 0; round < evening.wines.length && table.conflicts.length > 0; round++) {
    let best: { wine: string; route: Route; late: number } | undefined;
    for (const wine of evening.wines) {
      // A route the host chose stays until nothing else helps.
      if (wine.chosen !== undefined || evening.done[taskId('chill', wine.id)] !== undefined) continue;
      for (const route of usableRoutes(wine, evening)) {
        if (route.id === routes.get(wine.id)?.id || route.id === 'freezer') continue;
        const late = quick(new Map(routes).set(wine.id, route));
        if (late < (best?.late ?? lateness)) best = { wine: wine.id, route, late };
      }
      yield 0.2 + 0.5 * (round / evening.wines.length);
    }
    if (best === undefined) break;
    routes.set(best.wine, best.route);
    lateness = best.late;
    if (lateness === 0 || round % 4 === 3) ({ tasks, table } = solve(routes));
  }
  if (table.conflicts.length > 0) ({ tasks, table } = solve(routes));
  let wayOut: WayOut | undefined;
  if (table.conflicts.length > 0) {
    const lateWith = (some: ReadonlyMap<string, Route>, from = evening, places = capacities) => listSchedule(tasksFor(from, some), places).late;
    const routeWays = evening.wines.flatMap((wine): WayOut[] =>
      usableRoutes(wine, evening)
        .filter((route) => route.id !== routes.get(wine.id)?.id)
        .map((route) => ({ kind: 'route', wine: wine.id, route: route.id })),
    );
    const tooSmall = [...new Set(table.conflicts.map((conflict) => conflict.resource))].filter(
      (resource): resource is keyof Resources => resource in evening.resources,
    );
    const ways: WayOut[] = [
      ...routeWays,
      { kind: 'later', minutes: 10 },
      { kind: 'later', minutes: 20 },
      ...[1, 2, 4].flatMap((more) => tooSmall.map((resource): WayOut => ({ kind: 'place', resource, more }))),
      ...[30, 45, 60, 90, 120, 180].map((minutes): WayOut => ({ kind: 'later', minutes })),
    ];
    for (const [i, way] of ways.entries()) {
      yield 0.7 + (0.3 * i) / ways.length;
      const tried =
        way.kind === 'route'
          ? lateWith(
              new Map(routes).set(
                way.wine,
                evening.wines.find((wine) => wine.id === way.wine)!.routes.find((route) => route.id === way.route)!,
              ),
            )
          : way.kind === 'place'
            ? lateWith(routes, evening, { ...capacities, [way.resource]: (capacities[way.resource] ?? 0) + way.more })
            : lateWith(routes, postponed(evening, way.minutes));
      if (tried === 0) {
        wayOut = way;
        break;
      }
    }
  }
  return { tasks, routes, timetable: table, wayOut };
}
export const eveningPlan = (evening: Evening): EveningPlan => drained(planEvening(evening));
/** The same evening with the first pour later: what is done lies that much further back. */
export function postponed(evening: Evening, minutes: number): Evening {
  return {
    ...evening,
    now: evening.now === undefined ? undefined : evening.now - minutes,
    done: Object.fromEntries(Object.entries(evening.done).map(([id, at]) => [id, at - minutes])),
  };
}
const usableRoutes = (wine: EveningWine, evening: Evening): readonly Route[] =>
  wine.routes.filter((route) => {
    const by = medium(route);
    // The evening before is over, unless the bottle went into the fridge then.
    const tooLate =
      route.id === 'overnight' && evening.done[taskId('chill', wine.id)] === undefined && wine.pourAt - route.out - route.best < (evening.now ?? -Infinity);
    return !tooLate && (by === undefined || evening.resources[by] > 0);
  });
