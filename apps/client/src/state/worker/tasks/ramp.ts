import { liftById } from '@spalo/catalog';
import {
  atOrBelow,
  fitRamp,
  loadables,
  stepsOf,
  stepsWithLoad,
  stepsWithRamp,
  windowsFor,
  type FittedRamp,
  type LiftState,
  type LoadWindow,
  type Plate,
  type RampRequest,
  type RampToday,
  type Room,
  type Step,
  type Unit,
} from '@spalo/core';
import { steadyRoom } from './steady-room';

/** Where the steps of a lift are planned: the room, and the plates that stand on the implement. */
export interface RampPlace {
  liftId: string;
  room: Room;
  unit: Unit;
  standing: Plate[];
}

const context = ({ liftId, room, unit, standing }: RampPlace) => ({
  lift: liftById(liftId),
  room: steadyRoom(room),
  unit,
  standing,
});

interface OtherLoad {
  state: LiftState;
  loadG: number;
  place: RampPlace;
}

export const rampTasks = {
  /** The steps still to do with another load for the next set. */
  load: ({ state, loadG, place }: OtherLoad): Step[] => stepsWithLoad(state, loadG, context(place)),

  /** The steps still to do with another ramp, or another working load. */
  ramp({ state, setting, loadG, place }: OtherLoad & { setting: RampToday }): Step[] {
    const loads = loadables(steadyRoom(place.room), state.plan.implement);
    const workingG = atOrBelow(loads, loadG)?.loadG ?? loadG;
    return stepsWithRamp(state, setting, workingG, context(place));
  },

  /** A lift's ramp within some seconds, with the steps it becomes. */
  fit({
    request,
    seconds,
    working,
  }: {
    request: RampRequest;
    seconds: number;
    working: Step[];
  }): Omit<FittedRamp, 'ramp'> & { steps: Step[] } {
    const { ramp, ...rest } = fitRamp({ ...request, room: steadyRoom(request.room) }, seconds);
    return { ...rest, steps: stepsOf(ramp, working) };
  },

  /** The loads that the warm-up sets of a ramp may have. */
  windows: (request: RampRequest): LoadWindow[] =>
    windowsFor({ ...request, room: steadyRoom(request.room) }).map((step) => step.window),
};
