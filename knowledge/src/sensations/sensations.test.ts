import { claims } from '../popular-errors/index';
import { describe, expect, it } from 'vitest';
import { published } from '@rose/core/testing/published';
import { observableIds, observables, type ObservableId } from '@rose/core/wine/observables';
import { anchors } from '@rose/core/wine/profile';
import { throughAnchors } from '@rose/core/wine/units';
import { cards } from './cards';
import { lemonAsTartaric, references, sensationTests, vodka } from './references';

const notch = [0, 25, 50, 75, 100] as const;
const amounts = (id: ObservableId) => references[id]!.notches.map((entry) => entry.amount!);

describe('references for the notches', () => {
  it('stand for every bearing of the rose that is a scale, and rise from notch to notch', () => {
    for (const id of observableIds) {
      const spec = observables[id];
      if (spec.kind === 'scale' && 'bearing' in spec) expect(references[id], id).toBeDefined();
    }
    for (const [id, reference] of Object.entries(references)) {
      const given = reference.notches.flatMap((entry) => (entry.amount === undefined ? [] : [entry.amount]));
      expect([0, 5], id).toContain(given.length);
      expect([...given].sort((a, b) => a - b)).toEqual(given);
    }
  });
  notch.forEach((at, i) => {
    published('EU 2019/33 annex III part B, through the anchors of sugar', `the sugar water of notch ${at} reads ${at}`, () => {
      expect(Math.abs(throughAnchors(anchors.sugar, amounts('sweetness')[i]!) - at)).toBeLessThanOrEqual(5);
    });
    published('equivalent weights of citric and tartaric acid, 64.04 and 75.04', `the lemon water of notch ${at} reads ${at}`, () => {
      const juice = amounts('acidity')[i]!;
      const tartaric = (juice * lemonAsTartaric) / (100 + juice);
      expect(Math.abs(throughAnchors(anchors.acidity, tartaric) - at)).toBeLessThanOrEqual(6);
    });
    published('arithmetic of dilution', `the vodka and water of notch ${at} reads ${at}`, () => {
      expect(Math.abs(throughAnchors(anchors.abv, (amounts('alcohol')[i]! * vodka) / 100) - at)).toBeLessThanOrEqual(6);
    });
  });
  published('equivalent weights of citric and tartaric acid, 64.04 and 75.04', 'lemon juice of 48 g/L of citric acid is 56 g/L as tartaric', () => {
    expect(lemonAsTartaric).toBeCloseTo((48 * 75.04) / 64.04, 0);
  });
});

describe('sensation tests', () => {
  it('are at least twelve, each with an amount, and a caution wherever alcohol is drunk', () => {
    expect(sensationTests.length).toBeGreaterThanOrEqual(12);
    for (const test of sensationTests) {
      expect(`${test.make}`, test.id).toMatch(/\d|one|two|three|a quarter|a few|jelly/i);
      if (/vodka|wine/.test(test.make)) expect(test.caution, test.id).toMatch(/spit/);
      if (/milk|stock/i.test(test.make)) expect(test.caution, test.id).toMatch(/allergen|label/);
    }
  });
  it('every bearing that can be made in a kitchen has a test that makes it plain', () => {
    for (const id of Object.keys(references))
      expect(
        sensationTests.some((test) => test.of.includes(id as ObservableId)),
        id,
      ).toBe(true);
  });
  published('common practice', 'acid is felt by watering, tannin by drying, bitterness late: one test parts the three', () => {
    const test = sensationTests.find((entry) => entry.id === 'three-ways')!;
    expect(test.feel).toMatch(/water.*Sour.*late.*Bitter.*cheeks.*Drying/s);
  });
});

describe('no map of the tongue', () => {
  published(
    'Collings 1974; Chandrashekar et al. 2006, Nature 444:288 (from memory)',
    'every taste is felt all over the tongue: they are told by time, not by place',
    () => {
      const texts = [
        ...Object.values(cards).flatMap((card) => Object.values(card)),
        ...sensationTests.flatMap((test) => Object.values(test)),
        ...observableIds.map((id) => ('hint' in observables[id] ? observables[id].hint : '')),
      ].filter((text) => typeof text === 'string');
      for (const text of texts) expect(text).not.toMatch(/\b(?:tip|back|middle|sides?|front) of the tongue|at the back\b/i);
      expect(claims.map(({ id }) => id)).toContain('tongue-map');
    },
  );
});

describe('cards', () => {
  it('every bearing and every core question has one; none names a grape, a place or a price', () => {
    for (const id of observableIds) {
      const spec = observables[id];
      if (spec.quarter !== 'verdict' && !('extra' in spec) && id !== 'after') expect(cards[id], id).toBeDefined();
    }
    for (const [id, card] of Object.entries(cards)) {
      for (const part of Object.values(card)) expect(part.length, id).toBeGreaterThan(6);
      expect(Object.values(card).join(' ')).not.toMatch(/Riesling|Cabernet|Burgundy/);
    }
  });
});
