'use client';
import { useProgressBar } from 'react-aria/useProgressBar';
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
export function Progress({ says, share, stop }: { says: string; share: number; stop?: () => void }) {
  const percent = Math.round(share * 100);
  const { progressBarProps, labelProps } = useProgressBar({ label: says, value: percent, valueLabel: `${percent} %` });
  return (
    <Box role="status">
      <div {...progressBarProps}>
        <span {...labelProps}>
          {says}, {percent} %
        </span>
        <i>
          <b style={{ width: `${percent}%` }} />
        </i>
      </div>
      {stop !== undefined && (
        <Button size="small" onPress={stop}>
          Stop
        </Button>
      )}
    </Box>
  );
}
