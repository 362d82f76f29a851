import { create } from 'zustand';
import type { LaneView } from './lane-view';
import { stretchOf } from './stretch-of';

/** When the rests end that run on the floor, by session, in milliseconds: for whoever calls when one is over. */
export const useRests = create<{ ends: Readonly<Record<string, number>> }>(() => ({ ends: {} }));

/** Notes the rests of one trainer's lanes; the same ones again change nothing. */
export function noteRests(lanes: readonly LaneView[], trainerId: string): void {
  const ends = Object.fromEntries(
    lanes.flatMap(({ session, rest, finished }) =>
      rest && !finished && session.trainerId === trainerId
        ? [[session.id, stretchOf(rest).endsMs]]
        : [],
    ),
  );
  const before = useRests.getState().ends;
  if (JSON.stringify(before) !== JSON.stringify(ends)) useRests.setState({ ends });
}
