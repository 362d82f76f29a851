import { plain, row } from './row';

/** Why a ramp is the one it is, and why a drill is in the general part. */
export const warmUpRows = {
  'ramp-was-rusty': plain('One set more than last time: the start was rusty'),
  'ramp-was-tired': plain('One set fewer than last time: the client was already tired'),
  'ramp-learned': row({ extra: 'count' }, ({ extra }) => {
    const many = Math.abs(extra) === 1 ? 'One set' : `${Math.abs(extra)} sets`;
    return `${many} ${extra > 0 ? 'more' : 'fewer'} than the rule: found right here`;
  }),
  'ramp-chosen': row({ rule: 'word' }, ({ rule }) => `Chosen for this client; by rule ${rule}`),
  'ramp-new-client': plain('Under 3 months of training: more would only tire'),
  'ramp-light-reps': row(
    { reps: 'count' },
    ({ reps }) => `${reps} reps are light: more would only tire`,
  ),
  'ramp-warm': plain('These muscles are warm from an earlier lift'),
  'ramp-first-year': plain('3 to 12 months of training: one light set and one medium'),
  'ramp-top-set': plain('A heavy single, double or triple: even jumps, then half'),
  'ramp-heavy': plain('Six reps and fewer: low reps close to the working load'),
  'ramp-build': plain('7 to 12 reps: climbs evenly to the working load'),
  'no-primer': plain('No primer with a pain flag'),

  'raise-longer': row({ because: 'words' }, ({ because }) => `Longer: ${because}`),
  'raise-easy': plain('Easy, able to talk all the way'),
  'raise-warm': plain('Warm, not out of breath'),
  'stiff-and-needed': row({ lift: 'word' }, ({ lift }) => `Stiff here, and the ${lift} needs it`),
  'range-needed': row({ lift: 'word' }, ({ lift }) => `The ${lift} needs the range`),
  'hips-level': plain('Hips that keep the pelvis level, before the legs work'),
  'trunk-stiff': plain('A trunk that stays stiff while the hips move'),
  'blades-hold': plain('Shoulder blades that hold, before the arms work'),
  'rehearse-new': row({ lift: 'word' }, ({ lift }) => `New: the ${lift}, slowly, without load`),
  rehearse: row({ lift: 'word' }, ({ lift }) => `The ${lift}, slowly`),
  'drill-for': row({ what: 'word' }, ({ what }) => what),
};
