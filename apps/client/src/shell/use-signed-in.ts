import type { Account } from '@spalo/contract';
import { createContext, useContext } from 'react';

/** Who is signed in, below the shell. */
export const AccountContext = createContext<Account | null>(null);

export function useSignedIn(): Account {
  const account = useContext(AccountContext);
  if (!account) throw new Error('useSignedIn is used outside the shell');
  return account;
}
