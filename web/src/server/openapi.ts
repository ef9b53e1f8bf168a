import { z } from 'zod';
import { contracts } from '../contract';

type Json = Record<string, unknown>;
const schemaOf = (type: z.ZodType, io: 'input' | 'output'): Json => {
  const { $schema: _schema, ...rest } = z.toJSONSchema(type, { io, unrepresentable: 'any', target: 'draft-2020-12' }) as Json;
  return rest;
};

/** The OpenAPI 3.1 document: a fold over the registry, with the same schemas that parse the requests. */
export function openapi(server: string): Json {
  const paths: Record<string, Json> = {};
  for (const operation of contracts) {
    if (operation.browserOnly === true) continue;
    const input = schemaOf(operation.input, 'input') as { properties?: Record<string, Json>; required?: string[] };
    const named = [...operation.path.matchAll(/\{(\w+)\}/g)].map((match) => match[1]!);
    const fields = Object.entries(input.properties ?? {});
    const inPath = fields.filter(([name]) => named.includes(name));
    const others = fields.filter(([name]) => !named.includes(name));
    const reading = operation.method === 'GET' || operation.method === 'DELETE';
    const isDocument = 'document' in (input.properties ?? {});
    const required = (name: string) => input.required?.includes(name) === true;
    (paths[operation.path] ??= {})[operation.method.toLowerCase()] = {
      operationId: operation.name,
      summary: operation.summary,
      tags: [operation.name.split('.')[0]],
      'x-allow': operation.allow,
      'x-kind': operation.kind,
      ...(operation.allow === 'anyone' ? { security: [] } : {}),
      parameters: [
        ...inPath.map(([name, schema]) => ({ name, in: 'path', required: true, schema })),
        ...(reading ? others.map(([name, schema]) => ({ name, in: 'query', required: required(name) && !('default' in schema), schema })) : []),
        ...(isDocument
          ? [
              {
                name: 'If-Match',
                in: 'header',
                required: false,
                description: 'The revision this write is based on, as the ETag of a read gave it; stands for baseRevision.',
                schema: { type: 'string' },
              },
            ]
          : []),
      ],
      ...(reading || others.length === 0
        ? {}
        : {
            requestBody: {
              required: true,
              content: {
                'application/json': {
                  schema: {
                    type: 'object',
                    properties: Object.fromEntries(others),
                    required: others.map(([name]) => name).filter(required),
                    additionalProperties: false,
                  },
                },
              },
            },
          }),
      responses: {
        200: { description: 'Done', content: { 'application/json': { schema: schemaOf(operation.output, 'output') } } },
        default: { description: 'A problem (RFC 9457)', content: { 'application/problem+json': { schema: { $ref: '#/components/schemas/Problem' } } } },
      },
    };
  }
  return {
    openapi: '3.1.0',
    info: {
      title: 'Rose Compass',
      version: '1',
      description:
        'Wines, flights, orders, notes and pairings. Every path is a command or a query of the application itself. Make a token in the settings and send it as a bearer token.',
    },
    servers: [{ url: `${server}/api/v1` }],
    security: [{ token: [] }],
    paths,
    components: {
      securitySchemes: { token: { type: 'http', scheme: 'bearer' } },
      schemas: {
        Problem: {
          type: 'object',
          required: ['type', 'title', 'status'],
          properties: {
            type: { type: 'string' },
            title: { type: 'string' },
            status: { type: 'integer' },
            errors: { type: 'array', items: { type: 'object', properties: { field: { type: 'string' }, message: { type: 'string' } } } },
          },
        },
      },
    },
  };
}
