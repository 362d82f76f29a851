import type { Client } from '@spalo/contract';
import type { Stop } from '@spalo/core/floor';
import { closedText } from '@spalo/core/words';
import { Banner } from '../../../design/Banner';
import { Button } from '../../../design/Button';
import { Body } from '../../../design/Words';
import { capital } from '../../../design/sentence';
import { callNumber, EmergencyCall } from '../../../parts/client/EmergencyCall';
import { useEmergencyNumber } from '../../../parts/client/use-emergency-number';

/** The session is over: whom to call. The way out is below, in the thumb's reach. */
function SessionStop({ client }: { client: Client | undefined }) {
  const number = useEmergencyNumber();
  return (
    <>
      <Button
        kind="stop"
        big
        icon="alert"
        label={`Call ${number}`}
        says="Call the emergency number"
        onPress={() => callNumber(number)}
      />
      <EmergencyCall client={client} />
    </>
  );
}

/** The lift is over because of pain, or the whole session: what to do now, and a way back from a wrong tap. */
export function StopCard({
  stop,
  client,
  onWithdraw,
  onNext,
}: {
  stop: Stop;
  client: Client | undefined;
  onWithdraw: (painId: string) => void;
  onNext: () => void;
}) {
  const { report, redFlag } = stop;
  return (
    <>
      <Banner
        kind="stop"
        title={`Stop ${redFlag ? 'the session' : 'this lift'}. ${capital(closedText(stop.why))}.`}
      >
        <Body>
          {redFlag
            ? 'Sit or lie down, stay with them. First aid; the emergency number when in doubt. No loaded work until a clinician has cleared it.'
            : 'Put the load away and let it settle. No diagnosis here: if it stays or comes back, a clinician looks at it.'}
        </Body>
      </Banner>
      {redFlag ? (
        <SessionStop client={client} />
      ) : (
        <Button kind="main" big label="Go to the next lift" onPress={onNext} />
      )}
      {report && <Button label="That was a wrong tap" onPress={() => onWithdraw(report.id)} />}
    </>
  );
}
