import { amid } from '@spalo/core/unit';
import { rampRequest, type RampToday } from '@spalo/core/floor';
import { memoryOf } from '@spalo/core/memory';
import { stepsDuration } from '@spalo/core/time';
import { platesOf } from '@spalo/core/room';
import {
  isFlagged,
  isSettled,
  mayPassWorkingLoad,
  noHabit,
  rampKinds,
  type Primer,
  type RampChoice,
  type RampKind,
} from '@spalo/core/warm-up';
import { whyText } from '@spalo/core/words';
import { useMemo, useState } from 'react';
import { Pressable, View } from 'react-native';
import { Banner } from '../../../design/Banner';
import { Button } from '../../../design/Button';
import { Choice } from '../../../design/Choice';
import { Sheet } from '../../../design/Sheet';
import { Stepper } from '../../../design/Stepper';
import { Body, Quiet, Strong, Title } from '../../../design/Words';
import { rampToday } from '../../../parts/lane/actions/ramp-actions';
import { workingLoad, type LiftView } from '../../../parts/lane/lift-view';
import { PastWarmUps } from '../../../parts/warm-up/PastWarmUps';
import { minutesText, rampWords } from '../../../parts/words/ramp-words';
import { attempt } from '../../../state/problems';
import { inWorker } from '../../../state/worker/ask';
import { useLane, useLiftInHand, type LaneScene } from '../scene/lane-scene';

const LEAST_MINUTES = 1;
const MOST_MINUTES = 40;

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

/** Another ramp, and what its last set is, for this client and lift from now on. */
function OtherRamp({ view, today }: { view: LiftView; today: RampToday }) {
  const { lane, actions } = useLane();
  const { client } = lane;
  const habit = client ? memoryOf(client.history, view.lift.id).habit : noHabit;
  const byRule = rampToday(lane, view, { kind: null, primer: null });
  const chosen: RampChoice = view.state.rampChoice ?? { kind: habit.kind, primer: habit.primer };
  const flagged = client ? isFlagged(client, view.lift) : false;
  const mayPass = client ? mayPassWorkingLoad(client.trainingMonths, flagged) : false;
  const take = (choice: RampChoice) => attempt(() => actions.chooseRamp(lane, view, choice));
  const primers: { value: Primer; label: string }[] = [
    { value: 'none', label: 'None' },
    { value: 'working', label: 'At the load' },
    ...(mayPass ? [{ value: 'over' as const, label: '105–110%' }] : []),
  ];
  return (
    <>
      <View role="radiogroup" aria-label="Ramp for this client and lift" className="gap-2">
        {rampKinds.map((kind) => (
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
    </>
  );
}

/** What of a ramp is left in some minutes, worked out in the worker and taken into the session. */
async function fitInto(
  minutes: number,
  view: LiftView,
  today: RampToday,
  { lane, actions }: Pick<LaneScene, 'lane' | 'actions'>,
): Promise<{ fits: boolean; text: string }> {
  const { room, session } = lane;
  const standing = platesOf(view.onBar);
  const context = { lift: view.lift, room, unit: session.unit, standing };
  const plan = { ...view.state.plan, loadG: workingLoad(view) };
  const done = view.state.sets.findLast((set) => set.kind === 'warm-up' && !set.voided);
  const answer = await inWorker('fit', {
    request: {
      ...rampRequest(plan, today, context),
      done: done ? { loadG: done.loadG, reps: done.reps } : null,
    },
    seconds: minutes * 60,
    working: view.state.steps.filter((step) => step.kind === 'working'),
  });
  await actions.takeSteps(view, answer.steps, { code: 'fitted-into', minutes });
  const gone =
    answer.dropped.length > 0 ? `Left out: ${answer.dropped.join(', ')}.` : 'Nothing left out.';
  const shortest = `The shortest ramp here takes ${minutesText(answer.seconds)}. ${gone}`;
  return { fits: answer.fits, text: answer.fits ? gone : shortest };
}

/** The ramp brought into the minutes that there are. */
function FitRamp({ view, today, seconds }: { view: LiftView; today: RampToday; seconds: number }) {
  const scene = useLane();
  const [minutes, setMinutes] = useState(Math.max(LEAST_MINUTES, Math.round(seconds / 60)));
  const [fitted, setFitted] = useState<{ fits: boolean; text: string } | null>(null);
  return (
    <View className="gap-2">
      <Stepper
        label="Fit the ramp into"
        value={String(minutes)}
        unit="min"
        less={minutes > LEAST_MINUTES ? () => setMinutes(minutes - 1) : null}
        more={minutes < MOST_MINUTES ? () => setMinutes(minutes + 1) : null}
      />
      <Button
        label={`Fit into ${minutes} min`}
        onPress={() => attempt(async () => setFitted(await fitInto(minutes, view, today, scene)))}
      />
      {fitted && <Banner kind={fitted.fits ? 'note' : 'wait'} title={fitted.text} />}
    </View>
  );
}

/** The ramp of a lift: how long it takes and why it is this one, another one, a shorter one, and those before it. */
export function RampSheet() {
  const { lane, account, sheets } = useLane();
  const view = useLiftInHand();
  const { client, room, session } = lane;
  const { plan } = view.state;
  const { habit, warmUps } = client
    ? memoryOf(client.history, view.lift.id)
    : { habit: noHabit, warmUps: [] };
  const today = rampToday(lane, view, null);
  const seconds = useMemo(
    () => stepsDuration(view.steps, plan, room).warmUpS,
    [view.steps, plan, room],
  );
  const open = view.next.kind === 'step' && view.next.set.kind === 'warm-up';
  return (
    <Sheet title={`Ramp of the ${amid(view.lift.name)}`} open onClose={sheets.close}>
      <View className="gap-1">
        <Strong>{`${rampWords[today.kind].name}, about ${minutesText(seconds)} to the working sets`}</Strong>
        {(today.reasons ?? []).map((reason) => (
          <Body key={reason.code}>{`${whyText(reason, session.unit)}.`}</Body>
        ))}
        {isSettled(habit) && <Quiet>Settled: it was right twice in a row.</Quiet>}
      </View>
      <Button label="Why this load" onPress={() => sheets.open('why')} />
      {open && (
        <>
          <OtherRamp view={view} today={today} />
          <FitRamp view={view} today={today} seconds={seconds} />
        </>
      )}
      <View className="gap-2">
        <Title level={3} className="text-figure">
          Warm-ups before
        </Title>
        <PastWarmUps records={warmUps} unit={session.unit} zone={account.studio.zone} />
      </View>
    </Sheet>
  );
}
