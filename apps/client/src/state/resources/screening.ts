import { cautionsOf, isScreened } from '@spalo/catalog';
import type { Client } from '@spalo/contract';
import type { Overlays } from './overlays';

export const screeningOverlays: Overlays<Client, 'putScreening'> = {
  putScreening(clients, { params: { id }, body }) {
    const known = clients.get(id);
    const cautions = cautionsOf(body.answers);
    if (known) clients.set(id, { ...known, cautions, screened: isScreened(body.answers) });
  },
};
