'use client';
import { useState } from 'react';
import styled from 'styled-components';
import { contract } from '@/contract/client';
import { call } from '@/ui/api';
import { Choice } from '@/ui/choice';
import type { Table } from './seat';

const Box = styled.section`
  border: 1px solid var(--madder);
  border-radius: 12px;
  padding: 10px 14px 14px;
  margin-bottom: 14px;
`;
/** A question the host puts to the table: one tap, which may be changed until it is counted. */
export function Asked({ poll, answered }: { poll: NonNullable<Table['poll']>; answered: number | null }) {
  const [mine, setMine] = useState<{ id: string; option: number } | null>(null);
  const [trouble, setTrouble] = useState(false);
  const option = mine?.id === poll.id ? mine.option : answered;
  return (
    <Box aria-label="The host asks">
      <Choice
        name={`poll-${poll.id}`}
        label={poll.question}
        options={Object.fromEntries(poll.options.map((word, i) => [String(i), word]))}
        value={option === null ? undefined : String(option)}
        onChange={(value) => {
          if (value === undefined) return;
          setMine({ id: poll.id, option: Number(value) });
          call(contract.guest.answer, { id: poll.id, option: Number(value) }).then(
            () => setTrouble(false),
            () => setTrouble(true),
          );
        }}
      />
      {trouble && <p role="alert">It was not counted: there is no connection just now. Tap again.</p>}
    </Box>
  );
}
