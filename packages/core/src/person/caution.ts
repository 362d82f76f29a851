/** What screening can limit, without the answers themselves; the most pressing first. */
export const cautionKinds = [
  'unscreened',
  'clearance',
  'forbidden',
  'exhale',
  'no low reps',
  'slow changes',
  'long rests',
  'light start',
  'careful after clearance',
  'not lying flat',
  'reserve not pulse',
] as const;
export type Caution = (typeof cautionKinds)[number];

/** Each caution in one sentence. */
export const cautionText: Record<Caution, string> = {
  unscreened: 'Ask the screening questions before anything is loaded',
  exhale: 'Breathe out through the effort; no breath held under load',
  'no low reps': 'No sets of seven reps or fewer until clearance is recorded',
  clearance: 'Ask a clinician before loaded work, and record who cleared what',
  'slow changes': 'Slow changes of position; seated or supported lifts first',
  'long rests': 'Long rests and an easy start',
  'light start': 'Start lighter; nothing that strains the place',
  'careful after clearance':
    'Cleared: eight reps and more, no held breath and nothing dropped until four sessions went well',
  'not lying flat': 'No lying flat for long',
  'reserve not pulse': 'Judge effort by reps in reserve, not by pulse',
  forbidden: 'Leave out what the clinician has forbidden',
};
