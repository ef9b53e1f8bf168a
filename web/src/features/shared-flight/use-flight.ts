'use client';
import { useEffect, useMemo, useState } from 'react';
import { pouringOrder, type FlightDocument, type FlightWineEntry } from '@rose/core/flight/flight';
import { boughtView } from '@rose/knowledge/evening/bought';
import type { VenueFacts } from '@rose/knowledge/evening/evening';
import type { FlightWineView } from '@/contract/answers';
import { contract } from '@/contract/client';
import { call } from '../../ui/api';
import { useDocument, type OpenDocument } from '../../ui/document/use-document';

export interface LoadedFlight {
  readonly id: string;
  readonly revision: number;
  readonly document: FlightDocument;
  readonly base: FlightDocument;
  readonly wines: readonly FlightWineView[];
  readonly venue: VenueFacts;
  readonly timeZone: string;
  readonly plan: number;
  readonly mayEdit: boolean;
}
export interface OpenFlight {
  readonly open: OpenDocument<FlightDocument>;
  readonly flight: FlightDocument;
  /** Wines in pouring order, as far as they are known here. */
  readonly wines: readonly FlightWineView[];
  readonly order: readonly string[];
  readonly nameOf: (wine: string) => string;
  readonly change: (next: Partial<FlightDocument>, field?: string) => void;
  readonly changeWine: (wine: string, next: Partial<FlightWineEntry>) => void;
}

/** A flight open for reading and changing, with what is known of its wines. */
export function useFlight(loaded: LoadedFlight): OpenFlight {
  const { id } = loaded;
  const open = useDocument('flight', {
    id,
    document: loaded.base,
    revision: loaded.revision,
    ...(loaded.revision === 0 ? { draft: loaded.document } : {}),
  });
  const [pool, setPool] = useState(() => new Map(loaded.wines.map((wine) => [wine.summary.id, wine])));
  const flight = open.document;
  // Wines somebody else added are fetched when they appear.
  useEffect(() => {
    for (const entry of flight.wines) {
      if (entry.buy === undefined && !pool.has(entry.id))
        void call(contract.wine.orderWine, { id: entry.id }).then(
          (wine) => setPool((now) => new Map(now).set(entry.id, wine)),
          () => undefined,
        );
    }
  }, [flight.wines, pool]);
  const order = useMemo(() => pouringOrder(flight), [flight]);
  const wines = useMemo(() => {
    const entries = new Map(flight.wines.map((entry) => [entry.id, entry]));
    return order.flatMap((wine) => {
      const entry = entries.get(wine)!;
      return (entry.buy === undefined ? pool.get(wine) : boughtView(entry, loaded.venue.currency)) ?? [];
    });
  }, [flight.wines, order, pool, loaded.venue.currency]);
  const names = new Map(wines.map((wine) => [wine.summary.id, wine.summary.name]));
  return {
    open,
    flight,
    wines,
    order,
    nameOf: (wine) => names.get(wine) ?? 'a wine',
    change: (next, field = '') => open.change((d) => ({ ...d, ...next }), field),
    changeWine: (wine, next) =>
      open.change((d) => ({ ...d, wines: d.wines.map((entry) => (entry.id === wine ? ({ ...entry, ...next } as FlightWineEntry) : entry)) }), `wine-${wine}`),
  };
}
