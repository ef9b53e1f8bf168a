'use client';
import { BareButton } from '@/ui/button';
import styled from 'styled-components';
import type { Fit, FitClass } from '@rose/core/pairing/dish-fit';
import { fitTitle, fitWording } from '@rose/core/pairing/wording';
import { sentence } from '@rose/core/wine/reason';
import { signed } from '@rose/core/wine/search-folding';
import { fitClasses, worthOffering, type Advice } from '@rose/knowledge/pairing';
import { Reasons } from '@/ui/reasons';

const Fits = styled.ol`
  list-style: none;
  margin: 10px 0 0;
  padding: 0;
  border-top: 1px solid var(--line);
  li {
    border-bottom: 1px solid var(--line);
  }
  li > button {
    all: unset;
    display: grid;
    grid-template-columns: minmax(0, 1fr) 54px;
    gap: 12px;
    width: 100%;
    padding: 10px 6px;
    box-sizing: border-box;
    cursor: pointer;
    align-items: center;
  }
  li > button:hover,
  li > button[aria-pressed='true'] {
    background: var(--raised);
  }
  li > button:focus-visible {
    outline: 2px solid var(--madder);
    outline-offset: -2px;
  }
  .name {
    font: 500 1.1875rem/1.25 var(--serif);
    font-variant-numeric: lining-nums;
  }
  .why {
    font-size: 0.875rem;
  }
  .up {
    color: var(--sea);
  }
  .down {
    color: var(--madder);
  }
  .n {
    font: 600 1.5rem/1 var(--serif);
    font-variant-numeric: lining-nums;
    text-align: right;
    font-variant-numeric: lining-nums;
  }
`;
const Classes = styled.dl`
  display: grid;
  grid-template-columns: 120px 1fr;
  gap: 6px 14px;
  font-size: 0.875rem;
  margin: 8px 0 0;
  dt {
    color: var(--soft);
  }
  dd {
    margin: 0;
  }
  button {
    all: unset;
    cursor: pointer;
    font-weight: 600;
    text-decoration: underline;
    text-underline-offset: 3px;
    text-decoration-color: var(--line);
  }
`;
const round = Math.round;

/** The best fits, the best of every class, why one of them fits, and what to stay away from. */
export function DishFits({
  advice,
  shown,
  nameOf,
  onChoose,
}: {
  advice: Advice;
  shown: Fit | undefined;
  nameOf: (wine: string) => string;
  onChoose: (wine: string) => void;
}) {
  return (
    <>
      <Fits>
        {advice.ranked.slice(0, 6).map((fit) => (
          <li key={fit.wine}>
            <BareButton pressed={fit.wine === shown?.wine} onPress={() => onChoose(fit.wine)}>
              <span>
                <span className="name">{nameOf(fit.wine)}</span>
                <span className="why" style={{ display: 'block' }}>
                  {brief(fit)}
                </span>
              </span>
              <span className="n">{round(fit.fit)}</span>
            </BareButton>
          </li>
        ))}
      </Fits>
      <h3 style={{ margin: '20px 0 0' }}>The best of every class</h3>
      <Classes>
        {(Object.keys(fitClasses) as FitClass[]).map((kind) => {
          const best = advice.byClass[kind];
          return (
            <div key={kind} style={{ display: 'contents' }}>
              <dt>{fitClasses[kind]}</dt>
              <dd>
                {best === undefined ? (
                  'none in this list'
                ) : best.offered ? (
                  <>
                    <BareButton onPress={() => onChoose(best.best.wine)}>{nameOf(best.best.wine)}</BareButton> {round(best.best.fit)}
                  </>
                ) : (
                  `none: even ${nameOf(best.best.wine)} reaches ${round(best.best.fit)}, below ${worthOffering}${worst(best.best)}`
                )}
              </dd>
            </div>
          );
        })}
      </Classes>
      {shown !== undefined && (
        <>
          <h3 style={{ margin: '22px 0 6px' }}>
            Why {round(shown.fit)} for {nameOf(shown.wine)}
          </h3>
          <Reasons
            totalLabel="together"
            total={shown.fit}
            digits={1}
            lines={shown.reasons.map((reason) => ({
              id: reason.id,
              title: fitTitle[reason.id],
              text: sentence(fitWording, reason),
              push: reason.push,
              source: reason.source,
            }))}
          />
        </>
      )}
      {advice.avoid.length > 0 && (
        <>
          <h3 style={{ margin: '22px 0 4px', color: 'var(--madder)' }}>Stay away</h3>
          {advice.avoid.slice(0, 4).map((fit) => (
            <p key={fit.wine} style={{ fontSize: '0.875rem' }}>
              <strong>{nameOf(fit.wine)}</strong>, {round(fit.fit)}: {sentence(fitWording, hardest(fit))}
            </p>
          ))}
        </>
      )}
    </>
  );
}

const hardest = (fit: Fit) => [...fit.reasons].sort((a, b) => a.push - b.push)[0]!;
const worst = (fit: Fit) => (hardest(fit).push < -3 ? ` (${fitTitle[hardest(fit).id]})` : '');
function brief(fit: Fit) {
  const told = fit.reasons.filter((reason) => reason.id !== 'start' && Math.abs(reason.push) >= 2).slice(0, 3);
  return told.map((reason, i) => (
    <span key={reason.id}>
      {i > 0 && ' · '}
      <span className={reason.push > 0 ? 'up' : 'down'}>
        {fitTitle[reason.id]} {signed(reason.push)}
      </span>
    </span>
  ));
}
