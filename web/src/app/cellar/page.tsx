import type { Metadata } from 'next';
import { contract } from '@/contract';
import { Cellar } from '@/features/cellar/cellar';
import { countries, listWines } from '@/server/cellar/queries';
import { accepts, narrowing, read } from '@/server/page';
import { Here } from '../here';

export const metadata: Metadata = { title: 'Cellar' };
export default async function Page({ searchParams }: { searchParams: Promise<Record<string, string>> }) {
  const asked = narrowing(contract.wine.list, await searchParams);
  const filters = accepts(contract.wine.list.input, asked) ? asked : {};
  const [page, places] = await Promise.all([read(listWines, filters), read(countries)]);
  return (
    <Here>
      <Cellar first={page} filters={filters} countries={places.countries} />
    </Here>
  );
}
