export {
  draftLoads,
  draftSession,
  planLift,
  usualRir,
  type Draft,
  type DraftInput,
  type LoadsDraft,
} from './draft';
export type { ProgrammeLift } from './programme-lift';
export { bookingStates, isExpected, type BookingState, type SessionLift } from './booked';
export { clashesOf, crossing, overlaps, type Hour } from './clash';
export type { Arranged } from './hour/arranged';
