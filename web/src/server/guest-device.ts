import { secureMark } from './environment';

/** A guest's device holds a secret of its seat, for one tasting; who sits down elsewhere holds another. */
export const guestCookie = 'rose_guest';
const daysKept = 60;
export const seatCookie = (code: string): string => `${guestCookie}=${code}; Path=/; HttpOnly; SameSite=Lax; Max-Age=${daysKept * 86_400}${secureMark()}`;
export const noSeatCookie = (): string => `${guestCookie}=; Path=/; HttpOnly; SameSite=Lax; Max-Age=0${secureMark()}`;
