import { platesOf } from '@spalo/core';
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { Button } from '../../design/Button';
import { Choice } from '../../design/Choice';
import { changeText } from '../../design/load-text';
import { Sheet } from '../../design/Sheet';
import { LoadingState } from '../../design/States';
import { Body, Figure, Quiet, Strong } from '../../design/Words';
import { attempt } from '../../state/problems';
import type { Sharer } from '../../state/ramp-work';
import { useHeavy } from '../../state/use-heavy';
import { floorActions } from '../floor/actions';
import type { LaneView } from '../floor/lane-view';
import { loadReps } from '../floor/words';
import { sharingReason } from '../floor/station';
import { sharerOf, stepsAhead, stepsFrom } from './shared-bar';

/** Two clients on one bar: their sets in turn, loaded with the least handling of both together. */
export function SharedBarSheet({
  lane,
  partners,
  onClose,
}: {
  lane: LaneView;
  /** The others on this bar; one of them is chosen to share it with. */
  partners: readonly LaneView[];
  onClose: () => void;
}) {
  const [chosen, choose] = useState(partners[0]!.session.id);
  const other = partners.find((each) => each.session.id === chosen) ?? partners[0]!;
  const view = lane.current!;
  const theirs = other.current!;
  const { implement } = view.state.plan;
  const task = useMemo(
    () => ({
      room: lane.room,
      implement,
      sharers: [sharerOf(lane), sharerOf(other)] as [Sharer, Sharer],
      first: 0 as const,
      standing: platesOf(view.onBar),
    }),
    [lane, other, implement, view.onBar],
  );
  const order = useHeavy('share', task);
  const ahead = [stepsAhead(view), stepsAhead(theirs)] as const;
  const names = [lane.name, other.name] as const;
  const saved = order ? order.apart - order.moves : 0;
  const take = () =>
    attempt(async () => {
      if (!order) return;
      await floorActions(lane.session, lane.session.trainerId).takeSteps(
        view,
        stepsFrom(view, order, 0),
        sharingReason(other.name),
      );
      await floorActions(other.session, other.session.trainerId).takeSteps(
        theirs,
        stepsFrom(theirs, order, 1),
        sharingReason(lane.name),
      );
      onClose();
    });
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
      {!order && <LoadingState what="the common order" />}
      {order && (
        <>
          <Strong>{`${order.moves} pairs handled together; ${order.apart} with each plan on its own`}</Strong>
          <Body>
            {saved > 0
              ? 'In turns, in this order, the loads within what both ramps permit.'
              : 'Both plans fit each other as they are.'}
          </Body>
          <View role="list" aria-label="Common plate order" className="gap-2">
            {order.turns.map((turn, at) => {
              const before = at === 0 ? view.onBar : order.turns[at - 1]!.build;
              const change = changeText(turn.build, before);
              const step = ahead[turn.who][turn.set]!;
              return (
                <View
                  role="listitem"
                  key={`${turn.who}/${turn.set}`}
                  className={`flex-row items-center gap-3 border-b-2 border-line pb-1 ${
                    turn.who === 1 ? 'pl-6' : ''
                  }`}
                >
                  <View className="min-w-0 flex-1">
                    <Quiet>{`${names[turn.who]}${step.kind === 'working' ? ' · work' : ''}`}</Quiet>
                    <Figure className="text-[1.375rem] leading-7">
                      {loadReps(turn.loadG, step.reps, lane.session.unit)}
                    </Figure>
                  </View>
                  <Strong className="max-w-[55%] text-right text-small">
                    {change || 'as it is'}
                  </Strong>
                </View>
              );
            })}
          </View>
          <Button kind="main" big label="Take this order" onPress={take} />
        </>
      )}
    </Sheet>
  );
}
