'use client';
import dynamic from 'next/dynamic';
import { useState } from 'react';
import styled from 'styled-components';
import { composeNote, type Statement } from '@rose/core/prose/prose';
import { draftScore, gradeWord, schemes, sheetFor, type Scheme } from '@rose/core/score/scheme';
import { scoreWording } from '@rose/core/score/wording';
import type { NoteDocument } from '@rose/core/wine/note';
import { sentence } from '@rose/core/wine/reason';
import { plain } from '@rose/core/wine/text';
import { chipName } from '@rose/knowledge/descriptors/index';
import { Button } from '@/ui/button';
import { SelectField, TextArea } from '@/ui/field';
import type { NoteView } from '@/server/note/operations';
import type { ChangeNote as Change } from './observation';
import { useOwnSchemes } from './own-schemes';

const Deduction = dynamic(() => import('./deduction').then((module) => module.Deduction), { ssr: false });
const Price = dynamic(() => import('./price').then((module) => module.Price), { ssr: false });

const Prose = styled.div`
  font: 400 1.25rem/1.42 var(--serif);
  font-variant-numeric: lining-nums;
  p {
    margin: 0 0 8px;
    border-radius: 6px;
  }
  button.say {
    all: unset;
    cursor: text;
    display: block;
  }
  button.say:hover {
    background: var(--sunk);
  }
  button.say:focus-visible {
    outline: 2px solid var(--madder);
    outline-offset: 2px;
  }
  .own {
    border-left: 2px solid var(--madder-soft);
    padding-left: 10px;
  }
  .old {
    border-left-color: var(--amber);
  }
  small {
    font: 400 0.8125rem var(--sans);
    color: var(--amber);
    display: block;
  }
  textarea {
    width: 100%;
    font: inherit;
    border: 1px solid var(--line);
    border-radius: 8px;
    background: var(--paper);
    padding: 8px;
    min-height: 110px;
  }
`;
const Score = styled.section`
  border-top: 1px solid var(--line);
  margin-top: 18px;
  padding-top: 14px;
  .figure {
    font: 600 2.75rem/1 var(--serif);
    font-variant-numeric: lining-nums;
  }
  .soft {
    color: var(--soft);
    font-size: 0.875rem;
  }
  ul {
    list-style: none;
    margin: 10px 0 0;
    padding: 0;
  }
  li {
    border-bottom: 1px solid var(--line);
  }
  summary {
    display: flex;
    justify-content: space-between;
    gap: 10px;
    padding: 7px 0;
    cursor: pointer;
    list-style: none;
  }
  details p {
    color: var(--soft);
    font-size: 0.84375rem;
    margin: 0 0 8px;
  }
`;

/** The note as it writes itself, and, after the taster's own mark, the draft mark with its arithmetic. */
export function Written({ doc, change, note, flush }: { doc: NoteDocument; change: Change; note: NoteView; flush: () => Promise<void> }) {
  const statements = composeNote(doc, chipName);
  return (
    <>
      <div style={{ color: 'var(--soft)', fontSize: '0.875rem', marginBottom: 8 }}>Your note, so far</div>
      <Prose>
        {statements.length === 0 && <p style={{ color: 'var(--soft)' }}>It writes itself as you record. Press a sentence to put it your way.</p>}
        {statements.map((statement) => (
          <Line key={statement.id} statement={statement} change={change} />
        ))}
      </Prose>
      <TextArea label="Anything else" value={doc.remark} onChange={(remark) => change((d) => ({ ...d, remark }))} />
      <Draft doc={doc} change={change} />
      {note.wine !== null && doc.observed.quality !== undefined && <Price doc={doc} noteId={note.id} change={change} flush={flush} />}
      {note.mayEdit && <Deduction doc={doc} change={change} />}
    </>
  );
}

