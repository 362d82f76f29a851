import type { Muscle } from '@spalo/core/lift';
import { bigMuscles, peaks, setsIn, type Peak, type WeekCover } from '@spalo/core/builder';
import { View } from 'react-native';
import { Quiet, Strong } from '../../design/Words';
import { capital } from '../../design/sentence';

const setsAt = ({ muscles }: WeekCover, muscle: Muscle, peak: Peak) => muscles[muscle]?.[peak] ?? 0;

/** The muscles that a week is looked at by: the big ones, those that the goal names, and what else was trained. */
const shownMuscles = (weeks: readonly WeekCover[], focus: readonly Muscle[]): Muscle[] => {
  const trained = weeks.flatMap((week) =>
    (Object.keys(week.muscles) as Muscle[]).filter((muscle) => setsIn(week, muscle) >= 2),
  );
  return [...new Set<Muscle>([...focus, ...bigMuscles, ...trained])];
};

const countText = (sets: number) => (Number.isInteger(sets) ? String(sets) : sets.toFixed(1));

/** A bead a set; of a half set half as wide. */
function Beads({ sets, planned }: { sets: number; planned: boolean }) {
  const look = planned ? 'border-2 border-marigold bg-marigold-soft' : 'bg-moss';
  return (
    <>
      {Array.from({ length: Math.ceil(sets) }, (_, at) => (
        <View key={at} className={`h-3 rounded-full ${at + 1 > sets ? 'w-1.5' : 'w-3'} ${look}`} />
      ))}
    </>
  );
}

function lineText(muscle: Muscle, done: WeekCover, planned: WeekCover, low: number, high: number) {
  const bare = peaks.filter(
    (peak) => setsAt(done, muscle, peak) + setsAt(planned, muscle, peak) === 0,
  );
  const coming = setsIn(planned, muscle);
  return [
    `${capital(muscle)}: ${countText(setsIn(done, muscle))} sets done`,
    ...(coming > 0 ? [`${countText(coming)} planned`] : []),
    `${low} to ${high} a week`,
    ...(bare.length > 0 ? [`nothing when ${bare.join(' or ')}`] : []),
  ].join(', ');
}

/** What a week covers: a line a muscle from short to long, a bead a set where its lift works it hardest. */
export function WeekBeads({
  done,
  planned,
  focus,
  low,
  high,
}: {
  done: WeekCover;
  /** What today would add; nothing on a week that is only looked at. */
  planned: WeekCover;
  focus: readonly Muscle[];
  low: number;
  high: number;
}) {
  return (
    <View className="gap-2">
      <View className="flex-row" aria-hidden>
        <View className="w-28" />
        {['short', 'middle', 'long'].map((name) => (
          <Quiet key={name} className="flex-1">
            {name}
          </Quiet>
        ))}
        <View className="w-16" />
      </View>
      {shownMuscles([done, planned], focus).map((muscle) => {
        const all = setsIn(done, muscle) + setsIn(planned, muscle);
        const count = all > high ? 'text-oxide' : all < low ? 'text-slate' : 'text-moss';
        return (
          <View
            key={muscle}
            role="img"
            aria-label={lineText(muscle, done, planned, low, high)}
            className="flex-row items-center"
          >
            <View className="w-28 pr-2">
              {focus.includes(muscle) ? (
                <Strong>{capital(muscle)}</Strong>
              ) : (
                <Quiet className="text-ink">{capital(muscle)}</Quiet>
              )}
            </View>
            {peaks.map((peak) => {
              const sets = setsAt(done, muscle, peak);
              const more = setsAt(planned, muscle, peak);
              return (
                <View
                  key={peak}
                  className={`min-h-[1.5rem] flex-1 flex-row flex-wrap items-center gap-0.5 border-b-2 pr-1 ${
                    sets + more > 0 ? 'border-slate' : 'border-dashed border-line'
                  }`}
                >
                  <Beads sets={sets} planned={false} />
                  <Beads sets={more} planned />
                </View>
              );
            })}
            <View className="w-16 items-end">
              <Quiet className={count}>{`${countText(all)} of ${low}`}</Quiet>
            </View>
          </View>
        );
      })}
    </View>
  );
}
