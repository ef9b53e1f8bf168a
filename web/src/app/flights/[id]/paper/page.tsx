import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { Paper } from '@/features/tasting/paper';
import { read } from '@/server/page';
import { paperSheet } from '@/server/tasting/paper';
import { loadEvening } from '../evening';
import { Here } from '../../../here';

export const metadata: Metadata = { title: 'From paper' };
export default async function Page({ params, searchParams }: { params: Promise<{ id: string }>; searchParams: Promise<{ evening?: string }> }) {
  const [{ id }, { evening: asked }] = await Promise.all([params, searchParams]);
  const { flight, evening } = await loadEvening(id, asked);
  if (evening === undefined) notFound();
  return (
    <Here>
      <Paper id={evening.id} name={flight.document.name} flightId={id} sheet={await read(paperSheet, { id: evening.id })} />
    </Here>
  );
}
