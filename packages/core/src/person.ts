import type { Joint } from './lift';
import type { Grams } from './mass';

export type Sex = 'female' | 'male' | 'unsaid';

/** What the client wants most from their sets; it chooses among the open rep ranges. */
export type Preference = 'strength' | 'size' | 'endurance' | 'none';

/** A lasting note on a client that constrains choice. */
export interface Flag {
  id: string;
  place: Joint;
  side: 'left' | 'right' | 'both' | 'none';
  /** What hurts, in the client's words. */
  note: string;
  /** What is fine. */
  fine: string;
  /** Day it began (2026-11-24), or null when nobody knows. */
  since: string | null;
  /** Who said so, and what a clinician wrote when it was cleared. */
  saidBy: string;
  state: 'new' | 'watched' | 'cleared' | 'closed';
  /** Pain that is usual for this client, 0–10; a rise is measured from here. */
  usualPain: number;
}

/** How sure a client is of what they lifted. */
export type Sureness = 'sure' | 'about' | 'guess';

/** What a client says they lifted before: weak evidence that fades with its age. */
export interface ReportedLift {
  liftId: string;
  loadG: Grams;
  reps: number;
  monthsAgo: number;
  sure: Sureness;
}

/** What a screening answer limits, without the answer itself. */
export type Caution =
  | 'exhale'
  | 'no low reps'
  | 'clearance'
  | 'slow changes'
  | 'long rests'
  | 'light start'
  | 'not lying flat'
  | 'reserve not pulse'
  | 'forbidden';

/** Rep ranges of the load card, by clean reps to the limit. */
export type RangeId = '1-5' | '6-7' | '8-12' | '13-20';

/** A limit that the trainer opened for a client and a lift, with the reason. `range` null opens the lift itself. */
export interface Override {
  liftId: string;
  range: RangeId | null;
  reason: string;
  /** ISO time, and the trainer's id. */
  at: string;
  by: string;
}

/** What is known of a client when loads are chosen. */
export interface Person {
  bodyMassG: Grams;
  sex: Sex;
  /** Months of regular loaded training. */
  trainingMonths: number;
  /** Day of birth (1990-05-01), or null. */
  birthDate: string | null;
  /** New to the gym and afraid of it: starts lower still. */
  nervous: boolean;
  preference: Preference;
  flags: Flag[];
  reports: ReportedLift[];
  cautions: Caution[];
  overrides: Override[];
}

/** Flags that still constrain choice. */
export function openFlags(person: Pick<Person, 'flags'>): Flag[] {
  return person.flags.filter((flag) => flag.state === 'new' || flag.state === 'watched');
}

/** Whole years on the day of `now` (ISO), or null when the birth date is not known. */
export function ageOn(birthDate: string | null, now: string): number | null {
  if (birthDate === null) return null;
  const hadBirthday = now.slice(5, 10) >= birthDate.slice(5, 10);
  return Number(now.slice(0, 4)) - Number(birthDate.slice(0, 4)) - (hadBirthday ? 0 : 1);
}
