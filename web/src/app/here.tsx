import type { ReactNode } from 'react';
import { me } from '@/server/account/queries';
import { usualChoices } from '@/server/account/settings';
import { read } from '@/server/page';
import { HereProvider } from '@/ui/here';

/** Around every page of a venue: where the reader is, and what they may do there. */
export async function Here({ children }: { children: ReactNode }) {
  const who = await read(me);
  const { timeZone, currency } = who.venue?.settings ?? usualChoices;
  return <HereProvider here={{ venue: who.venue?.name ?? '', role: who.role, timeZone, currency }}>{children}</HereProvider>;
}
