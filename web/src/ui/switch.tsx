'use client';
import type { ReactNode } from 'react';
import { Switch as Aria } from 'react-aria-components/Switch';
import styled from 'styled-components';

const Line = styled(Aria)`
  display: inline-flex;
  align-items: center;
  gap: 10px;
  min-height: 44px;
  cursor: pointer;
  position: relative;
  i {
    flex: none;
    width: 38px;
    height: 22px;
    border-radius: 11px;
    border: 1px solid var(--soft);
    background: var(--raised);
    position: relative;
    transition: background 0.12s;
  }
  i::after {
    content: '';
    position: absolute;
    top: 3px;
    left: 3px;
    width: 14px;
    height: 14px;
    border-radius: 50%;
    background: var(--soft);
    transition: transform 0.12s;
  }
  &[data-selected] i {
    background: var(--strong);
    border-color: var(--strong);
  }
  &[data-selected] i::after {
    transform: translateX(16px);
    background: var(--on-strong);
  }
  &[data-focus-visible] i {
    outline: 2px solid var(--madder);
    outline-offset: 2px;
  }
  &[data-disabled] {
    opacity: 0.5;
    cursor: default;
  }
  @media (prefers-reduced-motion: reduce) {
    i,
    i::after {
      transition: none;
    }
  }
`;
/** Something that is on or off, at once. */
export const Switch = ({
  on,
  onChange,
  children,
  disabled = false,
}: {
  on: boolean;
  onChange: (on: boolean) => void;
  children: ReactNode;
  disabled?: boolean;
}) => (
  <Line isSelected={on} onChange={onChange} isDisabled={disabled}>
    <i aria-hidden />
    {children}
  </Line>
);
