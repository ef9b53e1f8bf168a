import { clamp } from '../wine/units';
import { classOfHue, hueLadders, midpoint, type Hue, type Observed } from '../wine/observables';

/** CIELAB under D65 and the 2° observer. Never to be compared with the OIV's D65/10° values. */
export interface Lab {
  readonly l: number;
  readonly a: number;
  readonly b: number;
}
export type Linear = readonly [number, number, number];

const white = { x: 95.047, y: 100, z: 108.883 };
const cube = 216 / 24389;
const slope = 24389 / 27;

/** CIELAB to linear sRGB (IEC 61966-2-1 primaries, D65). Components may leave 0–1 for colours outside the gamut. */
export function labToLinear({ l, a, b }: Lab): Linear {
  const fy = (l + 16) / 116;
  const inverse = (f: number) => (f ** 3 > cube ? f ** 3 : (116 * f - 16) / slope);
  const x = (inverse(fy + a / 500) * white.x) / 100;
  const y = l > slope * cube ? fy ** 3 : l / slope;
  const z = (inverse(fy - b / 200) * white.z) / 100;
  return [3.2404542 * x - 1.5371385 * y - 0.4985314 * z, -0.969266 * x + 1.8760108 * y + 0.041556 * z, 0.0556434 * x - 0.2040259 * y + 1.0572252 * z];
}

/** Linear sRGB (0–1) to CIELAB. */
export function linearToLab([r, g, b]: Linear): Lab {
  const x = (0.4124564 * r + 0.3575761 * g + 0.1804375 * b) / (white.x / 100);
  const y = 0.2126729 * r + 0.7151522 * g + 0.072175 * b;
  const z = (0.0193339 * r + 0.119192 * g + 0.9503041 * b) / (white.z / 100);
  const f = (t: number) => (t > cube ? Math.cbrt(t) : (slope * t + 16) / 116);
  return { l: 116 * f(y) - 16, a: 500 * (f(x) - f(y)), b: 200 * (f(y) - f(z)) };
}

/** Linear sRGB to "#rrggbb", clipped to the gamut. */
export function linearToHex(linear: Linear): string {
  return `#${linear
    .map((c) =>
      Math.round(255 * gamma(clamp(c, 0, 1)))
        .toString(16)
        .padStart(2, '0'),
    )
    .join('')}`;
}
const gamma = (c: number) => (c <= 0.0031308 ? 12.92 * c : 1.055 * c ** (1 / 2.4) - 0.055);

/** "#rrggbb" to linear sRGB. */
export function hexToLinear(hex: string): Linear {
  const part = (at: number) => {
    const c = parseInt(hex.slice(at, at + 2), 16) / 255;
    return c <= 0.04045 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4;
  };
  return [part(1), part(3), part(5)];
}

/** CIELAB colour of each hue word at its core and middling depth. Own choice: no handbook gives words CIELAB limits. */
export const hueLab: Readonly<Record<Hue, Lab>> = {
  colourless: { l: 97.5, a: -1.4, b: 3 },
  greenish: { l: 96, a: -4.8, b: 12.5 },
  lemon: { l: 94, a: -5.5, b: 24 },
  straw: { l: 90.5, a: -2.5, b: 36 },
  gold: { l: 84, a: 5, b: 52 },
  oldgold: { l: 74, a: 15, b: 60 },
  brown: { l: 58, a: 22, b: 61 },
  pink: { l: 80, a: 24, b: 3 },
  salmon: { l: 79, a: 19, b: 20 },
  onion: { l: 77, a: 13, b: 32 },
  palegold: { l: 82, a: 8, b: 50 },
  honey: { l: 76, a: 14, b: 56 },
  orange: { l: 66, a: 25, b: 62 },
  copper: { l: 54, a: 33, b: 54 },
  purple: { l: 24, a: 46, b: -6 },
  ruby: { l: 29, a: 45, b: 16 },
  garnet: { l: 33, a: 40, b: 26 },
  brick: { l: 39, a: 35, b: 36 },
  tawny: { l: 47, a: 28, b: 46 },
  mahogany: { l: 53, a: 20, b: 52 },
};

