import { differenceCiede2000, lab65, rgb, wcagContrast } from 'culori';
import { describe, expect, it } from 'vitest';
import { published } from '../testing/published';
import { hueLadders, isHue, type ColourClass, type Hue } from '../wine/observables';
import { deltaE76, glassColour, rimInWords, hexToLinear, hueLab, labToLinear, linearToHex, linearToLab } from './colour';

describe('colour against published values', () => {
  const rows: [string, number, number, number][] = [
    ['#ffffff', 100, 0, 0],
    ['#ff0000', 53.24, 80.09, 67.2],
    ['#00ff00', 87.73, -86.18, 83.18],
    ['#0000ff', 32.3, 79.19, -107.86],
    ['#808080', 53.59, 0, 0],
    ['#000000', 0, 0, 0],
    ['#ffff00', 97.14, -21.55, 94.48],
  ];
  for (const [hex, l, a, b] of rows) {
    published('IEC 61966-2-1 with CIE 15, D65/2°', `${hex} is L ${l}, a ${a}, b ${b}`, () => {
      const lab = linearToLab(hexToLinear(hex));
      expect(lab.l).toBeCloseTo(l, 1);
      expect(lab.a).toBeCloseTo(a, 1);
      expect(lab.b).toBeCloseTo(b, 1);
    });
  }
  published('Sharma, Wu & Dalal 2005, Color Res. Appl. 30:21', 'the first pair of the test data differs by 4.0011 (1976 formula)', () => {
    expect(deltaE76({ l: 50, a: 2.6772, b: -79.7751 }, { l: 50, a: 0, b: -82.7485 })).toBeCloseTo(4.0011, 4);
  });
  for (const [hue, own] of Object.entries(hueLab)) {
    published('culori 4, lab65', `the drawn colour of ${hue} is the colour culori gives for the same CIELAB value`, () => {
      const theirs = rgb({ mode: 'lab65', l: own.l, a: own.a, b: own.b });
      const ours = hexToLinear(linearToHex(labToLinear(own)));
      const reference = hexToLinear(
        linearToHex(
          [theirs.r, theirs.g, theirs.b].map((c) => (c <= 0.04045 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4)) as unknown as [number, number, number],
        ),
      );
      ours.forEach((c, i) => expect(Math.abs(c - reference[i]!)).toBeLessThan(0.01));
      expect(lab65(linearToHex(labToLinear(own)))).toBeDefined();
    });
  }
});

