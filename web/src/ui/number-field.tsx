'use client';
import { useState } from 'react';
import { TextField } from './field';

/** A number as it is typed; what is not yet a number in range stays in the field with its reason and is not saved. */
export function NumberField({
  label,
  unit,
  low,
  high,
  value,
  onChange,
}: {
  label: string;
  unit: string;
  low: number;
  high: number;
  value: number | undefined;
  onChange: (value: number | undefined) => void;
}) {
  const [typed, setTyped] = useState<string | null>(null);
  const text = typed ?? (value === undefined ? '' : String(value));
  const parsed = Number(text.replace(',', '.'));
  const wrong =
    text.trim() !== '' && (!Number.isFinite(parsed) ? 'not a number' : parsed < low || parsed > high ? `between ${low} and ${high} ${unit}` : undefined);
  return (
    <div onBlur={() => !wrong && setTyped(null)}>
      <TextField
        label={label}
        hint={unit}
        inputMode="decimal"
        value={text}
        error={wrong || undefined}
        onChange={(next) => {
          setTyped(next);
          const number = Number(next.replace(',', '.'));
          if (next.trim() === '') onChange(undefined);
          else if (Number.isFinite(number) && number >= low && number <= high) onChange(number);
        }}
      />
    </div>
  );
}
