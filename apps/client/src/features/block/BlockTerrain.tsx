import type { BlockLiftView, BlockView } from '@spalo/coaching/blocks';
import { findLift } from '@spalo/catalog';
import type { BlockState } from '@spalo/core/block';
import type { ResponseVerdict } from '@spalo/core/blocks';
import { amid, type Unit } from '@spalo/core/unit';
import { closedText } from '@spalo/core/words';
import { View } from 'react-native';
import { Chip } from '../../design/Chip';
import { capital } from '../../design/sentence';
import { Terrain } from '../../design/Terrain';
import { Figure, Quiet, Strong } from '../../design/Words';
import { loadReps, loadUnit } from '../../parts/words/load-words';
import { fitText, terrainOf, weekText } from './block-words';
import { verdictTone, verdictWords } from './verdict-words';
import { WeekAxis } from './WeekAxis';

/** The next day's load and reps, or the last's where none is to come; null where nothing is loaded. */
function nextText({ days }: BlockLiftView, unit: Unit): { says: string; figure: string } | null {
  const next = days.find(({ projected }) => projected)?.projected;
  if (next) return { says: 'next', figure: loadReps(next.loadG, next.ask.reps, unit) };
  const last = days.findLast(({ done }) => done)?.done;
  return last ? { says: 'last', figure: loadReps(last.loadG, last.reps, unit) } : null;
}

/** " Goblet squat stands in." after the reason that a lift is left out; empty where none does. */
function standInText({ standIn }: BlockLiftView): string {
  const name = standIn === null ? undefined : findLift(standIn)?.name;
  return name === undefined ? '' : ` ${name} stands in.`;
}

function LiftGround({
  lift: view,
  whole,
  unit,
  verdict,
  onLift,
  onWeek,
}: {
  lift: BlockLiftView;
  whole: BlockView;
  unit: Unit;
  verdict?: ResponseVerdict;
  onLift?: () => void;
  onWeek?: (week: number) => void;
}) {
  const lift = findLift(view.liftId);
  if (!lift) return null;
  const weeks = terrainOf(view, whole);
  const fit = fitText(view);
  const next = lift.counted === 'reps' ? nextText(view, unit) : null;
  const doing = (view.standIn && findLift(view.standIn)) || lift;
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
        {verdict && (
          <Strong className={`grow ${verdictTone[verdict]}`}>{verdictWords[verdict]}</Strong>
        )}
        {next && (
          <View className="flex-row items-baseline gap-1.5">
            <Quiet>{doing === lift ? next.says : `${next.says}, ${amid(doing.name)}`}</Quiet>
            <Figure>{next.figure}</Figure>
            <Quiet>{loadUnit(doing, unit)}</Quiet>
          </View>
        )}
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
      {view.closed && (
        <Quiet className="text-oxide">
          {`${capital(closedText(view.closed))}.${standInText(view)}`}
        </Quiet>
      )}
      {view.limited && !view.closed && (
        <Quiet>{`More reps than the block has. ${capital(closedText(view.limited))}.`}</Quiet>
      )}
      {fit && <Quiet className="text-ink">{`${capital(fit)}.`}</Quiet>}
    </View>
  );
}

/** The lifts of a block under one axis of weeks. */
export function BlockTerrain({
  block,
  view,
  unit,
  verdicts,
  onLift,
  onWeek,
}: {
  block: Pick<BlockState, 'days'>;
  view: BlockView;
  unit: Unit;
  /** What is said of each lift, by id; absent until it is known. */
  verdicts?: ReadonlyMap<string, ResponseVerdict>;
  /** Left out where nothing can be changed. */
  onLift?: (liftId: string) => void;
  onWeek?: (liftId: string, week: number) => void;
}) {
  return (
    <View className="gap-3">
      <WeekAxis view={view} days={block.days} />
      {view.lifts.map((lift) => (
        <LiftGround
          key={lift.liftId}
          lift={lift}
          whole={view}
          unit={unit}
          verdict={verdicts?.get(lift.liftId)}
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
