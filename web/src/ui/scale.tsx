'use client';
import { useRef, useState, type KeyboardEvent, type ReactNode, type RefObject } from 'react';
import { useSlider, useSliderThumb } from 'react-aria/useSlider';
import { useSliderState, type SliderState } from 'react-stately/useSliderState';
import styled from 'styled-components';
import { midpoint, moved, notchWord, typedReading, widened, type Reading, type ScaleObservable } from '@rose/core/wine/observables';
import { TextButton } from './button';
import { BareField } from './field';
import { unseen } from './looks';

const Row = styled.div`
  display: grid;
  grid-template-columns: 112px minmax(0, 1fr) 84px;
  gap: 0 16px;
  align-items: start;
  padding: 10px 0 8px;
  border-bottom: 1px solid var(--line);
  .name {
    font-weight: 600;
  }
  .hint {
    color: var(--soft);
    font-size: 0.8125rem;
    line-height: 1.3;
  }
  @media (max-width: 40em) {
    grid-template-columns: 1fr auto;
    padding: 12px 0;
    .line {
      grid-column: 1 / -1;
      grid-row: 2;
    }
  }
  @media (max-width: 18em) {
    grid-template-columns: minmax(0, 1fr);
    .line {
      grid-row: 3;
    }
  }
`;
const Line = styled.div`
  position: relative;
  height: 46px;
  svg {
    position: absolute;
    inset: 0;
    width: 100%;
    height: 100%;
    overflow: visible;
    pointer-events: none;
  }
  .line-track {
    position: absolute !important;
    inset: -10px 0 auto;
    height: 44px;
    cursor: pointer;
    z-index: 1;
  }
  .thumb {
    top: 22px;
    width: 24px;
    height: 44px;
    border-radius: 12px;
  }
  .thumb input {
    ${unseen}
    pointer-events: none;
  }
  .thumb:has(:focus-visible) {
    outline: 2px solid var(--madder);
    outline-offset: -6px;
  }
  &[data-unset='true'] .thumb {
    pointer-events: none;
  }
  .track,
  .tick {
    stroke: var(--ink);
    stroke-width: 1.2;
  }
  .minor {
    stroke: var(--soft);
    stroke-width: 0.8;
  }
  .mark {
    fill: var(--madder);
    transition: transform 0.1s;
  }
  .end {
    fill: var(--madder-soft);
    stroke: var(--madder);
    stroke-width: 1;
  }
  .other {
    fill: var(--paper);
    stroke: var(--ink);
    stroke-width: 1.2;
  }
  .span {
    stroke: var(--madder-soft);
    stroke-width: 7;
    opacity: 0.55;
  }
  .words {
    position: absolute;
    inset: 24px 0 auto;
    display: flex;
    justify-content: space-between;
    font-size: 0.78125rem;
    color: var(--faint);
    pointer-events: none;
  }
  .words span {
    flex: 0 0 0;
    display: flex;
    justify-content: center;
    white-space: nowrap;
  }
  .words span:first-child {
    justify-content: flex-start;
  }
  .words span:last-child {
    justify-content: flex-end;
  }
  .words i {
    font-style: normal;
  }
  .words [data-on='true'] {
    color: var(--ink);
    font-weight: 650;
  }
  &[data-unset='true'] .track {
    stroke: var(--faint);
    stroke-dasharray: 2 3;
  }
  @media (pointer: coarse) {
    height: 58px;
    .thumb {
      width: 44px;
    }
    .words {
      inset: 27px 0 auto;
    }
  }
  /* Large text on a small screen: the two ends, or the word read. */
  @media (max-width: 18em) {
    height: 70px;
    .words > span {
      min-width: 0;
    }
    .words > span:not(:first-child, :last-child, :has([data-on='true'])),
    .words:has([data-on='true']) > span:not(:has([data-on='true'])) {
      visibility: hidden;
      overflow: hidden;
    }
  }
`;
const Figure = styled.div`
  text-align: right;
  line-height: 1.25;
  input {
    width: 3.25rem;
    text-align: right;
    border: 1px solid transparent;
    border-radius: 6px;
    background: transparent;
    font-weight: 650;
    font-size: 1rem;
    padding: 2px 4px;
    appearance: textfield;
    -moz-appearance: textfield;
  }
  input::-webkit-inner-spin-button {
    display: none;
  }
  input:hover,
  input:focus {
    border-color: var(--line);
    background: var(--raised);
  }
  small {
    display: block;
    color: var(--soft);
    font-size: 0.8125rem;
    padding-right: 4px;
  }
`;

