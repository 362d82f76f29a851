import { isChild, isUnderAge } from './age';
import { askAgain, askAgainText } from './ask-again';
import type { Limit } from './limit';
import type { Person } from './person';
import { lockedBy, redFlag } from './red-flag';

/** Why all loaded work is closed, in words; null where it is not. */
function whyLocked(person: Person, now: string): string | null {
  const red = redFlag(person);
  if (red) return lockedBy(red);
  if (isChild(person, now)) return 'Under 14: no loaded sets are planned';
  if (person.cautions.includes('unscreened')) {
    return 'The screening questions come first: nothing is loaded before they are answered';
  }
  if (person.cautions.includes('clearance')) {
    return 'Screening: a clinician’s clearance comes before loaded work';
  }
  // Devices of an earlier version do not tell whether a guardian agreed.
  if (isUnderAge(person, now) && person.guardianConsentAt === null) {
    return 'Under 18: a guardian’s consent comes before loaded work';
  }
  const again = askAgain(person, now);
  return (
    again && `Ask the screening questions again before anything is loaded: ${askAgainText[again]}`
  );
}

/**
 * What closes every loaded lift at `now` (ISO), whatever was planned: a red flag, childhood, screening unanswered, without
 * clearance or too old, no guardian’s consent. No trainer opens it.
 */
export function lockOf(person: Person, now: string): Limit | null {
  const why = whyLocked(person, now);
  return why === null ? null : { why, overridable: false, opened: null };
}
