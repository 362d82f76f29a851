import { liftById } from '@spalo/catalog';
import { stepsOf, stepsWithLoad, stepsWithRamp, type RampToday } from '@spalo/core/floor';
import { atOrBelow, loadables } from '@spalo/core/loads';
import type { LoadWindow } from '@spalo/core/plates';
import type { Plate, Room } from '@spalo/core/room';
import type { LiftState, Step } from '@spalo/core/session';
import type { Unit } from '@spalo/core/unit';
import { fitRamp, type FittedRamp } from '@spalo/core/fit-ramp';
import { windowsFor, type RampRequest } from '@spalo/core/warm-up';
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
