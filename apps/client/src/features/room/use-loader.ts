import {
  loadables,
  massNumber,
  shownAs,
  stepDown,
  stepUp,
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

function parse(text: string, unit: Unit): Grams | null {
  const value = Number(text.trim().replace(',', '.'));
  const wrong = text.trim() === '' || !Number.isFinite(value) || value < 0 || value > 2000;
  return wrong ? null : toGrams(value, unit);
}

function useTarget(room: Room, bars: readonly Barbell[], first: Barbell, unit: Unit) {
  const [aim, setAim] = useState<Aim>(() => ({ barId: first.id, text: massNumber(START_G, unit) }));
  const bar = bars.find(({ id }) => id === aim.barId) ?? first;
  const loads = loadables(room, { kind: 'barbell', barId: bar.id });
  const typedG = parse(aim.text, unit);
  // What is shown is rounded: a load typed as it is shown is that load.
  const targetG = typedG === null ? null : (shownAs(loads, typedG, unit)?.loadG ?? typedG);
  const target: LoaderTarget = {
    bar,
    text: aim.text,
    targetG,
    setBar: (barId) => setAim({ ...aim, barId }),
    setText: (text) => setAim({ ...aim, text }),
    step: (by) => {
      const found = (by > 0 ? stepUp : stepDown)(loads, targetG ?? START_G);
      if (found) setAim({ ...aim, text: massNumber(found.loadG, unit) });
    },
  };
  const switchUnit = (to: Unit) => {
    if (targetG !== null) setAim({ ...aim, text: massNumber(targetG, to) });
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
