'use client';
import { useEffect, useMemo, useState } from 'react';
import styled from 'styled-components';
import { warmsBy } from '@rose/core/temperature/temperature';
import { showBand, showDifference, showTemperature, showVolume } from '@rose/core/wine/measure';
import { plannedTasks, taskId, type WayOut } from '@rose/core/timetable/afternoon-tasks';
import { doneIn, minutesFrom, type Moment } from '@rose/knowledge/evening/whole';
import { minuteInWords, offInWords, remedyInWords, spanInWords } from '@rose/knowledge/evening/wording';
import { minutesAWine, stockOf } from '@rose/knowledge/evening/evening';
import { Button } from '@/ui/button';
import { CheckBox } from '@/ui/check-box';
import { Trouble } from '@/ui/field';
import { clockIn } from '@rose/core/wine/day';
import { FlightPage } from '@/features/shared-flight/flight-head';
import { useFlight, type LoadedFlight } from '@/features/shared-flight/use-flight';
import { useKey } from '@/ui/frame';
import { RoomForLines, TemperatureLines, type ResourceUse } from '@/ui/temperature-lines';
import { AirAdviceList } from './air';
import { Lists } from './lists';
import { NextTasks } from './next-tasks';
import { Opening } from './opening';
import { Prints } from './prints';
import { StockForm } from './stock';
import { useEvening } from './use-evening';

const Lay = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr) 340px;
  gap: 34px;
  align-items: start;
  @media (max-width: 63.75em) {
    grid-template-columns: minmax(0, 1fr);
    > :last-child {
      order: -1;
    }
  }
`;
const Say = styled.div`
  border-left: 3px solid var(--amber);
  padding: 4px 14px;
  margin: 12px 0;
  font-size: 0.9375rem;
  strong {
    display: block;
  }
`;
const Sections = styled.nav`
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  margin: 26px 0 14px;
  border-top: 1px solid var(--line);
  padding-top: 18px;