function Line({ statement, change }: { statement: Statement; change: Change }) {
  const [text, setText] = useState<string | null>(null);
  const keep = () => {
    if (text !== null && text.trim() !== '' && text !== statement.text)
      change((d) => ({ ...d, rewritten: { ...d.rewritten, [statement.id]: { text: text.trim().slice(0, 2000), from: statement.from } } }));
    setText(null);
  };
  const drop = () => change((d) => ({ ...d, rewritten: Object.fromEntries(Object.entries(d.rewritten).filter(([id]) => id !== statement.id)) }));
  if (text !== null)
    return (
      <p>
        <textarea
          autoFocus
          aria-label={`The sentence on ${statement.id}`}
          value={text}
          onChange={(event) => setText(event.target.value)}
          onBlur={keep}
          onKeyDown={(event) => event.key === 'Escape' && setText(null)}
        />
      </p>
    );
  return (
    <p className={statement.rewritten ? (statement.outdated ? 'own old' : 'own') : ''}>
      <button type="button" className="say" aria-label={`${statement.text} Press to put it your way.`} onClick={() => setText(statement.text)}>
        {statement.text}
      </button>
      {statement.outdated && <small>Written before you changed what it says.</small>}
      {statement.rewritten && (
        <small>
          <button
            type="button"
            onClick={drop}
            style={{ border: 0, background: 'none', color: 'inherit', textDecoration: 'underline', padding: '6px 0', cursor: 'pointer' }}
          >
            let it write itself again
          </button>
        </small>
      )}
    </p>
  );
}

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

function Draft({ doc, change }: { doc: NoteDocument; change: Change }) {
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
  const shown = doc.markBeforeDraft !== null;
  if (mark === undefined && !shown)
    return (
      <Score>
        <p className="soft">The draft mark shows after your own mark, under Judgement.</p>
      </Score>
    );
  if (!shown)
    return (
      <Score>
        <p className="soft">Your mark is {mark}.</p>
        <p style={{ marginTop: 8 }}>
          <Button onPress={() => change((d) => ({ ...d, markBeforeDraft: mark! }))}>Show the draft mark</Button>
        </p>
      </Score>
    );
  const chosen = all.find((entry) => entry.id === scheme) ?? sheetFor(doc.observed);
  const other = all.find((entry) => entry.id !== chosen.id && doc.sheets?.includes(entry.id) === true);
  const draft = draftScore(chosen, doc.observed, doc.chips);
  const word = gradeWord(doc.observed);
  return (
    <Score aria-label="Draft mark">
      <SelectField label="Draft mark by" value={chosen.id} onChange={pick} options={Object.fromEntries(all.map((entry) => [entry.id, entry.label]))} />
      <p style={{ marginTop: 10 }}>
        <span className="figure">{draft.low === draft.high ? draft.low : `${draft.low}–${draft.high}`}</span>{' '}
        <span className="soft">
          of {draft.best}
          {draft.low === draft.high ? '' : ', as some criteria are not judged'}
          {draft.word === null ? '' : `: ${draft.word}`}
        </span>
      </p>
      <p className="soft">
        Your own mark: {mark ?? 'taken back'}
        {mark !== undefined && mark !== doc.markBeforeDraft ? `, ${doc.markBeforeDraft} before you saw this` : ''}.{' '}
        {word === undefined ? '' : `In a word: ${word.word} (${word.from.join(', ')}; mean ${Math.round(word.mean)}).`}
      </p>
      {other !== undefined && <Beside scheme={other} doc={doc} />}
      <ul>
        {draft.criteria.map((criterion) => (
          <li key={criterion.id}>
            <details>
              <summary>
                <span>
                  {criterion.section === criterion.label ? '' : `${criterion.section}: `}
                  {criterion.label}
                </span>
                <strong>
                  {criterion.mark ?? `${criterion.least}–${criterion.best}`} / {criterion.best}
                </strong>
              </summary>
              <p>
                {criterion.reasons.map((reason) => `${sentence(scoreWording, reason)}${reason.push === 0 ? '' : ` gives ${plain(reason.push)}`}`).join('; ')}.
              </p>
            </details>
          </li>
        ))}
      </ul>
      <p className="soft" style={{ marginTop: 8 }}>
        {chosen.source}
      </p>
    </Score>
  );
}
