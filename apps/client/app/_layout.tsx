import '../global.css';
import { AtkinsonHyperlegibleNext_400Regular } from '@expo-google-fonts/atkinson-hyperlegible-next/400Regular';
import { AtkinsonHyperlegibleNext_600SemiBold } from '@expo-google-fonts/atkinson-hyperlegible-next/600SemiBold';
import { BarlowCondensed_600SemiBold } from '@expo-google-fonts/barlow-condensed/600SemiBold';
import { useFonts } from 'expo-font';
import { Slot, usePathname } from 'expo-router';
import { useEffect } from 'react';
import { View } from 'react-native';
import { ApiProblem } from '@/api/call';
import { Button } from '@/design/Button';
import { EmptyState, ErrorState } from '@/design/States';
import { followSheetLink } from '@/parts/lane/sheet-link';
import { registerServiceWorker } from '@/shell/service-worker';
import { Shell } from '@/shell/Shell';
import { SignIn } from '@/shell/sign-in';
import { AccountContext } from '@/shell/use-signed-in';
import { WithFetched } from '@/shell/WithFetched';
import { holderOf, openJournal, openLastJournal } from '@/state/device';
import { useAccount } from '@/state/queries';
import { useSettings } from '@/state/settings';
import { useConnection, useJournalHolder } from '@/state/use-journal';
import { useSync } from '@/state/use-sync';
import { useSendFilms } from '@/state/film/use-send-films';

followSheetLink();

export default function Layout() {
  const theme = useSettings((state) => state.theme);
  useFonts({
    AtkinsonHyperlegibleNext_400Regular,
    AtkinsonHyperlegibleNext_600SemiBold,
    BarlowCondensed_600SemiBold,
  });
  useEffect(() => {
    document.documentElement.classList.toggle('dark', theme === 'dark');
  }, [theme]);
  useEffect(() => {
    void openLastJournal();
    void registerServiceWorker();
    // Asks the browser not to clear what is kept when space is short.
    void navigator.storage?.persist?.();
  }, []);
  return (
    <WithFetched>
      <Gate />
    </WithFetched>
  );
}

/** Where not even the shell can be drawn: what was logged rests on the device, and is there after a reload. */
export function ErrorBoundary() {
  return (
    <View role="main" className="flex-1 bg-paper p-4">
      <EmptyState
        icon="alert"
        title="Spalo cannot be shown"
        action={<Button label="Load it anew" onPress={() => window.location.reload()} />}
      >
        Something in it failed. What you logged is kept on this device.
      </EmptyState>
    </View>
  );
}

/** The sign-in until there is an account, then the shell with the screen in it. */
function Gate() {
  const path = usePathname();
  const holder = useJournalHolder();
  const connection = useConnection();
  const { data: account, error, isPending, refetch } = useAccount();
  const ready = account !== undefined && holder === holderOf(account);
  useEffect(() => {
    if (account) void openJournal(account);
  }, [account]);
  const signedOut = error instanceof ApiProblem && error.problem.status === 401;
  useSync(ready && !signedOut);
  useSendFilms(ready && !signedOut);
  // These are for nobody in particular.
  if (path === '/gallery' || path === '/join') return <Slot />;
  // One place for it, whoever found out first: what was typed into it stays.
  if (signedOut || connection === 'signed out') return <SignIn />;
  if (!account || !ready) {
    return isPending || account ? null : (
      <ErrorState what="The server cannot be reached" onRetry={() => void refetch()} />
    );
  }
  return (
    <AccountContext value={account}>
      <Shell account={account}>
        <Slot />
      </Shell>
    </AccountContext>
  );
}
