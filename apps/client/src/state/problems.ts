import { create } from 'zustand';

/** The last thing that could not be kept on this device, in words; null when all is well. */
export const useProblem = create<{ problem: string | null }>(() => ({ problem: null }));

/** Runs an action of the trainer; a failure is shown, never swallowed. */
export function attempt(action: () => Promise<unknown>): void {
  action().then(
    () => useProblem.setState({ problem: null }),
    (error: unknown) =>
      useProblem.setState({
        problem: `Not saved: ${error instanceof Error ? error.message : 'the device refused'}. Try again.`,
      }),
  );
}
