import { View } from 'react-native';
import { Choice } from '../../design/Choice';
import { ChoiceField } from '../../design/ChoiceField';
import { Section } from '../../design/Section';
import { Quiet, Strong } from '../../design/Words';
import { useSettings } from '../../state/settings';

const tells = [
  { value: 'both', label: 'Sound and vibration' },
  { value: 'sound', label: 'Sound' },
  { value: 'vibration', label: 'Vibration' },
  { value: 'neither', label: 'Neither' },
] as const;
const hands = [
  { value: 'right', label: 'Right thumb' },
  { value: 'left', label: 'Left thumb' },
] as const;

/** How the floor is held and how it calls, on this device. */
export function FloorSection() {
  const { hand, setHand, tells: taken, setTells } = useSettings();
  return (
    <Section title="On the floor">
      <View className="gap-1">
        <Strong>When a rest is over</Strong>
        <Choice
          label="When a rest is over"
          options={tells}
          value={taken}
          onChange={setTells}
          wrap
        />
        <Quiet>Of your own clients, whichever screen is open. Not every device can vibrate.</Quiet>
      </View>
      <ChoiceField label="Held with" options={hands} value={hand} onChange={setHand} />
    </Section>
  );
}
