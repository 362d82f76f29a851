import { isDeepStrictEqual } from 'node:util';

/** As JSON has it: what is absent and what is undefined are the same. */
const plain = (value: unknown): unknown => JSON.parse(JSON.stringify(value ?? null));

/** Says where two values differ first; nothing where they are the same. */
export function differences(what: string, one: unknown, other: unknown): string[] {
  const [left, right] = [plain(one), plain(other)];
  if (isDeepStrictEqual(left, right)) return [];
  const at = placeOf(left, right, '');
  return [`${what} differ at ${at}`];
}

function placeOf(left: unknown, right: unknown, path: string): string {
  if (
    typeof left !== 'object' ||
    typeof right !== 'object' ||
    left === null ||
    right === null ||
    Array.isArray(left) !== Array.isArray(right)
  ) {
    return `${path || 'the top'}: ${JSON.stringify(left)?.slice(0, 80)} and ${JSON.stringify(right)?.slice(0, 80)}`;
  }
  const [a, b] = [left as Record<string, unknown>, right as Record<string, unknown>];
  for (const key of new Set([...Object.keys(a), ...Object.keys(b)])) {
    if (!isDeepStrictEqual(a[key], b[key])) return placeOf(a[key], b[key], `${path}/${key}`);
  }
  return path;
}
