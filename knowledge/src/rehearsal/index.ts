import { normal, seededRandom } from '@rose/core/chance/seeded-random';
import type { Archetype } from '@rose/core/deduce/archetype';
import { emptyNote, type NoteDocument } from '@rose/core/wine/note';
import type { Observed, Quarter } from '@rose/core/wine/observables';
import { archetypes } from '../archetypes/data';
import { families, familyTerm, type FamilyId } from '../smells/index';

/** What simulated guests are like. Each habit is one that every host knows. */
export const habits = {
  plain: 'an even hand',
  hard: 'marks hard',
  short: 'keeps to the middle of every scale',
  copies: 'writes what the neighbour writes',
  blind: 'nose-blind to one smell',
  late: 'always a step behind',
  offline: 'offline half the time',
  cold: 'has a cold',
} as const;
export type Habit = keyof typeof habits;
const inTurn = Object.keys(habits) as Habit[];
/** The habit of a seat: every one of them comes before any comes again. */
export const habitOf = (guest: number): Habit => inTurn[guest % inTurn.length]!;

/** A source of chance of its own for each of several numbers. */
const chance = (...of: readonly number[]) => seededRandom(of.reduce((mixed, n) => (Math.imul(mixed, 31) + n * 7919 + 13) >>> 0, 17));
/** What a rehearsal pretends to be in the glass at a place: a kind of wine drawn by the seed. Nobody tells it what is really there. */
export const pretended = (seed: number, place: number): Archetype => archetypes[Math.floor(chance(seed, place)() * archetypes.length)]!;

const within = (value: number) => Math.min(100, Math.max(0, Math.round(value)));
/** How far an attentive taster's reading strays, points of 100. Common practice. */
const strays = 9;

/**
 * What a simulated guest has written of a glass when they have been through some quarters of it. The same seed, place and guest write the same; a quarter more only adds.
 * @param guest counted from 0
 */
export function simulatedNote(seed: number, place: number, guest: number, through: readonly Quarter[]): NoteDocument {
  const habit = habitOf(guest);
  // Who copies writes what the seat before them writes.
  const taster = habit === 'copies' && guest > 0 ? guest - 1 : guest;
  const wine = pretended(seed, place);
  const observed: Record<string, unknown> = {};
  const draw = chance(seed, place, taster, 1);
  const reading = (value: number) => {
    const strayed = value + strays * normal(draw);
    return within(habit === 'short' ? 50 + 0.35 * (strayed - 50) : strayed);
  };
  const eye = { clarity: 'clear', colour: wine.colour, depth: reading(wine.depth) };
  const nose = { health: 'sound', noseStill: reading(habit === 'cold' ? 15 : 40), noseSwirled: reading(habit === 'cold' ? 25 : 60) };
  const { acidity, sweetness, tannin, alcohol, body, intensity, length } = wine.scales;
  const mouth = {
    sweetness: reading(sweetness),
    acidity: reading(acidity),
    tannin: reading(tannin),
    alcohol: reading(alcohol),
    body: reading(body),
    intensity: reading(intensity),
  };
  const end = { finish: { seconds: Math.max(2, Math.round(length / 3 + 4 * normal(draw))) } };
  const quality = Math.round(80 + 5 * normal(draw)) - (habit === 'hard' ? 14 : 0);
  const judged = { quality: Math.min(100, Math.max(0, quality)), liking: reading(60) };
  const has = (quarter: Quarter) => through.includes(quarter);
  if (has('appearance')) Object.assign(observed, eye);
  if (has('aroma')) Object.assign(observed, nose);
  if (has('palate')) Object.assign(observed, mouth);
  if (has('finish')) Object.assign(observed, end);
  if (has('verdict')) Object.assign(observed, judged);
  const smells = chance(seed, place, taster, 2);
  const missing = Math.floor(chance(seed, guest)() * Object.keys(wine.smells).length);
  const chips = Object.entries(wine.smells).flatMap(([family, share], i) => {
    const found = smells() < share * (habit === 'cold' ? 0.3 : 1);
    return !found || !(family in families) || (habit === 'blind' && i === missing)
      ? []
      : [{ id: `r${i}`, term: familyTerm(family as FamilyId), layer: 'first' as const, strength: 2 as const }];
  });
  const guesses = chance(seed, place, taster, 3);
  const idea = {
    id: 'r',
    at: 'finish' as const,
    grape: guesses() < 0.4 ? wine.grape : archetypes[Math.floor(guesses() * archetypes.length)]!.grape,
    certainty: 50,
  };
  return {
    ...emptyNote,
    observed: observed as Observed,
    chips: has('aroma') ? chips : [],
    ...(has('finish') ? { ideas: [idea] } : {}),
  };
}
