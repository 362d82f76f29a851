import type { cueKinds, Phase, views } from './terms';

/** A cue of the studio's own, in the styles that it was written for. */
export interface OwnCue {
  id: string;
  styleIds: string[];
  checkpointId: string;
  /** The phase of its checkpoint. */
  phase: Phase;
  text: string;
  kind: (typeof cueKinds)[number];
}

/** A checkpoint of the studio's own, in one style. */
export interface OwnCheckpoint {
  id: string;
  styleId: string;
  phase: Phase;
  look: string;
  from: (typeof views)[number];
  right: string;
  why: string;
}

/** A style of the studio's own: another one's checkpoints, cues and faults under a standard of its own. */
export interface OwnStyle {
  id: string;
  /** The style that it is written from. */
  from: string;
  name: string;
  suits: string;
  standard: string;
}

/** What a studio teaches of a lift besides, or instead of, what the catalogue does. */
export interface OwnLift {
  id: string;
  liftId: string;
  /** Of a lift that the studio added: its name, and the lift of the catalogue that it is most like. Null for the others. */
  added: { name: string; like: string } | null;
  styles: OwnStyle[];
  checkpoints: OwnCheckpoint[];
  cues: OwnCue[];
  /** Cues and checkpoints of the catalogue that are not used here, by id. */
  hidden: string[];
}
