import { useContext } from 'react';
import { useNow } from '../../../design/use-now';
import { Quiet, Strong } from '../../../design/Words';
import { watchPlan } from '../../../parts/lane/attention';
import { useLooking } from '../../../parts/lane/floor-ui';
import { clock } from '../../../design/clock';
import { Lanes } from '../scene/lanes';
import { useLane } from '../scene/lane-scene';

/** Shorter than this nobody is asked to wait. */
const LEAST_WAIT_S = 5;

/**
 * Whom to watch, said in the lane that it is about: why this set is worth it, or that it waits for another. `otherwise`
 * where there is nothing to say.
 */
export function AttentionLine({ otherwise }: { otherwise: string }) {
  const { lane, wide } = useLane();
  const lanes = useContext(Lanes);
  const now = useNow(lanes.length > 1);
  const looking = useLooking();
  const plan = watchPlan(lanes, now, looking);
  const mine = plan.find(({ id }) => id === lane.session.id);
  const lines = wide ? undefined : 1;
  if (!mine?.watched)
    return (
      <Quiet numberOfLines={lines} className="shrink">
        {otherwise}
      </Quiet>
    );
  const before = plan.findLast(
    ({ id, startMs, watched }) =>
      id === looking.eye?.sessionId || (watched && startMs < mine.startMs),
  );
  const first = lanes.find(({ session }) => session.id === before?.id)?.name;
  const says =
    mine.waitS >= LEAST_WAIT_S && first
      ? `${first} first: start in ${clock(mine.waitS)}`
      : `Watch: ${mine.why}`;
  return (
    <Strong numberOfLines={lines} className="shrink text-small text-marigold-text">
      {says}
    </Strong>
  );
}
