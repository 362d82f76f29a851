export { BETWEEN_LIFTS_S } from '../../lift/rest';
export { cutShort, liftLeft, type CutSession } from './cut-short';
export { likelySteps, sessionDuration, stepsDuration, type SessionDuration } from './duration';
export { endOfHour } from './end-of-hour';
export { byTheRule, paceOf, type Pace } from './pace';
