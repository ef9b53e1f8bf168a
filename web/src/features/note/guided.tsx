'use client';
import dynamic from 'next/dynamic';
import { useEffect, useRef, useState, type ReactNode } from 'react';
import styled from 'styled-components';
import { guidedPath, type GuidedQuestion } from '@rose/core/routine/guided';
import { sipTasks, type GuidedPart as Part, type Routine } from '@rose/core/routine/routine';
import { observables, type KnownGlass, type ObservableId } from '@rose/core/wine/observables';
import type { NoteDocument } from '@rose/core/wine/note';
import { cards } from '@rose/knowledge/sensations/cards';
import { Button } from '@/ui/button';
import { keepInTab, keptInTab } from '@/ui/kept-on-device';
import { Bar } from './note-layout';
import { BuyUpTo } from './judge/buy-up-to';
import { CardText } from './card';
import { Field } from './fields';
import type { ChangeNote, SetObservation } from './observation';

// Most who are guided have one routine: the choice comes when there is one.
const RoutineChoice = dynamic(() => import('./routine-choice').then((module) => module.RoutineChoice), { ssr: false });

const Question = styled.div`
  max-width: 640px;
  h2 {
    font-size: 1.875rem;
    margin: 4px 0 10px;
  }
  .count {
    color: var(--soft);
    font-size: 0.875rem;
  }
  .routine {
    max-width: 260px;
    margin-top: 26px;
  }
  .sip {
    color: var(--soft);
    margin: 0 0 8px;
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
  eye: 'Clear? Brown? Bubbles?',
  smells: 'What do you smell?',
  flavours: 'And in the mouth?',
  watch: 'How long does it stay?',
  idea: 'What could it be?',
};
type Ask = GuidedQuestion['ask'];
const isPart = (ask: Ask): ask is Part => ask in partOf;

const again = ['What do you smell?', 'And now, after the swirl?', 'And after a minute?'];
const questionOf = ({ ask, time }: GuidedQuestion): string => (time === undefined ? asking(ask) : (again[time.n - 1] ?? 'What else do you smell?'));
const asking = (ask: Ask): string => (ask === 'clear' ? 'First, a sip to rinse' : isPart(ask) ? partOf[ask] : (cards[ask]?.ask ?? observables[ask].label));
/** Where in the routine a question stands, in a few words. */
function where({ step, sip, time }: GuidedQuestion): string {
  if (time !== undefined) return `${step.name}, sniff ${time.n} of ${time.of}`;
  const takes = [
    step.sniffs > 0 ? `${step.sniffs} ${step.sniffs === 1 ? 'sniff' : 'sniffs'}` : '',
    step.minutes > 0 ? `about ${step.minutes < 1 ? `${Math.round(step.minutes * 60)} s` : `${step.minutes} min`}` : '',
  ];
  const parts = sip === undefined ? takes : [`sip ${sip.n} of ${sip.of}`];
  return [step.name, ...parts.filter((part) => part !== '')].join(', ');
}

/** The host's own card of a question, as they wrote it. */
const OwnCard = styled.p`
  white-space: pre-line;
  margin: 0 0 10px;
