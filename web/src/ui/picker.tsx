'use client';
import { useEffect, useRef, useState, type ReactNode, type RefObject } from 'react';
import { useComboBox } from 'react-aria/useComboBox';
import { useListBox, useListBoxSection, useOption } from 'react-aria/useListBox';
import { Item } from 'react-stately/Item';
import { Section } from 'react-stately/Section';
import { useComboBoxState, type ComboBoxState } from 'react-stately/useComboBoxState';
import styled from 'styled-components';

const Box = styled.div`
  display: grid;
  gap: 4px;
  max-width: 560px;
  position: relative;
  label {
    font-size: 0.8125rem;
    color: var(--soft);
  }
  input {
    min-height: 46px;
    width: 100%;
    padding: 8px 14px;
    border: 1px solid var(--line);
    border-radius: 10px;
    background: var(--raised);
  }
`;
const List = styled.div`
  position: absolute;
  z-index: 10;
  top: calc(100% + 6px);
  left: 0;
  width: 100%;
  max-height: 340px;
  overflow: auto;
  background: var(--raised);
  border: 1px solid var(--line);
  border-radius: 12px;
  box-shadow: 0 12px 40px rgb(0 0 0 / 14%);
  ul {
    list-style: none;
    margin: 0;
    padding: 0;
  }
  header {
    padding: 10px 14px 2px;
    font-size: 0.78125rem;
    color: var(--soft);
  }
  [role='option'] {
    padding: 9px 14px;
    min-height: 40px;
    cursor: pointer;
    outline: none;
  }
  [role='option'][data-focused] {
    background: var(--sunk);
  }
  small {
    color: var(--soft);
    margin-left: 8px;
  }
  p {
    padding: 8px 14px;
    margin: 0;
  }
`;

/** A thing that can be picked. */
export interface PickerRow {
  readonly id: string;
  readonly name: string;
  readonly says?: string | undefined;
}
/** Things under a heading. */
export interface PickerGroup {
  readonly name: string;
  readonly rows: readonly PickerRow[];
}

/** A field that finds something by typing and hands its id on; the caller says what is found for the text. Enter takes the first where nothing is marked. */
export function Picker({
  label,
  hint,
  placeholder,
  text,
  onText,
  found,
  onPick,
  opens,
  empty,
  box,
}: {
  label: string;
  /** After the label, such as a key. */
  hint?: ReactNode;
  placeholder: string;
  text: string;
  onText: (text: string) => void;
  found: readonly PickerRow[] | readonly PickerGroup[];
  onPick: (id: string) => void;
  /** Whether the list opens with the first letter or as soon as the field has the focus. */
  opens: 'input' | 'focus';
  /** Said when nothing is found; absent, the list then closes. */
  empty?: string;
  box?: RefObject<HTMLInputElement | null>;
}) {
  const [picks, setPicks] = useState(0);
  const pick = (id: string) => {
    setPicks(picks + 1);
    onPick(id);
  };
  const own = useRef<HTMLInputElement>(null);
  const inputRef = box ?? own;
  const listBoxRef = useRef<HTMLUListElement>(null);
  const popoverRef = useRef<HTMLDivElement>(null);
  const row = ({ id, name, says }: PickerRow) => (
    <Item key={id} textValue={name}>
      {name}
      {says !== undefined && says !== '' && <small>{says}</small>}
    </Item>
  );
  const grouped = found.length > 0 && 'rows' in found[0]!;
  const props = {
    'aria-label': label,
    label: (
      <>
        {label} {hint}
      </>
    ),
    items: found as readonly (PickerRow | PickerGroup)[],
    inputValue: text,
    onInputChange: onText,
    selectedKey: null,
    onSelectionChange: (key: string | number | null) => key !== null && pick(String(key)),
    menuTrigger: opens,
    allowsEmptyCollection: empty !== undefined,
    children: grouped
      ? (group: PickerRow | PickerGroup) => (
          <Section key={group.name} title={group.name} items={(group as PickerGroup).rows}>
            {row}
          </Section>
        )
      : (entry: PickerRow | PickerGroup) => row(entry as PickerRow),
  };
  const state = useComboBoxState<PickerRow | PickerGroup>(props as never);
  // After a pick the list is shut, though the field has the focus and its text was taken out: it covers nothing.
  const { close } = state;
  const shut = useRef(close);
  useEffect(() => {
    shut.current = close;
  });
  useEffect(() => {
    if (picks > 0) shut.current();
  }, [picks]);
  const { labelProps, inputProps, listBoxProps } = useComboBox({ ...props, placeholder, inputRef, listBoxRef, popoverRef } as never, state);
  const first = grouped ? (found[0] as PickerGroup).rows[0] : (found[0] as PickerRow | undefined);
  return (
    <Box>
      <label {...labelProps}>{props.label}</label>
      <input
        {...inputProps}
        ref={inputRef}
        onKeyDown={(event) => {
          if (event.key === 'Enter' && text.trim() !== '' && first !== undefined && state.selectionManager.focusedKey === null) {
            event.preventDefault();
            pick(first.id);
          } else inputProps.onKeyDown?.(event);
        }}
      />
      {state.isOpen && (
        <List ref={popoverRef}>
          <Options state={state} listBoxRef={listBoxRef} listBoxProps={listBoxProps} />
          {state.collection.size === 0 && <p>{empty}</p>}
        </List>
      )}
    </Box>
  );
}

type State = ComboBoxState<PickerRow | PickerGroup>;
type Shown = State['collection'] extends Iterable<infer Node> ? Node : never;
function Options({ state, listBoxRef, listBoxProps: given }: { state: State; listBoxRef: RefObject<HTMLUListElement | null>; listBoxProps: object }) {
  const { listBoxProps } = useListBox(given as never, state, listBoxRef);
  return (
    <ul {...listBoxProps} ref={listBoxRef}>
      {[...state.collection].map((node) =>
        node.type === 'section' ? <Group key={node.key} node={node} state={state} /> : <Option key={node.key} node={node} state={state} />,
      )}
    </ul>
  );
}
function Group({ node, state }: { node: Shown; state: State }) {
  const { itemProps, headingProps, groupProps } = useListBoxSection({ heading: node.rendered });
  return (
    <li {...itemProps}>
      <header {...headingProps}>{node.rendered}</header>
      <ul {...groupProps}>
        {[...state.collection.getChildren!(node.key)].map((child) => (
          <Option key={child.key} node={child} state={state} />
        ))}
      </ul>
    </li>
  );
}
function Option({ node, state }: { node: Shown; state: State }) {
  const ref = useRef<HTMLLIElement>(null);
  const { optionProps, isFocused } = useOption({ key: node.key }, state, ref);
  return (
    <li {...optionProps} ref={ref} data-focused={isFocused || undefined}>
      {node.rendered}
    </li>
  );
}
