import type { Millilitres } from '../wine/units';

/** Bottle sizes in mL with their usual names (EU Directive 2007/45/EC and handbooks). */
export const formats: readonly { readonly ml: number; readonly name: string }[] = [
  { ml: 187, name: 'quarter' },
  { ml: 200, name: 'small sparkling' },
  { ml: 375, name: 'half' },
  { ml: 500, name: 'half-litre' },
  { ml: 620, name: 'clavelin' },
  { ml: 750, name: 'bottle' },
  { ml: 1000, name: 'litre' },
  { ml: 1500, name: 'magnum' },
  { ml: 2250, name: 'three bottles in one' },
  { ml: 3000, name: 'double magnum' },
  { ml: 4500, name: 'six bottles in one' },
  { ml: 6000, name: 'imperial' },
  { ml: 9000, name: 'twelve bottles in one' },
  { ml: 12000, name: 'sixteen bottles in one' },
  { ml: 15000, name: 'twenty bottles in one' },
];
export function formatName(ml: number): string {
  const named = formats.find((format) => format.ml === ml);
  return named ? `${named.name}, ${ml / 1000} L` : `${ml / 1000} L`;
}

export interface Bottles {
  /** Fewest bottles whose volume covers all pours. */
  readonly byVolume: number;
  /** Fewest bottles when a pour is never shared between two bottles. */
  readonly byPours: number;
  readonly needed: Millilitres;
  /** Left in the last bottle, by volume. */
  readonly left: Millilitres;
}

/**
 * Bottles of one wine for a table.
 * @param pours how many pours (guests, the host's check pour, seconds)
 * @param pour mL a pour
 * @param format mL a bottle
 * @param loss share lost to drips and deposit, 0–0.5
 */
export function bottlesFor(pours: number, pour: Millilitres, format: Millilitres, loss = 0): Bottles {
  const usable = format * (1 - loss);
  const needed = pours * pour;
  const byVolume = needed === 0 ? 0 : Math.ceil(needed / usable - 1e-9);
  const each = Math.floor(usable / pour + 1e-9);
  const byPours = pours === 0 ? 0 : each === 0 ? byVolume : Math.ceil(pours / each);
  return { byVolume, byPours, needed: needed as Millilitres, left: Math.max(0, byVolume * usable - needed) as Millilitres };
}

/** A part of a table whose pour may change: the pours of one wine, mL a bottle. */
export interface PouredWine {
  readonly pours: number;
  readonly format: Millilitres;
}
export interface SavingPour {
  readonly pour: Millilitres;
  /** Bottles fewer than at the pour asked for. */
  readonly saves: number;
}
/** The part of a pour that a smaller one keeps at least, to be offered in its place. */
const leastKept = 0.8;
/**
 * The slightly smaller pour, whole mL, at which the most bottles fewer are opened when no pour is shared between two; of those the largest. Undefined where
 * nothing is saved.
 * @param least mL under which nothing is offered: what the sips and returns need
 */
export function savingPour(wines: readonly PouredWine[], pour: Millilitres, loss = 0, least = 0): SavingPour | undefined {
  const opened = (ml: number) => wines.reduce((sum, wine) => sum + bottlesFor(wine.pours, ml as Millilitres, wine.format, loss).byPours, 0);
  const now = opened(pour);
  const floor = Math.max(1, Math.ceil(Math.max(pour * leastKept, least) - 1e-9));
  let best: SavingPour | undefined;
  for (let ml = Math.ceil(pour) - 1; ml >= floor; ml--) {
    const saves = now - opened(ml);
    if (saves > (best?.saves ?? 0)) best = { pour: ml as Millilitres, saves };
  }
  return best;
}
