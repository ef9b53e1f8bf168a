'use client';
import { useEffect, useState } from 'react';
import styled from 'styled-components';
import { uncoverable } from '@rose/core/tasting/program';
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

/** What is uncovered of a glass, each fact with how one's own call did. */
export function Uncovered({ glass, tick }: { glass: TableGlass; tick: number }) {
  const [marks, setMarks] = useState<readonly Mark[]>([]);
  useEffect(() => {
    call(contract.guest.marks, {}).then(
      (found) => setMarks(found.marks),
      () => undefined,
    );
  }, [tick, glass.facts.length]);
  const inOrder = (Object.keys(uncoverable) as (keyof typeof uncoverable)[]).flatMap((fact) => glass.facts.filter((entry) => entry.fact === fact));
  return (
    <List aria-label="Uncovered">
      {inOrder.map(({ fact, says }) => {
        const call = marks.find((mark) => mark.glassId === glass.id && mark.fact === fact)?.call;
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
          </div>
        );
      })}
    </List>
  );
}