/** How the slider says a value before our own words take its place. */
const figures = new Intl.NumberFormat('en-GB');
/** Where an untouched thumb would begin; nothing shows it, and nothing is said of it. */
const middle = 50;
const endsOf = (value: Reading | undefined): number[] => (value === undefined ? [middle] : typeof value === 'number' ? [value] : [...value]);
const readingOf = (ends: readonly number[]): Reading | undefined => {
  const [low, high] = ends.map((end) => Math.round(end));
  return high === undefined || high === low ? low : [low!, high];
};

/**
 * One continuous line with five named notches: one mark for a reading, two for a span. Arrows move by 5, with Shift by 1; a number, or two, can be typed; Delete
 * clears. Unset is visibly unset, and never the middle. `other` is a second reading shown as an open mark.
 */
export function Scale({
  id,
  spec,
  value,
  other,
  otherLabel,
  aside,
  onChange,
}: {
  id: string;
  spec: ScaleObservable;
  value: Reading | undefined;
  other?: number | undefined;
  otherLabel?: string;
  /** Stands below the hint. */
  aside?: ReactNode;
  onChange: (value: Reading | undefined) => void;
}) {
  const at = value === undefined ? undefined : midpoint(value);
  const [typing, setTyping] = useState<string | null>(null);
  const word = at === undefined ? 'not set' : notchWord(spec, at);
  const ends = endsOf(value);
  const trackRef = useRef<HTMLDivElement>(null);
  const said = { 'aria-label': spec.label, minValue: 0, maxValue: 100, step: 1, value: ends, onChange: (next: number[]) => onChange(readingOf(next)) };
  const state = useSliderState({ ...said, numberFormatter: figures });
  const { groupProps, trackProps } = useSlider(said, state, trackRef);
  const move = (index: number, by: number) => {
    if (value === undefined) return onChange(moved(middle - Math.sign(by) * 5, by));
    if (typeof value === 'number') return onChange(moved(value, by));
    const next = [...value];
    const [low, high] = index === 0 ? [0, value[1]] : [value[0], 100];
    next[index] = Math.min(high, Math.max(low, value[index]! + by));
    return onChange(readingOf(next));
  };
  const onKey = (index: number) => (event: KeyboardEvent) => {
    if (event.key === 'Delete' || event.key === 'Backspace') onChange(undefined);
    else if (event.altKey && value !== undefined && /^Arrow(Up|Down)$/.test(event.key)) onChange(widened(value, event.key === 'ArrowUp' ? 5 : -5));
    else if (/^Arrow(Left|Right|Up|Down)$/.test(event.key) && !event.altKey)
      move(index, (event.shiftKey ? 1 : 5) * (event.key === 'ArrowLeft' || event.key === 'ArrowDown' ? -1 : 1));
    else return;
    event.preventDefault();
    event.stopPropagation();
  };
  // A finger that scrolls the page over a scale moves nothing: it takes hold of a mark, or taps the line.
  const byFinger = useRef(false);
  const tap = (clientX: number) => {
    const box = trackRef.current!.getBoundingClientRect();
    const to = Math.round(Math.min(100, Math.max(0, ((clientX - box.left) / box.width) * 100)));
    const nearest = ends.length === 2 && Math.abs(ends[1]! - to) < Math.abs(ends[0]! - to) ? 1 : 0;
    onChange(readingOf(ends.map((end, i) => (i === nearest ? to : end))));
  };
  const x = (n: number) => `${n}%`;
  return (
    <Row>
      <label htmlFor={`${id}-range`}>
        <span className="name">{spec.label}</span>
        {(spec.hint !== undefined || aside !== undefined) && (
          <div className="hint">
            {spec.hint} {aside}
          </div>
        )}
      </label>
      <Line className="line" data-unset={at === undefined}>
        <div {...groupProps}>
          <div
            {...trackProps}
            ref={trackRef}
            className="line-track"
            style={{ ...trackProps.style, touchAction: 'pan-y' }}
            onPointerDownCapture={(event) => {
              byFinger.current = event.pointerType === 'touch';
              if (byFinger.current && (event.target as HTMLElement).closest('.thumb') === null) event.stopPropagation();
            }}
            onClick={(event) => byFinger.current && (event.target as HTMLElement).closest('.thumb') === null && tap(event.clientX)}
          >
            {ends.map((_, index) => (
              <Thumb
                key={index}
                id={index === 0 ? `${id}-range` : `${id}-range-high`}
                index={index}
                state={state}
                trackRef={trackRef}
                label={ends.length === 1 ? spec.label : `${spec.label}, ${index === 0 ? 'low' : 'high'} end`}
                says={
                  at === undefined ? 'not set' : typeof value === 'number' ? `${Math.round(at)}, ${word}` : `${ends[index]}, between ${ends[0]} and ${ends[1]}`
                }
                onKey={onKey(index)}
              />
            ))}
          </div>
        </div>
        <svg aria-hidden>
          <line className="track" x1="0" x2="100%" y1="12" y2="12" />
          {Array.from({ length: 21 }, (_, i) => i * 5).map((n) => (
            <line key={n} className={n % 25 === 0 ? 'tick' : 'minor'} x1={x(n)} x2={x(n)} y1={n % 25 === 0 ? 5 : 9} y2={n % 25 === 0 ? 19 : 13} />
          ))}
          {ends.length === 2 && <line className="span" x1={x(ends[0]!)} x2={x(ends[1]!)} y1="12" y2="12" />}
          {other !== undefined && (
            <svg x={x(other)} y="12" overflow="visible">
              <path className="other" d="M0,-8L6,0L0,8L-6,0Z">
                <title>{otherLabel}</title>
              </path>
            </svg>
          )}
          {ends.length === 2 &&
            ends.map((end, i) => (
              <svg key={i} x={x(end)} y="12" overflow="visible">
                <path className="end" d="M0,-7L5,0L0,7L-5,0Z" />
              </svg>
            ))}
          {at !== undefined && (
            <svg x={x(at)} y="12" overflow="visible">
              <path className="mark" d={ends.length === 2 ? 'M0,-6L3.5,0L0,6L-3.5,0Z' : 'M0,-11L7.5,0L0,11L-7.5,0Z'} />
            </svg>
          )}
        </svg>
        <div className="words" aria-hidden>
          {spec.notches.map((notch) => (
            <span key={notch}>
              <i data-on={at !== undefined && notch === word}>{notch}</i>
            </span>
          ))}
        </div>
      </Line>
      <Figure>
        <BareField
          label={`${spec.label}, number from 0 to 100, or two for a span`}
          inputMode={typeof value === 'number' || value === undefined ? 'numeric' : 'text'}
          placeholder="–"
          value={typing ?? (value === undefined ? '' : typeof value === 'number' ? String(Math.round(value)) : `${value[0]}–${value[1]}`)}
          selects
          onChange={(typed) => {
            const text = typed.replace(/[^0-9–-]/g, '').slice(0, 7);
            setTyping(text);
            const next = typedReading(text);
            if (text === '') onChange(undefined);
            else if (next !== undefined) onChange(next);
          }}
          onLeave={() => setTyping(null)}
        />
        {value !== undefined && (
          <TextButton label={`Less sure of ${spec.label}: widen the span`} keys="Alt+ArrowUp" onPress={() => onChange(widened(value, 5))}>
            less sure
          </TextButton>
        )}
        {value !== undefined && typeof value !== 'number' && (
          <TextButton label={`Surer of ${spec.label}: narrow the span`} keys="Alt+ArrowDown" onPress={() => onChange(widened(value, -5))}>
            surer
          </TextButton>
        )}
        {at !== undefined && (
          <TextButton label={`Clear ${spec.label}`} onPress={() => onChange(undefined)}>
            clear
          </TextButton>
        )}
      </Figure>
    </Row>
  );
}

/** What is taken hold of: as wide as a finger, drawn by the line. */
function Thumb({
  id,
  index,
  state,
  trackRef,
  label,
  says,
  onKey,
}: {
  id: string;
  index: number;
  state: SliderState;
  trackRef: RefObject<HTMLDivElement | null>;
  label: string;
  says: string;
  onKey: (event: KeyboardEvent) => void;
}) {
  const inputRef = useRef<HTMLInputElement>(null);
  const { thumbProps, inputProps } = useSliderThumb({ index, trackRef, inputRef, 'aria-label': label }, state);
  return (
    <div {...thumbProps} className="thumb" style={{ ...thumbProps.style, touchAction: 'pan-y' }} onKeyDownCapture={onKey}>
      <input {...inputProps} ref={inputRef} id={id} aria-valuetext={says} />
    </div>
  );
}
