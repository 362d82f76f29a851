import type { PainStop } from '@spalo/core';
import { Banner } from '../../../design/Banner';
import { Button } from '../../../design/Button';
import { Body } from '../../../design/Words';
import { capital } from '../../../design/sentence';

/** The lift is over because of pain: what to do now, and a way back from a wrong tap. */
export function StopCard({
  stop,
  onWithdraw,
  onNext,
}: {
  stop: PainStop;
  onWithdraw: () => void;
  onNext: () => void;
}) {
  const why = capital(stop.why);
  return (
    <>
      <Banner kind="stop" title={`Stop this lift. ${why}.`}>
        <Body>
          {stop.redFlag
            ? 'Sit or lie down, stay with them. First aid; the emergency number when in doubt. A clinician before the next session.'
            : 'Put the load away and let it settle. No diagnosis here: if it stays or comes back, a clinician looks at it.'}
        </Body>
      </Banner>
      <Button kind="main" big label="Go to the next lift" onPress={onNext} />
      <Button label="That was a wrong tap" onPress={onWithdraw} />
    </>
  );
}
