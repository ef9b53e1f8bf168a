'use client';
import { useEffect, useState } from 'react';
import type { AnswerOf } from '@/contract/answers';
import { contract } from '@/contract/client';
import { call } from '@/ui/api';

/** What may be said of the wine that is poured, and how its names are said; for hosts alone. */
export function AboutWine({ id, glassId }: { id: string; glassId: string }) {
  const [talk, setTalk] = useState<AnswerOf<'tasting', 'talk'>>();
  useEffect(() => {
    let there = true;
    setTalk(undefined);
    call(contract.tasting.talk, { id, glassId }).then(
      (found) => there && setTalk(found),
      () => undefined,
    );
    return () => {
      there = false;
    };
  }, [id, glassId]);
  if (talk === undefined || (talk.points.length === 0 && talk.names.length === 0)) return null;
  return (
    <div>
      <h2>For you alone</h2>
      {talk.names.map(({ name, said }) => (
        <p key={name} style={{ paddingTop: 6 }}>
          {name}: <strong>{said}</strong>
        </p>
      ))}
      <ul style={{ margin: '8px 0 0', paddingLeft: '1.1em' }}>
        {talk.points.map(({ says, because }) => (
          <li key={says} style={{ marginBottom: 4 }}>
            {says} <span className="soft">{because}</span>
          </li>
        ))}
      </ul>
      <p className="soft" style={{ marginTop: 6 }}>
        Said aloud before the reveal, these give it away.
      </p>
    </div>
  );
}
