'use client';
import { useState } from 'react';
import styled from 'styled-components';
import { draftScore, gradeWord, schemes, sheetFor, type Scheme } from '@rose/core/score/scheme';
import { reconciled } from '@rose/core/score/reconcile';
import type { NoteDocument } from '@rose/core/wine/note';
import { plain } from '@rose/core/wine/search-folding';
import { SelectField } from '@/ui/select-field';
import type { ChangeNote } from '../observation';
import { useOwnSchemes } from './own-sheets';
import { Disclosure } from '@/ui/disclosure';

const Score = styled.div`
  .figure {
    font: 600 2.75rem/1 var(--serif);
    font-variant-numeric: lining-nums;
  }
  ul {
    list-style: none;
    margin: 10px 0 0;
    padding: 0;
  }
  li {
    border-bottom: 1px solid var(--line);
  }
  .disclosure-line {
    padding: 7px 0;
  }
  .disclosure p {
    color: var(--soft);
    font-size: 0.84375rem;
    margin: 0 0 8px;
  }
`;

/** The same note by the other sheet it was marked by. */
function Beside({ scheme, doc }: { scheme: Scheme; doc: NoteDocument }) {
  const { low, high, best, word } = draftScore(scheme, doc.observed, doc.chips);
  return (
    <p className="soft">
      By the {scheme.label}: {low === high ? low : `${low}–${high}`} of {best}
      {word === null ? '' : `, ${word}`}.
    </p>
  );
}

/** The draft mark by a sheet with its arithmetic, and the mark it is set beside. */
export function Sheet({ doc, change }: { doc: NoteDocument; change: ChangeNote }) {
  const [picked, setPicked] = useState<string | null>(null);
  const own = useOwnSchemes(doc.sheets ?? []);
  const all = [...schemes, ...own];
  // The sheet follows the bubbles recorded, until one is picked; a note keeps the sheets it was marked by, in the version they had.
  const scheme = picked ?? doc.sheets?.at(-1) ?? sheetFor(doc.observed).id;
  const pick = (id: string) => {
    setPicked(id);
    change((d) => ({ ...d, sheets: [...(d.sheets ?? []).filter((other) => other !== id), id].slice(-2) }));
  };
  const mark = doc.observed.quality;
  const chosen = all.find((entry) => entry.id === scheme) ?? sheetFor(doc.observed);
  const other = all.find((entry) => entry.id !== chosen.id && doc.sheets?.includes(entry.id) === true);
  const draft = draftScore(chosen, doc.observed, doc.chips);
  const word = gradeWord(doc.observed);
  return (
    <Score>
      <SelectField label="Draft mark by" value={chosen.id} onChange={pick} options={Object.fromEntries(all.map((entry) => [entry.id, entry.label]))} />
      <p style={{ marginTop: 10 }}>
        <span className="figure">{draft.low === draft.high ? draft.low : `${draft.low}–${draft.high}`}</span>{' '}
        <span className="soft">
          of {draft.best}
          {draft.low === draft.high ? '' : ', as some criteria are not judged'}
          {draft.out ? ': you call it faulty, so it is out of competition' : draft.word === null ? '' : `: ${draft.word}`}
        </span>
      </p>
      <p className="soft">
        Your own mark: {mark ?? 'taken back'}
        {mark !== undefined && mark !== doc.markBeforeDraft ? `, ${doc.markBeforeDraft} before you saw this` : ''}.{' '}
        {word === undefined ? '' : `In a word: ${word.word} (${word.from.join(', ')}).`}
      </p>
      <p className="soft">{reconciled(draft, mark, word)}</p>
      {other !== undefined && <Beside scheme={other} doc={doc} />}
      <ul>
        {draft.criteria.map((criterion) => (
          <li key={criterion.id}>
            <Disclosure
              wide
              says={
                <>
                  <span>
                    {criterion.section === criterion.label ? '' : `${criterion.section}: `}
                    {criterion.label}
                  </span>
                  <strong>
                    {criterion.mark ?? `${criterion.least}–${criterion.best}`} / {criterion.best}
                  </strong>
                </>
              }
            >
              <p>{criterion.reasons.map((reason) => `${reason.text}${reason.push === 0 ? '' : ` gives ${plain(reason.push)}`}`).join('; ')}.</p>
            </Disclosure>
          </li>
        ))}
      </ul>
      <p className="soft" style={{ marginTop: 8 }}>
        {chosen.source}
      </p>
    </Score>
  );
}
