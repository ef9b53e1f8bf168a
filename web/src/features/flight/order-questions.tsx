'use client';
import { useEffect, useState } from 'react';
import type { FlightDocument } from '@rose/core/flight/flight';
import { shiftsBetween, shiftsInWords, type DoubtEnd, type SchoolView, type Uncertainty } from '@rose/core/order/advice';
import { leastStrain } from '@rose/core/order/judge';
import type { OrderWine } from '@rose/core/order/order-wine';
import { schoolOf } from '@rose/core/order/ordering-rules';
import { profileLabels } from '@rose/core/wine/profile';
import { Button } from '@/ui/button';
import { Progress } from '@/ui/progress';
import { solve } from '@/workers/solve';
import { strainFigure } from './order-steps';

/** Longer questions, asked when somebody wants to know: what the schools would change, and which missing facts decide. */
export function OrderQuestions({
  flight,
  order,
  wines,
  nameOf,
  mayEdit,
  change,
}: {
  flight: FlightDocument;
  order: readonly string[];
  wines: readonly OrderWine[];
  nameOf: (wine: string) => string;
  mayEdit: boolean;
  change: (next: Partial<FlightDocument>) => void;
}) {
  const [views, setViews] = useState<readonly SchoolView[] | null>(null);
  const [doubts, setDoubts] = useState<readonly Uncertainty[] | null>(null);
  const [running, setRunning] = useState<{ what: string; share: number; stop: AbortController } | null>(null);
  const [trouble, setTrouble] = useState('');
  const question = { wines, pins: flight.pins, school: flight.school, rests: { most: flight.mostRests, cheese: flight.cheese } };
  // An answer to another question is no answer.
  const asked = JSON.stringify([question, order]);
  useEffect(() => {
    setViews(null);
    setDoubts(null);
  }, [asked]);
  const run = (what: string, ask: (options: { signal: AbortSignal; onProgress: (share: number) => void }) => Promise<void>) => {
    const stop = new AbortController();
    setRunning({ what, share: 0, stop });
    setTrouble('');
    ask({ signal: stop.signal, onProgress: (share) => setRunning({ what, share, stop }) })
      .catch((error: Error) => error.name !== 'AbortError' && setTrouble(error.message))
      .finally(() => setRunning(null));
  };
  return (
    <div className="small">
      <span style={{ display: 'flex', flexWrap: 'wrap', gap: 6 }}>
        <Button
          size="small"
          disabled={running !== null}
          onPress={() => run('Asking the schools', async (options) => setViews(await solve('schools', { ...question, order }, options)))}
        >
          What would the schools pour?
        </Button>
        <Button
          size="small"
          disabled={running !== null}
          onPress={() => run('Trying both ends of every assumed value', async (options) => setDoubts(await solve('doubts', question, options)))}
        >
          Which missing facts matter?
        </Button>
      </span>
      {running !== null && <Progress says={running.what} share={running.share} stop={() => running.stop.abort()} />}
      {trouble !== '' && <p role="alert">{trouble}</p>}
      {views !== null && (
        <ul aria-label="What the schools would pour">
          {views.map((view) => (
            <li key={view.school}>
              <strong style={{ color: 'var(--ink)' }}>{schoolOf(view.school).label}</strong>{' '}
              {view.solution.kind === 'impossible'
                ? 'cannot keep the pins'
                : view.moves.length === 0
                  ? `as it stands, strain ${strainFigure(view.solution.judgement.strain)}`
                  : `moves ${shiftsInWords(view.moves, nameOf)}`}
              {mayEdit && view.solution.kind === 'best' && view.moves.length > 0 && (
                <Button
                  size="small"
                  tone="quiet"
                  label={`Pour as ${schoolOf(view.school).label}`}
                  onPress={() =>
                    view.solution.kind === 'best' && change({ school: view.school, order: view.solution.judgement.order, rests: view.solution.judgement.rests })
                  }
                >
                  take it
                </Button>
              )}
            </li>
          ))}
        </ul>
      )}
      {doubts !== null && (
        <ul aria-label="Missing facts that matter">
          {doubts.length === 0 && <li>None: at neither end of any assumed value would another order be felt to be better.</li>}
          {doubts.map((doubt) => (
            <li key={`${doubt.wine} ${doubt.key}`}>
              <strong style={{ color: 'var(--ink)' }}>
                {profileLabels[doubt.key]} of {nameOf(doubt.wine)}
              </strong>
              , assumed from {doubt.why}. {endInWords(doubt.low, doubt.best, nameOf)} {endInWords(doubt.high, doubt.best, nameOf)} A taste beforehand would
              decide.
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}

/** What one end of an assumed value asks of the order, told by what leaves its place in the best of today. */
function endInWords(end: DoubtEnd, best: readonly string[], nameOf: (wine: string) => string): string {
  const at = `At ${Math.round(end.value)} of 100`;
  const moved = shiftsBetween(best, end.order);
  return end.gain < leastStrain || moved.length === 0 ? `${at} the best order stays.` : `${at}: ${shiftsInWords(moved, nameOf)}.`;
}
