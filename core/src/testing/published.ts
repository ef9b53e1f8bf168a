import { it } from 'vitest';

/**
 * A check against the outside world: it names its published source, or "common practice", in the test's name, where the count of outside checks reads it.
 * Only for checks that call a function of the product.
 */
export function published(source: string, says: string, check: () => void | Promise<void>): void {
  it(`${says} ⟦${source}⟧`, check);
}
