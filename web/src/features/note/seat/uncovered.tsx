'use client';
import { useEffect, useState } from 'react';
import styled from 'styled-components';
import { timesInWords } from '@rose/core/call/call';
import { uncoverable } from '@rose/core/tasting/program';
import { listed } from '@rose/core/wine/plural';
import type { AnswerOf } from '@/contract/answers';
import { contract } from '@/contract/client';
import { call } from '@/ui/api';
import { where } from '../judge/idea-words';
import type { TableGlass } from './seat';

const List = styled.dl`
  margin: 0 0 16px;
  div {
    display: grid;
    grid-template-columns: 64px minmax(0, 1fr);
    gap: 4px 14px;
    padding: 10px 0;
    border-bottom: 1px solid var(--line);
  }
  dt {
    color: var(--soft);
  }
  dd {
    margin: 0;
    font: 500 1.25rem/1.2 var(--serif);
  }
  .call {
    grid-column: 2;
    font-size: 0.9375rem;
  }
  .call[data-credit='whole'] {
    color: var(--sea);
    font-weight: 600;
  }
`;
type Mark = AnswerOf<'guest', 'marks'>['marks'][number];

const named = (looks: Mark['spoke']['helped']) => listed(looks.map(({ what, bits }) => `${what} (${timesInWords(bits)})`));
/** Which of one's own observations spoke for the truth, and which against it. */
const spokeInWords = ({ helped, misled }: Mark['spoke']) =>
  [
    helped.length === 0 ? '' : `What you wrote that spoke for it: ${named(helped)}.`,
    misled.length === 0 ? '' : `${helped.length === 0 ? 'What you wrote that spoke' : 'What spoke'} against it: ${named(misled)}.`,
  ]
    .filter((part) => part !== '')
    .join(' ');
/** What is uncovered of a glass, each fact with how one's own call did. */
export function Uncovered({ glass, tick }: { glass: TableGlass; tick: number }) {
  const [{ marks, matched }, setMarks] = useState<AnswerOf<'guest', 'marks'>>({ marks: [], matched: null });
  useEffect(() => {
    call(contract.guest.marks, {}).then(setMarks, () => undefined);
  }, [tick, glass.facts.length]);
  const inOrder = (Object.keys(uncoverable) as (keyof typeof uncoverable)[]).flatMap((fact) => glass.facts.filter((entry) => entry.fact === fact));
  return (
    <>
      <List aria-label="Uncovered">
        {inOrder.map(({ fact, says }) => {
          const mark = marks.find((entry) => entry.glassId === glass.id && entry.fact === fact);
          const call = mark?.call;
          return (
            <div key={fact}>
              <dt>{uncoverable[fact]}</dt>
              <dd>{says}</dd>
              {call != null && (
                <span className="call" data-credit={call.credit === 1 ? 'whole' : 'part'}>
                  You said {call.says}
                  {call.certainty > 0 ? `, ${call.certainty} % sure` : ''}: {call.why}.
                  {call.turned === null
                    ? ''
                    : ` ${call.turned.better ? 'You came closer' : 'You went away from it'} ${where[call.turned.at as keyof typeof where]}.`}
                </span>
              )}
              {mark !== undefined && mark.spoke.helped.length + mark.spoke.misled.length > 0 && (
                <span className="call" data-spoke>
                  {spokeInWords(mark.spoke)}
                </span>
              )}
            </div>
          );
        })}
      </List>
      {matched !== null && glass.revealed && (
        <p>
          {matched.right} of {matched.of} you matched to the list so far. {matched.luck}
        </p>
      )}
    </>
  );
}
