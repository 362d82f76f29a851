import type { Spot } from '@spalo/core/film';
import { useState, type KeyboardEvent, type PointerEvent } from 'react';

/** A point of a tool that is set by hand. */
export interface Handle {
  id: string;
  says: string;
  at: Spot;
}

/** A thumb covers what it points at: points go this share of the way it goes, from wherever it was put down. */
const FINE = 0.6;

const steps: Record<string, Spot> = {
  ArrowLeft: { x: -1, y: 0 },
  ArrowRight: { x: 1, y: 0 },
  ArrowUp: { x: 0, y: -1 },
  ArrowDown: { x: 0, y: 1 },
};

interface Drag {
  id: string;
  from: Spot;
  at: Spot;
}

/** Points on a picture that are moved by thumb, mouse or arrow keys: what the plane over the picture listens to. */
export function useDrag({
  width,
  height,
  unit,
  handles,
  onMove,
}: {
  width: number;
  height: number;
  unit: number;
  handles: readonly Handle[];
  onMove: (id: string, at: Spot) => void;
}) {
  const [drag, setDrag] = useState<Drag | null>(null);
  const [taken, setTaken] = useState(0);
  const place = ({ currentTarget, clientX, clientY }: PointerEvent<HTMLElement>): Spot => {
    const box = currentTarget.getBoundingClientRect();
    return {
      x: ((clientX - box.left) / box.width) * width,
      y: ((clientY - box.top) / box.height) * height,
    };
  };
  const move = (id: string, { x, y }: Spot) =>
    onMove(id, { x: Math.min(width, Math.max(0, x)), y: Math.min(height, Math.max(0, y)) });
  return {
    onPointerDown: (event: PointerEvent<HTMLElement>) => {
      const from = place(event);
      const apart = ({ at }: Handle) => Math.hypot(at.x - from.x, at.y - from.y);
      const [nearest] = [...handles].sort((a, b) => apart(a) - apart(b));
      if (!nearest) return;
      event.currentTarget.setPointerCapture(event.pointerId);
      setTaken(handles.indexOf(nearest));
      setDrag({ id: nearest.id, from, at: nearest.at });
    },
    onPointerMove: (event: PointerEvent<HTMLElement>) => {
      if (!drag) return;
      const to = place(event);
      const { id, from, at } = drag;
      move(id, { x: at.x + FINE * (to.x - from.x), y: at.y + FINE * (to.y - from.y) });
    },
    onPointerUp: () => setDrag(null),
    onPointerCancel: () => setDrag(null),
    onKeyDown: (event: KeyboardEvent<HTMLElement>) => {
      if (event.key === 'n') setTaken((taken + 1) % Math.max(1, handles.length));
      const step = steps[event.key];
      const handle = handles[taken];
      if (!step || !handle) return;
      event.preventDefault();
      const by = unit * (event.shiftKey ? 10 : 1);
      move(handle.id, { x: handle.at.x + by * step.x, y: handle.at.y + by * step.y });
    },
  };
}
