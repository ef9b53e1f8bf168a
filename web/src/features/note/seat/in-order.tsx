'use client';
import styled from 'styled-components';
import { Button } from '@/ui/button';

const List = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  margin: 8px 0;
`;
/** Glasses put in order by tapping them from the best down; the last one is what is left. */
export function InOrder({
  question,
  options,
  order,
  onOrder,
}: {
  question: string;
  options: readonly string[];
  order: readonly number[];
  onOrder: (order: readonly number[]) => void;
}) {
  const take = (option: number) => {
    const next = [...order, option];
    const left = options.map((_, i) => i).filter((i) => !next.includes(i));
    onOrder(left.length === 1 ? [...next, ...left] : next);
  };
  const whole = order.length === options.length;
  return (
    <div role="group" aria-label={question}>
      <p>{question}</p>
      {!whole && (
        <List>
          {options.map(
            (word, i) =>
              !order.includes(i) && (
                <Button key={word} onPress={() => take(i)}>
                  {word}
                </Button>
              ),
          )}
        </List>
      )}
      <p role="status">
        {order.length === 0 ? 'Tap the one you like best, then the next.' : `From the best: ${order.map((i) => options[i]).join(', ')}`}
        {whole ? '.' : ''}
      </p>
      {order.length > 0 && (
        <Button size="small" onPress={() => onOrder([])}>
          Begin again
        </Button>
      )}
    </div>
  );
}
