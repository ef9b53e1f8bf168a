import type { Metadata } from 'next';
import { Deal } from '@/features/note/pair/deal-hidden-glasses';
import { Here } from '../../here';

export const metadata: Metadata = { title: 'Deal hidden glasses' };
export default function Page() {
  return (
    <Here>
      <Deal />
    </Here>
  );
}
