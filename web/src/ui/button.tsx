'use client';
import Link from 'next/link';
import { useRef, type ReactNode } from 'react';
import { useButton } from 'react-aria/useButton';
import styled, { css } from 'styled-components';

const look = css`
  display: inline-flex;
  align-items: center;
  justify-content: center;
  gap: 8px;
  min-height: 44px;
  padding: 0 18px;
  border-radius: 10px;
  border: 1px solid var(--line);
  background: var(--raised);
  color: var(--ink);
  font: 600 0.9375rem/1.2 var(--sans);
  text-decoration: none;
  cursor: pointer;
  white-space: nowrap;
  @media (max-width: 18em) {
    white-space: normal;
  }
  user-select: none;
  transition:
    background 0.12s,
    border-color 0.12s;
  &:hover {
    border-color: var(--soft);
  }
  &[data-tone='strong'] {
    background: var(--strong);
    border-color: var(--strong);
    color: var(--on-strong);
  }
  &[data-tone='quiet'] {
    background: transparent;
    border-color: transparent;
    padding: 0 8px;
    font-weight: 500;
  }
  &[data-tone='quiet']:hover {
    background: var(--sunk);
  }
  &[data-tone='danger'] {
    color: var(--madder);
  }
  &[data-size='small'] {
    min-height: 36px;
    padding: 0 12px;
    font-size: 0.875rem;
    border-radius: 18px;
    font-weight: 500;
  }
  &[data-pressed='true'] {
    border-color: var(--madder);
    color: var(--madder);
    box-shadow: inset 0 0 0 1px var(--madder);
  }
  &:disabled {
    opacity: 0.5;
    cursor: default;
  }
  @media (pointer: coarse) {
    &[data-size='small'] {
      min-height: 44px;
    }
  }
`;
const Pressable = styled.button`
  ${look}
`;
const Anchor = styled(Link)`
  ${look}
`;

interface Shared {
  readonly children: ReactNode;
  readonly tone?: 'plain' | 'strong' | 'quiet' | 'danger';
  readonly size?: 'normal' | 'small';
  readonly label?: string;
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
export function ButtonLink({ children, tone = 'plain', size = 'normal', label, href, download }: Shared & { href: string; download?: boolean }) {
  if (download === true)
    return (
      <Pressable as="a" data-tone={tone} data-size={size} aria-label={label} {...{ href, download: true }}>
        {children}
      </Pressable>
    );
  return (
    <Anchor data-tone={tone} data-size={size} aria-label={label} href={href}>
      {children}
    </Anchor>
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
