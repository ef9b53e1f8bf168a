'use client';
import Link from 'next/link';
import styled from 'styled-components';
import { asText, composeNote } from '@rose/core/prose/prose';
import {
  observableIds,
  observables,
  valueInWords,
  type Observable,
  type ObservableId,
  type Reading,
  type ValueOf,
  midpoint,
} from '@rose/core/wine/observables';
import { chipName } from '@rose/knowledge/descriptors/index';
import type { NoteView } from '@/server/note/operations';
import { Frame, Page } from '@/ui/frame';
import { petalsOfNote } from '@/ui/petals';
import { Rose } from '@/ui/rose';

const Two = styled.div`
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 40px;
  .text {
    font: 400 19px/1.45 var(--serif);
    font-variant-numeric: lining-nums;
  }
  small {
    color: var(--soft);
  }
  @media (max-width: 760px) {
    grid-template-columns: 1fr;
    gap: 20px;
  }
`;
const Table = styled.table`
  width: 100%;
  border-collapse: collapse;
  margin-top: 22px;
  font-size: 15px;
  th {
    text-align: left;
    font-weight: 600;
    width: 22%;
  }
  td,
  th {
    padding: 7px 14px 7px 0;
    border-bottom: 1px solid var(--line);
  }
  .more {
    color: var(--madder);
    font-weight: 600;
  }
  .soft {
    color: var(--soft);
  }
`;

/** Two notes side by side: what each says, what only one smelt, and for each scale which is more. */
export function Compare({ venue, left, right }: { venue: string; left: NoteView; right: NoteView }) {
  const title = (note: NoteView) => note.wine?.name ?? `Glass ${note.code}`;
  const names = (note: NoteView) => note.document.chips.map(chipName);
  const [a, b] = [names(left), names(right)];
  const rows = observableIds.filter((id) => left.document.observed[id] !== undefined || right.document.observed[id] !== undefined);
  const say = (note: NoteView, id: ObservableId) => {
    const value = note.document.observed[id];
    return value === undefined ? 'not looked at' : valueInWords(id, value as ValueOf<ObservableId>);
  };
  const lists: [string, string[]][] = [
    ['Only left', a.filter((name) => !b.includes(name))],
    ['Both', a.filter((name) => b.includes(name))],
    ['Only right', b.filter((name) => !a.includes(name))],
  ];
  return (
    <Frame venue={venue}>
      <Page>
        <div className="title">
          <div>
            <Link className="soft" href="/notebook">
              Notebook
            </Link>
            <h1>Left and right</h1>
          </div>
        </div>
        <Two>
          {[left, right].map((note, i) => (
            <section key={i} aria-label={i === 0 ? 'Left' : 'Right'}>
              <h2>
                <Link href={`/notes/${note.id}`}>{title(note)}</Link>
              </h2>
              <small>
                {note.taster}, {note.tastedAt.slice(0, 10)}
              </small>
              <Rose size={220} title={title(note)} petals={petalsOfNote(note.document, i === 0 ? right.document : left.document)} />
              <p className="text">{asText(composeNote(note.document, chipName)) || 'Nothing recorded.'}</p>
            </section>
          ))}
        </Two>
        <p className="soft" style={{ marginTop: 8 }}>
          Filled is this note, the line is the other.
        </p>
        <Table>
          <thead>
            <tr>
              <th scope="col">what</th>
              <th scope="col">left</th>
              <th scope="col">right</th>
              <th scope="col">on the right</th>
            </tr>
          </thead>
          <tbody>
            {rows.map((id) => (
              <tr key={id}>
                <th scope="row">{observables[id].label}</th>
                <td>{say(left, id)}</td>
                <td>{say(right, id)}</td>
                <td className={difference(left, right, id) === 'the same' ? 'soft' : 'more'}>{difference(left, right, id)}</td>
              </tr>
            ))}
            {lists.map(([label, smells]) => (
              <tr key={label}>
                <th scope="row">{label}</th>
                <td colSpan={3}>{smells.length === 0 ? 'nothing' : smells.join(' · ')}</td>
              </tr>
            ))}
          </tbody>
        </Table>
      </Page>
    </Frame>
  );
}
/** Less, the same or more on the right; differences below 4 of 100 are the same. */
function difference(left: NoteView, right: NoteView, id: ObservableId): string {
  const [a, b] = [left.document.observed[id], right.document.observed[id]];
  if (a === undefined || b === undefined) return '';
  const spec: Observable = observables[id];
  if (spec.kind === 'choice') return a === b ? 'the same' : 'another';
  if (spec.kind === 'seconds') {
    const by = (b as { seconds: number }).seconds - (a as { seconds: number }).seconds;
    return by === 0 ? 'the same' : `${by > 0 ? 'more' : 'less'}, by ${Math.abs(by)} s`;
  }
  const by = spec.kind === 'mark' ? (b as number) - (a as number) : midpoint(b as Reading) - midpoint(a as Reading);
  return Math.abs(by) < (spec.kind === 'mark' ? 1 : 4) ? 'the same' : `${by > 0 ? 'more' : 'less'}, by ${Math.round(Math.abs(by))}`;
}
