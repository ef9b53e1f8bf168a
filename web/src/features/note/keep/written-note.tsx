'use client';
import { useState } from 'react';
import { BareArea } from '@/ui/field';
import { BareButton, TextButton } from '@/ui/button';
import styled from 'styled-components';
import { composeNote, type Statement } from '@rose/core/prose/prose';
import type { NoteDocument } from '@rose/core/wine/note';
import { spoken } from '@rose/knowledge/smells/spoken';
import { TextArea } from '@/ui/field';
import type { NoteView } from '@/contract/answers';
import { Deduction } from '../judge/deduction';
import { Draft } from '../judge/draft-mark';
import type { ChangeNote as Change } from '../observation';
import { Price } from '../judge/price';

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
/** The note as it writes itself; after the taster's own mark the draft mark and the price, and after an idea what the record speaks for. */
export function Written({ doc, change, note, flush }: { doc: NoteDocument; change: Change; note: NoteView; flush: () => Promise<void> }) {
  const statements = composeNote(doc, spoken);
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
        <BareArea label={`The sentence on ${statement.id}`} value={text} onChange={setText} onKeep={keep} onDrop={() => setText(null)} />
      </p>
    );
  return (
    <p className={statement.rewritten ? (statement.outdated ? 'own old' : 'own') : ''}>
      <BareButton className="say" label={`${statement.text} Press to put it your way.`} onPress={() => setText(statement.text)}>
        {statement.text}
      </BareButton>
      {statement.outdated && <small>Was written before {statement.changed.join(', ') || 'what it says changed'}.</small>}
      {statement.rewritten && (
        <small>
          <TextButton onPress={drop}>let it write itself again</TextButton>
        </small>
      )}
    </p>
  );
}
