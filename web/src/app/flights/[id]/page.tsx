import { emptyFlight } from '@rose/core/flight/flight';
import { Chart } from '@/features/flight/chart';
import { me } from '@/server/account/queries';
import { getFlight } from '@/server/flight/operations';
import { read } from '@/server/page';

export default async function Page({ params, searchParams }: { params: Promise<{ id: string }>; searchParams: Promise<{ new?: string }> }) {
  const { id } = await params;
  const who = await read(me);
  const venue = who.venue?.name ?? '';
  if ((await searchParams).new !== undefined)
    return (
      <Chart
        venue={venue}
        mayEdit={who.role !== 'helper'}
        id={id}
        revision={0}
        document={{ ...emptyFlight, name: 'A new flight', school: who.venue?.settings.school ?? 'weight' }}
        base={emptyFlight}
        wines={[]}
      />
    );
  const flight = await read(getFlight, { id });
  return (
    <Chart
      venue={venue}
      mayEdit={who.role !== 'helper'}
      id={id}
      revision={flight.revision}
      document={flight.document}
      base={flight.document}
      wines={flight.wines}
    />
  );
}
