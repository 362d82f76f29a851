import type { SessionState } from '../session/state';
import { buildGeneral, type General, type GeneralInput } from '../warm-up/general/general';

/**
 * The general part of a session brought into the minutes of `input` from now on: what is done or left out stays as it
 * is, and so do today's swaps.
 */
export function refit(
  { general, swaps }: Pick<SessionState, 'general' | 'swaps'>,
  input: GeneralInput,
): General {
  const passed = general.filter((step) => step.state !== 'open');
  const built = buildGeneral({
    ...input,
    swaps: { ...input.swaps, ...swaps },
    passed: passed.map((step) => step.drillId),
  });
  const asItWas = new Map(passed.map(({ state: _state, ...step }) => [step.drillId, step]));
  return { ...built, steps: built.steps.map((step) => asItWas.get(step.drillId) ?? step) };
}
