'use client';
import { useState, type ReactNode } from 'react';
import styled from 'styled-components';
import { Button } from './button';
import { Mark } from './frame';
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
/** The frame of a guest's page: who they are, the white page, and help one tap away. No way into the venue. */
export function GuestFrame({ who, help, children }: { who: string; help?: () => void; children: ReactNode }) {
  const [white, setWhite] = useState(false);
  return (
    <>
      <Top>
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
