'use client';
import { useRef, type KeyboardEvent, type ReactNode } from 'react';
import { mergeProps } from 'react-aria/mergeProps';
import { useRadio, useRadioGroup } from 'react-aria/useRadioGroup';
import { useRadioGroupState, type RadioGroupState } from 'react-stately/useRadioGroupState';
import styled from 'styled-components';

const Frame = styled.div`
  padding: 10px 0;
  display: grid;
  grid-template-columns: 112px minmax(0, 1fr);
  gap: 4px 16px;
  border-bottom: 1px solid var(--line);
  align-items: baseline;
  min-width: 0;
  .name {
    font-weight: 600;
  }
  .hint {
    display: block;
    font-weight: 400;
    color: var(--soft);
    font-size: 0.8125rem;
    line-height: 1.3;
  }
  .options {
    display: flex;
    flex-wrap: wrap;
    gap: 6px;
  }
  &[data-bare='true'] {
    display: block;
    border: 0;
    padding: 0;
  }
  @media (max-width: 40em) {
    grid-template-columns: 1fr;
  }
`;
const Option = styled.label`
  position: relative;
  display: inline-flex;
  align-items: center;
  gap: 6px;
  min-height: 36px;
  padding: 0 13px;
  border: 1px solid var(--line);
  border-radius: 18px;
  background: var(--raised);
  cursor: pointer;
  font-size: 0.875rem;
  input {
    position: absolute;
    inset: 0;
    opacity: 0;
    margin: 0;
    cursor: pointer;
  }
  &[data-on='true'] {
    border-color: var(--madder);
    box-shadow: inset 0 0 0 1px var(--madder);
    color: var(--madder);
    font-weight: 600;
  }
  &:has(:focus-visible) {
    outline: 2px solid var(--madder);
    outline-offset: 2px;
  }
  i {
    width: 14px;
    height: 14px;
    border-radius: 50%;
    border: 1px solid var(--line);
  }
  @media (pointer: coarse) {
    min-height: 44px;
    border-radius: 22px;
  }
`;

interface Told<K extends string> {
  readonly name: string;
  readonly label: string;
  readonly hint?: string | undefined;
  /** Stands below the hint. */
  readonly aside?: ReactNode;
  readonly options: Readonly<Record<K, string>>;
  readonly value: NoInfer<K> | undefined;
  readonly onChange: (value: NoInfer<K> | undefined) => void;
  readonly swatch?: (id: string) => string | undefined;
  readonly bare?: boolean;
}
/** One of a few words. Choosing the chosen one again clears it: "not looked at" is an answer of its own. */
export const Choice = <K extends string>(told: Told<K>) => <Group key={told.name} {...told} />;
/** A group of another name is another group: what the library keeps of one is not taken over. */
function Group<K extends string>({ name, label, hint, aside, options, value, onChange, swatch, bare }: Told<K>) {
  // Only what stands among the options can be chosen.
  const said = { name, 'aria-label': label, value: value ?? null, onChange: (id: string) => onChange(id as K), orientation: 'horizontal' } as const;
  const state = useRadioGroupState(said);
  const { radioGroupProps } = useRadioGroup(said, state);
  return (
    <Frame data-bare={bare}>
      {bare !== true && (
        <span className="name">
          {label}
          {(hint !== undefined || aside !== undefined) && (
            <span className="hint">
              {hint} {aside}
            </span>
          )}
        </span>
      )}
      <div className="options" {...radioGroupProps}>
        {Object.entries<string>(options).map(([id, word]) => (
          <OneOption key={id} id={id} state={state} clear={() => onChange(undefined)}>
            {swatch?.(id) !== undefined && <i style={{ background: swatch(id) }} />}
            {word}
          </OneOption>
        ))}
      </div>
    </Frame>
  );
}
function OneOption({ id, state, clear, children }: { id: string; state: RadioGroupState; clear: () => void; children: ReactNode }) {
  const ref = useRef<HTMLInputElement>(null);
  const { inputProps, labelProps, isSelected } = useRadio({ value: id, children }, state, ref);
  return (
    <Option {...labelProps} data-on={isSelected}>
      <input
        {...mergeProps(inputProps, {
          onClick: () => isSelected && clear(),
          onKeyDown: (event: KeyboardEvent) => (event.key === 'Delete' || event.key === 'Backspace') && clear(),
        })}
        ref={ref}
      />
      {children}
    </Option>
  );
}
