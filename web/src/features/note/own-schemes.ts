'use client';
import { useEffect, useState } from 'react';
import { asScheme, type OwnScheme } from '@rose/core/score/own-scheme';
import type { Scheme } from '@rose/core/score/scheme';
import { api } from '@/ui/api';

interface Version {
  readonly id: string;
  readonly version: number;
  readonly document: OwnScheme;
}
/** The venue's own sheets in their latest version, and any older version a note was marked by. Without the network there are only the shipped ones. */
export function useOwnSchemes(kept: readonly string[]): readonly Scheme[] {
  const [found, setFound] = useState<readonly Version[]>([]);
  const own = kept.filter((id) => id.includes('@')).join(' ');
  useEffect(() => {
    let there = true;
    const load = async () => {
      const { versions } = await api<{ versions: readonly Version[] }>('GET', '/schemes');
      const older = own
        .split(' ')
        .filter((id) => id !== '' && !versions.some((entry) => `${entry.id}@${entry.version}` === id))
        .map((id) => api<Version>('GET', `/schemes/${id.replace('@', '/')}`));
      return [...versions, ...(await Promise.all(older))];
    };
    load().then(
      (all) => there && setFound(all),
      () => undefined,
    );
    return () => {
      there = false;
    };
  }, [own]);
  return found.map(({ id, version, document }) => asScheme(id, version, { ...document, label: `${document.label} (version ${version})` }));
}
