import { findDrill } from '@spalo/catalog';
import type { Account } from '@spalo/contract';
import { massNumber, type Doubt, type SetResult } from '@spalo/core';
import { useRouter } from 'expo-router';
import { memo, useMemo, useState } from 'react';
import { ScrollView, useWindowDimensions, View } from 'react-native';
import { Button } from '../../design/Button';
import { Card } from '../../design/Card';
import { Ramp } from '../../design/Ramp';
import { Body } from '../../design/Words';
import { attempt } from '../../state/problems';
import { GeneralPart } from '../warm-up/GeneralPart';
import { RampSheet } from '../warm-up/RampSheet';
import { SharedBar } from '../warm-up/SharedBar';
import { EstimateSheet } from '../clients/EstimateSheet';
import { floorActions } from './actions';
import { ChecklistSheet } from './ChecklistSheet';
import { ComingLifts } from './ComingLifts';
import { CueSheet } from './CueSheet';
import { DoubtSheet } from './DoubtSheet';
import { useFloorUi } from './floor-ui';
import { LaneHeader } from './LaneHeader';
import { LaneSheet } from './LaneSheet';
import { asksVerdict, type LaneView } from './lane-view';
import { LoadSheet } from './LoadSheet';
import { LogBar } from './LogBar';
import { PainSheet } from './PainSheet';
import { SetSheet } from './SetSheet';
import { StopCard } from './StopCard';
import { useRestRuns } from './use-rest-runs';
import { VerdictCard } from './VerdictCard';
import { WatchedSet } from './WatchedSet';
import { loadUnit } from './words';
import { WhySheet } from './WhySheet';

type Open = 'checklist' | 'cue' | 'pain' | 'load' | 'why' | 'estimate' | 'ramp' | 'more' | null;

/** A set that was questioned, and what keeps it all the same. */
interface Questioned {
  doubt: Doubt;
  result: SetResult;
  keep: () => void;
}

