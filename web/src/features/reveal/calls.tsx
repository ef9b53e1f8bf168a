'use client';
import styled from 'styled-components';
import { uncoverable } from '@rose/core/tasting/program';
import { capital } from '@rose/core/wine/plural';
import { IdeasMoved } from './ideas-moved';
import type { CallsFound } from './unmask';

const Fact = styled.section`
  margin: 18px 0 30px;
  h2 {
    margin-bottom: 12px;
  }
  .row {
    display: grid;
    grid-template-columns: 190px auto 1fr;
    gap: 14px;
    align-items: center;
    min-height: 36px;
  }
  .row > span:first-child {
    font: 400 1.125rem/1.2 var(--serif);
  }
  .people {
    display: flex;
    flex-wrap: wrap;
    gap: 9px;
  }
  .people svg {
    width: 22px;
    height: 22px;
  }
  .row[data-credit='whole'] path {
    fill: var(--sea);
  }
  .row[data-credit='part'] path {
    fill: var(--sea-soft);
    stroke: var(--sea);
    stroke-width: 1.5;
  }
  .row[data-credit='none'] path {
    fill: var(--soft);
  }
  .row[data-credit='no call'] path {
    fill: none;
    stroke: var(--line);
    stroke-width: 1.5;
  }
  .row small {
    color: var(--soft);
    font-size: 0.875rem;
  }
  blockquote {
    margin: 16px 0 0;
    border-left: 3px solid var(--sea);
    padding: 4px 14px;
  }
  blockquote strong {
    display: block;
  }
  @media (max-width: 30em) {
    .row {
      grid-template-columns: minmax(0, 1fr);
      gap: 4px;
      padding: 6px 0;
    }
  }
`;
/** As many marks as are drawn one by one; more are a number. */
const drawn = 24;
const Kites = ({ n }: { n: number }) => (
  <span className="people">
    {Array.from({ length: Math.min(n, drawn) }, (_, i) => (
      <svg key={i} viewBox="0 0 22 22" aria-hidden>
        <path d="M11 1 20 11 11 21 2 11Z" />
      </svg>
    ))}
    {n > drawn && <span>and {n - drawn} more</span>}
  </span>
);
/** What the table called, fact by fact: a mark for each taster, nobody named, and what guessing would have done. */
export function Calls({ calls }: { calls: CallsFound | undefined }) {
  if (calls === undefined) return null;
  const told = calls.facts.filter((entry) => entry.fact !== 'name' || entry.calls.length > 0).reverse();
  if (told.length === 0) return <p className="soft">What people called shows here when the first fact is uncovered.</p>;
  return (
    <>
      {told.map(({ fact, truth, calls: groups, none, moved, verdict, luck }) => (
        <Fact key={fact} aria-label={`Calls of the ${uncoverable[fact]}`}>
          <h2>
            {capital(uncoverable[fact])}: {truth}
          </h2>
          {groups.map((group) => (
            <div key={group.says} className="row" data-credit={group.credit === 1 ? 'whole' : group.credit > 0 ? 'part' : 'none'}>
              <span>{group.says}</span>
              <Kites n={group.people} />
              <small>
                {group.people} · {group.why}
              </small>
            </div>
          ))}
          {none > 0 && (
            <div className="row" data-credit="no call">
              <span>no call</span>
              <Kites n={none} />
              <small>{none}</small>
            </div>
          )}
          <blockquote>
            <strong>{verdict}</strong>
            {luck}
          </blockquote>
          {moved.length > 1 && <IdeasMoved fact={uncoverable[fact]} moved={moved} />}
        </Fact>
      ))}
      {calls.costs !== null && (
        <Fact aria-label="Why it costs what it costs">
          <h2>Why it costs what it costs</h2>
          {calls.costs.length === 0 ? (
            <p>Nothing on record of this wine says what made it dear or cheap.</p>
          ) : (
            calls.costs.map((reason) => (
              <p key={reason.says} style={{ padding: '4px 0' }}>
                <strong>{capital(reason.because)}</strong>
                {reason.way === 'cheaper' ? ', which saves' : ''}: {reason.says}
              </p>
            ))
          )}
        </Fact>
      )}
    </>
  );
}
