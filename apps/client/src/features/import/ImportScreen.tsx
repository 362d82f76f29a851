import { countText } from '@spalo/core/unit';
import type { Account } from '@spalo/contract';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { ScrollView, View } from 'react-native';
import { Banner } from '../../design/Banner';
import { Button, IconButton } from '../../design/Button';
import { Section } from '../../design/Section';
import { LoadingState } from '../../design/States';
import { TextField } from '../../design/TextField';
import { useWide } from '../../design/use-wide';
import { Body, Quiet, Strong, Title } from '../../design/Words';
import { pickFile } from '../../state/pick-file';
import { attempt } from '../../state/problems';
import { HowItIsRead } from './HowItIsRead';
import { RowNotes } from './RowNotes';
import { useImport, type Importing } from './use-import';
import { FirstSets } from './FirstSets';
import { WhatIsMeant } from './WhatIsMeant';

const MOST_BYTES = 20_000_000;
/** What is offered to choose from; what another file is, is said when it is opened. */
const FILES =
  '.xlsx,.csv,.tsv,.txt,.xls,.ods,.html,text/csv,text/tab-separated-values,text/plain,text/html';

/** Chooses a file, or takes its text. */
function ChooseFile({ importing }: { importing: Importing }) {
  const [text, setText] = useState('');
  const [pasting, setPasting] = useState(false);
  const choose = () =>
    attempt(async () => {
      const file = await pickFile(FILES);
      if (!file) return;
      if (file.size > MOST_BYTES) throw new Error('The file is larger than 20 MB');
      await importing.open(file.name, await file.arrayBuffer());
    });
  return (
    <View className="gap-3">
      <Body>
        Any spreadsheet with days, lifts, loads and reps: a workbook (.xlsx), CSV, or text with
        tabs. One row a set or one row a day, kilograms or pounds, any order of days. Nothing is
        kept before you have seen how it is read.
      </Body>
      <View className="flex-row flex-wrap gap-2">
        <Button
          kind={importing.view ? 'plain' : 'main'}
          label={importing.view ? 'Another file' : 'Choose a file'}
          onPress={choose}
        />
        <Button label="Paste its text" onPress={() => setPasting(!pasting)} />
      </View>
      {pasting && (
        <>
          <TextField
            label="The text of the file"
            value={text}
            onChange={setText}
            max={5_000_000}
            multiline
          />
          <Button
            label="Read this"
            disabled={text.trim() === ''}
            onPress={() => void importing.open('pasted', new TextEncoder().encode(text).buffer)}
          />
        </>
      )}
    </View>
  );
}

/** How much is new, and the way to bring it in. */
function BringIn({ importing, onDone }: { importing: Importing; onDone: () => void }) {
  const { view, count, busy, withFaults } = importing;
  if (!view) return null;
  const blocked = view.faults.length > 0 && !withFaults;
  if (view.sets === 0) {
    return <Banner kind="stop" title="Nothing can be brought in: no row reads as a set" />;
  }
  return (
    <Section title="Bring in">
      {blocked && (
        <Banner
          kind="stop"
          title={`Nothing is brought in while ${countText(view.faults.length, 'row has a fault', 'rows have faults')}`}
        >
          Say above how the file is to be read, mend it, or leave these rows out.
        </Banner>
      )}
      {count && (
        <Strong>
          {count.already > 0
            ? `${count.added} new; ${count.already} are here already`
            : `${count.added} new`}
        </Strong>
      )}
      <Quiet>
        They count as old records of unknown cleanness: weak evidence for loads, and no session. The
        same file twice adds nothing.
      </Quiet>
      <View className="flex-row flex-wrap gap-2">
        {!count && (
          <Button
            kind="main"
            label="Check before importing"
            disabled={busy || blocked}
            onPress={() => void importing.check()}
          />
        )}
        {count && (
          <Button
            kind="main"
            label={count.added === 0 ? 'Nothing is new' : `Bring in ${count.added} sets`}
            disabled={busy || count.added === 0}
            onPress={() => void importing.bring(onDone)}
          />
        )}
      </View>
    </Section>
  );
}

/** Brings sets in from any spreadsheet: how it is read, what its names mean, what is doubtful, and then all of it at once. */
export function ImportScreen({ account }: { account: Account }) {
  const router = useRouter();
  const wide = useWide();
  const importing = useImport(account);
  const { view, busy, problem } = importing;
  const column = wide ? 'min-w-0 flex-1 gap-6' : 'gap-6';
  const toSettings = () => router.push('/settings?part=records');
  return (
    <ScrollView className="flex-1" contentContainerClassName="max-w-[80rem] gap-6 p-4">
      <View className="flex-row items-center gap-3">
        <IconButton icon="back" label="Back to the settings" onPress={toSettings} />
        <Title className="min-w-0 shrink">Sets from a spreadsheet</Title>
      </View>
      <ChooseFile importing={importing} />
      {problem && <Banner kind="stop" title={problem} />}
      {busy && !view && <LoadingState what="the file" />}
      {view && (
        <View className={wide ? 'flex-row gap-8' : 'gap-6'}>
          <View className={column}>
            <HowItIsRead importing={importing} />
            <FirstSets importing={importing} account={account} />
          </View>
          <View className={column}>
            <WhatIsMeant importing={importing} />
            <RowNotes importing={importing} />
            <BringIn importing={importing} onDone={toSettings} />
          </View>
        </View>
      )}
    </ScrollView>
  );
}
