import { platesOf, type Loadable } from '@spalo/core/room';
import { massNumber, massText, type Unit } from '@spalo/core/unit';
import { View } from 'react-native';
import { Button } from '../../design/Button';
import { Card } from '../../design/Card';
import { changeText, platesText } from '../../design/load-text';
import { LoadPicture } from '../../design/LoadPicture';
import { capital } from '../../design/sentence';
import { Figure, Quiet, Strong } from '../../design/Words';

/** One load that can be built: figure, picture, plates, and what to change from what is on now. */
export function LoadAnswer({
  title,
  load,
  onBar,
  unit,
  onLoad,
}: {
  title: string;
  load: Loadable;
  onBar: Loadable | null;
  unit: Unit;
  onLoad: () => void;
}) {
  const change = changeText(load.build, onBar?.build ?? null);
  const plates = platesOf(load.build);
  const isOn = onBar?.loadG === load.loadG;
  return (
    <Card now={isOn} className="gap-2">
      <View className="flex-row flex-wrap items-end justify-between gap-x-3">
        <Quiet className="shrink">{title}</Quiet>
        <View className="flex-row items-baseline gap-1">
          <Figure className="text-large leading-[2.75rem]">{massNumber(load.loadG, unit)}</Figure>
          <Quiet>{unit}</Quiet>
        </View>
      </View>
      <LoadPicture build={load.build} previous={onBar?.build ?? null} />
      <Quiet>{plates.length > 0 ? `${platesText(plates)} a side` : 'Nothing on it'}</Quiet>
      {isOn ? (
        <Strong>On the bar now</Strong>
      ) : (
        <>
          {change !== '' && <Strong className="text-marigold-text">{capital(change)}</Strong>}
          <Button label="Load it" says={`Load ${massText(load.loadG, unit)}`} onPress={onLoad} />
        </>
      )}
    </Card>
  );
}
