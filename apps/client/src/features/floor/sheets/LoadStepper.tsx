import { stepDown, stepUp } from '@spalo/core/loads';
import { massNumber, type Grams } from '@spalo/core/unit';
import { Stepper } from '../../../design/Stepper';
import type { LiftView } from '../../../parts/lane/lift-view';
import { loadUnit } from '../../../parts/words/load-words';
import { useLane } from '../scene/lane-scene';
import { TypedLoad } from './TypedLoad';

/** A load of a lift, step by step through those that exist here, or typed. */
export function LoadStepper({
  view,
  loadG,
  onPick,
}: {
  view: LiftView;
  loadG: Grams;
  onPick: (loadG: Grams) => void;
}) {
  const { unit } = useLane().lane.session;
  const down = stepDown(view.loads, loadG);
  const up = stepUp(view.loads, loadG);
  return (
    <>
      <Stepper
        label={`Load, ${loadUnit(view.lift, unit)}`}
        value={massNumber(loadG, unit)}
        less={down && (() => onPick(down.loadG))}
        more={up && (() => onPick(up.loadG))}
      />
      <TypedLoad view={view} onPick={onPick} />
    </>
  );
}
