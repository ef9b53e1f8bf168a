import type { Metadata } from 'next';
import { Takeaway } from '@/features/guest/takeaway';
import { guestTakeaway } from '@/server/guest/takeaway';
import { read } from '@/server/page';

export const metadata: Metadata = { title: 'What you took home', referrer: 'no-referrer', robots: 'noindex' };
export default async function Page({ params }: { params: Promise<{ code: string }> }) {
  const { code } = await params;
  return <Takeaway code={code} taken={await read(guestTakeaway, { code })} />;
}
