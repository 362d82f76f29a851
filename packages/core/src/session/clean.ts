/** Under this share of clean reps a set is stopped earlier and a load is held: what is practised is what is kept. */
export const CLEAN_SHARE = 0.8;

/** What is kept of a load after a safety fault: the middle of the 5–10 % drop. */
export const AFTER_SAFETY_FAULT = 0.925;

/** Whether fewer reps were clean than a load is carried on with. */
export const isUnclean = ({ reps, cleanReps }: { reps: number; cleanReps: number }): boolean =>
  cleanReps < reps * CLEAN_SHARE;
