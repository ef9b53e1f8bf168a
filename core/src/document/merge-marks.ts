import { z } from 'zod';
import type { Shape } from './merge';

/** How a field of a document is merged, said beside the field. What is not marked is kept or replaced whole. */
const marks = z.registry<{ readonly shape: Shape }>();
const marked = <S extends z.ZodType>(schema: S, shape: Shape): S => {
  marks.add(schema, { shape });
  return schema;
};
/** A record whose keys are merged one by one. */
export const byKey = <S extends z.ZodType>(schema: S): S => marked(schema, { record: 'atom' });
/** A record of records, merged key by key on both levels. */
export const byKeys = <S extends z.ZodType>(schema: S): S => marked(schema, { record: { record: 'atom' } });
/** A list whose items are merged by their `id`, field by field. */
export const byId = <S extends z.ZodType>(schema: S): S => marked(schema, { byId: { record: 'atom' } });

/** The mark of a schema or of what it wraps. */
function markOf(schema: z.ZodType): Shape | undefined {
  const own = marks.get(schema)?.shape;
  if (own !== undefined) return own;
  return schema instanceof z.ZodOptional || schema instanceof z.ZodNullable ? markOf(schema.unwrap() as z.ZodType) : undefined;
}
/** How a document is merged: field by field, each as its mark says. */
export function shapeOf(document: z.ZodObject): Shape {
  const fields = Object.entries(document.shape).flatMap(([name, field]) => {
    const shape = markOf(field as z.ZodType);
    return shape === undefined ? [] : [[name, shape] as const];
  });
  return { record: 'atom', ...(fields.length === 0 ? {} : { fields: Object.fromEntries(fields) }) };
}
