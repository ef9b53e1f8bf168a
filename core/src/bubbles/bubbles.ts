/**
 * Pressure in a sparkling bottle by temperature. Henry's law with a van 't Hoff temperature dependence for a 12.5 % vol base wine:
 * k(T) = 1.21 g/L/bar · exp(ΔH/R · (1/T − 1/298.15)), ΔH = 24.8 kJ/mol (Liger-Belair, reviews after Agabaliantz). Absolute pressures; over
 * pressure is absolute − 1.013 bar. The gas is shared between the wine and a head space of 25 mL in a 750 mL bottle.
 */
const kelvin = 273.15;
const gas = 8.314_462;
const atmosphere = 1.013;
const molarMass = 44.01;

/** Solubility of CO₂ in wine, g/L per bar, at a temperature in °C. */
export const solubility = (celsius: number): number => 1.21 * Math.exp((24_800 / gas) * (1 / (celsius + kelvin) - 1 / 298.15));

/** g of CO₂ per litre of head space for one bar, at a temperature in °C (ideal gas; 1 bar = 100 J/L). */
const inHeadspace = (celsius: number): number => (100 * molarMass) / (gas * (celsius + kelvin));

/** Head space over volume of wine in a closed bottle. */
export const headspaceShare = 25 / 750;

/**
 * Absolute pressure in a closed bottle at another temperature, when it is `pressure` at `from`. The amount of gas stays.
 * @param pressure bar, absolute
 * @param headspace litres of head space a litre of wine; 0 for none
 */
export function pressureAt(pressure: number, from: number, to: number, headspace = headspaceShare): number {
  return (pressure * (solubility(from) + headspace * inHeadspace(from))) / (solubility(to) + headspace * inHeadspace(to));
}

/** g of CO₂ in a litre from sugar fermented in the closed bottle: sucrose gives 4 CO₂ (stoichiometry). `sugar` in g/L. */
export const gasFromSugar = (sugar: number): number => (sugar * 4 * molarMass) / 342.3;

/** Absolute pressure at `celsius` from sugar added for the second fermentation, g/L. */
export const pressureFromSugar = (sugar: number, celsius: number, headspace = headspaceShare): number =>
  gasFromSugar(sugar) / (solubility(celsius) + headspace * inHeadspace(celsius));

export const overPressure = (absolute: number): number => absolute - atmosphere;
export const absolutePressure = (over: number): number => over + atmosphere;

/** g/L of CO₂ dissolved at a pressure. */
export const dissolved = (absolute: number, celsius: number): number => absolute * solubility(celsius);

export interface OpeningAdvice {
  /** bar over the air outside, at the temperature of opening. */
  readonly over: number;
  readonly hazard: 'none' | 'some' | 'high' | 'very high';
  readonly says: string;
}
/** How a bottle of this over pressure at 20 °C will behave when it is opened at `celsius`. */
export function openingAdvice(overAt20: number, celsius: number): OpeningAdvice {
  const over = Math.max(0, overPressure(pressureAt(absolutePressure(overAt20), 20, celsius)));
  const hazard = over < 0.5 ? 'none' : over < 2 ? 'some' : over < 5 ? 'high' : 'very high';
  return {
    over,
    hazard,
    says: {
      none: 'Almost no pressure.',
      some: 'It prickles. Ease the closure; keep your face away.',
      high: 'A cork can fly. Thumb on the cage until it is out, cloth over it, pointed at nobody.',
      'very high': 'Too warm to open calmly: it will gush. Chill it first; then thumb on the cage, cloth, pointed at nobody.',
    }[hazard],
  };
}
