'use client';
import { createContext, useContext, useMemo, type ReactNode } from 'react';
import { dayIn, dayInWords } from '@rose/core/wine/day';
import { may, type Right, type Role } from '@/contract/roles';

/** Where somebody is and what they may do there: the same on every page of a venue. */
export interface Here {
  readonly venue: string;
  readonly role: Role | null;
  /** IANA name; days are told on the venue's calendar, whatever the reader's device says. */
  readonly timeZone: string;
  /** ISO 4217; amounts without another currency are in it. */
  readonly currency: string;
}
const Context = createContext<Here>({ venue: '', role: null, timeZone: 'UTC', currency: 'EUR' });
export const HereProvider = ({ here, children }: { here: Here; children: ReactNode }) => <Context.Provider value={here}>{children}</Context.Provider>;
export const useHere = () => useContext(Context);

/** Whether the reader may do something here: what the server would refuse is not offered. */
export const useMay = (right: Right): boolean => may(useHere(), right);

/** {@link useMay} of many. */
export function useMayEach(): (right: Right) => boolean {
  const here = useHere();
  return (right) => may(here, right);
}

/** Days on the venue's calendar: of an instant, in words, and today. */
export function useDays() {
  const { timeZone } = useHere();
  return useMemo(() => ({ said: (instant: string) => dayInWords(dayIn(instant, timeZone)), today: () => dayIn(new Date(), timeZone) }), [timeZone]);
}
