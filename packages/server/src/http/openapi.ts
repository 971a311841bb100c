import { problemDetailsSchema, PROBLEMS, type ProblemName } from '@uisce/core/base';
import { STATUS_CODES } from 'node:http';
import { z } from 'zod';
import type { Endpoint } from './api.js';

/** Problems that any address may answer with. */
const ANYWHERE: readonly ProblemName[] = ['foreign-host', 'internal'];
/** And those of any address that takes a body. */
const WITH_BODY: readonly ProblemName[] = ['invalid', 'not-json', 'too-large', 'wrong-media', 'foreign-page'];

const jsonSchema = (schema: z.ZodType, io: 'input' | 'output') => {
  const { $schema: _, ...rest } = z.toJSONSchema(schema, { io, unrepresentable: 'any' });
  return rest;
};

function problemAnswers(names: readonly ProblemName[]) {
  const byStatus = new Map<number, string[]>();
  for (const name of new Set(names)) {
    const { status, title } = PROBLEMS[name];
    byStatus.set(status, [...(byStatus.get(status) ?? []), `\`${name}\`: ${title}`]);
  }
  return Object.fromEntries(
    [...byStatus].map(([status, titles]) => [
      String(status),
      {
        description: titles.join('; '),
        content: { 'application/problem+json': { schema: { $ref: '#/components/schemas/Problem' } } },
      },
    ]),
  );
}

function operation({
  path,
  summary,
  body,
  bytes,
  described,
  query = {},
  headers = {},
  status = 200,
  answer,
  problems = [],
}: Endpoint) {
  const sent = described ?? body ?? bytes;
  const parameters = [
    ...[...path.matchAll(/\{(\w+)\}/g)].map(([, name]) => ({
      name,
      in: 'path',
      required: true,
      schema: { type: 'string' },
    })),
    ...Object.entries(query).map(([name, description]) => ({
      name,
      in: 'query',
      description,
      required: true,
      schema: { type: 'string' },
    })),
    ...Object.entries(headers).map(([name, description]) => ({
      name,
      in: 'header',
      description,
      schema: { type: 'string' },
    })),
  ];
  return {
    summary,
    ...(parameters.length > 0 ? { parameters } : {}),
    ...(sent
      ? {
          requestBody: {
            required: true,
            content: { 'application/json': { schema: jsonSchema(sent, 'input') } },
          },
        }
      : {}),
    responses: {
      [status]: {
        description: STATUS_CODES[status] ?? '',
        ...(answer ? { content: { 'application/json': { schema: jsonSchema(answer, 'input') } } } : {}),
      },
      ...problemAnswers([...problems, ...(sent ? WITH_BODY : []), ...ANYWHERE]),
    },
  };
}

/** The API described (OpenAPI 3.1), from the same endpoints and schemas that serve it. */
export function openApi(endpoints: readonly Endpoint[]) {
  const paths: Record<string, Record<string, unknown>> = {};
  for (const endpoint of endpoints)
    (paths[`/api${endpoint.path}`] ??= {})[endpoint.method] = operation(endpoint);
  return {
    openapi: '3.1.0',
    info: { title: 'Uisce', version: '1', description: 'A household’s bar, on its own machine.' },
    paths,
    components: { schemas: { Problem: jsonSchema(problemDetailsSchema, 'output') } },
  };
}
