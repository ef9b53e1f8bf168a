import type { FactId, FactValue, Vintage, WineFacts } from './facts';

/** The value of a fact, or undefined when it is not known. */
export function factOf<Id extends FactId>(from: WineFacts, id: Id): FactValue<Id> | undefined {
  return from[id]?.value as FactValue<Id> | undefined;
}

/** Completed years of age on a day, counted from the harvest: 1 October in the north, 1 April in the south of the vintage year. */
export function ageOn(day: string, vintage: Vintage | undefined, south = false): number | undefined {
  if (vintage === undefined || vintage.kind === 'none') return undefined;
  const year = vintage.kind === 'year' ? vintage.year : vintage.to;
  const harvest = `${year}-${south ? '04' : '10'}-01`;
  const years = Number(day.slice(0, 4)) - year;
  return Math.max(0, day.slice(5) >= harvest.slice(5) ? years : years - 1);
}

const southern = new Set(['AR', 'AU', 'BO', 'BR', 'CL', 'NZ', 'PE', 'UY', 'ZA']);
export const isSouthern = (country: string | undefined) => country !== undefined && southern.has(country.toUpperCase());
