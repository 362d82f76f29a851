import type { ComponentType } from 'react';
import type { SheetName } from '../scene/lane-scene';
import { ChecklistSheet } from './ChecklistSheet';
import { CueSheet } from './CueSheet';
import { DoubtSheet } from './DoubtSheet';
import { FaultSheet } from './FaultSheet';
import { LaneSheet } from './LaneSheet';
import { LiftEstimateSheet } from './LiftEstimateSheet';
import { LoadSheet } from './LoadSheet';
import { PainSheet } from './PainSheet';
import { RampSheet } from './RampSheet';
import { SetSheet } from './SetSheet';
import { TeachSheet } from './TeachSheet';
import { WhyLoadSheet } from './WhyLoadSheet';

/** What lies over a lane when it is asked for; each takes what it needs from the lane. */
export const laneSheets: Record<SheetName, ComponentType> = {
  checklist: ChecklistSheet,
  cue: CueSheet,
  teach: TeachSheet,
  fault: FaultSheet,
  pain: PainSheet,
  load: LoadSheet,
  why: WhyLoadSheet,
  estimate: LiftEstimateSheet,
  ramp: RampSheet,
  more: LaneSheet,
  step: SetSheet,
  doubt: DoubtSheet,
};
