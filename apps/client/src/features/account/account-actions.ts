import type { Account } from '@spalo/contract';
import { call } from '../../api/call';
import { sync } from '../../state/device';
import { queryClient } from '../../state/query-client';

/** Goes on as this trainer: what another had fetched is not theirs to see. */
export function enter(account: Account): void {
  const before = queryClient.getQueryData<Account>(['me']);
  if (before && before.studio.id !== account.studio.id) queryClient.clear();
  queryClient.setQueryData(['me'], account);
  sync.state.setState({ connection: 'connecting' });
}

/** Signs out on the server and forgets what was fetched; what waits to be sent stays on the device. */
export async function leave(): Promise<void> {
  await call('signOut', {});
  queryClient.clear();
  sync.state.setState({ connection: 'signed out' });
}
