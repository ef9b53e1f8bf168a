import type { Metadata } from 'next';
import { contract } from '@/contract';
import { Cellar } from '@/features/cellar/cellar';
import { countries, listWines } from '@/server/cellar/queries';
import { accepts, read } from '@/server/page';
import { Here } from '../here';

export const metadata: Metadata = { title: 'Cellar' };
export default async function Page({ searchParams }: { searchParams: Promise<Record<string, string>> }) {
  const known = ['q', 'colour', 'bubbles', 'country', 'held', 'deleted', 'sort', 'direction'];
  const asked = Object.fromEntries(
    Object.entries(await searchParams).filter(([key, value]) => known.includes(key) && typeof value === 'string' && value !== ''),
  );
  const filters = accepts(contract.wine.list.input, asked) ? asked : {};
  const [page, places] = await Promise.all([read(listWines, filters), read(countries)]);
  return (
    <Here>
      <Cellar first={page} filters={filters} countries={places.countries} />
    </Here>
  );
}
