import { blockNow } from '@spalo/coaching';
import { nextDay } from '@spalo/core/block';
import { nowIso } from '@spalo/core/unit';
import { useRouter } from 'expo-router';
import { Button } from '../../design/Button';
import { Section } from '../../design/Section';
import { Body } from '../../design/Words';
import type { KnownClient } from '../../state/resources/known-client';

/** The weeks that a client is in: where they stand, and the way to them. */
export function BlockSection({ client }: { client: KnownClient }) {
  const router = useRouter();
  const found = blockNow(client, nowIso());
  const next = found && nextDay(found.block, found.done);
  const last = client.blocks?.[0];
  return (
    <Section title="Block">
      <Body>
        {found && next
          ? `${found.block.name}: week ${next.week + 1} of ${found.block.weeks}, session ${next.day + 1} of ${found.block.days} is next.`
          : last
            ? `No block now. The last was ${last.name}.`
            : 'Sessions go on one by one. A block plans weeks on one strategy.'}
      </Body>
      <Button
        label={found ? 'Open the block' : last ? 'Plan the next block' : 'Plan a block'}
        icon="floor"
        onPress={() => router.push({ pathname: '/clients/[id]/block', params: { id: client.id } })}
      />
    </Section>
  );
}
