import { drills } from '@spalo/catalog';
import { View } from 'react-native';
import { Choice } from '../../design/Choice';
import { ChoiceField } from '../../design/ChoiceField';
import { Section } from '../../design/Section';
import { Quiet, Strong } from '../../design/Words';
import { useSettings } from '../../state/settings';

const raises = [
  { value: null, label: 'Whatever fits' },
  ...drills
    .filter((drill) => drill.job === 'raise')
    .map((drill) => ({ value: drill.id, label: drill.name })),
];
const minutes = [
  { value: null, label: 'By rule' },
  { value: 0, label: 'None' },
  { value: 3, label: '3 min' },
  { value: 5, label: '5 min' },
  { value: 10, label: '10 min' },
];
const hips = [
  { value: 'one leg', label: 'On one leg' },
  { value: 'band', label: 'With a band' },
] as const;
const rooms = [
  { value: false, label: 'Warm room' },
  { value: true, label: 'Cold room' },
];

/** How this trainer likes the general warm-up, whoever the client is. */
export function WarmUpTasteSection() {
  const { taste, setTaste } = useSettings();
  return (
    <Section title="General warm-up">
      <ChoiceField
        label="Warm up with"
        options={raises}
        value={taste.raise}
        onChange={(raise) => setTaste({ raise })}
        wrap
      />
      <View className="gap-1">
        <Strong>For</Strong>
        <Choice
          label="Minutes to raise"
          options={minutes}
          value={taste.raiseMinutes}
          onChange={(raiseMinutes) => setTaste({ raiseMinutes })}
          wrap
        />
        <Quiet>By rule: 5 min, longer for stiff, older or early clients and in a cold room.</Quiet>
      </View>
      <ChoiceField
        label="Hip activation"
        options={hips}
        value={taste.hips}
        onChange={(way) => setTaste({ hips: way })}
      />
      <Choice
        label="Room"
        options={rooms}
        value={taste.coldRoom}
        onChange={(coldRoom) => setTaste({ coldRoom })}
      />
    </Section>
  );
}
