'use client';
import { useRef, type ReactNode } from 'react';
import { useButton } from 'react-aria/useButton';
import styled from 'styled-components';
import { buttonLook, type ButtonLook } from './button-look';

const Pressable = styled.button`
  ${buttonLook}
`;
interface Shared extends ButtonLook {
  readonly children: ReactNode;
}

export function Button({
  children,
  tone = 'plain',
  size = 'normal',
  label,
  onPress,
  pressed,
  disabled,
  type = 'button',
  keys,
  expanded,
}: Shared & { onPress?: () => void; pressed?: boolean; disabled?: boolean; type?: 'button' | 'submit'; keys?: string; expanded?: boolean }) {
  const ref = useRef<HTMLButtonElement>(null);
  const { buttonProps } = useButton(
    {
      type,
      ...(onPress === undefined ? {} : { onPress: () => onPress() }),
      ...(disabled === undefined ? {} : { isDisabled: disabled }),
      ...(pressed === undefined ? {} : { 'aria-pressed': pressed }),
      ...(label === undefined ? {} : { 'aria-label': label }),
      ...(expanded === undefined ? {} : { 'aria-expanded': expanded }),
    },
    ref,
  );
  return (
    <Pressable {...buttonProps} ref={ref} data-tone={tone} data-size={size} data-pressed={pressed} aria-keyshortcuts={keys}>
      {children}
    </Pressable>
  );
}
interface BareProps {
  readonly children: ReactNode;
  readonly onPress: () => void;
  readonly className?: string | undefined;
  readonly label?: string | undefined;
  readonly expanded?: boolean | undefined;
  readonly pressed?: boolean | undefined;
  /** What its place draws it by. */
  readonly marks?: Readonly<Record<`data-${string}`, string | number | undefined>>;
}
/** A button whose look is its place's own. */
export function BareButton({ children, onPress, className, label, expanded, pressed, marks }: BareProps) {
  const ref = useRef<HTMLButtonElement>(null);
  const { buttonProps } = useButton(
    {
      onPress: () => onPress(),
      ...(label === undefined ? {} : { 'aria-label': label }),
      ...(expanded === undefined ? {} : { 'aria-expanded': expanded }),
      ...(pressed === undefined ? {} : { 'aria-pressed': pressed }),
    },
    ref,
  );
  return (
    <button {...buttonProps} {...marks} className={className} ref={ref}>
      {children}
    </button>
  );
}
const AmongWords = styled.button`
  border: 0;
  background: none;
  color: var(--soft);
  font: 400 0.75rem/1.2 var(--sans);
  cursor: pointer;
  padding: 4px;
  text-decoration: underline;
  text-underline-offset: 2px;
  min-height: 24px;
`;
/** A small act among words or figures. */
export function TextButton({ children, label, onPress, keys }: { children: ReactNode; label?: string; onPress: () => void; keys?: string }) {
  const ref = useRef<HTMLButtonElement>(null);
  const { buttonProps } = useButton({ ...(label === undefined ? {} : { 'aria-label': label }), onPress: () => onPress() }, ref);
  return (
    <AmongWords {...buttonProps} ref={ref} aria-keyshortcuts={keys}>
      {children}
    </AmongWords>
  );
}

/** A key printed on the control it serves. */
export const Key = styled.kbd`
  font: 500 0.6875rem/1 var(--sans);
  border: 1px solid var(--line);
  border-bottom-width: 2px;
  border-radius: 4px;
  padding: 2px 5px;
  background: var(--raised);
  color: var(--soft);
  @media (pointer: coarse) {
    display: none;
  }
`;
