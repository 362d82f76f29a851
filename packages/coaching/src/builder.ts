/** The session builder for one client: a face of its own, for the worker that builds and the screens that show weeks. */
export { buildAskFor, coverById, type BuildWish } from './builder/build-ask';
export { buildFor, type BuiltFor } from './builder/build-for';
export { solveBy } from './builder/highs-solver';
export { sessionsAWeek, setsBetween } from './builder/week-done';
