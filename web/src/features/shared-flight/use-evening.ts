'use client';
import type { FlightDocument } from '@rose/core/flight/flight';
import type { EveningInput, VenueFacts } from '@rose/knowledge/evening/evening';
import type { Moment } from '@rose/knowledge/evening/whole';
import { useSolver } from '@/workers/use-solver';

/** Plans the evening in a worker whenever something it depends on changes; the last plan stays in sight while the next is made. */
export const useEvening = (flight: FlightDocument, wines: readonly EveningInput[], venue: VenueFacts, moment: Moment) =>
  useSolver('evening', { flight: { ...flight, checks: {}, remark: '', goals: [] }, wines, venue, moment }, { keep: true });
