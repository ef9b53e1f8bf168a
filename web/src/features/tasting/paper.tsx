'use client';
import { useRef, useState, type KeyboardEvent } from 'react';
import styled from 'styled-components';
import { v4 } from 'uuid';
import { emptyRow, paperColumns, type PaperColumn, type PaperRow } from '@rose/core/tasting/paper';
import { placeLetter } from '@rose/core/serving-design/serving-design';
import { keysOf } from '@rose/core/wine/keys';
import type { AnswerOf } from '@/contract/answers';
import { contract } from '@/contract/client';
import { useActAndRead } from '@/ui/act';
import { ActForm } from '@/ui/act-form';
import { call } from '@/ui/api';
import { Button } from '@/ui/button';
import { BareField, TextField } from '@/ui/field';
import { Frame, Page } from '@/ui/frame';
import { WayBack } from '@/ui/way-back';

type Sheet = AnswerOf<'paper', 'sheet'>;
const numbers = keysOf(paperColumns);
const words = ['smells', 'grape', 'words'] as const;
const columns = [...numbers, ...words] as const;
type ColumnId = (typeof columns)[number];
const heads: Readonly<Record<(typeof words)[number], readonly [string, string]>> = {
  smells: ['Smells', 'between commas'],
  grape: ['Grape', 'their call'],
  words: ['Words', 'as they stand'],
};
const headOf = (id: ColumnId): readonly [string, string] => {
  if (!(id in paperColumns)) return heads[id as (typeof words)[number]];
  const { label, unit, low, high } = paperColumns[id as PaperColumn];
  return [label, unit === 's' ? 's' : `${low}–${high}`];
};
const Grid = styled.div`
  overflow-x: auto;
  margin: 14px 0;
  table {
    border-collapse: collapse;
    font-size: 0.9375rem;
  }
  th {
    text-align: left;
    font-weight: 400;
    padding: 4px 6px;
    white-space: nowrap;
    vertical-align: bottom;
  }
  th small {
    display: block;
    color: var(--soft);
  }
  td {
    padding: 2px 3px;
    border-top: 1px solid var(--line);
  }
  td:last-child {
    padding-left: 12px;
    color: var(--soft);
    font-size: 0.875rem;
    min-width: 90px;
  }
  input {
    font: inherit;
    color: inherit;
    background: transparent;
    border: 1px solid var(--line);
    border-radius: 4px;
    min-height: 40px;
    padding: 0 8px;
    width: 64px;
  }
  td[data-words] input {
    width: 132px;
  }
  input[aria-invalid='true'] {
    border-color: var(--madder);
  }
  input:focus-visible {
    outline: 2px solid var(--madder);
    outline-offset: 0;
  }
`;
type Typed = Readonly<Record<ColumnId, string>>;
const asTyped = (row: PaperRow): Typed => Object.fromEntries(columns.map((id) => [id, row[id] === null ? '' : String(row[id])])) as Typed;
const isNumber = (id: ColumnId): id is PaperColumn => id in paperColumns;
/** Whether what stands in a cell can be kept. */
function isRight(id: ColumnId, text: string): boolean {
  if (!isNumber(id) || text.trim() === '') return true;
  const { low, high } = paperColumns[id];
  const n = Number(text.trim());
  return Number.isInteger(n) && n >= low && n <= high;
}
const asRow = (typed: Typed): PaperRow =>
  Object.fromEntries(
    columns.map((id) => [id, isNumber(id) ? (typed[id].trim() === '' ? null : Number(typed[id].trim())) : typed[id].trim()]),
  ) as unknown as PaperRow;

