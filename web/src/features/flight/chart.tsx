'use client';
import dynamic from 'next/dynamic';
import { useMemo, useRef, useState } from 'react';
import styled from 'styled-components';
import { pouringOrder, withoutWine } from '@rose/core/flight/flight';
import { likePairs } from '@rose/core/order/pairs';
import { bestMove } from '@rose/core/order/advice';
import { judgeOrder, strainWord } from '@rose/core/order/judge';
import { restKinds } from '@rose/core/order/order-wine';
import { schoolOf } from '@rose/core/order/ordering-rules';
import { mostWines } from '@rose/core/order/solve';
import type { Routine } from '@rose/core/routine/routine';
import { amountsOf } from '@rose/knowledge/evening/amounts';
import { CourseLine } from '@/ui/course-line';
import { say } from '@/ui/say';
import { FlightPage } from '@/features/shared-flight/flight-head';
import { useFlight, type LoadedFlight } from '@/features/shared-flight/use-flight';
import { useSolver } from '@/workers/use-solver';
import { BuyWine } from './buy-wine';
import { FlightAmounts } from './flight-amounts';
import { InTurn } from './in-turn';
import { FlightElsewhere } from './flight-elsewhere';
import { OrderPanel } from './order-panel';
import { topReason } from './order-steps';
import { PanelDesign } from './panel-design';
import { Purpose } from './purpose';
import { Strip } from './strip';

const WineLine = dynamic(() => import('./wine-line').then((module) => module.WineLine), {
  ssr: false,
  loading: () => <p className="soft">Setting out the glasses.</p>,
});
const WinePicker = dynamic(() => import('@/ui/wine-picker').then((module) => module.WinePicker), { ssr: false });

const Lay = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr) 320px;
  gap: 30px;
  align-items: start;
  > aside {
    position: sticky;
    top: 68px;
    max-height: calc(100vh - 80px);
    overflow: auto;
  }
  @media (max-width: 61.25em) {
    grid-template-columns: minmax(0, 1fr);
    > aside {
      position: static;
      max-height: none;
    }
  }
