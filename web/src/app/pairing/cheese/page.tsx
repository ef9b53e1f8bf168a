import type { Metadata } from 'next';
import { contract } from '@/contract';
import { CheeseBoard } from '@/features/pairing/cheese-board';
import { listFlights } from '@/server/flight/operations';
import { cheeseBoard } from '@/server/pairing/operations';
import { accepts, narrowing, read } from '@/server/page';
import { Here } from '../../here';

export const metadata: Metadata = { title: 'A cheese board' };
export default async function Page({ searchParams }: { searchParams: Promise<Record<string, string>> }) {
  const { flights } = await read(listFlights);
  const asked = narrowing(contract.pairing.cheeses, await searchParams);
  const among = asked['among'] ?? (flights[0] === undefined ? 'cellar' : `flight:${flights[0].id}`);
  const wanted = { ...asked, among };
  const question = accepts(contract.pairing.cheeses.input, wanted) ? wanted : { among };
  const answer = await read(cheeseBoard, question);
  return (
    <Here>
      <CheeseBoard among={among} count={answer.board.length} flights={flights.map(({ id, name }) => ({ id, name }))} {...answer} />
    </Here>
  );
}
