import type { Metadata } from 'next';
import { Cellar } from '@/features/cellar/cellar';
import { me } from '@/server/account/queries';
import { countries, listWines } from '@/server/cellar/queries';
import { read } from '@/server/page';

export const metadata: Metadata = { title: 'Cellar' };
export default async function Page({ searchParams }: { searchParams: Promise<Record<string, string>> }) {
  const known = ['q', 'colour', 'bubbles', 'country', 'held', 'deleted', 'sort', 'direction'];
  const filters = Object.fromEntries(
    Object.entries(await searchParams).filter(([key, value]) => known.includes(key) && typeof value === 'string' && value !== ''),
  );
  const [who, page, places] = await Promise.all([read(me), read(listWines, filters), read(countries)]);
  return <Cellar venue={who.venue?.name ?? ''} mayEdit={who.role !== 'helper'} first={page} filters={filters} countries={places.countries} />;
}
