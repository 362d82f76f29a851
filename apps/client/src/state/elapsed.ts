/** How long it is since the app was opened, ms: for what lies between two taps. No setting of a clock moves it. */
export const elapsedMs = (): number => performance.now();
