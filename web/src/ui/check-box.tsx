'use client';
import type { ReactNode } from 'react';
import { Checkbox } from 'react-aria-components/Checkbox';
import styled from 'styled-components';

const Tick = styled(Checkbox)`
  display: flex;
  gap: 10px;
  align-items: center;
  min-height: 44px;
  min-width: 24px;
  cursor: pointer;
  i {
    flex: none;
    display: grid;
    place-items: center;
    width: 22px;
    height: 22px;
    border: 1px solid var(--soft);
    border-radius: 6px;
    background: var(--raised);
    color: var(--on-strong);
  }
  svg {
    opacity: 0;
  }
  &[data-selected] i {
    background: var(--strong);
    border-color: var(--strong);
  }
  &[data-selected] svg {
    opacity: 1;
  }
  &[data-focus-visible] i {
    outline: 2px solid var(--madder);
    outline-offset: 2px;
  }
  &[data-disabled] {
    cursor: default;
    opacity: 0.6;
  }
`;

/** Yes or no. Without words beside it, `label` says what it ticks. */
export function CheckBox({
  children,
  label,
  checked,
  onChange,
  disabled = false,
}: {
  children?: ReactNode;
  label?: string;
  checked: boolean;
  onChange: (checked: boolean) => void;
  disabled?: boolean;
}) {
  return (
    <Tick isSelected={checked} onChange={onChange} isDisabled={disabled} {...(label === undefined ? {} : { 'aria-label': label })}>
      <i aria-hidden>
        <svg width="14" height="14" viewBox="0 0 14 14" fill="none" stroke="currentColor" strokeWidth="2">
          <path d="M2 7.5 5.5 11 12 3.5" />
        </svg>
      </i>
      {children}
    </Tick>
  );
}
