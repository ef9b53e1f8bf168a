import { glassColour } from '@rose/core/appearance/colour';
import type { FlightWineEntry } from '@rose/core/flight/flight';
import type { OrderWine } from '@rose/core/order/order-wine';
import { moneyInWords } from '@rose/core/wine/money';
import { factOf } from '@rose/core/wine/stated';
import { loadsOf } from '@rose/core/wine/profile';
import { generalStyle, orderWine } from '../styles/index';
import { toBuy, type EveningInput } from './evening';

/** A wine still to buy, with what lists show of it, as its general style has it. */
export function boughtView(entry: FlightWineEntry, currency: string) {
  const evening: EveningInput | undefined = toBuy(entry);
  if (evening === undefined) return undefined;
  const style = generalStyle(entry.buy!.style);
  const price = entry.buy!.priceMinor;
  const order: OrderWine = orderWine({ id: entry.id, name: evening.name, facts: evening.facts, profile: evening.profile, age: undefined });
  return {
    evening,
    order,
    summary: {
      id: entry.id,
      revision: 0,
      name: evening.name,
      producer: '',
      styleName: style.name,
      grapes: '',
      vintage: '',
      region: '',
      abv: null as number | null,
      colour: (factOf(evening.facts, 'colour') ?? null) as string | null,
      held: 0,
      formatMl: 750,
      price: price === undefined ? '' : moneyInWords(price, currency),
      notes: 0,
      loads: loadsOf(evening.profile),
      stops: [...(glassColour({ hue: style.hue, depth: style.depth, rim: 40 })?.stops ?? [])],
      missing: 0,
    },
  };
}
