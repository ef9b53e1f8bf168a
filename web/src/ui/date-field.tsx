'use client';
import { parseDate, parseDateTime } from '@internationalized/date';
import { useState } from 'react';
import { DateField, DateInput, DateSegment } from 'react-aria-components/DateField';
import { I18nProvider } from 'react-aria-components/I18nProvider';
import { Label } from 'react-aria-components/Label';
import styled from 'styled-components';
import { Hint, type Labelled } from './field';
import { labelled } from './looks';

const Wrap = styled.div`
  min-width: 0;
  .field {
    display: grid;
    gap: 4px;
  }
  ${labelled}
  .parts {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    min-height: 44px;
    padding: 8px 12px;
    border: 1px solid var(--line);
    border-radius: 10px;
    background: var(--raised);
    white-space: nowrap;
  }
  .parts[data-focus-within] {
    border-color: var(--madder);
  }
  .part {
    padding: 0 1px;
    border-radius: 4px;
    outline: none;
    font-variant-numeric: tabular-nums;
  }
  .part[role='spinbutton'] {
    display: inline-grid;
    place-items: center;
    min-width: 24px;
    min-height: 24px;
  }
  .part[data-type='literal'] {
    padding: 0;
  }
  .part[data-placeholder] {
    color: var(--soft);
  }
  .part[data-focused] {
    background: var(--strong);
    color: var(--on-strong);
  }
`;
interface Told extends Labelled {
  /** ISO, in nobody's time zone: "2026-11-26", or "2026-11-26T19:00"; empty while nothing is set. */
  readonly value: string;
  readonly onChange: (value: string) => void;
}

/** Day first, as it is written everywhere here; filled part by part, from the keyboard or with the arrows. */
function Parts({ label, hint, value, onChange, time }: Told & { time: boolean }) {
  const read = time ? parseDateTime : parseDate;
  // What is being filled stands here until the field is left: a caller that answers late, such as an address, does not take parts away meanwhile.
  const [filling, setFilling] = useState<string | null>(null);
  const shown = filling ?? value;
  return (
    <Wrap onBlur={(event) => !event.currentTarget.contains(event.relatedTarget) && setFilling(null)}>
      <I18nProvider locale="en-GB">
        <DateField
          className="field"
          granularity={time ? 'minute' : 'day'}
          hourCycle={24}
          value={shown === '' ? null : read(shown)}
          onChange={(set) => {
            const text = set === null ? '' : set.toString().slice(0, time ? 16 : 10);
            setFilling(text);
            // A year of one figure is one that is being typed.
            if (set === null || set.year >= 1000) onChange(text);
          }}
        >
          <Label className="label">
            {label}
            <Hint>{hint}</Hint>
          </Label>
          <DateInput className="parts">{(segment) => <DateSegment segment={segment} className="part" />}</DateInput>
        </DateField>
      </I18nProvider>
    </Wrap>
  );
}
/** A day. */
export const DayField = (props: Told) => <Parts {...props} time={false} />;
/** A day and a time of the clock on the wall. */
export const MomentField = (props: Told) => <Parts {...props} time />;
