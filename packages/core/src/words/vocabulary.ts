/** Each caution of the screening in one sentence. */
export const cautionWords = {
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

/** Why the screening questions are asked again. */
export const askAgainWords = {
  'red flag': 'something serious was reported since',
  year: 'the answers are more than a year old',
  away: 'it is more than six weeks since the last session',
};

/** Why a lift may not be asked for more than its plan today, in a few words. */
export const ceilingWords = {
  flag: 'Eased for the flag',
  'way back': 'On the way back',
  absence: 'After the time away',
  'lighter week': 'Lighter week',
  'light day': 'Light day',
  clearance: 'Careful after clearance',
  minor: 'Under 18',
  'age unknown': 'Age not known',
};

/** What a warm-up set is for. */
const purposeWords = {
  groove: 'find the groove',
  own: 'own the way down',
  feel: 'feel the load',
  prime: 'as the working set',
  over: 'heavier than the work, so that the work feels light',
  easier: 'an easier form: hands raised, more help, or half the way',
  alone: 'the body alone',
};

/** What a word of a vocabulary is called; the word itself where it is of none, as in logs from before there were codes. */
export const worded = (vocabulary: Readonly<Record<string, string>>, word: string): string =>
  vocabulary[word] ?? word;

/** What a warm-up set is for, as one says it; nothing of a working set. */
export const purposeText = (purpose: string): string => worded(purposeWords, purpose);
