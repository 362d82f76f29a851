import type { Barbell, Room } from '@spalo/core/room';
import { massNumber, toGrams, typedMass, type Grams, type Unit } from '@spalo/core/unit';
import { useMemo, useRef, useState } from 'react';
import { useRoomUi } from '../../parts/room/use-room';
import { attempt } from '../../state/problems';
import { inWorker } from '../../state/worker/ask';
import { useTask } from '../../state/worker/use-task';

const START_G = 40_000;

interface Aimed {
  barId: string;
  text: string;
}

/** One target of the loader: a bar, the text as typed and the grams it says, null where it says none. */
export interface LoaderTarget {
  bar: Barbell;
  text: string;
  typedG: Grams | null;
  setBar: (id: string) => void;
  setText: (text: string) => void;
  /** To the next load down or up that the bar can carry. */
  step: (by: 1 | -1) => void;
}

/** In either unit. */
const MOST = 2000;

function parse(text: string, unit: Unit): Grams | null {
  const typedG = typedMass(text, unit);
  return typedG === null || typedG < 0 || typedG > toGrams(MOST, unit) ? null : typedG;
}

function useTarget(room: Room, bars: readonly Barbell[], first: Barbell, unit: Unit) {
  const [aim, setAim] = useState<Aimed>(() => ({
    barId: first.id,
    text: massNumber(START_G, unit),
  }));
  const bar = bars.find(({ id }) => id === aim.barId) ?? first;
  // Taps that come faster than their answers each start from the one before.
  const latest = useRef(aim);
  const steps = useRef(Promise.resolve());
  const take = (next: Aimed) => {
    latest.current = next;
    setAim(next);
  };
  const target: LoaderTarget = {
    bar,
    text: aim.text,
    typedG: parse(aim.text, unit),
    setBar: (barId) => take({ ...latest.current, barId }),
    setText: (text) => take({ ...latest.current, text }),
    step: (by) => {
      const stepOnce = async () => {
        const from = latest.current;
        const typedG = parse(from.text, unit) ?? START_G;
        const found = await inWorker('stepLoad', {
          room,
          unit,
          aim: { barId: bar.id, typedG },
          by,
        });
        if (found !== null && latest.current === from)
          take({ ...from, text: massNumber(found, unit) });
      };
      // A step that fails is said; the next one is taken all the same.
      const before = steps.current.catch(() => undefined);
      steps.current = before.then(stepOnce);
      attempt(() => steps.current);
    },
  };
  const switchUnit = (to: Unit) => {
    const typedG = parse(latest.current.text, unit);
    if (typedG !== null) take({ ...latest.current, text: massNumber(typedG, to) });
  };
  return { target, switchUnit };
}

/**
 * What the loader is asked, one target or two at once in a unit, and the answer: null while the first is worked out, or where
 * nothing is asked. The room has at least one bar.
 */
export function useLoader(room: Room, bars: readonly [Barbell, ...Barbell[]], studioUnit: Unit) {
  const [unit, setUnit] = useState(studioUnit);
  const [two, setTwo] = useState(false);
  const { onBar } = useRoomUi();
  const first = useTarget(room, bars, bars[0], unit);
  const second = useTarget(room, bars, bars[1] ?? bars[0], unit);
  const [one, other] = [first.target, second.target];
  const sameBar = two && one.bar.id === other.bar.id;
  const [oneId, oneG, otherId, otherG] = [one.bar.id, one.typedG, other.bar.id, other.typedG];
  const asked = useMemo(() => {
    if (sameBar || oneG === null || (two && otherG === null)) return null;
    const aims = [{ barId: oneId, typedG: oneG }];
    if (two && otherG !== null) aims.push({ barId: otherId, typedG: otherG });
    return { room, unit, aims, standing: onBar };
  }, [room, unit, two, sameBar, oneId, oneG, otherId, otherG, onBar]);
  const { answer, again } = useTask('loadNear', asked);
  return {
    unit,
    switchUnit: (to: Unit) => {
      first.switchUnit(to);
      second.switchUnit(to);
      setUnit(to);
    },
    two,
    setTwo,
    sameBar,
    first: one,
    second: other,
    answer,
    again,
  };
}
