import type { Spot } from '@spalo/core/film';
import { createElement, useRef, type KeyboardEvent, type PointerEvent } from 'react';
import { View } from 'react-native';
import type { Shape } from './overlay';
import { Shapes } from './Shapes';
import type { Player } from './use-player';

/** A point of a tool that is set by hand. */
export interface Handle {
  id: string;
  says: string;
  at: Spot;
}

/** A thumb covers what it points at: points go this share of the way it goes, from wherever it was put down. */
const FINE = 0.6;

const cover = { position: 'absolute', inset: 0, touchAction: 'none', outlineOffset: -3 };

interface Drag {
  id: string;
  from: Spot;
  at: Spot;
}

/** A clip with what is drawn over it, and points that are moved by thumb, mouse or arrow keys. */
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
  const drag = useRef<Drag | null>(null);
  const taken = useRef(0);
  const place = ({ currentTarget, clientX, clientY }: PointerEvent<HTMLElement>): Spot => {
    const box = currentTarget.getBoundingClientRect();
    return {
      x: ((clientX - box.left) / box.width) * width,
      y: ((clientY - box.top) / box.height) * height,
    };
  };
  const clamped = ({ x, y }: Spot): Spot => ({
    x: Math.min(width, Math.max(0, x)),
    y: Math.min(height, Math.max(0, y)),
  });
  const onPointerDown = (event: PointerEvent<HTMLElement>) => {
    const from = place(event);
    const apart = ({ at }: Handle) => Math.hypot(at.x - from.x, at.y - from.y);
    const nearest = [...handles].sort((a, b) => apart(a) - apart(b))[0];
    if (!nearest) return;
    event.currentTarget.setPointerCapture(event.pointerId);
    taken.current = handles.indexOf(nearest);
    drag.current = { id: nearest.id, from, at: nearest.at };
  };
  const onPointerMove = (event: PointerEvent<HTMLElement>) => {
    const held = drag.current;
    if (!held) return;
    const to = place(event);
    onMove(
      held.id,
      clamped({
        x: held.at.x + FINE * (to.x - held.from.x),
        y: held.at.y + FINE * (to.y - held.from.y),
      }),
    );
  };
  const steps: Record<string, Spot> = {
    ArrowLeft: { x: -1, y: 0 },
    ArrowRight: { x: 1, y: 0 },
    ArrowUp: { x: 0, y: -1 },
    ArrowDown: { x: 0, y: 1 },
  };
  const onKeyDown = (event: KeyboardEvent<HTMLElement>) => {
    const step = steps[event.key];
    if (event.key === 'n') taken.current = (taken.current + 1) % Math.max(1, handles.length);
    const handle = handles[taken.current];
    if (!step || !handle) return;
    event.preventDefault();
    const by = unit * (event.shiftKey ? 10 : 1);
    onMove(handle.id, clamped({ x: handle.at.x + by * step.x, y: handle.at.y + by * step.y }));
  };
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
      {handles.length > 0 &&
        createElement('div', {
          role: 'application',
          tabIndex: 0,
          'aria-label': `Points on the picture: ${handles.map((handle) => handle.says).join(', ')}. Arrow keys move the one in hand, n takes the next.`,
          style: cover,
          onPointerDown,
          onPointerMove,
          onPointerUp: () => (drag.current = null),
          onPointerCancel: () => (drag.current = null),
          onKeyDown,
        })}
    </View>
  );
}
