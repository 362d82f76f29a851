/** Stops the cluster if this run started it. */
export default async function teardown() {
  await (globalThis as { spaloStop?: () => Promise<void> }).spaloStop?.();
}
