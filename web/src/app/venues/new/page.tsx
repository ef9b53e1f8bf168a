import type { Metadata } from 'next';
import { NewVenue } from '@/features/account/sign-in';

export const metadata: Metadata = { title: 'A new venue' };
export const dynamic = 'force-dynamic';
export default function Page() {
  return <NewVenue />;
}
