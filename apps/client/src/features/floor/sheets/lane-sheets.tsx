import type { ComponentType } from 'react';
import type { SheetName } from '../scene/lane-scene';
import { AcheSheet } from './AcheSheet';
import { ChecklistSheet } from './ChecklistSheet';
import { CutShort } from './CutShort';
import { CueSheet } from './CueSheet';
import { DoubtSheet } from './DoubtSheet';
import { FaultSheet } from './FaultSheet';
import { LaneSheet } from './more/LaneSheet';
import { LiftEstimateSheet } from './LiftEstimateSheet';
import { LoadSheet } from './LoadSheet';
import { PainSheet } from './PainSheet';
import { RampSheet } from './RampSheet';
import { SetSheet } from './SetSheet';
import { TeachSheet } from './TeachSheet';
import { TodaySheet } from './TodaySheet';
import { WhyLoadSheet } from './WhyLoadSheet';

/** What lies over a lane when it is asked for; each takes what it needs from the lane. */
const laneSheets: Record<SheetName, ComponentType> = {
  ache: AcheSheet,
  checklist: ChecklistSheet,
  cue: CueSheet,
  teach: TeachSheet,
  fault: FaultSheet,
  pain: PainSheet,
  load: LoadSheet,
  today: TodaySheet,
  why: WhyLoadSheet,
  estimate: LiftEstimateSheet,
  ramp: RampSheet,
  more: LaneSheet,
  cut: CutShort,
  step: SetSheet,
  doubt: DoubtSheet,
};

/** The sheet of this name. */
export function LaneSheets({ shown }: { shown: SheetName }) {
  const Shown = laneSheets[shown];
  return <Shown />;
}
