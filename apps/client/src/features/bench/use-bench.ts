import { liftById, repLifts } from '@spalo/catalog';
import type { Lift } from '@spalo/core/lift';
import { implementsFor, lightest, loadables, noLoads, stepUp } from '@spalo/core/loads';
import type { Room } from '@spalo/core/room';
import { massNumber, type Grams, type Unit } from '@spalo/core/unit';
import { chooseRamp, type Primer } from '@spalo/core/warm-up';
import { useMemo, useState } from 'react';
import { readLoad } from './bench-load';

/** A body that a walk-in may have, for lifts that lift a share of it. */
const SOMEBODY_G = 75_000;
const START = { kg: '60', lb: '135' };
/** Months from which a primer over the working load is offered. */
const OVER_FROM = 12;

/** What is chosen on the warm-up bench in a room, and what follows from it. */
export function useBench(room: Room, unit: Unit, liftId: string | null) {
  const [lift, setLift] = useState(() =>
    liftById(repLifts().some((each) => each.id === liftId) ? liftId! : 'back-squat'),
  );
  const [optionAt, chooseOption] = useState(0);
  const [typed, type] = useState<string>(START[unit]);
  const [reps, setReps] = useState(8);
  const [months, setMonths] = useState(18);
  const [wanted, setPrimer] = useState<Primer>('working');

  const options = useMemo(() => implementsFor(lift, room, SOMEBODY_G), [room, lift]);
  const at = Math.min(optionAt, Math.max(0, options.length - 1));
  const implement = options[at] ?? null;
  const loads = implement ? loadables(room, implement) : noLoads;
  const over = months >= OVER_FROM;
  return {
    room,
    unit,
    lift,
    chooseLift: (chosen: Lift) => {
      setLift(chosen);
      chooseOption(0);
    },
    options,
    optionAt: at,
    chooseOption,
    implement,
    loads,
    /** The empty implement is all there is: nothing here fits on it. */
    onlyEmpty: implement?.kind === 'barbell' && !stepUp(loads, lightest(loads)?.loadG ?? 0),
    typed,
    type,
    take: (grams: Grams) => type(massNumber(grams, unit)),
    load: readLoad(typed, unit, loads),
    reps,
    setReps,
    months,
    setMonths,
    over,
    primer: wanted === 'over' && !over ? 'working' : wanted,
    setPrimer,
    byRule: chooseRamp({ trainingMonths: months, workingReps: reps, warm: false }),
  };
}

export type Bench = ReturnType<typeof useBench>;
