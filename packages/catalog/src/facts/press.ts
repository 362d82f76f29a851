import { liftFacts, type Muscles } from './make';

const overhead = {
  main: ['front shoulders', 'triceps'],
  helping: ['side shoulders', 'upper back'],
} satisfies Muscles;

export const pressLifts = [
  liftFacts({
    id: 'overhead-press',
    name: 'Overhead press',
    pattern: 'press',
    implement: 'barbell',
    places: [['rack']],
    muscles: overhead,
    stress: {
      shoulder: { how: 'overhead', kinds: ['overhead'] },
      wrist: { how: 'bar over the hand', kinds: ['press through'] },
      'low back': { how: 'arch under load', kinds: ['arch'] },
      elbow: { how: 'straightening', kinds: ['straightening'] },
      neck: { how: 'arms overhead', kinds: ['raised'] },
      'upper back': { how: 'arms overhead', kinds: ['raised'] },
    },
    priorRatio: 0.42,
    repRange: { low: 8, high: 12 },
  }),
  liftFacts({
    id: 'dumbbell-shoulder-press',
    position: 'seated',
    name: 'Dumbbell shoulder press',
    pattern: 'press',
    implement: 'dumbbell pair',
    places: [['adjustable bench'], ['flat bench'], ['box']],
    muscles: overhead,
    stress: {
      shoulder: { how: 'overhead', kinds: ['overhead'] },
      wrist: { how: 'bell over the hand', kinds: ['press through'] },
      elbow: { how: 'straightening', kinds: ['straightening'] },
      neck: { how: 'arms overhead', kinds: ['raised'] },
    },
    priorRatio: 0.17,
  }),
  liftFacts({
    id: 'shoulder-press-machine',
    position: 'seated',
    name: 'Machine shoulder press',
    pattern: 'press',
    implement: 'stack',
    stations: ['shoulder press'],
    muscles: overhead,
    stress: {
      shoulder: { how: 'overhead', kinds: ['overhead'] },
      elbow: { how: 'straightening', kinds: ['straightening'] },
      neck: { how: 'arms overhead', kinds: ['raised'] },
    },
    priorRatio: 0.42,
  }),
];
