import { countText } from '../unit/language';
import { plain, row } from './row';

/** Where the load of a coming session comes from, and why a plan is decided again. */
export const planRows = {
  'from-sets': row(
    { sets: 'count' },
    ({ sets }) => `From ${countText(sets, 'working set')} of this lift and what related lifts say`,
  ),
  'careful-from-lifts': row({ lifts: 'words' }, ({ lifts }) => `Careful start: from ${lifts}`),
  'careful-from-others': plain('Careful start: from what the other lifts say'),
  'careful-from-report': plain('Careful start: from what the client says they lifted'),
  'careful-guess': plain('Careful start: guessed from body mass and training time'),
  'bottom-of-rack': plain('The lightest here: a small muscle on a long lever'),
  'lightest-there-is': row({ why: 'why' }, ({ why }) => `${why}; the lightest there is here`),
  'as-decided': plain('As decided last time'),
  'whole-again': row(
    { place: 'word' },
    ({ place }) => `The whole load again after the ${place}, as decided`,
  ),
  'on-the-way': row(
    { place: 'word', step: 'count', of: 'count', held: 'yes', percent: 'count', believed: 'yes' },
    ({ place, step, of, held, percent, believed }) => {
      const waits = held ? ' again, as two days and a settled joint come first' : '';
      return `Way back for the ${place}, step ${step} of ${of}${waits}: ${percent}% of ${believed ? 'what is believed' : 'how it was'}`;
    },
  ),
  'away-found-again': row(
    { days: 'count' },
    ({ days }) => `${days} days away: found again from below`,
  ),
  'away-less': row({ days: 'count', percent: 'count', fewer: 'count' }, ({ days, ...less }) => {
    const what = [
      ...(less.percent > 0 ? [`${less.percent}% lighter`] : []),
      ...(less.fewer > 0 ? [`${countText(less.fewer, 'rep')} fewer`] : []),
    ];
    return `${days} days away: ${what.join(', ') || 'nothing lighter is here'}`;
  }),
  'away-short': row({ days: 'count' }, ({ days }) => `${days} days away: short again`),
  'without-load': plain('Without a load first'),
  'light-and-short': plain('Light and short the first time'),
  'eased-for': row(
    { spot: 'word', how: 'word', why: 'why' },
    ({ spot, how, why }) =>
      `Eased for the ${spot} (${how}): a tenth lighter, only where nothing hurts. ${why}`,
  ),
  opened: row(
    { reason: 'word', limit: 'why', why: 'why' },
    ({ reason, limit, why }) => `Opened, “${reason}”: ${limit}. ${why}`,
  ),
  'turned-down-week': row(
    { reason: 'word', why: 'why' },
    ({ reason, why }) => `A lighter week (${reason}): a third fewer sets, a little lighter. ${why}`,
  ),
  'nothing-light-enough': row(
    { lift: 'word', why: 'why' },
    ({ lift, why }) => `Nothing is light enough here for the ${lift} yet. ${why}`,
  ),
  'set-corrected': plain('A set that it was decided on was corrected since'),
  'set-left-out': plain('A set that it was decided on was left out or brought back since'),
  'reps-closed': row(
    { reps: 'count', why: 'why' },
    ({ reps, why }) => `${reps} reps are closed now: ${why.toLowerCase()}`,
  ),
  'body-changed': row(
    { hadG: 'mass', hasG: 'mass' },
    ({ hadG, hasG }) => `Body mass has changed: it lifted ${hadG}, and now ${hasG}`,
  ),
  'no-longer-fits': row(
    { percent: 'count' },
    ({ percent }) => `It no longer fits what is believed: ${percent}% likely to be finished`,
  ),
};
