import { findDrill, generalInputFor } from '@spalo/catalog';
import type { Account } from '@spalo/contract';
import { generalSeconds, substitutes, type GeneralInput, type GeneralStepState } from '@spalo/core';
import { useState } from 'react';
import { Pressable, View } from 'react-native';
import { Button } from '../../design/Button';
import { Card } from '../../design/Card';
import { Chip } from '../../design/Chip';
import { Sheet } from '../../design/Sheet';
import { useNow } from '../../design/use-now';
import { Body, Figure, Quiet, Strong, Title } from '../../design/Words';
import { attempt } from '../../state/problems';
import { useSettings } from '../../state/settings';
import { someone, type FloorActions } from '../floor/actions';
import type { LaneView } from '../floor/lane-view';
import { clock } from '../floor/words';
import { GeneralRamp } from './GeneralRamp';
import { refit } from './refit';
import { jobWords, lengthText, minutesText } from './ramp-words';

const MINUTES = [5, 8, 12] as const;

/** What is left of a step, counting down; over its time it counts on, so that a glance tells. */
function StepTimer({ step, since }: { step: GeneralStepState; since: string }) {
  const now = useNow(true);
  const whole = step.seconds * step.rounds;
  const passed = Math.max(0, Math.floor((now - Date.parse(since)) / 1000));
  const left = whole - passed;
  const share = Math.max(0, Math.min(1, left / whole));
  return (
    <View className="gap-2">
      <View
        role="timer"
        aria-label={left >= 0 ? `${clock(left)} left of ${clock(whole)}` : `${clock(-left)} over`}
        className="flex-row items-baseline gap-2"
      >
        <Figure className="text-working">{clock(Math.abs(left))}</Figure>
        <Quiet>{left >= 0 ? `of ${clock(whole)}` : 'over: go on when it is done'}</Quiet>
      </View>
      <View aria-hidden className="h-1.5 overflow-hidden rounded-full bg-coming">
        <View className="h-1.5 rounded-full bg-marigold" style={{ width: `${share * 100}%` }} />
      </View>
    </View>
  );
}

const partText = ({ rounds, reps, seconds }: GeneralStepState) =>
  [
    rounds > 1 ? `${rounds} rounds` : '',
    reps === null ? '' : `${reps} reps`,
    rounds > 1 ? `${lengthText(seconds)} each` : lengthText(seconds),
  ]
    .filter(Boolean)
    .join(' · ');

/** The general part on the floor: one step in full with its clock, what follows, and the time there is. */
export function GeneralPart({
  lane,
  account,
  actions,
  onLift,
}: {
  lane: LaneView;
  account: Account;
  actions: FloorActions;
  onLift: () => void;
}) {
  const [opened, setOpened] = useState<string | null>(null);
  const [swapping, setSwapping] = useState(false);
  const [note, setNote] = useState<string | null>(null);
  const taste = useSettings((state) => state.taste);
  const { general, session, client, room } = lane;
  const { now, steps } = general;
  const open = steps.filter((step) => step.state === 'open');
  const drill = now && findDrill(now.drillId);
  if (!now || !drill) return null;

  const ids = session.lifts.filter((lift) => !lift.skipped).map((lift) => lift.plan.liftId);
  const input =
    client &&
    generalInputFor(client, ids, someone(client, room, account), { minutes: null, taste });
  const fit = (whole: GeneralInput, minutes: number | null) => {
    const built = refit(session, { ...whole, minutes });
    const gone = built.dropped.length > 0 ? ` Left out: ${built.dropped.join(', ')}.` : '';
    setNote(
      built.fits
        ? `${minutesText(built.seconds)} to go.${gone}`
        : `The least that makes sense takes ${minutesText(built.seconds)}.${gone}`,
    );
    attempt(() => actions.planGeneral(built.steps));
  };
  const others = input ? substitutes(drill, input) : [];
  const shown = opened === null ? null : findDrill(opened);
  const place = steps.indexOf(now) + 1;

  return (
    <>
      <GeneralRamp steps={steps} now={now.drillId} onOpen={setOpened} />
      <Card className="gap-2 py-3">
        <View className="flex-row justify-between gap-3">
          <Quiet>{`Now · ${jobWords[now.job].toLowerCase()}, ${place} of ${steps.length}`}</Quiet>
          <Quiet>{partText(now)}</Quiet>
        </View>
        <Title level={2} className="text-[1.75rem] leading-8">
          {drill.name}
        </Title>
        <StepTimer step={now} since={session.generalSince} />
        <Body>{drill.how}</Body>
        <Quiet>{`${now.why}.`}</Quiet>
      </Card>
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
      {input && (
        <View role="group" aria-label="Minutes for the general warm-up" className="gap-2">
          <Quiet>{`${minutesText(generalSeconds(open))} to go. Fit it into`}</Quiet>
          <View className="flex-row flex-wrap gap-2">
            {MINUTES.map((minutes) => (
              <Chip key={minutes} label={`${minutes} min`} onPress={() => fit(input, minutes)} />
            ))}
            <Chip label="Whole" says="As long as it takes" onPress={() => fit(input, null)} />
          </View>
          {note && (
            <Strong role="status" className="text-small">
              {note}
            </Strong>
          )}
        </View>
      )}
      <View className="gap-1 pt-1">
        <Quiet>Then</Quiet>
        {open.slice(1).map((step) => (
          <Pressable
            key={step.drillId}
            role="button"
            aria-label={`About ${findDrill(step.drillId)?.name ?? step.drillId}`}
            onPress={() => setOpened(step.drillId)}
            className="min-h-tap flex-row items-center justify-between gap-3 border-b-2 border-line"
          >
            <Strong className="shrink">{findDrill(step.drillId)?.name ?? step.drillId}</Strong>
            <Quiet>{lengthText(step.seconds * step.rounds)}</Quiet>
          </Pressable>
        ))}
        <Button label="Go to the first lift" className="mt-2" onPress={onLift} />
      </View>
      {swapping && (
        <Sheet
          title={`Instead of ${drill.name.toLowerCase()}`}
          open
          onClose={() => setSwapping(false)}
        >
          {others.map((each) => (
            <Card
              key={each.id}
              label={`Do ${each.name}`}
              className="gap-1"
              onPress={() => {
                const by = {
                  ...now,
                  drillId: each.id,
                  reps: each.reps,
                  why: each.forWhat.slice(0, -1),
                };
                const { state: _state, ...step } = by;
                const seconds = now.job === 'raise' ? now.seconds : each.seconds;
                attempt(() => actions.swapDrill(now.drillId, { ...step, seconds }));
                setSwapping(false);
              }}
            >
              <Strong>{each.name}</Strong>
              <Body>{each.how}</Body>
              <Quiet>{each.forWhat}</Quiet>
            </Card>
          ))}
        </Sheet>
      )}
      {shown && (
        <Sheet title={shown.name} open onClose={() => setOpened(null)}>
          <Body>{shown.how}</Body>
          <Body>{shown.forWhat}</Body>
          {steps
            .filter((step) => step.drillId === shown.id)
            .map((step) => (
              <View key={step.drillId} className="gap-3">
                <Quiet>{`${partText(step)} · ${step.why}`}</Quiet>
                <Button
                  label={step.state === 'open' ? 'Leave it out' : 'Take it up again'}
                  onPress={() => {
                    const state = step.state === 'open' ? 'skipped' : 'open';
                    attempt(() => actions.markDrills([step.drillId], state));
                    setOpened(null);
                  }}
                />
              </View>
            ))}
        </Sheet>
      )}
    </>
  );
}
