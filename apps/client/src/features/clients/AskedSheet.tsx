import type { Account, Client } from '@spalo/contract';
import type { Lift } from '@spalo/core/lift';
import { EstimateSheet } from '../../parts/estimate/EstimateSheet';
import { OverrideSheet, type Closed } from '../../parts/client/OverrideSheet';

/** What the trainer asks about: a load, or why there is none. */
export type Asked = { lift: Lift; reps: number; rir: number } | { closed: Closed };

/** The answer to a tap on a load: what moved the estimate, or what closes it. Nothing while nothing is asked. */
export function AskedSheet({
  client,
  asked,
  account,
  onClose,
}: {
  client: Client;
  asked: Asked | null;
  account: Account;
  onClose: () => void;
}) {
  if (!asked) return null;
  return 'closed' in asked ? (
    <OverrideSheet
      client={client}
      closed={asked.closed}
      trainerId={account.trainer.id}
      onClose={onClose}
    />
  ) : (
    <EstimateSheet client={client} {...asked} account={account} onClose={onClose} />
  );
}
