import { massNumber, type Build, type Grams, type Rest } from '@spalo/core';
import { Pressable, useWindowDimensions, View } from 'react-native';
import { Card } from '../../design/Card';
import { changeText, dropText } from '../../design/load-text';
import { LoadPicture } from '../../design/LoadPicture';
import { Body, Figure, Quiet, Strong } from '../../design/Words';
import { capital } from '../../design/sentence';
import { workingNumber, workingTotal, type LaneView, type LiftView } from './lane-view';
import { LackingNote } from './LackingNote';
import { RestStrip } from './RestStrip';
import { loadUnit } from './words';

/** A bar with nothing on it, or one that stays as it is between working sets, needs no drawing. */
const shows = (build: Build, unchanged: boolean) =>
  (build.kind !== 'barbell' && build.kind !== 'machine') ||
  (build.perSide.length > 0 && !unchanged);

type Bell = Extract<Build, { kind: 'dumbbell' | 'kettlebell' }>;
const isBell = (build: Build): build is Bell =>
  build.kind === 'dumbbell' || build.kind === 'kettlebell';

/** The set to do next: load, reps, how it is built and why it is what it is. */
export function NowCard({
  lane,
  view,
  rest,
  onLoad,
  onTake,
  onWhy,
  onRamp,
}: {
  lane: LaneView;
  view: LiftView;
  /** The rest that still runs; null when the set can begin. */
  rest: Rest | null;
  onLoad: () => void;
  /** Changes the load of the set in hand. */
  onTake: (loadG: Grams) => void;
  onWhy: () => void;
  onRamp: () => void;
}) {
  // On a short phone a bell's picture would push the reserve off the screen; its words stay.
  const tall = useWindowDimensions().height >= 900;
  if (view.next.kind !== 'step') return null;
  const { set, why } = view.next;
  const working = set.kind === 'working';
  const { unit } = lane.session;
  const { build } = view;
  const change = build ? changeText(build, view.onBar) : '';
  const drop = build && view.lift.fromFloor ? dropText(build) : null;
  const what = working
    ? view.state.plan.climb
      ? `climb, set ${workingNumber(view)}`
      : `working set ${workingNumber(view)} of ${workingTotal(view)}`
    : set.purpose;
  const { plan, rampChoice, adjusted } = view.state;
  const ramp = rampChoice?.kind ?? plan.ramp;
  // The most telling reason here; all of them stand with the ramp.
  const [rampText] = (adjusted?.reason ?? plan.rampWhy ?? `${ramp} ramp`).split('. ');
  const sideNote = working && !change;
  return (
    <Card className="gap-0.5 overflow-hidden py-3">
      {rest && <RestStrip rest={rest} then={`then ${what}`} />}
      <View className={`flex-row justify-between gap-3 ${rest && sideNote ? 'hidden' : ''}`}>
        <Quiet className="shrink">{rest ? '' : `Now · ${what}`}</Quiet>
        <Quiet className="text-right">
          {sideNote
            ? 'leave in reserve'
            : build && isBell(build)
              ? `${build.hands === 2 ? 'two' : 'one'} ${build.kind}${build.hands === 2 ? 's' : ''}`
              : build?.kind === 'barbell'
                ? `${build.bar.name.toLowerCase()}${build.perSide.length === 0 ? ', nothing on it' : ''}`
                : ''}
        </Quiet>
      </View>
      <View className="flex-row flex-wrap items-end justify-between gap-x-3">
        <Pressable
          role="button"
          aria-label={`Change the load, now ${massNumber(set.loadG, unit)} ${loadUnit(view.lift, unit)}`}
          onPress={onLoad}
          className="flex-row items-baseline active:opacity-80"
        >
          <Figure className="text-working">{massNumber(set.loadG, unit)}</Figure>
          <Figure className="text-slate">{` ${loadUnit(view.lift, unit)} `}</Figure>
          <Figure className="text-[2.5rem] leading-[3.75rem] text-slate">×</Figure>
          <Figure className="text-working">{` ${set.reps}`}</Figure>
        </Pressable>
        {sideNote && (
          <Figure
            aria-label={`leave ${view.state.plan.targetRir} in reserve`}
            className="text-[2.25rem] leading-[3.25rem] text-marigold-text"
          >
            {view.state.plan.targetRir}
          </Figure>
        )}
      </View>
      {change !== '' && <Strong className="text-marigold-text">{capital(change)}</Strong>}
      {!build && (
        <Strong className="text-small text-marigold-text">
          {`This room does not make ${massNumber(set.loadG, unit)} ${unit}`}
        </Strong>
      )}
      {view.lacking && <LackingNote lacking={view.lacking} unit={unit} onTake={onTake} />}
      {build && shows(build, working && change === '') && (tall || !isBell(build)) && (
        <LoadPicture build={build} previous={view.onBar} />
      )}
      {drop && <Strong className="text-small text-marigold-text">{drop}</Strong>}
      <View className="flex-row items-center justify-between gap-x-2">
        <Body className="min-w-0 flex-1 text-small text-slate">{`${working ? why : rampText}.`}</Body>
        <Pressable
          role="button"
          aria-label={working ? 'Why this load' : `The ${ramp} ramp: change it, fit it, look back`}
          onPress={working ? onWhy : onRamp}
          className="min-h-[2rem] justify-center px-1"
        >
          <Body className="text-small underline">{working ? 'Why' : 'Ramp'}</Body>
        </Pressable>
      </View>
    </Card>
  );
}
