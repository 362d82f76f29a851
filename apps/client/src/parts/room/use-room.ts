import type { Room } from '@spalo/core/room';
import { create } from 'zustand';
import { persist } from 'zustand/middleware';
import { useAccount } from '../../state/queries';

interface RoomChoice {
  /** The room that this device is in; null for the first there is. */
  roomId: string | null;
  choose: (roomId: string) => void;
  /** What stands on each bar now, as total grams, by bar id: changes are told from there. */
  onBar: Record<string, number>;
  load: (barId: string, loadG: number) => void;
}

export const useRoomUi = create<RoomChoice>()(
  persist(
    (set) => ({
      roomId: null,
      choose: (roomId) => set({ roomId }),
      onBar: {},
      load: (barId, loadG) => set(({ onBar }) => ({ onBar: { ...onBar, [barId]: loadG } })),
    }),
    { name: 'spalo-room' },
  ),
);

/** The room that loads are chosen for: the one chosen on this device, else the studio's, else the first. */
export function useRoomChoice(rooms: Room[] | undefined): Room | undefined {
  const here = useRoomUi((state) => state.roomId);
  const { data: account } = useAccount();
  const known = (id: string | null | undefined) => rooms?.find((room) => room.id === id);
  return known(here) ?? known(account?.studio.roomId) ?? rooms?.[0];
}
