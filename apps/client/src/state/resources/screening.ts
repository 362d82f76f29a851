import { cautionsOf, isScreened } from '@spalo/catalog';
import type { ListedClient } from '@spalo/contract';
import { nowIso } from '@spalo/core/unit';
import type { Overlays } from './overlays';

export const screeningOverlays: Overlays<ListedClient, 'putScreening'> = {
  putScreening(clients, { params: { id }, body }) {
    const known = clients.get(id);
    const cautions = cautionsOf(body.answers);
    const screened = isScreened(body.answers);
    if (known) clients.set(id, { ...known, cautions, screened, screenedAt: nowIso() });
  },
};
