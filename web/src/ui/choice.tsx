'use client';
import type { ReactNode } from 'react';
import styled from 'styled-components';

const Group = styled.fieldset`
  border: 0;
  margin: 0;
  padding: 10px 0;
  display: grid;
  grid-template-columns: 112px minmax(0, 1fr);
  gap: 4px 16px;
  border-bottom: 1px solid var(--line);
  align-items: baseline;
  min-width: 0;
  legend {
    display: contents;
  }
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

/** One of a few words. Choosing the chosen one again clears it: "not looked at" is an answer of its own. */
export function Choice({
  name,
  label,
  hint,
  aside,
  options,
  value,
  onChange,
  swatch,
  bare,
}: {
  name: string;
  label: string;
  hint?: string | undefined;
  /** Stands below the hint. */
  aside?: ReactNode;
  options: Readonly<Record<string, string>>;
  value: string | undefined;
  onChange: (value: string | undefined) => void;
  swatch?: (id: string) => string | undefined;
  bare?: boolean;
}) {
  return (
    <Group data-bare={bare}>
      <legend>
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
      </legend>
      <div className="options" role="radiogroup" aria-label={label}>
        {Object.entries(options).map(([id, word]) => (
          <Option key={id} data-on={value === id}>
            <input
              type="radio"
              name={name}
              value={id}
              checked={value === id}
              onChange={() => onChange(id)}
              onClick={() => value === id && onChange(undefined)}
              onKeyDown={(event) => (event.key === 'Delete' || event.key === 'Backspace') && onChange(undefined)}
            />
            {swatch?.(id) !== undefined && <i style={{ background: swatch(id) }} />}
            {word}
          </Option>
        ))}
      </div>
    </Group>
  );
}
