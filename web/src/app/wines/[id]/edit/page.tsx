import { emptyWine, factIds } from '@rose/core/wine/facts';
import { WineForm } from '@/features/cellar/wine-form';
import { getWine } from '@/server/cellar/queries';
import { mustBeAbleTo, read } from '@/server/page';
import { Here } from '../../../here';

/** A wine that is new has an id made by the client and `new` in its address. */
export default async function Page({ params, searchParams }: { params: Promise<{ id: string }>; searchParams: Promise<{ new?: string; fact?: string }> }) {
  const { id } = await params;
  await mustBeAbleTo('cellar.edit');
  const { new: isNew, fact } = await searchParams;
  const asked = factIds.find((known) => known === fact);
  if (isNew !== undefined)
    return (
      <Here>
        <WineForm id={id} revision={0} document={emptyWine} />
      </Here>
    );
  const wine = await read(getWine, { id });
  return (
    <Here>
      <WineForm id={id} revision={wine.revision} document={wine.document} asked={asked} />
    </Here>
  );
}
