import { cautionKinds, type Caution } from '@spalo/core';

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
    asks: 'Pregnant now, or given birth in the last twelve months?',
    limits: 'Breathe out through the effort, no lying flat for long, clearance before loaded work.',
    untilCleared: ['clearance', 'not lying flat', 'no low reps'],
    always: ['exhale'],
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
  const found = screeningQuestions.flatMap((question) => {
    const answer = answers[question.id];
    if (!answer?.yes) return [];
    const cleared = answer.clearedBy !== '' && answer.clearedOn !== null;
    return [...(cleared ? [] : question.untilCleared), ...question.always];
  });
  return cautionKinds.filter((caution) => found.includes(caution));
}

/** Whether every question has its answer: until then nobody knows what limits this client. */
export const isScreened = (answers: Record<string, ScreeningAnswer>): boolean =>
  screeningQuestions.every(({ id }) => answers[id] !== undefined);
