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

/** The gap between two quarters, radians. */
const gap = 0.26;
const arcOf = (radius: number, thick: number, at: number, share: number) => {
  const from = (at * Math.PI) / 2 - (Math.PI / 2 - gap) / 2;
  return arc()({ innerRadius: radius - thick / 2, outerRadius: radius + thick / 2, startAngle: from, endAngle: from + (Math.PI / 2 - gap) * share }) ?? '';
};
const Arcs = styled.g`
  .back {
    fill: var(--line);
  }
  .done {
    fill: var(--ink);
  }
  .now {
    fill: var(--madder);
  }
`;
/** The four quarters as arcs, clockwise from the look, each filled as far as it was looked at. `now` are those somebody is at. */
export const QuarterArcs = ({ radius, thick, shares, now }: { radius: number; thick: number; shares: readonly number[]; now: (at: number) => boolean }) => (
  <Arcs>
    {shares.map((share, at) => (
      <g key={at}>
        <path className="back" d={arcOf(radius, thick, at, 1)} />
        {share > 0 && <path className={now(at) ? 'now' : 'done'} d={arcOf(radius, thick, at, Math.min(1, share))} />}
      </g>
    ))}
  </Arcs>
);

/** The rose inside the ring of the four quarters: north appearance, east aroma, south palate, west finish. Each arc fills with what was looked at. */
export function Compass({ petals, quarters, size, title }: { petals: readonly Petal[]; quarters: readonly CompassQuarter[]; size: number; title: string }) {
  return (
    <Wrap style={{ width: size, height: size }}>
      <svg className="ring" viewBox={`${-size / 2} ${-size / 2} ${size} ${size}`} aria-hidden>
        <QuarterArcs radius={size / 2 - 14} thick={6} shares={quarters.map(({ done }) => done)} now={(at) => quarters[at]!.current} />
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
