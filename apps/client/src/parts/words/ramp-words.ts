import type { BodyRange, Job, RampKind, WarmUpVerdict } from '@spalo/core/warm-up';

/** Each ramp in one line, as it is offered. */
export const rampWords: Record<RampKind, { name: string; what: string }> = {
  rehearsal: { name: 'Rehearsal', what: 'none, or one easy set: more would only tire' },
  short: { name: 'Short', what: 'one light set and one medium' },
  build: { name: 'Build', what: 'light, evenly up, once at the working load' },
  heavy: { name: 'Heavy', what: 'few reps, close to the working load' },
  'top set': { name: 'Top set', what: 'even jumps to a heavy single, double or triple' },
  'warm already': { name: 'Warm already', what: 'half-way, then once at the working load' },
};

export const verdictWords: Record<WarmUpVerdict, string> = {
  ready: 'ready',
  rusty: 'rusty, then smooth',
  tired: 'already tired',
};

export const jobWords: Record<Job, string> = {
  raise: 'Raise',
  mobilise: 'Mobilise',
  activate: 'Activate',
  rehearse: 'Rehearse',
};

/** Ranges as places that may be stiff. */
export const rangeWords: Record<BodyRange, string> = {
  'ankle bend': 'Ankle, bending',
  'hip extension': 'Hip, stretching back',
  'hip rotation': 'Hip, turning out',
  'hip abduction': 'Hip, knees apart',
  hamstrings: 'Back of the thigh',
  'upper back': 'Upper back',
  'shoulder overhead': 'Shoulder, overhead',
  'shoulder back': 'Shoulder, reaching back',
  wrist: 'Wrist, bent back',
};

/** Seconds as whole minutes, at least one: "12 min". */
export const minutesText = (seconds: number) => `${Math.max(1, Math.round(seconds / 60))} min`;

/** A time in words for a step: "45 s", "1 min 30", "5 min". */
export function lengthText(seconds: number): string {
  if (seconds < 90 && seconds % 60 !== 0) return `${seconds} s`;
  const rest = seconds % 60;
  return rest === 0 ? `${seconds / 60} min` : `${Math.floor(seconds / 60)} min ${rest}`;
}
