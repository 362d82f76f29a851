import { isAgeUnknown, isChild, isOlder, isUnderAge, isYoung } from './age';
import { cautionText, type Caution } from './caution';
import { degreeOf } from './flag-degree';
import { openFlags, type Person } from './person';
import { closedText } from '../words/why';
import { lockOf } from './lock';
import { isInFirstYear } from './training-age';

/** Cautions that the lock itself says. */
const locking: readonly Caution[] = ['unscreened', 'clearance'];

/** What to keep in mind with this client, most pressing first; each in one sentence. */
export function cautionsFor(person: Person, now: string): string[] {
  const lock = lockOf(person, now);
  const list = [
    ...(lock ? [closedText(lock.why)] : []),
    ...person.cautions
      .filter((caution) => !lock || !locking.includes(caution))
      .map((caution) => cautionText[caution]),
  ];
  if (isAgeUnknown(person)) {
    list.push('No birth date: 12 reps and more with 3 in reserve until there is one');
  } else if (isChild(person, now)) {
    list.push('Play, body weight and skill, with someone trained for children');
  } else if (isYoung(person, now)) {
    list.push(
      'Under 16: skill first, 12 reps and more with 3 left, never near a limit, a guardian who knows',
    );
  } else if (isUnderAge(person, now)) {
    list.push('Under 18: lighter, more reps, smaller steps');
  }
  if (isOlder(person, now) && isInFirstYear(person)) {
    list.push('Over 60 and new: lighter, more reps, smaller steps');
  }
  return list;
}

/** Whether cues that ask for a held breath are left out. */
export const exhales = (person: Pick<Person, 'cautions'>): boolean =>
  person.cautions.includes('exhale');

/** Whether cues by touch are shown: the client agreed, and is known to be of age. */
export const mayBeTouched = (
  person: Pick<Person, 'touchConsentAt' | 'birthDate'>,
  now: string,
): boolean => Boolean(person.touchConsentAt) && !isUnderAge(person, now) && !isAgeUnknown(person);

/** Whether loads start lower than for others. */
export function startsCareful(person: Person, now: string): boolean {
  return (
    person.nervous ||
    openFlags(person).some((flag) => degreeOf(flag) !== 'watch') ||
    person.cautions.includes('light start') ||
    person.cautions.includes('clearance') ||
    person.cautions.includes('careful after clearance') ||
    isOlder(person, now) ||
    isUnderAge(person, now) ||
    isAgeUnknown(person)
  );
}
