import type { ListedClient } from '@spalo/contract';
import type { Overlays } from './overlays';

export const flagOverlays: Overlays<ListedClient, 'putFlag'> = {
  putFlag(clients, { params: { id, flagId }, body }) {
    const known = clients.get(id);
    if (!known) return;
    const others = known.flags.filter((flag) => flag.id !== flagId);
    clients.set(id, { ...known, flags: [...others, { ...body, id: flagId }] });
  },
};
