'use client';
import { ChevronRight } from 'lucide-react';
import { useRef, useState, type ReactNode } from 'react';
import { useButton } from 'react-aria/useButton';
import { useDisclosure } from 'react-aria/useDisclosure';
import { useDisclosureState } from 'react-stately/useDisclosureState';
import styled from 'styled-components';

const Line = styled.button`
  display: inline-flex;
  align-items: center;
  gap: 6px;
  min-height: 36px;
  padding: 4px 0;
  border: 0;
  background: transparent;
  color: inherit;
  font: inherit;
  text-align: start;
  cursor: pointer;
  svg {
    flex: none;
    transition: transform 0.12s;
  }
  &[aria-expanded='true'] svg {
    transform: rotate(90deg);
  }
  &:focus-visible {
    outline: 2px solid var(--madder);
    outline-offset: 2px;
    border-radius: 6px;
  }
  &[data-wide] {
    display: flex;
    width: 100%;
  }
  &[data-wide] > span {
    flex: 1;
    display: flex;
    justify-content: space-between;
    gap: 10px;
  }
  @media (pointer: coarse) {
    min-height: 44px;
  }
  @media (prefers-reduced-motion: reduce) {
    svg {
      transition: none;
    }
  }
`;

/** A line that opens what most do not need. `open` sets how it begins; with `onOpen` the caller keeps it. What is closed is not drawn until it was opened once. */
export function Disclosure({
  says,
  children,
  open = false,
  onOpen,
  wide = false,
}: {
  says: ReactNode;
  children: ReactNode;
  open?: boolean;
  onOpen?: (open: boolean) => void;
  /** The line is as wide as the place has, its parts at both ends. */
  wide?: boolean;
}) {
  const [own, setOwn] = useState(open);
  const shown = onOpen === undefined ? own : open;
  const state = useDisclosureState({ isExpanded: shown, onExpandedChange: onOpen ?? setOwn });
  const [panel, trigger] = [useRef<HTMLDivElement>(null), useRef<HTMLButtonElement>(null)];
  const { buttonProps: told, panelProps } = useDisclosure({ isExpanded: shown }, state, panel);
  const { buttonProps } = useButton(told, trigger);
  return (
    <div className="disclosure">
      <Line {...buttonProps} ref={trigger} className="disclosure-line" data-wide={wide || undefined}>
        <ChevronRight size={15} aria-hidden />
        <span>{says}</span>
      </Line>
      <div {...panelProps} ref={panel}>
        {shown ? children : null}
      </div>
    </div>
  );
}
