import { ingredient, wayOfCooking, waysDone, type DishPart } from '../pairing/index';
import { cheeseFacts, minutesOut } from '../cheeses/index';
import { effortOf } from '../kitchen/index';
import type { MenuPlan } from './index';

export interface CardPlate {
  /** For whom: everybody, or seats. */
  readonly guests: number;
  readonly seats: readonly number[];
  readonly rows: readonly { readonly part: string; readonly name: string; readonly each: number; readonly all: number; readonly cooked: readonly string[] }[];
  readonly swaps: readonly string[];
  readonly ask: readonly string[];
}
export interface CardCourse {
  readonly name: string;
  /** Minutes after the first course. */
  readonly at: number;
  readonly plates: readonly CardPlate[];
  readonly another: readonly number[];
  readonly serve: string;
  readonly wine: string | undefined;
  /** One sentence for who serves it. */
  readonly say: string | undefined;
}
/** A step of the work: minutes before the first course (negative), or after it. */
export interface CardStep {
  readonly at: number;
  readonly what: string;
  readonly hands: number;
}
export interface CooksCard {
  readonly courses: readonly CardCourse[];
  readonly work: readonly CardStep[];
  readonly shopping: readonly { readonly name: string; readonly grams: number }[];
  /** What is needed of the kitchen at once, in minutes of hands: more than one pair of hands has says so. */
  readonly hands: number;
}
/** Minutes from one course to the next. Own choice, near common practice. */
export const betweenCourses = 30;
/** Minutes from a course to the next with the same wine, where wines have their times. Own choice. */
const shortly = 10;
/** Minutes for what is done at the last moment: to plate. */
const plating = 5;

const cold = new Set(['raw', 'chilled', 'marinated', 'cured', 'pickled', 'cold-smoked']);
/** How a course comes to the table. Common practice. */
function serveAs(parts: readonly DishPart[]): string {
  const bases = parts.filter(({ part }) => ingredient(part)?.kind === 'base');
  const ways = bases.flatMap((entry) => waysDone(parts, entry)).map(({ id }) => id);
  if (bases.some(({ part }) => part === 'ice-cream' || part === 'sorbet')) return 'from the freezer, on cold plates';
  const first = ingredient(bases[0]?.part ?? '');
  if (first?.marks.includes('cheese') === true && ways.length === 0) return 'at room temperature, some 18 °C';
  if ((first?.taste.sweetness ?? 0) > 40) return ways.length === 0 ? 'cool' : 'at room temperature, or just warm';
  if (ways.length === 0 || ways.every((way) => cold.has(way))) return 'cold, at 8 °C or below until it goes out';
  return 'hot, on warm plates; what is kept hot stays at 63 °C or above';
}

/** When each course goes out, minutes after the first: with its wine where the wine has its time, else so long after the one before. */
function timesOf(courses: MenuPlan['courses'], pours: ReadonlyMap<string, number> | undefined): readonly number[] {
  const times: number[] = [];
  for (const [i, { wine }] of courses.entries()) {
    const before = times.at(-1);
    const poured = wine === undefined || courses[i - 1]?.wine === wine ? undefined : pours?.get(wine);
    times.push(
      poured === undefined ? (before === undefined ? 0 : before + (pours === undefined ? betweenCourses : shortly)) : Math.max(before ?? -Infinity, poured),
    );
  }
  return times;
}
/**
 * The cook’s card of a planned menu: grams for the table, the order of work counted back from each course, how it is served, and the wine with a sentence.
 * @param pours minutes of each wine’s pour after the first, where the menu goes out with a flight
 */
export function cooksCard(plan: MenuPlan, pours?: ReadonlyMap<string, number>): CooksCard {
  const shopping = new Map<string, number>();
  const work: CardStep[] = [];
  const times = timesOf(plan.courses, pours);
  const courses = plan.courses.map((course, i): CardCourse => {
    const at = times[i]!;
    const plates = course.plates.plates.map((plate): CardPlate => ({
      guests: plate.guests,
      seats: plate.seats,
      rows: plate.parts.flatMap(({ part, grams, cooked = [] }) => {
        const row = ingredient(part);
        if (row === undefined) return [];
        const each = grams ?? row.portion;
        shopping.set(row.name, (shopping.get(row.name) ?? 0) + each * plate.guests);
        return [{ part, name: row.name, each, all: each * plate.guests, cooked: cooked.map((way) => wayOfCooking(way)?.name ?? way) }];
      }),
      swaps: plate.swaps.map(({ out, into }) => (into === undefined ? `no ${nameOf(out)}` : `${nameOf(into)} instead of ${nameOf(out)}`)),
      ask: [...new Set(plate.ask.map(({ part, why }) => `${nameOf(part)}: ${why}`))],
    }));
    const main = course.plates.plates[0];
    if (main !== undefined) {
      const { minutes, hands } = effortOf(main.parts);
      work.push({ at: at - minutes - plating, what: `Begin ${course.name}`, hands });
      for (const { part } of main.parts) {
        const facts = cheeseFacts.find(({ id }) => id === part);
        if (facts !== undefined && effortOf([{ part }]).needs.length === 0 && main.parts.length <= 8 && ingredient(part)?.kind === 'base')
          work.push({ at: at - minutesOut(facts), what: `${facts.name} out of the fridge, for ${course.name}`, hands: 1 });
      }
      work.push({ at: at - plating, what: `Plate ${course.name}`, hands: plating });
    }
    return {
      name: course.name,
      at,
      plates,
      another: course.plates.another,
      serve: main === undefined ? '' : serveAs(main.parts),
      wine: course.wine === undefined ? undefined : course.wineName,
      say: course.say,
    };
  });
  return {
    courses,
    work: work.sort((a, b) => a.at - b.at),
    shopping: [...shopping].map(([name, grams]) => ({ name, grams })).sort((a, b) => b.grams - a.grams),
    hands: work.reduce((sum, { hands }) => sum + hands, 0),
  };
}
const nameOf = (id: string): string => ingredient(id)?.name ?? wayOfCooking(id)?.name ?? id;
