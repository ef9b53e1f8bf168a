import type { Metadata } from 'next';
import { Tried } from '@/features/pairing/tried';
import { pairingFindings } from '@/server/pairing/tried';
import { read } from '@/server/page';
import { Here } from '../../here';

export const metadata: Metadata = { title: 'Tried' };
export default async function Page() {
  const found = await read(pairingFindings);
  return (
    <Here>
      <Tried {...found} />
    </Here>
  );
}
