import { ScrollView, View } from 'react-native';
import { Button } from '../../design/Button';
import { Section } from '../../design/Section';
import { Title } from '../../design/Words';
import { useSettings } from '../../state/settings';
import { pieces } from './pieces';

/** Each piece of the design system in each state, for looking and for tests. */
export function GalleryScreen() {
  const { theme, setTheme } = useSettings();
  return (
    <ScrollView role="main" className="flex-1 bg-paper" contentContainerClassName="gap-8 p-4">
      <View className="flex-row items-center justify-between gap-3">
        <Title>Gallery</Title>
        <Button
          label={theme === 'light' ? 'Dark theme' : 'Light theme'}
          onPress={() => setTheme(theme === 'light' ? 'dark' : 'light')}
        />
      </View>
      <View className="flex-row flex-wrap gap-8">
        {pieces.map(([name, states]) => (
          <View key={name} className="w-full max-w-[26rem]">
            <Section title={name}>{states}</Section>
          </View>
        ))}
      </View>
    </ScrollView>
  );
}
