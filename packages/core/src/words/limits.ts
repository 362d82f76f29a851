import { askAgainWords, cautionWords, worded } from './vocabulary';
import { plain, row } from './row';

const redSign = { chest: 'Chest pain', head: 'Dizziness or a head that hurt', nerves: 'Numbness' };

const painSign = {
  sharp: 'sharp pain',
  numb: 'numbness',
  dizzy: 'dizziness',
  chest: 'chest pain',
  breathless: 'sudden breathlessness',
  headache: 'the worst headache',
  saddle: 'numbness between the legs, or bladder or bowel trouble',
};

/** Why something is closed to a client, or ends on the floor. A `spot` is a place with its side: "left knee". */
export const limitRows = {
  'red-flag': row(
    { place: 'word' },
    ({ place }) =>
      `${place in redSign ? worded(redSign, place) : 'A red flag'} was reported: no loaded work until a clinician’s clearance is recorded`,
  ),
  'under-14': plain('Under 14: no loaded sets are planned'),
  unscreened: plain(
    'The screening questions come first: nothing is loaded before they are answered',
  ),
  'needs-clearance': plain('Screening: a clinician’s clearance comes before loaded work'),
  'needs-guardian': plain('Under 18: a guardian’s consent comes before loaded work'),
  'ask-again': row(
    { because: 'word' },
    ({ because }) =>
      `Ask the screening questions again before anything is loaded: ${worded(askAgainWords, because)}`,
  ),
  'caution-against': row(
    { caution: 'word', position: 'word' },
    ({ caution, position }) =>
      `Screening: ${worded(cautionWords, caution).toLowerCase()}; this is done ${position}`,
  ),
  'loads-flagged': row(
    { spot: 'word', how: 'word' },
    ({ spot, how }) => `Loads the ${spot} (${how}), which has an open flag`,
  ),
  'cleared-careful': plain('Cleared: eight reps and more until four sessions of it went well'),
  'no-birth-date': plain('No birth date yet: lighter loads and more reps'),
  'under-18': plain('Under 18: lighter loads and more reps'),
  'not-this-heavy': plain('Screening: no sets this heavy until clearance is recorded'),
  'flag-on-place': row(
    { place: 'word' },
    ({ place }) => `An open flag on the ${place}, which it loads`,
  ),
  'first-year': plain('Under 12 months of training'),
  'older-and-new': plain('Over 60 and new to training: more reps first'),
  'three-clean-first': plain('Opens after three clean sessions of this lift'),
  'after-middle-reps': row({ why: 'why' }, ({ why }) => `After 6–7 reps: ${why.toLowerCase()}`),
  'nothing-to-load': row({ room: 'word' }, ({ room }) => `${room} has nothing to load it with`),
  'nothing-to-do-it-at': row(
    { room: 'word', lacks: 'words' },
    ({ room, lacks }) => `${room} has no ${lacks} for it`,
  ),
  'all-too-heavy': plain('The lightest there is here is more than they are believed to lift'),
  'pain-sign': row({ kind: 'word', spot: 'word' }, ({ kind, spot }) =>
    spot ? `${worded(painSign, kind)} (${spot})` : worded(painSign, kind),
  ),
  'pain-level': row(
    { score: 'count', spot: 'word' },
    ({ score, spot }) => `pain ${score} of 10 in the ${spot}`,
  ),
  'pain-rose': row(
    { from: 'count', to: 'count', spot: 'word' },
    ({ from, to, spot }) => `pain rose from ${from} to ${to} in the ${spot}`,
  ),
};
