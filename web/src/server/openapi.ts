import { z } from 'zod';
import { contracts } from '../contract';
import type { Contract } from '../contract/contract';

type Json = Record<string, unknown>;
const schemaOf = (type: z.ZodType, io: 'input' | 'output'): Json => {
  const { $schema: _schema, ...rest } = z.toJSONSchema(type, { io, unrepresentable: 'any', target: 'draft-2020-12' }) as Json;
  return rest;
};

const problem = (description: string) => ({ description, content: { 'application/problem+json': { schema: { $ref: '#/components/schemas/Problem' } } } });
const waits = (description: string) => ({
  ...problem(description),
  headers: { 'Retry-After': { description: 'Seconds to wait.', schema: { type: 'integer' } } },
});

/** What an operation answers when all goes well: JSON, or a file of one of its types. */
function answer(said: Contract): Json {
  const json = { 'application/json': { schema: schemaOf(said.output, 'output') } };
  if (said.files === undefined) return { description: 'Done', content: json };
  const file = (type: string) => (type.startsWith('text/') ? { type: 'string' } : { type: 'string', contentMediaType: type, contentEncoding: 'binary' });
  return {
    description: 'A file',
    headers: { 'Content-Disposition': { description: 'The name of the file.', schema: { type: 'string' } } },
    content: Object.fromEntries(said.files.map((type) => (type === 'application/json' ? [type, json[type]] : [type, { schema: file(type) }]))),
  };
}
/** What else it may answer. */
function refusals(said: Contract, isDocument: boolean): Json {
  return {
    ...(said.allow === 'anyone' ? {} : { 401: problem('No token, or one that was revoked'), 403: problem('The caller’s part in the venue does not allow it') }),
    ...(said.path.includes('{') ? { 404: problem('There is no such thing here') } : {}),
    ...(isDocument
      ? {
          409: {
            description: 'Somebody else changed the document meanwhile; the answer carries it as it stands now',
            headers: { ETag: { description: 'The present revision.', schema: { type: 'string' } } },
            content: {
              'application/problem+json': {
                schema: {
                  allOf: [
                    { $ref: '#/components/schemas/Problem' },
                    {
                      type: 'object',
                      properties: {
                        revision: { type: 'integer' },
                        document: { description: 'The document as it stands now.', type: 'object' },
                        applied: { description: 'Whether this very write had been applied before.', type: 'boolean' },
                      },
                    },
                  ],
                },
              },
            },
          },
        }
      : said.kind === 'command'
        ? { 409: problem('What stands here now does not let it be done') }
        : {}),
    ...('shape' in said.input && Object.keys(said.input.shape as object).length > 0
      ? { 422: problem('A field is not as it should be; `errors` names each') }
      : {}),
    429: waits('Too many calls'),
    503: waits('The database, or a busy solver, does not answer just now'),
    default: problem('A problem (RFC 9457)'),
  };
}

/** The OpenAPI 3.1 document: a fold over the contract, with the same schemas that parse the requests. */
export function openapi(server: string): Json {
  const paths: Record<string, Json> = {};
  for (const said of contracts) {
    if (said.browserOnly === true) continue;
    const input = schemaOf(said.input, 'input') as { properties?: Record<string, Json>; required?: string[] };
    const named = [...said.path.matchAll(/\{(\w+)\}/g)].map((match) => match[1]!);
    const fields = Object.entries(input.properties ?? {});
    const inPath = fields.filter(([name]) => named.includes(name));
    const others = fields.filter(([name]) => !named.includes(name));
    const inAddress = said.method === 'GET' || said.method === 'DELETE';
    const isDocument = 'document' in (input.properties ?? {}) && said.kind === 'command';
    const required = (name: string) => input.required?.includes(name) === true;
    (paths[said.path] ??= {})[said.method.toLowerCase()] = {
      operationId: said.name,
      summary: said.summary,
      tags: [said.name.split('.')[0]],
      'x-allow': said.allow,
      'x-kind': said.kind,
      ...(said.allow === 'anyone' ? { security: [] } : {}),
      parameters: [
        ...inPath.map(([name, schema]) => ({ name, in: 'path', required: true, schema })),
        ...(inAddress ? others.map(([name, schema]) => ({ name, in: 'query', required: required(name) && !('default' in schema), schema })) : []),
        ...(isDocument
          ? [
              {
                name: 'If-Match',
                in: 'header',
                required: false,
                description: 'The revision this write is based on, as the ETag of a read gave it; stands for baseRevision.',
                schema: { type: 'string' },
                example: '"3"',
              },
            ]
          : []),
      ],
      ...(inAddress || others.length === 0
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
                  ...(said.example === undefined ? {} : { example: said.example }),
                },
              },
            },
          }),
      responses: { 200: answer(said), ...refusals(said, isDocument) },
    };
  }
  return {
    openapi: '3.1.0',
    info: {
      title: 'Rose Compass',
      version: '1',
      license: { name: 'MIT', identifier: 'MIT' },
      description:
        'Wines, flights, orders, notes and pairings. Every path is a command or a query of the application itself. Make a token in the settings and send it as a bearer token. Documents are saved under their revision: read one, change it, and write it back with the revision you read and a writeId of your own; the same write again is answered as done.',
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
            errors: {
              type: 'array',
              items: { type: 'object', required: ['field', 'message'], properties: { field: { type: 'string' }, message: { type: 'string' } } },
            },
          },
        },
      },
    },
  };
}
