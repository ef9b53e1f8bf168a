'use client';
import { useEffect, useState } from 'react';
import { asScheme } from '@rose/core/score/own-scheme';
import type { Scheme } from '@rose/core/score/scheme';
import type { AnswerOf } from '@/contract/answers';
import { contract } from '@/contract/client';
import { call } from '@/ui/api';

type Version = AnswerOf<'scheme', 'get'>;
/** The venue's own sheets in their latest version, and any older version a note was marked by. Without the network there are only the shipped ones. */
export function useOwnSchemes(kept: readonly string[]): readonly Scheme[] {
  const [found, setFound] = useState<readonly Version[]>([]);
  const own = kept.filter((id) => id.includes('@')).join(' ');
  useEffect(() => {
    let there = true;
    const load = async () => {
      const { versions } = await call(contract.scheme.list, {});
      const older = own
        .split(' ')
        .filter((id) => id !== '' && !versions.some((entry) => `${entry.id}@${entry.version}` === id))
        .map((id) => {
          const [sheet = '', version = ''] = id.split('@');
          return call(contract.scheme.get, { id: sheet, version });
        });
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
