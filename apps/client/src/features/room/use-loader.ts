import {
  fromGrams,
  loadBar,
  toGrams,
  type Barbell,
  type Grams,
  type Room,
  type Unit,
} from '@spalo/core';
import { useState } from 'react';

const START_G = 40_000;

interface Aim {
  barId: string;
  text: string;
}

/** One target of the loader: a bar, the text as typed and the grams it says, null where it says none. */
export interface LoaderTarget {
  bar: Barbell;
  text: string;
  targetG: Grams | null;
  setBar: (id: string) => void;
  setText: (text: string) => void;
  /** To the next load down or up that the bar can carry. */
  step: (by: 1 | -1) => void;
}

const decimal = (grams: Grams, unit: Unit) => String(Number(fromGrams(grams, unit).toFixed(2)));

function parse(text: string, unit: Unit): Grams | null {
  const value = Number(text.trim().replace(',', '.'));
  const wrong = text.trim() === '' || !Number.isFinite(value) || value < 0 || value > 2000;
  return wrong ? null : toGrams(value, unit);
}

function useTarget(room: Room, bars: readonly Barbell[], first: Barbell, unit: Unit) {
  const [aim, setAim] = useState<Aim>(() => ({ barId: first.id, text: decimal(START_G, unit) }));
  const bar = bars.find(({ id }) => id === aim.barId) ?? first;
  const targetG = parse(aim.text, unit);
  const target: LoaderTarget = {
    bar,
    text: aim.text,
    targetG,
    setBar: (barId) => setAim({ ...aim, barId }),
    setText: (text) => setAim({ ...aim, text }),
    step: (by) => {
      const next = loadBar(bar, room.plates, (targetG ?? START_G) + by);
      const found = by > 0 ? next.above : next.below;
      if (found) setAim({ ...aim, text: decimal(found.loadG, unit) });
    },
  };
  const switchUnit = (to: Unit) => {
    if (targetG !== null) setAim({ ...aim, text: decimal(targetG, to) });
  };
  return { target, switchUnit };
}

/** What the loader is asked: one target or two at once, in a unit. The room has at least one bar. */
export function useLoader(room: Room, bars: readonly [Barbell, ...Barbell[]], studioUnit: Unit) {
  const [unit, setUnit] = useState(studioUnit);
  const [two, setTwo] = useState(false);
  const first = useTarget(room, bars, bars[0], unit);
  const second = useTarget(room, bars, bars[1] ?? bars[0], unit);
  return {
    unit,
    switchUnit: (to: Unit) => {
      first.switchUnit(to);
      second.switchUnit(to);
      setUnit(to);
    },
    two,
    setTwo,
    first: first.target,
    second: second.target,
  };
}
