import type { Account } from '@spalo/contract';
import type { AskedSet } from '@spalo/core/floor';
import type { SetResult } from '@spalo/core/session';
import type { Doubt } from '@spalo/core/strength';
import { createContext, useContext } from 'react';
import type { FloorActions } from '../../../parts/lane/actions/floor-actions';
import type { LaneView } from '../../../parts/lane/lane-view';
import type { LiftView } from '../../../parts/lane/lift-view';

const sheetNames = [
  'ache',
  'checklist',
  'cue',
  'teach',
  'fault',
  'pain',
  'load',
  'today',
  'why',
  'estimate',
  'ramp',
  'more',
  'cut',
  'step',
  'doubt',
] as const;

/** What can lie over a lane. */
export type SheetName = (typeof sheetNames)[number];

export const isSheetName = (text: string): text is SheetName =>
  sheetNames.some((name) => name === text);

/** A set that was questioned, and what keeps it all the same. */
export interface Questioned {
  doubt: Doubt;
  asked: AskedSet;
  result: SetResult;
  keep: () => void;
}

/** The sheets of a lane: which one lies over it, and what it is about. */
export interface LaneSheets {
  open: (sheet: SheetName) => void;
  /** Opens a step of the ramp, by its place in it. */
  openStep: (step: number) => void;
  step: number;
  /** Opens what helps against a fault. */
  openFault: (faultId: string) => void;
  faultId: string | null;
  questioned: Questioned | null;
  close: () => void;
  /** Does something, and closes the sheet that it was asked from. */
  closing: (action: () => Promise<unknown>) => void;
}

/**
 * What the screen of a lift is for. `between`: the rest runs, or the load is made; clock, load and plates are large.
 * `set`: it is lifted and looked at; cue, reps, faults and reserve are large. `whole`: a wide screen has room for both.
 */
export type Moment = 'between' | 'set' | 'whole';

/** All that the pieces of a lane share. */
export interface LaneScene {
  lane: LaneView;
  account: Account;
  wide: boolean;
  actions: FloorActions;
  sheets: LaneSheets;
  /** Whether the rest after the last set still runs. */
  resting: boolean;
  /** What the screen is for just now. */
  moment: Moment;
  /** Turns to another moment of the set in hand. */
  turn: (to: Moment) => void;
  /** Keeps a set, but asks back first where it is far from what is believed, or, of a warm-up set, from its plan. */
  keepUnlessDoubtful: (asked: AskedSet, result: SetResult, keep: () => void) => void;
  wrapUp: () => void;
  /** Looks at a lift; null goes on with the first that is not done. */
  openLift: (liftId: string | null) => void;
}

export const LaneContext = createContext<LaneScene | null>(null);

/** The lane that a piece belongs to. */
export function useLane(): LaneScene {
  const scene = useContext(LaneContext);
  if (!scene) throw new Error('a piece of a lane stands outside of it');
  return scene;
}

/** The lift in hand of the lane that a piece belongs to; for pieces that are shown only while there is one. */
export function useLiftInHand(): LiftView {
  const { lane } = useLane();
  if (!lane.current) throw new Error('no lift is in hand');
  return lane.current;
}
