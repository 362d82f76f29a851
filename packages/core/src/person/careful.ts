import { isChild, isOlder, isUnderAge, isYoung } from './age';
import { cautionText } from './caution';
import { degreeOf } from './flag-degree';
import { openFlags, type Person } from './person';
import { lockedBy, redFlag } from './red-flag';
import { isInFirstYear } from './training-age';

/** What to keep in mind with this client, most pressing first; each in one sentence. */
export function cautionsFor(person: Person, now: string): string[] {
  const list = person.cautions.map((caution) => cautionText[caution]);
  const locked = redFlag(person);
  if (locked) list.unshift(lockedBy(locked));
  if (isChild(person, now)) {
    list.push(
      'Under 14: play, body weight and skill, with someone trained for children; no loaded sets are planned',
    );
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

/** Whether loads start lower than for others. */
export function startsCareful(person: Person, now: string): boolean {
  return (
    person.nervous ||
    openFlags(person).some((flag) => degreeOf(flag) !== 'watch') ||
    person.cautions.includes('light start') ||
    person.cautions.includes('clearance') ||
    person.cautions.includes('careful after clearance') ||
    isOlder(person, now) ||
    isUnderAge(person, now)
  );
}
