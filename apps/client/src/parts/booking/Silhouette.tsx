import { liftById } from '@spalo/catalog';
import type { LoadsDraft } from '@spalo/core/planning';
import { View } from 'react-native';

/** How high each kind of lift stands: what tires most is highest. */
const HEIGHT = { small: 0.35, press: 0.6, squat: 0.85, 'floor-pull': 1 } as const;

/** A session as ground that climbs: a step a lift, as wide as its sets and as high as what it asks for. */
export function Silhouette({ draft, faint = false }: { draft: LoadsDraft; faint?: boolean }) {
  return (
    <View aria-hidden className="absolute inset-0 flex-row items-end overflow-hidden rounded-xl">
      {draft.lifts.map(({ liftId, sets }) => (
        <View
          key={liftId}
          className={faint ? 'bg-line' : 'bg-coming'}
          style={{
            flexGrow: sets,
            flexBasis: 0,
            height: `${HEIGHT[liftById(liftId).restClass] * 100}%`,
          }}
        />
      ))}
    </View>
  );
}
