import type { Client, ClientFacts } from '@spalo/contract';
import type { Override } from '@spalo/core';
import { journal } from '../../state/device';
import type { KnownClient } from '../../state/resources/known-client';

/** The part of a client that the trainer writes down. */
export function factsOfClient(client: Client & Partial<KnownClient>): ClientFacts {
  const {
    id: _id,
    flags: _flags,
    cautions: _cautions,
    screened: _screened,
    measurements: _measurements,
    history: _history,
    mine: _mine,
    measuredOn: _measuredOn,
    lastSessionAt: _lastSessionAt,
    mark: _mark,
    trainingMonthsAt: _trainingMonthsAt,
    past: _past,
    ...facts
  } = client;
  return facts;
}

/** Changes some facts of a client; kept on the device until the server has them. */
export const changeClient = (client: Client, change: Partial<ClientFacts>) =>
  journal.change({
    route: 'putClient',
    args: { params: { id: client.id }, body: { ...factsOfClient(client), ...change } },
  });

/** Opens a limit for a client and a lift, with the trainer's reason. */
export const openLimit = (client: Client, override: Omit<Override, 'at'>) =>
  changeClient(client, {
    overrides: [...client.overrides, { ...override, at: new Date().toISOString() }],
  });
