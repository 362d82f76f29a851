import { isChild, isUnderAge } from './age';
import { askAgain } from './ask-again';
import type { Why } from '../words/why';
import type { Limit } from './limit';
import type { Person } from './person';
import { lockedBy, redFlag } from './red-flag';

/** Why all loaded work is closed; null where it is not. */
function whyLocked(person: Person, now: string): Why | null {
  const red = redFlag(person);
  if (red) return lockedBy(red);
  if (isChild(person, now)) return { code: 'under-14' };
  if (person.cautions.includes('unscreened')) {
    return { code: 'unscreened' };
  }
  if (person.cautions.includes('clearance')) {
    return { code: 'needs-clearance' };
  }
  // Devices of an earlier version do not tell whether a guardian agreed.
  if (isUnderAge(person, now) && person.guardianConsentAt === null) {
    return { code: 'needs-guardian' };
  }
  const because = askAgain(person, now);
  return because && { code: 'ask-again', because };
}

/**
 * What closes every loaded lift at `now` (ISO), whatever was planned: a red flag, childhood, screening unanswered, without
 * clearance or too old, no guardian’s consent. No trainer opens it.
 */
export function lockOf(person: Person, now: string): Limit | null {
  const why = whyLocked(person, now);
  return why === null ? null : { why, overridable: false, opened: null };
}
