import { amid } from '@spalo/core/unit';
import { countedSets, dayAfters, type DayAfter } from '@spalo/core/session';
import { View } from 'react-native';
import { Choice } from '../../../design/Choice';
import { Quiet } from '../../../design/Words';
import type { LiftView } from '../../../parts/lane/lift-view';
import { attempt } from '../../../state/problems';
import { useLane } from '../scene/lane-scene';

const words: Record<DayAfter, string> = { settled: 'Settled', worse: 'Worse' };
const options = dayAfters.map((value) => ({ value, label: words[value] }));

/** Whether it is to be asked how the day after was: the lift is on its way back, and was done on it before. */
export const asksDayAfter = ({ state }: LiftView): boolean => {
  const { wayBack } = state.plan;
  const isBegun = wayBack !== undefined && (wayBack.step > 0 || wayBack.since !== undefined);
  return isBegun && countedSets(state).length === 0;
};

/** The lifts that one answer is for: those on their way back for the same place. */
export const askedTogether = (views: readonly LiftView[]): LiftView[][] => {
  const places = new Set(views.filter(asksDayAfter).map((view) => view.state.plan.wayBack?.place));
  return [...places].map((place) =>
    views.filter((view) => asksDayAfter(view) && view.state.plan.wayBack?.place === place),
  );
};

/** How a joint was on the day after the last session, once for all lifts on their way back for it; worse takes them a step back. */
export function DayAfterQuestion({ views }: { views: readonly LiftView[] }) {
  const { lane, actions } = useLane();
  const [first] = views;
  if (!first) return null;
  const { place } = first.state.plan.wayBack ?? {};
  const names = views.map(({ lift }) => amid(lift.name)).join(', ');
  const label = `The ${place ?? 'joint'} on the day after the ${names}`;
  return (
    <View className="gap-1">
      <Quiet className="text-ink">{`${label}?`}</Quiet>
      <Choice
        label={label}
        options={options}
        value={first.state.dayAfter ?? null}
        onChange={(how) =>
          attempt(async () => {
            for (const view of views) await actions.tellDayAfter(lane, view, how);
          })
        }
      />
    </View>
  );
}
