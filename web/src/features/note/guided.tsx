'use client';
import { useEffect, useState, type ReactNode } from 'react';
import styled from 'styled-components';
import { guidedSteps, type GuidedPart as Part, type GuidedStep as Step } from '@rose/core/wine/guided';
import { observables } from '@rose/core/wine/observables';
import type { NoteDocument } from '@rose/core/wine/note';
import { cards } from '@rose/knowledge/sensations/cards';
import { Button } from '@/ui/button';
import { Bar } from './desk-look';
import { CardText } from './card';
import { Field } from './fields';
import type { SetObservation } from './observation';

const Question = styled.div`
  max-width: 640px;
  h2 {
    font-size: 30px;
    margin: 4px 0 10px;
  }
  .count {
    color: var(--soft);
    font-size: 14px;
  }
  .bar {
    height: 4px;
    border-radius: 2px;
    background: var(--line);
    overflow: hidden;
    margin: 6px 0 14px;
  }
  .bar i {
    display: block;
    height: 100%;
    background: var(--madder);
  }
`;

const partOf: Record<Part, string> = {
  smells: 'What do you smell?',
  flavours: 'And in the mouth?',
  watch: 'How long does it stay?',
  idea: 'What could it be?',
};
const isPart = (step: Step): step is Part => step in partOf;

/** One question at a time, each with its private card. Leaving a question is "not looked at", which is no answer. */
export function Guided({
  id,
  doc,
  set,
  parts,
  onDone,
  canUndo,
  undo,
}: {
  id: string;
  doc: NoteDocument;
  set: SetObservation;
  parts: Readonly<Record<Part, ReactNode>>;
  onDone: () => void;
  canUndo: boolean;
  undo: () => void;
}) {
  const [at, setAt] = useState<Step>('clarity');
  const steps = guidedSteps(doc.observed);
  useEffect(() => {
    const kept = sessionStorage.getItem(`question/${id}`);
    if (kept !== null) setAt(kept as Step);
  }, [id]);
  const index = Math.max(0, steps.indexOf(at));
  const step = steps[index]!;
  const go = (to: number) => {
    const next = steps[to];
    if (next === undefined) return onDone();
    setAt(next);
    sessionStorage.setItem(`question/${id}`, next);
    window.scrollTo({ top: 0 });
  };
  const answered = isPart(step) || doc.observed[step] !== undefined;
  return (
    <Question>
      <div className="count" aria-live="polite">
        Question {index + 1} of {steps.length}
      </div>
      <div className="bar" aria-hidden>
        <i style={{ width: `${(100 * (index + 1)) / steps.length}%` }} />
      </div>
      <h2>{isPart(step) ? partOf[step] : (cards[step]?.ask ?? observables[step].label)}</h2>
      {!isPart(step) && <CardText key={step} id={step} brief />}
      {isPart(step) ? parts[step] : <Field id={step} observed={doc.observed} set={set} />}
      <Bar>
        <Button onPress={() => go(index - 1)} disabled={index === 0} label="Back one question">
          Back
        </Button>
        <Button onPress={undo} disabled={!canUndo}>
          Undo
        </Button>
        <Button tone="strong" onPress={() => go(index + 1)}>
          {index === steps.length - 1 ? 'Done' : answered ? 'Next' : 'Leave it, next'}
        </Button>
      </Bar>
    </Question>
  );
}
