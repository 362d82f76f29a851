import { liftFacts } from './make';

/** Held for seconds: how long, before how heavy. `priorRatio` is what is added at first: nothing. */
const held = { implement: 'body', counted: 'seconds', priorRatio: 0, stepG: 2500 } as const;

export const trunkLifts = [
  liftFacts({
    ...held,
    id: 'plank',
    name: 'Plank',
    pattern: 'trunk',
    position: 'on elbows',
    muscles: { main: ['abdominals'], helping: ['glutes', 'front shoulders'] },
    stress: {
      shoulder: { how: 'leaned on', kinds: ['press through'] },
      elbow: { how: 'leaned on', kinds: ['press through'] },
    },
    repRange: { low: 20, high: 60 },
  }),
  liftFacts({
    ...held,
    id: 'side-plank',
    name: 'Side plank',
    pattern: 'trunk',
    position: 'on the side',
    muscles: { main: ['abdominals', 'hip stabilisers'], helping: ['side shoulders'] },
    stress: {
      shoulder: { how: 'leaned on sideways', kinds: ['press through'] },
      elbow: { how: 'leaned on', kinds: ['press through'] },
    },
    repRange: { low: 15, high: 45 },
  }),
  liftFacts({
    ...held,
    id: 'hollow-hold',
    name: 'Hollow hold',
    pattern: 'trunk',
    position: 'on the back',
    muscles: { main: ['abdominals'], helping: ['quads'] },
    stress: { 'low back': { how: 'long legs pull it into an arch', kinds: ['arch'] } },
    repRange: { low: 10, high: 40 },
    peak: 'shortened',
  }),
  liftFacts({
    ...held,
    id: 'dead-bug',
    name: 'Dead bug',
    pattern: 'trunk',
    position: 'on the back',
    muscles: { main: ['abdominals'], helping: ['hip stabilisers'] },
    stress: { 'low back': { how: 'a lowered leg pulls it into an arch', kinds: ['arch'] } },
    repRange: { low: 20, high: 60 },
  }),
];
