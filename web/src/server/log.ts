import pino from 'pino';

/** Logs hold what happened and how long it took; never a name, an address, a token or a word of a note. */
export const log = pino({ level: process.env['ROSE_LOG'] ?? 'info', base: null });
