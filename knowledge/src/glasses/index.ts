/** Shapes of glass a venue can have. Volumes are to the rim. */
export interface GlassShape {
  readonly id: string;
  readonly name: string;
  readonly volumeMl: number;
  /** Diameter of the foot in mm: the circle on a mat is a little larger. */
  readonly footMm: number;
  readonly breaks: boolean;
  readonly source: string;
}
export const glassShapes: readonly GlassShape[] = [
  { id: 'tasting', name: 'tasting glass', volumeMl: 215, footMm: 65, breaks: true, source: 'ISO 3591:1977' },
  { id: 'tulip', name: 'tapered all-round glass', volumeMl: 390, footMm: 75, breaks: true, source: 'common practice' },
  { id: 'bowl', name: 'large bowl', volumeMl: 620, footMm: 85, breaks: true, source: 'common practice' },
  { id: 'narrow', name: 'narrow sparkling glass', volumeMl: 230, footMm: 65, breaks: true, source: 'common practice' },
  { id: 'small', name: 'small glass for sweet wines', volumeMl: 150, footMm: 60, breaks: true, source: 'common practice' },
  { id: 'tumbler', name: 'unbreakable tumbler', volumeMl: 300, footMm: 70, breaks: false, source: 'common practice' },
];
export const glassShape = (id: string): GlassShape => glassShapes.find((shape) => shape.id === id) ?? glassShapes[0]!;
