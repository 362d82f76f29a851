import { Chip } from '../../../design/Chip';
import { Quiet, Strong } from '../../../design/Words';
import { useLane } from '../scene/lane-scene';
import { useTimeLeft } from '../scene/time-left';

/** Ending later by less than this is no reason to leave anything out, minutes. */
const HARDLY = 5;

/**
 * What is left of the booked time, behind what the lane is at; where that is too little for what is still to do, by how much.
 * Nothing where nothing was booked.
 */
export function TimeLeft() {
  const { lane } = useLane();
  const time = useTimeLeft();
  if (!time) return null;
  const { left, late } = time;
  if (left >= 0 && (late < HARDLY || lane.finished))
    return (
      <Quiet numberOfLines={1} className="shrink-0">
        {`${left} min left`}
      </Quiet>
    );
  return (
    <Strong numberOfLines={1} className="shrink-0 text-small text-oxide">
      {left < 0 ? `${-left} min over` : `${late} min short`}
    </Strong>
  );
}

/** Where a session will end late, the way to cut it short. */
export function EndsLate() {
  const { lane, sheets } = useLane();
  const time = useTimeLeft();
  if (!time || time.late < HARDLY || lane.finished) return null;
  return (
    <Chip
      label={`Ends about ${time.late} min late: cut short`}
      onPress={() => sheets.open('cut')}
    />
  );
}
