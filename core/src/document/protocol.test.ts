import { noteDocument } from '../wine/note-schema';
import { shapeOf } from './merge-marks';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { choose, merge, same } from './merge';
import { answered, edited, opened, receive, reread, sending, unsaved, type Answer, type Device, type Stored, type Write } from './protocol';

const value = fc.integer({ min: 0, max: 4 });
const doc = fc.record({
  observed: fc.dictionary(fc.constantFrom('a', 'b', 'c'), value, { maxKeys: 3 }),
  chips: fc.uniqueArray(fc.record({ id: fc.constantFrom('x', 'y', 'z'), strength: value }), { selector: (chip) => chip.id, maxLength: 3 }),
  remark: fc.constantFrom('', 'p', 'q'),
});
type Doc = { observed: Record<string, number>; chips: { id: string; strength: number }[]; remark: string };

describe('merge', () => {
  it('gives the other side when one side did not change', () => {
    fc.assert(
      fc.property(doc, doc, (base, other) => {
        expect(same(merge(base, other, base, shapeOf(noteDocument)).document, other)).toBe(true);
        expect(same(merge(base, base, other, shapeOf(noteDocument)).document, other)).toBe(true);
        expect(merge(base, other, other, shapeOf(noteDocument)).clashes).toEqual([]);
      }),
    );
  });
  it('keeps changes of different fields from both sides, and shows a field that both changed', () => {
    const base: Doc = { observed: { a: 1, b: 1 }, chips: [{ id: 'x', strength: 1 }], remark: '' };
    const merged = merge(base, { ...base, observed: { a: 2, b: 3 }, chips: [] }, { ...base, observed: { a: 1, b: 4, c: 1 } }, shapeOf(noteDocument));
    expect(merged.document).toEqual({ observed: { a: 2, b: 4, c: 1 }, chips: [], remark: '' });
    expect(merged.clashes).toEqual([{ path: ['observed', 'b'], base: 1, mine: 3, theirs: 4 }]);
    expect(choose(merged.document, ['observed', 'b'], 3).observed['b']).toBe(3);
  });
  it('choosing one side of every clash gives that side at those fields', () => {
    fc.assert(
      fc.property(doc, doc, doc, (base, mine, theirs) => {
        const merged = merge<Doc>(base, mine, theirs, shapeOf(noteDocument));
        let chosen = merged.document;
        for (const clash of merged.clashes) chosen = choose(chosen, clash.path, clash.mine);
        for (const clash of merged.clashes) {
          if (clash.path[0] === 'observed') expect(chosen.observed[clash.path[1]!]).toEqual(clash.mine);
        }
      }),
    );
  });
});

type Step =
  | { kind: 'edit'; device: number; key: string; value: number }
  | { kind: 'send' | 'reread'; device: number }
  | { kind: 'deliver' | 'lose' | 'double'; pick: number };
const step: fc.Arbitrary<Step> = fc.oneof(
  { weight: 4, arbitrary: fc.record({ kind: fc.constant('edit' as const), device: fc.nat(1), key: fc.constantFrom('a', 'b'), value }) },
  { weight: 4, arbitrary: fc.record({ kind: fc.constantFrom('send' as const, 'reread' as const), device: fc.nat(1) }) },
  { weight: 5, arbitrary: fc.record({ kind: fc.constantFrom('deliver' as const, 'lose' as const, 'double' as const), pick: fc.nat(9) }) },
);
type Message = { to: 'server'; device: number; write: Write<Doc> } | { to: number; answer: Answer<Doc> };

