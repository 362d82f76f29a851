import type { Joint } from './lift';
import type { Grams } from './mass';

export type Sex = 'female' | 'male' | 'unsaid';

/** A lasting note on a client that constrains choice. */
export interface Flag {
  id: string;
  place: Joint;
  side: 'left' | 'right' | 'both' | 'none';
  note: string;
  state: 'new' | 'watched' | 'cleared' | 'closed';
  /** Pain that is usual for this client, 0–10; a rise is measured from here. */
  usualPain: number;
}

/** What a client says they lifted before: weak evidence that fades with its age. */
export interface ReportedLift {
  liftId: string;
  loadG: Grams;
  reps: number;
  monthsAgo: number;
}

/** What is known of a client when loads are chosen. */
export interface Person {
  bodyMassG: Grams;
  sex: Sex;
  /** Months of regular loaded training. */
  trainingMonths: number;
  birthYear: number | null;
  /** New to the gym and afraid of it: starts lower still. */
  nervous: boolean;
  flags: Flag[];
  reports: ReportedLift[];
}

/** Flags that still constrain choice. */
export function openFlags(person: Person): Flag[] {
  return person.flags.filter((flag) => flag.state === 'new' || flag.state === 'watched');
}
