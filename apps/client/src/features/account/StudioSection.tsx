import { screeningQuestions } from '@spalo/catalog';
import { studioFacts, type Account, type StudioFacts } from '@spalo/contract';
import { useState } from 'react';
import { View } from 'react-native';
import { call } from '../../api/call';
import { Banner } from '../../design/Banner';
import { Button } from '../../design/Button';
import { Choice } from '../../design/Choice';
import { ChoiceField } from '../../design/ChoiceField';
import { Section } from '../../design/Section';
import { Sheet } from '../../design/Sheet';
import { TextField } from '../../design/TextField';
import { Body, Quiet, Strong } from '../../design/Words';
import { EMERGENCY } from '../../parts/client/use-emergency-number';
import { attempt } from '../../state/problems';
import { useRooms } from '../../state/queries';
import { queryClient } from '../../state/query-client';
import { offerBack } from '../../state/changes/take-back';

const units = [
  { value: 'kg', label: 'Kilograms' },
  { value: 'lb', label: 'Pounds' },
] as const;
const weeks = [
  { value: 1, label: 'Monday' },
  { value: 0, label: 'Sunday' },
  { value: 6, label: 'Saturday' },
] as const;
const views = [
  { value: 'all', label: 'All clients' },
  { value: 'own', label: 'Their own' },
] as const;
const FIRST = '';

/** What the studio sets for itself, as it stands. */
const factsOf = ({ studio }: Account): StudioFacts => ({
  name: studio.name,
  unit: studio.unit,
  zone: studio.zone,
  weekStart: studio.weekStart ?? 1,
  roomId: studio.roomId ?? null,
  bookingMinutes: studio.bookingMinutes ?? 60,
  emergencyNumber: studio.emergencyNumber ?? EMERGENCY,
  trainersSee: studio.trainersSee ?? 'all',
  screeningWords: studio.screeningWords ?? {},
});

const put = async (body: StudioFacts) => {
  queryClient.setQueryData(['me'], await call('putStudio', { body }));
};

/** Keeps what was changed, and offers what was before. */
const keep = (account: Account, change: Partial<StudioFacts>) =>
  attempt(async () => {
    const before = factsOf(account);
    await put({ ...before, ...change });
    offerBack({ says: 'The studio’s settings changed', back: () => put(before) });
  });

/** What is typed: name, zone, minutes, the number for help. */
function TypedFacts({ account }: { account: Account }) {
  const facts = factsOf(account);
  const [name, setName] = useState(facts.name);
  const [zone, setZone] = useState(facts.zone);
  const [minutes, setMinutes] = useState(String(facts.bookingMinutes));
  const [help, setHelp] = useState(facts.emergencyNumber);
  const typed = {
    ...facts,
    name,
    zone,
    bookingMinutes: Number(minutes),
    emergencyNumber: help,
  };
  const read = studioFacts.safeParse(typed);
  const wrong = (field: string) =>
    read.error?.issues.find(({ path }) => path[0] === field)?.message ?? null;
  const changed =
    name !== facts.name ||
    zone !== facts.zone ||
    minutes !== String(facts.bookingMinutes) ||
    help !== facts.emergencyNumber;
  return (
    <>
      <TextField
        label="Name of the studio"
        value={name}
        onChange={setName}
        max={80}
        problem={wrong('name')}
      />
      <TextField
        label="Time zone"
        value={zone}
        onChange={setZone}
        max={60}
        hint="As Europe/Berlin"
        problem={wrong('zone')}
      />
      <TextField
        label="A session is booked for, minutes"
        value={minutes}
        onChange={setMinutes}
        max={3}
        inputMode="numeric"
        problem={wrong('bookingMinutes')}
      />
      <TextField
        label="In an emergency, dial"
        value={help}
        onChange={setHelp}
        max={20}
        inputMode="tel"
        problem={wrong('emergencyNumber')}
      />
      {changed && read.success && (
        <Button label="Save these" onPress={() => keep(account, read.data)} />
      )}
    </>
  );
}

