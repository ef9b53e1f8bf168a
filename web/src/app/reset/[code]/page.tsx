import type { Metadata } from 'next';
import { Reset } from '@/features/account/sign-in';

export const metadata: Metadata = { title: 'A new password' };
export default async function Page({ params }: { params: Promise<{ code: string }> }) {
  return <Reset code={(await params).code} />;
}
