import { reserveAsked } from '@spalo/core/floor';
import { amountText } from '@spalo/core/lift';
import type { Build } from '@spalo/core/room';
import { rampReasonsOf } from '@spalo/core/session';
import { massNumber } from '@spalo/core/unit';
import { whyText } from '@spalo/core/words';
import { Pressable, View } from 'react-native';
import { Card } from '../../../design/Card';
import { Icon } from '../../../design/Icon';
import { CountUp } from '../../../design/Countdown';
import { changeText, dropText } from '../../../design/load-text';
import { LoadPicture } from '../../../design/LoadPicture';
import { capital } from '../../../design/sentence';
import { useSpace } from '../../../design/use-space';
import { Body, Figure, Quiet, Strong } from '../../../design/Words';
import { stretchOf } from '../../../parts/lane/stretch-of';
import type { LiftView } from '../../../parts/lane/lift-view';
import { loadUnit } from '../../../parts/words/load-words';
import { attempt } from '../../../state/problems';
import { useLane, useLiftInHand } from '../scene/lane-scene';
import { LackingNote } from './LackingNote';
import { RestStrip } from './RestStrip';
import { setText } from './set-text';

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

/** Load and reps, large; a tap changes the load. Beside a working set, what to leave in reserve. */
function LoadAndReps({ view, reserve }: { view: LiftView; reserve: number | null }) {
  const { lane, sheets } = useLane();
  const { space, least } = useSpace();
  const large =
    space === 'roomy' ? 'text-working' : least ? 'text-name' : 'text-loud leading-[3rem]';
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
            <Figure className={large}>{load}</Figure>
            <Figure className="text-slate">{` ${loadUnit(view.lift, unit)} `}</Figure>
          </>
        )}
        {!counted && <Figure className="text-slate">×</Figure>}
        <Figure className={large}>
          {`${counted && set.loadG === 0 ? '' : ' '}${counted ? amountText(set.reps, counted) : set.reps}`}
        </Figure>
      </Pressable>
      {reserve !== null && (
        <Figure
          aria-label={`leave ${reserve} in reserve`}
          className={`text-marigold-text ${least ? 'text-lead' : 'text-title leading-[2.5rem]'}`}
        >
          {`leave ${reserve}`}
        </Figure>
      )}
    </View>
  );
}

/** How the load is built: what to change, what is lacking, and the picture of it. */
function HowBuilt({ view, change }: { view: LiftView; change: string }) {
  const { lane, actions, wide } = useLane();
  const { least, ample } = useSpace();
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
      {change !== '' && (
        <Strong numberOfLines={2} className={`text-marigold-text ${least ? 'text-small' : ''}`}>
          {capital(change)}
        </Strong>
      )}
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
      {/* Where there is no room for a picture, its words stay; a bell needs none on a phone. */}
      {build && ample && shows(build, unchanged) && (wide || !isBell(build)) && (
        <LoadPicture build={build} previous={view.onBar} />
      )}
      {drop && <Strong className="text-small text-marigold-text">{drop}</Strong>}
    </>
  );
}

/** The most telling reason of the set, and a way to all of them: why this load, or the ramp. */
function Reason({ view }: { view: LiftView }) {
  const { sheets, lane } = useLane();
  const { space } = useSpace();
  if (view.next.kind !== 'step') return null;
  const { set, why } = view.next;
  const working = set.kind === 'working';
  const { plan, rampChoice, adjusted } = view.state;
  const ramp = rampChoice?.kind ?? plan.ramp;
  const [reason = `${ramp} ramp`] = adjusted?.reasons ?? rampReasonsOf(plan);
  return (
    <View className="flex-row items-center justify-between gap-x-2">
      <Body
        numberOfLines={space === 'roomy' ? 3 : 1}
        className="min-w-0 flex-1 text-small text-slate"
      >
        {`${whyText(working ? why : reason, lane.session.unit)}.`}
      </Body>
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

/** The way to the set itself, where the screen has room for one of the two. */
function ToTheSet() {
  const { moment, turn } = useLane();
  const { least } = useSpace();
  if (moment !== 'between') return null;
  return (
    <Pressable
      role="button"
      aria-label="To the set"
      aria-keyshortcuts="t"
      onPress={() => turn('set')}
      className="min-h-[44px] flex-row items-center gap-1 rounded-2xl bg-card pl-3 pr-1 active:opacity-80"
    >
      <Strong className="text-small">{least ? 'Set' : 'To the set'}</Strong>
      <Icon name="forward" size={20} />
    </Pressable>
  );
}

/** The set to do next: load, reps, how it is built and why it is what it is. */
export function NowCard() {
  const { lane, resting } = useLane();
  const view = useLiftInHand();
  if (view.next.kind !== 'step') return null;
  const change = view.build ? changeText(view.build, view.onBar) : '';
  const rest = resting ? lane.rest : null;
  const over = !resting && lane.rest ? stretchOf(lane.rest).endsMs : null;
  const reserve =
    view.next.set.kind === 'working' && !change ? reserveAsked(view.state.plan) : null;
  const what = [`${rest ? 'then' : 'Now ·'} ${setText(view)}`, implementText(view.build)];
  return (
    <Card className="gap-0.5 overflow-hidden py-2">
      {rest && <RestStrip rest={rest} action={<ToTheSet />} />}
      <View className="flex-row items-center justify-between gap-3">
        <Quiet numberOfLines={1} className="min-w-0 shrink">
          {what.filter(Boolean).join(' · ')}
        </Quiet>
        {over !== null && <CountUp sinceMs={over} className="text-lead leading-6 text-slate" />}
        {!rest && <ToTheSet />}
      </View>
      <LoadAndReps view={view} reserve={reserve} />
      <HowBuilt view={view} change={change} />
      <Reason view={view} />
    </Card>
  );
}
