import { dayIn } from '@spalo/core/unit';

type Json = Record<string, unknown>;

const ID = '019a0000-0000-7000-8000-000000000001';
const NOW = '2026-11-24T10:00:00.000Z';

/** What stands in an example under these names, where the schema leaves it open. */
const named: Record<string, unknown> = {
  name: 'Runa Hallvard-Iyer',
  calledName: 'Runa',
  client: 'Runa Hallvard-Iyer',
  studioName: 'Boathouse',
  email: 'runa@example.invalid',
  password: 'boats in autumn rain',
  zone: 'Europe/Berlin',
  liftId: 'back-squat',
  lift: 'Back squat',
  loadG: 60_000,
  bodyMassG: 68_000,
  reps: 8,
  cleanReps: 8,
  minutes: 60,
  fileName: 'log-2025.csv',
  rule: 'FREQ=WEEKLY;COUNT=8',
  from: '2026-11-02',
  to: '2026-11-15',
  lastDay: '2026-12-31',
  token: 'spalo_…',
  text: 'Slept badly',
};

const fits = (value: unknown, { type, enum: allowed, const: only, maxLength }: Json): boolean => {
  if (allowed || only !== undefined || value === undefined) return false;
  if (type === 'string') {
    return typeof value === 'string' && value.length <= Number(maxLength ?? Infinity);
  }
  return (type === 'integer' || type === 'number') && typeof value === 'number';
};

function textOf(schema: Json): string {
  const { format, pattern, minLength } = schema;
  if (format === 'uuid') return ID;
  if (format === 'date-time') return NOW;
  if (format === 'date') return dayIn(NOW, 'UTC');
  if (format === 'email') return String(named.email);
  if (pattern === '^\\d{1,15}$') return '0';
  if (typeof pattern === 'string' && pattern.startsWith('^\\+?[0-9 ]')) return '112';
  if (typeof pattern === 'string' && pattern.startsWith('^[a-z0-9-]+')) return 'back-squat';
  return Number(minLength ?? 0) > 0 ? 'x'.repeat(Number(minLength)) : '';
}

function numberOf({ minimum, exclusiveMinimum, maximum }: Json): number {
  const least = Number(minimum ?? exclusiveMinimum ?? 0);
  const open = exclusiveMinimum !== undefined && minimum === undefined ? least + 1 : least;
  const lowest = open < -1e15 ? 0 : open;
  return Math.min(lowest, Number(maximum ?? lowest));
}

/** What of a schema says how what it describes is put together. */
interface Parts {
  $ref?: string;
  anyOf?: Json[];
  oneOf?: Json[];
  allOf?: Json[];
  type?: string;
  properties?: Record<string, Json>;
  items?: Json | false;
  prefixItems?: Json[];
}

/** Something that a schema (JSON Schema 2020-12) describes: the smallest, with words of the field where it leaves room. */
export function exampleOf(schema: Json, name = '', root: Json = schema): unknown {
  const { $ref, anyOf, oneOf, allOf, type, properties, items, prefixItems } = schema as Parts;
  if ($ref) {
    const at = $ref.split('/').slice(1);
    const found = at.reduce<unknown>((part, key) => (part as Json)[key], root);
    return exampleOf(found as Json, name, root);
  }
  if (fits(named[name], schema)) return named[name];
  const [given] = (schema.examples as unknown[] | undefined) ?? [];
  if (given !== undefined) return given;
  if (schema.const !== undefined) return schema.const;
  if (schema.enum) return (schema.enum as unknown[])[0];
  const choices = anyOf ?? oneOf;
  if (choices) return exampleOf(choices[0]!, name, root);
  if (allOf) {
    return Object.assign({}, ...allOf.map((part) => exampleOf(part, name, root) as object));
  }
  switch (type) {
    case 'string':
      return textOf(schema);
    case 'integer':
    case 'number':
      return numberOf(schema);
    case 'boolean':
      return false;
    case 'null':
      return null;
    case 'array': {
      if (prefixItems) return prefixItems.map((part) => exampleOf(part, name, root));
      return items ? [exampleOf(items, name, root)] : [];
    }
    case 'object':
      return Object.fromEntries(
        Object.entries(properties ?? {})
          .filter(([key]) => ((schema.required ?? []) as string[]).includes(key))
          .map(([key, part]) => [key, exampleOf(part, key, root)]),
      );
    default:
      return null;
  }
}
