import { emptyWine } from '@rose/core/wine/facts';
import { WineForm } from '@/features/cellar/wine-form';
import { me } from '@/server/account/queries';
import { getWine } from '@/server/cellar/queries';
import { read } from '@/server/page';

/** A wine that is new has an id made by the client and `new` in its address. */
export default async function Page({ params, searchParams }: { params: Promise<{ id: string }>; searchParams: Promise<{ new?: string }> }) {
  const { id } = await params;
  const who = await read(me);
  if ((await searchParams).new !== undefined)
    return <WineForm venue={who.venue?.name ?? ''} currency={who.venue?.settings.currency ?? 'EUR'} id={id} revision={0} document={emptyWine} />;
  const wine = await read(getWine, { id });
  return <WineForm venue={who.venue?.name ?? ''} currency={who.venue?.settings.currency ?? 'EUR'} id={id} revision={wine.revision} document={wine.document} />;
}
