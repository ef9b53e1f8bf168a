import { bothBands, showTemperature } from '@rose/core/wine/measure';
import { isSparkling, loadsOf } from '@rose/core/wine/profile';
import { openingOf, pressureInWords } from '@rose/knowledge/evening/lists';
import { bandOf } from '@rose/knowledge/serving-temperatures/index';
import type { TemperatureUnit } from '@rose/core/wine/measure';
import type { KnownWine } from './profiles';

/** How warm a wine is served and how its bottle is opened, ready to read, in the venue's unit. */
export function servingView(wine: KnownWine, unit: TemperatureUnit) {
  const { facts, name } = wine.document;
  const loads = loadsOf(wine.profile);
  const band = bandOf(facts, loads);
  const card = openingOf({ id: wine.id, name, facts, sparkling: isSparkling(loads) }, (band.low + band.high) / 2);
  return {
    band: bothBands(band, unit),
    because: `${band.name}${band.because === undefined ? '' : `, ${band.because}`} (${band.source})`,
    closure: card.assumed ? `${card.closure.name}, assumed` : card.closure.name,
    steps: [...card.closure.steps],
    pressure: card.pressure === undefined ? null : pressureInWords(card.pressure, (celsius) => showTemperature(celsius, unit)),
    cautions: [...card.cautions],
  };
}
