/** A screening question. A yes is recorded, limits what it names, and asks for clearance. */
export interface ScreeningQuestion {
  id: string;
  asks: string;
  /** What a yes limits until clearance is recorded. */
  limits: string;
}

export const screeningQuestions: readonly ScreeningQuestion[] = [
  {
    id: 'heart',
    asks: 'Has a clinician ever named a heart or blood-pressure problem?',
    limits: 'No breath-holding, no sets of five reps or fewer, clearance before loaded work.',
  },
  {
    id: 'dizzy',
    asks: 'Dizzy, faint or light-headed in the last year?',
    limits:
      'Seated or supported lifts first, slow changes of position, clearance before loaded work.',
  },
  {
    id: 'breathing',
    asks: 'Short of breath at rest or with light effort?',
    limits: 'Long rests, easy raise, clearance before loaded work.',
  },
  {
    id: 'bones',
    asks: 'A bone or joint that hurts, or gets worse with effort?',
    limits: 'A flag for the place; lifts that load it start lighter.',
  },
  {
    id: 'pregnancy',
    asks: 'Pregnant now, or given birth in the last twelve months?',
    limits: 'Breathe out through the effort, no lying flat for long, clearance before loaded work.',
  },
  {
    id: 'surgery',
    asks: 'Any operation in the last twelve months?',
    limits: 'Nothing that strains the place; clearance before loaded work.',
  },
  {
    id: 'medicine',
    asks: 'Medicine that changes heart rate or balance?',
    limits: 'Effort by reps in reserve, not by pulse; slow changes of position.',
  },
  {
    id: 'forbidden',
    asks: 'Has a clinician forbidden any kind of exercise?',
    limits: 'What was forbidden is left out until the same clinician allows it.',
  },
];
