/** The session builder: a face of its own, for the worker that builds and the screen that shows it. */
export {
  merits,
  type BuildAsk,
  type Candidate,
  type Chosen,
  type Fixed,
  type Merit,
  type Shut,
} from './ask';
export { buildSession, type Built, type BuiltLift, type BuiltSession } from './build';
export { coverOf, covers, type Cover } from './cover';
export type { Idle } from './idle';
export type { Lack, Uncovered } from './lacks';
export { inBestOrder, needs, tires, tiresBefore } from './order';
export { programmeOf, type IntegerProgramme, type Solve } from './programme';
export { limitsOf, type Instead, type Reason } from './reasons';
export {
  bigMuscles,
  coverOfWeek,
  peaks,
  setsIn,
  setsOfMuscle,
  weeklySets,
  type DoneSets,
  type Peak,
  type WeekCover,
} from './week';
export { WORTH_STEP, worthIn } from './worth';
