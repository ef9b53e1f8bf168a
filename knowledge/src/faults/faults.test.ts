import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { published } from '@rose/core/testing/published';
import { triage, type FaultContext, type Seen } from '@rose/core/fault/fault';
import { emptyNote } from '@rose/core/wine/note';
import { descriptors } from '../smells/index';
import { cuesInNote, hazeReasons, falseAlarms, faultCues, faults, triageGlass } from './index';

const weigh = (seen: Seen, context: FaultContext = {}) => triage(seen, context, faults, falseAlarms, faultCues);
const chance = (id: string, seen: Seen, context: FaultContext = {}) => weigh(seen, context).faults.find((entry) => entry.fault.id === id)!.chance;
const there = (...cues: string[]): Seen => Object.fromEntries(cues.map((cue) => [cue, true]));

describe('the tables of faults', () => {
  it('hold at least 20 faults and 20 false alarms, every cue is known, no id twice', () => {
    expect(faults.length).toBeGreaterThanOrEqual(20);
    expect(falseAlarms.length).toBeGreaterThanOrEqual(20);
    const ids = new Set(faultCues.map((cue) => cue.id));
    expect(ids.size).toBe(faultCues.length);
    expect(new Set([...faults, ...falseAlarms].map((entry) => entry.id)).size).toBe(faults.length + falseAlarms.length);
    for (const fault of faults)
      for (const cue of [...Object.keys(fault.cues), ...(fault.onlyWith ?? [])]) expect(ids.has(cue), `${fault.id} ${cue}`).toBe(true);
    for (const alarm of falseAlarms) for (const cue of [...alarm.cues, ...(alarm.confirmed ?? [])]) expect(ids.has(cue), `${alarm.id} ${cue}`).toBe(true);
    for (const fault of faults) expect(fault.now.length).toBeGreaterThan(0);
  });
});

/** Rows of the trade: what is smelt or seen, and the fault it raises. */
const rows: [cues: string[], fault: string, more?: FaultContext][] = [
  [['musty'], 'cork-taint', { closure: 'cork' }],
  [['bruised-apple', 'brown'], 'oxidation'],
  [['stale-nuts'], 'oxidation'],
  [['hazy'], 'protein', { colour: 'white', filtered: true }],
  [['cloudy'], 'bacteria', { filtered: true }],
  [['gas'], 'refermentation', { colour: 'red', age: 4, sparkling: false }],
  [['stings'], 'sulphite'],
  [['horse'], 'brett'],
  [['plaster'], 'brett'],
  [['bad-egg'], 'mercaptans'],
  [['struck-match'], 'reduction'],
  [['onion-rubber'], 'mercaptans'],
  [['vinegar'], 'volatile'],
  [['nail-varnish'], 'ethyl-acetate'],
  [['cooked-fruit', 'cork-pushed'], 'heat'],
  [['mouse-late'], 'mouse'],
  [['muted', 'second-sound'], 'low-cork-taint', { closure: 'cork' }],
  [['cabbage-wool'], 'light'],
  [['ash', 'ash-late'], 'smoke'],
  [['geranium'], 'geranium'],
  [['peanut-green'], 'ladybird'],
  [['mothball'], 'atypical'],
  [['beetroot'], 'earthy'],
  [['harsh-bitter'], 'bitter'],
  [['ropy'], 'ropiness'],
  [['cloudy', 'hazy'], 'metal'],
];
describe('each fault is raised by its cue', () => {
  for (const [cues, fault, context = {}] of rows)
    published('common practice', `${cues.join(' and ')} raises ${fault}`, () => {
      expect(chance(fault, there(...cues), context)).toBeGreaterThan(chance(fault, {}, context) * 2);
      const top = weigh(there(...cues), context).faults.slice(0, 5);
      // A fault too rare to be among the likeliest is at least many times likelier than before.
      expect(top.some((entry) => entry.fault.id === fault) || chance(fault, there(...cues), context) > 20 * chance(fault, {}, context)).toBe(true);
    });
});

