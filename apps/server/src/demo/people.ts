import type { Flag, Person, ReportedLift, TurnedDownReason } from '@spalo/core/person';
import { toGrams } from '@spalo/core/unit';
import type { BodyRange } from '@spalo/core/warm-up';
import type { Segments } from '@spalo/contract';

/** A made-up client of the demo studio, and how the simulator lets them train. */
export interface DemoPerson extends Omit<
  Person,
  'birthDate' | 'flags' | 'reports' | 'cautions' | 'overrides' | 'turnedDown'
> {
  name: string;
  calledName: string;
  goal: string;
  brief: string;
  flags: (Omit<Flag, 'id'> & {
    /** Weeks ago that it began and was cleared, where the history is to tell; absent where it was always so. */
    told?: { began: number; cleared: number };
  })[];
  reports: ReportedLift[];
  /** Screening questions answered yes, and who cleared them, where somebody did. */
  screening: {
    questionId: string;
    clearedBy: string;
    /** Told only now: what came before was trained without it. */
    isNew?: true;
  }[];
  /** Lifts that the trainer opened in spite of a flag, and why. */
  opened: { liftId: string; reason: string }[];
  programme: string[];
  heightMm: number;
  /** When they can come; `{days}` stands for the days of the week that they do. */
  availability: string;
  /** Whole years, and they stay so old: the demo is the same story on every day. */
  age: number;
  squatLook: 'knees forward' | 'hips back' | null;
  segments: Segments | null;
  stiff: BodyRange[];
  /** First and last week of history, counted back from today; twelve weeks are kept. */
  weeks: { from: number; to: number };
  /** Days of each week that they come, counted from today: 0 is today's day of the week, 1 tomorrow's. */
  comes: number[];
  /** Share of sessions that they miss. */
  misses: number;
  /** True strength against the prior's middle. */
  strength: number;
  weeklyGain: number;
  /** Weeks ago that they stopped growing; absent for who goes on. */
  stalled?: number;
  /** What they lose a week since, as a share. */
  fades?: number;
  /** The block that they are in: its template, and how many weeks ago it began. */
  block?: { template: string; began: number };
  /** Days from today that are turned down, and why. */
  less?: { from: number; to: number; reason: TurnedDownReason };
  looseness: number;
  /** The fault they tend to, by lift. */
  habits: Record<string, string>;
  /** Seconds that they talk before anything is done, and on the way to each lift; absent for who does not. */
  talks?: number;
  /** Hour and minute of their bookings; null for who does not come today (18:00 on other days). */
  today: [number, number] | null;
}

const kg = (value: number) => toGrams(value, 'kg');

