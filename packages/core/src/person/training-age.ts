/** Months of regular loaded training. */
interface Trained {
  trainingMonths: number;
}

/** Still new: everything is a rehearsal, and more than that only tires. */
const NEW_MONTHS = 3;
/** The first year: no low reps, no load above the working one, short ramps. */
const FIRST_YEAR_MONTHS = 12;
/** Experienced enough for a heavy single, double or triple. */
const EXPERIENCED_MONTHS = 24;

export const isNewToTraining = ({ trainingMonths }: Trained): boolean =>
  trainingMonths < NEW_MONTHS;
export const isInFirstYear = ({ trainingMonths }: Trained): boolean =>
  trainingMonths < FIRST_YEAR_MONTHS;
export const isExperienced = ({ trainingMonths }: Trained): boolean =>
  trainingMonths >= EXPERIENCED_MONTHS;
