import { describe, expect, it } from 'vitest';
import { placeOfZone } from './place-of-device';

// Source: the tz database (zone.tab) for the country of a zone, ISO 4217 list one for the country's currency.
describe('where a device is', () => {
  it.each([
    ['Europe/Athens', 'GR', 'EUR'],
    ['Europe/London', 'GB', 'GBP'],
    ['Asia/Kolkata', 'IN', 'INR'],
    ['America/New_York', 'US', 'USD'],
    ['Australia/Adelaide', 'AU', 'AUD'],
    ['Africa/Johannesburg', 'ZA', 'ZAR'],
    ['America/Montevideo', 'UY', 'UYU'],
  ])('%s is in %s and pays in %s', (zone, country, currency) => {
    expect(placeOfZone(zone)).toEqual({ country, currency, timeZone: zone });
  });
  it('a zone of no country leaves country and money to be said', () => {
    expect(placeOfZone('Etc/UTC')).toEqual({ country: '', currency: '', timeZone: 'Etc/UTC' });
  });
});
