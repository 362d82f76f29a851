import { z } from 'zod';
import { ownLiftFacts, type OwnLiftFacts } from '../resources/own-lift';
import type { FileProblem } from './file-problem';

const file = z.object({
  format: z.literal('spalo-own-lifts'),
  version: z.literal(1),
  lifts: z.array(ownLiftFacts).max(500),
});

/** A studio's own lifts, cues, checkpoints and styles as one file. */
export const ownLiftsToJson = (lifts: readonly OwnLiftFacts[]): string =>
  `${JSON.stringify({ format: 'spalo-own-lifts', version: 1, lifts }, null, 2)}\n`;

/** What such a file holds, or everything that is wrong with it. */
export function readOwnLiftsFile(
  content: string,
): { lifts: OwnLiftFacts[] } | { problems: FileProblem[] } {
  let parsed: unknown;
  try {
    parsed = JSON.parse(content);
  } catch {
    return { problems: [{ row: null, column: null, message: 'Not a JSON file' }] };
  }
  const result = file.safeParse(parsed);
  if (result.success) return { lifts: result.data.lifts };
  return {
    problems: result.error.issues.map(({ path, message }) => ({
      row: null,
      column: path.join('.') || null,
      message,
    })),
  };
}
