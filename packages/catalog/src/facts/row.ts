import { liftFacts, type Muscles } from './make';
import { anyBench } from './places';

const rowing = {
  main: ['upper back', 'lats'],
  helping: ['biceps', 'rear shoulders'],
} satisfies Muscles;

export const rowLifts = [
  liftFacts({
    id: 'one-arm-row',
    oneSided: true,
    position: 'supported',
    name: 'One-arm dumbbell row',
    pattern: 'row',
    implement: 'single dumbbell',
    places: anyBench,
    muscles: rowing,
    stress: {
      elbow: { how: 'pull', kinds: ['pull'] },
      'low back': { how: 'held in a lean', kinds: ['lean'] },
    },
    priorRatio: 0.34,
    restClass: 'small',
  }),
  liftFacts({
    id: 'chest-supported-row',
    position: 'supported',
    name: 'Chest-supported row',
    pattern: 'row',
    implement: 'dumbbell pair',
    places: [['adjustable bench']],
    muscles: rowing,
    stress: { elbow: { how: 'pull', kinds: ['pull'] } },
    priorRatio: 0.25,
  }),
  liftFacts({
    id: 'seated-row',
    position: 'seated',
    name: 'Seated cable row',
    pattern: 'row',
    implement: 'stack',
    stations: ['low row', 'cable'],
    muscles: rowing,
    stress: {
      elbow: { how: 'pull', kinds: ['pull'] },
      'low back': { how: 'held in a lean', kinds: ['lean'] },
    },
    priorRatio: 0.68,
  }),
  liftFacts({
    id: 'barbell-row',
    name: 'Barbell row',
    pattern: 'row',
    implement: 'barbell',
    muscles: { main: ['upper back', 'lats'], helping: ['biceps', 'back extensors'] },
    stress: {
      'low back': { how: 'held lean', kinds: ['lean'] },
      elbow: { how: 'pull', kinds: ['pull'] },
    },
    priorRatio: 0.6,
    repRange: { low: 8, high: 12 },
  }),
  liftFacts({
    id: 'inverted-row',
    name: 'Inverted row',
    pattern: 'row',
    implement: 'body',
    places: [['rack'], ['straps']],
    bodyShare: 0.6,
    position: 'hanging',
    muscles: { main: ['lats', 'upper back'], helping: ['biceps', 'rear shoulders'] },
    stress: {
      shoulder: { how: 'hanging pull', kinds: ['hanging'] },
      elbow: { how: 'pull', kinds: ['pull'] },
      'low back': { how: 'held straight', kinds: ['lean'] },
    },
    priorRatio: 0.84,
  }),
];
