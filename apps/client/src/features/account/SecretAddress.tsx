import { useState } from 'react';
import { Text, View } from 'react-native';
import { Button } from '../../design/Button';
import { Quiet } from '../../design/Words';

/** An address that is shown once, to be handed over or copied; `copy` names the button. */
export function SecretAddress({
  address,
  says,
  copy,
}: {
  address: string;
  /** How long it works and for whom. */
  says: string;
  copy: string;
}) {
  const [copied, setCopied] = useState(false);
  // Only where the page came over HTTPS or from this machine.
  const clipboard = window.isSecureContext ? navigator.clipboard : undefined;
  return (
    <>
      <View className="rounded-2xl bg-card p-3">
        <Text
          selectable
          className="font-text text-body text-ink"
          style={{ wordBreak: 'break-all' } as object}
        >
          {address}
        </Text>
      </View>
      <Quiet>{says}</Quiet>
      {clipboard && (
        <Button
          kind="main"
          label={copied ? 'Copied' : copy}
          onPress={() => void clipboard.writeText(address).then(() => setCopied(true))}
        />
      )}
    </>
  );
}
