import type { ReactNode } from 'react';
import { SharedParts } from '@/features/guest/shared-parts';

export default function Layout({ children }: { children: ReactNode }) {
  return <SharedParts>{children}</SharedParts>;
}
