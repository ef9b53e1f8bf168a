'use client';
import { useEffect, useState } from 'react';
import { givesAway } from '@rose/core/tasting/gives-away';
import { uncoverable, type Uncoverable } from '@rose/core/tasting/program';
import type { AnswerOf } from '@/contract/answers';
import { contract } from '@/contract/client';
import { call } from '@/ui/api';

export type Talk = AnswerOf<'tasting', 'talk'>;
/** What may be said of the wine in a glass; undefined before it is known, and where no glass is poured. */
export function useTalk(id: string, glassId: string | undefined): Talk | undefined {
  const [talk, setTalk] = useState<Talk>();
  useEffect(() => {
    let there = true;
    setTalk(undefined);
    if (glassId === undefined) return;
    call(contract.tasting.talk, { id, glassId }).then(
      (found) => there && setTalk(found),
      () => undefined,
    );
    return () => {
      there = false;
    };
  }, [id, glassId]);
  return talk;
}
/** What may be said of the wine that is poured, and how its names are said; for hosts alone. What would give it away is marked with the fact it tells. */
export function AboutWine({ talk, covered, known }: { talk: Talk | undefined; covered: boolean; known: readonly Uncoverable[] }) {
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
        {talk.points.map(({ says, because }) => {
          const away = covered ? givesAway(says, talk.tells, known) : undefined;
          return (
            <li key={says} style={{ marginBottom: 4 }}>
              {says} <span className="soft">{because}</span>
              {away !== undefined && <span className="late"> · gives away the {uncoverable[away.fact]}</span>}
            </li>
          );
        })}
      </ul>
      {covered && (
        <p className="soft" style={{ marginTop: 6 }}>
          Before the table has locked, whatever you say of it leads them; what is marked tells them.
        </p>
      )}
    </div>
  );
}
