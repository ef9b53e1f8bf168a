import type { z } from 'zod';
import type { Frozen } from '../document/frozen';
import type { FlightAllergen } from '../flight/flight-totals';
import type { blindKinds, revealKinds } from '../flight/flight';
import { restKinds, type RestKind } from '../order/order-wine';
import type { Routine, RoutineStep } from '../routine/routine';
import { placeLetter } from '../serving-design/serving-design';
import type { Moment } from '../wine/note';
import type { stop } from './program-schema';

/**
 * What an evening goes through, one stop after the other. A stop knows places and never a wine: a program is made of what was decided of the evening, and
 * the same program stands over the glasses whatever is in them.
 */
export type Stop = Frozen<z.output<typeof stop>>;
export type Program = readonly Stop[];

export interface ProgramPlan {
  /** Places on the table. */
  readonly wines: number;
  readonly steps: readonly Pick<RoutineStep, 'name' | 'quarter' | 'minutes'>[];
  /** Minutes it takes to pour one wine for everybody. */
  readonly pourMinutes: number;
  /** The place after which the table rests. */
  readonly rests: readonly { readonly after: number; readonly kind: RestKind }[];
  readonly reveal: keyof typeof revealKinds;
  /** Labels are in sight: there is nothing to uncover. */
  readonly open: boolean;
  /** The plan returns to glasses: after a rest with cheese to the wine before it, and at the end to the first, which has stood longest. */
  readonly returns: boolean;
  /** Bites that are taken with the wine at a place, which is tasted once more with it. */
  readonly bites?: readonly { readonly place: number; readonly food: string; readonly crossed: boolean }[] | undefined;
}

/** Minutes to arrive, to uncover one wine, and to go back to a glass. Common practice. */
const gatherMinutes = 5;
const revealMinutes = 3;
const againMinutes = 1.5;
/** Minutes for a bite and the wine with it; crossed, everybody takes both, with water between. */
const biteMinutes = { straight: 3, crossed: 5 } as const;

/** The stops of an evening in their order. The first is the arrival, the last the close. */
export function programOf(plan: ProgramPlan): Program {
  const stops: Stop[] = [{ kind: 'gather', minutes: gatherMinutes }];
  let covered: number[] = [];
  const uncover = () => {
    if (!plan.open && covered.length > 0) stops.push({ kind: 'reveal', places: covered, minutes: revealMinutes * covered.length });
    covered = [];
  };
  for (let place = 0; place < plan.wines; place++) {
    stops.push({ kind: 'pour', place, minutes: plan.pourMinutes });
    for (const [step, { name, quarter, minutes }] of plan.steps.entries()) stops.push({ kind: 'step', place, step, name, quarter, minutes });
    for (const { food, crossed } of (plan.bites ?? []).filter((bite) => bite.place === place))
      stops.push({ kind: 'again', place, after: 'bite', food, ...(crossed ? { crossed } : {}), minutes: crossed ? biteMinutes.crossed : biteMinutes.straight });
    // The first glass has stood longest: air is told by what it did to that one, whatever is in it.
    if (plan.returns && place > 0 && place === plan.wines - 1) stops.push({ kind: 'again', place: 0, after: 'air', minutes: againMinutes });
    covered = [...covered, place];
    if (plan.reveal === 'each' || (plan.reveal === 'pair' && covered.length === 2)) uncover();
    for (const { kind } of plan.rests.filter((rest) => rest.after === place && place < plan.wines - 1)) {
      stops.push({ kind: 'rest', after: place, rest: kind, minutes: restKinds[kind].minutes });
      if (kind === 'cheese' && plan.returns) stops.push({ kind: 'again', place, after: kind, minutes: againMinutes });
    }
  }
  uncover();
  return [...stops, { kind: 'end', minutes: 0 }];
}

/** The place a stop is about; undefined where it is about none, or several. */
export const placeOf = (stop: Stop): number | undefined => ('place' in stop ? stop.place : undefined);
/** A glass as far as its label is lifted. */
interface Lifted {
  readonly place: number;
  readonly rejected: boolean;
  readonly revealed: boolean;
  readonly facts: readonly unknown[];
}
/**
 * The place everybody looks at: the one a stop is about. Of several that are uncovered the one whose label is being lifted; a wine that is known stays in sight
 * until something of the next is told.
 */
