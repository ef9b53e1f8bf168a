'use client';
import { dishAxisLabel, plateAxes, type Dish } from '@rose/core/pairing/dish';
import { shownFit, wineWeight, type PairingWine } from '@rose/core/pairing/dish-fit';
import type { Swap } from '@rose/knowledge/pairing';
import { Button } from '@/ui/button';
import { Rose } from '@/ui/rose';
import type { Solving } from '@/workers/use-solver';
import { nameOf } from './part-names';

const round = Math.round;

/** The plate with a wine laid over it, and the smallest change that changes the best: null when there is none. */
export function DishPlate({
  dish,
  over,
  active,
  searching,
  best,
  onTry,
}: {
  dish: Dish;
  over: PairingWine | undefined;
  /** A dish with parts and wines to choose among: there is something to swap. */
  active: boolean;
  searching: Solving<Swap | null>;
  best: string;
  onTry: ((swap: Swap) => void) | undefined;
}) {
  const swap = searching.output;
  return (
    <section aria-label="The plate">
      <p className="soft" style={{ textAlign: 'center' }}>
        The plate{over === undefined ? '' : `, with ${over.name} laid over`}
      </p>
      <div style={{ display: 'grid', placeItems: 'center' }}>
        <Rose
          size={360}
          labels
          tone="grey"
          title="The plate"
          petals={plateAxes.map((key) => ({
            key,
            label: dishAxisLabel[key],
            value: dish.taste[key],
            ...(over === undefined ? {} : { outline: wineOnPlate(over)[key] ?? null }),
          }))}
        />
      </div>
      <p className="soft">
        Bitterness {round(dish.taste.bitterness)}, bite {round(dish.taste.pungency)} and protein {round(dish.taste.protein)} of 100. The line is the wine’s
        weight, acid and sweetness, where the plate has the same bearing.
      </p>
      {active && (
        <>
          <h3 style={{ marginTop: 18 }}>The smallest change that changes the best</h3>
          <p>
            {searching.trouble !== '' ? (
              <span role="alert">
                {searching.trouble}{' '}
                <Button size="small" onPress={searching.retry}>
                  Try again
                </Button>
              </span>
            ) : swap === undefined ? (
              'Trying every swap.'
            ) : swap === null ? (
              'No single swap unseats the best wine.'
            ) : (
              <>
                <strong>{nameOf(swap.into)}</strong> instead of {nameOf(swap.out)}, and <strong>{best}</strong> is best, fitting{' '}
                {round(shownFit(swap.best.fit))} of 100. The plate moves by {swap.distance.toFixed(1)} points.
              </>
            )}
          </p>
          {swap !== undefined && swap !== null && onTry !== undefined && (
            <p style={{ marginTop: 8 }}>
              <Button size="small" onPress={() => onTry(swap)}>
                Try it
              </Button>
            </p>
          )}
        </>
      )}
    </section>
  );
}

/** Where wine and plate have the same bearing, the wine's own value. */
const wineOnPlate = (wine: PairingWine): Partial<Record<string, number>> => ({
  weight: wineWeight(wine.loads),
  acid: wine.loads.acidity,
  sweetness: wine.loads.sweetness,
});
