import type { Account } from '@spalo/contract';
import { useState } from 'react';
import { fetchFile } from '../../api/fetch-file';
import { Banner } from '../../design/Banner';
import { Button } from '../../design/Button';
import { Section } from '../../design/Section';
import { useNow } from '../../design/use-now';
import { Body, Quiet, Strong } from '../../design/Words';
import { useSafetyCopies } from '../../parts/files/use-safety-copies';
import { clockTime, shortDate } from '../../parts/time/day-time';
import { downloadBlob, fileName } from '../../state/download';

const DAY_MS = 24 * 3600 * 1000;
/** A good copy older than this is old. */
const OLD_DAYS = 3;

/** The whole studio as one file, for its owners. */
function Archive({ account }: { account: Account }) {
  const [says, setSays] = useState<string | null>(null);
  const save = async () => {
    setSays('It is being made');
    try {
      const blob = await fetchFile('/archive', ({ come }) =>
        setSays(`${(come / 1e6).toFixed(1)} MB so far`),
      );
      downloadBlob(`spalo-${fileName(account.studio.name)}.ndjson.gz`, blob);
      setSays('Saved. It can be brought into an empty Spalo from its first page.');
    } catch (error) {
      setSays(error instanceof Error ? error.message : 'That did not work');
    }
  };
  return (
    <>
      <Body>
        The whole studio as one file: clients, sessions, films, rooms, everything but passwords. It
        holds the answers to health questions, so saving it is recorded as an opening of each.
      </Body>
      <Button label="Save the whole studio" onPress={() => void save()} />
      {says && <Quiet role="status">{says}</Quiet>}
    </>
  );
}

/** When the database was last copied and the copy proven. */
function Copies({ zone }: { zone: string }) {
  const now = useNow(false);
  const { data: copies } = useSafetyCopies();
  if (!copies) return null;
  const at = (iso: string) => `${shortDate(iso, zone, now)}, ${clockTime(iso, zone)}`;
  const good = copies.find(
    ({ verifiedAt, removedAt }) => verifiedAt !== null && removedAt === null,
  );
  const [newest] = copies;
  const kept = copies.filter(({ removedAt }) => removedAt === null);
  const old = !good || now - Date.parse(good.takenAt) > OLD_DAYS * DAY_MS;
  return (
    <>
      {good ? (
        <Strong>{`Last good copy: ${at(good.takenAt)}`}</Strong>
      ) : (
        <Strong>There is no good copy</Strong>
      )}
      <Quiet>
        {good
          ? `${(good.bytes / 1e6).toFixed(1)} MB, restored beside and compared ${at(good.verifiedAt!)}; ${kept.length} kept, each for at most five weeks.`
          : 'Copies are made by whoever runs Spalo: once a day as it is installed, or by npm run backup.'}
      </Quiet>
      {good && (
        <Quiet>
          {kept.every(({ sealed }) => sealed)
            ? 'Sealed: nobody reads them without the key.'
            : 'Not sealed: whoever holds the disk that they lie on can read them. A key seals them (SPALO_COPY_KEY).'}
        </Quiet>
      )}
      {old && good && (
        <Banner kind="stop" title="The last good copy is more than three days old">
          Tell whoever runs Spalo.
        </Banner>
      )}
      {newest && newest.problem !== '' && (
        <Banner kind="stop" title={`The newest copy is not sound: ${newest.problem}`}>
          Tell whoever runs Spalo.
        </Banner>
      )}
    </>
  );
}

/** How safe the studio's records are, and the way to have them oneself. */
export function SafetySection({ account }: { account: Account }) {
  return (
    <Section title="Safety copies">
      <Copies zone={account.studio.zone} />
      {account.trainer.role === 'owner' && <Archive account={account} />}
    </Section>
  );
}
