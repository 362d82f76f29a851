import type { Cue, Fault } from './lesson';
import type { Phase } from './terms';

/** A cue as the floor needs it at once; what it points at is prose and loaded with the lesson. */
export interface TaughtCue extends Cue {
  /** The phase of the checkpoint that it points at. */
  phase: Phase;
}

/** A fault as decisions and the rep rail need it. */
export interface TaughtFault extends Pick<Fault, 'id' | 'name' | 'glyph' | 'weight'> {
  /** The cues that its causes name, in order, each once. */
  cueIds: string[];
}

/** One school's way to do a lift, without its prose. */
export interface TaughtStyle {
  id: string;
  name: string;
  cues: TaughtCue[];
  faults: TaughtFault[];
}

/** Ids that logs hold and lessons no longer do, each with its successor: `style` or `style/id`. */
export interface Retired {
  styles: Record<string, string>;
  cues: Record<string, string>;
  faults: Record<string, string>;
  checkpoints: Record<string, string>;
}

/** What is taught of a lift, as far as it has to be known without loading anything. */
export interface Taught {
  styles: TaughtStyle[];
  /** The nearest easier lift on the teaching ladder, in words; null at its foot. */
  easier: string | null;
  /** The nearest easier rung that is a lift; null where there is none. */
  easierLift: string | null;
  retired: Retired;
}
