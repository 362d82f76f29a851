import { liftFacts } from './make';

export const calfLifts = [
  liftFacts({
    id: 'calf-raise',
    name: 'Calf raise',
    pattern: 'calf',
    implement: 'stack',
    stations: ['calf raise'],
    muscles: { main: ['calves'], helping: [] },
    stress: { ankle: { how: 'end range', kinds: ['end range'] } },
    priorRatio: 1.05,
    repRange: { low: 12, high: 20 },
  }),
];
