import { View } from 'react-native';
import { Chip } from '../../../../design/Chip';
import { Body } from '../../../../design/Words';
import { attempt } from '../../../../state/problems';

/** Something that was stored, and the way to have it otherwise. */
export function Stored({
  text,
  word,
  says,
  onPress,
}: {
  text: string;
  word: string;
  /** Read out instead of the word. */
  says: string;
  onPress: () => Promise<unknown>;
}) {
  return (
    <View className="flex-row items-center justify-between gap-3">
      <Body className="shrink">{text}</Body>
      <Chip label={word} says={says} onPress={() => attempt(onPress)} />
    </View>
  );
}
