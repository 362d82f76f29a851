import { liftFacts } from './make';

export const calfLifts = [
  liftFacts({
    id: 'calf-raise',
    name: 'Calf raise',
    pattern: 'calf',
    implement: 'stack',
    stations: ['calf raise'],
    muscles: { main: ['calves'], helping: [] },
    stress: {
      ankle: { how: 'end range', kinds: ['end range'] },
      neck: { how: 'pads on the shoulders', kinds: ['bar on it'] },
      'upper back': { how: 'pads on the shoulders', kinds: ['bar on it'] },
    },
    priorRatio: 1.05,
    repRange: { low: 12, high: 20 },
  }),
  liftFacts({
    id: 'dumbbell-calf-raise',
    name: 'One-leg calf raise',
    pattern: 'calf',
    implement: 'single dumbbell',
    muscles: { main: ['calves'], helping: [] },
    stress: { ankle: { how: 'loaded stretch', kinds: ['stretch'] } },
    priorRatio: 0.12,
    repRange: { low: 10, high: 15 },
    peak: 'stretched',
  }),
];
