import { wordFor } from '../unit/language';
import { plain, row } from './row';

/** "5 % lighter", "a rep fewer": how a trainer wants proposals changed. */
export function ruleText({ share, reps }: { share: number; reps: number }): string {
  if (share !== 1) {
    const percent = Math.max(1, Math.round(Math.abs(1 - share) * 100));
    return `${percent}% ${share < 1 ? 'lighter' : 'heavier'}`;
  }
  return `${aFew(Math.abs(reps), 'rep')} ${reps < 0 ? 'fewer' : 'more'}`;
}

/** "a rep", "3 reps". */
export const aFew = (count: number, one: string): string =>
  `${count === 1 ? 'a' : count} ${wordFor(count, one)}`;

const after = (text: string) => (text ? `: ${text}` : '');
const forReps = (reps: number) => (reps > 0 ? `, for ${reps} reps` : '');
const asTiring = (counts: string) => (counts ? `, likely ${counts} as sets tire` : '');

/** What a load for a number of reps is proposed with. */
const proposed = { loadG: 'mass', reps: 'count', left: 'left', tiring: 'counts' } as const;

/** Why a lift goes on as it does. `fault` is empty where none leads, `reps` is 0 where they stay. */
export const decisionRows = {
  and: row({ first: 'why', then: 'why' }, ({ first, then }) => `${first}. ${then}`),

  // Gates
  'left-out-next-time': row({ why: 'why' }, ({ why }) => `Left out next time: ${why}`),
  'not-done': plain('Not done: the plan stays'),
  'does-not-fit': plain('What was logged does not fit what is believed: the plan stays'),
  'closed-until-clearance': row(
    { why: 'why' },
    ({ why }) => `Closed after ${why} until clearance is recorded`,
  ),
  'closed-by-pain': row({ why: 'why' }, ({ why }) => `Closed: ${why}`),
  'eased-by-pain': row(
    { why: 'why' },
    ({ why }) => `Eased next time, lighter and only where nothing hurts: ${why}`,
  ),
  'left-out-until-settled': row(
    { spot: 'word', why: 'why' },
    ({ spot, why }) => `Left out until the ${spot} is settled, then lighter: ${why}`,
  ),
  'step-back': row({ why: 'why' }, ({ why }) => `A step back on the way: ${why}`),
  'step-back-to': row(
    { loadG: 'mass', why: 'why' },
    ({ loadG, why }) => `A step back on the way, ${loadG}: ${why}`,
  ),
  'cue-first': row(
    { fault: 'word' },
    ({ fault }) => `Hold the load, the cue first: one rep had the safety fault${after(fault)}`,
  ),
  'lighter-for-fault': row(
    { loadG: 'mass', fault: 'word' },
    ({ loadG, fault }) => `Lighter, ${loadG}, for the safety fault${after(fault)}`,
  ),
  'nothing-lighter-for-fault': row(
    { reps: 'count', fault: 'word' },
    ({ reps, fault }) =>
      `Nothing lighter is here for the safety fault${forReps(reps)}${after(fault)}`,
  ),
  'held-unclean': row(
    { clean: 'count', done: 'count', reps: 'count', fault: 'word' },
    ({ clean, done, reps, fault }) =>
      `Hold the load${forReps(reps)}: ${clean} of ${done} reps were clean${after(fault)}`,
  ),
  'way-back-on': row(
    { step: 'count', of: 'count', much: 'much', place: 'word' },
    ({ step, of, much, place }) =>
      `Way back, step ${step} of ${of}: ${much}, if the ${place} is settled tomorrow`,
  ),
  'way-back-down': row(
    { much: 'much', place: 'word' },
    ({ much, place }) => `A step back on the way: ${much} for the ${place}`,
  ),
  'way-back-untold': row(
    { much: 'much', place: 'word' },
    ({ much, place }) => `${much} again: nobody said how the ${place} was on the day after`,
  ),
  'way-back-unsettled': row(
    { much: 'much', place: 'word' },
    ({ much, place }) => `${much} again: the ${place} is not settled enough to go on`,
  ),

  // What it goes on from
  'after-turned-down': plain('After the lighter week it goes on as it was planned'),
  'as-before-easing': row(
    { place: 'word' },
    ({ place }) => `Waits for the ${place}: as it was before, eased while the flag asks for it`,
  ),
  'after-light-day': plain('After the light day, where it stood before'),
  'block-day': row(
    { week: 'count', light: 'yes', loadG: 'mass', loaded: 'yes', reps: 'count', rir: 'count' },
    ({ week, light, loadG, loaded, reps, rir }) =>
      `Week ${week} of the block${light ? ', light day' : ''}: ${loaded ? `${loadG} for ` : ''}${reps} with ${rir} in reserve`,
  ),
  'after-block': row(
    { loadG: 'mass', loaded: 'yes', sets: 'count', reps: 'count', rir: 'count' },
    ({ loadG, loaded, sets, reps, rir }) =>
      `After the block: ${loaded ? `${loadG}, ` : ''}${sets} × ${reps} with ${rir} in reserve`,
  ),
  'by-own-rule': row(
    { why: 'why', share: 'count', reps: 'count' },
    ({ why, ...rule }) => `${why}. By your rule for this lift ${ruleText(rule)}`,
  ),
  'held-to-limits': row(
    { why: 'why', reps: 'count', rir: 'count' },
    ({ why, reps, rir }) =>
      `${why}. Held to ${reps} reps with ${rir} in reserve, which is what is open`,
  ),

  // By what is believed
  'found-on-floor': row(
    { loadG: 'mass', reps: 'count', left: 'left' },
    ({ loadG, reps, left }) => `Found on the floor: ${loadG} for ${reps} ${left}`,
  ),
  'every-set-left-less': row(
    { loadG: 'mass', reps: 'count', rir: 'count' },
    ({ loadG, reps, rir }) => `${loadG} for ${reps}: every set had less than ${rir} in reserve`,
  ),
  'up-by-belief': row(
    proposed,
    ({ loadG, reps, left, tiring }) => `Up to ${loadG} for ${reps} ${left}${asTiring(tiring)}`,
  ),
  'down-by-belief': row(
    proposed,
    ({ loadG, reps, left, tiring }) => `Down to ${loadG} for ${reps} ${left}${asTiring(tiring)}`,
  ),
  'up-earned': row(
    { ...proposed, rir: 'count' },
    ({ loadG, reps, left, tiring, rir }) =>
      `Up to ${loadG} for ${reps} ${left}${asTiring(tiring)}: all sets reached the top of the range with ${rir} or more in reserve`,
  ),
  'nothing-better': row(
    proposed,
    ({ loadG, reps, left, tiring }) =>
      `${loadG} for ${reps} ${left}${asTiring(tiring)}, and nothing here is better`,
  ),
  'no-clear-gain': row(
    { ...proposed, otherG: 'mass' },
    ({ loadG, reps, left, tiring, otherG }) =>
      `${loadG} stays: ${otherG} would be no clear gain; ${reps} reps ${left}${asTiring(tiring)}`,
  ),

  // Double progression
  'set-left-nothing': plain('a set left nothing in reserve'),
  'sets-under-range': row(
    { sets: 'count', low: 'count' },
    ({ sets, low }) => `${sets} sets fell under ${low} reps`,
  ),
  'lightest-here': row({ why: 'why' }, ({ why }) => `Same load, the lightest here: ${why}`),
  'down-for': row({ loadG: 'mass', why: 'why' }, ({ loadG, why }) => `Down to ${loadG}: ${why}`),
  'up-left-four': row(
    { loadG: 'mass' },
    ({ loadG }) => `Up to ${loadG}: every set had 4 or more in reserve`,
  ),
  'heaviest-here': row(
    { loadG: 'mass' },
    ({ loadG }) => `${loadG} is the heaviest here: slow the way down instead`,
  ),
  'up-from-top': row(
    { loadG: 'mass', high: 'count', rir: 'count' },
    ({ loadG, high, rir }) =>
      `Up a step to ${loadG}: all sets reached ${high} clean with ${rir} in reserve`,
  ),
  'one-more-rep': row(
    { fewest: 'count' },
    ({ fewest }) => `Same load, one more rep: ${fewest} clean in the range`,
  ),
  'not-there-yet': row(
    { reps: 'count' },
    ({ reps }) => `Same load and ${reps} reps: not every set got there yet`,
  ),

  // Linear
  'missed-to-double': row(
    { loadG: 'mass' },
    ({ loadG }) =>
      `Down to ${loadG}, and on to double progression: the second time two sessions in a row were missed`,
  ),
  'tenth-down': row(
    { loadG: 'mass' },
    ({ loadG }) => `A tenth down to ${loadG}: two sessions in a row were missed`,
  ),
  'again-missed': row(
    { loadG: 'mass', reps: 'count' },
    ({ loadG, reps }) => `${loadG} again: not every set reached ${reps} clean`,
  ),
  'again-none-left': row(
    { loadG: 'mass' },
    ({ loadG }) => `${loadG} again: every rep was clean, with none in reserve`,
  ),
  'no-small-step': row({ why: 'why' }, ({ why }) => `${why}; the next load here is no small step`),
  'step-up-clean': row(
    { loadG: 'mass' },
    ({ loadG }) => `A step up to ${loadG}: every rep was clean`,
  ),

  // Skill first
  'two-clean': row({ why: 'why' }, ({ why }) => `Two clean sessions. ${why}`),
  'one-more-clean': row(
    { loadG: 'mass' },
    ({ loadG }) => `${loadG} stays: one more clean session first`,
  ),
  'until-clean': row(
    { loadG: 'mass' },
    ({ loadG }) => `${loadG} stays: until two sessions in a row show no fault`,
  ),

  // What is held or carried
  'again-sets-missing': row(
    { much: 'much' },
    ({ much }) => `${much} again: not every set was done`,
  ),
  'again-some-reached': row(
    { much: 'much', reached: 'count', sets: 'count', asked: 'much' },
    ({ much, reached, sets, asked }) =>
      `${much} again: ${reached} of ${sets} sets reached ${asked}`,
  ),
  'as-all-reached': row({ much: 'much' }, ({ much }) => `${much}, as all sets reached it`),
  'shortest-asked': row(
    { much: 'much', least: 'much' },
    ({ much, least }) => `${much}, the shortest that is asked: one set came to ${least}`,
  ),
  'again-until-clean': row(
    { much: 'much' },
    ({ much }) => `${much} again, until nothing is seen in it`,
  ),
  'grows-to': row(
    { much: 'much', from: 'much' },
    ({ much, from }) => `Up to ${much}: all sets reached ${from}`,
  ),
  'long-enough': row(
    { much: 'much' },
    ({ much }) => `${much} is long enough, and nothing heavier is here`,
  ),
  'heavier-and-short': row(
    { loadG: 'mass', low: 'much', high: 'much' },
    ({ loadG, low, high }) => `Up to ${loadG} for ${low}: all sets reached ${high}`,
  ),
};
