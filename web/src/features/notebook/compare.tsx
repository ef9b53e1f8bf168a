'use client';
import Link from 'next/link';
import styled from 'styled-components';
import { compareReadings, contrast, sharedSmells } from '@rose/core/prose/contrast';
import { asText, composeNote } from '@rose/core/prose/prose';
import { glassTitle, momentInWords } from '@rose/core/wine/note';
import { aspectInWords, observableIds, observables, valueInWords, type ObservableId, type ValueOf } from '@rose/core/wine/observables';
import { movedBeyond, type Moved, type Repeatability } from '@rose/core/statistics/repeatability';
import { capital, counted, listed } from '@rose/core/wine/plural';
import { chipName } from '@rose/knowledge/smells/index';
import { spoken } from '@rose/knowledge/smells/spoken';
import type { NoteView } from '@/contract/answers';
import { Frame, Page } from '@/ui/frame';
import { petalsOfNote } from '@rose/core/rose/rose';
import { WayBack } from '@/ui/way-back';
import { Rose } from '@/ui/rose';
import { dayInWords } from '@rose/core/wine/day';

const Two = styled.div`
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 40px;
  .text {
    font: 400 1.1875rem/1.45 var(--serif);
    font-variant-numeric: lining-nums;
  }
  small {
    color: var(--soft);
  }
  @media (max-width: 47.5em) {
    grid-template-columns: 1fr;
    gap: 20px;
  }
`;
const Table = styled.table`
  width: 100%;
  border-collapse: collapse;
  margin-top: 22px;
  font-size: 0.9375rem;
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
export function Compare({ left, right, own }: { left: NoteView; right: NoteView; own: Repeatability | undefined }) {
  const smells = sharedSmells(left.document.chips, right.document.chips, chipName);
  // Two moments of one glass are told apart by when, two glasses by where they stand.
  const sameGlass = left.moments.some((other) => other.id === right.id);
  const labels = sameGlass
    ? ([momentInWords(left.moment, left.document.food), momentInWords(right.moment, right.document.food)] as const)
    : (['left', 'right'] as const);
  const rows = observableIds.filter((id) => left.document.observed[id] !== undefined || right.document.observed[id] !== undefined);
  const say = (note: NoteView, id: ObservableId) => {
    const value = note.document.observed[id];
    return value === undefined ? 'not looked at' : valueInWords(id, value as ValueOf<ObservableId>);
  };
  const lists: [string, readonly string[]][] = [
    [`Only ${labels[0]}`, smells.left],
    ['Both', smells.both],
    [`Only ${labels[1]}`, smells.right],
  ];
  return (
    <Frame>
      <Page>
        <div className="title">
          <div>
            <WayBack steps={[{ href: '/notebook', name: 'Notebook' }]} />
            <h1>{sameGlass ? 'Two moments of one glass' : 'Left and right'}</h1>
          </div>
        </div>
        <p style={{ font: '400 20px/1.42 var(--serif)', maxWidth: '66ch', margin: '0 0 18px' }}>
          {(sameGlass
            ? contrast(left.document, right.document, chipName, [`glass at ${labels[0]}`, `glass ${labels[1]}`], own?.limit)
            : contrast(left.document, right.document, chipName)
          ).join(' ')}
        </p>
        {sameGlass && own !== undefined && <WhatMoved before={left} after={right} own={own} />}
        <Two>
          {[left, right].map((note, i) => (
            <section key={i} aria-label={i === 0 ? 'Left' : 'Right'}>
              <h2>
                <Link href={`/notes/${note.id}`}>{glassTitle(note)}</Link>
              </h2>
              <small>
                {note.taster}, {dayInWords(note.day)}, {momentInWords(note.moment, note.document.food)}
              </small>
              <Rose size={220} title={glassTitle(note)} petals={petalsOfNote(note.document, i === 0 ? right.document : left.document)} />
              <p className="text">{asText(composeNote(note.document, spoken)) || 'Nothing recorded.'}</p>
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
              <th scope="col">{labels[0]}</th>
              <th scope="col">{labels[1]}</th>
              <th scope="col">{sameGlass ? 'what changed' : 'on the right'}</th>
            </tr>
          </thead>
          <tbody>
            {rows.map((id) => (
              <tr key={id}>
                <th scope="row">{observables[id].label}</th>
                <td>{say(left, id)}</td>
                <td>{say(right, id)}</td>
                <Difference left={left} right={right} id={id} chance={sameGlass ? own?.limit : undefined} />
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
/** What moved between two looks at one glass, told from what moves by chance between any two looks of this taster. */
function WhatMoved({ before, after, own }: { before: NoteView; after: NoteView; own: Repeatability }) {
  const { beyond, within } = movedBeyond(before.document.observed, after.document.observed, own);
  if (beyond.length + within.length === 0) return <p>No scale was read both times: what moved cannot be told.</p>;
  const whose = own.from === 0 ? 'a practised taster' : 'yours';
  const move = ({ id, by }: Moved) => `${aspectInWords(id)} ${by > 0 ? 'rose' : 'fell'} by ${Math.round(Math.abs(by))} of 100`;
  return (
    <p style={{ maxWidth: '66ch' }}>
      {beyond.length === 0 ? 'Nothing moved further than chance.' : `${capital(listed(beyond.map(move)))}: further than chance.`}{' '}
      <span className="soft">
        {within.length > 0 && beyond.length > 0 ? 'The rest moved no more than that. ' : ''}
        Up to {own.limit} of 100 is chance: two looks of {whose} at one glass stay within it nineteen times of twenty
        {own.from === 0 ? ' (common practice; your own is not known yet).' : `, by ${counted(own.from, 'reading')} you took twice.`}
      </span>
    </p>
  );
}
function Difference({ left, right, id, chance }: { left: NoteView; right: NoteView; id: ObservableId; chance: number | undefined }) {
  const { says, same } = difference(left, right, id, chance);
  return <td className={same ? 'soft' : 'more'}>{says}</td>;
}
/** Less, the same or more on the right, with by how much; what is within chance is said to be. */
function difference(left: NoteView, right: NoteView, id: ObservableId, chance: number | undefined): { readonly says: string; readonly same: boolean } {
  const compared = compareReadings(id, left.document.observed, right.document.observed, chance);
  if (compared === undefined) return { says: '', same: true };
  const by = Math.abs(compared.by);
  if (compared.word === 'the same') return { says: chance !== undefined && by > 0 ? `by ${by}, within chance` : 'the same', same: true };
  const differs = compared.word === 'more' || compared.word === 'less';
  return { says: differs ? `${compared.word}, by ${by}${compared.unit === '' ? '' : ` ${compared.unit}`}` : compared.word, same: false };
}
