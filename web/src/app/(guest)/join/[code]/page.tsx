import type { Metadata } from 'next';
import { Join } from '@/features/guest/join';

export const metadata: Metadata = { title: 'Join a tasting' };
export default async function Page({ params, searchParams }: { params: Promise<{ code: string }>; searchParams: Promise<{ k?: string }> }) {
  const [{ code }, { k }] = await Promise.all([params, searchParams]);
  return <Join code={code.slice(0, 20)} {...(k === undefined ? {} : { linkKey: k.slice(0, 64) })} />;
}
