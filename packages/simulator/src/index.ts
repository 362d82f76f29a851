export { accuracyOf, cases, type Verdict } from './accuracy';
export { curveFamilies, type CurveName } from './curves';
export { simulateSet, trueLoad, type Lifter } from './lifter';
export { populationTruth, simulateClient } from './population';
export { seededRandom, type Random } from './random';
