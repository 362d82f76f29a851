import { listText } from '@spalo/core/unit';
import { columnLetters, fields, type DayOrder, type Field } from '@spalo/coaching/import';
import { useState } from 'react';
import { Pressable, ScrollView, Text, View } from 'react-native';
import { Banner } from '../../design/Banner';
import { Choice } from '../../design/Choice';
import { ChoiceField } from '../../design/ChoiceField';
import { Section } from '../../design/Section';
import { Sheet } from '../../design/Sheet';
import { Quiet, Strong } from '../../design/Words';
import type { Importing } from './use-import';

const units = [
  { value: 'kg', label: 'Kilograms' },
  { value: 'lb', label: 'Pounds' },
] as const;
const marks = [
  { value: false, label: '62.5' },
  { value: true, label: '62,5' },
] as const;
const orders: readonly { value: DayOrder; label: string; says: string }[] = [
  { value: 'year first', label: '2025-05-03', says: 'Year, month, day' },
  { value: 'day first', label: '3/5/2025', says: 'Day, month, year' },
  { value: 'month first', label: '5/3/2025', says: 'Month, day, year' },
  { value: 'serial', label: '45780', says: 'Days as a spreadsheet counts them' },
];
const names: Record<Field, string> = {
  day: 'Day',
  client: 'Client',
  lift: 'Lift',
  load: 'Load',
  reps: 'Reps',
  sets: 'Number of sets',
  reserve: 'Reps in reserve',
  effort: 'Effort of ten',
  unit: 'Unit',
  warmUp: 'Warm-up',
  note: 'Note',
};

/** What a column is said to hold. */
function holds({ view }: Importing, column: number): string {
  const { columns, beside } = view!.reading;
  const field = fields.find((each) => columns[each] === column);
  if (field) return names[field];
  const lift = beside.find(({ load, reps }) => load === column || reps === column);
  if (!lift) return '';
  return lift.load === column ? (lift.reps === null ? 'Sets' : 'Load') : 'Reps';
}

/** Says what a column holds. */
function ColumnSheet({
  importing,
  column,
  onClose,
}: {
  importing: Importing;
  column: number;
  onClose: () => void;
}) {
  const { reading } = importing.view!;
  const taken = fields.find((field) => reading.columns[field] === column) ?? null;
  const choose = (field: Field | null) => {
    const columns = Object.fromEntries(
      Object.entries(reading.columns).filter(([key, at]) => at !== column && key !== field),
    );
    void importing.read({ columns: field ? { ...columns, [field]: column } : columns });
    onClose();
  };
  const options = [
    ...fields.map((value) => ({ value: value as Field | null, label: names[value] })),
    { value: null, label: 'Nothing that is needed' },
  ];
  return (
    <Sheet title={`Column ${columnLetters(column)}`} open onClose={onClose}>
      <Choice label="What it holds" options={options} value={taken} onChange={choose} wrap />
    </Sheet>
  );
}

/** The first rows as they stand in the file; a tap on a column's head says what it holds. */
function Sample({ importing }: { importing: Importing }) {
  const [column, setColumn] = useState<number | null>(null);
  const { sample, reading } = importing.view!;
  const width = Math.min(26, Math.max(...sample.map((row) => row.length)));
  return (
    <>
      <ScrollView horizontal role="group" aria-label="First rows of the file">
        <View className="flex-row">
          {Array.from({ length: width }, (_, at) => {
            const held = holds(importing, at);
            return (
              <View key={at} className="max-w-[11rem] border-r border-line">
                <Pressable
                  role="button"
                  aria-label={`Column ${columnLetters(at)}: ${held || 'not read'}`}
                  onPress={() => setColumn(at)}
                  className={`min-h-tap justify-center px-2 active:opacity-80 ${held ? 'bg-ink' : 'bg-card'}`}
                >
                  <Text className={`font-strong text-small ${held ? 'text-card' : 'text-slate'}`}>
                    {held || `${columnLetters(at)} · not read`}
                  </Text>
                </Pressable>
                {sample.slice(0, 8).map((row, line) => (
                  <Text
                    key={line}
                    numberOfLines={1}
                    className={`h-7 px-2 font-text text-small ${line < reading.skip ? 'text-slate' : 'text-ink'}`}
                  >
                    {row[at] ?? ''}
                  </Text>
                ))}
              </View>
            );
          })}
        </View>
      </ScrollView>
      {column !== null && (
        <ColumnSheet importing={importing} column={column} onClose={() => setColumn(null)} />
      )}
    </>
  );
}

/** How a file is read, as it was found out; each of it can be said otherwise. */
export function HowItIsRead({ importing }: { importing: Importing }) {
  const { guess, reading, rows, sets, passedOver, sheets, sheet } = importing.view!;
  const lacks = (['day', 'lift', 'load'] as const).filter(
    (field) =>
      reading.columns[field] === undefined && (field === 'day' || reading.beside.length === 0),
  );
  return (
    <Section title="How it is read">
      <Quiet>
        {`${rows} rows, ${sets} sets${passedOver > 0 ? `; ${passedOver} rows are no sets: titles, totals, remarks` : ''}.`}
      </Quiet>
      {sheets.length > 1 && (
        <View className="gap-1">
          <Strong>Sheet of the workbook</Strong>
          <Choice
            label="Sheet of the workbook"
            options={sheets.map((name, value) => ({ value, label: name || `Sheet ${value + 1}` }))}
            value={sheet}
            onChange={(at) => void importing.chooseSheet(at)}
            wrap
          />
        </View>
      )}
      {lacks.length > 0 && (
        <Banner
          kind="stop"
          title={`No column holds ${lacks.map((field) => `the ${names[field].toLowerCase()}`).join(' or ')}`}
        >
          Tap the head of the column that does.
        </Banner>
      )}
      {guess.planned.length > 0 && (
        <Quiet className="text-ink">
          {`Not taken, since it says what was asked and not what was done: ${listText(guess.planned)}.`}
        </Quiet>
      )}
      {guess.rivals.map(({ field, heads }) => (
        <Quiet key={field} className="text-oxide">
          {`${listText(heads)} may each hold the ${names[field].toLowerCase()}: the first is taken. Tap a head to take another.`}
        </Quiet>
      ))}
      <Sample importing={importing} />
      <View className="gap-1">
        <Strong>Loads are in</Strong>
        <Choice
          label="Loads are in"
          options={units}
          value={reading.unit}
          onChange={(unit) => void importing.read({ unit })}
        />
        {guess.unitUnsaid && <Quiet className="text-oxide">The file does not say.</Quiet>}
      </View>
      <View className="gap-1">
        <Strong>Days are written as</Strong>
        <Choice
          label="Days are written as"
          options={orders}
          value={reading.days}
          onChange={(days) => void importing.read({ days })}
          wrap
        />
        {guess.daysUnsure && (
          <Quiet className="text-oxide">They read as well in another order.</Quiet>
        )}
      </View>
      <ChoiceField
        label="Decimals are written as"
        options={marks}
        value={reading.comma}
        onChange={(comma) => void importing.read({ comma })}
      />
    </Section>
  );
}
