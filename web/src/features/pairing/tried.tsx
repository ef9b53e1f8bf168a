'use client';
import { scaleLinear } from 'd3-scale';
import Link from 'next/link';
import styled from 'styled-components';
import { dayInWords } from '@rose/core/wine/day';
import { counted } from '@rose/core/wine/plural';
import { signed } from '@rose/core/wine/search-folding';
import type { AnswerOf } from '@/contract/answers';
import { Frame, Page } from '@/ui/frame';
import { WayBack } from '@/ui/way-back';

type Found = AnswerOf<'pairing', 'findings'>;
const Rows = styled.ul`
  list-style: none;
  margin: 10px 0 26px;
  padding: 0;
  border-top: 1px solid var(--line);
  li {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 240px;
    gap: 4px 24px;
    padding: 10px 0;
    border-bottom: 1px solid var(--line);
    align-items: center;
  }
  .name {
    font: 500 1.1875rem/1.25 var(--serif);
    display: block;
  }
  small {
    color: var(--soft);
    display: block;
    font-size: 0.875rem;
  }
  @media (max-width: 47.5em) {
    li {
      grid-template-columns: 1fr;
    }
  }
`;
const most = 2;
const width = 240;
const x = scaleLinear()
  .domain([0, most])
  .range([12, width - 12])
  .clamp(true);
const scale = [
  { at: 0, text: 'not at all', anchor: 'start' },
  { at: x(1), text: 'as the rules', anchor: 'middle' },
  { at: width, text: 'twice', anchor: 'end' },
] as const;
/** By what a family counts, 0 to twice the rules, with its interval: what reaches further is cut at the edge. */
function Factor({ mean, low, high, told }: { mean: number; low: number; high: number; told: boolean }) {
  const said = `counts ${mean.toFixed(1)} of what the rules have, ${Math.max(0, low).toFixed(1)} to ${high.toFixed(1)}`;
  return (
    <svg width={width} height="46" viewBox={`0 0 ${width} 46`} role="img" aria-label={said}>
      <line x1={x(0)} x2={x(most)} y1="22" y2="22" stroke="var(--line)" />
      <line x1={x(1)} x2={x(1)} y1="12" y2="32" stroke="var(--soft)" />
      <line x1={x(low)} x2={x(high)} y1="22" y2="22" stroke={told ? 'var(--ink)' : 'var(--soft)'} strokeWidth="3" strokeLinecap="round" />
      <circle cx={x(mean)} cy="22" r="6" fill={told ? 'var(--madder)' : 'var(--raised)'} stroke={told ? 'var(--madder)' : 'var(--soft)'} strokeWidth="2" />
      {scale.map(({ at, text, anchor }) => (
        <text key={text} x={at} y="44" textAnchor={anchor} fontSize="11" fill="var(--soft)">
          {text}
        </text>
      ))}
    </svg>
  );
}

const figure = ({ shown, band }: { shown: number; band: string }) => `${band}, ${Math.round(shown)}`;
/** What was tried with what, what bites did to wines, and what both come to beside the rules. */
export function Tried({ tries, bites, findings }: Found) {
  const spoken = findings.filter(({ says }) => says !== undefined);
  const rest = findings.filter(({ says, tries: count }) => says === undefined && count > 0);
  return (
    <Frame>
      <Page>
        <WayBack steps={[{ href: '/pairing', name: 'Table' }]} />
        <div className="title">
          <h1>Tried</h1>
          <span className="soft">
            {counted(tries.length, 'verdict')} at the Table, {counted(bites.length, 'bite')} in an evening
          </span>
        </div>
        {tries.length + bites.length === 0 ? (
          <p>
            Nothing was tried yet. On a dish’s page choose a wine and say how it went; in a flight give a wine a bite, so that it is tasted alone and then with
            it. From six tries on, what you find is set beside what the rules say.
          </p>
        ) : (
          <>
            <h2>Beside the rules</h2>
            <p className="soft">
              A family of rules counts 1 as it stands. What you found moves it as far as the tries reach; the bar is where it lies with 95 % certainty. Nothing
              of it is applied unless you lean a dish’s advice by it.
            </p>
            <Rows>
              {[...spoken, ...rest].map((one) => (
                <li key={one.family}>
                  <span>{one.text}.</span>
                  <Factor mean={one.mean} low={one.low} high={one.high} told={one.says !== undefined} />
                </li>
              ))}
            </Rows>
          </>
        )}
        {bites.length > 0 && (
          <section aria-label="Wine, bite, wine again">
            <h2>Wine, bite, wine again</h2>
            <Rows>
              {bites.map((bite) => (
                <li key={`${bite.wine.id}${bite.food}`}>
                  <span>
                    <span className="name">
                      {bite.wine.name} with {bite.food}
                    </span>
                    <small>
                      Liking changed by {signed(bite.measured)} of 100 with the bite, {counted(bite.tasters, 'taster')}. The rules expect:{' '}
                      {figure(bite.expected)} of 100.
                    </small>
                  </span>
                  <span>
                    Here: {figure(bite.now)} of 100
                    <small>
                      between {Math.round(bite.low)} and {Math.round(bite.high)} with 95 % certainty
                    </small>
                  </span>
                </li>
              ))}
            </Rows>
          </section>
        )}
        {tries.length > 0 && (
          <section aria-label="Verdicts">
            <h2>Verdicts</h2>
            <Rows>
              {tries.map((one) => (
                <li key={one.id}>
                  <span>
                    <span className="name">
                      <Link href={`/pairing/${one.dish.id}`} prefetch={false}>
                        {one.dish.name}
                      </Link>{' '}
                      with {one.wine.name}
                    </span>
                    <small>{dayInWords(one.on)}</small>
                  </span>
                  <span>
                    Found: {one.found}
                    <small>the rules: {figure(one.expected)} of 100</small>
                  </span>
                </li>
              ))}
            </Rows>
          </section>
        )}
      </Page>
    </Frame>
  );
}
