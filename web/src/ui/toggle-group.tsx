'use client';
import { useRef, type ReactNode } from 'react';
import { useToggleButtonGroup, useToggleButtonGroupItem } from 'react-aria/useToggleButtonGroup';
import { useToggleGroupState, type ToggleGroupState } from 'react-stately/useToggleGroupState';
import styled from 'styled-components';

const Row = styled.div`
  display: inline-flex;
  flex-wrap: wrap;
  max-width: 100%;
  border: 1px solid var(--line);
  border-radius: 10px;
  overflow: hidden;
  button {
    border: 0;
    background: none;
    min-height: 44px;
    padding: 0 16px;
    cursor: pointer;
    color: var(--soft);
    font-size: 0.875rem;
  }
  button + button {
    border-left: 1px solid var(--line);
  }
  button[data-selected] {
    color: var(--ink);
    font-weight: 650;
    background: var(--sunk);
  }
  button:focus-visible {
    outline: 2px solid var(--madder);
    outline-offset: -3px;
    border-radius: 8px;
  }
`;
/** One of a few, always one, side by side. */
export function ToggleGroup<K extends string>({
  label,
  options,
  value,
  onChange,
}: {
  label: string;
  options: Readonly<Record<K, string>>;
  value: K;
  onChange: (value: K) => void;
}) {
  const said = {
    'aria-label': label,
    selectionMode: 'single',
    disallowEmptySelection: true,
    selectedKeys: [value],
    // Only what stands among the options can be chosen.
    onSelectionChange: (keys: Set<string | number>) => onChange(String([...keys][0]) as K),
  } as const;
  const ref = useRef<HTMLDivElement>(null);
  const state = useToggleGroupState(said);
  const { groupProps } = useToggleButtonGroup(said, state, ref);
  return (
    <Row {...groupProps} ref={ref}>
      {(Object.keys(options) as K[]).map((id) => (
        <One key={id} id={id} state={state}>
          {options[id]}
        </One>
      ))}
    </Row>
  );
}
function One({ id, state, children }: { id: string; state: ToggleGroupState; children: ReactNode }) {
  const ref = useRef<HTMLButtonElement>(null);
  const { buttonProps, isSelected } = useToggleButtonGroupItem({ id }, state, ref);
  return (
    <button {...buttonProps} ref={ref} data-selected={isSelected || undefined}>
      {children}
    </button>
  );
}
