'use client';
import dynamic from 'next/dynamic';
import Link from 'next/link';
import { useEffect, useMemo, useState } from 'react';
import styled from 'styled-components';
import { flightShape } from '@rose/core/document/merge';
import type { FlightDocument } from '@rose/core/flight/flight';
import { judgeOrder, strainWord, type OrderWine } from '@rose/core/order/judge';
import type { Pin } from '@rose/core/order/pins';
import { schoolOf } from '@rose/core/order/school';
import { mostWines, type OrderSolution } from '@rose/core/order/solve';
import { api } from '@/ui/api';
import { Button } from '@/ui/button';
import { CourseLine } from '@/ui/course-line';
import { Deleted } from '@/ui/deleted';
import { Clashes, SaveState } from '@/ui/document/save-state';
import { useDocument } from '@/ui/document/use-document';
import { Frame, Page } from '@/ui/frame';
import { solve } from '@/workers/solve';
import { FlightAmounts } from './flight-amounts';
import type { FlightWine } from './flight-wine';
import { whenInWords } from './flights';
import { OrderPanel, topReason } from './order-panel';
import { PlanForm } from './plan-form';

const WineLine = dynamic(() => import('./wine-line').then((module) => module.WineLine), {
  ssr: false,
  loading: () => <p className="soft">Setting out the glasses.</p>,
});
const WinePicker = dynamic(() => import('./wine-picker').then((module) => module.WinePicker), { ssr: false });

const Lay = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr) 320px;
  gap: 30px;
  align-items: start;
  @media (max-width: 980px) {
    grid-template-columns: 1fr;
  }
