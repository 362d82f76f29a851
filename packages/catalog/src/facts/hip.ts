import { liftFacts } from './make';
import { anyBench } from './places';

export const hipLifts = [
  liftFacts({
    id: 'hip-thrust',
    position: 'leaning back',
    name: 'Hip thrust',
    pattern: 'hip',
    implement: 'barbell',
    places: [...anyBench, ['box']],
    muscles: { main: ['glutes'], helping: ['quads', 'hamstrings'] },
    stress: {
      hip: { how: 'end range under load', kinds: ['end range'] },
      'low back': { how: 'arch at the top', kinds: ['arch'] },
    },
    priorRatio: 1.2,
  }),
  liftFacts({
    id: 'glute-bridge',
    position: 'on the back',
    name: 'Glute bridge',
    pattern: 'hip',
    implement: 'barbell',
    muscles: { main: ['glutes'], helping: ['hamstrings'] },
    stress: {
      hip: { how: 'end range', kinds: ['end range'] },
      'low back': { how: 'arch at the top', kinds: ['arch'] },
    },
    priorRatio: 1.25,
    restClass: 'press',
  }),
  liftFacts({
    id: 'cable-pull-through',
    name: 'Cable pull-through',
    pattern: 'hip',
    implement: 'stack',
    stations: ['cable'],
    muscles: { main: ['glutes', 'hamstrings'], helping: ['back extensors'] },
    stress: {
      hand: { how: 'holds the rope', kinds: ['grip'] },
      'low back': { how: 'light hinge', kinds: ['hinge'] },
      hip: { how: 'hinge', kinds: ['hinge'] },
    },
    priorRatio: 0.52,
    peak: 'middle',
    restClass: 'press',
  }),
  liftFacts({
    id: 'cable-abduction',
    name: 'Cable hip abduction',
    pattern: 'hip',
    implement: 'stack',
    stations: ['cable'],
    muscles: { main: ['hip stabilisers'], helping: ['glutes'] },
    stress: {
      hip: { how: 'end range', kinds: ['end range'] },
    },
    priorRatio: 0.13,
    restClass: 'small',
    repRange: { low: 12, high: 20 },
    stepG: 2500,
  }),
];
