import type { Account } from '@spalo/contract';
import { lazy, Suspense, useEffect, type ReactNode } from 'react';
import { View } from 'react-native';
import { useStore } from 'zustand';
import { clockText, deviceClock } from '../api/device-clock';
import { Banner } from '../design/Banner';
import { Button } from '../design/Button';
import { AnewContext } from '../design/Guard';
import { RemSensor } from '../design/RemSensor';
import { useHandHeld } from '../design/use-hand';
import { useSpaceKey } from '../design/use-space-key';
import { useWide } from '../design/use-wide';
import { useProblem } from '../state/problems';
import { useOwnLifts } from '../state/queries';
import { onFetched } from '../state/query-client';
import { learnStudio } from '../state/learn-studio';
import { TeachingContext } from '../state/use-teaching';
import { useSignedIn } from '../state/signed-in';
import { useSettings } from '../state/settings';
import { useAhead } from '../state/use-ahead';
import { Nav } from './Nav';
import { RestBell } from './RestBell';
import { useNewVersion } from './service-worker';
import { Shortcuts } from './Shortcuts';
import { SignedInNotice } from './SignedInNotice';
import { SyncNotice } from './SyncNotice';
import { TakeBackBar } from './TakeBackBar';

const InsecureNotice = lazy(async () => ({
  default: (await import('./InsecureNotice')).InsecureNotice,
}));

/** What stands around every screen: navigation, what waits to be sent, and what went wrong. */
export function Shell({ account, children }: { account: Account; children: ReactNode }) {
  const wide = useWide();
  const apply = useNewVersion((state) => state.apply);
  const problem = useProblem((state) => state.problem);
  const newSignIn = useSignedIn(({ heard }) => heard?.trainerId === account.trainer.id);
  const aheadMs = useStore(deviceClock, (state) => state.aheadMs);
  // Before any screen asks for a lift.
  const own = useOwnLifts();
  learnStudio(own, account.studio.zone);
  useAhead();
  useSpaceKey();
  const hand = useSettings((state) => state.hand);
  useEffect(() => useHandHeld.setState({ hand }), [hand]);
  const studio = account.studio.name;
  return (
    <View className={`min-h-0 flex-1 bg-paper ${wide ? 'flex-row' : ''}`}>
      {wide && <Nav wide studio={studio} />}
      <View role="main" className="min-h-0 min-w-0 flex-1">
        <Suspense fallback={null}>{!window.isSecureContext && <InsecureNotice />}</Suspense>
        <SyncNotice studio={studio} />
        {(apply || problem || newSignIn || aheadMs !== null) && (
          <View className="gap-2 px-4 pt-2">
            {aheadMs !== null && (
              <Banner kind="stop" title={`The clock of this device is ${clockText(aheadMs)}`}>
                What is logged bears its time. Set the clock, so that sessions stay in their order.
              </Banner>
            )}
            {problem && <Banner kind="stop" title={problem} />}
            {newSignIn && <SignedInNotice trainerId={account.trainer.id} />}
            {apply && (
              <Banner
                title="A new version is here"
                action={<Button label="Reload" onPress={apply} />}
              >
                Nothing that you logged is lost.
              </Banner>
            )}
          </View>
        )}
        <AnewContext value={onFetched}>
          <TeachingContext value={own}>{children}</TeachingContext>
        </AnewContext>
        <TakeBackBar />
      </View>
      {!wide && <Nav wide={false} studio={studio} />}
      <Shortcuts />
      <RestBell />
      <RemSensor />
    </View>
  );
}
