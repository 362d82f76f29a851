import { cautionKinds, type Caution } from '@spalo/core/person';

/** A screening question. A yes is recorded, limits what it names, and asks for clearance. */
export interface ScreeningQuestion {
  id: string;
  asks: string;
  /** What a yes limits until clearance is recorded, in words and as the rules take it. */
  limits: string;
  untilCleared: readonly Caution[];
  /** What stays also after clearance. */
  always: readonly Caution[];
}

export const screeningQuestions: readonly ScreeningQuestion[] = [
  {
    id: 'chest',
    asks: 'Pain or pressure in the chest, at rest or with effort?',
    limits: 'A clinician first: clearance before loaded work, no sets of seven reps or fewer.',
    untilCleared: ['clearance', 'no low reps'],
    always: ['exhale'],
  },
  {
    id: 'heart',
    asks: 'Has a clinician ever named a heart or blood-pressure problem?',
    limits: 'No breath-holding, no sets of seven reps or fewer, clearance before loaded work.',
    untilCleared: ['clearance', 'no low reps'],
    always: ['exhale'],
  },
  {
    id: 'dizzy',
    asks: 'Dizzy, faint or light-headed in the last year?',
    limits:
      'Seated or supported lifts first, slow changes of position, clearance before loaded work.',
    untilCleared: ['clearance'],
    always: ['slow changes'],
  },
  {
    id: 'breathing',
    asks: 'Short of breath at rest or with light effort?',
    limits: 'Long rests, easy raise, clearance before loaded work.',
    untilCleared: ['clearance'],
    always: ['long rests'],
  },
  {
    id: 'bones',
    asks: 'A bone or joint that hurts, or gets worse with effort?',
    limits: 'Raise a flag for the place; lifts that load it are closed or start lighter.',
    untilCleared: ['light start'],
    always: [],
  },
  {
    id: 'pregnancy',
    asks: 'Pregnant now? In which week?',
    limits:
      'Breathe out through the effort, not flat on the back, clearance before loaded work. Stop for bleeding, dizziness, a headache, chest pain, a swollen calf, contractions or less movement.',
    untilCleared: ['clearance', 'no low reps'],
    always: ['exhale', 'not lying flat'],
  },
  {
    id: 'birth',
    asks: 'Given birth in the last twelve months? How many weeks ago?',
    limits:
      'Breathe out through the effort; clearance before loaded work. Stop for leaking, heaviness below or bleeding.',
    untilCleared: ['clearance', 'no low reps'],
    always: ['exhale'],
  },
  {
    id: 'pelvic-floor',
    asks: 'Leaking, heaviness or a bulge below with effort?',
    limits: 'Breathe out through the effort, no sets of seven reps or fewer; a clinician looks.',
    untilCleared: ['no low reps', 'light start'],
    always: ['exhale'],
  },
  {
    id: 'sugar',
    asks: 'Diabetes, or sugar that falls low?',
    limits: 'Something sweet at hand, long rests; dizzy or shaking ends the session.',
    untilCleared: ['light start'],
    always: ['long rests'],
  },
  {
    id: 'brittle-bones',
    asks: 'Brittle bones, or a bone broken by little force?',
    limits: 'Clearance before loaded work, no sets of seven reps or fewer, slow changes.',
    untilCleared: ['clearance', 'no low reps'],
    always: ['light start', 'slow changes'],
  },
  {
    id: 'falls',
    asks: 'Fallen in the last year, or unsure on the feet?',
    limits: 'Seated or supported lifts first, slow changes of position.',
    untilCleared: [],
    always: ['slow changes', 'light start'],
  },
  {
    id: 'stroke',
    asks: 'Ever had a stroke, or a short one that passed?',
    limits: 'No held breath, no sets of seven reps or fewer, clearance before loaded work.',
    untilCleared: ['clearance', 'no low reps'],
    always: ['exhale', 'slow changes'],
  },
  {
    id: 'seizure',
    asks: 'Ever had a seizure?',
    limits: 'Seated or supported lifts first; clearance before loaded work.',
    untilCleared: ['clearance'],
    always: ['slow changes'],
  },
  {
    id: 'blood-thinners',
    asks: 'Medicine that thins the blood?',
    limits: 'No knocks or pinches; clearance before loaded work.',
    untilCleared: ['clearance'],
    always: ['light start'],
  },
  {
    id: 'kidneys',
    asks: 'A kidney disease?',
    limits: 'Begin with little, long rests; dark urine after training goes to a clinician at once.',
    untilCleared: ['clearance', 'no low reps'],
    always: ['light start', 'long rests'],
  },
  {
    id: 'cancer',
    asks: 'Treated for cancer now, or in the last year?',
    limits: 'Clearance before loaded work; long rests, a light start.',
    untilCleared: ['clearance', 'no low reps'],
    always: ['light start', 'long rests'],
  },
  {
    id: 'fever',
    asks: 'A fever or an infection now?',
    limits: 'No training until two days without it.',
    untilCleared: ['clearance'],
    always: [],
  },
  {
    id: 'surgery',
    asks: 'Any operation in the last twelve months, a hernia or an eye problem?',
    limits: 'Nothing that strains the place, no held breath; clearance before loaded work.',
    untilCleared: ['clearance', 'light start', 'no low reps'],
    always: ['exhale'],
  },
  {
    id: 'medicine',
    asks: 'Medicine that changes heart rate or balance?',
    limits: 'Effort by reps in reserve, not by pulse; slow changes of position.',
    untilCleared: [],
    always: ['reserve not pulse', 'slow changes'],
  },
  {
    id: 'forbidden',
    asks: 'Has a clinician forbidden any kind of exercise?',
    limits: 'What was forbidden is left out until the same clinician allows it.',
    untilCleared: ['forbidden', 'clearance'],
    always: [],
  },
];

/** An answer as it is kept. `clearedBy` is empty until a clinician's clearance is recorded. */
export interface ScreeningAnswer {
  yes: boolean;
  note: string;
  clearedBy: string;
  clearedOn: string | null;
}

/** What the answers limit, each caution once, the most pressing first; the answers themselves stay behind. */
export function cautionsOf(answers: Record<string, ScreeningAnswer>): Caution[] {
  // Of whom nothing is known, nothing is loaded.
  if (Object.keys(answers).length === 0) return ['unscreened'];
  const found = screeningQuestions.flatMap((question) => {
    const answer = answers[question.id];
    if (!answer?.yes) return [];
    const cleared = answer.clearedBy !== '' && answer.clearedOn !== null;
    const careful = cleared && question.untilCleared.includes('no low reps');
    return [
      ...(cleared ? [] : question.untilCleared),
      ...(careful ? (['careful after clearance'] as const) : []),
      ...question.always,
    ];
  });
  return cautionKinds.filter((caution) => found.includes(caution));
}

/** Whether every question has its answer: until then nobody knows what limits this client. */
export const isScreened = (answers: Record<string, ScreeningAnswer>): boolean =>
  screeningQuestions.every(({ id }) => answers[id] !== undefined);
