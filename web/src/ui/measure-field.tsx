'use client';
import { useState } from 'react';
import {
  bothTemperatures,
  bothVolumes,
  doubtfulServing,
  readTemperature,
  readVolume,
  showTemperature,
  showVolume,
  type TemperatureUnit,
  type VolumeUnit,
} from '@rose/core/wine/measure';
import { TextField } from './field';

interface Shared {
  readonly label: string;
  readonly value: number | undefined;
  readonly low: number;
  readonly high: number;
  readonly onChange: (value: number | undefined) => void;
}
/** A volume, typed in either unit ("5 oz", "150"), kept in mL, shown in both. */
export function VolumeField({ unit, ...field }: Shared & { unit: VolumeUnit }) {
  return (
    <Measure
      {...field}
      read={(text) => readVolume(text, unit)}
      show={(ml) => showVolume(ml, unit)}
      both={(ml) => bothVolumes(ml, unit)}
      wrong="a volume, such as 50 mL or 5 oz"
    />
  );
}
/** A temperature, typed in either unit ("62F", "9"), kept in °C, shown in both. Above 30 °C it is asked about. */
export function TemperatureField({ unit, serving = false, ...field }: Shared & { unit: TemperatureUnit; serving?: boolean }) {
  return (
    <Measure
      {...field}
      read={(text) => readTemperature(text, unit)}
      show={(celsius) => showTemperature(celsius, unit)}
      both={(celsius) => bothTemperatures(celsius, unit)}
      wrong="a temperature, such as 9 °C or 48 °F"
      doubt={(celsius) =>
        serving && celsius > doubtfulServing ? `${Math.round(celsius)} °C is hot for wine. Did you mean ${Math.round(celsius)} °F? Type the unit.` : undefined
      }
    />
  );
}
function Measure({
  label,
  value,
  low,
  high,
  onChange,
  read,
  show,
  both,
  wrong,
  doubt,
}: Shared & {
  read: (text: string) => number | undefined;
  show: (value: number) => string;
  both: (value: number) => string;
  wrong: string;
  doubt?: (value: number) => string | undefined;
}) {
  const [typed, setTyped] = useState<string | null>(null);
  const text = typed ?? (value === undefined ? '' : show(value));
  const parsed = typed === null ? value : read(typed);
  const asked = parsed === undefined ? undefined : doubt?.(parsed);
  const error =
    text.trim() === ''
      ? undefined
      : parsed === undefined
        ? wrong
        : (asked ?? (parsed < low || parsed > high ? `between ${show(low)} and ${show(high)}` : undefined));
  return (
    <div onBlur={() => error === undefined && setTyped(null)}>
      <TextField
        label={label}
        {...(typed !== null && parsed !== undefined && error === undefined ? { hint: both(parsed) } : {})}
        value={text}
        error={error}
        onChange={(next) => {
          setTyped(next);
          const found = read(next);
          if (next.trim() === '') onChange(undefined);
          else if (found !== undefined && found >= low && found <= high && doubt?.(found) === undefined) onChange(found);
        }}
      />
    </div>
  );
}