/** False alarms of the trade: the look, the wine or the test that explains it, and the fault it must not raise. */
const alarms: [id: string, seen: Seen, context: FaultContext, fault: string][] = [
  ['pour-bubbles', there('gas', 'gas-gone'), { colour: 'red' }, 'refermentation'],
  ['spritz', there('gas'), { colour: 'white', age: 1, sparkling: false }, 'refermentation'],
  ['red-deposit', there('deposit'), { colour: 'red' }, 'bacteria'],
  ['unfiltered', there('hazy'), { filtered: false }, 'protein'],
  ['skin-contact', there('brown'), { colour: 'amber' }, 'oxidation'],
  ['amber-funk', there('nutty', 'funk'), { colour: 'amber' }, 'oxidation'],
  ['riesling-petrol', there('petrol'), { riesling: true }, 'oxidation'],
  ['mature-red', there('brown', 'orange-rim'), { colour: 'red', age: 15 }, 'oxidation'],
  ['ripe-gold', there('gold'), { colour: 'white' }, 'oxidation'],
  ['acid-tears', there('watering'), {}, 'volatile'],
  ['pucker', there('astringent'), {}, 'bitter'],
  ['tears', there('tears'), {}, 'ropiness'],
  ['background-varnish', there('nail-varnish', 'background'), {}, 'ethyl-acetate'],
  ['pale-loud', there('pale-loud'), {}, 'low-cork-taint'],
  ['too-cold', there('muted', 'cold'), { closure: 'cork' }, 'low-cork-taint'],
  ['crystals', there('crystals'), {}, 'metal'],
  ['chill-haze', there('hazy', 'clears-warm'), { filtered: true }, 'protein'],
  ['oxidative', there('nutty', 'stale-nuts', 'brown'), { oxidative: true }, 'oxidation'],
  ['heated', there('cooked-fruit', 'nutty'), { heated: true }, 'heat'],
  ['natural', there('funk', 'hazy'), { natural: true }, 'protein'],
  ['crumbs', there('specks'), {}, 'bacteria'],
  ['glass', there('musty', 'empty-glass'), { closure: 'cork' }, 'cork-taint'],
  ['room', there('many-glasses'), {}, 'cork-taint'],
  ['can', there('in-a-can'), {}, 'metal'],
  ['malolactic', there('dairy'), {}, 'bacteria'],
  ['too-warm', there('stings', 'hot-nose'), {}, 'sulphite'],
  ['green-grape', there('green'), { colour: 'red' }, 'ladybird'],
  ['struck-match-style', there('struck-match', 'fades'), { colour: 'white', age: 2, closure: 'cork' }, 'sulphite'],
  ['mature-sparkling', there('few-bubbles', 'gold', 'nutty'), { sparkling: true, age: 12 }, 'oxidation'],
  ['glass-film', there('no-bubbles-here'), { sparkling: true }, 'refermentation'],
  ['oak-style', there('oak-smell'), {}, 'smoke'],
  ['pinking', there('pink-tinge'), { colour: 'white' }, 'oxidation'],
  ['young-punch', there('astringent', 'hot-nose'), { colour: 'red', age: 1 }, 'bitter'],
];
describe('each false alarm lowers its fault or leaves it', () => {
  for (const [id, seen, context, fault] of alarms)
    published('common practice', `${id} does not make ${fault} likely`, () => {
      const found = weigh(seen, context);
      expect(found.alarms.map((entry) => entry.alarm.id)).toContain(id);
      const without = triage(
        seen,
        {},
        faults,
        falseAlarms.filter((alarm) => alarm.id !== id),
        faultCues,
      ).faults.find((entry) => entry.fault.id === fault)!.chance;
      expect(chance(fault, seen, context)).toBeLessThanOrEqual(Math.max(without, chance(fault, {}, context)) + 1e-9);
      expect(chance(fault, seen, context)).toBeLessThan(0.15);
    });
  it('every false alarm is in that list', () => expect(alarms.map(([id]) => id).sort()).toEqual(falseAlarms.map((alarm) => alarm.id).sort()));
});

