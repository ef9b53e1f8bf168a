'use client';
import { useEffect, useRef, useState } from 'react';
import { bandOf, saysOf, shownFit, type Fit, type PairingWine } from '@rose/core/pairing/dish-fit';
import type { Leaning } from '@rose/core/pairing/leaning';
import { listed } from '@rose/core/wine/plural';
import { bestSoftDrink } from '@rose/knowledge/without-alcohol/index';
import { examples } from '@rose/knowledge/styles/examples';
import { advise, type Advice, type DishPart } from '@rose/knowledge/pairing';
import { nearerWine, safeChoice, speaksFor, surprise, swapFor, whatChanged, type DishSwap, type Moved } from '@rose/knowledge/pairing/choices';
import { BareButton, Button } from '@/ui/button';
import { nameOf } from './part-names';

const round = Math.round;
const metAs = (wine: string) => (examples[wine] === undefined ? '' : ` (${examples[wine]})`);

/** Rows for the list of choices: a safe one, a surprise, and a drink without alcohol, each with its reason. */
export function MoreChoices({
  parts,
  advice,
  leaning,
  wines,
  wineName,
  onChoose,
}: {
  parts: readonly DishPart[];
  advice: Advice;
  leaning: Leaning;
  wines: readonly PairingWine[];
  wineName: (wine: string) => string;
  onChoose: (wine: string) => void;
}) {
  const safe = safeChoice(parts, advice, wines, leaning);
  const odd = surprise(advice, wines);
  const soft = bestSoftDrink(advice.dish);
  const chosen = (fit: Fit) => (
    <>
      <BareButton onPress={() => onChoose(fit.wine)}>{wineName(fit.wine)}</BareButton> {round(shownFit(fit.fit))}
      <span className="soft">{metAs(fit.wine)}</span>
    </>
  );
  return (
    <>
      <dt>safe</dt>
      <dd>
        {safe === undefined ? (
          'none: whatever is poured, half or twice as much of one part spoils it'
        ) : (
          <>
            {chosen(safe.fit)}
            <span className="soft">. Still {round(shownFit(safe.least))} with half or twice as much of any one part.</span>
          </>
        )}
      </dd>
      <dt>a surprise</dt>
      <dd>
        {odd === undefined ? (
          'none of another class goes well'
        ) : (
          <>
            {chosen(odd)}
            <span className="soft">. {speaksFor(odd).text}.</span>
          </>
        )}
      </dd>
      {soft !== undefined && (
        <>
          <dt>no alcohol</dt>
          <dd>
            {soft.drink.name} {round(shownFit(soft.fit.fit))}
            <span className="soft">
              {' '}
              ({soft.drink.how}). {speaksFor(soft.fit).text}.
            </span>
          </dd>
        </>
      )}
    </>
  );
}

/** The smallest change both ways: of the wine for the dish, of the dish for the wine. */
export function BothWays({
  parts,
  advice,
  leaning,
  chosen,
  wines,
  wineName,
  onChoose,
  onTake,
}: {
  parts: readonly DishPart[];
  advice: Advice;
  leaning: Leaning;
  chosen: Fit;
  wines: readonly PairingWine[];
  wineName: (wine: string) => string;
  onChoose: (wine: string) => void;
  onTake: ((swap: DishSwap) => void) | undefined;
}) {
  const wine = wines.find(({ id }) => id === chosen.wine);
  const nearer = nearerWine(chosen, advice, wines);
  const swap = wine === undefined ? undefined : swapFor(parts, wine, leaning);
  if (nearer === undefined && swap === undefined) return null;
  return (
    <div style={{ fontSize: '0.9375rem', marginTop: 10 }}>
      {nearer !== undefined && (
        <p>
          The nearest wine that fits better: <BareButton onPress={() => onChoose(nearer.fit.wine)}>{wineName(nearer.fit.wine)}</BareButton>
          {nearer.how === '' ? '' : `, ${nearer.how}`}: {bandOf(nearer.fit.fit).name}, {round(shownFit(nearer.fit.fit))} of 100.
        </p>
      )}
      {swap !== undefined && (
        <p>
          The smallest change of the dish for this wine:{' '}
          {swap.out === undefined ? (
            <>
              add <strong>{nameOf(swap.into)}</strong>
            </>
          ) : (
            <>
              <strong>{nameOf(swap.into)}</strong> instead of {nameOf(swap.out)}
            </>
          )}
          , and it {saysOf(swap.fit.fit)}, {round(shownFit(swap.fit.fit))} of 100.{' '}
          {onTake !== undefined && (
            <Button size="small" onPress={() => onTake(swap)}>
              Do it
            </Button>
          )}
        </p>
      )}
    </div>
  );
}

const told = ({ kind, by }: Moved) => `${by < 0 ? 'takes' : 'gives'} ${Math.abs(by).toFixed(0)} ${by < 0 ? 'from' : 'to'} ${kind}`;
/** How long a hand must be still before a change counts as one. */
const still = 500;
/** What the last change of the dish did to kinds of wine, in points of the score. */
export function LastChange({ parts, wines }: { parts: readonly DishPart[]; wines: readonly PairingWine[] }) {
  const before = useRef({ parts, wines });
  const [moved, setMoved] = useState<readonly Moved[]>([]);
  useEffect(() => {
    const settled = setTimeout(() => {
      const was = before.current;
      before.current = { parts, wines };
      if (was.wines === wines && was.parts !== parts) setMoved(whatChanged(advise(was.parts, wines), advise(parts, wines), wines));
      else if (was.wines !== wines) setMoved([]);
    }, still);
    return () => clearTimeout(settled);
  }, [parts, wines]);
  return (
    <p className="soft" role="status" style={{ minHeight: '1.3em' }}>
      {moved.length === 0 ? '' : `The last change ${listed(moved.map(told))}, in points of the score.`}
    </p>
  );
}
