'use client';
import { useRef, useState } from 'react';
import { useTextField } from 'react-aria/useTextField';
import { Field, FieldError, Hint } from './field';

/** A page key steps so many times. */
const page = 10;
/** The nearest number a step can reach: 12.30000000004 is 12.3. */
const tidy = (value: number): number => Number(value.toFixed(6));

/**
 * A number as it is typed, with a point or a comma; what is not yet a number in range stays in the field with its reason and is not saved. The arrow keys step
 * it, the page keys ten steps at once; a step never leaves the range.
 */
export function NumberField({
  label,
  unit,
  low,
  high,
  value,
  onChange,
  step = 1,
}: {
  label: string;
  unit: string;
  low: number;
  high: number;
  value: number | undefined;
  onChange: (value: number | undefined) => void;
  step?: number;
}) {
  const ref = useRef<HTMLInputElement>(null);
  const [typed, setTyped] = useState<string | null>(null);
  const text = typed ?? (value === undefined ? '' : String(value));
  const parsed = Number(text.replace(',', '.'));
  const wrong =
    text.trim() === ''
      ? undefined
      : !Number.isFinite(parsed)
        ? 'not a number'
        : parsed < low || parsed > high
          ? `between ${low} and ${high} ${unit}`
          : undefined;
  const stepBy = (by: number) => {
    setTyped(null);
    onChange(tidy(Math.min(high, Math.max(low, (value ?? (by > 0 ? low - step : low + step)) + by * step))));
  };
  const steps: Readonly<Record<string, number>> = { ArrowUp: 1, ArrowDown: -1, PageUp: page, PageDown: -page };
  const { labelProps, inputProps, errorMessageProps } = useTextField(
    {
      label,
      inputMode: 'decimal',
      value: text,
      isInvalid: wrong !== undefined,
      ...(wrong === undefined ? {} : { errorMessage: wrong }),
      onChange: (next) => {
        setTyped(next);
        const number = Number(next.replace(',', '.'));
        if (next.trim() === '') onChange(undefined);
        else if (Number.isFinite(number) && number >= low && number <= high) onChange(number);
      },
      onBlur: () => wrong === undefined && setTyped(null),
      onKeyDown: (event) => {
        const by = steps[event.key];
        if (by === undefined || event.altKey || event.ctrlKey || event.metaKey) return;
        event.preventDefault();
        stepBy(by);
      },
    },
    ref,
  );
  return (
    <Field>
      <label {...labelProps}>
        {label}
        <Hint>{unit}</Hint>
      </label>
      <input {...inputProps} autoComplete="off" ref={ref} />
      <FieldError {...errorMessageProps} says={wrong} />
    </Field>
  );
}
