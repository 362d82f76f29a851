import type { Account } from '@spalo/contract';
import {
  isSettled,
  mayPassWorkingLoad,
  noHabit,
  platesOf,
  rampKinds,
  rampRequest,
  isFlagged,
  type Primer,
  type RampChoice,
  type RampKind,
} from '@spalo/core';
import { useMemo, useState } from 'react';
import { Pressable, View } from 'react-native';
import { Banner } from '../../design/Banner';
import { Button } from '../../design/Button';
import { Choice } from '../../design/Choice';
import { Sheet } from '../../design/Sheet';
import { Stepper } from '../../design/Stepper';
import { Body, Quiet, Strong, Title } from '../../design/Words';
import { inWorker } from '../../state/heavy';
import { attempt } from '../../state/problems';
import { rampToday, workingLoad, type FloorActions } from '../floor/actions';
import type { LaneView, LiftView } from '../floor/lane-view';
import { PastWarmUps } from './PastWarmUps';
import { minutesText, rampWords } from './ramp-words';
import { stepsDuration } from './steps-duration';

const LEAST_MINUTES = 1;

/** The ramp of a lift: how long it takes and why it is this one, another one, a shorter one, and those before it. */
export function RampSheet({
  lane,
  view,
  account,
  actions,
  onWhy,
  onClose,
}: {
  lane: LaneView;
  view: LiftView;
  account: Account;
  actions: FloorActions;
  /** Opens where the working load comes from. */
  onWhy: () => void;
  onClose: () => void;
}) {
  const { client, room, session } = lane;
  const { plan, rampChoice, steps } = view.state;
  const habit = client?.history.habits[view.lift.id] ?? noHabit;
  const byRule = rampToday(lane, view, { kind: null, primer: null });
  const today = rampToday(lane, view, null);
  const chosen: RampChoice = rampChoice ?? { kind: habit.kind, primer: habit.primer };
  const seconds = useMemo(
    () => stepsDuration(view.steps, plan.implement, room).warmUpS,
    [view.steps, plan.implement, room],
  );
  const [minutes, setMinutes] = useState(Math.max(LEAST_MINUTES, Math.round(seconds / 60)));
  const [fitted, setFitted] = useState<{ fits: boolean; text: string } | null>(null);
  const open = view.next.kind === 'step' && view.next.set.kind === 'warm-up';
  const flagged = client ? isFlagged(client, view.lift) : false;
  const mayPass = client ? mayPassWorkingLoad(client.trainingMonths, flagged) : false;
  const take = (choice: RampChoice) => attempt(() => actions.chooseRamp(lane, view, choice));
  const primers: { value: Primer; label: string }[] = [
    { value: 'none', label: 'None' },
    { value: 'working', label: 'At the load' },
    ...(mayPass ? [{ value: 'over' as const, label: '105–110 %' }] : []),
  ];

  const fit = () =>
    attempt(async () => {
      const context = {
        lift: view.lift,
        room,
        unit: session.unit,
        standing: platesOf(view.onBar),
      };
      const request = rampRequest({ ...plan, loadG: workingLoad(view) }, today, context);
      const done = view.state.sets.findLast((set) => set.kind === 'warm-up' && !set.voided);
      const answer = await inWorker('fit', {
        request: { ...request, done: done ? { loadG: done.loadG, reps: done.reps } : null },
        seconds: minutes * 60,
        working: steps.filter((step) => step.kind === 'working'),
      });
      const gone =
        answer.dropped.length > 0 ? `Left out: ${answer.dropped.join(', ')}.` : 'Nothing left out.';
      setFitted({
        fits: answer.fits,
        text: answer.fits
          ? gone
          : `The shortest ramp here takes ${minutesText(answer.seconds)}. ${gone}`,
      });
      await actions.takeSteps(view, answer.steps, `Fitted into ${minutes} min`);
    });

  return (
    <Sheet title={`Ramp of the ${view.lift.name.toLowerCase()}`} open onClose={onClose}>
      <View className="gap-1">
        <Strong>{`${rampWords[today.kind].name}, about ${minutesText(seconds)} to the working sets`}</Strong>
        <Body>{`${today.why ?? ''}.`}</Body>
        {isSettled(habit) && <Quiet>Settled: it was right twice in a row.</Quiet>}
      </View>
      <Button label="Why this load" onPress={onWhy} />
      {open && (
        <>
          <View role="radiogroup" aria-label="Ramp for this client and lift" className="gap-2">
            {rampKinds.map((kind: RampKind) => (
              <RampOption
                key={kind}
                kind={kind}
                taken={today.kind === kind}
                byRule={byRule.kind === kind}
                onTake={() => take({ ...chosen, kind: byRule.kind === kind ? null : kind })}
              />
            ))}
          </View>
          <View className="gap-1">
            <Strong>Last warm-up set</Strong>
            <Choice
              label="Primer"
              options={primers}
              value={today.primer}
              onChange={(primer) => take({ ...chosen, primer })}
            />
            {flagged && <Quiet>An open pain flag on this lift takes the primer away.</Quiet>}
          </View>
          <View className="gap-2">
            <Stepper
              label="Fit the ramp into"
              value={String(minutes)}
              unit="min"
              less={minutes > LEAST_MINUTES ? () => setMinutes(minutes - 1) : null}
              more={minutes < 40 ? () => setMinutes(minutes + 1) : null}
            />
            <Button label={`Fit into ${minutes} min`} onPress={fit} />
            {fitted && <Banner kind={fitted.fits ? 'note' : 'wait'} title={fitted.text} />}
          </View>
        </>
      )}
      <View className="gap-2">
        <Title level={3} className="text-figure">
          Warm-ups before
        </Title>
        <PastWarmUps
          records={client?.history.warmUps[view.lift.id] ?? []}
          unit={session.unit}
          zone={account.studio.zone}
        />
      </View>
    </Sheet>
  );
}

function RampOption({
  kind,
  taken,
  byRule,
  onTake,
}: {
  kind: RampKind;
  taken: boolean;
  byRule: boolean;
  onTake: () => void;
}) {
  const { name, what } = rampWords[kind];
  return (
    <Pressable
      role="radio"
      aria-checked={taken}
      aria-label={byRule ? `${name}, by rule` : name}
      onPress={onTake}
      className={`min-h-tap justify-center rounded-2xl border-2 px-4 py-2 active:opacity-80 ${
        taken ? 'border-ink bg-coming' : 'border-line bg-card'
      }`}
    >
      <Strong>{byRule ? `${name} · by rule` : name}</Strong>
      <Quiet>{what}</Quiet>
    </Pressable>
  );
}
