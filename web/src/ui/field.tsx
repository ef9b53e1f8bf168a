'use client';
import { useRef } from 'react';
import { useTextField } from 'react-aria/useTextField';
import styled from 'styled-components';
import { labelled, writtenInto } from './looks';

/** A label above what it names. */
export const Field = styled.div`
  display: grid;
  gap: 4px;
  min-width: 0;
  ${labelled}
  label span {
    font-weight: 400;
  }
  input,
  textarea {
    ${writtenInto}
  }
  input[aria-invalid='true'] {
    border-color: var(--madder);
  }
  textarea {
    min-height: 90px;
    resize: vertical;
  }
`;
export interface Labelled {
  readonly label: string;
  readonly hint?: string | undefined;
  readonly error?: string | undefined;
}

/** What stands behind a label: a unit, or what to look for. */
export const Hint = ({ children }: { children: string | undefined }) => (children === undefined || children === '' ? null : <span> · {children}</span>);

/** What React Aria's text field takes of ours: nothing stands for nothing said. */
const asAria = ({ label, error }: Labelled, value: string, onChange: (value: string) => void) => ({
  label,
  value,
  onChange,
  ...(error === undefined ? {} : { isInvalid: true, errorMessage: error }),
});
export function TextField({
  value,
  onChange,
  type = 'text',
  placeholder,
  autoComplete,
  autoFocus,
  inputMode,
  name,
  readOnly,
  ...said
}: Labelled & {
  value: string;
  onChange: (value: string) => void;
  type?: 'text' | 'email' | 'password' | 'search';
  placeholder?: string;
  autoComplete?: string;
  autoFocus?: boolean;
  inputMode?: 'decimal' | 'numeric' | 'email' | 'search';
  /** The field of the contract it is: what an act refuses of that name stands beside it. */
  name?: string;
  readOnly?: boolean;
}) {
  const ref = useRef<HTMLInputElement>(null);
  const { labelProps, inputProps, errorMessageProps, validationErrors } = useTextField(
    {
      ...asAria(said, value, onChange),
      type,
      ...(placeholder === undefined ? {} : { placeholder }),
      ...(autoComplete === undefined ? {} : { autoComplete }),
      ...(autoFocus === undefined ? {} : { autoFocus }),
      ...(inputMode === undefined ? {} : { inputMode }),
      ...(name === undefined ? {} : { name }),
      ...(readOnly === undefined ? {} : { isReadOnly: readOnly }),
    },
    ref,
  );
  return (
    <Field>
      <label {...labelProps}>
        {said.label}
        <Hint>{said.hint}</Hint>
      </label>
      <input {...inputProps} ref={ref} />
      <FieldError {...errorMessageProps} says={said.error ?? validationErrors[0]} />
    </Field>
  );
}
export function TextArea({ value, onChange, rows = 3, ...said }: Labelled & { value: string; onChange: (value: string) => void; rows?: number }) {
  const ref = useRef<HTMLTextAreaElement>(null);
  const { labelProps, inputProps, errorMessageProps } = useTextField({ ...asAria(said, value, onChange), inputElementType: 'textarea' }, ref);
  return (
    <Field>
      <label {...labelProps}>
        {said.label}
        <Hint>{said.hint}</Hint>
      </label>
      <textarea {...inputProps} ref={ref} rows={rows} />
      <FieldError {...errorMessageProps} says={said.error} />
    </Field>
  );
}
interface Bare {
  /** Said to who does not see what stands beside it. */
  readonly label: string;
  readonly value: string;
  readonly onChange: (value: string) => void;
  readonly placeholder?: string;
  readonly inputMode?: 'decimal' | 'numeric' | 'text';
  readonly readOnly?: boolean;
  readonly invalid?: boolean;
  /** What stands in it is selected when it is gone to. */
  readonly selects?: boolean;
  readonly onLeave?: () => void;
  /** Where a label beside it points. */
  readonly id?: string;
}
/** A field among words, which name it; its look is its place's own. */
export function BareField({ label, value, onChange, placeholder, inputMode, readOnly, invalid, selects, onLeave, id }: Bare) {
  const ref = useRef<HTMLInputElement>(null);
  const { inputProps } = useTextField(
    {
      'aria-label': label,
      value,
      onChange,
      ...(placeholder === undefined ? {} : { placeholder }),
      ...(inputMode === undefined ? {} : { inputMode }),
      ...(readOnly === undefined ? {} : { isReadOnly: readOnly }),
      ...(invalid === undefined ? {} : { isInvalid: invalid }),
      ...(id === undefined ? {} : { id }),
      ...(onLeave === undefined ? {} : { onBlur: onLeave }),
      ...(selects === true ? { onFocus: () => ref.current?.select() } : {}),
    },
    ref,
  );
  return <input {...inputProps} ref={ref} />;
}
/** Text in the place of a text that is being rewritten: kept when it is left, given up by Escape. */
export function BareArea({ label, value, onChange, onKeep, onDrop }: Bare & { onKeep: () => void; onDrop: () => void }) {
  const ref = useRef<HTMLTextAreaElement>(null);
  const { inputProps } = useTextField(
    {
      'aria-label': label,
      value,
      onChange,
      autoFocus: true,
      inputElementType: 'textarea',
      onBlur: onKeep,
      onKeyDown: (event) => event.key === 'Escape' && onDrop(),
    },
    ref,
  );
  return <textarea {...inputProps} ref={ref} />;
}
export const FieldError = ({ says, ...props }: { says: string | undefined }) =>
  says === undefined ? null : (
    <div {...props} className="error">
      {says}
    </div>
  );
export const Trouble = styled.p`
  color: var(--madder);
  border-left: 3px solid var(--madder);
  padding: 6px 12px;
`;
