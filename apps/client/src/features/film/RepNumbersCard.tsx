import type { RepNumbers } from '@spalo/core/film';
import { View } from 'react-native';
import { Card } from '../../design/Card';
import { Figure, Quiet } from '../../design/Words';

const cm = (mm: number) => `${mm < 0 ? '−' : ''}${Math.abs(mm / 10).toFixed(0)}`;

function One({ value, unit, name }: { value: string; unit: string; name: string }) {
  return (
    <View className="min-w-[5.5rem]">
      <View className="flex-row items-baseline gap-1">
        <Figure className="text-title leading-9">{value}</Figure>
        <Quiet>{unit}</Quiet>
      </View>
      <Quiet>{name}</Quiet>
    </View>
  );
}

/** What a rep was, in numbers. */
export function RepNumbersCard({ rep }: { rep: RepNumbers }) {
  // The mean holds the start and the end as well: in the middle a rep is slower than that only where it sticks.
  const sticks = rep.leastUp < rep.meanUp;
  return (
    <Card className="gap-3">
      <View className="flex-row flex-wrap gap-x-4 gap-y-3">
        <One value={cm(rep.travel)} unit="cm" name="travel" />
        <One value={cm(rep.driftAtBottom)} unit="cm" name="forward at the bottom" />
        <One value={rep.downS.toFixed(1)} unit="s" name="down" />
        <One value={rep.pauseS.toFixed(1)} unit="s" name="still" />
        <One value={rep.upS.toFixed(1)} unit="s" name="up" />
        <One value={(rep.meanUp / 1000).toFixed(2)} unit="m/s" name="up, mean" />
        {sticks && <One value={(rep.leastUp / 1000).toFixed(2)} unit="m/s" name="slowest midway" />}
      </View>
      {!sticks && <Quiet>No slow place midway.</Quiet>}
      {!rep.whole && <Quiet>The bar was hidden in this rep: its times and turn may be off.</Quiet>}
    </Card>
  );
}
