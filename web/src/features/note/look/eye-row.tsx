'use client';
import styled from 'styled-components';
import { applies, observables, type KnownGlass, type Observed } from '@rose/core/wine/observables';
import { Choice } from '@/ui/choice';
import type { SetObservation } from '../observation';

const Row = styled.div`
  display: grid;
  grid-template-columns: 5.5rem minmax(0, 1fr);
  gap: 2px 10px;
  align-items: center;
  padding: 6px 0;
  border-bottom: 1px solid var(--line);
  strong {
    font-weight: 600;
  }
`;
/** Three things the eye settles in a few seconds, each with the answers most glasses need; a finer one chosen elsewhere stands beside them. */
const rows = [
  { id: 'clarity', asks: 'Clear?', answers: ['clear', 'dull', 'hazy'] },
  { id: 'browning', asks: 'Brown?', answers: ['none', 'edge', 'through'] },
  { id: 'bead', asks: 'Bubbles?', answers: ['none', 'wall', 'fine'] },
] as const;
const words: Readonly<Record<string, string>> = { clear: 'clear', none: 'no', wall: 'a few', fine: 'steady' };

/** The row for the eye: clear, brown, bubbles. */
export function EyeRow({ observed, set, known }: { observed: Observed; set: SetObservation; known: KnownGlass }) {
  return (
    <div role="group" aria-label="The eye">
      {rows
        .filter(({ id }) => applies(id, observed, known))
        .map(({ id, asks, answers }) => {
          const options: Readonly<Record<string, string>> = observables[id].options;
          const now = observed[id];
          const shown = [...answers, ...(now === undefined || (answers as readonly string[]).includes(now) ? [] : [now])];
          return (
            <Row key={id}>
              <strong aria-hidden>{asks}</strong>
              <Choice
                bare
                name={`eye-${id}`}
                label={observables[id].label}
                options={Object.fromEntries(shown.map((answer) => [answer, words[answer] ?? options[answer]!]))}
                value={now}
                onChange={(next) => set(id, next as never)}
              />
            </Row>
          );
        })}
    </div>
  );
}
