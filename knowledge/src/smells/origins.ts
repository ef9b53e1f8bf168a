import type { Chip } from '@rose/core/wine/note';
import { listed } from '@rose/core/wine/plural';
import { descriptorOf } from './index';

/** Words from which on the lack of an origin says something. Own choice: two words may be of one origin by chance. */
const enough = 3;

/** Where the smells of a nose come from, counted: "4 of the grape, 1 of the making, none of age: it smells young." '' before anything is named. */
export function originsInWords(chips: readonly Chip[]): string {
  const found = chips.flatMap((chip) => {
    const origin = descriptorOf(chip)?.origin;
    return origin === undefined || origin === 'fault' ? [] : [origin];
  });
  if (found.length === 0) return '';
  const count = (origin: (typeof found)[number]) => found.filter((other) => other === origin).length;
  const n = { grape: count('grape'), making: count('making'), ageing: count('ageing') };
  const of = (number: number, what: string) => `${number === 0 ? 'none' : number} of ${what}`;
  const says = listed([of(n.grape, 'the grape'), of(n.making, 'the making'), of(n.ageing, 'age')]);
  const means =
    found.length < enough
      ? ''
      : n.ageing === 0 && n.making === 0
        ? ': it smells young and plain'
        : n.ageing === 0
          ? ': it smells young'
          : n.grape === 0
            ? ': its grape has stepped back'
            : '';
  return `${says.charAt(0).toUpperCase()}${says.slice(1)}${means}.`;
}
