import { amid } from '@spalo/core/unit';
import { findDrill } from '@spalo/catalog';
import { generalInputFor } from '@spalo/coaching';
import type { GeneralStepState } from '@spalo/core/session';
import { substitutes, type Drill, type GeneralInput } from '@spalo/core/warm-up';
import { whyText } from '@spalo/core/words';
import { useState } from 'react';
import { Pressable, View } from 'react-native';
import { Button } from '../../../design/Button';
import { Card } from '../../../design/Card';
import { Body, Quiet, Strong, Title } from '../../../design/Words';
import { visitOf } from '../../../parts/session/visit';
import { jobWords, lengthText } from '../../../parts/words/ramp-words';
import { attempt } from '../../../state/problems';
import { useSettings } from '../../../state/settings';
import { useLane } from '../scene/lane-scene';
import { AboutStep } from './AboutStep';
import { CheckIn } from './CheckIn';
import { FitGeneral } from './FitGeneral';
import { GeneralRamp } from './GeneralRamp';
import { StepTimer } from './StepTimer';
import { stepText } from './step-text';
import { SwapDrill } from './SwapDrill';

/** What the general part of the lane's client is built from; null while nobody knows the client here. */
function useGeneralInput(): GeneralInput | null {
  const { lane, account } = useLane();
  const taste = useSettings((state) => state.taste);
  const { client, room, session } = lane;
  if (!client) return null;
  const ids = session.lifts.filter((lift) => !lift.skipped).map((lift) => lift.plan.liftId);
  const wish = { minutes: null, taste };
  return generalInputFor(client, ids, visitOf(client, room, account), wish);
}

/** The step in hand: what it is, its clock, how it is done and why. */
function StepNow({ step, drill }: { step: GeneralStepState; drill: Drill }) {
  const { lane } = useLane();
  const { steps } = lane.general;
  return (
    <Card className="gap-2 py-3">
      <View className="flex-row justify-between gap-3">
        <Quiet>{`Now · ${amid(jobWords[step.job])}, ${steps.indexOf(step) + 1} of ${steps.length}`}</Quiet>
        <Quiet>{stepText(step)}</Quiet>
      </View>
      <Title level={2} className="text-name leading-8">
        {drill.name}
      </Title>
      <StepTimer step={step} since={lane.session.generalSince} />
      <Body>{drill.how}</Body>
      <Quiet>{`${whyText(step.why, lane.session.unit)}.`}</Quiet>
    </Card>
  );
}

/** The steps behind the one in hand, and the way past all of them. */
function StepsThen({ onOpen }: { onOpen: (drillId: string) => void }) {
  const { lane, actions } = useLane();
  const open = lane.general.steps.filter((step) => step.state === 'open');
  return (
    <View className="gap-1 pt-1">
      <Quiet>Then</Quiet>
      {open.slice(1).map((step) => {
        const name = findDrill(step.drillId)?.name ?? step.drillId;
        return (
          <Pressable
            key={step.drillId}
            role="button"
            aria-label={`About ${name}`}
            onPress={() => onOpen(step.drillId)}
            className="min-h-tap flex-row items-center justify-between gap-3 border-b border-line"
          >
            <Strong className="shrink">{name}</Strong>
            <Quiet>{lengthText(step.seconds * step.rounds)}</Quiet>
          </Pressable>
        );
      })}
      <Button
        label="Go to the first lift"
        className="mt-2"
        onPress={() => attempt(() => actions.skipGeneral(lane))}
      />
    </View>
  );
}

/** The general part on the floor: one step in full with its clock, what follows, and the time there is. */
export function GeneralPart() {
  const { lane, actions } = useLane();
  const [opened, setOpened] = useState<string | null>(null);
  const [swapping, setSwapping] = useState(false);
  const input = useGeneralInput();
  const { now, steps } = lane.general;
  const drill = now && findDrill(now.drillId);
  if (!now || !drill) return null;
  const here = new Set(steps.map(({ drillId }) => drillId));
  const others = input ? substitutes(drill, input).filter(({ id }) => !here.has(id)) : [];
  const about = steps.find((step) => step.drillId === opened);
  return (
    <>
      <CheckIn />
      <GeneralRamp steps={steps} now={now.drillId} onOpen={setOpened} />
      <StepNow step={now} drill={drill} />
      <View className="flex-row gap-2">
        <Button
          label="Skip"
          says={`Skip ${drill.name}`}
          className="flex-1"
          onPress={() => attempt(() => actions.markDrills([now.drillId], 'skipped'))}
        />
        {others.length > 0 && (
          <Button
            label="Swap"
            says={`Swap ${drill.name}`}
            icon="swap"
            className="flex-1"
            onPress={() => setSwapping(true)}
          />
        )}
      </View>
      {input && <FitGeneral input={input} />}
      <StepsThen onOpen={setOpened} />
      {swapping && (
        <SwapDrill step={now} drill={drill} others={others} onClose={() => setSwapping(false)} />
      )}
      {about && <AboutStep step={about} onClose={() => setOpened(null)} />}
    </>
  );
}
