import fc from 'fast-check';
import { eventTypes, logEvent } from '../events/event';
import { problems } from '../operations/problems';
import { instant, line, text } from '../primitives/values';
import { email } from '../resources/account';
import { streamMessage } from '../resources/change-message';
import { client, clientFacts } from '../resources/client';
import { newStudio } from '../routes/account';
import type { Route } from '../routes/route';
import { openApiDocument } from './openapi';
import { API_BASE } from '../operations';
import { routes } from './routes';

const ids = {
  id: '019a0000-0000-7000-8000-000000000001',
  stream: 'session',
  streamId: '019a0000-0000-7000-8000-000000000002',
  author: '019a0000-0000-7000-8000-000000000003',
  device: '019a0000-0000-7000-8000-000000000004',
};
const envelope = { ...ids, at: '2026-11-24T10:00:00.000Z' };
const set = {
  liftId: 'back-squat',
  step: 0,
  kind: 'working',
  loadG: 60_000,
  reps: 8,
  cleanReps: 7,
  marks: [{ rep: 8, faultId: 'knees-in' }],
  rir: 2,
  proposed: { loadG: 60_000, reps: 8 },
};
const logged = (change: object) => ({
  ...envelope,
  type: 'set.logged',
  payload: { ...set, ...change },
});

/** The stream that a type of entry is of. */
const streamOf = (type: string) => (type.startsWith('block.') ? 'block' : 'session');

describe('events', () => {
  it('take what a device of the first version sends, as of the stream that it meant', () => {
    const { stream: _stream, streamId: sessionId, ...first } = logged({});
    expect(logEvent.parse({ ...first, sessionId })).toEqual(logged({}));
  });

  it('take a set as it is logged', () => {
    expect(logEvent.parse(logged({}))).toEqual(logged({}));
  });

  it.each<[string, object]>([
    ['more clean reps than reps', { cleanReps: 9 }],
    ['a marked rep that was not done', { marks: [{ rep: 9, faultId: 'knees-in' }] }],
    ['half a gram', { loadG: 60_000.5 }],
    ['less than nothing', { loadG: -1 }],
    ['five in reserve', { rir: 5 }],
    ['a lift that cannot be an id', { liftId: 'Back squat' }],
    ['a ton', { loadG: 1_000_001 }],
  ])('refuse %s', (_name, change) => {
    expect(logEvent.safeParse(logged(change)).success).toBe(false);
  });

  it.each([
    ['an id of another version', { id: '019a0000-0000-4000-8000-000000000001' }],
    ['a time without milliseconds', { at: '2026-11-24T10:00:00Z' }],
    ['a time in a zone', { at: '2026-11-24T10:00:00.000+01:00' }],
    ['an unknown type', { type: 'set.dreamt' }],
    ['an unknown stream', { stream: 'dream' }],
  ])('refuse %s', (_name, change) => {
    expect(logEvent.safeParse({ ...logged({}), ...change }).success).toBe(false);
  });

  it('leave no type without a schema, and none takes nothing at all', () => {
    expect(eventTypes).toHaveLength(51);
    for (const type of eventTypes) {
      expect(
        logEvent.safeParse({ ...envelope, stream: streamOf(type), type, payload: null }).success,
      ).toBe(false);
    }
  });

  it('pass only what JSON brings back unchanged', () => {
    fc.assert(
      fc.property(fc.jsonValue(), fc.constantFrom(...eventTypes), (payload, type) => {
        const result = logEvent.safeParse({ ...envelope, stream: streamOf(type), type, payload });
        if (result.success) expect(JSON.parse(JSON.stringify(result.data))).toEqual(result.data);
      }),
    );
  });
});

describe('text', () => {
  it('is trimmed, and holds nothing that a database cannot', () => {
    expect(line(10).parse('  Ada ')).toBe('Ada');
    for (const bad of ['', '   ', 'a\u0000b', '\ud800', 'x'.repeat(11)]) {
      expect(line(10).safeParse(bad).success).toBe(false);
    }
    expect(text(10).parse('')).toBe('');
    expect(text(10).parse('🏋️ ok')).toBe('🏋️ ok');
  });

  it('that passes is whole', () => {
    fc.assert(
      fc.property(fc.string({ unit: 'binary' }), (value) => {
        const result = text(5000).safeParse(value);
        if (result.success) expect(Buffer.from(result.data).toString()).toBe(result.data);
      }),
    );
  });
});

