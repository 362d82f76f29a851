/** How load and reps of a lift go on, as it stands on a button. */
export const schemeNamed = {
  'reserve-led': 'Next load from reps in reserve',
  'double progression': 'Reps first, then load',
  linear: 'A step each session',
  skill: 'Load waits for clean sets',
  wave: 'By the weeks of the block',
} as const;

/** How load and reps of a lift go on from session to session, by the trainer's choice, each in a sentence. */
export const schemeSays = {
  'reserve-led':
    'Load and reps that are most likely to leave the asked reserve, by all that is believed. This is the usual way.',
  'double progression':
    'First the reps grow inside the range, then the load by a step and the reps begin again.',
  linear:
    'A small step each session while every rep is clean. Two misses in a row: a tenth down; the second time double progression.',
  skill: 'The load stays until two sessions in a row show no fault.',
  wave: 'In a block: each day its reps and reserve, with the load that is believed to leave it. Outside of blocks from reps in reserve.',
} as const;
