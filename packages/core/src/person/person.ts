import { joints, type Side } from '../lift/joints';
import type { Grams } from '../unit/mass';
import type { Caution } from './caution';
import type { FlagDegree } from './degree';
import type { TurnedDown } from './turned-down';

export const sexes = ['female', 'male', 'unsaid'] as const;
export type Sex = (typeof sexes)[number];

/** What the client wants most from their sets; it chooses among the open rep ranges. */
export const preferences = ['strength', 'size', 'endurance', 'none'] as const;
export type Preference = (typeof preferences)[number];

/** new and watched constrain choice; cleared by a clinician and closed do not; removed is one that was a mistake. */
export const flagStates = ['new', 'watched', 'cleared', 'closed', 'removed'] as const;
export type FlagState = (typeof flagStates)[number];

/** Places whose flags are red: they lock the client for all loaded work until a clinician has cleared them. */
export const redPlaces = ['chest', 'head', 'nerves'] as const;
export type RedPlace = (typeof redPlaces)[number];
export const flagPlaces = [...joints, ...redPlaces] as const;
export type FlagPlace = (typeof flagPlaces)[number];

/** A lasting note on a client that constrains choice. */
export interface Flag {
  id: string;
  place: FlagPlace;
  side: Side;
  /** What hurts, in the client's words. */
  note: string;
  /** What is fine. */
  fine: string;
  /** Day it began (2026-11-24), or null when nobody knows. */
  since: string | null;
  /** Who said so, and what a clinician wrote when it was cleared. */
  saidBy: string;
  state: FlagState;
  /** Pain that is usual for this client, 0–10; a rise is measured from here. */
  usualPain: number;
  /** How much it changes; absent in what was kept before degrees were: it closes. */
  degree?: FlagDegree;
  /** The most pain that was said of it, 0–10; absent while nobody said. */
  worst?: number;
  /** The day on which it began to close lifts; absent while it never did. */
  closedOn?: string;
}

/** How sure a client is of what they lifted. */
export const surenesses = ['sure', 'about', 'guess'] as const;
export type Sureness = (typeof surenesses)[number];

/** What a client says they lifted before: weak evidence that fades with its age. */
export interface ReportedLift {
  liftId: string;
  loadG: Grams;
  reps: number;
  monthsAgo: number;
  sure: Sureness;
}

/** What imported logs say of a lift: a usual day's best set of the last weeks that they tell of. */
export interface ImportedLift {
  liftId: string;
  loadG: Grams;
  reps: number;
  /** The day of that set. */
  on: string;
  /** Days of the lift in those weeks: the more, the surer. */
  days: number;
}

/** Rep ranges of the load card, by clean reps to the limit. */
export const rangeIds = ['1-5', '6-7', '8-12', '13-20'] as const;
export type RangeId = (typeof rangeIds)[number];

/**
 * A limit that the trainer opened for a client and a lift, with the reason. `range` null opens the lift itself against one
 * flag at one degree, or one caution; it ends with it.
 */
export interface Override {
  liftId: string;
  range: RangeId | null;
  reason: string;
  /** The flag that it answers, and the degree that this had; absent for a caution, and in what was kept before. */
  flagId?: string;
  degree?: FlagDegree;
  /** The caution that it answers; absent likewise. */
  caution?: Caution;
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
  /** When it was that many (ISO): they go on from there. Absent: whenever it is asked. */
  trainingMonthsAt?: string;
  /** Day of birth (1990-05-01), or null. */
  birthDate: string | null;
  /** When a guardian agreed, of who is under 18 (ISO); null when none has, absent from devices that do not know it. */
  guardianConsentAt?: string | null | undefined;
  /** When the client agreed to be touched for a cue (ISO); null or absent when they have not. */
  touchConsentAt?: string | null | undefined;
  /** When the screening questions were last asked (ISO), and when a session was last done; absent likewise. */
  screenedAt?: string | null | undefined;
  lastSessionAt?: string | null | undefined;
  /** New to the gym and afraid of it: starts lower still. */
  nervous: boolean;
  preference: Preference;
  flags: Flag[];
  reports: ReportedLift[];
  /** What imported logs say they lifted; absent where nothing was imported. */
  imported?: ImportedLift[];
  cautions: Caution[];
  overrides: Override[];
  /** Weeks in which less is planned; absent where there are none. */
  turnedDown?: TurnedDown[];
}

/** Flags that stand on record: neither closed nor a mistake. */
export const recordedFlags = (flags: readonly Flag[]): Flag[] =>
  flags.filter(({ state }) => state !== 'closed' && state !== 'removed');

/** Flags that still constrain choice. */
export function openFlags(person: { flags: readonly Flag[] }): Flag[] {
  return person.flags.filter((flag) => flag.state === 'new' || flag.state === 'watched');
}
