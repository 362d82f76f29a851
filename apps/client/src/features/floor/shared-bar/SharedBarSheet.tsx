import { platesOf } from '@spalo/core/room';
import type { Unit } from '@spalo/core/unit';
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { Button } from '../../../design/Button';
import { Choice } from '../../../design/Choice';
import { changeText } from '../../../design/load-text';
import { Sheet } from '../../../design/Sheet';
import { LoadingState } from '../../../design/States';
import { Body, Figure, Quiet, Strong } from '../../../design/Words';
import { floorActions } from '../../../parts/lane/actions/floor-actions';
import type { LaneView } from '../../../parts/lane/lane-view';
import { stepsAhead, type LiftView } from '../../../parts/lane/lift-view';
import { loadReps } from '../../../parts/words/load-words';
import { attempt } from '../../../state/problems';
import type { TaskAnswer, TaskInput } from '../../../state/worker/tasks';
import { useTask } from '../../../state/worker/use-task';
import { useLane } from '../scene/lane-scene';
import { sharerOf, stepsFrom } from './shared-bar';

type Order = TaskAnswer<'share'>;

/** A lane with the lift that it is on. */
interface AtBar {
  lane: LaneView;
  view: LiftView;
}

/** The sets of both in turn: whose, what, and what to change on the bar. */
function Turns({ order, both, unit }: { order: Order; both: readonly [AtBar, AtBar]; unit: Unit }) {
  const ahead = [stepsAhead(both[0].view), stepsAhead(both[1].view)] as const;
  return (
    <View role="list" aria-label="Common plate order" className="gap-2">
      {order.turns.map((turn, at) => {
        const before = order.turns[at - 1]?.build ?? both[0].view.onBar;
        const change = changeText(turn.build, before);
        const step = ahead[turn.who][turn.set];
        return (
          <View
            role="listitem"
            key={`${turn.who}/${turn.set}`}
            className={`flex-row items-center gap-3 border-b border-line pb-1 ${
              turn.who === 1 ? 'pl-6' : ''
            }`}
          >
            <View className="min-w-0 flex-1">
              <Quiet>{`${both[turn.who].lane.name}${step?.kind === 'working' ? ' · work' : ''}`}</Quiet>
              <Figure className="text-lead leading-7">
                {loadReps(turn.loadG, step?.reps ?? 0, unit)}
              </Figure>
            </View>
            <Strong className="max-w-[55%] text-right text-small">{change || 'as it is'}</Strong>
          </View>
        );
      })}
    </View>
  );
}

/** Takes the common order into both sessions; each remembers whom it shares the bar with. */
async function takeOrder(order: Order, [own, other]: readonly [AtBar, AtBar]): Promise<void> {
  const turns = [
    { at: own, partner: other, who: 0 },
    { at: other, partner: own, who: 1 },
  ] as const;
  for (const { at, partner, who } of turns) {
    const actions = floorActions(at.lane.session, at.lane.session.trainerId);
    const steps = stepsFrom(at.view, order, who);
    await actions.shareBar(at.view, steps, partner.lane.session.id, partner.lane.name);
  }
}

/** Two clients on one bar: their sets in turn, loaded with the least handling of both together. */
export function SharedBarSheet({
  partners,
  onClose,
}: {
  /** The others on this bar; one of them is chosen to share it with. */
  partners: readonly LaneView[];
  onClose: () => void;
}) {
  const { lane } = useLane();
  const [chosen, choose] = useState(partners[0]?.session.id ?? '');
  const other = partners.find((each) => each.session.id === chosen) ?? partners[0];
  const own = lane.current;
  const theirs = other?.current;
  const task = useMemo((): TaskInput<'share'> | null => {
    if (!own || !other || !theirs) return null;
    return {
      room: lane.room,
      implement: own.state.plan.implement,
      sharers: [sharerOf(lane, own), sharerOf(other, theirs)],
      first: 0,
      standing: platesOf(own.onBar),
    };
  }, [lane, own, other, theirs]);
  const { answer: order, again } = useTask('share', task);
  if (!own || !other || !theirs) return null;
  const both = [
    { lane, view: own },
    { lane: other, view: theirs },
  ] as const;
  return (
    <Sheet title={`One bar with ${other.name}`} open onClose={onClose}>
      {partners.length > 1 && (
        <Choice
          label="Who shares the bar"
          options={partners.map(({ session, name }) => ({ value: session.id, label: name }))}
          value={other.session.id}
          onChange={choose}
          wrap
        />
      )}
      {!order && <LoadingState what="the common order" again={again} />}
      {order && (
        <>
          <Strong>{`${order.moves} pairs handled together; ${order.apart} with each plan on its own`}</Strong>
          <Body>
            {order.apart > order.moves
              ? 'In turns, in this order, the loads within what both ramps permit.'
              : 'Both plans fit each other as they are.'}
          </Body>
          <Turns order={order} both={both} unit={lane.session.unit} />
          <Button
            kind="main"
            big
            label="Take this order"
            onPress={() =>
              attempt(async () => {
                await takeOrder(order, both);
                onClose();
              })
            }
          />
        </>
      )}
    </Sheet>
  );
}
