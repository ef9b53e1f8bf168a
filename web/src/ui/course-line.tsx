'use client';
import { scaleLinear, scalePoint } from 'd3-scale';
import { area, curveMonotoneX, line } from 'd3-shape';
import styled from 'styled-components';

export interface CoursePoint {
  readonly id: string;
  readonly name: string;
  readonly height: number;
  readonly strain: number;
  readonly word: string;
  readonly why: string;
}
/** A rest after a wine: water and bread, or cheese. */
export interface CourseRest {
  readonly after: string;
  readonly label: string;
}
const Drawing = styled.svg`
  display: block;
  width: 100%;
  height: auto;
  overflow: visible;
  .curve {
    fill: none;
    stroke: var(--ink);
    stroke-width: 2;
  }
  .under {
    fill: var(--ink);
    opacity: 0.05;
  }
  .stem {
    stroke: var(--line);
  }
  .level {
    stroke: var(--line);
    stroke-dasharray: 1 4;
  }
  .mark {
    fill: var(--paper);
    stroke: var(--ink);
    stroke-width: 2;
  }
  .jolt {
    stroke: var(--madder);
    stroke-width: 3.5;
    fill: none;
  }
  text {
    font: 400 12.5px var(--sans);
    fill: var(--soft);
  }
  .n {
    font-weight: 650;
    fill: var(--ink);
    text-anchor: middle;
  }
  .rest {
    fill: var(--sea);
  }
  .rest-word {
    fill: var(--sea);
    font-weight: 650;
    text-anchor: middle;
  }
  .flag {
    fill: var(--madder);
    font-weight: 650;
    text-anchor: middle;
  }
  /* The drawing shrinks to a phone, its words do not. */
  @media (max-width: 40em) {
    text {
      font-size: 22px;
    }
  }
`;

/** The flight as a line: numbered marks from left to right, the palate load as a curve above them, and each step the palate would notice in red with its figure. */
export function CourseLine({ points, rests = [], height = 200 }: { points: readonly CoursePoint[]; rests?: readonly CourseRest[]; height?: number }) {
  const width = 880;
  const left = 60;
  const base = height - 30;
  const x = scalePoint(
    points.map((point) => point.id),
    [left + 40, width - 40],
  );
  const y = scaleLinear([0, 100], [base, 24]);
  const at = (point: CoursePoint): [number, number] => [x(point.id) ?? left, y(point.height)];
  const curve = line<CoursePoint>(
    (point) => at(point)[0],
    (point) => at(point)[1],
  ).curve(curveMonotoneX);
  const under = area<CoursePoint>(
    (point) => at(point)[0],
    base,
    (point) => at(point)[1],
  ).curve(curveMonotoneX);
  const says = points
    .map(
      (point, i) =>
        `${i + 1}, ${point.name}, palate load ${Math.round(point.height)} of 100${i === 0 ? '' : `, ${point.word}, strain ${point.strain.toFixed(1)}`}`,
    )
    .join('; ')
    .concat(rests.map((rest) => `; ${rest.label} after ${points.find((point) => point.id === rest.after)?.name ?? ''}`).join(''));
  return (
    <Drawing viewBox={`0 0 ${width} ${height}`} role="img" aria-label={`The course line. ${says}`}>
      <text x={0} y={12}>
        what the palate carries, 0–100
      </text>
      {(
        [
          ['full', 80],
          ['medium', 50],
          ['light', 20],
        ] as const
      ).map(([word, level]) => (
        <g key={word}>
          <text x={0} y={y(level) + 4}>
            {word}
          </text>
          <line className="level" x1={left} x2={width} y1={y(level)} y2={y(level)} />
        </g>
      ))}
      {points.length > 1 && <path className="under" d={under(points) ?? ''} />}
      {points.length > 1 && <path className="curve" d={curve(points) ?? ''} />}
      {points.map((point, i) => {
        const [px, py] = at(point);
        const before = points[i - 1];
        const [bx, by] = before === undefined ? [px, py] : at(before);
        return (
          <g key={point.id}>
            <line className="stem" x1={px} x2={px} y1={py} y2={base} />
            {before !== undefined && point.strain >= 6 && (
              <g>
                <path
                  className="jolt"
                  d={
                    line().curve(curveMonotoneX)([
                      [bx + (px - bx) * 0.25, by + (py - by) * 0.16],
                      [bx + (px - bx) * 0.5, by + (py - by) * 0.5],
                      [bx + (px - bx) * 0.75, by + (py - by) * 0.84],
                    ]) ?? ''
                  }
                />
                <text className="flag" x={(px + bx) / 2} y={Math.min(py, by) - 14}>
                  {point.word}, +{point.strain.toFixed(0)} strain
                </text>
                <title>{point.why}</title>
              </g>
            )}
            <circle className="mark" cx={px} cy={py} r={6.5} />
            <text className="n" x={px} y={base + 18}>
              {i + 1}
            </text>
          </g>
        );
      })}
      {rests.map((rest) => {
        const i = points.findIndex((point) => point.id === rest.after);
        const [from, to] = [points[i], points[i + 1]];
        if (from === undefined || to === undefined) return null;
        const middle = (at(from)[0] + at(to)[0]) / 2;
        return (
          <g key={rest.after}>
            <path className="rest" d={`M ${middle} ${base - 34} l 7 7 l -7 7 l -7 -7 z`} />
            <text className="rest-word" x={middle} y={base - 6}>
              {rest.label}
            </text>
          </g>
        );
      })}
    </Drawing>
  );
}
