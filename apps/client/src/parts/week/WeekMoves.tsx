import { covers, type WeekCover } from '@spalo/core/builder';
import { View } from 'react-native';
import { Icon } from '../../design/Icon';
import { Quiet } from '../../design/Words';
import { capital } from '../../design/sentence';

/** The movements of a week: had, planned, or bare. */
export function WeekMoves({ done, planned }: { done: WeekCover; planned: WeekCover }) {
  return (
    <View className="flex-row flex-wrap gap-2" role="list" aria-label="Movements this week">
      {covers.map((cover) => {
        const had = (done.covers[cover] ?? 0) > 0;
        const coming = (planned.covers[cover] ?? 0) > 0;
        const look = had
          ? 'border-coming bg-coming'
          : coming
            ? 'border-marigold bg-marigold-soft'
            : 'border-dashed border-slate bg-paper';
        const says = had ? 'done' : coming ? 'planned' : 'not yet';
        return (
          <View
            key={cover}
            role="listitem"
            aria-label={`${capital(cover)}: ${says}`}
            className={`flex-row items-center gap-1.5 rounded-xl border-2 px-2 py-1 ${look}`}
          >
            {had && <Icon name="check" size={16} color="moss" />}
            <Quiet className="text-ink">{`${capital(cover)}${had || coming ? '' : ': not yet'}`}</Quiet>
          </View>
        );
      })}
    </View>
  );
}
