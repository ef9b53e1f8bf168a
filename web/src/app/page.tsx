import type { Metadata } from 'next';
import { Today } from '@/features/today/today';
import { read } from '@/server/page';
import { getToday } from '@/server/today/queries';
import { instantIn } from '@/server/wall-time';
import { loadFlight } from './flights/[id]/load';
import { Here } from './here';

export const metadata: Metadata = { title: 'Today' };
export default async function Page() {
  const view = await read(getToday);
  const loaded = view.flight === null ? null : await loadFlight(view.flight.id, false);
  const next =
    loaded === null ? null : { loaded, firstPour: loaded.document.starts === '' ? null : instantIn(loaded.document.starts, loaded.timeZone).toISOString() };
  return (
    <Here>
      <Today view={view} next={next} />
    </Here>
  );
}
