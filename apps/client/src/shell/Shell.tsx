import type { Account } from '@spalo/contract';
import type { ReactNode } from 'react';
import { View } from 'react-native';
import { Banner } from '../design/Banner';
import { Button } from '../design/Button';
import { useWide } from '../design/use-wide';
import { useProblem } from '../state/problems';
import { useConnection } from '../state/use-journal';
import { SignIn } from './sign-in';
import { Nav } from './Nav';
import { useNewVersion } from './service-worker';
import { Shortcuts } from './Shortcuts';
import { SyncNotice } from './SyncNotice';

/** What stands around every screen: navigation, what waits to be sent, and what went wrong. */
export function Shell({ account, children }: { account: Account; children: ReactNode }) {
  const wide = useWide();
  const apply = useNewVersion((state) => state.apply);
  const problem = useProblem((state) => state.problem);
  const connection = useConnection();
  if (connection === 'signed out') return <SignIn />;
  const studio = account.studio.name;
  return (
    <View className={`min-h-0 flex-1 bg-paper ${wide ? 'flex-row' : ''}`}>
      {wide && <Nav wide studio={studio} />}
      <View role="main" className="min-h-0 min-w-0 flex-1">
        <SyncNotice studio={studio} wide={wide} />
        {(apply || problem) && (
          <View className="gap-2 px-4 pt-2">
            {problem && <Banner kind="stop" title={problem} />}
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
        {children}
      </View>
      {!wide && <Nav wide={false} studio={studio} />}
      <Shortcuts />
    </View>
  );
}
