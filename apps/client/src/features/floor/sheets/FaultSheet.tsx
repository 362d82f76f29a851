import { amid } from '@spalo/core/unit';
import { capital } from '../../../design/sentence';
import { Button } from '../../../design/Button';
import { Card } from '../../../design/Card';
import { Sheet } from '../../../design/Sheet';
import { LoadingState } from '../../../design/States';
import { Quiet, Strong } from '../../../design/Words';
import { useStyle } from '../../../parts/lesson/use-style';
import { useLane, useLiftInHand } from '../scene/lane-scene';

/** A fault that was seen: its causes, likeliest first, how to tell them, and each remedy as a button. */
export function FaultSheet() {
  const { lane, actions, sheets } = useLane();
  const view = useLiftInHand();
  const style = useStyle(view.lift.id, view.style.id, lane.client);
  const fault = style?.faults.find(({ id }) => id === sheets.faultId);
  const title = view.style.faults.find(({ id }) => id === sheets.faultId)?.name ?? 'What helps';
  return (
    <Sheet title={title} open onClose={sheets.close}>
      {!style && <LoadingState what="what helps" />}
      {fault?.causes.map(({ cause, tell, remedies }) => (
        <Card key={cause} className="gap-2">
          <Strong>{cause}</Strong>
          <Quiet>{`You see: ${amid(tell)}`}</Quiet>
          {remedies.map((remedy) => {
            if (remedy.kind === 'cue') {
              const cue = style?.cues.find(({ id }) => id === remedy.cueId);
              return (
                cue && (
                  <Button
                    key={cue.id}
                    label={`Say: ${cue.text}`}
                    onPress={() => sheets.closing(() => actions.giveCue(view.lift.id, cue.id))}
                  />
                )
              );
            }
            const { kind, text } = remedy;
            const taken = { faultId: fault.id, kind, text };
            return (
              <Button
                key={text}
                label={`${capital(kind)}: ${text}`}
                onPress={() => sheets.closing(() => actions.takeRemedy(lane, view, taken))}
              />
            );
          })}
        </Card>
      ))}
    </Sheet>
  );
}
