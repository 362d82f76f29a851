import { amid } from '@spalo/core/unit';
import { useState } from 'react';
import { Banner } from '../../../design/Banner';
import { Button } from '../../../design/Button';
import { Sheet } from '../../../design/Sheet';
import { ErrorState, LoadingState } from '../../../design/States';
import { Body } from '../../../design/Words';
import { StyleFigure, StylesForBody } from '../../../parts/body/Figures';
import { Checklist } from '../../../parts/lesson/Checklist';
import { ticksOf } from '../../../parts/lane/ticks';
import { useLesson } from '../../../parts/lesson/use-lesson';
import { useStyle } from '../../../parts/lesson/use-style';
import { useLane, useLiftInHand } from '../scene/lane-scene';
import { StyleChoice } from './StyleChoice';

/** The set-up checklist of the lift, ticked with this client in front of you. */
export function ChecklistSheet() {
  const { lane, actions, sheets } = useLane();
  const { lift, style: taught, state } = useLiftInHand();
  const { ticked, tick } = ticksOf(state, actions);
  const [drawn, setDrawn] = useState(false);
  const { lesson, failed, again } = useLesson(lift.id);
  const style = useStyle(lift.id, taught.id, lane.client);
  return (
    <Sheet title={`${lift.name} · ${amid(taught.name)}`} open onClose={sheets.close}>
      <StyleChoice />
      {failed && <ErrorState what="The lesson could not be fetched" onRetry={again} />}
      {!style && !failed && <LoadingState what="the lesson" />}
      {style && (
        <>
          {style.position && !drawn && (
            <Button
              label={`Draw it for ${lane.name}`}
              onPress={() => setDrawn(true)}
              className="self-start"
            />
          )}
          {drawn && <StyleFigure style={style} {...(lane.client && { client: lane.client })} />}
          {lane.client && lesson && <StylesForBody client={lane.client} styles={lesson.styles} />}
          <Body>{`${ticked.length} of ${style.checkpoints.length} seen with ${lane.name}.`}</Body>
          <Checklist style={style} ticked={ticked} onTick={tick} />
        </>
      )}
      {lesson?.cautions.map((caution) => (
        <Banner key={caution} title={caution} icon="alert" />
      ))}
    </Sheet>
  );
}
