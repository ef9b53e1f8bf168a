'use client';
import type { ReactElement } from 'react';
import { Tooltip, TooltipTrigger } from 'react-aria-components/Tooltip';
import styled from 'styled-components';

const Over = styled(Tooltip)`
  padding: 6px 12px;
  border-radius: 8px;
  background: var(--strong);
  color: var(--on-strong);
  font-size: 0.8125rem;
  max-width: 260px;
`;
/** Says what a control without words does, to who rests on it or comes to it by keys. */
export const Tip = ({ says, children }: { says: string; children: ReactElement }) => (
  <TooltipTrigger delay={500}>
    {children}
    <Over offset={6}>{says}</Over>
  </TooltipTrigger>
);
