import { createHmac, randomInt } from 'node:crypto';
import { secret } from './environment';
import { sameSecret } from './secret-code';

/** Letters and digits nobody takes for another when they are read out or copied from a board. */
const signs = '23456789ABCDEFGHJKMNPQRSTVWXYZ';
const codeLength = 7;
/** How many codes there are. */
export const codeSpace = signs.length ** codeLength;
/** A code to join by: short enough to be read out. */
export const newJoinCode = (): string => Array.from({ length: codeLength }, () => signs[randomInt(signs.length)]).join('');
/** A code as it was typed: small letters, spaces and dashes are nothing. */
export const readJoinCode = (typed: string): string => typed.toUpperCase().replace(/[\s-]/g, '');

/** Wrong codes a minute: of one address, and of everybody together. Who has a link or scans a picture guesses nothing and is never held up. */
export const wrongCodes = { seconds: 60, anAddress: 20, together: 60 } as const;

/** What a link carries besides the code: worked out from it, long enough that nobody guesses it. */
export const linkKey = (code: string): string => createHmac('sha256', secret('joins')).update(code).digest('base64url').slice(0, 22);
/** The key of simulated guests: who sits down with it is marked as one, and left out of every statistic. */
export const rehearsalKey = (code: string): string => createHmac('sha256', secret('joins')).update(`rehearsal ${code}`).digest('base64url').slice(0, 22);
export const isRehearsalKey = (code: string, key: string): boolean => sameSecret(key, rehearsalKey(code));
export const isLinkKey = (code: string, key: string): boolean => sameSecret(key, linkKey(code));
