import { View } from 'react-native';
import { IconButton } from './Button';
import { Figure, Quiet } from './Words';

/** A number with a button on each side; `less` and `more` are null at the ends. */
export function Stepper({
  label,
  value,
  unit,
  less,
  more,
}: {
  label: string;
  value: string;
  unit?: string;
  less: (() => void) | null;
  more: (() => void) | null;
}) {
  return (
    <View role="group" aria-label={label} className="gap-1">
      <Quiet>{label}</Quiet>
      <View className="flex-row flex-wrap items-center gap-3">
        <View className={less ? '' : 'opacity-40'}>
          <IconButton icon="minus" label={`Less: ${label}`} onPress={() => less?.()} />
        </View>
        <View
          className="min-w-[5rem] flex-row items-baseline justify-center gap-1"
          aria-live="polite"
        >
          <Figure className="text-large leading-[2.75rem]">{value}</Figure>
          {unit && <Quiet>{unit}</Quiet>}
        </View>
        <View className={more ? '' : 'opacity-40'}>
          <IconButton icon="plus" label={`More: ${label}`} onPress={() => more?.()} />
        </View>
      </View>
    </View>
  );
}
