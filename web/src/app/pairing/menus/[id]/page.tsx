import type { Metadata } from 'next';
import { cache } from 'react';
import { emptyMenu } from '@rose/core/menu/menu-document';
import { MenuPage } from '@/features/pairing/menu';
import { listFlights } from '@/server/flight/operations';
import { getMenu } from '@/server/pairing/menus';
import { read } from '@/server/page';
import { Here } from '../../../here';

const load = cache((id: string) => read(getMenu, { id }));
type Asked = { params: Promise<{ id: string }>; searchParams: Promise<{ new?: string }> };
export async function generateMetadata({ params, searchParams }: Asked): Promise<Metadata> {
  return { title: (await searchParams).new === undefined ? (await load((await params).id)).document.name : 'A new menu' };
}
export default async function Page({ params, searchParams }: Asked) {
  const { id } = await params;
  const { flights } = await read(listFlights);
  const made = (await searchParams).new === undefined ? await load(id) : { revision: 0, document: emptyMenu };
  return (
    <Here>
      <MenuPage flights={flights.map(({ id: flight, name }) => ({ id: flight, name }))} id={id} revision={made.revision} document={made.document} />
    </Here>
  );
}
