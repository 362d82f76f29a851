import type { Spot } from '@spalo/core/film';
import { createElement } from 'react';
import { View } from 'react-native';
import type { Shape } from './overlay';
import { Shapes } from './Shapes';
import { useDrag, type Handle } from './use-drag';
import type { Player } from './use-player';

const cover = { position: 'absolute', inset: 0, touchAction: 'none', outlineOffset: -3 };

/** What lies over the picture and takes thumbs, mouse and arrow keys. */
function Plane(props: Parameters<typeof useDrag>[0]) {
  const heard = useDrag(props);
  const names = props.handles.map((handle) => handle.says).join(', ');
  return createElement('div', {
    role: 'application',
    tabIndex: 0,
    'aria-label': `Points on the picture: ${names}. Arrow keys move the one in hand, n takes the next.`,
    style: cover,
    ...heard,
  });
}

/** A clip with what is drawn over it, and points that are moved by hand. */
export function Stage({
  url,
  player,
  width,
  height,
  shapes,
  handles,
  onMove,
  unit,
  highest,
  says,
}: {
  url: string;
  player: Player;
  width: number;
  height: number;
  shapes: readonly Shape[];
  handles: readonly Handle[];
  onMove: (id: string, at: Spot) => void;
  /** Pixels of the clip that look as one of the screen. */
  unit: number;
  /** The picture is no higher than this, pixels of the screen. */
  highest: number;
  says: string;
}) {
  return (
    <View
      className="self-center overflow-hidden rounded-2xl bg-ink dark:bg-line"
      style={{ width: '100%', maxWidth: (highest * width) / height, aspectRatio: width / height }}
    >
      {createElement('video', {
        ref: player.ref,
        src: url,
        muted: true,
        playsInline: true,
        preload: 'auto',
        'aria-label': says,
        style: { width: '100%', height: '100%', display: 'block' },
      })}
      <Shapes width={width} height={height} shapes={shapes} unit={unit} />
      {handles.length > 0 && (
        <Plane width={width} height={height} unit={unit} handles={handles} onMove={onMove} />
      )}
    </View>
  );
}
