import type { Habit, SimulatedClient } from './population';
import { strongerBy } from './lifter';
import type { Stretch } from './training';

/** Somebody who does not fit the mean: how a usual client is changed, and how they train. */
export interface Strange {
  name: string;
  change: (client: SimulatedClient) => SimulatedClient;
  habit?: Partial<Habit>;
  stretch?: Partial<Stretch>;
}

const same = (client: SimulatedClient) => client;
const changed =
  (
    person: Partial<SimulatedClient['person']>,
    { log = 0, ...lifter }: Partial<SimulatedClient['lifter']> & { log?: number } = {},
  ) =>
  (client: SimulatedClient): SimulatedClient => ({
    person: { ...client.person, ...person },
    lifter: { ...strongerBy(client.lifter, log), ...lifter },
  });

/** Legs far weaker than the arms promise, as after a season in a chair or a boat. */
const weakLegs = (client: SimulatedClient): SimulatedClient => {
  const weaker = strongerBy(client.lifter, -0.5).oneRepMaxG;
  const { oneRepMaxG } = client.lifter;
  const isLeg = (id: string) => /squat|deadlift|leg|lunge|hip|calf|swing|step/.test(id);
  return {
    ...client,
    lifter: {
      ...client.lifter,
      oneRepMaxG: Object.fromEntries(
        Object.entries(oneRepMaxG).map(([id, max]) => [id, isLeg(id) ? weaker[id]! : max]),
      ),
    },
  };
};

/** People whom a rule made for the mean serves worst. */
export const strangePeople: readonly Strange[] = [
  {
    name: 'a strong small woman',
    change: changed({ sex: 'female', bodyMassG: 50_000, reports: [] }, { log: 0.45 }),
  },
  {
    name: '75 and new',
    change: changed(
      { birthDate: '1951-05-01', trainingMonths: 0, reports: [] },
      { log: -0.25, weeklyGain: 0.006 },
    ),
  },
  { name: 'strong arms, weak legs', change: weakLegs },
  {
    name: 'ten weeks away',
    change: same,
    stretch: { away: { before: 10, days: 70, lost: 0.12 } },
  },
  { name: 'two reps modest', change: same, habit: { modesty: 2 } },
  { name: 'two reps bold', change: same, habit: { modesty: -2 } },
  { name: 'puts it down a rep before the limit', change: changed({}, { stopsShort: 1 }) },
  { name: 'does one set of three', change: same, stretch: { mostSets: 1 } },
  { name: 'steps of 10 kg', change: same, stretch: { stepG: 10_000 } },
  {
    name: 'an athlete of whom nothing is known',
    change: changed({ trainingMonths: 96, reports: [] }, { log: 0.5, weeklyGain: 0.001 }),
  },
  { name: 'three percent stronger a week', change: changed({}, { weeklyGain: 0.03 }) },
  {
    name: 'loses one percent a week with their weight',
    change: changed({}, { weeklyGain: -0.01 }),
  },
];
