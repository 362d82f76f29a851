import { amountText } from '@spalo/core/lift';
import { massNumber } from '@spalo/core/unit';
import { Ramp } from '../../../design/Ramp';
import { RampLine } from '../../../design/RampLine';
import { useSpace, type Space } from '../../../design/use-space';
import type { LiftView } from '../../../parts/lane/lift-view';
import { loadUnit } from '../../../parts/words/load-words';
import { useLane } from '../scene/lane-scene';

/** Height of sets that nothing is lifted in: there is no climb to see. */
const BARE = 20;
const TALL = 150;
const WIDE = 110;
const heights: Record<Space, number> = { roomy: 84, usual: 40, tight: 0, least: 0 };

/** The ramp of the lift in hand: every set a step, a tap opens it. While a set is on, or for want of room, it is one line. */
export function LiftRamp({ view }: { view: LiftView }) {
  const { lane, sheets, moment, wide } = useLane();
  const { space, ample } = useSpace();
  const { unit } = lane.session;
  const { counted } = view.state.plan;
  const shared = {
    steps: view.ramp,
    loadText: (load: number) => (counted && load === 0 ? '' : massNumber(load, unit)),
    unit: loadUnit(view.lift, unit),
    held: counted && ((value: number) => amountText(value, counted)),
    onOpen: sheets.openStep,
  };
  if (moment === 'set' || (moment === 'between' && !ample)) {
    return <RampLine {...shared} />;
  }
  const bare = view.ramp.every(({ load }) => load === 0);
  return (
    <Ramp
      {...shared}
      lastTime={view.state.plan.lastTime.map(({ kind, loadG, reps }) => ({
        kind,
        load: loadG,
        reps,
      }))}
      height={bare ? BARE : moment === 'whole' ? TALL : wide ? WIDE : heights[space]}
    />
  );
}