describe('the colour of a glass', () => {
  const ladder = (colour: ColourClass) => Object.keys(hueLadders[colour]).filter(isHue);
  const drawn = (hue: Hue) => glassColour({ hue })!.core;
  published(
    'textbooks on the colour of ageing red wine (values.md 9: L* up, a* down, b* up)',
    'the red ladder runs from purple to mahogany in that direction',
    () => {
      const labs = ladder('red').map(drawn);
      for (let i = 1; i < labs.length; i++) {
        expect(labs[i]!.l).toBeGreaterThan(labs[i - 1]!.l);
        expect(labs[i]!.a).toBeLessThan(labs[i - 1]!.a);
        expect(labs[i]!.b).toBeGreaterThan(labs[i - 1]!.b);
      }
    },
  );
  published(
    'textbooks on the colour of ageing white wine (hue angle falls, b* up)',
    'the white ladder runs from nearly colourless to brown in that direction',
    () => {
      const labs = ladder('white').map(drawn);
      const angle = (lab: { a: number; b: number }) => (Math.atan2(lab.b, lab.a) * 180) / Math.PI;
      for (let i = 1; i < labs.length; i++) {
        expect(angle(labs[i]!)).toBeLessThan(angle(labs[i - 1]!));
        expect(labs[i]!.b).toBeGreaterThan(labs[i - 1]!.b);
      }
    },
  );
  for (const hue of Object.keys(hueLab).filter(isHue)) {
    it(`${hue} grows lighter from core to rim, and darker with depth`, () => {
      for (const depth of [5, 50, 95]) {
        const stops = glassColour({ hue, depth, rim: 60 })!.stops.map((stop) => linearToLab(hexToLinear(stop)).l);
        for (let i = 1; i < stops.length; i++) expect(stops[i]!).toBeGreaterThanOrEqual(stops[i - 1]! - 0.01);
      }
      const at = (depth: number) => glassColour({ hue, depth })!.core.l;
      expect(at(90)).toBeLessThan(at(50));
      expect(at(50)).toBeLessThan(at(10));
    });
  }
  published('Sharma, Wu & Dalal 2005, Color Res. Appl. 30:21', 'the outside library gives ΔE2000 = 2.0425 for the first pair of the test data', () => {
    const lab = (l: number, a: number, b: number) => ({ mode: 'lab65', l, a, b }) as const;
    expect(differenceCiede2000()(lab(50, 2.6772, -79.7751), lab(50, 0, -82.7485))).toBeCloseTo(2.0425, 4);
  });
  for (const colour of ['white', 'rose', 'amber', 'red'] as const)
    published(
      'culori 4, ΔE2000; ΔE of about 3 is seen through a glass (Martínez et al. 2001)',
      `neighbouring hues of the ${colour} ladder differ by 3 or more as drawn`,
      () => {
        const drawnHex = ladder(colour).map((hue) => glassColour({ hue })!.stops[0]!);
        for (let i = 1; i < drawnHex.length; i++) expect(differenceCiede2000()(drawnHex[i]!, drawnHex[i - 1]!), ladder(colour)[i]).toBeGreaterThanOrEqual(3);
      },
    );
  for (const colour of ['white', 'rose', 'amber', 'red'] as const)
    it(`the five notches of depth of a ${colour} wine differ by 3 or more as drawn`, () => {
      for (const hue of ladder(colour).slice(1)) {
        const drawnHex = [0, 25, 50, 75, 100].map((depth) => glassColour({ hue, depth })!.stops[0]!);
        for (let i = 1; i < drawnHex.length; i++) expect(differenceCiede2000()(drawnHex[i]!, drawnHex[i - 1]!), `${hue} ${i}`).toBeGreaterThanOrEqual(3);
      }
    });
  it('draws nothing before a hue is recorded', () => expect(glassColour({ depth: 40 })).toBeUndefined());
  it('a difference seen through a glass (ΔE about 3) lies between neighbouring hues of a ladder', () => {
    for (const colour of ['white', 'rose', 'amber', 'red'] as const) {
      const labs = ladder(colour).map(drawn);
      for (let i = 1; i < labs.length; i++) expect(deltaE76(labs[i]!, labs[i - 1]!)).toBeGreaterThan(3);
    }
    expect(wcagContrast('#1c1e20', '#f7f7f6')).toBeGreaterThan(4.5);
  });
});

describe('core and rim in words', () => {
  it('says nothing before a rim was looked at', () => {
    expect(rimInWords({})).toBeUndefined();
    expect(rimInWords({ hue: 'ruby' })).toBeUndefined();
  });
  published(
    'textbooks on the colour of ageing red wine (purple, ruby, garnet, brick, tawny)',
    'a rim further along the ladder is browner, one further back fresher',
    () => {
      expect(rimInWords({ hue: 'ruby', rimHue: 'garnet' })).toBe('browner at the rim');
      expect(rimInWords({ hue: 'ruby', rimHue: 'tawny' })).toBe('much browner at the rim');
      expect(rimInWords({ hue: 'garnet', rimHue: 'purple' })).toBe('fresher at the rim');
      expect(rimInWords({ hue: 'garnet', rimHue: 'garnet' })).toBe('one hue to the edge');
    },
  );
  it('adds how widely it pales, and never steps back as the rim widens', () => {
    const words = [0, 25, 50, 75, 100].map((rim) => rimInWords({ rim }));
    expect(words).toEqual(['even to the edge', 'paling at the very edge', 'paling towards the edge', 'paling widely', 'paling widely']);
    expect(rimInWords({ hue: 'ruby', rimHue: 'garnet', rim: [40, 60] })).toBe('paling towards the edge, browner at the rim');
  });
});
