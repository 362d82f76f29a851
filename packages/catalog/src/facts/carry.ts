import { liftFacts } from './make';

/** Carried for metres: how far, before how heavy. `priorRatio` is the bell to begin with, each. */
export const carryLifts = [
  liftFacts({
    id: 'loaded-carry',
    name: 'Loaded carry',
    pattern: 'carry',
    implement: 'dumbbell pair',
    places: [['lane']],
    counted: 'metres',
    muscles: { main: ['grip', 'upper back'], helping: ['abdominals', 'glutes', 'calves'] },
    stress: {
      wrist: { how: 'grip', kinds: ['pull'] },
      shoulder: { how: 'hangs under load', kinds: ['pull'] },
      'upper back': { how: 'held against the load', kinds: ['held against'] },
      neck: { how: 'shoulders pulled down', kinds: ['held against'] },
    },
    priorRatio: 0.13,
    repRange: { low: 20, high: 60 },
  }),
  liftFacts({
    id: 'suitcase-carry',
    name: 'Suitcase carry',
    pattern: 'carry',
    implement: 'single dumbbell',
    places: [['lane']],
    counted: 'metres',
    muscles: { main: ['abdominals', 'grip'], helping: ['hip stabilisers', 'upper back'] },
    stress: {
      wrist: { how: 'grip', kinds: ['pull'] },
      'low back': { how: 'holds against a lean to the side', kinds: ['lean'] },
      'upper back': { how: 'held against the load', kinds: ['held against'] },
      neck: { how: 'one shoulder pulled down', kinds: ['held against'] },
    },
    priorRatio: 0.12,
    repRange: { low: 15, high: 40 },
  }),
];
