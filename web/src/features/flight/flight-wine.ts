import type { OrderWine } from '@rose/core/order/judge';
import type { WineSummary } from '@/server/cellar/queries';

/** A wine on the Chart: what is shown of it, and what the order solver takes. */
export interface FlightWine {
  readonly summary: WineSummary;
  readonly order: OrderWine;
}
