import type { Pin } from '@rose/core/order/pins';

/** A pin as it is said, without the wine it is on. */
export function pinWords(pin: Pin, nameOf: (wine: string) => string): string {
  switch (pin.kind) {
    case 'first':
    case 'last':
      return `pinned ${pin.kind}`;
    case 'place':
      return `pinned at place ${pin.place}`;
    case 'adjacent':
      return `beside ${nameOf(pin.other)}`;
    case 'before':
      return `before ${nameOf(pin.other)}`;
    case 'group':
      return `same glasses as ${nameOf(pin.other)}`;
  }
}
export const pinSentence = (pin: Pin, nameOf: (wine: string) => string) => `${nameOf(pin.wine)} ${pinWords(pin, nameOf)}`;
