'use client';
import styled from 'styled-components';

/** Tasks one below the other: when, what, how long. */
export const TaskList = styled.ol`
  list-style: none;
  margin: 0;
  padding: 0;
  border-top: 1px solid var(--line);
  li {
    display: grid;
    grid-template-columns: 3.4rem minmax(0, 1fr) auto;
    gap: 12px;
    align-items: center;
    min-height: 44px;
    border-bottom: 1px solid var(--line);
    font-size: 0.9375rem;
  }
  .at {
    font-weight: 650;
    font-variant-numeric: tabular-nums;
  }
  .end {
    display: flex;
    gap: 8px;
    align-items: center;
  }
  [data-done='true'] {
    color: var(--faint);
    text-decoration: line-through;
  }
  small {
    color: var(--soft);
    white-space: nowrap;
  }
  small[data-critical] {
    color: var(--madder);
  }
`;