/** A hue word's own colour, "#rrggbb": the swatch beside it. */
export const hueSwatch = (hue: Hue) => linearToHex(labToLinear(hueLab[hue]));

/** How much colour the wine has for a depth of 0–100, relative to middling (50): absorbance is proportional to it. */
export const depthFactor = (depth: number) => lightest * Math.exp((clamp(depth, 0, 100) / 50) * Math.log(1 / lightest));
/** The colour of a wine of no depth at all, as a share of middling. */
const lightest = 0.3;

/**
 * The colour of a layer of wine by Beer–Lambert: each linear channel is transmitted as exp(−absorbance · colour · thickness).
 * @param hue a hue word of the registry
 * @param depth 0–100
 * @param thickness 0 (nothing) to 1 (the core)
 */
export function layerColour(hue: Hue, depth: number, thickness: number): Linear {
  const core = labToLinear(hueLab[hue]);
  const amount = depthFactor(depth) * thickness;
  return core.map((c) => clamp(c, 0.004, 0.999) ** amount) as unknown as Linear;
}

export interface GlassColour {
  /** "#rrggbb" from the core to the rim, evenly spaced. */
  readonly stops: readonly string[];
  readonly core: Lab;
  readonly rim: Lab;
  readonly inWords: string;
}

/** What to draw for the recorded appearance; undefined until a hue is recorded. Depth that was not looked at is drawn as middling. */
export function glassColour(observed: Observed): GlassColour | undefined {
  const hue = observed.hue;
  if (hue === undefined) return undefined;
  const rimHue = observed.rimHue ?? hue;
  const depth = observed.depth === undefined ? 50 : midpoint(observed.depth);
  const width = observed.rim === undefined ? 40 : midpoint(observed.rim);
  const steps = 7;
  const linear = Array.from({ length: steps }, (_, i) => {
    const out = i / (steps - 1);
    const edge = 1 - 0.25 - 0.6 * (width / 100);
    const thin = out <= edge ? 1 : 1 - 0.82 * ((out - edge) / (1 - edge)) ** 1.3;
    const mix = out <= edge ? 0 : (out - edge) / (1 - edge);
    const core = layerColour(hue, depth, thin);
    const rim = layerColour(rimHue, depth, thin);
    return core.map((c, k) => c ** (1 - mix) * rim[k]! ** mix) as unknown as Linear;
  });
  const colour = classOfHue(hue);
  const words = colour === undefined ? hue : (hueLadders[colour] as Record<string, string>)[hue]!;
  return { stops: linear.map(linearToHex), core: linearToLab(linear[0]!), rim: linearToLab(linear.at(-1)!), inWords: words };
}

/**
 * How core and rim differ, in words: whether the rim is browner or fresher (a rung or more along the ladder), and how widely it pales. Undefined until a
 * hue of the rim or its width is recorded.
 */
export function rimInWords(observed: Observed): string | undefined {
  const { hue, rimHue, rim } = observed;
  const ladder = hue === undefined ? [] : Object.keys(hueLadders[classOfHue(hue)!]);
  const rungs = rimHue === undefined || hue === undefined || !ladder.includes(rimHue) ? 0 : ladder.indexOf(rimHue) - ladder.indexOf(hue);
  const turn = rungs >= 2 ? 'much browner at the rim' : rungs === 1 ? 'browner at the rim' : rungs < 0 ? 'fresher at the rim' : undefined;
  const width = rim === undefined ? undefined : midpoint(rim);
  const pales =
    width === undefined
      ? undefined
      : width < 13
        ? 'even to the edge'
        : width < 38
          ? 'paling at the very edge'
          : width < 63
            ? 'paling towards the edge'
            : 'paling widely';
  if (turn === undefined && pales === undefined) return rimHue === undefined ? undefined : 'one hue to the edge';
  return [pales, turn].filter((part) => part !== undefined).join(', ');
}

/** The CIE 1976 colour difference. */
export const deltaE76 = (p: Lab, q: Lab) => Math.hypot(p.l - q.l, p.a - q.a, p.b - q.b);