export const people: readonly DemoPerson[] = [
  {
    name: 'Runa Hallvard-Iyer',
    calledName: 'Runa',
    bodyMassG: kg(68),
    sex: 'female',
    trainingMonths: 26,
    age: 35,
    preference: 'strength',
    heightMm: 1680,
    availability: '{days}, early',
    squatLook: null,
    segments: null,
    stiff: [],
    programme: ['back-squat', 'dumbbell-bench-press', 'one-arm-row', 'romanian-deadlift'],
    nervous: false,
    goal: 'First heavy five on the squat before summer',
    brief: 'Keen. Likes a plan; wants to know why.',
    flags: [],
    reports: [],
    screening: [],
    opened: [],
    weeks: { from: 12, to: 0 },
    comes: [0, 3],
    misses: 0.03,
    strength: 1.35,
    weeklyGain: 0.013,
    looseness: 0.06,
    habits: { 'back-squat': 'knees-in' },
    today: [9, 0],
  },
  {
    name: 'Teodor Brisling',
    calledName: 'Teo',
    bodyMassG: kg(91),
    sex: 'male',
    trainingMonths: 7,
    age: 42,
    preference: 'none',
    heightMm: 1820,
    availability: '{days} after the bake',
    squatLook: null,
    segments: null,
    stiff: ['wrist', 'shoulder overhead'],
    programme: ['back-squat', 'dumbbell-bench-press', 'one-arm-row', 'romanian-deadlift'],
    nervous: false,
    goal: 'Lift the flour sacks without thinking about it',
    brief: 'Baker. Wrists ache after early shifts: ask first.',
    flags: [
      {
        place: 'wrist',
        side: 'both',
        note: 'Aches after kneading; pressing with bent wrists hurts.',
        fine: 'Straight wrists, neutral grips',
        since: null,
        saidBy: 'the client',
        state: 'watched',
        usualPain: 1,
      },
    ],
    reports: [],
    screening: [{ questionId: 'bones', clearedBy: 'Harbour Street practice' }],
    opened: [
      {
        liftId: 'dumbbell-bench-press',
        reason: 'Straight wrists are fine, says he; watched each set',
      },
    ],
    weeks: { from: 12, to: 0 },
    comes: [0, 3],
    misses: 0.08,
    strength: 1.05,
    weeklyGain: 0.008,
    looseness: 0.09,
    habits: { 'dumbbell-bench-press': 'wrists-back', 'romanian-deadlift': 'bar-leaves-legs' },
    today: [9, 0],
  },
  {
    name: 'Oluchi Venn',
    calledName: 'Oluchi',
    bodyMassG: kg(74),
    sex: 'female',
    trainingMonths: 0,
    age: 28,
    preference: 'none',
    heightMm: 1720,
    availability: '{days}',
    squatLook: 'knees forward',
    segments: null,
    stiff: [],
    programme: ['back-squat', 'dumbbell-bench-press', 'one-arm-row', 'romanian-deadlift'],
    nervous: true,
    goal: 'Feel at home among the weights',
    brief: 'Second week. Show first, then ask her to try.',
    flags: [],
    reports: [],
    screening: [],
    opened: [],
    weeks: { from: 2, to: 0 },
    comes: [0, 4],
    misses: 0,
    strength: 0.95,
    weeklyGain: 0.02,
    looseness: 0.1,
    habits: { 'one-arm-row': 'trunk-twists' },
    today: [9, 0],
  },
  {
    name: 'Anselm Quay',
    calledName: 'Anselm',
    bodyMassG: kg(83),
    sex: 'male',
    trainingMonths: 14,
    age: 69,
    preference: 'none',
    heightMm: 1760,
    availability: '{days}, mid-morning',
    squatLook: null,
    segments: null,
    stiff: ['ankle bend', 'hip rotation', 'upper back'],
    programme: ['back-squat', 'dumbbell-bench-press', 'one-arm-row', 'romanian-deadlift'],
    nervous: false,
    goal: 'Strong enough for the boat’s ladder again',
    brief: 'Retired ferry pilot, back after a long break. Ten minutes on the bike first.',
    flags: [
      {
        place: 'knee',
        side: 'right',
        note: 'Stiff on stairs in the morning.',
        fine: 'Everything once warm',
        since: null,
        saidBy: 'the client',
        state: 'watched',
        usualPain: 2,
      },
    ],
    reports: [],
    screening: [
      { questionId: 'heart', clearedBy: 'Harbour Street practice' },
      { questionId: 'medicine', clearedBy: '' },
    ],
    opened: [{ liftId: 'back-squat', reason: 'Fine once warm; stops above what pinches' }],
    weeks: { from: 12, to: 9 },
    comes: [0, 2],
    misses: 0.1,
    strength: 0.95,
    weeklyGain: 0.004,
    looseness: 0.08,
    habits: { 'back-squat': 'short-depth' },
    talks: 150,
    today: [10, 30],
  },
  {
    name: 'Isolde Marchbank',
    calledName: 'Isa',
    bodyMassG: kg(77),
    sex: 'female',
    trainingMonths: 9,
    age: 30,
    preference: 'size',
    heightMm: 1840,
    availability: '{days}',
    squatLook: 'hips back',
    segments: { thighMm: 480, shinMm: 430, trunkMm: 500, armMm: 620 },
    stiff: ['hip extension'],
    programme: ['back-squat', 'dumbbell-bench-press', 'one-arm-row', 'romanian-deadlift'],
    nervous: false,
    goal: 'Legs for the spring regatta',
    brief: 'Rower, very long thighs: leans more than others and that is right for her.',
    flags: [],
    reports: [],
    screening: [],
    opened: [],
    weeks: { from: 12, to: 0 },
    comes: [0, 4],
    misses: 0.05,
    strength: 1.2,
    weeklyGain: 0.01,
    block: { template: 'long-wave', began: 2 },
    looseness: 0.08,
    habits: { 'back-squat': 'hips-shoot' },
    today: [12, 0],
  },
  {
    name: 'Caspian Dole',
    calledName: 'Cas',
    bodyMassG: kg(79),
    sex: 'male',
    trainingMonths: 5,
    age: 33,
    preference: 'none',
    heightMm: 1790,
    availability: 'Between shifts, asks by message',
    squatLook: null,
    segments: null,
    stiff: [],
    programme: ['back-squat', 'dumbbell-bench-press', 'one-arm-row', 'romanian-deadlift'],
    nervous: false,
    goal: 'Keep something going between night shifts',
    brief: 'Nurse on nights. Ask how he slept; misses weeks, that is planned.',
    flags: [],
    reports: [],
    screening: [],
    opened: [],
    weeks: { from: 12, to: 0 },
    comes: [0, 5],
    misses: 0.45,
    strength: 1,
    weeklyGain: 0.007,
    less: { from: -2, to: 5, reason: 'nights' },
    looseness: 0.1,
    habits: { 'romanian-deadlift': 'rdl-rushed' },
    today: [16, 0],
  },
  {
    name: 'Philippa Strand-Oyelaran',
    calledName: 'Pip',
    bodyMassG: kg(71),
    sex: 'female',
    trainingMonths: 18,
    age: 41,
    preference: 'endurance',
    heightMm: 1660,
    availability: '{days}, evenings',
    squatLook: null,
    segments: null,
    stiff: [],
    programme: ['back-squat', 'dumbbell-bench-press', 'one-arm-row', 'romanian-deadlift'],
    nervous: false,
    goal: 'Carry the baby seat up four floors',
    brief:
      'Six months after birth, cleared for it. Felt faint last week: nothing loaded until her clinician has seen her.',
    flags: [
      {
        place: 'low back',
        side: 'none',
        note: 'Tired by evening; supported positions feel good.',
        fine: 'Supported positions',
        since: null,
        saidBy: 'the client; cleared by her clinician',
        state: 'cleared',
        usualPain: 0,
        told: { began: 5, cleared: 1.2 },
      },
    ],
    reports: [],
    screening: [
      { questionId: 'birth', clearedBy: 'Her clinician, at the six-week check' },
      { questionId: 'dizzy', clearedBy: '', isNew: true },
    ],
    opened: [],
    weeks: { from: 10, to: 0 },
    comes: [0, 2],
    misses: 0.15,
    strength: 0.9,
    weeklyGain: 0.012,
    looseness: 0.07,
    habits: { 'romanian-deadlift': 'squats-it' },
    today: [17, 30],
  },
  {
    name: 'Bartholomew Ingleby-Castellanos',
    calledName: '',
    bodyMassG: kg(86),
    sex: 'male',
    trainingMonths: 34,
    age: 47,
    preference: 'size',
    heightMm: 1800,
    availability: '{days}',
    squatLook: null,
    segments: null,
    stiff: [],
    programme: ['back-squat', 'dumbbell-bench-press', 'lat-pulldown', 'romanian-deadlift'],
    nervous: false,
    goal: 'Get past the same 95 kg squat',
    brief: 'Stalled since late summer. Sleeps badly in the season; change one thing only.',
    flags: [],
    reports: [],
    screening: [],
    opened: [],
    weeks: { from: 12, to: 0 },
    comes: [1, 6],
    misses: 0.1,
    strength: 1.1,
    weeklyGain: 0.014,
    stalled: 8,
    fades: 0.006,
    block: { template: 'steady', began: 6 },
    looseness: 0.13,
    habits: { 'back-squat': 'lean-forward', 'dumbbell-bench-press': 'bounce' },
    today: null,
  },
];
