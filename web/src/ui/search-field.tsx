'use client';
import { X } from 'lucide-react';
import { useRef } from 'react';
import { useSearchField } from 'react-aria/useSearchField';
import { useSearchFieldState } from 'react-stately/useSearchFieldState';
import styled from 'styled-components';
import { BareButton } from './button';
import { Field, Hint } from './field';

const Box = styled.div`
  position: relative;
  input {
    padding-right: 42px;
  }
  input::-webkit-search-cancel-button {
    display: none;
  }
  button {
    position: absolute;
    inset: 0 0 0 auto;
    width: 42px;
    border: 0;
    background: none;
    color: var(--soft);
    cursor: pointer;
    display: grid;
    place-items: center;
  }
`;
/** Words to look for: Escape, or the cross, empties it. */
export function SearchField({
  label,
  hint,
  placeholder,
  value,
  onChange,
}: {
  label: string;
  hint?: string;
  placeholder?: string;
  value: string;
  onChange: (value: string) => void;
}) {
  const ref = useRef<HTMLInputElement>(null);
  const said = { label, value, onChange, inputMode: 'search' as const, ...(placeholder === undefined ? {} : { placeholder }) };
  const state = useSearchFieldState(said);
  const { labelProps, inputProps } = useSearchField(said, state, ref);
  return (
    <Field>
      <label {...labelProps}>
        {label}
        <Hint>{hint}</Hint>
      </label>
      <Box>
        <input {...inputProps} ref={ref} />
        {value !== '' && (
          <BareButton label="Empty the search" onPress={() => onChange('')}>
            <X size={16} aria-hidden />
          </BareButton>
        )}
      </Box>
    </Field>
  );
}
