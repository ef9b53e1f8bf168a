import type { Metadata } from 'next';
import { Claims } from '@/features/notebook/claims';
import { Here } from '../../here';

export const metadata: Metadata = { title: 'Said of wine, and not so' };
export default function Page() {
  return (
    <Here>
      <Claims />
    </Here>
  );
}
