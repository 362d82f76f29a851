/** Under it: lighter loads and more reps. */
const ADULT = 18;
/** Under it: nothing near a limit; and under it: Spalo plans no loaded sets at all. */
const YOUNG = 16;
const CHILD = 14;
/** From it on: more reps first and slower steps, for whoever is new. */
const OLDER = 60;

/** Whole years on the day of `now` (ISO), or null when the birth date is not known. */
export function ageOn(birthDate: string | null, now: string): number | null {
  if (birthDate === null) return null;
  const hadBirthday = now.slice(5, 10) >= birthDate.slice(5, 10);
  return Number(now.slice(0, 4)) - Number(birthDate.slice(0, 4)) - (hadBirthday ? 0 : 1);
}

interface Born {
  birthDate: string | null;
}

type OfAge = (born: Born, now: string) => boolean;

const under =
  (years: number): OfAge =>
  ({ birthDate }, now) => {
    const age = ageOn(birthDate, now);
    return age !== null && age < years;
  };

/** Whether nobody knows the age: until it is known, nothing is planned that an age could forbid. */
export const isAgeUnknown = ({ birthDate }: Born): boolean => birthDate === null;

/** Whether someone is known to be under age on the day of `now` (ISO). */
export const isUnderAge = under(ADULT);

/** Whether someone is known to be too young for sets near a limit. */
export const isYoung = under(YOUNG);

/** Whether someone is known to be so young that no loaded sets are planned. */
export const isChild = under(CHILD);

/** Whether someone is known to be of an age that asks for slower steps. */
export const isOlder: OfAge = ({ birthDate }, now) => (ageOn(birthDate, now) ?? 0) >= OLDER;