/** Runs a schedule of edits and of lost, doubled and late messages, then lets everything through. */
function run(steps: readonly Step[], devices: number) {
  const start: Doc = { observed: {}, chips: [], remark: '' };
  let server: Stored<Doc> = { revision: 1, document: start, writes: [] };
  const state: Device<Doc>[] = Array.from({ length: devices }, () => opened(start, 1));
  const wire: Message[] = [];
  let ids = 0;
  const send = (d: number) => {
    const { device, write } = sending(state[d]!, `w${ids++}`);
    state[d] = device;
    if (write) wire.push({ to: 'server', device: d, write });
  };
  const deliver = (message: Message) => {
    if (message.to === 'server') {
      const result = receive(server, message.write);
      server = result.stored;
      wire.push({ to: message.device, answer: result.answer });
    } else state[message.to] = answered(state[message.to]!, message.answer, shapeOf(noteDocument));
  };
  for (const s of steps) {
    if ('device' in s && s.device >= devices) continue;
    if (s.kind === 'edit')
      state[s.device] = edited(state[s.device]!, { ...state[s.device]!.draft, observed: { ...state[s.device]!.draft.observed, [s.key]: s.value } });
    else if (s.kind === 'send') send(s.device);
    else if (s.kind === 'reread') state[s.device] = reread(state[s.device]!, server.document, server.revision, shapeOf(noteDocument));
    else if ('pick' in s && wire.length > 0) {
      const [message] = s.kind === 'double' ? [wire[s.pick % wire.length]!] : wire.splice(s.pick % wire.length, 1);
      if (s.kind !== 'lose') deliver(message!);
    }
  }
  for (let round = 0; round < 8; round++) {
    for (let d = 0; d < devices; d++) if (unsaved(state[d]!)) send(d);
    while (wire.length > 0) deliver(wire.shift()!);
  }
  for (let d = 0; d < devices; d++) state[d] = reread(state[d]!, server.document, server.revision, shapeOf(noteDocument));
  return { server, state };
}

describe('the save protocol under lost, doubled and late traffic', () => {
  it('one device never clashes with itself and loses nothing', () => {
    fc.assert(
      fc.property(fc.array(step, { maxLength: 60 }), (steps) => {
        const { server, state } = run(steps, 1);
        expect(state[0]!.clashes).toEqual([]);
        const last: Record<string, number> = {};
        for (const s of steps) if (s.kind === 'edit' && s.device === 0) last[s.key] = s.value;
        expect(server.document.observed).toEqual(last);
      }),
      { numRuns: 400 },
    );
  });
  it('two devices end with the same document, and every edit stands or is shown as a clash', () => {
    fc.assert(
      fc.property(fc.array(step, { maxLength: 60 }), (steps) => {
        const { server, state } = run(steps, 2);
        for (const device of state) {
          expect(same(device.draft, server.document)).toBe(true);
          expect(unsaved(device)).toBe(false);
        }
      }),
      { numRuns: 400 },
    );
  });
  it('a server that went back in time (a backup was put back) gets back what the device holds', () => {
    const early: Doc = { observed: { a: 1 }, chips: [], remark: '' };
    const late: Doc = { observed: { a: 1, b: 2 }, chips: [{ id: 'x', strength: 1 }], remark: 'p' };
    let server: Stored<Doc> = { revision: 3, document: early, writes: [] };
    for (const device of [reread(opened(late, 7), early, 3, shapeOf(noteDocument)), opened(late, 7)]) {
      let now = edited(device, { ...device.draft, observed: { ...device.draft.observed, c: 3 } });
      for (let round = 0; round < 3; round++) {
        const sent = sending(now, `w${round}${device.baseRevision}`);
        if (sent.write === null) break;
        const result = receive(server, sent.write);
        server = result.stored;
        now = answered(sent.device, result.answer, shapeOf(noteDocument));
      }
      expect(server.document).toEqual({ ...late, observed: { a: 1, b: 2, c: 3 } });
      expect(now.clashes).toEqual([]);
      server = { revision: 3, document: early, writes: [] };
    }
  });
  it('a write repeated after its answer was lost is applied once', () => {
    const stored: Stored<Doc> = { revision: 1, document: { observed: {}, chips: [], remark: '' }, writes: [] };
    const write = { writeId: 'w', baseRevision: 1, document: { observed: { a: 1 }, chips: [], remark: '' } };
    const once = receive(stored, write);
    const twice = receive(once.stored, write);
    expect(twice.stored).toEqual(once.stored);
    expect(twice.answer).toEqual(once.answer);
  });
});
