import type { BlockLiftView, BlockView } from '@spalo/coaching';
import { findLift } from '@spalo/catalog';
import { massText, type BlockState, type Unit } from '@spalo/core';
import { View } from 'react-native';
import { Chip } from '../../design/Chip';
import { capital } from '../../design/sentence';
import { Terrain } from '../../design/Terrain';
import { Figure, Quiet, Strong } from '../../design/Words';
import { fitText, terrainOf, weekText } from './block-words';
import { WeekAxis } from './WeekAxis';

const loadsText = ({ days }: BlockLiftView, unit: Unit): string | null => {
  const loads = days.flatMap(({ done, projected }) => done?.loadG ?? projected?.loadG ?? []);
  const some = loads.filter((loadG) => loadG > 0);
  const [first] = some;
  if (first === undefined) return null;
  const last = some.at(-1)!;
  return first === last
    ? massText(first, unit)
    : `${massText(first, unit)} to ${massText(last, unit)}`;
};

function LiftGround({
  lift: view,
  whole,
  unit,
  onLift,
  onWeek,
}: {
  lift: BlockLiftView;
  whole: BlockView;
  unit: Unit;
  onLift?: () => void;
  onWeek?: (week: number) => void;
}) {
  const lift = findLift(view.liftId);
  if (!lift) return null;
  const weeks = terrainOf(view, whole);
  const fit = fitText(view);
  const loads = loadsText(view, unit);
  return (
    <View className="gap-1">
      <View className="flex-row flex-wrap items-baseline justify-between gap-x-3">
        {onLift ? (
          <Chip
            label={lift.name}
            says={`Change ${lift.name} in this block`}
            icon="more"
            onPress={onLift}
          />
        ) : (
          <Strong>{lift.name}</Strong>
        )}
        {loads && <Figure>{loads}</Figure>}
      </View>
      <Terrain
        weeks={weeks}
        says={`${lift.name} over the block`}
        weekSays={(at) => weekText(view, whole.weeks[at], lift, unit)}
        onWeek={
          onWeek &&
          ((at) => {
            const week = whole.weeks[at];
            if (week?.kind === 'block') onWeek(week.week);
          })
        }
      />
      {view.closed && <Quiet className="text-oxide">{`${capital(view.closed)}.`}</Quiet>}
      {fit && <Quiet className="text-ink">{`${capital(fit)}.`}</Quiet>}
    </View>
  );
}

/** The lifts of a block under one axis of weeks. */
export function BlockTerrain({
  block,
  view,
  unit,
  onLift,
  onWeek,
}: {
  block: Pick<BlockState, 'days'>;
  view: BlockView;
  unit: Unit;
  /** Left out where nothing can be changed. */
  onLift?: (liftId: string) => void;
  onWeek?: (liftId: string, week: number) => void;
}) {
  return (
    <View className="gap-4">
      <WeekAxis view={view} days={block.days} />
      {view.lifts.map((lift) => (
        <LiftGround
          key={lift.liftId}
          lift={lift}
          whole={view}
          unit={unit}
          onLift={onLift && (() => onLift(lift.liftId))}
          onWeek={onWeek && ((week) => onWeek(lift.liftId, week))}
        />
      ))}
      <Quiet>
        Height is load, width is reps. Done is solid, next marigold; over what is to come, how
        likely it goes as planned.
      </Quiet>
    </View>
  );
}