describe('resources', () => {
  const facts = {
    name: 'Ada',
    calledName: '',
    bodyMassG: 64_500,
    sex: 'female',
    trainingMonths: 3,
    birthYear: 1990,
    nervous: false,
    goal: '',
    brief: '',
    reports: [],
  };

  it.each([
    ['no name', { name: '' }],
    ['a body of 20 kg', { bodyMassG: 20_000 }],
    ['a body of 301 kg', { bodyMassG: 301_000 }],
    ['a report of nothing', { reports: [{ liftId: 'x', loadG: 0, reps: 5, monthsAgo: 0 }] }],
    ['a birth in 1899', { birthYear: 1899 }],
  ])('refuse %s', (_name, change) => {
    expect(clientFacts.safeParse({ ...facts, ...change }).success).toBe(false);
  });

  it('read e-mails alike however they are typed', () => {
    expect(email.parse('  Ada@Example.INVALID ')).toBe('ada@example.invalid');
    expect(email.safeParse('ada').success).toBe(false);
  });

  it('know real time zones and real times', () => {
    const zone = newStudio.shape.zone;
    expect(zone.safeParse('Europe/Lisbon').success).toBe(true);
    expect(zone.safeParse('Europe/Nowhere').success).toBe(false);
    for (const bad of [
      '1999-12-31T23:59:59.999Z',
      '2100-01-01T00:00:00.000Z',
      '2026-02-30T00:00:00.000Z',
    ]) {
      expect(instant.safeParse(bad).success).toBe(false);
    }
  });

  it('keep a client’s history apart from what a trainer writes', () => {
    expect(Object.keys(clientFacts.shape)).not.toContain('history');
    expect(Object.keys(client.shape)).toEqual(expect.arrayContaining(['history', 'flags', 'mine']));
  });

  it('tell what a stream message is about', () => {
    expect(streamMessage.safeParse({ kind: 'log', cursor: '7' }).success).toBe(true);
    expect(streamMessage.safeParse({ kind: 'changed', what: 'weather' }).success).toBe(false);
  });
});

describe('the OpenAPI document', () => {
  const document = openApiDocument() as {
    openapi: string;
    paths: Record<
      string,
      Record<
        string,
        {
          operationId: string;
          parameters?: { name: string }[];
          requestBody?: unknown;
          responses: Record<string, unknown>;
          security: unknown[];
        }
      >
    >;
  };
  const all = Object.entries(routes) as [string, Route][];

  it('lists every route once, with its parameters, body and refusals', () => {
    expect(document.openapi).toBe('3.1.0');
    for (const [name, route] of all) {
      const path = API_BASE + route.path.replace(/:(\w+)/g, '{$1}');
      const operation = document.paths[path]![route.method]!;
      expect(operation.operationId).toBe(name);
      const named = (operation.parameters ?? []).map((parameter) => parameter.name);
      expect(named).toEqual([
        ...Object.keys(route.params?.shape ?? {}),
        ...Object.keys(route.query?.shape ?? {}),
      ]);
      expect(operation.requestBody !== undefined).toBe(route.body !== undefined);
      expect(operation.security.length > 0).toBe(route.access !== 'open');
      if (route.access !== 'open') expect(operation.responses).toHaveProperty('401');
    }
  });

  it.each(all.map(([name, route]) => [name, route] as const))(
    'shows what %s takes and answers by an example that it would take',
    (name, { path, method, body, answer }) => {
      const operation = document.paths[API_BASE + path.replace(/:(\w+)/g, '{$1}')]![method]!;
      const example = (part: unknown) =>
        (part as { content: { 'application/json': { example: unknown } } }).content[
          'application/json'
        ].example;
      if (body)
        expect([name, body.safeParse(example(operation.requestBody)).error]).toEqual([
          name,
          undefined,
        ]);
      expect([name, answer.safeParse(example(operation.responses['200'])).error]).toEqual([
        name,
        undefined,
      ]);
    },
  );

  it('has every parameter of a path described', () => {
    for (const [, route] of all) {
      const inPath = [...route.path.matchAll(/:(\w+)/g)].map((match) => match[1]);
      expect(Object.keys(route.params?.shape ?? {}).sort()).toEqual(inPath.sort());
    }
  });

  it('is plain JSON', () => {
    expect(JSON.parse(JSON.stringify(document))).toEqual(document);
    for (const { status } of Object.values(problems)) expect(status).toBeGreaterThanOrEqual(400);
  });
});
