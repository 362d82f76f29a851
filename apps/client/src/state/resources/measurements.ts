import type { Client } from '@spalo/contract';
import type { Overlays } from './overlays';

export const measurementOverlays: Overlays<Client, 'putMeasurement'> = {
  putMeasurement(clients, { params: { id, measurementId }, body }) {
    const known = clients.get(id);
    if (!known) return;
    const others = known.measurements.filter((each) => each.id !== measurementId);
    const measurements = [...others, { ...body, id: measurementId }].sort((a, b) =>
      a.day + a.id < b.day + b.id ? -1 : 1,
    );
    const { bodyMassG } = measurements.at(-1) ?? known;
    clients.set(id, { ...known, measurements, bodyMassG });
  },
};
