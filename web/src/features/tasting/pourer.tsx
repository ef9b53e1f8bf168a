'use client';
import { useCallback, useEffect, useState } from 'react';
import styled from 'styled-components';
import { v4 } from 'uuid';
import { placeLetter } from '@rose/core/serving-design/serving-design';
import { counted, listed } from '@rose/core/wine/plural';
import type { AnswerOf } from '@/contract/answers';
import { contract } from '@/contract/client';
import { keepInTab, keptInTab } from '@/ui/kept-on-device';
import { useAct } from '@/ui/act';
import { ApiProblem, call } from '@/ui/api';
import { Button } from '@/ui/button';
import { CheckBox } from '@/ui/check-box';
import { Trouble } from '@/ui/field';
import { Frame, Page } from '@/ui/frame';
import { memberStream } from '@/ui/live/streams';
import { useHeard } from '@/ui/live/use-live';

const List = styled.ol`
  list-style: none;
  margin: 18px 0 0;
  padding: 0;
  li {
    display: grid;
    grid-template-columns: 90px 90px minmax(0, 1fr) auto;
    gap: 14px;
    align-items: center;
    padding: 14px 0;
    border-bottom: 1px solid var(--line);
  }
  li[data-now] {
    border-left: 4px solid var(--madder);
    padding-left: 14px;
  }
  b {
    font: 500 1.75rem/1 var(--serif);
  }
  .code {
    font-size: 1.25rem;
    font-weight: 600;
  }
  .wine small {
    display: block;
    font: 600 0.9375rem/1.4 var(--sans);
    color: var(--madder);
  }
  .wine {
    font: 500 1.3125rem/1.25 var(--serif);
  }
  @media (max-width: 30em) {
    li {
      grid-template-columns: 44px 60px minmax(0, 1fr);
    }
    li > :last-child {
      grid-column: 1 / -1;
    }
  }
`;
type PourList = AnswerOf<'tasting', 'pourList'>;

/** What whoever pours needs: the next bottle, the glass it goes into, how much and for how many; and what is done. */
export function Pourer({ id, blind }: { id: string; blind: string }) {
  const [list, setList] = useState<PourList>();
  const [mayNot, setMayNot] = useState(false);
  const [done, setDone] = useState<readonly string[]>([]);
  const act = useAct();
  const read = useCallback(() => {
    call(contract.tasting.pourList, { id }).then(
      (found) => {
        setList(found);
        setMayNot(false);
      },
      (error: unknown) => setMayNot(error instanceof ApiProblem && error.status === 403),
    );
  }, [id]);
  useEffect(() => {
    read();
    try {
      setDone(JSON.parse(keptInTab(`poured/${id}`) ?? '[]') as string[]);
    } catch {
      // What was ticked is only a help.
    }
  }, [read, id]);
  useHeard(memberStream, `wall.${id}`, 'state', read);
  const tick = (code: string, is: boolean) => {
    const next = is ? [...done, code] : done.filter((other) => other !== code);
    setDone(next);
    keepInTab(`poured/${id}`, JSON.stringify(next));
  };
  return (
    <Frame>
      <Page>
        <h1>Pouring</h1>
        {mayNot && (
          <>
            <p style={{ maxWidth: 620, margin: '12px 0 18px' }}>
              Whoever opens this list knows what is in the glasses: it is written down, and what they call of these wines is not counted with the others.
              {blind === 'double' ? ' The host leads without knowing, so this list is for somebody else.' : ''}
            </p>
            <Button
              tone="strong"
              disabled={act.busy}
              onPress={() =>
                void act.run(async () => {
                  await call(contract.tasting.pour, { id, actId: v4() });
                  read();
                })
              }
            >
              I pour this evening
            </Button>
            {act.problem !== null && <Trouble role="alert">{act.problem.message}</Trouble>}
          </>
        )}
        {list !== undefined && (
          <>
            <p className="soft">
              {list.name} · {list.pourMl} mL each,{' '}
              {list.seats === 0
                ? 'nobody at the table yet'
                : list.glasses.some((glass) => glass.seat !== null)
                  ? `${counted(list.seats, 'guest')} at the table, each with an order of their own`
                  : `${counted(list.seats, 'guest')} at the table, ${list.pourMl * list.seats} mL of each wine in all`}
            </p>
            <List aria-label="Bottles in the order they are poured">
              {list.glasses.map((glass) => (
                <li key={`${glass.seat ?? ''} ${glass.code}`} data-now={glass.place === list.at && !glass.rejected ? true : undefined}>
                  <b>{placeLetter(glass.place)}</b>
                  <span className="code">{glass.code}</span>
                  <span className="wine">
                    {glass.seat === null ? '' : `Seat ${glass.seat}: `}
                    {glass.wine}
                    {glass.producer === '' ? '' : `, ${glass.producer}`}
                    {glass.rejected ? ' – put aside, pour no more of it' : ''}
                    {glass.place === list.at && !glass.rejected ? ' – now' : ''}
                    {glass.warnings.map(({ seat, name, holds }) => (
                      <small key={seat}>
                        Seat {seat}, {name}: it holds {listed(holds)}, and their card names it. Ask before you pour.
                      </small>
                    ))}
                  </span>
                  {glass.rejected ? (
                    <span />
                  ) : (
                    <CheckBox checked={done.includes(`${glass.seat ?? ''} ${glass.code}`)} onChange={(is) => tick(`${glass.seat ?? ''} ${glass.code}`, is)}>
                      poured
                    </CheckBox>
                  )}
                </li>
              ))}
            </List>
            <p className="soft" style={{ marginTop: 16 }}>
              Open sparkling wine pointing away from people, the thumb on the cage, a cloth over both; turn the bottle, not the cork. Wipe the lip of an old
              bottle.
            </p>
          </>
        )}
      </Page>
    </Frame>
  );
}
/** Where nobody has opened an evening yet. */
export const NothingToPour = () => (
  <Frame>
    <Page>
      <h1>Pouring</h1>
      <p>No evening of this flight is open just now. As soon as its host opens one, the bottles stand here in the order they are poured.</p>
    </Page>
  </Frame>
);
