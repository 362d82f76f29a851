import { countText } from '@spalo/core/unit';
import { Banner } from '../../design/Banner';
import { Button } from '../../design/Button';
import { Section } from '../../design/Section';
import { Body } from '../../design/Words';
import { journal } from '../../state/device';
import { attempt } from '../../state/problems';
import { useOutbox, useUntold } from '../../state/use-journal';
import { entryWords } from './entry-words';
import { HeldHere } from './HeldHere';

/** Whether all of this device has reached the server, in words. */
export function useSentText(): string {
  const { waiting, refused } = useOutbox();
  if (waiting.length > 0)
    return `${countText(waiting.length, 'thing waits', 'things wait')} to be sent.`;
  return refused.length === 0
    ? 'Everything has been sent.'
    : 'Nothing waits; what was refused has not been kept by the server.';
}

/** What lies on this device, what waits to be sent, and what the server refused with its reason. */
export function OnThisDevice() {
  const { refused } = useOutbox();
  const sent = useSentText();
  const untold = useUntold();
  return (
    <Section title="On this device">
      <Body>{sent}</Body>
      {refused.map((entry) => (
        <Banner key={entry.id} kind="stop" title={`The server refused ${entryWords(entry)}`}>
          {entry.refusal ?? ''}
        </Banner>
      ))}
      {refused.length > 0 && (
        <Button label="Send these again" onPress={() => attempt(() => journal.retryRefused())} />
      )}
      {untold > 0 && (
        <Banner icon="alert" title={`${untold} of the sessions and blocks here cannot be shown`}>
          They are kept as they are, and sent. A newer version may read them.
        </Banner>
      )}
      <HeldHere />
    </Section>
  );
}
