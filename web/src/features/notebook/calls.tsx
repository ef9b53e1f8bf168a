'use client';
import Link from 'next/link';
import styled from 'styled-components';
import { guessCost } from '@rose/core/chance/cost-of-a-wrong-answer';
import { byGuessing } from '@rose/core/statistics/binomial';
import { dayInWords } from '@rose/core/wine/day';
import { pairQuestions } from '@rose/core/wine/note';
import type { AnswerOf } from '@/contract/answers';
import { Frame, Page } from '@/ui/frame';
import { WayBack } from '@/ui/way-back';

type Called = AnswerOf<'note', 'calls'>['calls'][number];
const Table = styled.table`
  width: 100%;
  border-collapse: collapse;
  margin-top: 14px;
  font-size: 0.9375rem;
  th {
    text-align: left;
    font-weight: 600;
  }
  td,
  th {
    padding: 8px 14px 8px 0;
    border-bottom: 1px solid var(--line);
    vertical-align: top;
  }
  .n {
    text-align: right;
    font-variant-numeric: tabular-nums;
  }
`;
/** What was called, in words. */
function said({ question, called }: Called): string {
  const { asks, low, high } = pairQuestions[question];
  return called === 0 ? `${asks}: cannot tell` : `${asks}: ${called < 0 ? low : high}, ${50 + Math.round(Math.abs(called) / 2)} %`;
}
const percent = (chance: number) => (chance < 0.01 ? 'less than 1 in a hundred times' : `${Math.round(chance * 100)} in a hundred times`);

/** The calls on pairs a taster made, each with what it was and what it cost, and what guessing would have done. */
export function Calls({ calls }: { calls: readonly Called[] }) {
  // What something gave away says nothing of the palate.
  const counted = calls.filter(({ wasRight, gaveAway }) => wasRight !== null && !gaveAway);
  const right = counted.filter(({ wasRight }) => wasRight === true).length;
  const costs = calls.filter(({ cost, gaveAway }) => cost !== null && !gaveAway).map(({ cost }) => cost!);
  const mean = costs.reduce((sum, cost) => sum + cost, 0) / Math.max(1, costs.length);
  return (
    <Frame>
      <Page>
        <WayBack steps={[{ href: '/notebook', name: 'Notebook' }]} />
        <h1>Your calls on pairs</h1>
        {calls.length === 0 ? (
          <p className="soft">No pair of yours is locked and unwrapped yet. Deal hidden glasses from the notebook, or the pairs of a flight from its chart.</p>
        ) : (
          <>
            <p style={{ maxWidth: '66ch' }}>
              {counted.length === 0
                ? 'Nothing on record tells right from wrong yet.'
                : `${right} of ${counted.length} right. Guessing does as well or better ${percent(byGuessing(right, counted.length))}. A call cost you ${mean.toFixed(2)} on average; “cannot tell” costs ${guessCost}.`}
              {counted.length > 0 && counted.length < 10 && ' So few calls cannot tell skill from luck.'}
            </p>
            <Table>
              <thead>
                <tr>
                  <th scope="col">pair</th>
                  <th scope="col">called</th>
                  <th scope="col">it was</th>
                  <th scope="col" className="n">
                    cost, 0 to 1
                  </th>
                </tr>
              </thead>
              <tbody>
                {calls.map((call) => (
                  <tr key={`${call.left.id} ${call.right.id} ${call.question}`}>
                    <td>
                      <Link href={`/notes/pair?left=${call.left.id}&right=${call.right.id}`}>
                        {call.left.name} beside {call.right.name}
                      </Link>
                      <br />
                      <span className="soft">{dayInWords(call.day)}</span>
                    </td>
                    <td>{said(call)}</td>
                    <td>
                      {call.wasRight === null ? (call.cost === null ? 'nothing on record says' : 'not called') : call.wasRight ? 'right' : 'wrong'}
                      {call.gaveAway && <span className="soft">, given away: not counted</span>}
                    </td>
                    <td className="n">{call.cost === null ? '–' : call.cost.toFixed(2)}</td>
                  </tr>
                ))}
              </tbody>
            </Table>
          </>
        )}
      </Page>
    </Frame>
  );
}