`;
export function Chart({
  venue,
  mayEdit,
  id,
  revision,
  document,
  base,
  wines: loaded,
}: {
  venue: string;
  mayEdit: boolean;
  id: string;
  revision: number;
  document: FlightDocument;
  base: FlightDocument;
  wines: readonly FlightWine[];
}) {
  const open = useDocument({
    kind: 'flight',
    id,
    path: `/flights/${id}`,
    document: base,
    revision,
    shape: flightShape,
    ...(revision === 0 ? { draft: document } : {}),
  });
  const [pool, setPool] = useState(() => new Map(loaded.map((wine) => [wine.summary.id, wine])));
  const [solution, setSolution] = useState<OrderSolution | null>(null);
  const [progress, setProgress] = useState<number | null>(null);
  const [solving, setSolving] = useState<AbortController | null>(null);
  const [trouble, setTrouble] = useState('');
  const [deleted, setDeleted] = useState(false);
  const flight = open.document;
  const change = (next: Partial<FlightDocument>, field: string) => open.change((d) => ({ ...d, ...next }), field);
  // Wines somebody else added are fetched when they appear.
  useEffect(() => {
    for (const wineId of flight.wines) {
      if (!pool.has(wineId))
        void api<FlightWine>('GET', `/wines/${wineId}/order-wine`).then(
          (wine) => setPool((now) => new Map(now).set(wineId, wine)),
          () => undefined,
        );
    }
  }, [flight.wines, pool]);

  const wines = useMemo(() => flight.wines.flatMap((wineId) => pool.get(wineId) ?? []), [flight.wines, pool]);
  const school = schoolOf(flight.school);
  const now = useMemo(
    () =>
      judgeOrder(
        wines.map((wine) => wine.order),
        flight.wines,
        school,
      ),
    [wines, flight.wines, school],
  );
  // The best order does not depend on the present one: it is solved again only when wines, pins or the school change.
  const question = JSON.stringify([[...wines.map((wine) => wine.order)].sort((a, b) => (a.id < b.id ? -1 : 1)), flight.pins, flight.school]);
  useEffect(() => {
    const [orderWines, pins] = JSON.parse(question) as [OrderWine[], Pin[]];
    setSolution(null);
    if (orderWines.length < 2) return;
    const controller = new AbortController();
    setSolving(controller);
    solve('order', { wines: orderWines, pins, school: flight.school }, { signal: controller.signal, onProgress: setProgress })
      .then(setSolution, (error: Error) => error.name !== 'AbortError' && setTrouble(error.message))
      .finally(() => {
        setProgress(null);
        setSolving(null);
      });
    return () => controller.abort();
  }, [question, flight.school]);

  const names = new Map(wines.map((wine) => [wine.summary.id, wine.summary.name]));
  const nameOf = (wine: string) => names.get(wine) ?? 'a wine';
  if (deleted)
    return (
      <Deleted venue={venue} name={flight.name} path={`/flights/${id}`} list={{ href: '/flights', label: 'To the flights' }} onBack={() => setDeleted(false)} />
    );
  return (
    <Frame venue={venue} keys={{ 'alt ←': 'move a wine earlier', 'alt →': 'move a wine later' }}>
      <Page>
        <div className="title">
          <div>
            <Link className="soft" href="/flights">
              Flights
            </Link>
            <h1>{flight.name === '' ? 'A flight' : flight.name}</h1>
            <div className="soft">
              {whenInWords(flight.starts)} · {flight.guests} guests · {flight.pourMl} mL of each
            </div>
          </div>
          <div className="actions" style={{ alignItems: 'center' }}>
            <SaveState open={open} />
            <Button size="small" disabled={!open.canUndo} onPress={open.undo}>
              Undo
            </Button>
            {mayEdit && open.revision > 0 && (
              <Button
                size="small"
                tone="quiet"
                onPress={() =>
                  void api('DELETE', `/flights/${id}`).then(
                    () => setDeleted(true),
                    (error: Error) => setTrouble(error.message),
                  )
                }
              >
                Delete
              </Button>
            )}
          </div>
        </div>
        {trouble !== '' && <p role="alert">{trouble}</p>}
        <Clashes
          open={open}
          label={(path) =>
            ({ wines: 'Wines and their order', name: 'Name', guests: 'Guests', pourMl: 'Pour', school: 'School', pins: 'Pins', starts: 'First pour' })[
              path[0]!
            ] ?? path[0]!
          }
          show={(value) =>
            Array.isArray(value)
              ? value.map((entry) => (typeof entry === 'string' ? (names.get(entry) ?? 'a wine') : 'a pin')).join(', ') || 'none'
              : String(value)
          }
        />
        {mayEdit && <PlanForm flight={flight} change={change} />}
        <Lay>
          <div>
            {wines.length > 0 && (
              <CourseLine
                points={now.steps.map((step) => ({
                  id: step.wine,
                  name: names.get(step.wine) ?? '',
                  height: step.height,
                  strain: step.strain,
                  word: strainWord(step.strain),
                  why: topReason(step) ?? '',
                }))}
              />
            )}
            <WineLine
              wines={wines}
              flight={flight}
              judgement={now}
              mayEdit={mayEdit}
              onOrder={(order) => change({ wines: order }, '')}
              onPins={(pins) => change({ pins }, '')}
              onRemove={(wineId) =>
                open.change((d) => ({
                  ...d,
                  wines: d.wines.filter((entry) => entry !== wineId),
                  pins: d.pins.filter((pin) => pin.wine !== wineId && !('other' in pin && pin.other === wineId)),
                }))
              }
            />
            {mayEdit &&
              (wines.length < mostWines ? (
                <WinePicker
                  taken={flight.wines}
                  onPick={(wineId) => open.change((d) => (d.wines.includes(wineId) ? d : { ...d, wines: [...d.wines, wineId] }))}
                />
              ) : (
                <p className="soft">Sixteen wines is the most one flight takes. Split it into two.</p>
              ))}
          </div>
          <OrderPanel
            flight={flight}
            wines={wines.length}
            now={now}
            solution={solution}
            progress={solving === null ? null : progress}
            nameOf={nameOf}
            onStop={() => solving?.abort()}
            onSchool={(value) => change({ school: value }, '')}
            onOrder={(order) => change({ wines: order }, '')}
          />
        </Lay>
        {wines.length > 0 && <FlightAmounts flight={flight} wines={wines.map((wine) => wine.summary)} />}
      </Page>
    </Frame>
  );
}
