import type { Metadata } from 'next';
import { Seat } from '@/features/note/seat/seat';
import { guestTasting } from '@/server/guest/tasting';
import { readAtSeat } from '@/server/page';

export const metadata: Metadata = { title: 'Your seat' };
export default async function Page() {
  return <Seat first={await readAtSeat(guestTasting)} />;
}
