import type { Pin } from '../order/pins';

/** A flight as it is stored and merged: which wines, in which order, for whom. */
export interface FlightDocument {
  readonly schema: 1;
  readonly name: string;
  /** Wine ids in the order they are poured. The order is one field: two people's orders are shown side by side. */
  readonly wines: readonly string[];
  readonly pins: readonly Pin[];
  readonly school: string;
  readonly guests: number;
  /** mL of each wine a guest. */
  readonly pourMl: number;
  /** The host pours a glass to check each bottle. */
  readonly hostPour: boolean;
  /** Share lost to drips and deposit, per cent. */
  readonly lossPercent: number;
  /** ISO date and time of the first pour, local to the venue; empty when not set. */
  readonly starts: string;
  readonly remark: string;
}
export const emptyFlight: FlightDocument = {
  schema: 1,
  name: '',
  wines: [],
  pins: [],
  school: 'weight',
  guests: 8,
  pourMl: 50,
  hostPour: true,
  lossPercent: 3,
  starts: '',
  remark: '',
};
