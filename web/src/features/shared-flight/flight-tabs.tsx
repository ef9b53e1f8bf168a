'use client';
import { useMay } from '../../ui/here';
import { TabLinks } from '../../ui/tab-links';

/** The activities of a flight, in the order people do them. */
export function FlightTabs({ id }: { id: string }) {
  const leads = useMay('tasting.lead');
  const at = `/flights/${id}`;
  return (
    <TabLinks
      label="This flight"
      pages={{
        [at]: 'Chart',
        [`${at}/ready`]: 'Ready',
        ...(leads ? { [`${at}/pour`]: 'Pour', [`${at}/unmask`]: 'Unmask' } : { [`${at}/pouring`]: 'Pouring' }),
      }}
    />
  );
}
