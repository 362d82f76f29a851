import { liftFacts, type Muscles } from './make';

const legs = {
  main: ['quads', 'glutes'],
  helping: ['adductors', 'back extensors'],
} satisfies Muscles;

export const squatLifts = [
  liftFacts({
    id: 'back-squat',
    name: 'Back squat',
    pattern: 'squat',
    implement: 'barbell',
    muscles: legs,
    stress: {
      knee: { how: 'deep bend', kinds: ['bend', 'deep bend'] },
      hip: { how: 'deep bend', kinds: ['bend', 'deep bend'] },
      ankle: { how: 'end range', kinds: ['end range'] },
      'low back': { how: 'loaded lean', kinds: ['lean'] },
      shoulder: { how: 'reach back to the bar', kinds: ['reach back'] },
    },
    priorRatio: 0.9,
    repRange: { low: 8, high: 12 },
  }),
  liftFacts({
    id: 'front-squat',
    name: 'Front squat',
    pattern: 'squat',
    implement: 'barbell',
    muscles: { main: ['quads', 'glutes'], helping: ['upper back', 'abdominals'] },
    stress: {
      knee: { how: 'deep bend', kinds: ['bend', 'deep bend'] },
      hip: { how: 'deep bend', kinds: ['bend', 'deep bend'] },
      ankle: { how: 'end range', kinds: ['end range'] },
      wrist: { how: 'bent back in the rack', kinds: ['bent back'] },
      shoulder: { how: 'elbows held high', kinds: ['raised'] },
    },
    priorRatio: 0.74,
    repRange: { low: 8, high: 12 },
  }),
  liftFacts({
    id: 'box-squat',
    name: 'Box squat',
    pattern: 'squat',
    implement: 'barbell',
    muscles: legs,
    stress: {
      knee: { how: 'bend to the box', kinds: ['bend'] },
      hip: { how: 'bend', kinds: ['bend'] },
      'low back': { how: 'loaded lean', kinds: ['lean'] },
    },
    priorRatio: 0.88,
    repRange: { low: 8, high: 12 },
  }),
  liftFacts({
    id: 'goblet-squat',
    name: 'Goblet squat',
    pattern: 'squat',
    implement: 'single dumbbell',
    muscles: { main: ['quads', 'glutes'], helping: ['upper back', 'abdominals'] },
    stress: {
      knee: { how: 'deep bend', kinds: ['bend', 'deep bend'] },
      hip: { how: 'deep bend', kinds: ['bend', 'deep bend'] },
      ankle: { how: 'end range', kinds: ['end range'] },
    },
    priorRatio: 0.46,
  }),
  liftFacts({
    id: 'leg-press',
    name: 'Leg press',
    pattern: 'squat',
    implement: 'machine',
    stations: ['leg press'],
    muscles: { main: ['quads', 'glutes'], helping: ['adductors'] },
    stress: {
      knee: { how: 'deep bend', kinds: ['bend', 'deep bend'] },
      hip: { how: 'deep bend', kinds: ['bend', 'deep bend'] },
    },
    priorRatio: 1.9,
    repConstant: 43,
  }),
  liftFacts({
    id: 'hack-squat',
    name: 'Hack squat',
    pattern: 'squat',
    implement: 'machine',
    stations: ['hack squat'],
    muscles: { main: ['quads'], helping: ['glutes'] },
    stress: { knee: { how: 'deep bend', kinds: ['bend', 'deep bend'] } },
    priorRatio: 1.15,
    repConstant: 41,
  }),
];
