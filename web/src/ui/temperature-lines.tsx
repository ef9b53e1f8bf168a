'use client';
import { scaleLinear } from 'd3-scale';
import { line } from 'd3-shape';
import type { ReactNode } from 'react';
import styled from 'styled-components';

export interface TemperatureLine {
  readonly id: string;
  readonly name: string;
  readonly says: string;
  readonly points: readonly { readonly at: number; readonly celsius: number }[];
  readonly band: { readonly name: string; readonly low: number; readonly high: number };
  readonly pourAt: number;
  readonly atPour: number;
  readonly off: number;
  /** When it goes into and comes out of the cold. */
  readonly marks: readonly number[];
  readonly colour: string;
}
export interface ResourceUse {
  readonly label: string;
  readonly capacity: number;
  readonly uses: readonly { readonly from: number; readonly to: number; readonly amount: number }[];
}
const Drawing = styled.svg`
  display: block;
  width: 100%;
  min-width: 640px;
  height: auto;
  overflow: visible;
  text {
    font: 400 12.5px var(--sans);
    fill: var(--soft);
    font-variant-numeric: tabular-nums;
  }
  .name {
    font: 500 16px var(--serif);
    fill: var(--ink);
  }
  .value {
    font-weight: 650;
    fill: var(--ink);
  }
  .grid {
    stroke: var(--line);
  }
  .band {
    fill: var(--sea);
    opacity: 0.24;
  }
  .band-word {
    fill: var(--sea);
  }
  .curve {
    fill: none;
    stroke: var(--ink);
    stroke-width: 2;
  }
  .off .curve,
  .off .mark {
    stroke: var(--amber);
  }
  .off .value,
  .off .says {
    fill: var(--amber);
    font-weight: 650;
  }
  .mark {
    fill: var(--paper);
    stroke: var(--ink);
    stroke-width: 1.6;
  }
  .pour {
    stroke: var(--ink);
    stroke-width: 1;
  }
  .now {
    stroke: var(--madder);
    stroke-width: 1.5;
  }
  .now-word {
    fill: var(--madder);
    font-weight: 650;
  }
  .place {
    fill: var(--sunk);
  }
  .used {
    fill: var(--soft);
  }
  .used[data-full] {
    fill: var(--ink);
  }
`;
const Scroll = styled.div`
  overflow-x: auto;
`;

const width = 900;
const row = 66;
const top = 34;
const heightOf = (lines: number, resources: number) => top + lines * row + 16 + resources * 28;

/** The room the drawing will take: what stands below it does not move when it comes. */
export const RoomForLines = ({ lines, resources, children }: { lines: number; resources: number; children: ReactNode }) => (
  <Scroll tabIndex={0} role="region" aria-label="Temperatures through the afternoon">
    <div style={{ aspectRatio: `${width} / ${heightOf(lines, resources)}`, minWidth: 640 }}>{children}</div>
  </Scroll>
);

