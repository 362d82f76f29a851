import type { Account } from '@spalo/contract';
import { call } from '../../api/call';
import { useFloorUi } from '../../parts/lane/floor-ui';
import { holderOf, journal, sync } from '../../state/device';
import { forgetAllFetched, queryClient } from '../../state/query-client';

/** Goes on as this trainer: what another had fetched is not theirs to see. */
export async function enter(account: Account): Promise<void> {
  const before = queryClient.getQueryData<Account>(['me']);
  if (before && holderOf(before) !== holderOf(account)) await forgetAllFetched();
  if (journal.state.getState().holder !== holderOf(account)) journal.close();
  // An answer to who was signed in a moment ago must not come after this one.
  await queryClient.cancelQueries({ queryKey: ['me'] });
  queryClient.setQueryData(['me'], account);
  sync.state.setState({ connection: 'connecting' });
}

/** Signs out on the server and forgets all that it has; what waits to be sent stays on the device, for this account alone. */
export async function leave(): Promise<void> {
  await call('signOut', {});
  await journal.forgetSent();
  journal.close();
  useFloorUi.getState().forgetAll();
  // The sign-in may be there already, as soon as anything was answered 401: it rests on the set-up.
  await forgetAllFetched(new Set(['me', 'setup']));
  // Last, for this is what shows the sign-in: nobody signs in while something is still being forgotten.
  await queryClient.resetQueries({ queryKey: ['me'] });
  sync.state.setState({ connection: 'signed out' });
}
