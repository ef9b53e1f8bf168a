import type { AirChoice } from '../air/air';
import type { Rest } from '../order/judge';
import type { Pin } from '../order/pins';
import type { GlassStock } from '../quantity/glasses';
import type { Routine } from '../routine/routine';
import type { Route } from '../temperature/temperature';
import type { ThemeId } from '../theme/theme';
import type { Goal } from './goals';

export const eveningKinds = { table: 'table: one order for all', panel: 'panel: an order of its own for each seat' } as const;
export const settings = { indoors: 'indoors, seated', standing: 'standing', outdoors: 'outdoors and warm', water: 'boat or pool: no glass' } as const;
export const blindKinds = { open: 'open', single: 'blind to guests', double: 'blind to the host too', half: 'list known, order not' } as const;
export const revealKinds = { each: 'one at a time', pair: 'by pairs', end: 'all at the end' } as const;
export const predictions = { pleases: 'pleases all', splits: 'splits the room', hard: 'hard' } as const;
export type Prediction = keyof typeof predictions;

/** A wine of a flight: one of the cellar by its id, or one still to buy, by a general style and a description. What is set here overrides what is computed. */
export interface FlightWineEntry {
  readonly id: string;
  readonly buy?: { readonly name: string; readonly style: string; readonly priceMinor?: number | undefined } | undefined;
  readonly pourMl?: number | undefined;
  readonly predict?: Prediction | undefined;
  readonly air?: AirChoice | undefined;
  readonly route?: Route['id'] | undefined;
  readonly glass?: string | undefined;
  /** °C the host wants it served at; else the middle of its style's band, allowing for what the glass gains. */
  readonly serveC?: number | undefined;
}
/** What the evening has to work with; copied from the venue and free to differ. */
export interface Stock {
  /** °C where the bottles stand before the evening. */
  readonly storeC: number;
  readonly roomC: number;
  readonly fridgeC: number;
  readonly fridgePlaces: number;
  readonly bucketPlaces: number;
  readonly freezerPlaces: number;
  readonly hands: number;
  readonly glasses: readonly GlassStock[];
}
/** A flight as it is stored and merged: which wines, in which order, for whom, and how the evening is got ready. */
export interface FlightDocument {
  readonly schema: 2;
  readonly name: string;
  readonly theme: ThemeId;
  readonly evening: keyof typeof eveningKinds;
  readonly setting: keyof typeof settings;
  readonly blind: keyof typeof blindKinds;
  readonly reveal: keyof typeof revealKinds;
  readonly routine: string;
  /** A host's own routine as it was when it was chosen; absent, `routine` names one that ships. */
  readonly ownRoutine?: Routine | undefined;
  /** Planned returns to each glass, a sip each. */
  readonly returns: number;
  /** Merged by id: two hosts may each add a wine. */
  readonly wines: readonly FlightWineEntry[];
  /** Wine ids in the order they are poured; one field: two people's orders are shown side by side. A wine it does not name is poured after those it does. */
  readonly order: readonly string[];
  /** A second order kept beside the first. */
  readonly other: readonly string[] | null;
  /** The order that was really poured. */
  readonly poured: readonly string[] | null;
  readonly pins: readonly Pin[];
  readonly rests: readonly Rest[];
  /** How many rests the evening may have, and whether one may be cheese. */
  readonly mostRests: number;
  readonly cheese: boolean;
  readonly school: string;
  readonly guests: number;
  /** mL of each wine a guest. */
  readonly pourMl: number;
  /** The host pours a glass to check each bottle. */
  readonly hostPour: boolean;
  /** Share lost to drips and deposit, per cent. */
  readonly lossPercent: number;
  /** How sure to be of enough sound bottles, per cent. */
  readonly certainty: number;
  /** Money a head, minor units of the venue's currency; null when not set. */
  readonly budgetMinor: number | null;
  readonly goals: readonly Goal[];
  readonly glass: string;
  /** Local date and time of the first pour in the venue's time zone, YYYY-MM-DDTHH:MM; empty when not set. */
  readonly starts: string;
  readonly tasteFirst: boolean;
  /** Null: the venue's own. */
  readonly stock: Stock | null;
  /** Tasks done, by id: the instant in ISO. */
  readonly done: Readonly<Record<string, string>>;
  /** Bottles opened, by wine: the instant in ISO. */
  readonly opened: Readonly<Record<string, string>>;
  /** Checks ticked, by id. */
  readonly checks: Readonly<Record<string, boolean>>;
  /** Wines whose spare was called for. */
  readonly faulty: Readonly<Record<string, boolean>>;
  /** A panel's seed, the wines poured twice, and how many glasses a seat has (0: all). */
  readonly panel: { readonly seed: number; readonly twice: readonly string[]; readonly aSeat: number };
  /** The dish of a theme "wines for one dish". */
  readonly dish: string | null;
  readonly remark: string;
}
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
