import { merge, same, type Clash, type Shape } from './merge';

/**
 * How a document travels between a device and the server: two pure state machines. The page drives the first, the save command the second; the property
 * tests drive both through lost, doubled and late messages. No clock decides anything.
 */
export interface Write<D> {
  readonly writeId: string;
  readonly baseRevision: number;
  readonly document: D;
}
export interface Device<D> {
  /** The last document known to be on the server. */
  readonly base: D;
  readonly baseRevision: number;
  /** What the person sees. */
  readonly draft: D;
  /** Sent and not yet answered; repeated unchanged until it is. */
  readonly inFlight: Write<D> | null;
  readonly clashes: readonly Clash[];
}
export interface Stored<D> {
  readonly revision: number;
  readonly document: D;
  /** Ids of the latest writes that were applied, newest last. */
  readonly writes: readonly string[];
}
/** `applied`: this very write was applied earlier, and others came after it. */
export type Answer<D> =
  | { readonly kind: 'saved'; readonly writeId: string; readonly revision: number }
  | { readonly kind: 'stale'; readonly writeId: string; readonly revision: number; readonly document: D; readonly applied: boolean };

/** How many write ids a row remembers: a device that is late by more writes of others than this may be shown its own change as a clash. */
export const rememberedWrites = 50;

/** The server's side: applies a write, repeats the answer of one already applied, or refuses a stale one with the present document. */
export function receive<D>(stored: Stored<D>, write: Write<D>): { readonly stored: Stored<D>; readonly answer: Answer<D> } {
  const { writeId } = write;
  const applied = stored.writes.includes(writeId);
  if (applied && stored.writes.at(-1) === writeId) return { stored, answer: { kind: 'saved', writeId, revision: stored.revision } };
  if (applied || write.baseRevision !== stored.revision) {
    return { stored, answer: { kind: 'stale', writeId, revision: stored.revision, document: stored.document, applied } };
  }
  const next = { revision: stored.revision + 1, document: write.document, writes: [...stored.writes, writeId].slice(-rememberedWrites) };
  return { stored: next, answer: { kind: 'saved', writeId, revision: next.revision } };
}

export function opened<D>(document: D, revision: number): Device<D> {
  return { base: document, baseRevision: revision, draft: document, inFlight: null, clashes: [] };
}

export function edited<D>(device: Device<D>, draft: D): Device<D> {
  return { ...device, draft };
}

/** Whether the device holds anything the server has not confirmed. */
export function unsaved<D>(device: Device<D>): boolean {
  return device.inFlight !== null || !same(device.draft, device.base);
}

/** What to send now: the unanswered write again, a new one, or nothing. */
export function sending<D>(device: Device<D>, newWriteId: string): { readonly device: Device<D>; readonly write: Write<D> | null } {
  if (device.inFlight !== null) return { device, write: device.inFlight };
  if (same(device.draft, device.base)) return { device, write: null };
  const write = { writeId: newWriteId, baseRevision: device.baseRevision, document: device.draft };
  return { device: { ...device, inFlight: write }, write };
}

/**
 * Takes in an answer. A server whose revision is lower than the one known went back in time (a backup was put back): what this device holds stands and is sent
 * again. An answer to any other write than the one in flight is late or doubled, and changes nothing.
 */
export function answered<D>(device: Device<D>, answer: Answer<D>, shape: Shape): Device<D> {
  const sent = device.inFlight;
  if (sent === null || sent.writeId !== answer.writeId) return device;
  if (answer.kind === 'saved') return { ...device, base: sent.document, baseRevision: answer.revision, inFlight: null };
  const base = answer.revision < device.baseRevision ? answer.document : answer.applied ? sent.document : device.base;
  return rebased({ ...device, base, inFlight: null }, answer.document, answer.revision, shape);
}

/** Takes in a document read again from the server. While a write is in flight its answer decides instead. */
export function reread<D>(device: Device<D>, document: D, revision: number, shape: Shape): Device<D> {
  if (device.inFlight !== null || revision === device.baseRevision) return device;
  if (revision < device.baseRevision) return rebased({ ...device, base: document }, document, revision, shape);
  return rebased(device, document, revision, shape);
}

function rebased<D>(device: Device<D>, document: D, revision: number, shape: Shape): Device<D> {
  const merged = merge(device.base, device.draft, document, shape);
  const paths = new Set(merged.clashes.map((clash) => clash.path.join('\u0000')));
  const kept = device.clashes.filter((clash) => !paths.has(clash.path.join('\u0000')));
  return { base: document, baseRevision: revision, draft: merged.document, inFlight: null, clashes: [...kept, ...merged.clashes] };
}
