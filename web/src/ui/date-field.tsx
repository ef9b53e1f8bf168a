'use client';
import { CalendarDateTime, isSameDay, parseDate, parseDateTime, today } from '@internationalized/date';
import { CalendarDays, ChevronLeft, ChevronRight } from 'lucide-react';
import { useState } from 'react';
import { Button } from 'react-aria-components/Button';
import {
  Calendar,
  CalendarCell,
  CalendarGrid,
  CalendarGridBody,
  CalendarGridHeader,
  CalendarHeaderCell,
  CalendarHeading,
} from 'react-aria-components/Calendar';
import { DateInput, DateSegment } from 'react-aria-components/DateField';
import { DatePicker } from 'react-aria-components/DatePicker';
import { Dialog } from 'react-aria-components/Dialog';
import { Group } from 'react-aria-components/Group';
import { I18nProvider } from 'react-aria-components/I18nProvider';
import { Label } from 'react-aria-components/Label';
import { Popover } from 'react-aria-components/Popover';
import styled from 'styled-components';
import { Hint, type Labelled } from './field';
import { useHere } from './here';
import { labelled, overPage, ring } from './looks';

const Wrap = styled.div`
  min-width: 0;
  .field {
    display: grid;
    gap: 4px;
  }
  ${labelled}
  .parts {
    display: flex;
    align-items: center;
    justify-content: space-between;
    min-height: 44px;
    padding: 0 0 0 10px;
    border: 1px solid var(--line);
    border-radius: 10px;
    background: var(--raised);
  }
  .parts[data-focus-within] {
    border-color: var(--madder);
  }
  .typed {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    padding: 8px 0;
    white-space: nowrap;
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
const Round = styled(Button)`
  flex: none;
  display: grid;
  place-items: center;
  width: 34px;
  min-height: 40px;
  border: 0;
  border-radius: 10px;
  background: none;
  color: var(--soft);
  cursor: pointer;
  &[data-hovered] {
    color: var(--ink);
  }
  &[data-focus-visible] {
    ${ring}
    outline-offset: -3px;
  }
  &[data-disabled] {
    color: var(--faint);
    cursor: default;
  }
  @media (pointer: coarse) {
    width: 44px;
    min-height: 44px;
  }
`;
const Over = styled(Popover)`
  ${overPage}
  padding: 10px;
  overflow: auto;
  [role='dialog'] {
    outline: none;
  }
  .month {
    display: flex;
    align-items: center;
    justify-content: space-between;
  }
  .name {
    margin: 0;
    font: 500 1.125rem/1.2 var(--serif);
  }
  th {
    width: 40px;
    font: 500 0.78125rem/1 var(--sans);
    color: var(--soft);
    padding: 6px 0;
  }
  td {
    padding: 0;
  }
`;
const Day = styled(CalendarCell)`
  display: grid;
  place-items: center;
  min-width: 40px;
  min-height: 40px;
  border-radius: 20px;
  font-variant-numeric: tabular-nums;
  cursor: pointer;
  outline: none;
  &[data-hovered] {
    background: var(--sunk);
  }
  &[data-now] {
    text-decoration: underline 2px var(--madder);
    text-underline-offset: 5px;
  }
  &[data-selected] {
    background: var(--strong);
    color: var(--on-strong);
  }
  &[data-focus-visible] {
    ${ring}
  }
  &[data-outside-month] {
    visibility: hidden;
  }
  @media (pointer: coarse) {
    min-width: 44px;
    min-height: 44px;
  }
`;
/** A month to pick a day from; today is today at the venue. */
function Month({ timeZone }: { timeZone: string }) {
  const now = today(timeZone);
  return (
    <Dialog aria-label="Pick a day">
      <Calendar>
        <div className="month">
          <Round slot="previous">
            <ChevronLeft size={18} aria-hidden />
          </Round>
          <CalendarHeading className="name" />
          <Round slot="next">
            <ChevronRight size={18} aria-hidden />
          </Round>
        </div>
        <CalendarGrid weekdayStyle="short">
          <CalendarGridHeader>{(day) => <CalendarHeaderCell>{day.slice(0, 2)}</CalendarHeaderCell>}</CalendarGridHeader>
          <CalendarGridBody>{(date) => <Day date={date} data-now={isSameDay(date, now) || undefined} />}</CalendarGridBody>
        </CalendarGrid>
      </Calendar>
    </Dialog>
  );
}
/** Where a day is picked and the clock is not yet said. */
const usualHour = 19;
interface Told extends Labelled {
  /** ISO, in nobody's time zone: "2026-11-26", or "2026-11-26T19:00"; empty while nothing is set. */
  readonly value: string;
  readonly onChange: (value: string) => void;
}

/** Day first, as it is written everywhere here; filled part by part, from the keyboard or with the arrows, or picked from a month. */
function Parts({ label, hint, value, onChange, time }: Told & { time: boolean }) {
  const read = time ? parseDateTime : parseDate;
  // What is being filled stands here until the field is left: a caller that answers late, such as an address, does not take parts away meanwhile.
  const [filling, setFilling] = useState<string | null>(null);
  const { timeZone } = useHere();
  const now = today(timeZone);
  const shown = filling ?? value;
  return (
    <Wrap onBlur={(event) => !event.currentTarget.contains(event.relatedTarget) && setFilling(null)}>
      <I18nProvider locale="en-GB">
        <DatePicker
          className="field"
          granularity={time ? 'minute' : 'day'}
          hourCycle={24}
          placeholderValue={time ? new CalendarDateTime(now.year, now.month, now.day, usualHour) : now}
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
          <Group className="parts">
            <DateInput className="typed">{(segment) => <DateSegment segment={segment} className="part" />}</DateInput>
            <Round>
              <CalendarDays size={18} aria-hidden />
            </Round>
          </Group>
          <Over placement="bottom end">
            <Month timeZone={timeZone} />
          </Over>
        </DatePicker>
      </I18nProvider>
    </Wrap>
  );
}
/** A day. */
export const DayField = (props: Told) => <Parts {...props} time={false} />;
/** A day and a time of the clock on the wall. */
export const MomentField = (props: Told) => <Parts {...props} time />;