/** One client on the floor: the lift in hand, from header to the button that logs. */
export const Lane = memo(function Lane({
  lane,
  account,
  wide,
}: {
  lane: LaneView;
  account: Account;
  wide: boolean;
}) {
  const router = useRouter();
  const [open, setOpen] = useState<Open>(null);
  const [openStep, setOpenStep] = useState<number | null>(null);
  const [questioned, setQuestioned] = useState<Questioned | null>(null);
  /** The lift whose verdict is being changed or noted on. */
  const [noting, setNoting] = useState<string | null>(null);
  const resting = useRestRuns(lane.rest);
  const trainerId = account.trainer.id;
  const actions = useMemo(() => floorActions(lane.session, trainerId), [lane.session, trainerId]);
  const openLift = useFloorUi((state) => state.openLift);
  const view = lane.current;
  const tall = useWindowDimensions().height >= 900;
  const close = () => {
    setOpen(null);
    setOpenStep(null);
  };
  const closing = (action: () => Promise<unknown>) => {
    attempt(action);
    close();
  };
  /** Keeps a working set, but asks back first where it is far from what is believed. */
  const keepUnlessDoubtful = (liftId: string, result: SetResult, keep: () => void) => {
    const doubt = result.rir === null ? null : lane.strength.doubt({ liftId, ...result });
    if (doubt) setQuestioned({ doubt, result, keep });
    else keep();
  };
  const wrapUp = () => {
    close();
    router.push({ pathname: '/wrap-up/[session]', params: { session: lane.session.id } });
  };
  const goOn = () => openLift(lane.session.id, null);
  const { general } = lane;
  /** Leaves what is open of the general part, so that the lane goes on to the first lift. */
  const toFirstLift = () => {
    const open = general.steps.filter((step) => step.state === 'open');
    attempt(() =>
      actions.markDrills(
        open.map((step) => step.drillId),
        'skipped',
      ),
    );
  };
  const drill = general.active && general.now ? findDrill(general.now.drillId) : undefined;

  // The question is for the rest after the first working set; then the set that follows comes first.
  const isNoting = noting === view?.lift.id;
  const verdictFirst = resting || isNoting || view?.next.kind !== 'step';
  const verdict = view && !drill && asksVerdict(view) && (
    <VerdictCard
      key={`${view.lift.id} verdict`}
      lane={lane}
      view={view}
      noting={isNoting}
      onNote={() => setNoting(view.lift.id)}
      onJudge={(answer, note) => {
        setNoting(null);
        attempt(() => actions.judgeWarmUp(view.lift.id, answer, note));
      }}
    />
  );

  return (
    <View className="min-h-0 flex-1">
      <ScrollView
        key={drill ? 'general' : 'lift'}
        className="flex-1"
        contentContainerClassName="gap-1.5 px-4 pb-3 pt-2"
      >
        <LaneHeader
          lane={lane}
          view={drill ? null : view}
          title={drill ? 'General warm-up' : undefined}
          showName={wide}
          onChecklist={() => setOpen('checklist')}
          onMore={() => setOpen('more')}
        />
        {drill && (
          <GeneralPart lane={lane} account={account} actions={actions} onLift={toFirstLift} />
        )}
        {view && !drill && (
          <Ramp
            steps={view.ramp}
            lastTime={view.state.plan.lastTime.map(({ kind, loadG, reps }) => ({
              kind,
              load: loadG,
              reps,
            }))}
            loadText={(load) => massNumber(load, lane.session.unit)}
            unit={loadUnit(view.lift, lane.session.unit)}
            onOpen={setOpenStep}
            height={tall ? 150 : 88}
          />
        )}
        {verdictFirst && verdict}
        {!drill && <SharedBar lane={lane} />}
        {view?.next.kind === 'step' && !drill && (
          <WatchedSet
            key={view.lift.id}
            lane={lane}
            view={view}
            resting={resting}
            onTake={(loadG) => attempt(() => actions.changeLoad(lane, view, loadG))}
            onOpen={setOpen}
          />
        )}
        {!verdictFirst && verdict}
        {view?.next.kind === 'stop' && (
          <StopCard
            stop={view.next.stop}
            onNext={goOn}
            onWithdraw={() => {
              const { next } = view;
              if (next.kind === 'stop') attempt(() => actions.withdrawPain(next.stop.report.id));
            }}
          />
        )}
        {(!view || view.next.kind === 'done') && (
          <Card className="gap-3">
            <Body>
              {lane.finished
                ? `${lane.name} has done everything planned. Look at what changes next time.`
                : `${view?.lift.name ?? 'This lift'} is done. Tap a step to correct it.`}
            </Body>
            {lane.finished ? null : <Button label="Next lift" onPress={goOn} />}
          </Card>
        )}
        {wide && <ComingLifts lane={lane} onOpen={(liftId) => openLift(lane.session.id, liftId)} />}
      </ScrollView>
      <View className="flex-row gap-2 border-t-2 border-line bg-paper px-4 py-2">
        {drill && general.now ? (
          <Button
            kind="main"
            big
            label={`Done: ${drill.name.toLowerCase()}`}
            onPress={() => attempt(() => actions.markDrills([drill.id], 'done'))}
            className="flex-1"
          />
        ) : view?.next.kind === 'step' ? (
          <LogBar
            lane={lane}
            view={view}
            onPain={() => setOpen('pain')}
            onLog={(result) =>
              keepUnlessDoubtful(view.lift.id, result, () => attempt(() => actions.logNext(view)))
            }
          />
        ) : (
          <Button
            kind={lane.finished ? 'main' : 'plain'}
            big
            label="Wrap up"
            onPress={wrapUp}
            className="flex-1"
          />
        )}
      </View>
      {open === 'more' && (
        <LaneSheet
          lane={lane}
          actions={actions}
          onClose={close}
          onOpenLift={(liftId) => {
            openLift(lane.session.id, liftId);
            close();
          }}
          onWrapUp={wrapUp}
        />
      )}
      {view && open === 'checklist' && <ChecklistSheet lane={lane} view={view} onClose={close} />}
      {view && open === 'cue' && (
        <CueSheet
          view={view}
          onClose={close}
          onPick={(cueId) => closing(() => actions.giveCue(view.lift.id, cueId))}
        />
      )}
      {view && open === 'pain' && (
        <PainSheet
          lane={lane}
          view={view}
          onClose={close}
          onReport={(report) => {
            // The lane stays on this lift, so that what stops it is read before anything else is done.
            openLift(lane.session.id, view.lift.id);
            closing(() => actions.reportPain(report));
          }}
        />
      )}
      {view && open === 'load' && (
        <LoadSheet
          view={view}
          unit={lane.session.unit}
          onClose={close}
          onPick={(loadG) => closing(() => actions.changeLoad(lane, view, loadG))}
          onReplan={
            view.next.kind === 'step' && view.next.set.kind === 'warm-up'
              ? (loadG) => closing(() => actions.changeWorkingLoad(lane, view, loadG))
              : null
          }
        />
      )}
      {view && open === 'why' && (
        <WhySheet
          lane={lane}
          view={view}
          onClose={close}
          onAddSet={() => closing(() => actions.addSet(view))}
          onEstimate={() => setOpen('estimate')}
        />
      )}
      {view && open === 'ramp' && (
        <RampSheet
          lane={lane}
          view={view}
          account={account}
          actions={actions}
          onWhy={() => setOpen('why')}
          onClose={close}
        />
      )}
      {view && lane.client && open === 'estimate' && (
        <EstimateSheet
          client={lane.client}
          lift={view.lift}
          reps={view.state.plan.reps}
          rir={view.state.plan.targetRir}
          account={account}
          onClose={close}
        />
      )}
      {questioned && (
        <DoubtSheet
          doubt={questioned.doubt}
          result={questioned.result}
          unit={lane.session.unit}
          name={lane.name}
          onKeep={() => {
            questioned.keep();
            setQuestioned(null);
          }}
          onChange={() => setQuestioned(null)}
        />
      )}
      {view && openStep !== null && (
        <SetSheet
          view={view}
          room={lane.room}
          index={openStep}
          unit={lane.session.unit}
          onClose={close}
          onSave={(set, result) => {
            close();
            keepUnlessDoubtful(view.lift.id, result, () =>
              attempt(() => actions.correct(set, result)),
            );
          }}
          onRemove={(set) => closing(() => actions.setVoided(set, true))}
        />
      )}
    </View>
  );
});
