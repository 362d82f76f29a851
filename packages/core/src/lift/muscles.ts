/** Muscles that lifts name, from the legs up. */
export const muscles = [
  'quads',
  'hamstrings',
  'glutes',
  'adductors',
  'hip stabilisers',
  'calves',
  'back extensors',
  'abdominals',
  'lats',
  'upper back',
  'chest',
  'front shoulders',
  'side shoulders',
  'rear shoulders',
  'biceps',
  'triceps',
  'forearms',
  'grip',
] as const;
export type Muscle = (typeof muscles)[number];
