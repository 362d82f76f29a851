import type { Barbell } from '@spalo/core/room';
import { massText, type Unit } from '@spalo/core/unit';
import { View } from 'react-native';
import { IconButton } from '../../design/Button';
import { Choice } from '../../design/Choice';
import { TextField } from '../../design/TextField';
import type { LoaderTarget } from './use-loader';

/** A bar and a target, typed or dialled by the loads that exist. */
export function LoadTarget({
  label,
  bars,
  unit,
  target,
}: {
  label: string;
  bars: readonly Barbell[];
  unit: Unit;
  target: LoaderTarget;
}) {
  return (
    <View className="gap-3">
      <View className="flex-row items-end gap-2">
        <IconButton
          icon="minus"
          label={`${label}: next load down`}
          onPress={() => target.step(-1)}
        />
        <View className="min-w-0 flex-1">
          <TextField
            label={`${label}, ${unit}`}
            value={target.text}
            onChange={target.setText}
            max={8}
            inputMode="decimal"
            problem={target.typedG === null ? `A number in ${unit}, up to 2,000` : null}
          />
        </View>
        <IconButton icon="plus" label={`${label}: next load up`} onPress={() => target.step(1)} />
      </View>
      <Choice
        label={`${label}: bar`}
        options={bars.map((each) => ({
          value: each.id,
          label: `${each.name} ${massText(each.massG, each.unit)}`,
        }))}
        value={target.bar.id}
        onChange={target.setBar}
        wrap
      />
    </View>
  );
}
