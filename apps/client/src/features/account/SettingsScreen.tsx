import type { Account } from '@spalo/contract';
import { ScrollView, View } from 'react-native';
import { Banner } from '../../design/Banner';
import { Button } from '../../design/Button';
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
import { CalendarSection } from './CalendarSection';
import { FilmSection } from './FilmSection';
import { FloorSection } from './FloorSection';
import { WarmUpTasteSection } from './WarmUpTasteSection';
import { YouSection } from './YouSection';

const themes = [
  { value: 'light', label: 'Light' },
  { value: 'dark', label: 'Dark' },
] as const;

/** What waits to be sent, and what the server refused with its reason. */
function Outbox() {
  const { waiting, refused } = useOutbox();
  return (
    <Section title="On this device">
      <Body>
        {waiting.length === 0
          ? 'Everything has been sent.'
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
    </Section>
  );
}

/** Account and studio; under the studio's name. Beside each other where there is room: what is one's own, and the studio's. */
export function SettingsScreen({ account }: { account: Account }) {
  const { theme, setTheme } = useSettings();
  const wide = useWide();
  const column = wide ? 'min-w-0 flex-1 gap-6' : 'gap-6';
  return (
    <ScrollView className="flex-1" contentContainerClassName="max-w-[70rem] gap-6 p-4">
      <View>
        <Title>{account.studio.name}</Title>
        <Quiet>{`${account.studio.unit} · ${account.studio.zone}`}</Quiet>
      </View>
      <View className={wide ? 'flex-row gap-10' : 'gap-6'}>
        <View className={column}>
          <YouSection account={account} />
          <PasswordSection />
          <CalendarSection account={account} />
          <SignInsSection zone={account.studio.zone} />
          <Outbox />
        </View>
        <View className={column}>
          <Section title="Look">
            <Choice label="Theme" options={themes} value={theme} onChange={setTheme} />
          </Section>
          <FloorSection />
          <WarmUpTasteSection />
          <FilmSection account={account} />
          <TrainersSection account={account} />
          {account.trainer.role === 'owner' && <InviteSection zone={account.studio.zone} />}
        </View>
      </View>
    </ScrollView>
  );
}
