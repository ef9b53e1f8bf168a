'use client';
import type { FlightDocument } from '@rose/core/flight/flight';
import { warmsBy } from '@rose/core/temperature/temperature';
import { taskId } from '@rose/core/timetable/afternoon-tasks';
import { routeNames } from '@rose/core/timetable/task-words';
import { showBand, showDifference, showTemperature, showVolume } from '@rose/core/wine/measure';
import { minutesAWine, stockOf, type VenueFacts } from '@rose/knowledge/evening/evening';
import type { WholeEvening } from '@rose/knowledge/evening/whole';
import { offInWords } from '@rose/knowledge/evening/wording';
import type { Afternoon } from '@/features/shared-flight/use-afternoon';
import type { FlightWineView } from '@/contract/answers';
import { Disclosure } from '@/ui/disclosure';
import { SelectField } from '@/ui/select-field';
import { TemperatureLines, type ResourceUse } from '@/ui/temperature-lines';

/** The temperature of every bottle over the afternoon against the band it should pour in, with what fridge, bucket and hands do meanwhile. */
export function Cold({
  whole,
  flight,
  wines,
  venue,
  now,
  clock,
  mayEdit,
  changeWine,
}: {
  whole: WholeEvening;
  flight: FlightDocument;
  wines: readonly FlightWineView[];
  venue: VenueFacts;
  now: number | undefined;
  clock: (minute: number) => string;
  mayEdit: boolean;
  changeWine: Afternoon['changeWine'];
}) {
  const stock = stockOf(flight, venue);
  const { plan } = whole;
  const show = (celsius: number) => showTemperature(celsius, venue.temperature);
  const resources: ResourceUse[] = (
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
  const choices = whole.prepared.flatMap(({ wine, entry, routes }) => {
    const usual = plan.routes.get(wine.id);
    const ways = routes.kind === 'routes' ? routes.routes : [];
    if (ways.length < 2 && entry.route === undefined) return [];
    const asPlanned = { '': usual === undefined || entry.route !== undefined ? 'as planned' : `as planned: ${routeNames[usual.id]}` };
    const options: Readonly<Record<string, string>> = { ...asPlanned, ...Object.fromEntries(ways.map((way) => [way.id, routeNames[way.id]])) };
    const chosen: string = entry.route ?? '';
    return [{ wine, chosen, ways, options }];
  });
  const to = Math.max(60, ...whole.prepared.map((wine) => wine.pourAt)) + 30;
  const from = -Math.min(720, Math.max(90, plan.timetable.span + 20));
  return (
    <>
      <TemperatureLines
        lines={whole.prepared.map((wine) => {
          const curve = whole.curves.find((entry) => entry.wine === wine.wine.id)!;
          const chill = plan.tasks.find((task) => task.id === taskId('chill', wine.wine.id));
          const start = chill === undefined ? undefined : plan.timetable.starts[chill.id]!;
          const route = plan.routes.get(wine.wine.id);
          return {
            id: wine.wine.id,
            name: wine.wine.name,
            says:
              curve.off !== 0
                ? `${offInWords(curve.off, venue.temperature)} at ${clock(wine.pourAt)}`
                : start === undefined
                  ? 'as it stands'
                  : route?.id === 'fridge-cold' || route?.id === 'overnight'
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
      {mayEdit && choices.length > 0 && (
        <Disclosure says="The way each bottle takes">
          <div style={{ display: 'grid', gap: 12, gridTemplateColumns: 'repeat(auto-fill, minmax(min(20em, 100%), 1fr))' }}>
            {choices.map(({ wine, chosen, ways, options }) => (
              <SelectField
                key={wine.id}
                label={wine.name}
                value={chosen}
                onChange={(route) => changeWine(wine.id, { route: ways.find((way) => way.id === route)?.id })}
                options={options}
              />
            ))}
          </div>
        </Disclosure>
      )}
      <p className="soft" style={{ fontSize: '0.875rem', margin: '8px 0 0' }}>
        The green band is where the bottle should be when it is poured. A glass of {showVolume(flight.pourMl, venue.volume)} at {show(10)} gains about{' '}
        {showDifference(warmsBy(10, stock.roomC, flight.pourMl, minutesAWine(flight, venue)), venue.temperature)} in the {minutesAWine(flight, venue)} minutes
        it is talked about, in a room of {show(stock.roomC)}: the aim lies below the middle of the band by half of that. Bands:{' '}
        {[...new Set(whole.prepared.map((wine) => wine.band.source))].join('; ')}.
      </p>
    </>
  );
}
