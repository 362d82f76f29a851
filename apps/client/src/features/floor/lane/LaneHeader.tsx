import { degreeOf, exhales, flagsOn, liftLimit, spotText } from '@spalo/core/person';
import { ceilingText } from '@spalo/core/session';
import { amid, massText } from '@spalo/core/unit';
import { View } from 'react-native';
import { IconButton } from '../../../design/Button';
import { useSpace } from '../../../design/use-space';
import { Quiet, Strong, Title } from '../../../design/Words';
import { capital } from '../../../design/sentence';
import type { LiftView } from '../../../parts/lane/lift-view';
import { flagDoes } from '../../../parts/words/flag-words';
import { inTurnWith } from '../../../parts/words/pair-words';
import { useTrainers } from '../../../state/queries';
import { useLane } from '../scene/lane-scene';
import { AttentionLine } from './AttentionLine';
import { LaterTimeLeft } from '../set/later-time-left';

/** What the lane is at, and how far in the session. */
function Heading() {
  const { lane, wide } = useLane();
  const view = lane.general.active ? null : lane.current;
  const first = amid(lane.lifts[0]?.lift.name ?? 'the lifts');
  const [title, under] = lane.general.active
    ? ['General warm-up', `then ${first}`]
    : view
      ? [
          view.lift.name,
          [
            inTurnWith(view.state, lane.session.lifts) || view.style.name,
            `lift ${lane.position} of ${lane.lifts.length}`,
          ].join(' · '),
        ]
      : lane.lifts.length === 0
        ? ['No lift is planned', 'add one, or wrap up']
        : ['All lifts done', `${lane.lifts.length} lifts`];
  const space = useSpace();
  const least = !wide && space.least;
  return (
    <>
      <Title
        numberOfLines={least ? 1 : 2}
        className={wide ? '' : least ? 'text-lead leading-6' : 'text-name leading-7'}
      >
        {title}
      </Title>
      {!least && (
        <View className="flex-row flex-wrap gap-x-3">
          <AttentionLine otherwise={under} />
          <LaterTimeLeft />
        </View>
      )}
    </>
  );
}

/** What binds the lift in hand: the flags on what it loads, the one side that is done, and why it does not rise. */
function Binds({ view }: { view: LiftView }) {
  const { lane } = useLane();
  const { onlySide, ceiling } = view.state.plan;
  const flags = lane.client ? flagsOn(lane.client, view.lift) : [];
  const limit = lane.client && liftLimit(lane.client, view.lift, lane.session.startedAt);
  const risesTo = ceiling && ceiling.loadG > view.state.plan.loadG;
  const atMost = risesTo ? `up to ${massText(ceiling.loadG, lane.session.unit)}` : 'no heavier';
  const said = [
    ...(limit?.opened ? [`Opened: ${limit.opened.reason}`] : []),
    ...flags.map(({ flag }) => `${capital(spotText(flag))}: ${flagDoes[degreeOf(flag)]}`),
    ...(onlySide ? [`${capital(onlySide)} side only`] : []),
    ...(ceiling ? [`${ceilingText(ceiling)}: ${atMost}`] : []),
  ];
  if (said.length === 0) return null;
  return (
    <Strong numberOfLines={2} className="text-small text-oxide">
      {said.join(' · ')}
    </Strong>
  );
}

/** Who has a lane that is only followed here. */
function Following({ trainerId }: { trainerId: string }) {
  const { data: trainers = [] } = useTrainers();
  const who = trainers.find(({ id }) => id === trainerId)?.name ?? 'Another trainer';
  return <Quiet numberOfLines={1}>{`${who} has this lane: you follow it`}</Quiet>;
}

/** Who, which lift, in which style, and how far in the session. */
export function LaneHeader() {
  const { lane, wide, sheets, account } = useLane();
  const followed = lane.session.trainerId !== account.trainer.id;
  const view = lane.general.active ? null : lane.current;
  return (
    <View className="flex-row items-start justify-between gap-3">
      <View className="min-w-0 shrink">
        {wide && (
          <View className="pb-1">
            <Strong numberOfLines={1} className="text-lead">
              {lane.name}
            </Strong>
            {lane.client?.brief ? <Quiet numberOfLines={1}>{lane.client.brief}</Quiet> : null}
          </View>
        )}
        <Heading />
        {view && <Binds view={view} />}
        {followed && <Following trainerId={lane.session.trainerId} />}
        {lane.client && exhales(lane.client) && (
          <Strong className="text-small text-oxide">Breathe out through the effort</Strong>
        )}
      </View>
      <View className="flex-row gap-2">
        {view && (
          <IconButton
            icon="checklist"
            label={`Set-up checklist, ${view.lift.name}`}
            onPress={() => sheets.open('checklist')}
          />
        )}
        <IconButton
          icon="more"
          label={`More for ${lane.name}`}
          onPress={() => sheets.open('more')}
        />
      </View>
    </View>
  );
}
