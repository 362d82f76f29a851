import { byTheRule, cutShort, liftLeft, type CutSession } from '@spalo/core/time';
import { generalSeconds } from '@spalo/core/warm-up';
import { countedSets } from '@spalo/core/session';
import { countText } from '@spalo/core/unit';
import { useState } from 'react';
import { View } from 'react-native';
import { Button } from '../../../design/Button';
import { Sheet } from '../../../design/Sheet';
import { Stepper } from '../../../design/Stepper';
import { useNow } from '../../../design/use-now';
import { Body, Quiet, Strong } from '../../../design/Words';
import { askedNow } from '../../../parts/lane/asked-now';
import { stepsAhead, type LiftView } from '../../../parts/lane/lift-view';
import { paceHere } from '../../../parts/session/pace-here';
import { minutesText } from '../../../parts/words/ramp-words';
import { useLane } from '../scene/lane-scene';
import { generalToDo, liftsToDo, useEnds } from '../scene/time-left';

const MINUTE_MS = 60_000;
const STEP = 5;

/** Minutes that are left of what was booked, or of an hour; never below one step. */
function useMinutesLeft(): number {
  const { endsMs } = useEnds();
  return Math.max(STEP, Math.round((endsMs - useNow(false)) / MINUTE_MS));
}

/** What becomes of a lift, in words. */
function becomes({ lift, state }: LiftView, { leftOut, sets }: CutSession): string {
  if (leftOut.includes(lift.id)) return 'left out';
  const count = sets.get(lift.id) ?? 0;
  return countedSets(state).length > 0
    ? `${countText(count, 'set')} more`
    : countText(count, 'set');
}

/** Ends the session on time: what to leave out for the minutes that are left, and one tap to do so. */
export function CutShort() {
  const { lane, account, actions, sheets } = useLane();
  const booked = useMinutesLeft();
  const [chosen, setMinutes] = useState<number | null>(null);
  const minutes = chosen ?? booked;
  const views = liftsToDo(lane);
  const generalS = generalSeconds(generalToDo(lane));
  const pace = lane.client ? paceHere(lane.client, account.trainer.id) : byTheRule;
  const toDo = views.map((view) =>
    liftLeft(
      view.state.plan,
      { ahead: stepsAhead(view), begun: countedSets(view.state).length > 0 },
      lane.room,
      pace,
    ),
  );
  const cut = cutShort(toDo, minutes * 60 - generalS);
  const shorter = views.filter(({ lift }, at) => {
    const { sets } = toDo[at]!;
    return (cut.sets.get(lift.id) ?? sets) < sets;
  });
  const takesS = generalS + cut.seconds;
  const isSame = shorter.length === 0 && cut.leftOut.length === 0;
  const cutIt = () =>
    sheets.closing(async () => {
      for (const view of shorter) {
        const done = countedSets(view.state, 'working').length;
        const sets = done + cut.sets.get(view.lift.id)!;
        await actions.askToday(lane, view, { ...askedNow(view), sets });
      }
      if (cut.leftOut.length > 0) await actions.skipLifts(lane, cut.leftOut, true);
    });
  return (
    <Sheet title={`Cut short for ${lane.name}`} open onClose={sheets.close}>
      <Stepper
        label="Minutes left"
        value={String(minutes)}
        unit="min"
        less={minutes > STEP ? () => setMinutes(Math.max(STEP, minutes - STEP)) : null}
        more={() => setMinutes(minutes + STEP)}
      />
      <View role="list" aria-label="What is still to do" className="gap-2">
        {views.map((view) => (
          <View role="listitem" key={view.lift.id} className="flex-row justify-between gap-3">
            <Strong className="shrink">{view.lift.name}</Strong>
            <Body>{becomes(view, cut)}</Body>
          </View>
        ))}
      </View>
      <Quiet aria-live="polite">
        {takesS > minutes * 60
          ? `That still takes about ${minutesText(takesS)}: no lift that is begun is left out, nor the first.`
          : `That takes about ${minutesText(takesS)}${generalS > 0 ? ', the general warm-up included' : ''}.`}
      </Quiet>
      {isSame ? (
        <Body>All of it fits.</Body>
      ) : (
        <Button kind="main" big label="Cut it short" onPress={cutIt} />
      )}
      <Button label="Back" onPress={() => sheets.open('more')} />
    </Sheet>
  );
}
