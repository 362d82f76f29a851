import { partnerOf } from '../session/pair';
import { countedSets, type LiftState } from '../session/state';

const latestId = (lift: LiftState): string => countedSets(lift).at(-1)?.id ?? '';

/**
 * The lift whose turn it is: the first that is still open, or, of two that are done in turn, the one that was not done
 * last. `isOpen` says which lifts have a set to come. Undefined where none has.
 */
export function liftInTurn(
  lifts: readonly LiftState[],
  isOpen: (lift: LiftState) => boolean,
): LiftState | undefined {
  const first = lifts.find(isOpen);
  const partner = first && partnerOf(first, lifts);
  if (!first || !partner || !isOpen(partner)) return first;
  return latestId(first) > latestId(partner) ? partner : first;
}
