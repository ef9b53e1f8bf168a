import type { Metadata } from 'next';
import { cache } from 'react';
import { emptyWine, factIds } from '@rose/core/wine/facts';
import { WineForm } from '@/features/cellar/wine-form';
import { getWine } from '@/server/cellar/queries';
import { mustBeAbleTo, read } from '@/server/page';
import { Here } from '../../../here';

const load = cache((id: string) => read(getWine, { id }));
type Asked = { params: Promise<{ id: string }>; searchParams: Promise<{ new?: string; fact?: string }> };
export async function generateMetadata({ params, searchParams }: Asked): Promise<Metadata> {
  return { title: (await searchParams).new === undefined ? `Change ${(await load((await params).id)).document.name}` : 'A new wine' };
}
/** A wine that is new has an id made by the client and `new` in its address. */
export default async function Page({ params, searchParams }: Asked) {
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
  const wine = await load(id);
  return (
    <Here>
      <WineForm id={id} revision={wine.revision} document={wine.document} asked={asked} />
    </Here>
  );
}