`;

/** Chart: which wines, in which order and why, and how much of everything. */
export function Chart({
  loaded,
  dishes,
  routines,
}: {
  loaded: LoadedFlight;
  dishes: readonly { readonly id: string; readonly name: string }[];
  routines: readonly Routine[];
}) {
  const opened = useFlight(loaded);
  const { open, flight, wines, order, nameOf, change, changeWine } = opened;
  const { mayEdit, venue } = loaded;
  const [before, setBefore] = useState<number | null>(null);
  const isNew = useRef(loaded.revision === 0 || loaded.document.wines.length === 0);

  const orderWines = useMemo(() => wines.map((wine) => wine.order), [wines]);
  const school = schoolOf(flight.school);
  const now = useMemo(() => judgeOrder(orderWines, order, school, flight.rests), [orderWines, order, school, flight.rests]);
  const other = useMemo(
    () => (flight.other === null ? null : judgeOrder(orderWines, flight.other, school, flight.rests)),
    [orderWines, flight.other, school, flight.rests],
  );
  const move = useMemo(() => bestMove(orderWines, now.order, flight.rests, flight.pins, school), [orderWines, now.order, flight.rests, flight.pins, school]);
  const amounts = useMemo(
    () =>
      amountsOf(
        flight,
        wines.map((wine) => wine.evening),
        venue,
        0,
      ),
    [flight, wines, venue],
  );
  // The best order does not depend on the present one: it is solved again only when wines, pins, rests or the school change.
  const solving = useSolver(
    'order',
    orderWines.length < 2
      ? null
      : {
          wines: [...orderWines].sort((a, b) => (a.id < b.id ? -1 : 1)),
          pins: flight.pins,
          school: flight.school,
          rests: { most: flight.mostRests, cheese: flight.cheese },
        },
  );

  // What the notes changed in it: the best order as it would be without them.
  const anyTasted = wines.some((wine) => wine.untasted !== undefined);
  const untasted = useSolver(
    'order',
    orderWines.length < 2 || !anyTasted
      ? null
      : {
          wines: wines.map((wine) => wine.untasted ?? wine.order).sort((a, b) => (a.id < b.id ? -1 : 1)),
          pins: flight.pins,
          school: flight.school,
          rests: { most: flight.mostRests, cheese: flight.cheese },
        },
  );

  const reorder = (next: readonly string[]) => {
    setBefore(now.strain);
    change({ order: next });
  };
  // What is brought back stands where it stood, whatever was changed meanwhile; its pins are gone with it.
  const takeOut = (wine: string) => {
    const [entry, at, name] = [flight.wines.find((other) => other.id === wine), order.indexOf(wine), nameOf(wine)];
    open.change((d) => withoutWine(d, wine));
    if (entry === undefined) return;
    const bringBack = () =>
      open.change((d) => {
        if (d.wines.some((other) => other.id === wine)) return d;
        const now = pouringOrder(d);
        return { ...d, wines: [...d.wines, entry], order: [...now.slice(0, at), wine, ...now.slice(at)] };
      });
    say({ says: `${name} is out of the flight.`, act: { says: 'Bring it back', does: bringBack } });
  };
  return (
    <FlightPage loaded={loaded} opened={opened} keys={{ 'alt ←': 'move a wine earlier', 'alt →': 'move a wine later' }}>
      {mayEdit && (
        <Purpose
          id={loaded.id}
          flight={flight}
          venue={venue}
          dishes={dishes}
          own={routines}
          isNew={isNew.current}
          change={change}
          pairs={() => likePairs(orderWines, flight.pins)}
          onTake={(ids) =>
            open.change((d) => ({
              ...d,
              wines: [...d.wines, ...ids.filter((id) => !d.wines.some((entry) => entry.id === id)).map((id) => ({ id }))].slice(0, mostWines),
            }))
          }
        />
      )}
      <Lay>
        <div>
          {wines.length > 0 && (
            <CourseLine
              points={now.steps.map((step) => ({
                id: step.wine,
                name: nameOf(step.wine),
                height: step.height,
                strain: step.strain,
                word: strainWord(step.strain),
                why: topReason(step) ?? '',
              }))}
              rests={now.rests.map((rest) => ({ after: rest.after, label: `${restKinds[rest.kind].label}, ${restKinds[rest.kind].minutes} min` }))}
            />
          )}
          <WineLine
            wines={wines}
            flight={flight}
            order={order}
            judgement={now}
            venue={venue}
            mayEdit={mayEdit}
            nameOf={nameOf}
            onOrder={reorder}
            onPins={(pins) => change({ pins })}
            onWine={changeWine}
            onRemove={takeOut}
          />
          {mayEdit &&
            (flight.wines.length < mostWines ? (
              <>
                <WinePicker
                  label="Add a wine from the cellar"
                  taken={order}
                  onPick={({ id }) => open.change((d) => (d.wines.some((entry) => entry.id === id) ? d : { ...d, wines: [...d.wines, { id }] }))}
                />
                <BuyWine currency={venue.currency} onAdd={(entry) => open.change((d) => ({ ...d, wines: [...d.wines, entry] }))} />
              </>
            ) : (
              <p className="soft">Forty wines is the most one flight takes. Split it into two.</p>
            ))}
          {wines.length > 0 && (
            <>
              <InTurn flightId={loaded.id} wineId={order[0]} />
              <FlightAmounts flight={flight} amounts={amounts} venue={venue} />
              <Strip amounts={amounts} currency={venue.currency} mayEdit={mayEdit} goals={flight.goals} onGoals={(goals) => change({ goals })} />
              {flight.evening === 'panel' && <PanelDesign flight={flight} order={order} nameOf={nameOf} mayEdit={mayEdit} change={change} />}
            </>
          )}
        </div>
        <OrderPanel
          flight={flight}
          order={order}
          wines={orderWines}
          now={now}
          other={other}
          before={before}
          move={move}
          solving={solving}
          untasted={untasted.output}
          mayEdit={mayEdit}
          nameOf={nameOf}
          change={(next) => {
            setBefore(null);
            change(next);
          }}
        />
      </Lay>
      <FlightElsewhere id={loaded.id} flight={flight} revision={open.revision} mayEdit={mayEdit} onMove={(starts) => change({ starts })} />
    </FlightPage>
  );
}
