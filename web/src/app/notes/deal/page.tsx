import type { Metadata } from 'next';
import { pouringOrder } from '@rose/core/flight/flight';
import { mostPairs, pairsOf } from '@rose/core/order/pairs';
import { Deal } from '@/features/note/pair/deal-hidden-glasses';
import { DealPairs } from '@/features/note/pair/deal-pairs';
import { getFlight } from '@/server/flight/operations';
import { read } from '@/server/page';
import { Here } from '../../here';

export const metadata: Metadata = { title: 'Deal hidden glasses' };
export default async function Page({ searchParams }: { searchParams: Promise<{ flight?: string }> }) {
  const { flight: id } = await searchParams;
  if (id === undefined)
    return (
      <Here>
        <Deal />
      </Here>
    );
  const { document, wines } = await read(getFlight, { id });
  const { pairs, alone } = pairsOf(pouringOrder(document), document.pins);
  const named = (wine: string) => ({ id: wine, name: wines.find(({ summary }) => summary.id === wine)?.summary.name ?? 'a wine that was taken away' });
  return (
    <Here>
      <DealPairs
        flight={{
          id,
          name: document.name || 'A flight',
          pairs: pairs.slice(0, mostPairs).map(([a, b]) => [named(a), named(b)] as const),
          alone: [...pairs.slice(mostPairs).flat(), ...alone].map((wine) => named(wine).name),
        }}
      />
    </Here>
  );
}
