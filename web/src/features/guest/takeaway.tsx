'use client';
import { useState } from 'react';
import styled from 'styled-components';
import { placeLetter } from '@rose/core/serving-design/serving-design';
import { dayIn, dayInWords } from '@rose/core/wine/day';
import type { AnswerOf } from '@/contract/answers';
import { contract } from '@/contract/client';
import { useAct } from '@/ui/act';
import { call } from '@/ui/api';
import { Button } from '@/ui/button';
import { Trouble } from '@/ui/field';
import { GuestFrame } from '@/ui/guest-frame';

type Taken = AnswerOf<'guest', 'takeaway'>;
const Sheet = styled.article`
  h1 {
    margin-bottom: 2px;
  }
  section {
    padding: 18px 0;
    border-bottom: 1px solid var(--line);
    break-inside: avoid;
  }
  h2 {
    display: flex;
    gap: 12px;
    align-items: baseline;
  }
  h2 b {
    color: var(--madder);
    font-weight: 500;
  }
  .prose {
    font: 400 1.125rem/1.5 var(--serif);
    margin: 8px 0;
  }
  dl {
    margin: 8px 0 0;
  }
  dl div {
    display: grid;
    grid-template-columns: 78px minmax(0, 1fr);
    gap: 12px;
    padding: 4px 0;
  }
  dt {
    color: var(--soft);
  }
  dd {
    margin: 0;
  }
  @media print {
    .acts {
      display: none;
    }
  }
`;
/** What somebody takes home of an evening: their own words and calls, and the wines as far as they were uncovered. */
export function Takeaway({ code, taken }: { code: string; taken: Taken }) {
  const [ended, setEnded] = useState(false);
  const act = useAct();
  if (ended)
    return (
      <GuestFrame who={taken.venue}>
        <p role="status">The link is ended: it opens nothing any more.</p>
      </GuestFrame>
    );
  return (
    <GuestFrame who={taken.venue}>
      <Sheet>
        <h1>{taken.evening}</h1>
        <p className="soft">What {taken.guest} wrote</p>
        {taken.wines.length === 0 && <p>Nothing was written at this seat.</p>}
        {taken.wines.map((wine) => (
          <section key={wine.code} aria-label={`Wine ${placeLetter(wine.place)}`}>
            <h2>
              <b>{placeLetter(wine.place)}</b>
              {wine.wine === null ? `Glass ${wine.code}` : wine.wine.name}
            </h2>
            {wine.wine !== null && <p className="soft">{[wine.wine.producer, wine.wine.about].filter((part) => part !== '').join(' · ')}</p>}
            {wine.rejected && <p className="soft">This bottle was put aside.</p>}
            <p className="prose">{wine.note === '' ? 'Nothing written.' : wine.note}</p>
            <dl>
              {wine.calls.map((entry) => (
                <div key={entry.fact}>
                  <dt>{entry.fact}</dt>
                  <dd>
                    {entry.truth}. You said {entry.says}: {entry.why}.
                  </dd>
                </div>
              ))}
              {wine.serve !== '' && (
                <div>
                  <dt>serve at</dt>
                  <dd>{wine.serve}</dd>
                </div>
              )}
              {wine.food !== '' && (
                <div>
                  <dt>with</dt>
                  <dd>{wine.food}</dd>
                </div>
              )}
              {wine.costs.length > 0 && (
                <div>
                  <dt>its price</dt>
                  <dd>{wine.costs.join(' ')}</dd>
                </div>
              )}
            </dl>
            {wine.told !== null && wine.told.text !== '' && <p style={{ whiteSpace: 'pre-line', marginTop: 8 }}>{wine.told.text}</p>}
            {wine.told !== null && wine.told.link !== '' && (
              <p>
                <a href={wine.told.link} rel="noreferrer noopener">
                  The host’s clip
                </a>
              </p>
            )}
          </section>
        ))}
        <div className="acts" style={{ marginTop: 18, display: 'grid', gap: 10 }}>
          <p className="soft">
            This page opens until {dayInWords(dayIn(taken.until, 'UTC'))}. Print it or save it to keep it longer. Whoever has its link can read it.
          </p>
          <div style={{ display: 'flex', gap: 10, flexWrap: 'wrap' }}>
            <Button onPress={() => window.print()}>Print it</Button>
            <Button
              disabled={act.busy}
              onPress={() =>
                void act.run(async () => {
                  await call(contract.guest.endTakeaway, { code });
                  setEnded(true);
                })
              }
            >
              End this link
            </Button>
          </div>
          {act.problem !== null && <Trouble role="alert">{act.problem.message}</Trouble>}
        </div>
      </Sheet>
    </GuestFrame>
  );
}
