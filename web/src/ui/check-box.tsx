'use client';
import { useRef, type ComponentProps, type ReactNode, type RefObject } from 'react';
import { useCheckbox } from 'react-aria/useCheckbox';
import { useToggleState } from 'react-stately/useToggleState';
import styled from 'styled-components';
import { unseen } from './looks';

const Tick = styled.label`
  position: relative;
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
  input {
    ${unseen}
    cursor: inherit;
  }
  &:has(:focus-visible) i {
    outline: 2px solid var(--madder);
    outline-offset: 2px;
  }
  &[data-disabled] {
    cursor: default;
    opacity: 0.6;
  }
`;

/** A box with its tick, and the words beside it. */
export const Ticked = ({
  label,
  input,
  inputRef,
  selected,
  disabled = false,
  children,
}: {
  label: ComponentProps<'label'>;
  input: ComponentProps<'input'>;
  inputRef: RefObject<HTMLInputElement | null>;
  selected: boolean;
  disabled?: boolean;
  children: ReactNode;
}) => (
  <Tick {...label} data-selected={selected || undefined} data-disabled={disabled || undefined}>
    <input {...input} ref={inputRef} />
    <i aria-hidden>
      <svg width="14" height="14" viewBox="0 0 14 14" fill="none" stroke="currentColor" strokeWidth="2">
        <path d="M2 7.5 5.5 11 12 3.5" />
      </svg>
    </i>
    {children}
  </Tick>
);

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
  const ref = useRef<HTMLInputElement>(null);
  const said = { isSelected: checked, onChange, isDisabled: disabled, children, ...(label === undefined ? {} : { 'aria-label': label }) };
  const state = useToggleState(said);
  const { labelProps, inputProps } = useCheckbox(said, state, ref);
  return (
    <Ticked label={labelProps} input={inputProps} inputRef={ref} selected={checked} disabled={disabled}>
      {children}
    </Ticked>
  );
}
