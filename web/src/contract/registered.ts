import { z } from 'zod';
import { glassShapes } from '@rose/knowledge/glasses/index';
import { generalStyles } from '@rose/knowledge/styles/index';

const shapes: ReadonlySet<string> = new Set(glassShapes.map((shape) => shape.id));
const styles: ReadonlySet<string> = new Set(generalStyles.map((style) => style.id));

interface Names {
  readonly pins?: readonly { readonly wine: string; readonly other?: string | undefined }[];
  readonly glass?: string | undefined;
  readonly stock?: undefined | { readonly glasses: readonly { readonly shape: string }[] } | null;
  readonly wines?: readonly { readonly glass?: string | undefined; readonly buy?: { readonly style: string } | undefined }[];
}
/**
 * What is written names glasses and general styles that there are: an unknown one would be counted as none held, or be left out without a word.
 * What is stored stays readable whatever it names.
 */
export function onlyRegistered(written: Names, context: z.RefinementCtx): void {
  const check = (known: ReadonlySet<string>, id: string | undefined, what: string, ...path: (string | number)[]) => {
    if (id !== undefined && !known.has(id)) context.addIssue({ code: 'custom', path, message: `is no ${what} we know: one of ${[...known].join(', ')}` });
  };
  written.pins?.forEach((pin, at) => {
    if (pin.other === pin.wine) context.addIssue({ code: 'custom', path: ['pins', at], message: 'pins a wine to itself' });
  });
  check(shapes, written.glass, 'glass', 'glass');
  written.stock?.glasses.forEach((glass, at) => check(shapes, glass.shape, 'glass', 'stock', 'glasses', at, 'shape'));
  written.wines?.forEach((wine, at) => {
    check(shapes, wine.glass, 'glass', 'wines', at, 'glass');
    check(styles, wine.buy?.style, 'style', 'wines', at, 'buy', 'style');
  });
}
