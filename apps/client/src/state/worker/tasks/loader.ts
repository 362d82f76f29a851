import { loadables, shownAs, stepDown, stepUp } from '@spalo/core/loads';
import { loadBar, loadTwoBars, type LoadObstacle } from '@spalo/core/loading';
import type { Barbell, Loadable, Room } from '@spalo/core/room';
import type { Grams, Unit } from '@spalo/core/unit';
import { steadyRoom } from './steady-room';

/** A bar of the room and the load it is wanted at, as it was typed in a unit. */
export interface Aim {
  barId: string;
  typedG: Grams;
}

interface Loading {
  room: Room;
  unit: Unit;
  aims: Aim[];
  /** Bars that something is on: what stands on them, in grams. */
  standing: Record<string, Grams>;
}

/** One load to show, and what it is to the target. */
interface ShownLoad {
  title: string;
  bar: Barbell;
  found: Loadable;
  /** What is on this bar now; null for nothing. */
  onBar: Loadable | null;
}

/** The loads that answer what was asked, and what stands in the way of it. */
export interface LoaderAnswer {
  shown: ShownLoad[];
  obstacles: LoadObstacle[];
  /** For two bars: whether both targets are met exactly; null for one bar. */
  bothExact: boolean | null;
}

const barIn = (room: Room, barId: string): Barbell => {
  const bar = room.bars.find(({ id }) => id === barId);
  if (!bar) throw new RangeError('This bar is not in the room');
  return bar;
};

/** What is shown is rounded: a load typed as it is shown is that load. */
function meant(room: Room, { barId, typedG }: Aim, unit: Unit): Grams {
  const loads = loadables(room, { kind: 'barbell', barId });
  return shownAs(loads, typedG, unit)?.loadG ?? typedG;
}

function oneBar(bar: Barbell, room: Room, targetG: Grams): Omit<LoaderAnswer, 'bothExact'> {
  const { below, above, exact, obstacles } = loadBar(bar, room.plates, targetG);
  const titled = [
    { title: exact ? 'Exactly this' : 'Nearest at or below', found: below },
    { title: 'Next above', found: exact ? null : above },
  ];
  const shown = titled.flatMap(({ title, found }) =>
    found ? [{ title, bar, found, onBar: null }] : [],
  );
  return { shown, obstacles };
}

/** What the loader works out: many plates of odd masses make this too much for the screen's thread. */
export const loaderTasks = {
  /** The loads round one target, or two bars loaded at once from one stock. */
  loadNear({ room: given, unit, aims, standing }: Loading): LoaderAnswer {
    const room = steadyRoom(given);
    const wanted = aims.map((aim) => ({
      bar: barIn(room, aim.barId),
      targetG: meant(room, aim, unit),
    }));
    const onBar = (bar: Barbell) => {
      const grams = standing[bar.id];
      return grams === undefined ? null : loadBar(bar, room.plates, grams).below;
    };
    const [first, second] = wanted;
    if (!first) return { shown: [], obstacles: [], bothExact: null };
    if (!second) {
      const { shown, obstacles } = oneBar(first.bar, room, first.targetG);
      const seen = shown.map((each) => ({ ...each, onBar: onBar(each.bar) }));
      return { shown: seen, obstacles, bothExact: null };
    }
    const both = loadTwoBars(first, second, room.plates);
    const shown = [
      { bar: first.bar, found: both.first },
      { bar: second.bar, found: both.second },
    ].map((each) => ({ ...each, title: each.bar.name, onBar: onBar(each.bar) }));
    const bothExact = both.first.loadG === first.targetG && both.second.loadG === second.targetG;
    return { shown, obstacles: [], bothExact };
  },

  /** The next load down or up that a bar can carry; null at the ends. */
  stepLoad({
    room: given,
    unit,
    aim,
    by,
  }: {
    room: Room;
    unit: Unit;
    aim: Aim;
    by: 1 | -1;
  }): Grams | null {
    const room = steadyRoom(given);
    const loads = loadables(room, { kind: 'barbell', barId: aim.barId });
    return (by > 0 ? stepUp : stepDown)(loads, meant(room, aim, unit))?.loadG ?? null;
  },
};
