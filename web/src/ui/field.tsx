'use client';
import { useId, type HTMLInputTypeAttribute } from 'react';
import styled from 'styled-components';

const Wrap = styled.div`
  display: grid;
  gap: 4px;
  min-width: 0;
  label {
    font-size: 0.8125rem;
    color: var(--soft);
  }
  label span {
    font-weight: 400;
  }
  label[data-hidden='true'] {
    position: absolute;
    width: 1px;
    height: 1px;
    overflow: hidden;
    clip-path: inset(50%);
  }
  input,
  select,
  textarea {
    min-height: 44px;
    min-width: 0;
    width: 100%;
    padding: 8px 12px;
    border: 1px solid var(--line);
    border-radius: 10px;
    background: var(--raised);
  }
  input[aria-invalid='true'] {
    border-color: var(--madder);
  }
  textarea {
    min-height: 90px;
    resize: vertical;
  }
  .error {
    color: var(--madder);
    font-size: 0.8125rem;
  }
`;
interface Shared {
  readonly label: string;
  readonly hint?: string | undefined;
  readonly error?: string | undefined;
}

/** What stands behind a label: a unit, or what to look for. */
const Hint = ({ children }: { children: string | undefined }) => (children === undefined || children === '' ? null : <span> · {children}</span>);

export function TextField({
  label,
  hint,
  error,
  value,
  onChange,
  type = 'text',
  placeholder,
  autoComplete,
  autoFocus,
  list,
  inputMode,
  name,
}: Shared & {
  value: string;
  onChange: (value: string) => void;
  type?: HTMLInputTypeAttribute;
  placeholder?: string;
  autoComplete?: string;
  autoFocus?: boolean;
  list?: string;
  inputMode?: 'decimal' | 'numeric' | 'email' | 'search';
  name?: string;
}) {
  const id = useId();
  return (
    <Wrap>
      <label htmlFor={id}>
        {label}
        <Hint>{hint}</Hint>
      </label>
      <input
        id={id}
        name={name}
        type={type}
        value={value}
        placeholder={placeholder}
        autoComplete={autoComplete}
        autoFocus={autoFocus}
        list={list}
        inputMode={inputMode}
        aria-invalid={error !== undefined}
        aria-describedby={error === undefined ? undefined : `${id}-error`}
        onChange={(event) => onChange(event.target.value)}
      />
      {error !== undefined && (
        <div className="error" id={`${id}-error`}>
          {error}
        </div>
      )}
    </Wrap>
  );
}
export function TextArea({ label, hint, error, value, onChange, rows = 3 }: Shared & { value: string; onChange: (value: string) => void; rows?: number }) {
  const id = useId();
  return (
    <Wrap>
      <label htmlFor={id}>
        {label}
        <Hint>{hint}</Hint>
      </label>
      <textarea id={id} rows={rows} value={value} onChange={(event) => onChange(event.target.value)} />
      {error !== undefined && <div className="error">{error}</div>}
    </Wrap>
  );
}
export function SelectField<K extends string, E extends string | undefined = undefined>({
  label,
  hint,
  error,
  value,
  onChange,
  options,
  empty,
  hideLabel,
}: Shared & {
  hideLabel?: boolean;
  value: NoInfer<K> | '';
  /** Only what stands among the options, or nothing where `empty` says what that is. */
  onChange: (value: E extends string ? K | '' : K) => void;
  options: Readonly<Partial<Record<K, string>>>;
  empty?: E;
}) {
  const id = useId();
  return (
    <Wrap>
      <label htmlFor={id} data-hidden={hideLabel}>
        {label}
        <Hint>{hint}</Hint>
      </label>
      <select id={id} value={value} onChange={(event) => onChange(event.target.value as K)}>
        {empty !== undefined && <option value="">{empty}</option>}
        {Object.entries<string | undefined>(options).map(([key, word]) => (
          <option key={key} value={key}>
            {word}
          </option>
        ))}
      </select>
      {error !== undefined && <div className="error">{error}</div>}
    </Wrap>
  );
}
export const Trouble = styled.p`
  color: var(--madder);
  border-left: 3px solid var(--madder);
  padding: 6px 12px;
`;
