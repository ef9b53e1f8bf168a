import { airChoices } from '@rose/core/air/air';
import { blindKinds, eveningKinds, predictions, revealKinds, settings } from '@rose/core/flight/flight';
import { restKinds } from '@rose/core/order/order-wine';
import { schools } from '@rose/core/order/ordering-rules';
import { schemes } from '@rose/core/score/scheme';
import { routeIds } from '@rose/core/temperature/temperature';
import { themes } from '@rose/core/theme/theme';
import { facts, type FactSpec } from '@rose/core/wine/facts';
import { keysOf } from '@rose/core/wine/keys';
import { observables, type Observable } from '@rose/core/wine/observables';
import { closures } from '../src/closures/index';
import { faultCues } from '../src/faults/index';
import { glassShapes } from '../src/glasses/index';
import { grapes } from '../src/grapes/index';
import { cooking } from '../src/pairing/cooking';
import { ingredients } from '../src/pairing/data';
import { routines } from '../src/routines/index';
import { descriptors, families } from '../src/smells/index';
import { formerNames, generalStyles } from '../src/styles/index';

const idsOf = (table: readonly { readonly id: string }[]) => table.map(({ id }) => id);
const optionsOf = (table: Readonly<Record<string, FactSpec | Observable>>) =>
  Object.entries(table).flatMap(([id, spec]) => (spec.kind === 'choice' ? keysOf(spec.options).map((option) => `${id}: ${option}`) : []));

/** Every id and name that a stored document may hold, by what it is of: each that was ever shipped stands here for good, under its old name or a new one. */
export const shipped: Readonly<Record<string, readonly string[]>> = {
  facts: keysOf(facts),
  'options of facts': optionsOf(facts),
  observables: keysOf(observables),
  'options of observables': optionsOf(observables),
  smells: idsOf(descriptors),
  'families of smell': keysOf(families),
  grapes: grapes.map((grape) => grape.name),
  styles: idsOf(generalStyles),
  'names of styles': [...generalStyles.map((style) => style.name), ...keysOf(formerNames)],
  'cues of faults': idsOf(faultCues),
  routines: idsOf(routines),
  glasses: idsOf(glassShapes),
  closures: idsOf(closures),
  schools: idsOf(schools),
  sheets: idsOf(schemes),
  themes: keysOf(themes),
  settings: keysOf(settings),
  evenings: keysOf(eveningKinds),
  blindness: keysOf(blindKinds),
  uncovering: keysOf(revealKinds),
  predictions: keysOf(predictions),
  air: keysOf(airChoices),
  'ways into the cold': routeIds,
  rests: keysOf(restKinds),
  'parts of dishes': idsOf(ingredients),
  cookings: idsOf(cooking),
};
