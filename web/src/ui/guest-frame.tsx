'use client';
import { useEffect, useState, type ReactNode } from 'react';
import styled from 'styled-components';
import { Button } from './button';
import { Mark } from './mark';
import { WhitePage } from './white-page';

const Top = styled.header`
  display: flex;
  align-items: center;
  gap: 10px;
  min-height: 52px;
  padding: 0 12px 0 16px;
  border-bottom: 1px solid var(--line);
  .who {
    color: var(--soft);
    font-size: 0.875rem;
    min-width: 0;
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
  }
  .end {
    margin-left: auto;
    display: flex;
    gap: 4px;
  }
  @media (max-width: 18em) {
    flex-wrap: wrap;
  }
`;
const Room = styled.main`
  max-width: 680px;
  margin: 0 auto;
  padding: 16px 16px 110px;
  .soft {
    color: var(--soft);
    font-size: 0.9375rem;
  }
`;
/** A page that took longer than this to come is on a slow network, ms; so long its letters wait for the questions, s. Own choice, by the bench. */
const slow = 2_500;
const wait = 12_000;
/** Whether our own letters are fetched yet: on a phone with little network the questions come first. */
function useLetters(): 'later' | 'here' {
  const [letters, setLetters] = useState<'later' | 'here'>('later');
  useEffect(() => {
    const timer = setTimeout(() => setLetters('here'), performance.now() > slow ? wait : 0);
    return () => clearTimeout(timer);
  }, []);
  return letters;
}
/** The frame of a guest's page: who they are, the white page, and help one tap away. No way into the venue. */
export function GuestFrame({ who, help, children }: { who: string; help?: () => void; children: ReactNode }) {
  const [white, setWhite] = useState(false);
  const letters = useLetters();
  return (
    <>
      <Top data-letters={letters}>
        <Mark />
        <span className="who">{who}</span>
        <span className="end">
          <Button tone="quiet" size="small" onPress={() => setWhite(true)}>
            White page
          </Button>
          {help !== undefined && (
            <Button tone="quiet" size="small" onPress={help}>
              Something is wrong
            </Button>
          )}
        </span>
      </Top>
      <Room id="main">{children}</Room>
      {white && <WhitePage close={() => setWhite(false)} />}
    </>
  );
}
