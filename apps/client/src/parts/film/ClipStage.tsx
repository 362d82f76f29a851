import { pathPoints, type Clip } from '@spalo/core/session';
import { useMemo } from 'react';
import { View } from 'react-native';
import { pathShapes, unitOf } from './overlay';
import { Stage } from './Stage';
import { Transport } from './Transport';
import { usePlayer } from './use-player';

/** A clip that is played, with the bar's path over it where it was followed. */
export function ClipStage({
  clip,
  url,
  highest,
  says,
}: {
  clip: Clip;
  url: string;
  highest: number;
  says: string;
}) {
  const { width, height, followed, ms } = clip;
  const player = usePlayer(ms / 1000);
  const unit = unitOf(clip);
  const path = useMemo(() => (followed ? pathPoints(followed.path) : []), [followed]);
  const now = { from: 0, to: player.t, t: player.t };
  return (
    <View className="gap-2">
      <Stage
        url={url}
        player={player}
        width={width}
        height={height}
        shapes={followed ? pathShapes(followed.view, path, now, unit) : []}
        handles={[]}
        onMove={() => undefined}
        unit={unit}
        highest={highest}
        says={says}
      />
      <Transport player={player} />
    </View>
  );
}
