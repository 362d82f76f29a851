export { decide, type Decision } from './decide';
export type { DecisionContext, Scheme } from './decision';
export { doubleProgression } from './schemes/double-progression';