/** The studio: what it is called, how it writes loads and weeks, and where a device begins. An owner changes it. */
export function StudioSection({ account }: { account: Account }) {
  const { data: rooms = [] } = useRooms();
  const facts = factsOf(account);
  const roomOptions = [
    { value: FIRST, label: 'The first' },
    ...rooms.map(({ id, name }) => ({ value: id, label: name })),
  ];
  if (account.trainer.role !== 'owner') {
    return (
      <Section title="Studio">
        <Body>{`${facts.name}, ${facts.unit}, ${facts.zone}.`}</Body>
        <Quiet>An owner changes this.</Quiet>
      </Section>
    );
  }
  return (
    <Section title="Studio">
      <TypedFacts key={JSON.stringify(facts)} account={account} />
      <ChoiceField
        label="Loads are shown in"
        options={units}
        value={facts.unit}
        onChange={(unit) => keep(account, { unit })}
      />
      <ChoiceField
        label="Weeks begin on"
        options={weeks}
        value={facts.weekStart}
        onChange={(weekStart) => keep(account, { weekStart })}
      />
      <View className="gap-1">
        <Strong>Trainers see</Strong>
        <Choice
          label="Trainers see"
          options={views}
          value={facts.trainersSee}
          onChange={(trainersSee) => keep(account, { trainersSee })}
        />
        <Quiet>
          {facts.trainersSee === 'all'
            ? 'Every trainer sees and changes every client; screening answers are open to their own trainers only.'
            : 'A trainer sees and changes only clients they coach, and those bookings; owners all. Who coaches a client is said on their page.'}
        </Quiet>
      </View>
      {rooms.length > 1 && (
        <ChoiceField
          label="A device begins in"
          options={roomOptions}
          value={facts.roomId ?? FIRST}
          onChange={(id) => keep(account, { roomId: id === FIRST ? null : id })}
          wrap
        />
      )}
    </Section>
  );
}

/** The studio's own words for a screening question. */
function WordSheet({
  account,
  id,
  asks,
  onClose,
}: {
  account: Account;
  id: string;
  asks: string;
  onClose: () => void;
}) {
  const { screeningWords } = factsOf(account);
  const [text, setText] = useState(screeningWords[id] ?? asks);
  const take = (words: string | null) => {
    const { [id]: _before, ...others } = screeningWords;
    keep(account, { screeningWords: words === null ? others : { ...others, [id]: words } });
    onClose();
  };
  const empty = text.trim() === '';
  return (
    <Sheet title="In our own words" open onClose={onClose}>
      <Quiet>{`The question is: ${asks}`}</Quiet>
      <TextField
        label="As you ask it"
        value={text}
        onChange={setText}
        max={300}
        multiline
        problem={empty ? 'Fill this in' : null}
      />
      <Banner title="What a yes limits stays as it is: ask for the same." />
      <View className="flex-row flex-wrap gap-2">
        <Button kind="main" label="Save" disabled={empty} onPress={() => take(text.trim())} />
        {screeningWords[id] !== undefined && (
          <Button label="As it came" onPress={() => take(null)} />
        )}
      </View>
    </Sheet>
  );
}

/** How the studio asks the screening questions; what they mean is the same everywhere. */
export function ScreeningWordsSection({ account }: { account: Account }) {
  const [opened, setOpened] = useState<string | null>(null);
  const [shown, setShown] = useState(false);
  const { screeningWords } = factsOf(account);
  const question = screeningQuestions.find(({ id }) => id === opened);
  return (
    <Section title="Screening questions">
      <Body>
        {Object.keys(screeningWords).length > 0
          ? `${Object.keys(screeningWords).length} of ${screeningQuestions.length} are asked in your own words.`
          : 'They are asked as they came.'}
      </Body>
      <Button
        label={shown ? 'Close them' : 'Look at them'}
        says={shown ? 'Close the screening questions' : 'Look at the screening questions'}
        onPress={() => setShown(!shown)}
      />
      {shown &&
        screeningQuestions.map(({ id, asks }) => (
          <View
            key={id}
            className="flex-row items-center justify-between gap-3 border-b border-line pb-2"
          >
            <Body className="min-w-0 flex-1">{screeningWords[id] ?? asks}</Body>
            <Button
              label="Change"
              says={`Change the words of: ${screeningWords[id] ?? asks}`}
              onPress={() => setOpened(id)}
            />
          </View>
        ))}
      {question && <WordSheet account={account} {...question} onClose={() => setOpened(null)} />}
    </Section>
  );
}