`;
const sections = { tasks: 'All tasks', opening: 'Opening', air: 'Air', lists: 'Lists', prints: 'Prints and calendar', stock: 'Fridge, bucket, hands' } as const;

/** The present minute, moving on by itself; undefined while the page is on the server. */
function usePresent(): Date | undefined {
  const [present, setPresent] = useState<Date | undefined>(undefined);
  useEffect(() => {
    setPresent(new Date());
    const timer = setInterval(() => setPresent(new Date()), 30_000);
    return () => clearInterval(timer);
  }, []);
  return present;
}

/** Ready: when each bottle must stand up, go cold, come out, be opened; what to do next; and everything that lies about it. */
export function Ready({ loaded, firstPour: given }: { loaded: LoadedFlight; firstPour: string | null }) {
  const opened = useFlight(loaded);
  const { open, flight, wines, nameOf, change, changeWine } = opened;
  const { mayEdit, venue, timeZone } = loaded;
  const present = usePresent();
  const [section, setSection] = useState<keyof typeof sections>('tasks');
  const [again, setAgain] = useState<string | null>(null);
  const firstPour = useMemo(() => (given === null ? null : new Date(given)), [given]);
  const moment: Moment = useMemo(
    () => ({
      done: firstPour === null ? {} : doneIn(flight, firstPour),
      now: again === null || firstPour === null ? undefined : minutesFrom(firstPour, new Date(again)),
    }),
    [flight, firstPour, again],
  );
  const inputs = useMemo(() => wines.map((wine) => wine.evening), [wines]);
  const { output: whole = null, progress, trouble, retry } = useEvening(flight, inputs, venue, moment);
  const now = present === undefined || firstPour === null ? undefined : minutesFrom(firstPour, present);
  const clock = (minute: number) => minuteInWords(minute, given, timeZone);
  const show = (celsius: number) => showTemperature(celsius, venue.temperature);
  const markDone = (task: string, done: boolean) =>
    open.change((d) => {
      const { [task]: _gone, ...rest } = d.done;
      return { ...d, done: done ? { ...d.done, [task]: new Date().toISOString() } : rest };
    }, '');
  useKey((key) => {
    if (key !== 'd' || whole === null || progress !== null || !mayEdit) return;
    const next = plannedTasks(whole.plan).find((task) => flight.done[task.id] === undefined);
    if (next !== undefined) markDone(next.id, true);
  });

  if (flight.wines.length === 0)
    return (
      <FlightPage loaded={loaded} opened={opened}>
        <p className="soft">No wines yet: choose them in Chart, and the afternoon plans itself.</p>
      </FlightPage>
    );
  const stock = stockOf(flight, venue);
  const plan = whole?.plan;
  const late =
    now !== undefined &&
    plan !== undefined &&
    plan.tasks.some((task) => flight.done[task.id] === undefined && task.dayBefore !== true && plan.timetable.starts[task.id]! < now - 5) &&
    now < 240;
  const wayOutInWords = (way: WayOut): string => {
    if (way.kind === 'later') return `Pour first ${way.minutes} minutes later, at ${clock(way.minutes)}`;
    if (way.kind === 'route') return `Chill ${nameOf(way.wine)} in the ${way.route === 'ice' ? 'ice bucket' : way.route}`;
    const names = { fridge: 'place in the fridge', ice: 'place in the bucket', freezer: 'place in the freezer', hands: 'pair of hands' };
    return `${way.more === 1 ? 'One' : way.more} more ${names[way.resource]}${way.more > 1 && way.resource === 'hands' ? 's' : ''} would do it`;
  };
  const resources: ResourceUse[] =
    plan === undefined
      ? []
      : (
          [
            ['fridge', 'fridge places', stock.fridgePlaces],
            ['ice', 'bucket places', stock.bucketPlaces],
            ['hands', 'pairs of hands', stock.hands],
          ] as const
        ).map(([id, label, capacity]) => ({
          label,
          capacity,
          uses: plan.tasks.flatMap((task) => {
            const amount = task.uses[id];
            const start = plan.timetable.starts[task.id]!;
            return amount === undefined ? [] : [{ from: start, to: start + task.minutes, amount }];
          }),
        }));
  const to = whole === null ? 90 : Math.max(60, ...whole.prepared.map((wine) => wine.pourAt)) + 30;
  const from = plan === undefined ? -300 : -Math.min(720, Math.max(90, plan.timetable.span + 20));
  return (
    <FlightPage loaded={loaded} opened={opened} keys={{ d: 'mark the next task done' }}>
      {now !== undefined && now > 360 && <p className="soft">This evening has been. The plan stands as it was; copy the flight to pour it again.</p>}
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
        <div>
          {whole === null && trouble !== '' ? null : whole === null ? (
            <RoomForLines lines={wines.length} resources={3}>
              <p role="status">Planning the afternoon{progress === null ? '' : `, ${Math.round(progress * 100)} %`}.</p>
            </RoomForLines>
          ) : (
            <TemperatureLines
              lines={whole.prepared.map((wine) => {
                const curve = whole.curves.find((entry) => entry.wine === wine.wine.id)!;
                const chill = plan!.tasks.find((task) => task.id === taskId('chill', wine.wine.id));
                const start = chill === undefined ? undefined : plan!.timetable.starts[chill.id]!;
                const route = plan!.routes.get(wine.wine.id);
                return {
                  id: wine.wine.id,
                  name: wine.wine.name,
                  says:
                    curve.off !== 0
                      ? `${offInWords(curve.off, venue.temperature)} at ${clock(wine.pourAt)}`
                      : start === undefined
                        ? 'as it stands'
                        : route?.id === 'fridge-cold'
                          ? `out of the fridge ${clock(start + chill!.minutes)}`
                          : `${route?.medium.name ?? 'cold'} ${clock(start)}, ${chill!.minutes} min`,
                  points: curve.points,
                  band: wine.band,
                  pourAt: wine.pourAt,
                  atPour: curve.atPour,
                  off: curve.off,
                  marks: start === undefined ? [] : [start, start + chill!.minutes],
                  colour: wines.find((entry) => entry.summary.id === wine.wine.id)?.summary.stops[0] ?? 'var(--ink)',
                };
              })}
              resources={resources}
              from={from}
              to={to}
              now={now}
              clock={clock}
              show={show}
              showBand={(band) => showBand(band, venue.temperature)}
            />
          )}
          {trouble === '' || whole !== null ? (
            <p className="soft" style={{ fontSize: '0.875rem', margin: '8px 0 0' }}>
              The green band is where the bottle should be when it is poured. A glass of {showVolume(flight.pourMl, venue.volume)} at {show(10)} gains about{' '}
              {showDifference(warmsBy(10, stock.roomC, flight.pourMl, minutesAWine(flight)), venue.temperature)} in the {minutesAWine(flight)} minutes it is
              talked about, in a room of {show(stock.roomC)}: the aim lies below the middle of the band by half of that. Bands:{' '}
              {whole === null ? 'with their sources when the plan is there' : [...new Set(whole.prepared.map((wine) => wine.band.source))].join('; ')}.
            </p>
          ) : null}
          <Sections aria-label="More of the afternoon">
            {(Object.keys(sections) as (keyof typeof sections)[]).map((id) => (
              <Button key={id} size="small" pressed={section === id} onPress={() => setSection(id)}>
                {sections[id]}
              </Button>
            ))}
          </Sections>
          {whole !== null && section === 'tasks' && (
            <NextTasks all whole={whole} flight={flight} clock={clock} now={now} nameOf={nameOf} mayEdit={mayEdit} onDone={markDone} />
          )}
          {whole !== null && section === 'opening' && (
            <Opening
              whole={whole}
              flight={flight}
              show={show}
              clock={clock}
              timeZone={timeZone}
              mayEdit={mayEdit}
              onOpened={(wine) => open.change((d) => ({ ...d, opened: { ...d.opened, [wine]: new Date().toISOString() } }))}
            />
          )}
          {whole !== null && section === 'air' && (
            <AirAdviceList whole={whole} mayEdit={mayEdit} clock={clock} onChoose={(wine, air) => changeWine(wine, { air })} />
          )}
          {whole !== null && section === 'lists' && (
            <Lists
              whole={whole}
              flight={flight}
              venue={venue}
              mayEdit={mayEdit}
              onTick={(id, ticked) => open.change((d) => ({ ...d, checks: { ...d.checks, [id]: ticked } }))}
            />
          )}
          {section === 'prints' && (
            <Prints
              id={loaded.id}
              timeZone={timeZone}
              flight={flight}
              revision={open.revision}
              saved={open.state === 'saved'}
              flush={open.flush}
              mayEdit={mayEdit}
            />
          )}
          {section === 'stock' && (
            <StockForm stock={stock} own={flight.stock !== null} venue={venue} mayEdit={mayEdit} onChange={(next) => change({ stock: next }, 'stock')} />
          )}
        </div>
        <aside aria-label="What to do next">
          {whole !== null && (
            <NextTasks busy={progress !== null} whole={whole} flight={flight} clock={clock} now={now} nameOf={nameOf} mayEdit={mayEdit} onDone={markDone} />
          )}
          {wines
            .filter((wine) => wine.evening.faultFound !== undefined)
            .map(({ summary, evening }) => {
              const amount = whole?.amounts.wines.find((entry) => entry.wine === summary.id);
              const booked = flight.faulty[summary.id] === true;
              return (
                <Say key={summary.id} role="status">
                  <strong>
                    {summary.name}: your note found it {evening.faultFound}.
                  </strong>
                  {booked
                    ? `The spare is called for; ${amount?.held ?? 0} ${amount?.held === 1 ? 'bottle is' : 'bottles are'} left. Open it and taste it again.`
                    : 'Compare the spare before you pour it for anybody. '}
                  {mayEdit && !booked && (
                    <Button
                      size="small"
                      onPress={() =>
                        open.change((d) => ({
                          ...d,
                          faulty: { ...d.faulty, [summary.id]: true },
                          done: Object.fromEntries(
                            Object.entries(d.done).filter(([task]) => !['open', 'check', 'taste', 'decant'].some((kind) => task === `${kind}:${summary.id}`)),
                          ),
                        }))
                      }
                    >
                      Open the spare
                    </Button>
                  )}
                </Say>
              );
            })}
          {late && firstPour !== null && (
            <Say role="status">
              <strong>The afternoon runs late.</strong>
              Something should have begun before now.{' '}
              {mayEdit && (
                <Button size="small" onPress={() => setAgain(new Date().toISOString())}>
                  Plan anew from now
                </Button>
              )}
            </Say>
          )}
          {again !== null && (
            <Say role="status">
              <strong>Planned anew from {clockIn(again, timeZone)}.</strong>
              <Button size="small" tone="quiet" onPress={() => setAgain(null)}>
                Back to the whole plan
              </Button>
            </Say>
          )}
          {plan !== undefined && plan.timetable.conflicts.length > 0 && (
            <Say role="alert">
              <strong>It does not all fit.</strong>
              {plan.timetable.conflicts.slice(0, 3).map((conflict) => (
                <span key={conflict.task} style={{ display: 'block' }}>
                  {conflictInWords(conflict, nameOf)}
                </span>
              ))}
              {plan.wayOut === undefined ? 'No single change was found that makes it fit.' : `${wayOutInWords(plan.wayOut)}. `}
              {mayEdit && plan.wayOut?.kind === 'route' && (
                <Button size="small" onPress={() => plan.wayOut?.kind === 'route' && changeWine(plan.wayOut.wine, { route: plan.wayOut.route })}>
                  Do that
                </Button>
              )}
            </Say>
          )}
          {whole?.curves
            .filter((curve) => curve.off !== 0)
            .map((curve) => (
              <Say key={curve.wine}>
                <strong>
                  {nameOf(curve.wine)} will pour {offInWords(curve.off, venue.temperature)}.
                </strong>{' '}
                {remedyInWords(curve.off, curve.remedy, clock)}{' '}
                {mayEdit && curve.remedy !== undefined && stock.bucketPlaces > 0 && (
                  <Button size="small" onPress={() => changeWine(curve.wine, { route: 'ice' })}>
                    Do that
                  </Button>
                )}
              </Say>
            ))}
          {plan !== undefined && plan.timetable.conflicts.length === 0 && (
            <p className="soft" style={{ fontSize: '0.875rem', margin: '10px 0' }}>
              {spanInWords(plan.timetable)} Each task starts as late as it can.
            </p>
          )}
          {mayEdit && (
            <CheckBox checked={flight.tasteFirst} onChange={(tasteFirst) => change({ tasteFirst })}>
              Taste each wine in the afternoon, before anybody comes
            </CheckBox>
          )}
        </aside>
      </Lay>
    </FlightPage>
  );
}

function conflictInWords(conflict: { task: string; by: number; resource: string }, nameOf: (wine: string) => string): string {
  const [kind, wine] = conflict.task.split(':');
  const what = `${wine === undefined ? 'the evening' : nameOf(wine)}: ${kind === 'chill' ? 'chilling' : kind === 'open' ? 'opening' : kind === 'pour' ? 'pouring' : kind}`;
  const minutes = conflict.by >= 120 ? `${Math.floor(conflict.by / 60)} h ${conflict.by % 60} min` : `${conflict.by} min`;
  return `${what} would have to begin ${minutes} before it may${conflict.resource === '' ? '' : `, because the ${conflict.resource === 'ice' ? 'bucket' : conflict.resource} ${conflict.resource === 'hands' ? 'are' : 'is'} full`}.`;
}
