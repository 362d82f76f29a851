import { findLift, liftById, stylesOf } from '@spalo/catalog';
import { isSteady } from '@spalo/core/lift';
import { canBeDone } from '@spalo/core/loads';
import { isClosed, isInFirstYear, liftLimit, type Person } from '@spalo/core/person';
import type { ProgrammeLift, SessionLift } from '@spalo/core/planning';
import type { Room } from '@spalo/core/room';

/** A lift as a programme takes it: in its default style, with that style's first cue. Throws RangeError for no lift. */
export function programmeLift(liftId: string): ProgrammeLift {
  const lift = liftById(liftId);
  const [style] = stylesOf(liftId);
  const [cue] = style?.cues ?? [];
  if (!style || !cue) throw new RangeError(`No lesson for ${liftId}`);
  return { lift, styleId: style.id, firstCueId: cue.id };
}

/** The movements that a first session covers, each with lifts for it, the usual one first. */
const beginnerSlots: readonly string[][] = [
  ['goblet-squat', 'leg-press', 'box-squat', 'hack-squat', 'step-up'],
  ['dumbbell-bench-press', 'chest-press', 'push-up', 'incline-dumbbell-press'],
  ['romanian-deadlift', 'dumbbell-romanian-deadlift', 'kettlebell-deadlift', 'back-extension'],
  ['one-arm-row', 'seated-row', 'chest-supported-row'],
  ['split-squat', 'glute-bridge', 'cable-pull-through', 'leg-curl'],
  ['dumbbell-shoulder-press', 'lat-pulldown', 'shoulder-press-machine', 'rear-raise'],
];
const trainedSlots: readonly string[][] = [
  ['back-squat', 'front-squat', 'leg-press', 'goblet-squat'],
  ['bench-press', 'dumbbell-bench-press', 'chest-press', 'push-up'],
  ['romanian-deadlift', 'trap-bar-deadlift', 'back-extension', 'dumbbell-romanian-deadlift'],
  ['barbell-row', 'seated-row', 'one-arm-row', 'chest-supported-row'],
  ['hip-thrust', 'split-squat', 'glute-bridge', 'leg-curl'],
  ['overhead-press', 'dumbbell-shoulder-press', 'lat-pulldown', 'pull-up'],
];

/** Whether a lift is one that people of so much training usually do: known ones first, and nothing that needs years. */
export const suitsTheirYears = (person: Person, liftId: string): boolean =>
  (isInFirstYear(person) ? beginnerSlots : [...trainedSlots, ...beginnerSlots]).some((slot) =>
    slot.includes(liftId),
  );

/** The lifts that a client without a programme of their own begins with: what the room has and no flag closes. */
export function usualProgramme(person: Person, room: Room, now: string): string[] {
  const slow = person.cautions.includes('slow changes');
  const slots = isInFirstYear(person) ? beginnerSlots : trainedSlots;
  return slots.flatMap((slot) => {
    const fits = (liftId: string) => {
      const lift = liftById(liftId);
      return canBeDone(lift, room, person.bodyMassG) && !isClosed(liftLimit(person, lift, now));
    };
    const able = slot.filter(fits);
    // Who changes position slowly trains seated or supported where that is to be had.
    const steady = slow ? able.find((liftId) => isSteady(liftById(liftId).position)) : undefined;
    return steady ?? able[0] ?? slot[0]!;
  });
}

/** The lifts of a client's sessions: those chosen for them, else the usual ones. */
export function programmeFor(
  person: Person & { programme: readonly string[] },
  room: Room,
  now: string,
): ProgrammeLift[] {
  const chosen = person.programme.filter((liftId) => findLift(liftId));
  return (chosen.length > 0 ? chosen : usualProgramme(person, room, now)).map(programmeLift);
}

/** The lifts that a session was built with, as a draft takes them; those that are taught no more are left out. */
export const programmeOf = (lifts: readonly SessionLift[]): ProgrammeLift[] =>
  lifts
    .filter(({ liftId }) => findLift(liftId))
    .map(({ liftId, sets }) => ({ ...programmeLift(liftId), sets }));

/** The same where something was built and is taught still; else undefined, which is the client's own lifts. */
export function builtProgramme(
  lifts: readonly SessionLift[] | null | undefined,
): ProgrammeLift[] | undefined {
  const given = programmeOf(lifts ?? []);
  return given.length > 0 ? given : undefined;
}
