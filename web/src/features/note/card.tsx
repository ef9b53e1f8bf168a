'use client';
import { useState } from 'react';
import styled from 'styled-components';
import type { ObservableId } from '@rose/core/wine/observables';
import { cards } from '@rose/knowledge/sensations/cards';
import { references, sensationTests } from '@rose/knowledge/sensations/references';
import { Disclosure } from '@/ui/disclosure';

const Text = styled.div`
  font-size: 0.9375rem;
  p {
    margin: 0 0 6px;
  }
  b {
    font-weight: 600;
  }
  .disclosure {
    margin: 4px 0 0;
    color: var(--soft);
  }
  .disclosure-line {
    min-height: 44px;
    padding: 10px 0;
  }
  ol {
    margin: 0 0 8px;
    padding-left: 20px;
  }
`;
/** The private card of a question: what to do, what to feel, why, what it is mistaken for; and how to make it plain in a kitchen. */
export function CardText({ id, brief = false }: { id: ObservableId; brief?: boolean }) {
  const [more, setMore] = useState(!brief);
  const card = cards[id];
  const reference = references[id];
  const tests = sensationTests.filter((test) => test.of.includes(id));
  if (card === undefined && reference === undefined) return null;
  return (
    <Text>
      {card !== undefined && (
        <>
          <p>
            <b>Do:</b> {card.do}
          </p>
          <p>
            <b>Notice:</b> {card.feel}
          </p>
        </>
      )}
      <Disclosure open={more} onOpen={setMore} says={<>Why, what it is mistaken for{reference === undefined ? '' : ', and a kitchen to compare with'}</>}>
        {card !== undefined && (
          <>
            <p>
              <b>Why:</b> {card.why}
            </p>
            <p>
              <b>Mistaken for:</b> {card.mistaken}
            </p>
          </>
        )}
        {reference !== undefined && (
          <>
            <p>
              <b>In a kitchen,</b> from the left end to the right:
            </p>
            <ol>
              {reference.notches.map((notch) => (
                <li key={notch.says}>{notch.says}</li>
              ))}
            </ol>
          </>
        )}
        {tests.map((test) => (
          <p key={test.id}>
            <b>{test.name}.</b> {test.make} {test.try} {test.feel} {test.caution === undefined ? '' : <em>{test.caution}</em>}
          </p>
        ))}
        {reference !== undefined && <p>Source of the amounts: {reference.source}.</p>}
      </Disclosure>
    </Text>
  );
}
