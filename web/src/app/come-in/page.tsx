import type { Metadata } from 'next';
import { ComeIn } from '@/features/account/sign-in';
import { demoOpen } from '@/server/environment';

export const metadata: Metadata = { title: 'Come in' };
export default async function Page({ searchParams }: { searchParams: Promise<{ next?: string }> }) {
  const { next } = await searchParams;
  // Only a path of our own: never a way to another site.
  return <ComeIn demo={demoOpen()} next={next !== undefined && /^\/[a-z0-9]/i.test(next) ? next : '/'} />;
}
