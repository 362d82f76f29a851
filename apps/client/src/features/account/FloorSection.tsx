import { ChoiceField } from '../../design/ChoiceField';
import { Section } from '../../design/Section';
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
      <ChoiceField
        label="When a rest is over"
        options={tells}
        value={taken}
        onChange={setTells}
        wrap
        hint="Of your own clients, whichever screen is open. Not every device can vibrate."
      />
      <ChoiceField label="Held with" options={hands} value={hand} onChange={setHand} />
    </Section>
  );
}
