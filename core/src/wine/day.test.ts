import { describe, expect, it } from 'vitest';
import { published } from '../testing/published';
import { clockIn, dayAndClockIn, dayIn, dayInWords, localTimeInWords } from './day';
import { moneyInWords } from './money';

describe('times in words', () => {
  it('a first pour is said as it was set, whatever clock the reader has', () => {
    expect(localTimeInWords('2026-11-26T18:30', '')).toBe('Thursday, 26 November 2026, 18:30');
    expect(localTimeInWords('2028-02-29T00:05', '')).toBe('Tuesday, 29 February 2028, 00:05');
    expect(localTimeInWords('', 'no date yet')).toBe('no date yet');
  });
  const rows: [string, string, string][] = [
    ['2026-01-15T16:45:00Z', 'Europe/Athens', '18:45'],
    ['2026-07-15T16:45:00Z', 'Europe/Athens', '19:45'],
    ['2026-07-15T16:45:00Z', 'Asia/Kolkata', '22:15'],
    ['2026-07-15T16:45:00Z', 'Pacific/Auckland', '04:45'],
    ['2026-01-15T16:45:00Z', 'America/St_Johns', '13:15'],
  ];
  for (const [instant, zone, clock] of rows)
    published('IANA time zone database', `${instant} is ${clock} in ${zone}`, () => expect(clockIn(instant, zone)).toBe(clock));
  const days: [string, string, string][] = [
    ['2026-11-27T07:17:00Z', 'America/Los_Angeles', '2026-11-26'],
    ['2026-11-26T08:00:00Z', 'America/Los_Angeles', '2026-11-26'],
    ['2026-11-26T07:59:59Z', 'America/Los_Angeles', '2026-11-25'],
    ['2026-11-26T10:59:59Z', 'Pacific/Auckland', '2026-11-26'],
    ['2026-11-26T11:00:00Z', 'Pacific/Auckland', '2026-11-27'],
    ['2026-12-31T23:00:00Z', 'Asia/Kolkata', '2027-01-01'],
  ];
  for (const [instant, zone, day] of days)
    published('IANA time zone database', `${instant} falls on ${day} in ${zone}`, () => {
      expect(dayIn(instant, zone)).toBe(day);
      expect(dayIn(new Date(instant), zone)).toBe(day);
    });
  it('a day is written in one way', () => expect(dayInWords('2026-11-06')).toBe('6 November 2026'));
  published('IANA time zone database', 'the day is the venue’s own: an evening in London is the next morning in Auckland', () => {
    expect(dayAndClockIn('2026-07-15T16:45:00Z', 'Europe/London')).toBe('15 July 2026, 17:45');
    expect(dayAndClockIn('2026-07-15T16:45:00Z', 'Pacific/Auckland')).toBe('16 July 2026, 04:45');
  });
});

describe('money in words', () => {
  published('ISO 4217, minor units', 'euros and cents, whole amounts without their cents', () => {
    expect(moneyInWords(2450, 'EUR')).toBe('€24.50');
    expect(moneyInWords(2400, 'EUR')).toBe('€24');
    expect(moneyInWords(0, 'GBP')).toBe('£0');
    expect(moneyInWords(-150, 'USD')).toBe('-US$1.50');
  });
});
