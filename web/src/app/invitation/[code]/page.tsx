import type { Metadata } from 'next';
import { headers } from 'next/headers';
import { AcceptInvitation, SignUp } from '@/features/account/sign-in';
import { whoIs } from '@/server/actor-of-request';

export const metadata: Metadata = { title: 'Invitation' };
export default async function Page({ params }: { params: Promise<{ code: string }> }) {
  const { code } = await params;
  const actor = await whoIs(await headers());
  return actor.kind === 'anyone' || actor.kind === 'guest' ? <SignUp invitation={code} /> : <AcceptInvitation code={code} name={actor.name} />;
}
