export { decide, planOf, type Decision } from './decide';
export type { DecisionContext, Scheme } from './decision';
export { mainFault } from './fault';
export { doubleProgression } from './schemes/double-progression';
