import { countText } from '@spalo/core/unit';
import { useEffect, useState } from 'react';
import { View } from 'react-native';
import { Button } from '../../design/Button';
import { Quiet } from '../../design/Words';
import { useRemembered } from '../../state/import/remembered';
import { useFileWays } from '../../state/film/film-files';
import { useHeldBlocks, useSessions } from '../../state/use-journal';

/** How much room the browser says that all of this takes, MB; null where it does not say. */
function useTakenMb(): number | null {
  const [taken, setTaken] = useState<number | null>(null);
  useEffect(() => {
    void navigator.storage
      ?.estimate()
      .then(({ usage }) => setTaken(usage === undefined ? null : usage / 1e6));
  }, []);
  return taken;
}

/** What lies on this device. */
export function HeldHere() {
  const sessions = useSessions();
  const blocks = useHeldBlocks();
  const films = Object.values(useFileWays((state) => state.ways));
  const { files, forget } = useRemembered();
  const taken = useTakenMb();
  const megabytes = films.reduce((sum, { bytes }) => sum + bytes, 0) / 1e6;
  const kinds = Object.keys(files).length;
  const held = [
    countText(sessions.size, 'session'),
    countText(blocks.size, 'block'),
    ...(films.length > 0
      ? [
          `${countText(films.length, 'film or still', 'films and stills')} (${megabytes.toFixed(1)} MB)`,
        ]
      : []),
  ];
  return (
    <View className="gap-2">
      <Quiet>
        {`Here: ${held.join(', ')}${taken === null ? '' : `; ${taken.toFixed(0)} MB in all, with the app itself`}. What the server has goes when you sign out.`}
      </Quiet>
      {kinds > 0 && (
        <>
          <Quiet>{`How ${countText(kinds, 'kind')} of spreadsheet were read is remembered here.`}</Quiet>
          <Button label="Forget how spreadsheets were read" onPress={forget} />
        </>
      )}
    </View>
  );
}
