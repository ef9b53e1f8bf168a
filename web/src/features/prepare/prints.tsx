'use client';
import { useCallback, useEffect, useRef, useState } from 'react';
import styled from 'styled-components';
import type { FlightDocument } from '@rose/core/flight/flight';
import type { AnswerOf } from '@/contract/answers';
import { contract } from '@/contract/client';
import { papers, printKinds, type PaperId } from '@/contract/prints';
import { call, download } from '@/ui/api';
import { useAct } from '@/ui/act';
import { Button } from '@/ui/button';
import { Trouble } from '@/ui/field';
import { SelectField } from '@/ui/select-field';
import { dayAndClockIn } from '@rose/core/wine/day';
import { keysOf } from '@rose/core/wine/keys';

const List = styled.ul`
  list-style: none;
  margin: 0 0 22px;
  padding: 0;
  border-top: 1px solid var(--line);
  li {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto;
    gap: 14px;
    align-items: center;
    padding: 8px 0;
    border-bottom: 1px solid var(--line);
  }
  strong {
    font: 500 1.125rem/1.2 var(--serif);
  }
  small {
    display: block;
    color: var(--soft);
    font-size: 0.875rem;
  }
  small[data-old] {
    color: var(--amber);
    font-weight: 650;
  }
`;
type PrintView = AnswerOf<'flight', 'prints'>['prints'][number];
type Line = Omit<PrintView, 'made'> & { readonly made: PrintView['made'] | undefined };
const unreadPrints: readonly Line[] = keysOf(printKinds).map((kind) => ({ kind, ...printKinds[kind], made: undefined }));
type CalendarState = AnswerOf<'flight', 'calendarState'>;

const paperNames = { a4: papers.a4.name, letter: papers.letter.name };

/** The prints with what has changed since each was made, and the calendar with its secret link. */
export function Prints({
  id,
  timeZone,
  flight,
  revision,
  saved,
  flush,
  mayEdit,
}: {
  id: string;
  timeZone: string;
  flight: FlightDocument;
  revision: number;
  saved: boolean;
  flush: () => Promise<void>;
  mayEdit: boolean;
}) {
  // What is not read yet has its line already, so that nothing moves under the hand.
  const [prints, setPrints] = useState<readonly Line[]>(unreadPrints);
  const [calendar, setCalendar] = useState<CalendarState | null>(null);
  const [paper, setPaper] = useState<PaperId>('a4');
  const [link, setLink] = useState('');
  const act = useAct();
  const [unread, setUnread] = useState('');
  // Only the latest question counts: an answer that was overtaken tells of an older plan.
  const asked = useRef(0);
  const refresh = useCallback(async () => {
    const mine = ++asked.current;
    const [list, state] = await Promise.all([call(contract.flight.prints, { id }), call(contract.flight.calendarState, { id })]);
    if (mine !== asked.current) return;
    setPrints(list.prints);
    setCalendar(state);
  }, [id]);
  // Read again whenever something was saved; what could not be read is asked for again, and said.
  useEffect(() => {
    if (revision === 0) return;
    let timer: ReturnType<typeof setTimeout> | undefined;
    const read = () =>
      void refresh().then(
        () => setUnread(''),
        (error: Error) => {
          setUnread(error.message);
          timer = setTimeout(read, 3_000);
        },
      );
    read();
    return () => clearTimeout(timer);
  }, [refresh, revision]);
  const after = (run: () => Promise<void>) =>
    act.run(async () => {
      if (!saved) await flush();
      await run();
      await refresh();
    });
  const blind = flight.blind !== 'open';
  return (
    <section aria-label="Prints and calendar">
      {act.problem !== null && <Trouble role="alert">{act.problem.message}</Trouble>}
      {unread !== '' && <Trouble role="status">{unread} Asking again.</Trouble>}
      {mayEdit && (
        <div style={{ maxWidth: 200, marginBottom: 12 }}>
          <SelectField label="Paper" value={paper} onChange={setPaper} options={paperNames} />
        </div>
      )}
      <List aria-label="Prints">
        {prints.map((print) => (
          <li key={print.kind}>
            <span>
              <strong>{print.label}</strong>
              <small data-old={print.made?.outOfDate === true || undefined}>
                {print.made === undefined
                  ? 'reading whether it is up to date …'
                  : print.made === null
                    ? print.guests && blind
                      ? 'not printed yet; holds codes only, nothing that names a wine'
                      : 'not printed yet'
                    : print.made.outOfDate
                      ? `out of date: printed from plan ${print.made.plan}; since then ${print.made.changed.join(', ') || 'something'} changed`
                      : `up to date, plan ${print.made.plan}, printed ${dayAndClockIn(print.made.at, timeZone)}`}
              </small>
            </span>
            {mayEdit && (
              <Button
                size="small"
                label={`Print the ${print.label.toLowerCase()}`}
                disabled={act.busy}
                onPress={() => void after(() => download(contract.flight.print, { id, kind: print.kind, paper }))}
              >
                Print
              </Button>
            )}
          </li>
        ))}
      </List>
      <h3>Calendar</h3>
      <p className="soft" style={{ marginTop: 0 }}>
        {calendar === null
          ? 'Reading whether it was sent …'
          : calendar.sentAt === null
            ? 'Not sent yet. Every task becomes an entry with an alarm five minutes before.'
            : `${calendar.events} entries${calendar.cancelled > 0 ? `, ${calendar.cancelled} cancelled` : ''}, sent ${dayAndClockIn(calendar.sentAt, timeZone)}. Send it again after a change: entries keep their ids, dropped ones are cancelled.`}
      </p>
      {mayEdit && (
        <div style={{ display: 'flex', flexWrap: 'wrap', gap: 10 }}>
          <Button
            disabled={act.busy}
            onPress={() =>
              void after(async () => {
                await download(contract.flight.sendCalendar, { id });
              })
            }
          >
            Send to a calendar
          </Button>
          <Button disabled={act.busy} onPress={() => void after(async () => setLink((await call(contract.flight.makeFeed, { id })).link))}>
            {calendar?.feed === true ? 'Make a new secret link' : 'Make a secret link to read it'}
          </Button>
          {calendar?.feed === true && (
            <Button
              tone="danger"
              disabled={act.busy}
              onPress={() =>
                void after(async () => {
                  await call(contract.flight.revokeFeed, { id });
                  setLink('');
                })
              }
            >
              Revoke the link
            </Button>
          )}
        </div>
      )}
      {link !== '' && (
        <p role="status">
          Whoever has this link can read the afternoon’s tasks. It is shown once: <code style={{ overflowWrap: 'anywhere' }}>{link}</code>
        </p>
      )}
    </section>
  );
}