describe('triage', () => {
  published('common practice: colour alone is no fault', 'a brown tinge alone, or gold, raises no fault', () => {
    for (const look of ['brown', 'gold', 'orange-rim', 'tears', 'deposit', 'crystals'])
      for (const entry of weigh(there(look)).faults) expect(entry.chance, `${look} ${entry.fault.id}`).toBeLessThanOrEqual(chance(entry.fault.id, {}) + 1e-9);
  });
  published('common practice', 'a struck match that stings is sulphite, one that fades is reduction', () => {
    expect(weigh({ 'struck-match': true, stings: true, fades: false }).faults[0]!.fault.id).toBe('sulphite');
    expect(weigh({ 'struck-match': true, stings: false, fades: true }).faults[0]!.fault.id).toBe('reduction');
  });
  published(
    'common practice: cork taint needs a cork far more often than a screw cap',
    'a damp cellar under cork is likelier taint than under a screw cap',
    () => expect(chance('cork-taint', there('musty'), { closure: 'cork' })).toBeGreaterThan(chance('cork-taint', there('musty'), { closure: 'screw' }) * 2),
  );
  it('reasons add up to the odds, every sentence is whole, and nothing seen is nothing wrong', () => {
    fc.assert(
      fc.property(
        fc.dictionary(fc.constantFrom(...faultCues.map((cue) => cue.id)), fc.boolean(), { maxKeys: 6 }),
        fc.record({
          closure: fc.constantFrom('cork', 'screw', undefined),
          colour: fc.constantFrom('red' as const, 'white' as const, undefined),
          age: fc.option(fc.nat(30), { nil: undefined }),
        }),
        (seen, context) => {
          for (const entry of weigh(seen, context).faults) {
            const bits = entry.reasons.reduce((sum, reason) => sum + reason.push, 0);
            expect(entry.chance).toBeCloseTo(1 / (1 + 2 ** -bits), 9);
            for (const reason of entry.reasons) expect(reason.text).not.toMatch(/undefined|NaN/);
          }
        },
      ),
      { numRuns: 60 },
    );
    expect(weigh({}).verdict).toBe('nothing wrong so far');
    expect(weigh({}).next).toBeUndefined();
  });
  it('asks next what parts the likely faults, never what is known', () => {
    const match = weigh(there('struck-match'));
    expect(['stings', 'fades', 'onion-rubber']).toContain(match.next!.id);
    const musty = weigh(there('musty'), { closure: 'cork' });
    expect(musty.next).toBeDefined();
    expect(musty.next!.id).not.toBe('musty');
  });
  it('no unmistakable smell alone reads as sound, and what the taster says is not contradicted', () => {
    // A haze is more often harmless than not.
    const strong = faultCues.filter(
      (cue) => cue.id !== 'hazy' && faults.some((fault) => fault.onlyWith?.includes(cue.id) !== true && (fault.cues[cue.id]?.[0] ?? 0) >= 5),
    );
    expect(strong.length).toBeGreaterThanOrEqual(18);
    for (const cue of strong) expect(weigh(there(cue.id)).verdict, cue.id).not.toBe('nothing wrong so far');
    for (const said of ['faulty', 'doubtful'] as const) {
      const found = weigh(there('brown'), { colour: 'red', age: 7, said });
      expect(found.verdict).toBe('doubtful');
      expect(found.remark).toBe(`You call it ${said}: nothing known here fits well so far.`);
      expect(found.next, 'there is always a next question').toBeDefined();
    }
    const trace = weigh(there('musty', 'muted'), { closure: 'cork', said: 'trace' });
    expect(trace.verdict).toBe('doubtful');
    expect(trace.faults[0]!.chance).toBeLessThan(0.8);
  });
  published(
    'common practice: two to five natural corks in a hundred were once tainted, today one to three',
    'a damp cellar in a hidden glass is cork taint first',
    () => {
      const hidden = weigh(there('musty'));
      expect(hidden.faults[0]!.fault.id).toBe('cork-taint');
      expect(hidden.faults[0]!.chance).toBeGreaterThan(0.5);
    },
  );
  published(
    'common practice',
    'wet dog under a cork is cork taint; bubbles that stay in a still wine are a second fermentation; clear glass lets light in',
    () => {
      const chips = [{ id: '1', term: 'wet-dog', layer: 'first' as const, strength: 2 as const }];
      expect(triageGlass({ observed: {}, chips }, {}, { closure: 'cork' }).faults[0]!.fault.id).toBe('cork-taint');
      const bead = triageGlass({ observed: { bead: 'fine' }, chips: [] }, {}, { sparkling: false, closure: 'screw', colour: 'red', age: 4 });
      expect(bead.faults[0]!.fault.id).toBe('refermentation');
      expect(chance('light', there('cabbage-wool'), { clearGlass: true })).toBeGreaterThan(
        2 * chance('light', there('cabbage-wool'), { clearGlass: false }) - 0.6,
      );
      expect(chance('light', {}, { clearGlass: true })).toBeGreaterThan(4 * chance('light', {}, { clearGlass: false }));
      const brown = triageGlass({ observed: { hue: 'brown' }, chips: [] }, {}, { colour: 'white', age: 2, closure: 'cork', oxidative: false });
      expect(brown.faults[0]!.fault.id).toBe('premature-oxidation');
    },
  );
  it('reads what the note already tells, by descriptor, clarity and particles; a hidden glass asks without the wine', () => {
    const chip = (term: string) => ({ id: term, term, layer: 'first' as const, strength: 2 as const });
    const note = { ...emptyNote, observed: { clarity: 'hazy' as const, particles: 'none' as const }, chips: [chip('damp-cellar'), chip('lemon')] };
    expect(cuesInNote(note)).toEqual({ musty: true, hazy: true, cloudy: false, crystals: false, deposit: false, specks: false });
    for (const entry of descriptors.filter((descriptor) => descriptor.family === 'fault'))
      expect(Object.keys(cuesInNote({ observed: {}, chips: [chip(entry.id)] })).length, entry.id).toBeGreaterThanOrEqual(1);
    expect(triageGlass(note, {}, {}).faults[0]!.fault.id).toMatch(/cork-taint|protein/);
  });
});

