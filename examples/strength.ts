import { liftById, repLifts } from '../packages/catalog/src/index';
import type { Person } from '../packages/core/src/person/index';
import { readStrength, replay, type PastSet } from '../packages/core/src/strength/index';
import { massText } from '../packages/core/src/unit/index';

/** Asks the strength model about a made-up person, before and after one session. docs/strength-model.md says how to run it. */
const person: Person = {
  bodyMassG: 68_000,
  sex: 'female',
  trainingMonths: 8,
  birthDate: '1992-05-14',
  nervous: false,
  preference: 'none',
  flags: [],
  reports: [{ liftId: 'goblet-squat', loadG: 16_000, reps: 12, monthsAgo: 2, sure: 'about' }],
  cautions: [],
  overrides: [],
};

/** Three sets of one session: load in grams, clean reps, and what she said was left. */
const session: PastSet[] = [
  { loadG: 40_000, reps: 10, rir: 4 },
  { loadG: 45_000, reps: 10, rir: 3 },
  { loadG: 45_000, reps: 10, rir: 2 },
].map((set, index) => ({
  id: String(index),
  liftId: 'back-squat',
  sessionId: 'one',
  at: `2026-11-20T10:0${index * 3}:00.000Z`,
  ...set,
  cleanReps: set.reps,
  bearing: 'counts',
}));

const now = '2026-11-24T10:00:00.000Z';
const before = readStrength(person, null, repLifts(), now);
const after = readStrength(person, replay(person, repLifts(), session, now), repLifts(), now);
for (const liftId of ['back-squat', 'split-squat', 'bench-press']) {
  const lift = liftById(liftId);
  for (const [when, profile] of [
    ['before', before],
    ['after', after],
  ] as const) {
    const { mean, low, high, start, why } = profile.loadFor(lift, 10, 2);
    const say = (grams: number) => massText(Math.round(grams), 'kg');
    process.stdout.write(
      `${lift.name}, ${when}: ${say(mean)} (${say(low)} to ${say(high)}), start ${say(start)}. ${why}\n`,
    );
  }
}
