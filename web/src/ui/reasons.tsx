'use client';
import styled from 'styled-components';
import { signed } from '@rose/core/wine/search-folding';

export interface ReasonLine {
  readonly id: string;
  readonly title: string;
  readonly text: string;
  readonly push: number;
  readonly source?: string | undefined;
}
const List = styled.ul`
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 0;
  li {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 180px 48px;
    gap: 12px;
    align-items: center;
    padding: 6px 0;
    border-bottom: 1px solid var(--line);
    font-size: 0.875rem;
  }
  small {
    display: block;
    color: var(--soft);
    font-size: 0.78125rem;
    line-height: 1.35;
  }
  svg {
    display: block;
    width: 100%;
    height: 14px;
  }
  b {
    text-align: right;
    font-weight: 500;
  }
  .up {
    fill: var(--sea);
  }
  .down {
    fill: var(--madder);
  }
  .zero {
    stroke: var(--line);
  }
  .total {
    font-weight: 650;
    border-bottom: 0;
    b {
      font-weight: 700;
    }
  }
  @media (max-width: 40em) {
    li {
      grid-template-columns: minmax(0, 1fr) 70px 44px;
    }
  }
`;

/** Reasons that add up: each with its bar, its sentence and its source, and the total last. */
export function Reasons({ lines, total, totalLabel, digits = 0 }: { lines: readonly ReasonLine[]; total: number; totalLabel: string; digits?: number }) {
  const most = Math.max(8, ...lines.filter((line) => line.id !== 'start').map((line) => Math.abs(line.push)));
  return (
    <List>
      {lines.map((line, i) => (
        <li key={`${line.id}${i}`}>
          <span>
            {line.title}
            <small>
              {line.text}
              {line.source !== undefined && line.source !== 'common practice' ? ` (${line.source})` : ''}
            </small>
          </span>
          {line.id === 'start' ? (
            <span />
          ) : (
            // A point of a push is a unit of the drawing: its frame is the scale.
            <svg viewBox={`${-most} 0 ${2 * most} 14`} preserveAspectRatio="none" aria-hidden>
              <line className="zero" x1={0} x2={0} y1={0} y2={14} vectorEffect="non-scaling-stroke" />
              <rect className={line.push > 0 ? 'up' : 'down'} x={Math.min(0, line.push)} width={Math.abs(line.push)} y={3} height={8} />
            </svg>
          )}
          <b>{line.id === 'start' ? String(line.push) : signed(line.push, digits)}</b>
        </li>
      ))}
      <li className="total">
        <span>{totalLabel}</span>
        <span />
        <b>{total.toFixed(digits)}</b>
      </li>
    </List>
  );
}