`;
/** A note that follows a routine from here on, and says its finish by that routine's ruler. */
const withRoutine =
  (routine: Routine | undefined) =>
  (d: NoteDocument): NoteDocument => {
    if (routine === undefined) return d;
    const { ruler: _old, ...rest } = d;
    return { ...rest, routine: routine.id, ...(routine.ruler === undefined ? {} : { ruler: routine.ruler }) };
  };

/** One question of the routine at a time, each with its private card. Leaving a question is "not looked at", which is no answer. */
export function Guided({
  id,
  doc,
  set,
  change,
  routine,
  choices,
  known,
  parts,
  onDone,
  canUndo,
  undo,
  step,
  done = 'Done',
}: {
  id: string;
  doc: NoteDocument;
  set: SetObservation;
  change: ChangeNote;
  routine: Routine;
  /** What may be chosen instead; empty where the way of asking has one routine of its own. */
  choices: readonly Routine[];
  known: KnownGlass;
  parts: Readonly<Record<Part, (question: GuidedQuestion) => ReactNode>>;
  onDone: () => void;
  canUndo: boolean;
  undo: () => void;
  /** The step of the routine the table is at: when it changes, its first question is shown. */
  step?: number | undefined;
  /** What the last question leads to. */
  done?: string;
}) {
  const path = guidedPath(routine, doc.observed, known);
  const [at, setAt] = useState<string | null>(null);
  useEffect(() => setAt(keptInTab(`question/${id}`) ?? null), [id]);
  const called = step === undefined ? undefined : routine.steps[step];
  const first = path.find((entry) => entry.step === called)?.key;
  // Followed once when the table goes on, not again at every answer that changes the way.
  const followed = useRef<number | undefined>(undefined);
  useEffect(() => {
    if (first === undefined || followed.current === step) return;
    followed.current = step;
    setAt(first);
    window.scrollTo({ top: 0 });
  }, [step, first]);
  const index = Math.max(
    0,
    path.findIndex((entry) => entry.key === at),
  );
  const here = path[index];
  const go = (to: number) => {
    // Whoever goes on from a question at a sip has taken it.
    const sip = here?.sip?.n;
    if (to > index && sip !== undefined && (doc.sips ?? 0) < sip) change((d) => ({ ...d, sips: sip }));
    const next = path[to];
    if (next === undefined) return onDone();
    setAt(next.key);
    keepInTab(`question/${id}`, next.key);
    window.scrollTo({ top: 0 });
  };
  const ask = here?.ask;
  const own = ask === undefined || ask === 'clear' ? undefined : routine.cards?.[ask];
  const answered = ask === 'clear' || (ask !== undefined && (isPart(ask) || doc.observed[ask] !== undefined));
  return (
    <Question>
      <div className="count">
        <span aria-live="polite">
          {here === undefined ? 'This routine asks nothing: choose another below, or go to Full.' : `Question ${index + 1} of ${path.length} · ${where(here)}`}
        </span>
      </div>
      <div className="bar" aria-hidden>
        <i style={{ width: `${(100 * (index + 1)) / Math.max(1, path.length)}%` }} />
      </div>
      {here !== undefined && <h2>{questionOf(here)}</h2>}
      {own !== undefined && <OwnCard>{own}</OwnCard>}
      {here?.sip !== undefined && <p className="sip">{`Sip ${here.sip.n} of ${here.sip.of}: ${sipTasks[here.sip.task]}.`}</p>}
      {ask === 'clear' && (
        <p>It takes away what was there before: bread, toothpaste, the wine before this one. Spit it or swallow it; the next sip is the one to read.</p>
      )}
      {here === undefined || ask === undefined || ask === 'clear' ? null : isPart(ask) ? (
        <div key={here.key}>{parts[ask](here)}</div>
      ) : (
        <>
          {own === undefined && <CardText key={ask} id={ask as ObservableId} brief />}
          <Field id={ask} observed={doc.observed} set={set} known={known} />
          {ask === 'buy' && <BuyUpTo doc={doc} change={change} />}
        </>
      )}
      {choices.length > 0 && (
        <div className="routine">
          <RoutineChoice routine={routine} choices={choices} choose={(chosen) => change(withRoutine(chosen))} />
        </div>
      )}
      <Bar>
        <Button onPress={() => go(index - 1)} disabled={index === 0} label="Back one question">
          Back
        </Button>
        <Button onPress={undo} disabled={!canUndo}>
          Undo
        </Button>
        <Button tone="strong" onPress={() => go(index + 1)}>
          {index >= path.length - 1 ? done : answered ? 'Next' : 'Leave it, next'}
        </Button>
      </Bar>
    </Question>
  );
}
