'use client';
import { counted } from '@rose/core/wine/plural';
import styled from 'styled-components';
import { kindOfTask, wineOfTask, type TaskKind, type WayOut } from '@rose/core/timetable/afternoon-tasks';
import { routeNames } from '@rose/core/timetable/task-words';
import { clockIn } from '@rose/core/wine/day';
import { offInWords, remedyInWords } from '@rose/knowledge/evening/wording';
import { stockOf, type VenueFacts } from '@rose/knowledge/evening/evening';
import { Button } from '@/ui/button';
import type { Afternoon } from './use-afternoon';

const Say = styled.div`
  border-left: 3px solid var(--amber);
  padding: 4px 14px;
  margin: 12px 0;
  font-size: 0.9375rem;
  strong {
    display: block;
  }
`;

/** What of the afternoon needs a decision: a faulty bottle, time that ran away, tasks that do not fit, a bottle that will pour too warm or too cold. */
export function Notices({ afternoon, venue, timeZone, mayEdit }: { afternoon: Afternoon; venue: VenueFacts; timeZone: string; mayEdit: boolean }) {
  const { open, flight, wines, nameOf, changeWine, whole, late, firstPour, again, setAgain, clock } = afternoon;
  const plan = whole?.plan;
  const stock = stockOf(flight, venue);
  const wayOutInWords = (way: WayOut): string => {
    if (way.kind === 'later') return `Pour first ${counted(way.minutes, 'minute')} later, at ${clock(way.minutes)}`;
    if (way.kind === 'route') return `Chill ${nameOf(way.wine)} another way: ${routeNames[way.route]}`;
    const names = { fridge: 'place in the fridge', ice: 'place in the bucket', freezer: 'place in the freezer', hands: 'pair of hands' };
    return `${way.more === 1 ? 'One' : way.more} more ${names[way.resource]}${way.more > 1 && way.resource === 'hands' ? 's' : ''} would do it`;
  };
  return (
    <>
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
    </>
  );
}

const doing: Readonly<Record<TaskKind, string>> = {
  stand: 'standing upright',
  ice: 'filling the bucket',
  chill: 'chilling',
  out: 'taking it out',
  warm: 'coming up to the room',
  open: 'opening',
  check: 'checking',
  taste: 'tasting it first',
  decant: 'decanting',
  room: 'checking the room',
  polish: 'polishing',
  set: 'setting the places',
  table: 'laying the table',
  pour: 'pouring',
  bread: 'the rest after it',
  cheese: 'the rest after it',
  cook: 'work on its dish',
  plate: 'plating its dish',
};
function conflictInWords(conflict: { task: string; by: number; resource: string }, nameOf: (wine: string) => string): string {
  const wine = wineOfTask(conflict.task);
  const what = `${wine === undefined ? 'the evening' : nameOf(wine)}: ${doing[kindOfTask(conflict.task)]}`;
  const minutes = conflict.by >= 120 ? `${Math.floor(conflict.by / 60)} h ${conflict.by % 60} min` : `${conflict.by} min`;
  return `${what} would have to begin ${minutes} before it may${conflict.resource === '' ? '' : `, because the ${conflict.resource === 'ice' ? 'bucket' : conflict.resource} ${conflict.resource === 'hands' ? 'are' : 'is'} full`}.`;
}
