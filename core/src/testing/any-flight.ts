import fc from 'fast-check';
import type { OrderWine } from '../order/order-wine';
import type { Rung } from '../order/ordering-rules';
import { profileKeys, type Loads } from '../wine/profile';

/** Any wine an order can be made of. */
export const anyOrderWine = (id: string): fc.Arbitrary<OrderWine> =>
  fc
    .record({
      loads: fc.array(fc.integer({ min: 0, max: 100 }), { minLength: 10, maxLength: 10 }),
      rung: fc.constantFrom<Rung>('sparkling', 'white', 'rose', 'amber', 'red', 'sweet', 'fortified'),
      age: fc.option(fc.nat(40), { nil: undefined }),
    })
    .map(({ loads, rung, age }) => {
      const all = Object.fromEntries(profileKeys.map((key, i) => [key, loads[i]!])) as unknown as Loads;
      return { id, name: id, loads: all, rung, age, alcoholSpan: [all.alcohol - 4, all.alcohol + 4] };
    });
/** Any flight of so many wines. */
export const anyFlight = (least: number, most: number): fc.Arbitrary<OrderWine[]> =>
  fc.integer({ min: least, max: most }).chain((n) => fc.tuple(...Array.from({ length: n }, (_, i) => anyOrderWine(`w${i}`))));