export function placeInSight(stop: Stop, glasses: readonly Lifted[]): number | undefined {
  if (stop.kind !== 'reveal') return placeOf(stop);
  const here = glasses.filter((glass) => !glass.rejected && stop.places.includes(glass.place));
  const lifted = here.find((glass) => !glass.revealed && glass.facts.length > 0) ?? here.findLast((glass) => glass.revealed);
  return lifted?.place ?? stop.places[0];
}
/** The last place that was poured by a stop; −1 before the first. */
export function reached(program: Program, at: number): number {
  return program.slice(0, at + 1).reduce((far, stop) => (stop.kind === 'pour' ? Math.max(far, stop.place) : far), -1);
}
/** Where the next glass begins: the stop that pours it, or the close. */
export const afterThisWine = (program: Program, at: number): number => {
  const next = program.findIndex((stop, i) => i > at && stop.kind !== 'step' && stop.kind !== 'again');
  return next < 0 ? program.length - 1 : next;
};

const between = { bread: 'the bread', cheese: 'the cheese', air: 'its time in the glass' } as const;
/** A place as people say it: "wine C", or in a panel, where each seat has another wine there, "glass C". */
export const placeInWords = (place: number, panel = false): string => `${panel ? 'glass' : 'wine'} ${placeLetter(place)}`;
/** A stop in a few words: "palate", "pour wine C", "water and bread". */
export function stopInWords(stop: Stop, panel = false): string {
  const named = (place: number) => placeInWords(place, panel);
  switch (stop.kind) {
    case 'gather':
      return 'people arrive';
    case 'pour':
      return `pour ${named(stop.place)}`;
    case 'step':
      return stop.name;
    case 'rest':
      return restKinds[stop.rest].label;
    case 'again':
      return stop.after === 'bite' ? `${named(stop.place)} with ${stop.food ?? 'a bite'}` : `${named(stop.place)} once more, after ${between[stop.after]}`;
    case 'reveal':
      return stop.places.length === 1 ? `uncover ${named(stop.places[0]!)}` : `uncover ${stop.places.map(placeLetter).join(', ')}`;
    case 'end':
      return 'close the evening';
  }
}

/** Facts of a wine that are uncovered one by one, in the order they usually are: what is worth least to know first. */
export const uncoverable = { price: 'price', age: 'age', grape: 'grape', place: 'place', name: 'name' } as const;
export type Uncoverable = keyof typeof uncoverable;

/** An evening as somebody who is asked to it reads it: what to have ready, and of a flight whose labels are in sight its wines. */
export interface Invited {
  readonly when: string;
  readonly starts: string;
  readonly ends: string;
  readonly glasses: string;
  readonly pours: string;
  readonly ready: readonly string[];
  readonly temperatures: string;
  readonly wines: readonly { readonly label: string; readonly name: string; readonly about: string; readonly instead: string; readonly fridge: string }[];
  readonly caution: string;
}
/** A wine as it stands on a list that is told before the order is. */
export const onList = ({ name, producer }: { readonly name: string; readonly producer: string }): string => (producer === '' ? name : `${name}, ${producer}`);
/** What an evening was opened with. It holds nothing that depends on what is in a glass, and everybody at the table may read it. */
export interface TastingPlan {
  readonly program: Program;
  readonly blind: keyof typeof blindKinds;
  readonly reveal: keyof typeof revealKinds;
  /** The way through each glass, as it was when the evening was opened. */
  readonly routine: Routine;
  readonly pourMl: number;
  /** Alcohol of the wines, % vol, from the weakest to the strongest: what was poured so far is told by it, and no one wine. */
  readonly abv: readonly [low: number, high: number];
  /** Allergens in any of the wines, said once for all of them. */
  readonly allergens: readonly FlightAllergen[];
  /** Of a flight whose list is known and whose order is not: its wines by name, in no order that tells anything. */
  readonly list?: readonly { readonly name: string; readonly producer: string }[] | undefined;
  /** What somebody who is asked to it reads. */
  readonly invitation?: Invited | undefined;
  /** A panel: each of its seats has glasses in an order of its own, and wines are uncovered, not places. */
  readonly panel?: { readonly seats: number; readonly wines: number } | undefined;
  /** The host has left hints to ask for, of whichever wines. */
  readonly hints?: boolean | undefined;
}

/** What somebody writes of a glass the table goes back to, in their own order: crossed, seats of odd numbers take the wine alone first, even ones the bite. */
export function momentsAgain({ after, crossed }: Pick<Extract<Stop, { kind: 'again' }>, 'after' | 'crossed'>, seat: number): readonly Moment[] {
  if (after === 'air') return ['air'];
  if (crossed !== true) return ['food'];
  return seat % 2 === 1 ? ['air', 'food'] : ['food', 'air'];
}
