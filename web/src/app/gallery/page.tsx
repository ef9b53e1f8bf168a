import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { HereProvider } from '@/ui/here';
import { Gallery } from '@/features/settings/gallery';

export const metadata: Metadata = { title: 'Gallery' };
export const dynamic = 'force-dynamic';
/** Every piece of the design system in all its states; in development, or where ROSE_GALLERY asks for it. */
export default function Page() {
  if (process.env.NODE_ENV !== 'development' && process.env['ROSE_GALLERY'] !== '1') notFound();
  return (
    <HereProvider here={{ venue: 'Gallery', role: null, timeZone: 'UTC', currency: 'EUR' }}>
      <Gallery />
    </HereProvider>
  );
}
