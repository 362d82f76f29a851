import { amountText, massNumber, rampReasonsOf, reserveAsked, type Build } from '@spalo/core';
import { Pressable, useWindowDimensions, View } from 'react-native';
import { Card } from '../../../design/Card';
import { changeText, dropText } from '../../../design/load-text';
import { LoadPicture } from '../../../design/LoadPicture';
import { capital } from '../../../design/sentence';
import { Body, Figure, Quiet, Strong } from '../../../design/Words';
import { workingNumber, workingTotal, type LiftView } from '../../../parts/lane/lift-view';
import { loadUnit } from '../../../parts/words/load-words';
import { attempt } from '../../../state/problems';
import { useLane, useLiftInHand } from '../scene/lane-scene';
import { LackingNote } from './LackingNote';
import { RestStrip } from './RestStrip';

const TALL = 900;

/** A bar with nothing on it, one that stays as it is between working sets, or a body that holds itself needs no drawing. */
function shows(build: Build, unchanged: boolean): boolean {
  if (build.kind === 'barbell' || build.kind === 'machine') {
    return build.perSide.length > 0 && !unchanged;
  }
  return build.kind !== 'body' || build.added.length > 0 || !unchanged;
}

type Bell = Extract<Build, { kind: 'dumbbell' | 'kettlebell' }>;
const isBell = (build: Build): build is Bell =>
  build.kind === 'dumbbell' || build.kind === 'kettlebell';

/** What the set is lifted with, where that is not the picture itself. */
function implementText(build: Build | null): string {
  if (build && isBell(build)) {
    const two = build.hands === 2;
    return `${two ? 'two' : 'one'} ${build.kind}${two ? 's' : ''}`;
  }
  if (build?.kind !== 'barbell') return '';
  return `${build.bar.name.toLowerCase()}${build.perSide.length === 0 ? ', nothing on it' : ''}`;
}

/** Which set it is, and what for. */
function setText(view: LiftView): string {
  if (view.next.kind !== 'step') return '';
  const { set } = view.next;
  if (set.kind === 'warm-up') return set.purpose;
  return view.state.plan.climb
    ? `climb, set ${workingNumber(view)}`
    : `working set ${workingNumber(view)} of ${workingTotal(view)}`;
}

/** Load and reps, large; a tap changes the load. Beside a working set, what to leave in reserve. */
function LoadAndReps({ view, reserve }: { view: LiftView; reserve: number | null }) {
  const { lane, sheets } = useLane();
  if (view.next.kind !== 'step') return null;
  const { set } = view.next;
  const { unit } = lane.session;
  const load = massNumber(set.loadG, unit);
  const { counted } = view.state.plan;
  return (
    <View className="flex-row flex-wrap items-end justify-between gap-x-3">
      <Pressable
        role="button"
        aria-label={`Change the load, now ${load} ${loadUnit(view.lift, unit)}`}
        onPress={() => sheets.open('load')}
        className="flex-row items-baseline active:opacity-80"
      >
        {(set.loadG > 0 || !counted) && (
          <>
            <Figure className="text-working">{load}</Figure>
            <Figure className="text-slate">{` ${loadUnit(view.lift, unit)} `}</Figure>
          </>
        )}
        {!counted && <Figure className="text-[2.5rem] leading-[3.75rem] text-slate">×</Figure>}
        <Figure className="text-working">
          {`${counted && set.loadG === 0 ? '' : ' '}${counted ? amountText(set.reps, counted) : set.reps}`}
        </Figure>
      </Pressable>
      {reserve !== null && (
        <Figure
          aria-label={`leave ${reserve} in reserve`}
          className="text-[2.25rem] leading-[3.25rem] text-marigold-text"
        >
          {reserve}
        </Figure>
      )}
    </View>
  );
}

/** How the load is built: what to change, what is lacking, and the picture of it. */
function HowBuilt({ view, change }: { view: LiftView; change: string }) {
  const { lane, actions } = useLane();
  // On a short phone a bell's picture would push the reserve off the screen; its words stay.
  const tall = useWindowDimensions().height >= TALL;
  if (view.next.kind !== 'step') return null;
  const { unit } = lane.session;
  const { build, lacking } = view;
  const { set } = view.next;
  const drop = build && view.lift.fromFloor ? dropText(build) : null;
  const unchanged =
    set.kind === 'working' &&
    change === '' &&
    (build?.kind !== 'body' || view.state.plan.counted !== undefined);
  return (
    <>
      {change !== '' && <Strong className="text-marigold-text">{capital(change)}</Strong>}
      {!build && (
        <Strong className="text-small text-marigold-text">
          {`This room does not make ${massNumber(set.loadG, unit)} ${unit}`}
        </Strong>
      )}
      {lacking && (
        <LackingNote
          lacking={lacking}
          unit={unit}
          onTake={(loadG) => attempt(() => actions.changeLoad(lane, view, loadG))}
        />
      )}
      {build && shows(build, unchanged) && (tall || !isBell(build)) && (
        <LoadPicture build={build} previous={view.onBar} />
      )}
      {drop && <Strong className="text-small text-marigold-text">{drop}</Strong>}
    </>
  );
}

/** The most telling reason of the set, and a way to all of them: why this load, or the ramp. */
function Reason({ view }: { view: LiftView }) {
  const { sheets } = useLane();
  if (view.next.kind !== 'step') return null;
  const { set, why } = view.next;
  const working = set.kind === 'working';
  const { plan, rampChoice, adjusted } = view.state;
  const ramp = rampChoice?.kind ?? plan.ramp;
  const [reason = `${ramp} ramp`] = adjusted?.reasons ?? rampReasonsOf(plan);
  return (
    <View className="flex-row items-center justify-between gap-x-2">
      <Body className="min-w-0 flex-1 text-small text-slate">{`${working ? why : reason}.`}</Body>
      {!plan.counted && (
        <Pressable
          role="button"
          aria-label={working ? 'Why this load' : `The ${ramp} ramp: change it, fit it, look back`}
          onPress={() => sheets.open(working ? 'why' : 'ramp')}
          className="min-h-[2rem] justify-center px-1"
        >
          <Body className="text-small underline">{working ? 'Why' : 'Ramp'}</Body>
        </Pressable>
      )}
    </View>
  );
}

/** The set to do next: load, reps, how it is built and why it is what it is. */
export function NowCard() {
  const { lane, resting } = useLane();
  const view = useLiftInHand();
  if (view.next.kind !== 'step') return null;
  const change = view.build ? changeText(view.build, view.onBar) : '';
  const rest = resting ? lane.rest : null;
  const what = setText(view);
  const leaves = view.next.set.kind === 'working' && !change;
  const { counted } = view.state.plan;
  return (
    <Card className="gap-0.5 overflow-hidden py-3">
      {rest && <RestStrip rest={rest} then={`then ${what}`} />}
      <View className={`flex-row justify-between gap-3 ${rest && leaves ? 'hidden' : ''}`}>
        <Quiet className="shrink">{rest ? '' : `Now · ${what}`}</Quiet>
        <Quiet className="text-right">
          {leaves && !counted ? 'leave in reserve' : implementText(view.build)}
        </Quiet>
      </View>
      <LoadAndReps view={view} reserve={leaves ? reserveAsked(view.state.plan) : null} />
      <HowBuilt view={view} change={change} />
      <Reason view={view} />
    </Card>
  );
}
