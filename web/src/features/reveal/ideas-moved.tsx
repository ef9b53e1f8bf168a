'use client';
import { scaleBand, scaleLinear } from 'd3-scale';
import styled from 'styled-components';
import { counted, listed } from '@rose/core/wine/plural';
import type { CallsFound } from './unmask';

type Moved = CallsFound['facts'][number]['moved'];
const Figure = styled.figure`
  margin: 18px 0 0;
  max-width: 520px;
  figcaption {
    color: var(--soft);
    font-size: 0.9375rem;
    margin-bottom: 6px;
  }
  svg {
    display: block;
    width: 100%;
    height: auto;
  }
  text {
    font: 400 13px var(--sans);
    fill: var(--ink);
  }
  .axis text,
  .soft {
    fill: var(--soft);
  }
  .whole {
    fill: var(--sea);
  }
  .near {
    fill: var(--sea-soft);
    stroke: var(--sea);
  }
  .wrong {
    fill: var(--soft);
  }
  .none {
    fill: none;
    stroke: var(--line);
  }
`;
const [width, height, left, bottom, top] = [520, 190, 40, 26, 10];
const kinds = ['whole', 'near', 'wrong', 'none'] as const;
const kindNames: Readonly<Record<(typeof kinds)[number], string>> = { whole: 'right', near: 'near', wrong: 'wrong', none: 'no idea yet' };
const names: Readonly<Record<Moved[number]['at'], string>> = {
  before: 'before a look',
  appearance: 'eye',
  aroma: 'nose',
  palate: 'palate',
  finish: 'finish',
  verdict: 'at the end',
};
/** How the table's ideas moved: after each look a column of people, right at the bottom, those without an idea on top. */
export function IdeasMoved({ fact, moved }: { fact: string; moved: Moved }) {
  const people = kinds.reduce((sum, kind) => sum + moved[0]![kind], 0);
  const x = scaleBand<string>()
    .domain(moved.map((stage) => stage.at))
    .range([left, width - 110])
    .paddingInner(0.3);
  const y = scaleLinear()
    .domain([0, people])
    .range([height - bottom, top]);
  const said = moved
    .map((stage) => `after the ${names[stage.at]}: ${listed(kinds.filter((kind) => stage[kind] > 0).map((kind) => `${stage[kind]} ${kindNames[kind]}`))}`)
    .join('; ');
  return (
    <Figure>
      <figcaption>
        How the ideas of the {fact} moved, {counted(people, 'person', 'people')}
      </figcaption>
      <svg viewBox={`0 0 ${width} ${height}`} role="img" aria-label={said}>
        <g className="axis">
          {[0, people].map((n) => (
            <text key={n} x={left - 8} y={y(n)} textAnchor="end" dominantBaseline="central">
              {n}
            </text>
          ))}
          <line x1={left} x2={width - 110} y1={y(0)} y2={y(0)} stroke="var(--line)" />
        </g>
        {moved.map((stage, at) => {
          let below = 0;
          return (
            <g key={stage.at}>
              {kinds.map((kind) => {
                const n = stage[kind];
                const from = below;
                below += n;
                if (n === 0) return null;
                const last = at === moved.length - 1;
                return (
                  <g key={kind}>
                    <rect className={kind} x={x(stage.at)} width={x.bandwidth()} y={y(from + n) + 1} height={Math.max(1, y(from) - y(from + n) - 2)} rx="2" />
                    {last && (
                      <text x={width - 100} y={(y(from) + y(from + n)) / 2} dominantBaseline="central">
                        {n} {kindNames[kind]}
                      </text>
                    )}
                  </g>
                );
              })}
              <text className="soft" x={x(stage.at)! + x.bandwidth() / 2} y={height - 8} textAnchor="middle">
                {names[stage.at]}
              </text>
            </g>
          );
        })}
      </svg>
    </Figure>
  );
}
