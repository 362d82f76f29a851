import { rampSeconds } from '@spalo/core/fit-ramp';
import {
  planRamp,
  rampKinds,
  type PlannedRamp,
  type RampKind,
  type RampRequest,
} from '@spalo/core/warm-up';
import { steadyRoom } from './steady-room';

/** One ramp of the bench, with its time. */
export interface BenchRamp {
  kind: RampKind;
  ramp: PlannedRamp;
  seconds: number;
}

export const benchTasks = {
  /** Every ramp for one lift, load and reps, side by side. */
  bench: (asked: Omit<RampRequest, 'kind'>): BenchRamp[] =>
    rampKinds.map((kind) => {
      const request = { ...asked, room: steadyRoom(asked.room), kind };
      const ramp = planRamp(request);
      return { kind, ramp, seconds: rampSeconds(ramp, request) };
    }),
};
