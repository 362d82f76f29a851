import { loadables } from '../loads/loadables';
import { atOrBelow, exactly } from '../loads/loads';
import { restack } from '../plates/restack';
import { platesOf, type Build, type Implement } from '../room/implement';
import type { Plate, Room } from '../room/room';
import type { Step } from '../session/plan';
import type { Grams } from '../unit/mass';
import { roomWithout, type TakenPlates } from './taken';

/** Plates by id, as a step keeps them; null when the room does not have them all. */
function platesByIds(room: Room, ids: readonly string[], share: number): Plate[] | null {
  const plates = ids.map((id) => room.plates.find((plate) => plate.id === id));
  const enough = (plate: Plate) =>
    ids.filter((id) => id === plate.id).length * share <= plate.count;
  return plates.every((plate) => plate !== undefined && enough(plate)) ? (plates as Plate[]) : null;
}

/** How many single plates one on each sleeve of a build takes. */
export function plateShare(build: Build): number {
  if (build.kind === 'barbell') return 2 * build.hands;
  return build.kind === 'machine' ? build.machine.horns : 1;
}

/** How a step is built: as it was planned with the sets around it, else with the least handling from what stands. */
export function buildOf(
  step: Step,
  implement: Implement,
  room: Room,
  onBar: Build | null,
): Build | null {
  const usual = exactly(loadables(room, implement), step.loadG)?.build ?? null;
  const planned = step.plates && usual && platesByIds(room, step.plates, plateShare(usual));
  if (planned) {
    if (usual.kind === 'barbell' || usual.kind === 'machine') return { ...usual, perSide: planned };
    if (usual.kind === 'body') return { ...usual, added: planned };
  }
  return restack(room, implement, step.loadG, platesOf(onBar)) ?? usual;
}

/** Plates that a set needs and others have: whose sessions they are, and the heaviest load that what is free makes. */
export interface Lacking {
  sessionIds: string[];
  freeG: Grams;
}

/** How the set in hand is built now. */
export interface NowBuilt {
  build: Build | null;
  lacking: Lacking | null;
}

/** How a step is built with the plates that nobody else has; as if all were free where those do not make it. */
export function buildNow(
  step: Step,
  implement: Implement,
  room: Room,
  onBar: Build | null,
  taken: TakenPlates,
): NowBuilt {
  const free = roomWithout(room, taken);
  const build = buildOf(step, implement, free, onBar);
  if (build || free === room) return { build, lacking: null };
  const wanted = buildOf(step, implement, room, onBar);
  const under = wanted && atOrBelow(loadables(free, implement), step.loadG);
  return {
    build: wanted,
    lacking: under ? { sessionIds: taken.sessionIds, freeG: under.loadG } : null,
  };
}
