import type { ListedClient, Measurement } from '@spalo/contract';
import type { Entry } from '../log/journal-store';
import { changesAmong, type Overlays } from './overlays';

/** What a measurement changes in the list of clients: the newest body mass is theirs. */
export const measuredOverlays: Overlays<ListedClient, 'putMeasurement'> = {
  putMeasurement(clients, { params: { id }, body: { day, bodyMassG, removed } }) {
    const known = clients.get(id);
    // What they weigh without it, the server knows.
    if (!known || removed || day < (known.measuredOn ?? '')) return;
    clients.set(id, { ...known, measuredOn: day, bodyMassG });
  },
};

/** The measurements of a client by day, with what waits laid over them. */
export function overlayMeasurements(
  served: readonly Measurement[],
  waiting: readonly Entry[],
  clientId: string,
): Measurement[] {
  const measured = new Map(served.map((each) => [each.id, each]));
  for (const { change } of changesAmong(waiting)) {
    if (change.route !== 'putMeasurement' || change.args.params.id !== clientId) continue;
    const { measurementId } = change.args.params;
    const { removed = false, ...body } = change.args.body;
    measured.set(measurementId, { ...body, id: measurementId, removed });
  }
  return [...measured.values()].sort((a, b) => (a.day + a.id < b.day + b.id ? -1 : 1));
}
