import { liftFacts, type Muscles } from './make';
import { anyBench } from './places';

const oneLeg = {
  main: ['quads', 'glutes'],
  helping: ['adductors', 'hip stabilisers'],
} satisfies Muscles;

export const lungeLifts = [
  liftFacts({
    id: 'split-squat',
    oneSided: true,
    name: 'Split squat',
    pattern: 'lunge',
    implement: 'dumbbell pair',
    muscles: oneLeg,
    stress: {
      knee: { how: 'deep bend', kinds: ['bend', 'deep bend'] },
      hip: { how: 'stretch behind', kinds: ['stretch'] },
      ankle: { how: 'end range', kinds: ['end range'] },
    },
    priorRatio: 0.2,
  }),
  liftFacts({
    id: 'deep-split-squat',
    oneSided: true,
    name: 'Deep split squat',
    pattern: 'lunge',
    implement: 'dumbbell pair',
    places: [...anyBench, ['box']],
    muscles: { main: ['glutes', 'quads'], helping: ['hamstrings', 'hip stabilisers'] },
    stress: {
      knee: { how: 'deep bend', kinds: ['bend', 'deep bend'] },
      hip: { how: 'deep bend', kinds: ['bend', 'deep bend'] },
      ankle: { how: 'end range', kinds: ['end range'] },
    },
    priorRatio: 0.17,
  }),
  liftFacts({
    id: 'reverse-lunge',
    name: 'Reverse lunge',
    pattern: 'lunge',
    implement: 'dumbbell pair',
    muscles: oneLeg,
    stress: {
      knee: { how: 'bend under load', kinds: ['bend'] },
      hip: { how: 'stretch behind', kinds: ['stretch'] },
      ankle: { how: 'end range', kinds: ['end range'] },
    },
    priorRatio: 0.19,
  }),
  liftFacts({
    id: 'walking-lunge',
    name: 'Walking lunge',
    pattern: 'lunge',
    implement: 'dumbbell pair',
    places: [['lane']],
    muscles: oneLeg,
    stress: {
      knee: { how: 'bend with a step', kinds: ['bend'] },
      hip: { how: 'stretch behind', kinds: ['stretch'] },
      ankle: { how: 'end range', kinds: ['end range'] },
    },
    priorRatio: 0.18,
  }),
  liftFacts({
    id: 'step-up',
    name: 'Step-up',
    pattern: 'lunge',
    implement: 'dumbbell pair',
    places: [['box'], ...anyBench],
    muscles: { main: ['glutes', 'quads'], helping: ['calves', 'hip stabilisers'] },
    stress: {
      knee: { how: 'bend under load', kinds: ['bend'] },
      hip: { how: 'bend', kinds: ['bend'] },
      ankle: { how: 'end range', kinds: ['end range'] },
    },
    priorRatio: 0.19,
  }),
];
