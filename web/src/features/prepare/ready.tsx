'use client';
import { useState } from 'react';
import styled from 'styled-components';
import { showTemperature } from '@rose/core/wine/measure';
import { spanInWords } from '@rose/knowledge/evening/wording';
import { stockOf } from '@rose/knowledge/evening/evening';
import { FlightPage } from '@/features/shared-flight/flight-head';
import type { LoadedFlight } from '@/features/shared-flight/use-flight';
import { Button } from '@/ui/button';
import { Trouble } from '@/ui/field';
import { useKey } from '@/ui/keys';
import { Progress } from '@/ui/progress';
import { NumberField } from '@/ui/number-field';
import { Switch } from '@/ui/switch';
import { PageTabs } from '@/ui/tabs';
import { RoomForLines } from '@/ui/temperature-lines';
import { AirAdviceList } from './air';
import { AllTasks } from './all-tasks';
import { Cold } from './cold';
import { Lists } from './lists';
import { NextTasks } from '@/features/shared-flight/next-tasks';
import { Notices } from '@/features/shared-flight/notices';
import { Opening } from './opening';
import { Prints } from './prints';
import { StockForm } from './stock';
import { useAfternoon, type Afternoon } from '@/features/shared-flight/use-afternoon';

const Lay = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr) 340px;
  gap: 34px;
  align-items: start;
  aside {
    position: sticky;
    top: 72px;
    max-height: calc(100vh - 84px);
    overflow: auto;
    padding: 2px;
  }
  .small {
    font-size: 0.875rem;
    margin: 8px 0;
  }
  @media (max-width: 63.75em) {
    grid-template-columns: minmax(0, 1fr);
    aside {
      order: -1;
      position: static;
      max-height: none;
    }
  }
`;
const parts = {
  afternoon: 'The afternoon',
  opening: 'Opening',
  air: 'Air',
  lists: 'Lists',
  prints: 'Prints and calendar',
  stock: 'Fridge, bucket, hands',
} as const;
type Part = keyof typeof parts;
/** Minutes after the first pour from which an evening has been. */
const hasBeen = 360;

/** Ready: what to do now, when each bottle must stand up, go cold, come out, be opened, and everything that lies about it. */
export function Ready({ loaded, firstPour: given }: { loaded: LoadedFlight; firstPour: string | null }) {
  const afternoon = useAfternoon(loaded, given);
  const { flight, wines, nameOf, change, whole, progress, trouble, retry, now, firstPour, clock, markDone, doNext } = afternoon;
  const { mayEdit, venue } = loaded;
  const [part, setPart] = useState<Part>('afternoon');
  useKey((key) => {
    if (key === 'd') doNext();
  });
  if (flight.wines.length === 0)
    return (
      <FlightPage loaded={loaded} opened={afternoon}>
        <p className="soft">No wines yet: choose them in Chart, and the afternoon plans itself.</p>
      </FlightPage>
    );
  const plan = whole?.plan;
  return (
    <FlightPage loaded={loaded} opened={afternoon} keys={{ d: 'mark the next task done' }}>
      {now !== undefined && now > hasBeen && <p className="soft">This evening has been. The plan stands as it was; copy the flight to pour it again.</p>}
      {firstPour === null && <p className="soft">No date yet: times are counted from the first pour. Set it in Chart.</p>}
      {trouble !== '' && (
        <Trouble role="alert">
          {trouble} {whole !== null && 'What you see is the plan before. '}
          <Button size="small" onPress={retry}>
            Plan again
          </Button>
        </Trouble>
      )}
      <Lay>
        <PageTabs label="Parts of the afternoon" names={parts} at={part} go={setPart}>
          {part === 'afternoon' && whole === null && trouble === '' && (
            <RoomForLines lines={wines.length} resources={3}>
              <Progress says="Planning the afternoon" share={progress ?? 0} />
            </RoomForLines>
          )}
          {part === 'afternoon' && whole !== null && (
            <>
              <Cold whole={whole} flight={flight} wines={wines} venue={venue} now={now} clock={clock} mayEdit={mayEdit} changeWine={afternoon.changeWine} />
              <AllTasks whole={whole} flight={flight} clock={clock} nameOf={nameOf} mayEdit={mayEdit} onDone={markDone} />
            </>
          )}
          <OtherPart part={part} afternoon={afternoon} loaded={loaded} />
        </PageTabs>
        <aside aria-label="What to do next">
          {whole !== null && (
            <NextTasks busy={progress !== null} whole={whole} flight={flight} clock={clock} now={now} nameOf={nameOf} mayEdit={mayEdit} onDone={markDone} />
          )}
          <Notices afternoon={afternoon} venue={venue} timeZone={loaded.timeZone} mayEdit={mayEdit} />
          {plan !== undefined && plan.timetable.conflicts.length === 0 && (
            <p className="soft small">{spanInWords(plan.timetable)} Each task starts as late as it can.</p>
          )}
          {mayEdit && (
            <Switch on={flight.tasteFirst} onChange={(tasteFirst) => change({ tasteFirst })}>
              Taste each wine before anybody comes
            </Switch>
          )}
          {mayEdit && flight.tasteFirst && (
            <NumberField
              label="All are tasted"
              unit="min before the first pour"
              low={15}
              high={600}
              value={flight.tasteLead}
              onChange={(tasteLead) => tasteLead !== undefined && change({ tasteLead: Math.round(tasteLead) })}
            />
          )}
        </aside>
      </Lay>
    </FlightPage>
  );
}

/** What lies beside the plan: how to open, how much air, lists, prints, and what there is to work with. */
function OtherPart({ part, afternoon, loaded }: { part: Part; afternoon: Afternoon; loaded: LoadedFlight }) {
  const { open, flight, change, changeWine, whole, clock } = afternoon;
  const { mayEdit, venue, timeZone } = loaded;
  const show = (celsius: number) => showTemperature(celsius, venue.temperature);
  if (part === 'prints')
    return (
      <Prints id={loaded.id} timeZone={timeZone} flight={flight} revision={open.revision} saved={open.state === 'saved'} flush={open.flush} mayEdit={mayEdit} />
    );
  if (part === 'stock')
    return (
      <StockForm
        stock={stockOf(flight, venue)}
        own={flight.stock !== null}
        venue={venue}
        mayEdit={mayEdit}
        onChange={(next) => change({ stock: next }, 'stock')}
      />
    );
  if (whole === null) return null;
  if (part === 'opening')
    return (
      <Opening
        whole={whole}
        flight={flight}
        show={show}
        clock={clock}
        timeZone={timeZone}
        mayEdit={mayEdit}
        onOpened={(wine) => open.change((d) => ({ ...d, opened: { ...d.opened, [wine]: new Date().toISOString() } }))}
      />
    );
  if (part === 'air') return <AirAdviceList whole={whole} mayEdit={mayEdit} clock={clock} onChoose={(wine, air) => changeWine(wine, { air })} />;
  if (part === 'lists')
    return (
      <Lists
        whole={whole}
        flight={flight}
        venue={venue}
        mayEdit={mayEdit}
        onTick={(id, ticked) => open.change((d) => ({ ...d, checks: { ...d.checks, [id]: ticked } }))}
      />
    );
  return null;
}
