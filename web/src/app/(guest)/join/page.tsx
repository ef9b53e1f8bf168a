import type { Metadata } from 'next';
import { Join } from '@/features/guest/join';

export const metadata: Metadata = { title: 'Join a tasting' };
export default function Page() {
  return <Join />;
}
