import { listText } from '@spalo/core/unit';
import type { Account } from '@spalo/contract';
import type { ComponentType } from 'react';
import { Choice } from '../../design/Choice';
import { Section } from '../../design/Section';
import { Quiet } from '../../design/Words';
import { useTrainers } from '../../state/queries';
import { useSettings } from '../../state/settings';
import { CalendarSection } from './CalendarSection';
import { FilmSection } from './FilmSection';
import { FloorSection } from './FloorSection';
import { InviteSection } from './InviteSection';
import { OnThisDevice, useSentText } from './OnThisDevice';
import { PasswordSection } from './PasswordSection';
import { PhonesSection } from './PhonesSection';
import { RecordsSection } from './RecordsSection';
import { SafetySection } from './SafetySection';
import { ScriptsSection } from './ScriptsSection';
import { SignInsSection } from './SignInsSection';
import { ScreeningWordsSection, StudioSection } from './StudioSection';
import { TrainersSection } from './TrainersSection';
import { WarmUpTasteSection } from './WarmUpTasteSection';
import { YouSection } from './YouSection';

interface PartProps {
  account: Account;
}

/** A part of the settings: its row in the list, and what it opens. */
export interface SettingsPart {
  /** As it stands in the address. */
  id: string;
  title: string;
  of: 'your own' | 'the studio’s';
  ownersOnly?: boolean;
  /** What is set, or where nothing is set what the part is for, in a line. */
  Value: ComponentType<PartProps>;
  Screen: ComponentType<PartProps>;
}

const themes = [
  { value: 'light', label: 'Light' },
  { value: 'dark', label: 'Dark' },
] as const;

function Appearance() {
  const { theme, setTheme } = useSettings();
  return (
    <Section title="Appearance">
      <Choice label="Theme" options={themes} value={theme} onChange={setTheme} />
    </Section>
  );
}

/** A line that is the same for everybody. */
const says = (text: string) =>
  function Says() {
    return <Quiet>{text}</Quiet>;
  };

const OnFloorValue = () => {
  const hand = useSettings((state) => state.hand);
  return <Quiet>{`For the ${hand} hand`}</Quiet>;
};
const AppearanceValue = () => {
  const theme = useSettings((state) => state.theme);
  return <Quiet>{themes.find(({ value }) => value === theme)!.label}</Quiet>;
};
const SentValue = () => <Quiet>{useSentText()}</Quiet>;
const TrainersValue = () => {
  const { data: trainers = [] } = useTrainers();
  const names = trainers.filter(({ standing }) => standing !== 'left').map(({ name }) => name);
  return <Quiet>{listText(names)}</Quiet>;
};

/** All parts, in the order of the list. */
export const settingsParts: readonly SettingsPart[] = [
  {
    id: 'you',
    title: 'You',
    of: 'your own',
    Value: ({ account }) => <Quiet>{`${account.trainer.name}, ${account.trainer.role}`}</Quiet>,
    Screen: ({ account }) => (
      <>
        <YouSection account={account} />
        <PasswordSection />
        <SignInsSection zone={account.studio.zone} />
      </>
    ),
  },
  {
    id: 'appearance',
    title: 'Appearance',
    of: 'your own',
    Value: AppearanceValue,
    Screen: Appearance,
  },
  {
    id: 'floor',
    title: 'On the floor',
    of: 'your own',
    Value: OnFloorValue,
    Screen: () => (
      <>
        <FloorSection />
        <WarmUpTasteSection />
      </>
    ),
  },
  {
    id: 'calendar',
    title: 'Your calendar elsewhere',
    of: 'your own',
    Value: says('An address that other calendars read'),
    Screen: CalendarSection,
  },
  {
    id: 'device',
    title: 'On this device',
    of: 'your own',
    Value: SentValue,
    Screen: OnThisDevice,
  },
  {
    id: 'phones',
    title: 'On your phones',
    of: 'your own',
    Value: says('What works here, and the address for others'),
    Screen: PhonesSection,
  },
  {
    id: 'studio',
    title: 'Studio',
    of: 'the studio’s',
    Value: ({ account: { studio } }) => (
      <Quiet>{`${studio.name}, ${studio.unit}, ${studio.zone}`}</Quiet>
    ),
    Screen: StudioSection,
  },
  {
    id: 'trainers',
    title: 'Trainers',
    of: 'the studio’s',
    Value: TrainersValue,
    Screen: ({ account }) => (
      <>
        <TrainersSection account={account} />
        {account.trainer.role === 'owner' && <InviteSection zone={account.studio.zone} />}
      </>
    ),
  },
  {
    id: 'screening',
    title: 'Screening questions',
    of: 'the studio’s',
    ownersOnly: true,
    Value: says('Asked in your own words'),
    Screen: ScreeningWordsSection,
  },
  {
    id: 'films',
    title: 'Films',
    of: 'the studio’s',
    Value: says('How long they are kept'),
    Screen: FilmSection,
  },
  {
    id: 'records',
    title: 'Records in and out',
    of: 'the studio’s',
    Value: says('Import, export, archive'),
    Screen: RecordsSection,
  },
  {
    id: 'copies',
    title: 'Safety copies',
    of: 'the studio’s',
    Value: says('Copies of all that is kept'),
    Screen: SafetySection,
  },
  {
    id: 'scripts',
    title: 'Scripts',
    of: 'the studio’s',
    ownersOnly: true,
    Value: says('Read-only tokens for scripts'),
    Screen: ScriptsSection,
  },
];
