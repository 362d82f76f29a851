import { liftFacts, type Muscles } from './make';

const chain = {
  main: ['hamstrings', 'glutes'],
  helping: ['back extensors', 'grip'],
} satisfies Muscles;

export const hingeLifts = [
  liftFacts({
    id: 'deadlift',
    name: 'Deadlift',
    pattern: 'hinge',
    implement: 'barbell',
    muscles: chain,
    stress: {
      'low back': { how: 'loaded from the floor', kinds: ['hinge'] },
      hip: { how: 'deep bend', kinds: ['bend', 'deep bend'] },
    },
    priorRatio: 1.15,
    restClass: 'floor-pull',
    repConstant: 32,
    repRange: { low: 8, high: 10 },
    peak: 'middle',
    fromFloor: true,
  }),
  liftFacts({
    id: 'trap-bar-deadlift',
    name: 'Trap-bar deadlift',
    pattern: 'hinge',
    implement: 'trap bar',
    muscles: { main: ['glutes', 'quads'], helping: ['hamstrings', 'upper back', 'grip'] },
    stress: {
      'low back': { how: 'loaded from the floor', kinds: ['hinge'] },
      knee: { how: 'bend under load', kinds: ['bend'] },
    },
    priorRatio: 1.25,
    restClass: 'floor-pull',
    repRange: { low: 8, high: 12 },
    peak: 'middle',
    fromFloor: true,
  }),
  liftFacts({
    id: 'romanian-deadlift',
    name: 'Romanian deadlift',
    pattern: 'hinge',
    implement: 'barbell',
    muscles: chain,
    stress: {
      'low back': { how: 'loaded hinge', kinds: ['hinge'] },
      hip: { how: 'deep hinge', kinds: ['hinge'] },
    },
    priorRatio: 0.85,
    repRange: { low: 8, high: 12 },
  }),
  liftFacts({
    id: 'dumbbell-romanian-deadlift',
    name: 'Dumbbell Romanian deadlift',
    pattern: 'hinge',
    implement: 'dumbbell pair',
    muscles: chain,
    stress: {
      'low back': { how: 'loaded hinge', kinds: ['hinge'] },
      hip: { how: 'deep hinge', kinds: ['hinge'] },
    },
    priorRatio: 0.33,
  }),
  liftFacts({
    id: 'kettlebell-deadlift',
    name: 'Kettlebell deadlift',
    pattern: 'hinge',
    implement: 'kettlebell',
    muscles: { main: ['glutes', 'hamstrings'], helping: ['quads', 'grip'] },
    stress: { 'low back': { how: 'light hinge', kinds: ['hinge'] } },
    priorRatio: 0.68,
  }),
  liftFacts({
    id: 'good-morning',
    name: 'Good morning',
    pattern: 'hinge',
    implement: 'barbell',
    muscles: { main: ['hamstrings', 'back extensors'], helping: ['glutes'] },
    stress: {
      'low back': { how: 'long loaded lean', kinds: ['lean', 'hinge'] },
      shoulder: { how: 'reach back to the bar', kinds: ['reach back'] },
    },
    priorRatio: 0.42,
  }),
  liftFacts({
    id: 'back-extension',
    name: 'Back extension, 45°',
    pattern: 'hinge',
    implement: 'body',
    bodyShare: 0.45,
    muscles: { main: ['glutes', 'hamstrings'], helping: ['back extensors'] },
    stress: { 'low back': { how: 'end range', kinds: ['end range'] } },
    priorRatio: 0.78,
    peak: 'middle',
  }),
];
