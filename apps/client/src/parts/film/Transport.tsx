import { View } from 'react-native';
import { Button } from '../../design/Button';
import type { Player } from './use-player';

const speeds = [
  { value: 0.25, label: '¼', says: 'A quarter of the speed' },
  { value: 0.5, label: '½', says: 'Half the speed' },
  { value: 1, label: '1×', says: 'As fast as it was' },
];

/** One picture of the films that phones make, seconds. */
const FRAME_S = 1 / 30;

/** Plays a clip, slowly or picture by picture. */
export function Transport({ player }: { player: Player }) {
  const at = Math.max(
    0,
    speeds.findIndex(({ value }) => value === player.speed),
  );
  const speed = speeds[at]!;
  return (
    <View className="flex-row flex-wrap items-center gap-2">
      <Button
        kind="now"
        label={`${player.playing ? 'Stop' : 'Play'} · ${player.t.toFixed(2)} s`}
        says={player.playing ? 'Stop' : 'Play'}
        onPress={player.playing ? player.pause : player.play}
        className="min-w-[9rem] flex-1"
      />
      <Button label="‹" says="Back one frame" onPress={() => player.seek(player.t - FRAME_S)} />
      <Button label="›" says="Forward one frame" onPress={() => player.seek(player.t + FRAME_S)} />
      <Button
        label={speed.label}
        says={`${speed.says}; tap for another`}
        onPress={() => player.setSpeed(speeds[(at + 1) % speeds.length]!.value)}
        className="w-16"
      />
    </View>
  );
}
