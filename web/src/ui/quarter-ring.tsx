'use client';
import { arc } from 'd3-shape';
import styled from 'styled-components';
import type { Petal } from '@rose/core/rose/rose';
import { Rose } from './rose';

export interface CompassQuarter {
  readonly key: string;
  readonly label: string;
  /** 0–1 */ readonly done: number;
  readonly current: boolean;
  readonly onPress: () => void;
}
const Wrap = styled.div`
  position: relative;
  display: grid;
  place-items: center;
  svg.ring {
    position: absolute;
    inset: 0;
    overflow: visible;
    pointer-events: none;
  }
  .back {
    fill: var(--line);
  }
  .done {
    fill: var(--ink);
  }
  .now {
    fill: var(--madder);
  }
  button {
    position: absolute;
    border: 0;
    background: var(--paper);
    color: var(--soft);
    cursor: pointer;
    font-size: 14px;
    padding: 2px 8px;
    min-height: 28px;
    border-radius: 8px;
  }
  button[aria-current='true'] {
    color: var(--madder);
    font-weight: 650;
  }
  button[data-at='0'] {
    top: -4px;
  }
  button[data-at='2'] {
    bottom: -4px;
  }
  button[data-at='1'] {
    right: -4px;
    writing-mode: vertical-rl;
    padding: 8px 2px;
  }
  button[data-at='3'] {
    left: -4px;
    writing-mode: vertical-rl;
    transform: rotate(180deg);
    padding: 8px 2px;
  }
`;

/** The rose inside the ring of the four quarters: north appearance, east aroma, south palate, west finish. Each arc fills with what was looked at. */
export function Compass({ petals, quarters, size, title }: { petals: readonly Petal[]; quarters: readonly CompassQuarter[]; size: number; title: string }) {
  const radius = size / 2 - 14;
  const shape = (from: number, to: number) => arc()({ innerRadius: radius - 3, outerRadius: radius + 3, startAngle: from, endAngle: to }) ?? '';
  const span = Math.PI / 2 - 0.3;
  return (
    <Wrap style={{ width: size, height: size }}>
      <svg className="ring" viewBox={`${-size / 2} ${-size / 2} ${size} ${size}`} aria-hidden>
        {quarters.map((quarter, i) => {
          const from = (i * Math.PI) / 2 - span / 2;
          return (
            <g key={quarter.key}>
              <path className="back" d={shape(from, from + span)} />
              {quarter.done > 0 && <path className={quarter.current ? 'now' : 'done'} d={shape(from, from + span * Math.min(1, quarter.done))} />}
            </g>
          );
        })}
      </svg>
      <Rose size={size - 70} title={title} petals={petals} />
      {quarters.map((quarter, i) => (
        <button key={quarter.key} type="button" data-at={i} aria-current={quarter.current} onClick={quarter.onPress}>
          {quarter.label}
        </button>
      ))}
    </Wrap>
  );
}
