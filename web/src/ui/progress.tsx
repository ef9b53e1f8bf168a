'use client';
import { Label } from 'react-aria-components/Label';
import { ProgressBar } from 'react-aria-components/ProgressBar';
import styled from 'styled-components';
import { Button } from './button';

const Box = styled.div`
  display: flex;
  align-items: center;
  gap: 12px;
  max-width: 520px;
  > :first-child {
    flex: 1;
    display: grid;
    gap: 4px;
    font-size: 0.875rem;
  }
  i {
    display: block;
    height: 4px;
    border-radius: 2px;
    background: var(--sunk);
    overflow: hidden;
  }
  b {
    display: block;
    height: 100%;
    background: var(--ink);
    transition: width 0.2s;
  }
  @media (prefers-reduced-motion: reduce) {
    b {
      transition: none;
    }
  }
`;
/** How far a long work is, in words and as a line, and the way out of it. */
export const Progress = ({ says, share, stop }: { says: string; share: number; stop?: () => void }) => (
  <Box role="status">
    <ProgressBar value={share * 100} valueLabel={`${Math.round(share * 100)} %`}>
      {({ percentage, valueText }) => (
        <>
          <Label>
            {says}, {valueText}
          </Label>
          <i>
            <b style={{ width: `${percentage ?? 0}%` }} />
          </i>
        </>
      )}
    </ProgressBar>
    {stop !== undefined && (
      <Button size="small" onPress={stop}>
        Stop
      </Button>
    )}
  </Box>
);
