'use client';
import { useRef, type ReactNode } from 'react';
import { useCheckboxGroup, useCheckboxGroupItem } from 'react-aria/useCheckboxGroup';
import { useCheckboxGroupState, type CheckboxGroupState } from 'react-stately/useCheckboxGroupState';
import styled from 'styled-components';
import { keysOf } from '@rose/core/wine/keys';
import { Ticked } from './check-box';

const Group = styled.div`
  .label {
    font-size: 0.8125rem;
    color: var(--soft);
  }
`;
function Item({ value, state, children }: { value: string; state: CheckboxGroupState; children: ReactNode }) {
  const ref = useRef<HTMLInputElement>(null);
  const { labelProps, inputProps, isSelected } = useCheckboxGroupItem({ value, children }, state, ref);
  return (
    <Ticked label={labelProps} input={inputProps} inputRef={ref} selected={isSelected}>
      {children}
    </Ticked>
  );
}
/** Any of several, under one label. Answers what is ticked in the order of the options. */
export function CheckBoxes<K extends string>({
  label,
  options,
  value,
  onChange,
}: {
  label: string;
  options: Readonly<Record<K, string>>;
  value: readonly K[];
  onChange: (value: readonly K[]) => void;
}) {
  const keys = keysOf(options);
  const said = { label, value: [...value], onChange: (ticked: string[]) => onChange(keys.filter((key) => ticked.includes(key))) };
  const state = useCheckboxGroupState(said);
  const { groupProps, labelProps } = useCheckboxGroup(said, state);
  return (
    <Group {...groupProps}>
      <span {...labelProps} className="label">
        {label}
      </span>
      {keys.map((key) => (
        <Item key={key} value={key} state={state}>
          {options[key]}
        </Item>
      ))}
    </Group>
  );
}
