/** Movements that lifts share; lifts of one pattern tell most about each other. */
export const patterns = [
  'squat',
  'lunge',
  'hinge',
  'hip',
  'knee',
  'calf',
  'push',
  'press',
  'row',
  'pull',
  'shoulder',
  'arm',
  'trunk',
  'carry',
] as const;
export type Pattern = (typeof patterns)[number];

/** Patterns that draw on the same muscles: lifts of one family tell more about each other than about the rest. */
export const familyOf: Record<Pattern, 'knee' | 'hip' | 'push' | 'pull'> = {
  squat: 'knee',
  lunge: 'knee',
  knee: 'knee',
  calf: 'knee',
  hinge: 'hip',
  hip: 'hip',
  push: 'push',
  press: 'push',
  shoulder: 'push',
  row: 'pull',
  pull: 'pull',
  arm: 'pull',
  trunk: 'hip',
  carry: 'pull',
};
