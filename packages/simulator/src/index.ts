export { accuracyOf, cases, type Verdict } from './accuracy';
export { curveFamilies, type CurveName } from './curves';
export { simulateSet, trueLoad, type Lifter } from './lifter';
export { populationTruth, simulateClient, usualHabit, type Habit } from './population';
export { seededRandom, type Random } from './random';
export { policies, programmeOf, train, type LiftOutcome, type Part, type Policy } from './training';
export { kindOf, saysAtRandom, setsUntilGone, type CuePolicy, type SimulatedCue } from './cueing';
export { strangePeople } from './strange';
export { simulateFloor, type FloorPolicy } from './attention';
export { honestyOf, judgeGrowth, trueCourses, type Judged, type TrueCourse } from './response';
export {
  clockedSession,
  setUpsOf,
  temperKinds,
  temperOf,
  type Temper,
  type TemperKind,
} from './clock';
