import type { Account, ImportRow } from '@spalo/contract';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { Button } from '../../design/Button';
import { Section } from '../../design/Section';
import { Sheet } from '../../design/Sheet';
import { useNow } from '../../design/use-now';
import { Body, Quiet, Strong } from '../../design/Words';
import { FilesSheet } from '../../parts/files/FilesSheet';
import { shortDate } from '../../parts/time/day-time';
import { takeImportBack, useImports } from '../../state/import/imports';
import { attempt } from '../../state/problems';
import { useTrainers } from '../../state/queries';

/** Asks once more, and takes an import back. */
function TakeBackSheet({ row, onClose }: { row: ImportRow; onClose: () => void }) {
  const take = () =>
    attempt(async () => {
      await takeImportBack(row.id);
      onClose();
    });
  return (
    <Sheet title="Take it back" open onClose={onClose}>
      <Body>{`The ${row.brought} sets that “${row.fileName}” brought go, and loads are worked out without them. The file can be brought in again.`}</Body>
      <Button kind="stop" label={`Take ${row.brought} sets back`} onPress={take} />
    </Sheet>
  );
}

/** Records that come in from spreadsheets, and go out as files. */
export function RecordsSection({ account }: { account: Account }) {
  const router = useRouter();
  const now = useNow(false);
  const { data: trainers = [] } = useTrainers();
  const { data: imports = [] } = useImports();
  const [saving, setSaving] = useState(false);
  const [taking, setTaking] = useState<ImportRow | null>(null);
  const nameOf = (id: string) => trainers.find((each) => each.id === id)?.name ?? 'somebody';
  return (
    <Section title="Records in and out">
      <View className="flex-row flex-wrap gap-2">
        <Button label="Sets from a spreadsheet" onPress={() => router.push('/import')} />
        <Button label="Save records as a file" onPress={() => setSaving(true)} />
      </View>
      {imports.map((row) => (
        <View
          key={row.id}
          className="flex-row items-center justify-between gap-3 border-b border-line pb-2"
        >
          <View className="min-w-0 shrink">
            <Strong numberOfLines={2}>{row.fileName}</Strong>
            <Quiet>
              {`${row.brought} sets, ${shortDate(row.madeAt, account.studio.zone, now)}, ${nameOf(row.madeBy)}`}
            </Quiet>
          </View>
          <Button
            label="Take it back"
            says={`Take ${row.fileName} back`}
            onPress={() => setTaking(row)}
          />
        </View>
      ))}
      {saving && <FilesSheet onClose={() => setSaving(false)} />}
      {taking && <TakeBackSheet row={taking} onClose={() => setTaking(null)} />}
    </Section>
  );
}
