import { findDrill } from '@spalo/catalog';
import { firstLesson, type LessonStep } from '@spalo/coaching';
import { emptyHistory } from '@spalo/core/memory';
import { View } from 'react-native';
import { Button } from '../../../design/Button';
import { Card } from '../../../design/Card';
import { Icon } from '../../../design/Icon';
import { Sheet } from '../../../design/Sheet';
import { LoadingState } from '../../../design/States';
import { Body, Quiet, Strong } from '../../../design/Words';
import { useStyle } from '../../../parts/lesson/use-style';
import { loadReps } from '../../../parts/words/load-words';
import { attempt } from '../../../state/problems';
import { useLane, useLiftInHand } from '../scene/lane-scene';

const stands = { right: 'right', known: 'known from before', open: 'to come' } as const;

/** A step that is behind or ahead, in one line. */
function OtherStep({ step }: { step: LessonStep }) {
  const done = step.standing !== 'open';
  return (
    <View className="flex-row items-start gap-3 px-1">
      <Icon name={done ? 'check' : 'forward'} size={20} color={done ? 'moss' : 'slate'} />
      <View className="min-w-0 flex-1">
        <Body className={done ? 'text-slate' : ''}>{step.do}</Body>
        <Quiet>{stands[step.standing]}</Quiet>
      </View>
    </View>
  );
}

/** The step in hand: what to do, what right looks like, and whether it does. */
function StepInHand({ step, number, of }: { step: LessonStep; number: number; of: number }) {
  const { actions } = useLane();
  const { lift, state } = useLiftInHand();
  const drill = step.drillId === null ? undefined : findDrill(step.drillId);
  const tell = (right: boolean) =>
    attempt(() => actions.teachStep(lift.id, state.plan.styleId, step.id, right));
  return (
    <Card className="gap-3 border-l-8 border-l-marigold">
      <View className="gap-1" aria-live="polite">
        <Quiet>{`Step ${number} of ${of}`}</Quiet>
        <Strong className="text-lead">{step.do}</Strong>
        {drill && <Quiet>{drill.how}</Quiet>}
        <Body>{`Right when: ${step.right}`}</Body>
        {step.notYet > 0 && (
          <Quiet>
            {step.notYet === 1 ? 'Tried once, not yet' : `Tried ${step.notYet} times, not yet`}
          </Quiet>
        )}
      </View>
      <View className="flex-row gap-2">
        <Button label="Not yet" onPress={() => tell(false)} className="flex-1" />
        <Button kind="main" label="Looks right" onPress={() => tell(true)} className="flex-[2]" />
      </View>
    </Card>
  );
}

/** A first lesson on the floor: one step at a time, from the first drill to the first light set. */
export function TeachSheet() {
  const { lane, sheets } = useLane();
  const { lift, style: taught, state, next } = useLiftInHand();
  const style = useStyle(lift.id, taught.id, lane.client);
  const title = `${lift.name} · first time`;
  if (!style) {
    return (
      <Sheet title={title} open onClose={sheets.close}>
        <LoadingState what="the lesson" />
      </Sheet>
    );
  }
  const { steps, now } = firstLesson(style.teach, state, lane.client?.history ?? emptyHistory);
  const set =
    next.kind === 'step'
      ? loadReps(next.set.loadG, next.set.reps, lane.session.unit, state.plan.counted)
      : null;
  return (
    <Sheet title={title} open onClose={sheets.close}>
      {steps.map((step, at) =>
        step === now ? (
          <StepInHand key={step.id} step={step} number={at + 1} of={steps.length} />
        ) : (
          <OtherStep key={step.id} step={step} />
        ),
      )}
      {!now && <Body>{`All ${steps.length} steps look right. ${style.standard}`}</Body>}
      <Button
        kind={now ? 'plain' : 'main'}
        label={set ? `The first light set: ${set}` : 'Close'}
        onPress={sheets.close}
      />
    </Sheet>
  );
}
