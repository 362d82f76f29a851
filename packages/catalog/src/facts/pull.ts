import { liftFacts, type Muscles } from './make';
import { anyBench } from './places';

const pulling = { main: ['lats'], helping: ['biceps', 'upper back'] } satisfies Muscles;

export const pullLifts = [
  liftFacts({
    id: 'lat-pulldown',
    name: 'Lat pulldown',
    pattern: 'pull',
    implement: 'stack',
    stations: ['pulldown', 'cable'],
    muscles: pulling,
    stress: {
      shoulder: { how: 'overhead reach', kinds: ['overhead'] },
      elbow: { how: 'pull', kinds: ['pull'] },
    },
    priorRatio: 0.68,
  }),
  liftFacts({
    id: 'assisted-pull-up',
    position: 'hanging',
    name: 'Assisted pull-up',
    pattern: 'pull',
    implement: 'assisted',
    stations: ['assisted pull-up'],
    muscles: pulling,
    stress: {
      shoulder: { how: 'hanging reach', kinds: ['hanging'] },
      elbow: { how: 'pull', kinds: ['pull'] },
    },
    priorRatio: 0.95,
  }),
  liftFacts({
    id: 'pull-up',
    position: 'hanging',
    name: 'Pull-up',
    pattern: 'pull',
    implement: 'body',
    places: [['pull-up bar']],
    bodyShare: 1,
    muscles: pulling,
    stress: {
      shoulder: { how: 'hanging reach', kinds: ['hanging'] },
      elbow: { how: 'pull', kinds: ['pull'] },
    },
    priorRatio: 0.95,
    repRange: { low: 5, high: 8 },
  }),
  liftFacts({
    id: 'dumbbell-pullover',
    name: 'Dumbbell pullover',
    pattern: 'pull',
    implement: 'single dumbbell',
    places: anyBench,
    position: 'on the back',
    muscles: { main: ['lats'], helping: ['chest', 'triceps'] },
    stress: {
      shoulder: { how: 'stretch overhead', kinds: ['overhead', 'deep stretch'] },
      elbow: { how: 'held bent', kinds: ['stretch'] },
    },
    priorRatio: 0.3,
    repRange: { low: 10, high: 15 },
    peak: 'stretched',
  }),
];
