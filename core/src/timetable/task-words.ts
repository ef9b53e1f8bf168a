import type { AirChoice } from '../air/air';
import type { Route } from '../temperature/temperature';
import { kindOfTask, wineOfTask } from './afternoon-tasks';

/** The ways into the band, as a host chooses among them. */
export const routeNames: Readonly<Record<Route['id'], string>> = {
  none: 'as it stands',
  fridge: 'the fridge',
  'fridge-cold': 'the fridge until it is cold, then out',
  overnight: 'the fridge overnight, then out',
  ice: 'ice and water',
  freezer: 'the freezer, with an alarm',
  warm: 'out into the room',
};

/** A task as somebody is told to do it. */
export function taskInWords(
  id: string,
  nameOf: (wine: string) => string,
  more: {
    readonly minutes: number;
    readonly route?: Route | undefined;
    readonly air?: AirChoice | undefined;
    readonly deposit?: boolean | undefined;
    readonly stoppered?: boolean | undefined;
    /** The cheese of the rest after it. */
    readonly cheese?: string | undefined;
    /** The dish that goes out with the wine. */
    readonly dish?: string | undefined;
  },
): string {
  const wine = wineOfTask(id);
  const name = wine === undefined ? '' : nameOf(wine);
  const minutes = more.minutes >= 120 ? `${Math.floor(more.minutes / 60)} h ${more.minutes % 60} min` : `${more.minutes} min`;
  switch (kindOfTask(id)) {
    case 'stand':
      return `Set ${name} upright`;
    case 'ice':
      return 'Fill the bucket: ice and water, half and half';
    case 'chill':
      if (more.route?.id === 'overnight') return `${name} into the ${more.route.medium.name} for the night`;
      return `${name}${more.stoppered === true ? ', stoppered again,' : ''} into the ${more.route?.medium.name ?? 'fridge'}, ${minutes}${more.route?.id === 'freezer' ? '. Set an alarm: a forgotten bottle bursts' : ''}`;
    case 'out':
      return `${name} out of the ${more.route?.medium.name ?? 'fridge'}`;
    case 'warm':
      return `${name} out into the room, ${minutes}`;
    case 'open':
      return `Open ${name}`;
    case 'check':
      return `${name}: smell it, is it sound?`;
    case 'taste':
      return `Taste ${name} first`;
    case 'decant':
      return more.air === 'double'
        ? `${name}: decant, rinse the bottle, pour back`
        : `${name}: decant gently${more.deposit === true ? ', stop at the deposit' : ''}`;
    case 'room':
      return 'Check the room: light, air, smells';
    case 'polish':
      return 'Polish the glasses';
    case 'set':
      return 'Set the places';
    case 'table':
      return 'Water, bread and spittoons on the table';
    case 'pour':
      return `Pour ${name}`;
    case 'bread':
      return `Rest after ${name}: water and bread, ${minutes}`;
    case 'cheese':
      return `Rest after ${name}: a bite of ${more.cheese ?? 'cheese'} for everybody, then water, ${minutes}`;
    case 'cook':
      return `Begin ${more.dish ?? `the dish for ${name}`}, ${minutes} of work`;
    case 'plate':
      return `Plate ${more.dish ?? `the dish for ${name}`}`;
  }
}
