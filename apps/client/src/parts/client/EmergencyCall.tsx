import type { Client } from '@spalo/contract';
import { Linking } from 'react-native';
import { Button } from '../../design/Button';
import { Body } from '../../design/Words';

/** The number in what was written of whom to call, or null. */
const numberIn = (contact: string): string | null =>
  /\+?\d[\d ()/-]{4,}\d/.exec(contact)?.[0] ?? null;

/** Calls a number by the device. */
export const callNumber = (number: string) =>
  void Linking.openURL(`tel:${number.replace(/[^+\d]/g, '')}`);

/** Whom to call for a client: a button where a number was written, else what was written. */
export function EmergencyCall({
  client,
}: {
  client: Pick<Client, 'emergencyContact'> | undefined;
}) {
  const contact = client?.emergencyContact ?? '';
  const number = numberIn(contact);
  if (number) return <Button label={`Call ${contact}`} onPress={() => callNumber(number)} />;
  return (
    <Body>{contact ? `Emergency contact: ${contact}` : 'No emergency contact is recorded.'}</Body>
  );
}
