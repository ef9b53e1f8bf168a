import type { z } from 'zod';
import type { Frozen } from '../document/frozen';
import type { presentFlight } from './flight-schema';

export const eveningKinds = { table: 'table: one order for all', panel: 'panel: an order of its own for each seat' } as const;
export const settings = {
  indoors: 'indoors, seated',
  home: 'at home',
  standing: 'standing',
  outdoors: 'outdoors and warm',
  water: 'boat or pool: no glass',
} as const;
export const blindKinds = { open: 'open', single: 'blind to guests', double: 'blind to the host too', half: 'list known, order not' } as const;
/** Minutes before the first pour by which wines are tasted, where the host sets nothing. */
export const usualTasteLead = 60;
export const revealKinds = { each: 'one at a time', pair: 'by pairs', end: 'all at the end' } as const;
export const predictions = { pleases: 'pleases all', splits: 'splits the room', hard: 'hard' } as const;
export type Prediction = keyof typeof predictions;

/** A flight as it is stored and merged; what each field means stands in its schema. */
export type FlightDocument = Frozen<z.output<typeof presentFlight>>;
export type FlightWineEntry = FlightDocument['wines'][number];
/** What a host writes for guests of one wine: a text and a link to a clip, which come with the wine's name, and a hint that is asked for. */
export type Told = NonNullable<FlightWineEntry['told']>;
/** What the evening has to work with. */
export type Stock = NonNullable<FlightDocument['stock']>;

export const emptyFlight: FlightDocument = {
  schema: 2,
  name: '',
  theme: 'free',
  evening: 'table',
  setting: 'indoors',
  blind: 'open',
  reveal: 'each',
  routine: 'four',
  returns: 1,
  wines: [],
  order: [],
  other: null,
  poured: null,
  pins: [],
  rests: [],
  mostRests: 0,
  cheese: false,
  school: 'weight',
  guests: 8,
  pourMl: 50,
  hostPour: true,
  lossPercent: 3,
  certainty: 95,
  budgetMinor: null,
  goals: [],
  glass: 'tasting',
  starts: '',
  tasteFirst: true,
  tasteLead: usualTasteLead,
  stock: null,
  done: {},
  opened: {},
  checks: {},
  faulty: {},
  panel: { seed: 1, twice: [], aSeat: 0 },
  dish: null,
  remark: '',
};

/** The flight's wines in the order they are poured: those the order names, then the rest as they were added. */
export function pouringOrder(flight: Pick<FlightDocument, 'wines' | 'order'>): readonly string[] {
  const present = flight.wines.map((wine) => wine.id);
  const named = flight.order.filter((id) => present.includes(id));
  return [...named, ...present.filter((id) => !named.includes(id))];
}

/** The wine poured after this one; undefined after the last, and for a wine of no place in it. */
export function pouredAfter(flight: Pick<FlightDocument, 'wines' | 'order'>, wine: string): string | undefined {
  const order = pouringOrder(flight);
  const at = order.indexOf(wine);
  return at < 0 ? undefined : order[at + 1];
}

/** A flight without a wine, and without what was said of it. */
export function withoutWine(flight: FlightDocument, id: string): FlightDocument {
  return {
    ...flight,
    wines: flight.wines.filter((wine) => wine.id !== id),
    pins: flight.pins.filter((pin) => pin.wine !== id && !('other' in pin && pin.other === id)),
    rests: flight.rests.filter((rest) => rest.after !== id),
    panel: { ...flight.panel, twice: flight.panel.twice.filter((wine) => wine !== id) },
  };
}

/**
 * Brings a stored flight, or one an old page sends, to the present shape.
 * Schema 1 had the wines as one list of ids in their order and the first pour as an instant that meant local time.
 */
export function upcastFlight(stored: unknown): unknown {
  if (typeof stored !== 'object' || stored === null || (stored as { schema?: unknown }).schema !== 1) return stored;
  const old = stored as Record<string, unknown> & { wines?: readonly string[]; starts?: string };
  const wines = Array.isArray(old.wines) ? old.wines : [];
  return {
    ...emptyFlight,
    ...old,
    schema: 2,
    wines: wines.map((id) => ({ id })),
    order: wines,
    starts: typeof old.starts === 'string' ? old.starts.slice(0, 16) : '',
  };
}
