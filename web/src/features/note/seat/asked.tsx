'use client';
import { useState } from 'react';
import styled from 'styled-components';
import type { AnswerOf } from '@/contract/answers';
import { contract } from '@/contract/client';
import { call } from '@/ui/api';
import { Choice } from '@/ui/choice';
import { InOrder } from './in-order';
import type { Table } from './seat';

const Box = styled.section`
  border: 1px solid var(--madder);
  border-radius: 12px;
  padding: 10px 14px 14px;
  margin-bottom: 14px;
`;
/** What this seat answered, so far: an option, or as much of an order as was tapped. */
interface Mine {
  readonly pollId: string;
  readonly option: number | null;
  readonly ranking: readonly number[];
}
/** A question the host puts to the table: one tap, or its glasses in order; it may be changed until it is counted. */
export function Asked({ poll, answered }: { poll: NonNullable<Table['poll']>; answered: AnswerOf<'guest', 'tasting'>['answered'] }) {
  const [own, setOwn] = useState<Mine | null>(null);
  const [trouble, setTrouble] = useState(false);
  const known = answered?.pollId === poll.id ? { ...answered, ranking: answered.ranking ?? [] } : null;
  const mine = own?.pollId === poll.id ? own : known;
  const send = (option: number, ranking?: readonly number[]) =>
    call(contract.guest.answer, { id: poll.id, option, ...(ranking === undefined ? {} : { ranking: [...ranking] }) }).then(
      () => setTrouble(false),
      () => setTrouble(true),
    );
  return (
    <Box aria-label="The host asks">
      {poll.ranked ? (
        <InOrder
          question={poll.question}
          options={poll.options}
          order={mine?.ranking ?? []}
          onOrder={(ranking) => {
            setOwn({ pollId: poll.id, option: ranking[0] ?? null, ranking });
            if (ranking.length === poll.options.length) void send(ranking[0]!, ranking);
          }}
        />
      ) : (
        <Choice
          name={`poll-${poll.id}`}
          label={poll.question}
          options={Object.fromEntries(poll.options.map((word, i) => [String(i), word]))}
          value={mine?.option == null ? undefined : String(mine.option)}
          onChange={(value) => {
            if (value === undefined) return;
            setOwn({ pollId: poll.id, option: Number(value), ranking: [] });
            void send(Number(value));
          }}
        />
      )}
      {trouble && <p role="alert">It was not counted: there is no connection just now. {poll.ranked ? 'Begin again in a moment.' : 'Tap again.'}</p>}
    </Box>
  );
}
