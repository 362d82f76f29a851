import { shortDay } from '@spalo/core/unit';
import type { BlockView } from '@spalo/coaching/blocks';
import type { CalendarWeek } from '@spalo/core/blocks';
import { View } from 'react-native';
import { Figure, Quiet } from '../../design/Words';

const isNow = (week: CalendarWeek, { next }: BlockView) =>
  week.kind === 'block' && next?.week === week.week;

/** The weeks that all lifts lie under: their number, when they begin, and what is turned down between. */
export function WeekAxis({ view, days }: { view: BlockView; days: number }) {
  return (
    <View
      className="flex-row"
      role="img"
      aria-label={`${view.weeks.length} weeks, ${days} sessions a week`}
    >
      {view.weeks.map((week) => (
        <View
          key={week.from}
          className={`flex-1 items-center border-b-2 pb-1 ${isNow(week, view) ? 'border-marigold' : 'border-line'}`}
        >
          {week.kind === 'block' ? (
            <Figure>{week.week + 1}</Figure>
          ) : (
            <Quiet className="text-ink">{week.why.reason}</Quiet>
          )}
          <Quiet>{shortDay(week.from)}</Quiet>
        </View>
      ))}
    </View>
  );
}
