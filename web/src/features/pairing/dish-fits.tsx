'use client';
import { BareButton } from '@/ui/button';
import { useState, type ReactNode } from 'react';
import styled from 'styled-components';
import { bandOf, fitTitle, shownFit, type Fit, type FitClass } from '@rose/core/pairing/dish-fit';
import { fold, signed } from '@rose/core/wine/search-folding';
import { fitClasses, hardest, type Advice } from '@rose/knowledge/pairing';
import { examples } from '@rose/knowledge/styles/examples';
import { Disclosure } from '@/ui/disclosure';
import { TextField } from '@/ui/field';
import { named } from '@/ui/looks';
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
    grid-template-columns: minmax(0, 1fr) 88px;
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
  .as {
    display: block;
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
  }
  small {
    display: block;
    margin-top: 4px;
    font: 400 0.8125rem/1.2 var(--sans);
    color: var(--soft);
  }
`;
const Classes = styled.dl`
  display: grid;
  list-style: none;
  padding: 0;
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
    ${named}
  }
`;
/** Fits that are shown at once. */
const first = 6;
/** What a general style is met as. */
const metAs = (wine: string) => (examples[wine] === undefined ? '' : ` (${examples[wine]})`);
/** A score as people see it. */
const shownOf = (fit: Fit) => Math.round(shownFit(fit.fit));

/** The best fits, the best of every class, why one of them fits, and what to stay away from. */
export function DishFits({
  advice,
  shown,
  nameOf,
  costOf,
  onChoose,
  choices,
  tried,
  bothWays,
  flight,
}: {
  advice: Advice;
  shown: Fit | undefined;
  nameOf: (wine: string) => string;
  /** What it costs and whether it is there, where that is known. */
  costOf: (wine: string) => string | undefined;
  onChoose: (wine: string) => void;
  /** Rows after the classes: a safe choice, a surprise, one without alcohol. */
  choices: ReactNode;
  /** After the reasons: what was found when it was tried. */
  tried: ReactNode;
  /** Then: the smallest change of wine and of dish. */
  bothWays: ReactNode;
  /** At the end: wines of the list that answer the dish in different ways. */
  flight: ReactNode;
}) {
  return (
    <>
      <Fits>
        {advice.ranked.slice(0, first).map((fit) => (
          <li key={fit.wine}>
            <BareButton pressed={fit.wine === shown?.wine} onPress={() => onChoose(fit.wine)}>
              <span>
                <span className="name">{nameOf(fit.wine)}</span>
                {examples[fit.wine] !== undefined && <span className="soft as">{examples[fit.wine]}</span>}
                {costOf(fit.wine) !== undefined && <span className="soft as">{costOf(fit.wine)}</span>}
                <span className="why" style={{ display: 'block' }}>
                  {brief(fit)}
                </span>
              </span>
              <span className="n">
                {shownOf(fit)}
                <small>{bandOf(fit.fit).name}</small>
              </span>
            </BareButton>
          </li>
        ))}
      </Fits>
      <EveryFit advice={advice} nameOf={nameOf} onChoose={onChoose} />
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
                    <BareButton onPress={() => onChoose(best.best.wine)}>{nameOf(best.best.wine)}</BareButton> {shownOf(best.best)}
                    <span className="soft">{metAs(best.best.wine)}</span>
                  </>
                ) : (
                  `none: even ${nameOf(best.best.wine)} ${bandOf(best.best.fit).name}, ${shownOf(best.best)} of 100${worst(best.best)}`
                )}
              </dd>
            </div>
          );
        })}
        {choices}
      </Classes>
      {shown !== undefined && (
        <>
          <h3 style={{ margin: '22px 0 6px' }}>
            Why {shownOf(shown)} for {nameOf(shown.wine)}
          </h3>
          <Reasons
            totalLabel="together"
            total={shown.fit}
            digits={1}
            lines={shown.reasons.map((reason) => ({
              id: reason.id,
              title: fitTitle[reason.id],
              text: `${reason.text}.`,
              push: reason.push,
              source: reason.source,
            }))}
          />
          <p className="soft">
            The reasons add up to a score of {shown.fit.toFixed(1)}, which has no end either way; it is shown as {shownOf(shown)} of 100.
          </p>
          {tried}
          {bothWays}
        </>
      )}
      {advice.mistakes.length > 0 && (
        <>
          <h3 style={{ margin: '22px 0 4px', color: 'var(--madder)' }}>Stay away</h3>
          {advice.mistakes.slice(0, 5).map((fit) => (
            <p key={fit.wine} style={{ fontSize: '0.875rem' }}>
              <strong>{nameOf(fit.wine)}</strong>
              {metAs(fit.wine)}, {shownOf(fit)} of 100: {hardest(fit).text}.
            </p>
          ))}
        </>
      )}
      {flight}
    </>
  );
}

/** The whole ranking, and where any wine stands in it. */
function EveryFit({ advice, nameOf, onChoose }: { advice: Advice; nameOf: (wine: string) => string; onChoose: (wine: string) => void }) {
  const [asked, setAsked] = useState('');
  const wanted = fold(asked);
  const rows = advice.ranked
    .map((fit, at) => ({ fit, place: at + 1 }))
    .filter(({ fit }) => fold(`${nameOf(fit.wine)} ${examples[fit.wine] ?? ''}`).includes(wanted));
  if (advice.ranked.length <= first) return null;
  return (
    <Disclosure says={`All ${advice.ranked.length}, and what about this one?`}>
      <TextField label="A wine · its name, or what it is met as" value={asked} onChange={setAsked} />
      <Classes as="ol">
        {rows.map(({ fit, place }) => (
          <li key={fit.wine} style={{ display: 'contents' }}>
            <span className="soft">
              {place}. {bandOf(fit.fit).name}
            </span>
            <span>
              <BareButton onPress={() => onChoose(fit.wine)}>{nameOf(fit.wine)}</BareButton> {shownOf(fit)}
              <span className="soft">{metAs(fit.wine)}</span>
            </span>
          </li>
        ))}
      </Classes>
      {rows.length === 0 && <p className="soft">No wine of this list is called that.</p>}
    </Disclosure>
  );
}
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
