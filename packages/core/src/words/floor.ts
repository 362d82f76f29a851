import { aFew } from './decisions';
import { plain, row } from './row';
import { ceilingWords, worded } from './vocabulary';

/** Why the next set is what it is, and why its steps were changed on the floor. */
export const floorRows = {
  'same-again': plain('The same again'),
  'last-good-for': row(
    { much: 'much' },
    ({ much }) => `Last one was good for ${much}: end this one while it is`,
  ),
  'lighter-for-safety': plain('A safety fault last set: lighter, and the set-up first'),
  'stop-at-last-clean': row(
    { clean: 'count', reps: 'count' },
    ({ clean, reps }) => `Last set had ${clean} clean of ${reps}: stop at the last clean rep`,
  ),
  'climbs-to': row(
    { set: 'set', loadG: 'mass' },
    ({ set, loadG }) => `Climbing: last set was ${set}, up to ${loadG}`,
  ),
  'last-down-to': row(
    { set: 'set', loadG: 'mass' },
    ({ set, loadG }) => `Last set was ${set}: down to ${loadG}`,
  ),
  'last-easier-lift': row(
    { set: 'set' },
    ({ set }) => `Last set was ${set}, and nothing lighter is here: an easier lift`,
  ),
  'last-up-for': row(
    { set: 'set', loadG: 'mass', reps: 'count' },
    ({ set, loadG, reps }) => `Last set was ${set}: up to ${loadG} for ${reps}`,
  ),
  'last-down-for': row(
    { set: 'set', loadG: 'mass', reps: 'count' },
    ({ set, loadG, reps }) => `Last set was ${set}: down to ${loadG} for ${reps}`,
  ),
  'last-rest-longer': row(
    { set: 'set' },
    ({ set }) => `Last set was ${set}, and nothing lighter is better here: rest longer`,
  ),
  'last-fewer': row(
    { set: 'set', fewer: 'count' },
    ({ set, fewer }) => `Last set was ${set}: same load, ${aFew(fewer, 'rep')} fewer, as sets tire`,
  ),
  'same-load': row({ set: 'set' }, ({ set }) => `Same load: last set was ${set}`),
  'by-form': row(
    { loadG: 'mass', reps: 'count', plannedG: 'mass', plannedReps: 'count' },
    ({ loadG, reps, plannedG, plannedReps }) =>
      `By today’s form: ${loadG === plannedG ? 'the same load' : loadG} for ${reps} rather than ${plannedG} for ${plannedReps}`,
  ),
  'last-does-not-fit': row(
    { loadG: 'mass', before: 'yes' },
    ({ loadG, before }) =>
      `The last set does not fit what is believed: ${loadG} as ${before ? 'before it' : 'planned'}`,
  ),
  'stays-under': row(
    { ceiling: 'word', loadG: 'mass' },
    ({ ceiling, loadG }) => `${worded(ceilingWords, ceiling)}: stays at ${loadG}`,
  ),
  'by-trainer': plain('Changed by the trainer'),
  'ramp-by-trainer': plain('Ramp chosen by the trainer'),
  'bar-with': row({ name: 'word' }, ({ name }) => `One bar with ${name}, loaded together`),
  'lift-swapped': plain('Another lift was swapped'),
  'lifts-reordered': plain('The lifts come in another order'),
  'lift-left-out': plain('Another lift was left out'),
  'less-against-fault': plain('Less load against a fault'),
  'one-set-more': plain('One set more'),
  'fitted-into': row({ minutes: 'count' }, ({ minutes }) => `Fitted into ${minutes} min`),
  'worse-day-after': row(
    { place: 'word', back: 'yes' },
    ({ place, back }) =>
      `The ${place} was worse on the day after: ${back ? 'a step back' : 'the first step again'}`,
  ),
  'eased-on-floor': row(
    { spot: 'word' },
    ({ spot }) => `Eased for the ${spot}: only where nothing hurts`,
  ),
  'one-set-less': row(
    { reps: 'count' },
    ({ reps }) => `${reps} reps so close to the working load: one warm-up set less`,
  ),
  'no-more-reps': row({ reps: 'count' }, ({ reps }) => `No more reps than the ${reps} just done`),
};
