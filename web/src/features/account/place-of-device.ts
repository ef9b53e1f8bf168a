import { getCountryForTimezone } from 'countries-and-timezones';
import { currencyOf } from './currency-of';

export interface Place {
  /** ISO 3166, ISO 4217 and IANA codes; empty as long as nothing is said. */
  readonly country: string;
  readonly currency: string;
  readonly timeZone: string;
}
/** The place a clock speaks for: the country of its zone, and that country's money. A zone of no country leaves both to be said. */
export function placeOfZone(timeZone: string): Place {
  const country = getCountryForTimezone(timeZone)?.id ?? '';
  return { country, currency: currencyOf(country) ?? '', timeZone };
}
export const placeOfDevice = (): Place => placeOfZone(new Intl.DateTimeFormat().resolvedOptions().timeZone);
