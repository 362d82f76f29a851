import { countText } from '@spalo/core/unit';
import type { RowNote } from '@spalo/coaching/import';
import { View } from 'react-native';
import { Choice } from '../../design/Choice';
import { Section } from '../../design/Section';
import { Body, Quiet, Strong } from '../../design/Words';
import type { Importing } from './use-import';

const SHOWN = 30;

function Rows({ notes }: { notes: readonly RowNote[] }) {
  return (
    <View>
      {notes.slice(0, SHOWN).map(({ row, column, message }, at) => (
        <View key={at} className="flex-row gap-3 border-b border-line py-1">
          <Strong className="w-16">{`${column}${row}`}</Strong>
          <Body className="min-w-0 flex-1">{message}</Body>
        </View>
      ))}
      {notes.length > SHOWN && <Quiet>{`and ${notes.length - SHOWN} more`}</Quiet>}
    </View>
  );
}

const faulty = [
  { value: false, label: 'Bring nothing in' },
  { value: true, label: 'Leave these rows out' },
] as const;
const doubtful = [
  { value: false, label: 'Leave them out' },
  { value: true, label: 'Bring them in' },
] as const;

/** The rows that cannot be read, with what is wrong with each, and those that look like slips. */
export function RowNotes({ importing }: { importing: Importing }) {
  const { view, withFaults, setWithFaults, withDoubts, setWithDoubts } = importing;
  if (!view) return null;
  const { faults, doubts } = view;
  return (
    <>
      {faults.length > 0 && (
        <Section title={`${countText(faults.length, 'row')} with a fault`}>
          <Rows notes={faults} />
          <Choice
            label="Rows with a fault"
            options={faulty}
            value={withFaults}
            onChange={setWithFaults}
          />
        </Section>
      )}
      {doubts.length > 0 && (
        <Section title={countText(doubts.length, 'doubtful row')}>
          <Rows notes={doubts} />
          <Choice
            label="Doubtful rows"
            options={doubtful}
            value={withDoubts}
            onChange={setWithDoubts}
          />
        </Section>
      )}
    </>
  );
}
