import type { Metadata } from 'next';
import { Calls } from '@/features/notebook/calls';
import { pairCalls } from '@/server/notebook/calls';
import { read } from '@/server/page';
import { Here } from '../../here';

export const metadata: Metadata = { title: 'Your calls on pairs' };
export default async function Page() {
  const { calls } = await read(pairCalls, {});
  return (
    <Here>
      <Calls calls={calls} />
    </Here>
  );
}
