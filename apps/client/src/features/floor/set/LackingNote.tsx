import type { Lacking } from '@spalo/core/floor';
import { massNumber, type Grams, type Unit } from '@spalo/core/unit';
import { useContext } from 'react';
import { View } from 'react-native';
import { Chip } from '../../../design/Chip';
import { Strong } from '../../../design/Words';
import { Lanes } from '../scene/lanes';

/** Says who has the plates that a set needs, and offers the heaviest load that those left make. */
export function LackingNote({
  lacking,
  unit,
  onTake,
}: {
  lacking: Lacking;
  unit: Unit;
  onTake: (loadG: Grams) => void;
}) {
  const names = useContext(Lanes)
    .filter((lane) => lacking.sessionIds.includes(lane.session.id))
    .map((lane) => lane.name);
  const free = massNumber(lacking.freeG, unit);
  return (
    <View role="status" className="flex-row items-center justify-between gap-3">
      <Strong className="min-w-0 flex-1 text-small text-marigold-text">
        {`${names.join(' and ') || 'Another'} ${names.length > 1 ? 'have' : 'has'} the plates for it`}
      </Strong>
      <Chip
        label={`Take ${free}`}
        says={`Take ${free} ${unit}, with the plates that are free`}
        onPress={() => onTake(lacking.freeG)}
      />
    </View>
  );
}
