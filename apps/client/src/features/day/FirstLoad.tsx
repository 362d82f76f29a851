import { amid } from '@spalo/core/unit';
import { findLift } from '@spalo/catalog';
import { buildOf } from '@spalo/core/floor';
import type { Room } from '@spalo/core/room';
import type { PlannedLift } from '@spalo/core/session';
import { View } from 'react-native';
import { LoadPicture } from '../../design/LoadPicture';
import { Strong } from '../../design/Words';

/** What to have ready: the plates of the first lift’s working sets, drawn as they are loaded. */
export function FirstLoad({ lift, room }: { lift: PlannedLift | undefined; room: Room }) {
  const step = lift?.steps.find(({ kind }) => kind === 'working');
  const build = lift && step ? buildOf(step, lift.implement, room, null) : null;
  if (!lift || !build) return null;
  return (
    <View className="gap-1">
      <Strong>{`To have ready: ${amid(findLift(lift.liftId)?.name ?? lift.liftId)}`}</Strong>
      <LoadPicture build={build} previous={null} />
    </View>
  );
}
