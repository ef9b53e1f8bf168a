'use client';
import { useEffect, useState, type ReactNode } from 'react';
import styled from 'styled-components';
import { colourApplies, idsOf, observables, type ObservableId, type Observed, type Quarter } from '@rose/core/wine/observables';
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

/** A question of the guided way: an observation, or one of the parts of a quarter that is more than a field. */
type Step = ObservableId | 'smells' | 'flavours' | 'watch' | 'idea';
const partOf: Record<Exclude<Step, ObservableId>, { quarter: Quarter; ask: string }> = {
  smells: { quarter: 'aroma', ask: 'What do you smell?' },
  flavours: { quarter: 'palate', ask: 'And in the mouth?' },
  watch: { quarter: 'finish', ask: 'How long does it stay?' },
  idea: { quarter: 'finish', ask: 'What could it be?' },
};
const isPart = (step: Step): step is keyof typeof partOf => step in partOf;
const after: Partial<Record<Quarter, readonly Step[]>> = { aroma: ['smells'], palate: ['flavours'], finish: ['watch', 'idea'] };

/** The questions in order: the quarters once round, each with its fields that apply to what was seen. */
export function stepsFor(observed: Observed): readonly Step[] {
  return (['appearance', 'aroma', 'palate', 'finish', 'verdict'] as const).flatMap((quarter): Step[] => [
    ...idsOf(quarter).filter((id) => {
      const spec = observables[id];
      if (spec.kind === 'seconds' || 'extra' in spec || !colourApplies(id, observed)) return false;
      // The grain and the ripeness of a tannin that is not there are not asked.
      if ((id === 'tanninGrain' || id === 'tanninRipeness') && (observed.tannin === undefined || observed.tannin === 0)) return false;
      return true;
    }),
    ...(after[quarter] ?? []),
  ]);
}

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
  parts: Readonly<Record<keyof typeof partOf, ReactNode>>;
  onDone: () => void;
  canUndo: boolean;
  undo: () => void;
}) {
  const [at, setAt] = useState<Step>('clarity');
  const steps = stepsFor(doc.observed);
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
      <h2>{isPart(step) ? partOf[step].ask : (cards[step]?.ask ?? observables[step].label)}</h2>
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
