import type { Lift } from '../lift/lift';

/** A lift of the programme with the style it is taught in and the cue to begin with. */
export interface ProgrammeLift {
  lift: Lift;
  styleId: string;
  firstCueId: string;
  /** Working sets that the session asks for, 1 to 12; absent: as planned. */
  sets?: number;
  /** The easier lift that it was stepped down to; absent while it is done itself. */
  steppedDown?: ProgrammeLift;
  /** The easier lift of its ladder, for where nothing is light enough here; absent where there is none. */
  easier?: ProgrammeLift;
  /** Another in its place where it is closed; absent where there is none. */
  standIn?: ProgrammeLift;
}
