import type { Metadata } from 'next';
import { cache } from 'react';
import { emptyDish } from '@rose/core/pairing/dish-document';
import { DishPage } from '@/features/pairing/dish';
import { listFlights } from '@/server/flight/operations';
import { getDish } from '@/server/pairing/operations';
import { pairingFindings } from '@/server/pairing/tried';
import { read } from '@/server/page';
import { Here } from '../../here';

const load = cache((id: string) => read(getDish, { id }));
type Asked = { params: Promise<{ id: string }>; searchParams: Promise<{ new?: string; beside?: string }> };
export async function generateMetadata({ params, searchParams }: Asked): Promise<Metadata> {
  return { title: (await searchParams).new === undefined ? (await load((await params).id)).document.name : 'A new dish' };
}
export default async function Page({ params, searchParams }: Asked) {
  const { id } = await params;
  const [flights, { own }] = await Promise.all([read(listFlights), read(pairingFindings)]);
  const shared = {
    own,
    flights: flights.flights.map(({ id: flight, name }) => ({ id: flight, name })),
  };
  if ((await searchParams).new !== undefined)
    return (
      <Here>
        <DishPage {...shared} id={id} revision={0} document={emptyDish} />
      </Here>
    );
  const dish = await load(id);
  const { beside } = await searchParams;
  return (
    <Here>
      <DishPage {...shared} besideAtFirst={beside} id={id} revision={dish.revision} document={dish.document} />
    </Here>
  );
}
