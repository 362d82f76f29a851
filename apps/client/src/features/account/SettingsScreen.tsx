import type { Account } from '@spalo/contract';
import { ScrollView, View } from 'react-native';
import { Banner } from '../../design/Banner';
import { Button } from '../../design/Button';
import { Chip } from '../../design/Chip';
import { Choice } from '../../design/Choice';
import { Section } from '../../design/Section';
import { useWide } from '../../design/use-wide';
import { Body, Quiet, Title } from '../../design/Words';
import { journal } from '../../state/device';
import { attempt } from '../../state/problems';
import { useSettings } from '../../state/settings';
import { useOutbox } from '../../state/use-journal';
import { InviteSection } from './InviteSection';
import { PasswordSection } from './PasswordSection';
import { SignInsSection } from './SignInsSection';
import { TrainersSection } from './TrainersSection';
import { RecordsSection } from './RecordsSection';
import { SafetySection } from './SafetySection';
import { ScriptsSection } from './ScriptsSection';
import { ScreeningWordsSection, StudioSection } from './StudioSection';
import { CalendarSection } from './CalendarSection';
import { HeldHere } from './HeldHere';
import { FilmSection } from './FilmSection';
import { FloorSection } from './FloorSection';
import { WarmUpTasteSection } from './WarmUpTasteSection';
import { YouSection } from './YouSection';

const themes = [
  { value: 'light', label: 'Light' },
  { value: 'dark', label: 'Dark' },
] as const;

/** What lies on this device, what waits to be sent, and what the server refused with its reason. */
function OnThisDevice() {
  const { waiting, refused } = useOutbox();
  return (
    <Section title="On this device">
      <Body>
        {waiting.length === 0
          ? refused.length === 0
            ? 'Everything has been sent.'
            : 'Nothing waits; what was refused stands below and has not been kept by the server.'
          : `${waiting.length} ${waiting.length === 1 ? 'thing waits' : 'things wait'} to be sent.`}
      </Body>
      {refused.map((entry) => (
        <Banner
          key={entry.id}
          kind="stop"
          title={`The server refused: ${entry.kind === 'event' ? entry.event.type : entry.change.route}`}
        >
          {entry.refusal ?? ''}
        </Banner>
      ))}
      {refused.length > 0 && (
        <Button label="Send these again" onPress={() => attempt(() => journal.retryRefused())} />
      )}
      <HeldHere />
    </Section>
  );
}

/** The parts of the settings, in their order: what is one's own, and what is the studio's. */
const parts = [
  [
    'You',
    'Password',
    'Your calendar elsewhere',
    'Signed in on',
    'Look',
    'On the floor',
    'General warm-up',
    'On this device',
  ],
  [
    'Studio',
    'Trainers',
    'Screening questions',
    'Films',
    'Records in and out',
    'Safety copies',
    'Scripts',
  ],
];

/** Those that only owners have. */
const OWNERS = ['Screening questions', 'Scripts'];

/** Brings a part of the settings before the eyes, and the keyboard to it. */
function goTo(title: string): void {
  const part = document.querySelector<HTMLElement>(`[role="region"][aria-label="${title}"]`);
  part?.setAttribute('tabindex', '-1');
  part?.scrollIntoView({ block: 'start' });
  part?.focus({ preventScroll: true });
}

/** The way to each part; the page is long. */
const Contents = ({ isOwner }: { isOwner: boolean }) => (
  <View role="navigation" aria-label="Parts of the settings" className="flex-row flex-wrap gap-2">
    {parts
      .flat()
      .filter((title) => isOwner || !OWNERS.includes(title))
      .map((title) => (
        <Chip key={title} label={title} says={`Go to ${title}`} onPress={() => goTo(title)} />
      ))}
  </View>
);

/** Account and studio; under the studio's name. Beside each other where there is room: what is one's own, and the studio's. */
export function SettingsScreen({ account }: { account: Account }) {
  const { theme, setTheme } = useSettings();
  const wide = useWide();
  const isOwner = account.trainer.role === 'owner';
  const column = wide ? 'min-w-0 flex-1 gap-8' : 'gap-8';
  return (
    <ScrollView className="flex-1" contentContainerClassName="max-w-[70rem] gap-6 p-4">
      <View>
        <Title>{account.studio.name}</Title>
        <Quiet>{`${account.studio.unit} · ${account.studio.zone}`}</Quiet>
      </View>
      <Contents isOwner={isOwner} />
      <View className={wide ? 'flex-row gap-10' : 'gap-8'}>
        <View className={column}>
          <YouSection account={account} />
          <PasswordSection />
          <CalendarSection account={account} />
          <SignInsSection zone={account.studio.zone} />
          <Section title="Look">
            <Choice label="Theme" options={themes} value={theme} onChange={setTheme} />
          </Section>
          <FloorSection />
          <WarmUpTasteSection />
          <OnThisDevice />
        </View>
        <View className={column}>
          <StudioSection account={account} />
          <TrainersSection account={account} />
          {isOwner && <InviteSection zone={account.studio.zone} />}
          {isOwner && <ScreeningWordsSection account={account} />}
          <FilmSection account={account} />
          <RecordsSection account={account} />
          <SafetySection account={account} />
          {isOwner && <ScriptsSection account={account} />}
        </View>
      </View>
    </ScrollView>
  );
}
