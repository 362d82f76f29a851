import { liftFacts } from './make';

export const kneeLifts = [
  liftFacts({
    id: 'leg-extension',
    name: 'Leg extension',
    pattern: 'knee',
    implement: 'stack',
    stations: ['leg extension'],
    muscles: { main: ['quads'], helping: [] },
    stress: { knee: { how: 'straightened under load', kinds: ['straightening'] } },
    priorRatio: 0.62,
  }),
  liftFacts({
    id: 'leg-curl',
    position: 'on the front',
    name: 'Leg curl',
    pattern: 'knee',
    implement: 'stack',
    stations: ['leg curl'],
    muscles: { main: ['hamstrings'], helping: ['calves'] },
    stress: {
      knee: { how: 'pull against the pad', kinds: ['pull'] },
      'low back': { how: 'arch as it tires', kinds: ['arch'] },
    },
    priorRatio: 0.5,
  }),
  liftFacts({
    id: 'nordic-curl',
    name: 'Nordic curl',
    pattern: 'knee',
    implement: 'body',
    bodyShare: 0.7,
    position: 'kneeling',
    muscles: { main: ['hamstrings'], helping: ['calves', 'glutes'] },
    stress: { knee: { how: 'kneeling, strong pull', kinds: ['pull'] } },
    priorRatio: 0.74,
    repRange: { low: 3, high: 5 },
    peak: 'stretched',
  }),
];
