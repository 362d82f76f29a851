import type { FieldValues, Path, UseFormSetError } from 'react-hook-form';
import { ApiProblem } from '../../api/call';

/** Puts the server's messages beside their fields; answers what belongs to none of them. */
export function showProblem<T extends FieldValues>(
  error: unknown,
  fields: readonly string[],
  setError: UseFormSetError<T>,
): string | null {
  if (!(error instanceof ApiProblem)) return 'The server cannot be reached. Try again.';
  const placed = (error.problem.errors ?? []).filter(({ path }) =>
    fields.includes(path.replace('body.', '')),
  );
  for (const { path, message } of placed)
    setError(path.replace('body.', '') as Path<T>, { message });
  return placed.length > 0 ? null : error.message;
}
