import { View } from 'react-native';
import { Button } from '../design/Button';
import { Strong } from '../design/Words';
import { forgetBack, useTakeBack } from '../state/changes/take-back';
import { attempt } from '../state/problems';

/** What was stored a moment ago, read out once, with the way back in the thumb's reach. */
export function TakeBackBar() {
  const latest = useTakeBack();
  const undo = (back: () => Promise<unknown>) =>
    attempt(async () => {
      await back();
      forgetBack();
    });
  return (
    <View role="status" aria-live="polite">
      {latest && (
        <View className="flex-row items-center justify-between gap-3 border-t border-line bg-paper px-4 py-2">
          <Strong className="min-w-0 flex-1 text-small">{latest.says}</Strong>
          <Button
            label="Undo"
            says={`Undo: ${latest.says}`}
            icon="undo"
            onPress={() => undo(latest.back)}
          />
        </View>
      )}
    </View>
  );
}
