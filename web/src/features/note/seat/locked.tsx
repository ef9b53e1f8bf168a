'use client';
import { useState } from 'react';
import styled from 'styled-components';
import { composeNote } from '@rose/core/prose/prose';
import { petalsOfNote } from '@rose/core/rose/rose';
import type { NoteDocument } from '@rose/core/wine/note';
import { spoken } from '@rose/knowledge/smells/spoken';
import type { AnswerOf } from '@/contract/answers';
import { contract } from '@/contract/client';
import { useAct } from '@/ui/act';
import { call } from '@/ui/api';
import { Button } from '@/ui/button';
import { Trouble } from '@/ui/field';
import { Rose } from '@/ui/rose';
import type { TableGlass } from './seat';

const Sheet = styled.div`
  .prose {
    font: 400 1.1875rem/1.5 var(--serif);
    margin: 12px 0;
  }
  .acts {
    display: flex;
    flex-wrap: wrap;
    gap: 10px;
    margin: 14px 0;
  }
  table {
    width: 100%;
    border-collapse: collapse;
    font-size: 0.9375rem;
  }
  th {
    text-align: left;
    font-weight: 400;
    color: var(--soft);
    padding: 6px 8px 6px 0;
  }
  td {
    padding: 6px 8px 6px 0;
    border-top: 1px solid var(--line);
  }
`;
type Found = AnswerOf<'guest', 'table'>;

/** A glass one is done with: what was written, the lock, and then what the table found. */
export function Locked({
  doc,
  glass,
  locked,
  lock,
  edit,
}: {
  doc: NoteDocument;
  glass: TableGlass;
  locked: boolean;
  lock: (to: boolean) => Promise<void>;
  edit: () => void;
}) {
  const act = useAct();
  const [table, setTable] = useState<Found>();
  const statements = composeNote(doc, spoken);
  return (
    <Sheet>
      <Rose size={190} title="The structure of this glass as you wrote it" petals={petalsOfNote(doc)} />
      <div className="prose">{statements.length === 0 ? 'Nothing written yet.' : statements.map((statement) => statement.text).join(' ')}</div>
      {!locked && !glass.closed && (
        <>
          <p className="soft">Lock it when you are done: what you wrote counts as it stands. Until you have seen what others found, you may unlock it again.</p>
          <div className="acts">
            <Button tone="strong" disabled={act.busy} onPress={() => void act.run(() => lock(true))}>
              Lock this glass
            </Button>
            <Button onPress={edit}>Go on writing</Button>
          </div>
        </>
      )}
      {locked && (
        <>
          <p>Locked. {glass.revealed ? 'The wine is known; what counts is what you wrote before.' : 'What you wrote counts as it stands.'}</p>
          <div className="acts">
            {table === undefined && (
              <Button disabled={act.busy} onPress={() => void act.run(async () => setTable(await call(contract.guest.table, { glassId: glass.id })))}>
                What the table found
              </Button>
            )}
            <Button
              disabled={act.busy}
              onPress={() =>
                void act.run(async () => {
                  if (table === undefined && !glass.closed) await lock(false);
                  edit();
                })
              }
            >
              {table === undefined && !glass.closed ? 'Unlock it' : 'Add a second version'}
            </Button>
          </div>
        </>
      )}
      {!locked && glass.closed && (
        <div className="acts">
          <p className="soft">Something of this wine is uncovered: what you write now is a second version, and what stood before counts.</p>
          <Button onPress={edit}>Go on writing</Button>
        </div>
      )}
      {act.problem !== null && <Trouble role="alert">{act.problem.message}</Trouble>}
      {table !== undefined && <TableFound table={table} />}
    </Sheet>
  );
}
function TableFound({ table }: { table: Found }) {
  if (table.readings.length === 0 && table.smells.length === 0)
    return <p className="soft">Too few others have locked this glass to show a middle without telling who wrote what. Look again later.</p>;
  return (
    <section aria-label="What the table found">
      <h3>The middle of {table.people} others</h3>
      <table>
        <thead>
          <tr>
            <th scope="col">scale, of 100</th>
            <th scope="col">you</th>
            <th scope="col">the table</th>
          </tr>
        </thead>
        <tbody>
          {table.readings.map((row) => (
            <tr key={row.label}>
              <th scope="row">{row.label}</th>
              <td>{row.mine}</td>
              <td>{row.table}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {table.smells.length > 0 && <p style={{ marginTop: 8 }}>Smelt by several: {table.smells.join(', ')}.</p>}
    </section>
  );
}
