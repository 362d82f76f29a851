/** Where an estimate comes from, as the trainer reads it. */
export const certaintyWords = {
  known: 'known',
  related: 'from related lifts',
  reported: 'as they tell it',
  guessed: 'a guess',
} as const;
