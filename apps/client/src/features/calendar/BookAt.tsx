import type { Account } from '@spalo/contract';
import { useState } from 'react';
import { BookSheet } from '../../parts/booking/BookSheet';
import { ClientFinder } from '../../parts/client/ClientFinder';

/** A free hour: who comes, then the booking. `at`: when (ISO); null where that hour is not. */
export function BookAt({
  at,
  account,
  onClose,
}: {
  at: string | null;
  account: Account;
  onClose: () => void;
}) {
  const [clientId, setClient] = useState<string | null>(null);
  return clientId ? (
    <BookSheet clientId={clientId} account={account} at={at ?? undefined} onClose={onClose} />
  ) : (
    <ClientFinder title="Who comes?" onPick={({ id }) => setClient(id)} onClose={onClose} />
  );
}