/** Each bottle's temperature through the afternoon against its band, the pour marked, and how full fridge, bucket and hands are. */
export function TemperatureLines({
  lines,
  resources,
  from,
  to,
  now,
  clock,
  show,
  showBand,
}: {
  lines: readonly TemperatureLine[];
  resources: readonly ResourceUse[];
  from: number;
  to: number;
  now: number | undefined;
  clock: (minute: number) => string;
  show: (celsius: number) => string;
  showBand: (band: { readonly low: number; readonly high: number }) => string;
}) {
  const left = 180;
  const height = heightOf(lines.length, resources.length);
  const x = scaleLinear([from, to], [left, width]);
  const everything = lines.flatMap((entry) => [entry.band.low, entry.band.high, ...entry.points.map((point) => point.celsius)]);
  const hot = Math.max(22, ...everything);
  const cold = Math.min(2, ...everything);
  const hour = 60;
  const step = to - from > 9 * hour ? 2 * hour : hour;
  const ticks: number[] = [];
  for (let minute = Math.ceil(from / step) * step; minute <= to; minute += step) ticks.push(minute);
  return (
    <Scroll tabIndex={0} role="region" aria-label="Temperatures through the afternoon">
      <Drawing
        viewBox={`0 0 ${width} ${height}`}
        role="img"
        aria-label={lines
          .map((entry) => `${entry.name}: ${show(entry.atPour)} at its pour ${clock(entry.pourAt)}, band of ${entry.band.name} ${showBand(entry.band)}`)
          .join('; ')}
      >
        {ticks.map((minute) => (
          <g key={minute}>
            <line className="grid" x1={x(minute)} x2={x(minute)} y1={top - 14} y2={height} />
            <text x={x(minute)} y={12} textAnchor="middle">
              {clock(minute)}
            </text>
          </g>
        ))}
        {lines.map((entry, i) => {
          const y0 = top + i * row;
          const y = scaleLinear([cold, hot], [y0 + row - 12, y0 + 6]);
          const path = line<{ at: number; celsius: number }>(
            (point) => x(Math.max(from, Math.min(to, point.at))),
            (point) => y(point.celsius),
          );
          const celsiusAt = (minute: number) => {
            const after = entry.points.findIndex((point) => point.at >= minute);
            const [a, b] = [entry.points[Math.max(0, after - 1)], entry.points[after]];
            if (a === undefined || b === undefined || a.at === b.at) return (b ?? a)?.celsius ?? entry.atPour;
            return a.celsius + ((b.celsius - a.celsius) * (minute - a.at)) / (b.at - a.at);
          };
          return (
            <g key={entry.id} className={entry.off === 0 ? '' : 'off'}>
              <text className="name" x={0} y={y0 + 24}>
                {entry.name.length > 21 ? `${entry.name.slice(0, 20)}…` : entry.name}
              </text>
              <text className="says" x={0} y={y0 + 42}>
                {entry.says}
              </text>
              <rect className="band" x={left} width={width - left} y={y(entry.band.high)} height={Math.max(2, y(entry.band.low) - y(entry.band.high))} />
              {/* Below the band at its left end: the curve comes from above, and the pour stands at the right. */}
              <text className="band-word" x={left + 4} y={y(entry.band.low) + 12}>
                {entry.band.name}, {showBand(entry.band)}
              </text>
              <path className="curve" d={path(entry.points.filter((point) => point.at >= from && point.at <= to)) ?? ''} />
              {entry.marks
                .filter((minute) => minute >= from && minute <= to)
                .map((minute) => (
                  <circle key={minute} className="mark" cx={x(minute)} cy={y(celsiusAt(minute))} r={4.5} />
                ))}
              <path className="pour" fill={entry.colour} d={`M ${x(entry.pourAt)} ${y(entry.atPour) - 7} l 7 7 l -7 7 l -7 -7 z`} />
              <text className="value" x={x(entry.pourAt) + 12} y={y(entry.atPour) - 7}>
                {show(entry.atPour)}
              </text>
              <line className="grid" x1={0} x2={width} y1={y0 + row - 4} y2={y0 + row - 4} />
            </g>
          );
        })}
        {resources.map((resource, i) => {
          const y0 = top + lines.length * row + 12 + i * 28;
          const edges = [...new Set(resource.uses.flatMap((use) => [use.from, use.to]))].filter((edge) => edge >= from && edge <= to).sort((a, b) => a - b);
          return (
            <g key={resource.label}>
              <text x={0} y={y0 + 14}>
                {resource.label}, {resource.capacity}
              </text>
              <rect className="place" x={left} width={width - left} y={y0} height={18} />
              {edges.slice(0, -1).map((edge, e) => {
                const used = resource.uses.filter((use) => use.from <= edge && use.to > edge).reduce((sum, use) => sum + use.amount, 0);
                if (used === 0) return null;
                const share = Math.min(1, used / Math.max(1, resource.capacity));
                return (
                  <rect
                    key={edge}
                    className="used"
                    data-full={used >= resource.capacity || undefined}
                    x={x(edge)}
                    width={Math.max(0.5, x(edges[e + 1]!) - x(edge))}
                    y={y0 + 18 * (1 - share)}
                    height={18 * share}
                  />
                );
              })}
            </g>
          );
        })}
        {now !== undefined && now >= from && now <= to && (
          <g>
            <line className="now" x1={x(now)} x2={x(now)} y1={top - 14} y2={height} />
            <text className="now-word" x={x(now) + 5} y={top - 6}>
              now
            </text>
          </g>
        )}
      </Drawing>
    </Scroll>
  );
}
