'use client';
import { listed } from '@rose/core/wine/plural';
import { equipment, type DishPart } from '@rose/knowledge/pairing';
import { effortOf, inSeason } from '@rose/knowledge/kitchen/index';
import { nameOf } from './part-names';

const costs = { 1: 'it costs little', 2: 'of usual cost', 3: 'dear' } as const;
const inMinutes = (minutes: number) => (minutes < 90 ? `${minutes} minutes` : `${(minutes / 60).toFixed(1).replace(/\.0$/, '')} hours`);
/** What a dish asks of a kitchen: time, hands, fire, season and cost. */
export function InTheKitchen({ parts }: { parts: readonly DishPart[] }) {
  const { hands, minutes, needs, cost } = effortOf(parts);
  const month = new Date().getMonth() + 1;
  const out = parts.filter(({ part }) => !inSeason(part, month)).map(({ part }) => nameOf(part));
  return (
    <p className="soft" style={{ marginTop: 14 }}>
      In the kitchen: about {inMinutes(minutes)}, {inMinutes(hands)} of them by hand
      {needs.length === 0 ? '' : `; ${listed(needs.map((need) => equipment[need]))}`}; {costs[cost]}.
      {out.length > 0 && ` Out of season this month in the north: ${listed(out)}.`}
    </p>
  );
}
