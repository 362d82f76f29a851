import type { LoadObstacle } from '@spalo/core/loading';
import type { Barbell, Room } from '@spalo/core/room';
import { massText, type Unit } from '@spalo/core/unit';
import { View } from 'react-native';
import { Banner } from '../../design/Banner';
import { Button } from '../../design/Button';
import { Choice } from '../../design/Choice';
import { dropText } from '../../design/load-text';
import { NotWorkedOut } from '../../design/NotWorkedOut';
import { Section } from '../../design/Section';
import { Quiet } from '../../design/Words';
import { useRoomUi } from '../../parts/room/use-room';
import { LoadAnswer } from './LoadAnswer';
import { LoadTarget } from './LoadTarget';
import { useLoader } from './use-loader';

const units = [
  { value: 'kg', label: 'kg' },
  { value: 'lb', label: 'lb' },
] as const;

function obstacleText(obstacle: LoadObstacle, bar: Barbell, unit: Unit): string {
  switch (obstacle.kind) {
    case 'below the bar':
      return `${bar.name} alone weighs ${massText(bar.massG, bar.unit)}`;
    case 'sleeve too short':
      return `The sleeve ends at ${bar.sleeveMm} mm: ${massText(obstacle.mostG, unit)} is the most`;
    case 'plates run out':
      return `All plates that fit are on at ${massText(obstacle.mostG, unit)}`;
    case 'plate without its pair':
      return `With a second ${massText(obstacle.plate.massG, obstacle.plate.unit)} plate it would be exact`;
    case 'too many loads':
      return 'Plates of so many odd masses make more loads than can be tried; others may lie closer';
  }
}

/** Any target on any bar: the loads round it, their plates, and what stands in the way. Two bars at once on request. */
export function Loader({
  room,
  bars,
  unit: studioUnit,
}: {
  room: Room;
  bars: readonly [Barbell, ...Barbell[]];
  unit: Unit;
}) {
  const { unit, switchUnit, two, setTwo, sameBar, first, second, answer, again } = useLoader(
    room,
    bars,
    studioUnit,
  );
  const { load } = useRoomUi();
  const { shown, obstacles, bothExact } = answer ?? { shown: [], obstacles: [], bothExact: null };
  const drop = shown[0] ? dropText(shown[0].found.build) : null;
  return (
    <Section title="Loader">
      <LoadTarget label={two ? 'First target' : 'Target'} bars={bars} unit={unit} target={first} />
      {two && <LoadTarget label="Second target" bars={bars} unit={unit} target={second} />}
      {sameBar && <Banner kind="wait" title="Choose two different bars" />}
      <NotWorkedOut what="the load" again={again} />
      {shown.map(({ title, bar, found, onBar }) => (
        <LoadAnswer
          key={title}
          title={title}
          load={found}
          onBar={onBar}
          unit={unit}
          onLoad={() => load(bar.id, found.loadG)}
        />
      ))}
      {obstacles.map((obstacle) => (
        <Banner key={obstacle.kind} kind="wait" title={obstacleText(obstacle, first.bar, unit)} />
      ))}
      <View className="flex-row flex-wrap items-center justify-between gap-2">
        <View className="w-32">
          <Choice label="Unit" options={units} value={unit} onChange={switchUnit} />
        </View>
        {bars.length > 1 && (
          <Button label={two ? 'One bar' : 'Two bars at once'} onPress={() => setTwo(!two)} />
        )}
      </View>
      {bothExact !== null && (
        <Quiet>
          {bothExact
            ? 'Both can stand loaded at the same time.'
            : 'From one stock, this is the nearest below for both together.'}
        </Quiet>
      )}
      {drop && <Banner title={drop} icon="alert" />}
    </Section>
  );
}
