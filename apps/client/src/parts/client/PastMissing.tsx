import { Banner } from '../../design/Banner';
import type { KnownClient } from '../../state/resources/known-client';

/** Says that what a client did before is not on this device; nothing where it is. */
export function PastMissing({ client }: { client: KnownClient }) {
  if (client.past !== 'missing') return null;
  return (
    <Banner kind="wait" title="Earlier sessions are not on this device">
      {`The network is needed once to fetch them. Until then the weights for ${client.calledName || client.name} are careful ones, as for someone new.`}
    </Banner>
  );
}
