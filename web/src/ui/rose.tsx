'use client';
import styled from 'styled-components';
import { kite, polar, roseInWords, turn, type Petal } from '@rose/core/rose/rose';

const Drawing = styled.svg`
  display: block;
  max-width: 100%;
  height: auto;
  overflow: visible;
  .dark {
    fill: var(--rose-dark, var(--madder));
  }
  .light {
    fill: var(--rose-light, var(--madder-soft));
  }
  .unsure {
    fill: var(--rose-light, var(--madder-soft));
    opacity: 0.4;
  }
  .ring {
    fill: none;
    stroke: var(--line);
    stroke-dasharray: 1 4;
  }
  .edge {
    fill: none;
    stroke: var(--line);
  }
  .stub {
    stroke: var(--faint);
    stroke-width: 1;
  }
  .over {
    fill: none;
    stroke: var(--ink);
    stroke-width: 1.4;
    stroke-linejoin: round;
  }
  text {
    font: 400 14px var(--sans);
    fill: var(--soft);
  }
  path {
    transition: d 0.25s ease-out;
  }
  &[data-tone='grey'] {
    --rose-dark: var(--facet-dark);
    --rose-light: var(--facet-light);
  }
  &[data-tone='ink'] {
    --rose-dark: var(--ink);
    --rose-light: var(--faint);
  }
`;

/**
 * The compass star of a wine's structure, or of a dish. `size` in px: 20 is a glyph, 120 a card, 360 a study with labels. A bearing that was not assessed is a
 * hairline stub; a second reading is an outline over the petals.
 */
export function Rose({
  petals,
  size,
  tone = 'wine',
  labels = false,
  title,
}: {
  petals: readonly Petal[];
  size: number;
  tone?: 'wine' | 'grey' | 'ink';
  labels?: boolean;
  title: string;
}) {
  const margin = labels ? 62 : 1;
  const radius = 100;
  const box = radius + margin;
  const count = petals.length;
  return (
    <Drawing
      width={size}
      height={size * (labels ? (box - 26) / box : 1)}
      viewBox={labels ? `${-box} ${-(box - 26)} ${2 * box} ${2 * (box - 26)}` : `${-box} ${-box} ${2 * box} ${2 * box}`}
      data-tone={tone}
      role="img"
      aria-label={`${title}: ${roseInWords(petals)}`}
    >
      {size >= 80 && [25, 50, 75].map((r) => <circle key={r} className="ring" r={r} />)}
      {size >= 80 && <circle className="edge" r={radius} />}
      {petals.map((petal, i) => {
        if (petal.value === null) {
          const [x, y] = polar(turn(i, count), 12);
          return <line key={petal.key} className="stub" x1={0} y1={0} x2={x.toFixed(2)} y2={y.toFixed(2)} />;
        }
        const shape = kite(i, count, petal.value, radius);
        return (
          <g key={petal.key}>
            {petal.upTo !== undefined && <path className="unsure" d={kite(i, count, petal.upTo, radius).whole} />}
            <path className="light" d={shape.light} />
            <path className="dark" d={shape.dark} />
          </g>
        );
      })}
      {petals.some((petal) => petal.outline !== undefined && petal.outline !== null) &&
        petals.map((petal, i) =>
          petal.outline === undefined || petal.outline === null ? null : (
            <path key={petal.key} className="over" d={kite(i, count, petal.outline, radius).whole} />
          ),
        )}
      {labels &&
        petals.map((petal, i) => {
          const angle = turn(i, count);
          const [x, y] = polar(angle, radius + 12);
          const sine = Math.sin(angle);
          return (
            <text
              key={petal.key}
              x={x.toFixed(1)}
              y={y.toFixed(1)}
              dy={Math.cos(angle) > 0.9 ? '-2' : Math.cos(angle) < -0.9 ? '12' : '5'}
              textAnchor={Math.abs(sine) < 0.1 ? 'middle' : sine > 0 ? 'start' : 'end'}
            >
              {petal.label}
            </text>
          );
        })}
    </Drawing>
  );
}
