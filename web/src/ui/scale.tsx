'use client';
import { useState, type KeyboardEvent, type ReactNode } from 'react';
import styled from 'styled-components';
import { midpoint, moved, notchWord, typedReading, widened, type Reading, type ScaleObservable } from '@rose/core/wine/observables';

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
  touch-action: pan-y;
  svg {
    position: absolute;
    inset: 0;
    width: 100%;
    height: 100%;
    overflow: visible;
    pointer-events: none;
  }
  input[type='range'] {
    position: absolute;
    inset: -4px -11px auto;
    width: calc(100% + 22px);
    height: 32px;
    margin: 0;
    opacity: 0;
    cursor: pointer;
  }
  input[type='range']:focus-visible ~ svg .mark {
    stroke: var(--ink);
    stroke-width: 2.5;
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
    input[type='range'] {
      height: 46px;
      inset: -12px -11px auto;
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
  button {
    border: 0;
    background: none;
    color: var(--soft);
    font-size: 0.75rem;
    cursor: pointer;
    padding: 4px;
    text-decoration: underline;
    text-underline-offset: 2px;
    min-height: 24px;
  }
`;

/**
 * One continuous line with five named notches. Arrows move by 5, with Shift by 1; a number can be typed; Delete clears. Unset is visibly unset, and never the middle.
 * `other` is a second reading shown as an open mark.
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
  const word = at === undefined ? 'not set' : notchWord(spec.notches, at);
  const onKey = (event: KeyboardEvent<HTMLInputElement>) => {
    if (event.key === 'Delete' || event.key === 'Backspace') onChange(undefined);
    else if (event.altKey && value !== undefined && /^Arrow(Up|Down)$/.test(event.key)) onChange(widened(value, event.key === 'ArrowUp' ? 5 : -5));
    else if (/^Arrow(Left|Right|Up|Down)$/.test(event.key)) {
      const step = (event.shiftKey ? 1 : 5) * (event.key === 'ArrowLeft' || event.key === 'ArrowDown' ? -1 : 1);
      onChange(value === undefined ? moved(50 - Math.sign(step) * 5, step) : moved(value, step));
    } else return;
    event.preventDefault();
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
        <input
          id={`${id}-range`}
          type="range"
          min={0}
          max={100}
          step={1}
          value={at ?? 50}
          aria-valuetext={at === undefined ? 'not set' : typeof value === 'number' ? `${Math.round(at)}, ${word}` : `between ${value![0]} and ${value![1]}`}
          onChange={(event) =>
            onChange(value === undefined || at === undefined ? Number(event.target.value) : moved(value, Number(event.target.value) - Math.round(at)))
          }
          onPointerUp={(event) => at === undefined && onChange(Number(event.currentTarget.value))}
          onKeyDown={onKey}
        />
        <svg aria-hidden>
          <line className="track" x1="0" x2="100%" y1="12" y2="12" />
          {Array.from({ length: 21 }, (_, i) => i * 5).map((n) => (
            <line key={n} className={n % 25 === 0 ? 'tick' : 'minor'} x1={x(n)} x2={x(n)} y1={n % 25 === 0 ? 5 : 9} y2={n % 25 === 0 ? 19 : 13} />
          ))}
          {value !== undefined && typeof value !== 'number' && <line className="span" x1={x(value[0])} x2={x(value[1])} y1="12" y2="12" />}
          {other !== undefined && (
            <svg x={x(other)} y="12" overflow="visible">
              <path className="other" d="M0,-8L6,0L0,8L-6,0Z">
                <title>{otherLabel}</title>
              </path>
            </svg>
          )}
          {at !== undefined && (
            <svg x={x(at)} y="12" overflow="visible">
              <path className="mark" d="M0,-11L7.5,0L0,11L-7.5,0Z" />
            </svg>
          )}
        </svg>
        <div className="words" aria-hidden>
          {spec.notches.map((notch) => (
            <span key={notch}>
              <i style={{ fontStyle: 'normal' }} data-on={at !== undefined && notch === word}>
                {notch}
              </i>
            </span>
          ))}
        </div>
      </Line>
      <Figure>
        <input
          aria-label={`${spec.label}, number from 0 to 100, or two for a span`}
          inputMode={typeof value === 'number' || value === undefined ? 'numeric' : 'text'}
          placeholder="–"
          value={typing ?? (value === undefined ? '' : typeof value === 'number' ? String(Math.round(value)) : `${value[0]}–${value[1]}`)}
          onFocus={(event) => event.target.select()}
          onChange={(event) => {
            const text = event.target.value.replace(/[^0-9–-]/g, '').slice(0, 7);
            setTyping(text);
            const next = typedReading(text);
            if (text === '') onChange(undefined);
            else if (next !== undefined) onChange(next);
          }}
          onBlur={() => setTyping(null)}
        />
        {value !== undefined && (
          <button
            type="button"
            onClick={() => onChange(widened(value, 5))}
            aria-label={`Less sure of ${spec.label}: widen the span`}
            aria-keyshortcuts="Alt+ArrowUp"
          >
            less sure
          </button>
        )}
        {value !== undefined && typeof value !== 'number' && (
          <button
            type="button"
            onClick={() => onChange(widened(value, -5))}
            aria-label={`Surer of ${spec.label}: narrow the span`}
            aria-keyshortcuts="Alt+ArrowDown"
          >
            surer
          </button>
        )}
        {at !== undefined && (
          <button type="button" onClick={() => onChange(undefined)} aria-label={`Clear ${spec.label}`}>
            clear
          </button>
        )}
      </Figure>
    </Row>
  );
}
