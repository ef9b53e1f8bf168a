import type { Band } from '@rose/core/temperature/temperature';
import { origins, type WineFacts } from '@rose/core/wine/facts';
import { factOf } from '@rose/core/wine/stated';
import { isSparkling, type Loads } from '@rose/core/wine/profile';
import { veilLimit } from '../styles/index';

const handbooks = 'handbooks (Peynaud; Robinson; Jackson); no norm exists';
const band = (id: string, name: string, low: number, high: number): Band => ({ id, name, low, high, source: handbooks });

/** Serving temperatures by style, °C at the pour. */
export const bands = [
  band('light-sparkling', 'sweet or light sparkling', 5, 8),
  band('sparkling', 'sparkling, no vintage', 6, 10),
  band('sparkling-red', 'sparkling red', 10, 14),
  band('vintage-sparkling', 'vintage sparkling', 10, 12),
  band('flor', 'fortified under a veil', 6, 9),
  band('light-sweet', 'light sweet white', 6, 8),
  band('rich-sweet', 'rich sweet white', 8, 12),
  band('light-white', 'light dry white', 7, 10),
  band('aromatic-white', 'aromatic white', 8, 11),
  band('medium-white', 'dry white of some weight', 9, 12),
  band('full-white', 'full or oaked white', 10, 13),
  band('amber', 'amber', 12, 14),
  band('rose', 'rosé', 8, 12),
  band('light-red', 'light red', 12, 14),
  band('medium-red', 'medium red', 14, 16),
  band('full-red', 'full red', 16, 18),
  band('ruby-fortified', 'red fortified', 16, 18),
  band('white-fortified', 'sweet white fortified', 6, 10),
  band('raisined-fortified', 'fortified of raisins', 10, 13),
  band('tawny-fortified', 'tawny or nutty fortified', 12, 15),
  band('warm-fortified', 'fortified, aged warm', 12, 16),
  band('veil-white', 'white under a veil', 14, 16),
] as const satisfies readonly Band[];
export type BandId = string;
const byId = new Map<string, Band>(bands.map((entry) => [entry.id, entry]));
export const bandNamed = (id: string): Band => byId.get(id)!;

/** °C either way of a temperature that somebody set. */
const ownWidth = 1;
/** The band round one temperature that somebody set. */
export const ownBand = (celsius: number, name: string, source: string): Band => ({
  id: 'own',
  name,
  low: celsius - ownWidth,
  high: celsius + ownWidth,
  source,
});

/** The band of a wine: the one kept with it, else from its facts and its profile. */
export function bandOf(facts: WineFacts, loads: Loads): Band {
  const kept = facts.serveC;
  if (kept !== undefined) return ownBand(kept.value, 'as kept with the wine', origins[kept.origin]);
  const colour = factOf(facts, 'colour') ?? 'white';
  if (factOf(facts, 'fortified') === true) {
    if (factOf(facts, 'heated') === true) return bandNamed('warm-fortified');
    if (factOf(facts, 'underFlor') === true && loads.sweetness < 20) return bandNamed((factOf(facts, 'abv') ?? 15) >= veilLimit ? 'tawny-fortified' : 'flor');
    if (colour === 'red') return bandNamed((factOf(facts, 'woodMonths') ?? 24) < 60 ? 'ruby-fortified' : 'tawny-fortified');
    if (loads.sweetness >= 96) return bandNamed('raisined-fortified');
    // A white of spirit that saw little wood is drunk fresh and cold.
    return bandNamed(loads.oak < 20 && loads.fragility < 50 && loads.sweetness >= 40 ? 'white-fortified' : loads.fragility >= 50 ? 'flor' : 'tawny-fortified');
  }
  if (isSparkling(loads)) {
    if (colour === 'red') return bandNamed('sparkling-red');
    if (loads.sweetness >= 50 || loads.body < 25) return bandNamed('light-sparkling');
    return bandNamed(factOf(facts, 'vintage')?.kind === 'year' && (factOf(facts, 'leesMonths') ?? 0) >= 30 ? 'vintage-sparkling' : 'sparkling');
  }
  if (loads.bubbles >= 12 && loads.sweetness >= 40) return bandNamed('light-sparkling');
  if (loads.sweetness >= 50 && colour !== 'red') return bandNamed(loads.body >= 50 ? 'rich-sweet' : 'light-sweet');
  if (factOf(facts, 'underFlor') === true) return bandNamed('veil-white');
  if (colour === 'amber') return bandNamed('amber');
  if (colour === 'rose') return bandNamed('rose');
  if (colour === 'red') {
    const weight = (loads.tannin + loads.body) / 2;
    return bandNamed(weight < 34 ? 'light-red' : weight < 56 ? 'medium-red' : 'full-red');
  }
  if (loads.oak >= 40 || loads.body >= 60) return bandNamed('full-white');
  if (loads.oak >= 22 || loads.body >= 50) return bandNamed('medium-white');
  return bandNamed(loads.intensity >= 56 ? 'aromatic-white' : 'light-white');
}
