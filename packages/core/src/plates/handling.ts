import { platesOf, type Build } from '../room/implement';
import { plateChange } from './change';

/** What it takes to go from one build to another: single actions (a pair of plates is one), and seconds. */
export interface Handling {
  moves: number;
  seconds: number;
}

/** Seconds that one person needs, from what coaches count on a floor with plates at hand; a guess kept in one place. */
const PLATE_S = { pair: 8, single: 5 };
const PIN_S = 5;
const ADD_ON_S = 4;
const BELL_S = 15;
/** Walking up to the implement, once a change. */
const WALK_S = 5;

const nothing: Handling = { moves: 0, seconds: 0 };

/** From `from` (null: nothing on it, nothing in hand) to `to`. */
export function handlingBetween(from: Build | null, to: Build): Handling {
  if (to.kind === 'dumbbell' || to.kind === 'kettlebell') {
    const bell = (build: Build | null) =>
      build?.kind === 'dumbbell'
        ? build.dumbbell.id
        : build?.kind === 'kettlebell'
          ? build.kettlebell.id
          : null;
    return bell(from) === bell(to) ? nothing : { moves: 1, seconds: BELL_S };
  }
  if (to.kind === 'stack') {
    const before = from?.kind === 'stack' && from.stack.id === to.stack.id ? from : null;
    const pin = before?.pinG === to.pinG ? 0 : 1;
    const [had, has] = [before?.addOnsG ?? [], to.addOnsG];
    const addOns =
      had.filter((mass) => !has.includes(mass)).length +
      has.filter((mass) => !had.includes(mass)).length;
    return { moves: pin + addOns, seconds: pin * PIN_S + addOns * ADD_ON_S };
  }
  const { takeOff, add } = plateChange(platesOf(from), platesOf(to));
  const moves = takeOff.length + add.length;
  if (moves === 0) return nothing;
  const twice = to.kind === 'barbell' || (to.kind === 'machine' && to.machine.horns === 2);
  const hands = to.kind === 'barbell' ? to.hands : 1;
  return {
    moves: moves * hands,
    seconds: WALK_S + moves * hands * (twice ? PLATE_S.pair : PLATE_S.single),
  };
}
