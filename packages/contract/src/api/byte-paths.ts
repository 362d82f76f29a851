import { recordNames } from '../files/records/rows';
import { API_BASE } from '../operations';

type Json = Record<string, unknown>;

const bytes = { schema: { type: 'string', format: 'binary' } };
const fileId = {
  name: 'id',
  in: 'path',
  required: true,
  schema: { type: 'string', format: 'uuid' },
};

const inQuery = (name: string, description: string): Json => ({
  name,
  in: 'query',
  required: false,
  description,
  schema: { type: 'string' },
});
const recordParameters = [
  inQuery('client', 'Ids of clients with commas between; without any, all'),
  inQuery('from', 'The first day, as 2026-11-01'),
  inQuery('to', 'The last day'),
];

/** What takes and answers bytes, or whole files, instead of JSON. */
export const bytePaths: Record<string, Json> = {
  [`${API_BASE}/films/{id}/bytes/{from}`]: {
    put: {
      operationId: 'putFilmBytes',
      summary: 'Send the next piece of a file, beginning where the studio’s copy ends',
      security: [{ session: [] }],
      'x-access': 'trainer',
      parameters: [
        fileId,
        { name: 'from', in: 'path', required: true, schema: { type: 'integer', minimum: 0 } },
      ],
      requestBody: { required: true, content: { 'application/octet-stream': bytes } },
      responses: {
        200: {
          description: 'How far the file has come',
          content: {
            'application/json': {
              schema: { type: 'object', properties: { received: { type: 'integer' } } },
            },
          },
        },
        409: { description: 'The studio’s copy does not end there' },
      },
    },
  },
  [`${API_BASE}/films/{id}/bytes`]: {
    get: {
      operationId: 'filmBytes',
      summary: 'A file of a film, whole or a range of it (RFC 9110)',
      security: [{ session: [] }],
      'x-access': 'trainer',
      parameters: [fileId],
      responses: {
        200: { description: 'The file', content: { 'video/*': bytes, 'image/jpeg': bytes } },
        206: { description: 'A range of it', content: { 'video/*': bytes, 'image/jpeg': bytes } },
        404: { description: 'No such file, or not all of it yet' },
        416: { description: 'No such range' },
      },
    },
  },
  [`${API_BASE}/files/{name}`]: {
    get: {
      operationId: 'recordFile',
      summary:
        'The studio’s records as a file: sets, clients, bookings, bodies or blocks as CSV (RFC 4180), or all as JSON',
      security: [{ session: [] }, { token: [] }],
      'x-access': 'trainer',
      parameters: [
        {
          name: 'name',
          in: 'path',
          required: true,
          schema: { enum: [...recordNames.map((name) => `${name}.csv`), 'records.json'] },
        },
        ...recordParameters,
      ],
      responses: {
        200: {
          description: 'The file',
          content: { 'text/csv': bytes, 'application/json': { schema: { type: 'object' } } },
        },
        400: { description: 'Not a day, or not ids' },
        401: { description: 'Sign in first' },
        404: { description: 'No such file or client' },
        429: { description: 'Too often; wait a little' },
      },
    },
  },
  [`${API_BASE}/files/records.schema.json`]: {
    get: {
      operationId: 'recordsSchema',
      summary: 'The JSON Schema (2020-12) of records.json',
      security: [],
      'x-access': 'open',
      parameters: [],
      responses: {
        200: { description: 'The schema', content: { 'application/schema+json': {} } },
      },
    },
  },
  [`${API_BASE}/files/calendar.ics`]: {
    get: {
      operationId: 'calendarIcs',
      summary: 'The bookings of who asks as a calendar file (RFC 5545)',
      security: [{ session: [] }, { token: [] }],
      'x-access': 'trainer',
      parameters: [],
      responses: {
        200: { description: 'The file', content: { 'text/calendar': bytes } },
        401: { description: 'Sign in first' },
      },
    },
  },
  [`${API_BASE}/archive`]: {
    get: {
      operationId: 'archive',
      summary: 'The whole studio as one packed file (docs/data-formats.md); for owners',
      security: [{ session: [] }],
      'x-access': 'owner',
      parameters: [],
      responses: {
        200: { description: 'The archive', content: { 'application/gzip': bytes } },
        401: { description: 'Sign in first' },
        403: { description: 'Not allowed for this account' },
      },
    },
  },
  [`${API_BASE}/setup/archive`]: {
    post: {
      operationId: 'takeArchive',
      summary:
        'Bring an archive into an empty Spalo, all of it or nothing; answers a link by which its owner gets in',
      security: [],
      'x-access': 'open',
      parameters: [
        {
          name: 'X-Spalo-Code',
          in: 'header',
          description: 'What Spalo printed where it was started; asked of every other machine',
          schema: { type: 'string' },
        },
      ],
      requestBody: { required: true, content: { 'application/octet-stream': bytes } },
      responses: {
        200: { description: 'The studio is here', content: { 'application/json': {} } },
        400: { description: 'It is not whole, or no archive' },
        403: { description: 'From another machine, and without the code' },
        409: { description: 'A studio is here already' },
      },
    },
  },
};