/** Types in what guests wrote on paper: a row a guest, by the keyboard alone. Enter goes down a column, then to the top of the next. */
export function Paper({ id, name, flightId, sheet }: { id: string; name: string; flightId: string; sheet: Sheet }) {
  const [chosen, setChosen] = useState(0);
  const here = sheet.places.find((entry) => entry.place === chosen) ?? sheet.places[0];
  const [who, setWho] = useState('');
  const [participantId, setParticipantId] = useState(() => v4());
  const act = useActAndRead();
  const grid = useRef<HTMLDivElement>(null);
  const seat = () =>
    void act
      .run(() => call(contract.paper.seat, { id, participantId, name: who }))
      .then((done) => {
        if (!done) return;
        setWho('');
        setParticipantId(v4());
      });
  const down = (event: KeyboardEvent, at: number, column: number) => {
    if (event.key !== 'Enter' && event.key !== 'ArrowDown' && event.key !== 'ArrowUp') return;
    event.preventDefault();
    const by = event.key === 'ArrowUp' ? -1 : 1;
    const rows = sheet.guests.length;
    const next = event.key === 'Enter' && at + by >= rows ? { row: 0, column: column + 1 } : { row: at + by, column };
    grid.current?.querySelector<HTMLInputElement>(`[data-cell='${next.row} ${next.column}'] input`)?.focus();
  };
  return (
    <Frame>
      <Page>
        <WayBack steps={[{ href: `/flights/${flightId}/pour`, name }]} />
        <h1>From paper</h1>
        <p className="soft" style={{ maxWidth: '70ch' }}>
          A row for each guest who writes on paper. Enter goes down the column and on to the next; what you leave is kept. Who typed it is kept with it, and so
          is whether something of the wine was uncovered by then.
        </p>
        <ActForm act={act} onSubmit={seat}>
          <div style={{ display: 'flex', gap: 10, alignItems: 'end', maxWidth: 460, marginTop: 14 }}>
            <TextField label="A guest with a sheet of paper" name="name" value={who} onChange={setWho} autoFocus={sheet.guests.length === 0} />
            <Button type="submit" disabled={act.busy || who.trim() === ''}>
              Give a seat
            </Button>
          </div>
        </ActForm>
        {sheet.places.length === 0 && <p style={{ marginTop: 14 }}>No wine is poured yet.</p>}
        {here !== undefined && (
          <div role="group" aria-label="Wines" style={{ display: 'flex', flexWrap: 'wrap', gap: 6, marginTop: 18 }}>
            {sheet.places.map((entry) => (
              <Button
                key={entry.place}
                size="small"
                pressed={entry.place === here.place}
                label={`Wine ${placeLetter(entry.place)}`}
                onPress={() => setChosen(entry.place)}
              >
                {placeLetter(entry.place)}
              </Button>
            ))}
          </div>
        )}
        {here !== undefined && sheet.guests.length > 0 && (
          <Grid ref={grid}>
            {here.closed && (
              <p className="soft">
                Something of wine {placeLetter(here.place)} is uncovered: what is typed in from now on is marked as after it, and not counted.
              </p>
            )}
            <table key={here.place}>
              <thead>
                <tr>
                  <th scope="col">Wine {placeLetter(here.place)}</th>
                  {columns.map((column) => (
                    <th scope="col" key={column}>
                      {headOf(column)[0]}
                      <small>{headOf(column)[1]}</small>
                    </th>
                  ))}
                  <th scope="col" />
                </tr>
              </thead>
              <tbody>
                {sheet.guests.map((guest, i) => {
                  const glass = guest.glasses.find((entry) => entry.place === here.place);
                  if (glass === undefined) return null;
                  return (
                    <Row
                      key={guest.id}
                      evening={id}
                      guest={guest}
                      glass={glass}
                      closed={here.closed}
                      kept={sheet.rows.find((row) => row.participantId === guest.id && row.glassId === glass.id)}
                      onKey={(event, column) => down(event, i, column)}
                      at={i}
                    />
                  );
                })}
              </tbody>
            </table>
          </Grid>
        )}
      </Page>
    </Frame>
  );
}

function Row({
  evening,
  guest,
  glass,
  closed,
  kept,
  at,
  onKey,
}: {
  evening: string;
  guest: Sheet['guests'][number];
  glass: Sheet['guests'][number]['glasses'][number];
  closed: boolean;
  kept: Sheet['rows'][number] | undefined;
  at: number;
  onKey: (event: KeyboardEvent, column: number) => void;
}) {
  const [typed, setTyped] = useState(() => asTyped(kept?.row ?? emptyRow));
  const [sent, setSent] = useState(typed);
  const [state, setState] = useState(kept === undefined ? '' : kept.after ? `after the reveal, by ${kept.typedBy}` : `by ${kept.typedBy}`);
  const wrong = columns.find((id) => !isRight(id, typed[id]));
  const keep = async () => {
    if (wrong !== undefined || columns.every((id) => typed[id] === sent[id])) return;
    setState('keeping');
    try {
      await call(contract.paper.type, { id: evening, participantId: guest.id, glassId: glass.id, row: asRow(typed) });
      setSent(typed);
      setState(closed && kept === undefined ? 'kept, after the reveal' : 'kept');
    } catch (error) {
      setState(`not kept: ${error instanceof Error ? error.message : 'no connection'} Leave the row again to retry.`);
    }
  };
  return (
    <tr
      onBlur={(event) => {
        if (!event.currentTarget.contains(event.relatedTarget)) void keep();
      }}
    >
      <th scope="row">
        {guest.name}
        <small>
          seat {guest.seat}, glass {glass.code}
        </small>
      </th>
      {columns.map((id, column) => (
        <td key={id} data-cell={`${at} ${column}`} data-words={isNumber(id) ? undefined : ''} onKeyDown={(event) => onKey(event, column)}>
          <BareField
            label={`${headOf(id)[0]}, ${guest.name}`}
            value={typed[id]}
            onChange={(text) => setTyped({ ...typed, [id]: text })}
            invalid={!isRight(id, typed[id])}
            inputMode={isNumber(id) ? 'numeric' : 'text'}
            selects
          />
        </td>
      ))}
      <td aria-live="polite">{wrong === undefined ? state : `${headOf(wrong)[0]}: a whole number, ${headOf(wrong)[1]}`}</td>
    </tr>
  );
}
