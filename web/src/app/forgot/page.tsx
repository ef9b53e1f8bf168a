import type { Metadata } from 'next';
import { Forgot } from '@/features/account/sign-in';

export const metadata: Metadata = { title: 'A new password' };
export const dynamic = 'force-dynamic';
export default function Page() {
  return <Forgot />;
}