describe('a wine that is not clear', () => {
  const hazy = { observed: { clarity: 'hazy' as const }, chips: [] };
  const facts = (values: Record<string, unknown>) =>
    Object.fromEntries(Object.entries(values).map(([id, value]) => [id, { value, origin: 'label' }])) as Parameters<typeof hazeReasons>[1];
  published('common practice', 'of an unfiltered wine the haze is its style, and cold can cloud any', () => {
    const { harmless } = hazeReasons(hazy, facts({ colour: 'white', filtered: false }), '2026-11-26');
    expect(harmless.join(' ')).toMatch(/unfiltered/);
    expect(harmless.join(' ')).toMatch(/chilled hard/);
  });
  published('common practice', 'of a filtered white a haze is protein or bacteria, never its filtering', () => {
    const { harmless, faults: wrong } = hazeReasons(hazy, facts({ colour: 'white', filtered: true }), '2026-11-26');
    expect(harmless.join(' ')).not.toMatch(/unfiltered/);
    expect(wrong).toContain('protein haze');
  });
  it('of a hidden glass the same reasons whatever is in it, and a cloud is weighed apart from a haze', () => {
    expect(hazeReasons(hazy, undefined, '2026-11-26')).toEqual(hazeReasons(hazy, undefined, '2031-01-01'));
    const cloudy = { observed: { clarity: 'cloudy' as const }, chips: [] };
    expect(hazeReasons(cloudy, undefined, '2026-11-26').faults[0]).not.toBe(hazeReasons(hazy, undefined, '2026-11-26').faults[0]);
  });
});

describe('the senses of cues', () => {
  it('what is asked as a smell is found by the nose', () => {
    for (const { id, ask, sense } of faultCues) if (/^Does it smell/.test(ask)) expect(sense, id).toBe('nose');
  });
});
