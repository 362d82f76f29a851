import type { OneTimeLink } from '@spalo/contract';
import { Sheet } from '../../design/Sheet';
import { Body } from '../../design/Words';
import { dayAndTime } from '../../parts/time/day-time';
import { SecretAddress } from './SecretAddress';

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
  return (
    <Sheet title={`Link for ${name}`} open onClose={onClose}>
      <Body>
        {link.kind === 'invitation'
          ? `Give this link to ${name} and to nobody else. With it they choose their password and are in.`
          : `Give this link to ${name} and to nobody else. With it they choose a new password; the old one ends then, and every browser is signed out.`}
      </Body>
      <SecretAddress
        address={addressOf(link)}
        says={`It works once, until ${dayAndTime(link.expiresAt, zone)}, and is not shown again.`}
        copy="Copy the link"
      />
    </Sheet>
  );
}
