import { and, eq } from 'drizzle-orm';
import type { Tx } from '../../db/client';
import { flight } from '../../db/schema';
import type { FlightView } from './store';

/** The number of the plan that is now printed, exported or sent: one more when the flight has changed since the last. */
export async function issuePlan(tx: Tx, venueId: string, view: FlightView): Promise<number> {
  if (view.plan > 0 && view.planRevision === view.revision) return view.plan;
  const plan = view.plan + 1;
  await tx
    .update(flight)
    .set({ plan, planRevision: view.revision })
    .where(and(eq(flight.venueId, venueId), eq(flight.id, view.id)));
  return plan;
}
