'use client';
import { useId } from 'react';
import styled from 'styled-components';

const Round = styled.svg`
  display: block;
  flex: none;
  .rim {
    fill: none;
    stroke: var(--line);
  }
`;

/** A glass of wine seen from above over white: core to rim, each colour computed. `tilt` draws the ellipse of a tilted glass. */
export function Glass({ stops, size, tilt = false, label }: { stops: readonly string[] | undefined; size: number; tilt?: boolean; label: string }) {
  const id = useId();
  const [rx, ry] = tilt ? [48, 36] : [46, 46];
  return (
    <Round
      width={size}
      height={tilt ? size * 0.78 : size}
      viewBox={tilt ? '-52 -40 104 80' : '-50 -50 100 100'}
      {...(label === '' ? { 'aria-hidden': true } : { role: 'img', 'aria-label': label })}
    >
      {stops !== undefined && (
        <radialGradient
          id={id}
          cx={tilt ? '0.34' : '0.5'}
          cy={tilt ? '0.6' : '0.5'}
          fx={tilt ? '0.3' : '0.5'}
          fy={tilt ? '0.62' : '0.5'}
          r={tilt ? '0.72' : '0.5'}
        >
          {stops.map((colour, i) => (
            <stop key={i} offset={i / (stops.length - 1)} stopColor={colour} />
          ))}
        </radialGradient>
      )}
      <ellipse rx={rx + 2} ry={ry + 2} fill="#ffffff" />
      <ellipse
        rx={rx - 2}
        ry={ry - 2}
        fill={stops === undefined ? 'none' : `url(#${id})`}
        strokeDasharray={stops === undefined ? '3 4' : undefined}
        stroke={stops === undefined ? 'var(--faint)' : 'none'}
      />
      <ellipse className="rim" rx={rx + 2} ry={ry + 2} />
    </Round>
  );
}
