import { percentText } from '@spalo/core/unit';
import type { OneTimeLink } from '@spalo/contract';
import { useState } from 'react';
import { View } from 'react-native';
import { call } from '../../api/call';
import { sendFile } from '../../api/fetch-file';
import { Banner } from '../../design/Banner';
import { Button } from '../../design/Button';
import { Body, Quiet } from '../../design/Words';
import { pickFile } from '../../state/pick-file';

interface Brought {
  studioName: string;
  owner: { name: string; email: string };
  link: OneTimeLink;
}

/** How often the server is asked how far it is. */
const ASK_MS = 1000;

/** How much of the archive is in, in words; null before it is being brought in, and where nobody answers. */
async function bringingIn(): Promise<string | null> {
  const share = await call('setup', {}).then(
    (setup) => setup.bringingIn,
    () => null,
  );
  return share ? `${percentText(share)} is brought in` : null;
}

/** On an empty Spalo: a studio comes back from its archive, and its owner chooses a new password. */
export function FromArchive({ code }: { code: string }) {
  const [says, setSays] = useState<string | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const [brought, setBrought] = useState<Brought | null>(null);
  const choose = async () => {
    const file = await pickFile('.gz,application/gzip');
    if (!file) return;
    setProblem(null);
    setSays('It is being sent');
    const asking = setInterval(
      () => void bringingIn().then((said) => said && setSays(said)),
      ASK_MS,
    );
    try {
      const share = (done: number) =>
        setSays(done < 1 ? `${percentText(done)} is sent` : 'It is being brought in');
      setBrought(
        (await sendFile('/setup/archive', file, share, {
          'X-Spalo-Code': code,
        })) as Brought,
      );
    } catch (error) {
      setProblem(error instanceof Error ? error.message : 'That did not work');
    } finally {
      clearInterval(asking);
      setSays(null);
    }
  };
  if (brought) {
    return (
      <View className="gap-3">
        <Banner title={`${brought.studioName} is here`}>
          {`Passwords are in no archive. ${brought.owner.name} (${brought.owner.email}) chooses a new one, and invites the others from the settings.`}
        </Banner>
        <Button
          kind="main"
          big
          label="Choose the password"
          onPress={() => window.location.assign(`/join#${brought.link.token}`)}
        />
      </View>
    );
  }
  return (
    <View className="gap-2 border-t border-line pt-4">
      <Body>Or a whole studio comes back from its archive.</Body>
      {problem && <Banner kind="stop" title={problem} />}
      <Button label="From an archive" disabled={says !== null} onPress={() => void choose()} />
      {says && <Quiet role="status">{says}</Quiet>}
    </View>
  );
}
