import type { OneTimeLink } from '@spalo/contract';
import { useState } from 'react';
import { Text, View } from 'react-native';
import { Button } from '../../design/Button';
import { Sheet } from '../../design/Sheet';
import { Body, Quiet } from '../../design/Words';
import { dayAndTime } from '../../parts/time/day-time';

/** In the fragment, which no server and no log ever sees. */
const addressOf = ({ token }: OneTimeLink) => `${window.location.origin}/join#${token}`;

/** A link that works once, shown to the owner who made it: here and never again. */
export function LinkSheet({
  link,
  name,
  zone,
  onClose,
}: {
  link: OneTimeLink;
  name: string;
  zone: string;
  onClose: () => void;
}) {
  const [copied, setCopied] = useState(false);
  const address = addressOf(link);
  // Only where the page came over HTTPS or from this machine.
  const clipboard = window.isSecureContext ? navigator.clipboard : undefined;
  return (
    <Sheet title={`Link for ${name}`} open onClose={onClose}>
      <Body>
        {link.kind === 'invitation'
          ? `Give this link to ${name} and to nobody else. With it they choose their password and are in.`
          : `Give this link to ${name} and to nobody else. With it they choose a new password; the old one ends then, and every browser is signed out.`}
      </Body>
      <View className="rounded-2xl border-2 border-line bg-card p-3">
        <Text
          selectable
          className="font-text text-body text-ink"
          style={{ wordBreak: 'break-all' } as object}
        >
          {address}
        </Text>
      </View>
      <Quiet>{`It works once, until ${dayAndTime(link.expiresAt, zone)}, and is not shown again.`}</Quiet>
      {clipboard && (
        <Button
          kind="main"
          label={copied ? 'Copied' : 'Copy the link'}
          onPress={() => void clipboard.writeText(address).then(() => setCopied(true))}
        />
      )}
    </Sheet>
  );
}
