import { liftById } from '@spalo/catalog';
import type { Client, ClientFacts } from '@spalo/contract';
import type { Override } from '@spalo/core/person';
import { nowIso } from '@spalo/core/unit';
import type { ChangeOf } from '../../state/changes/changes';
import { changeWithBack } from '../../state/changes/take-back';
import type { KnownClient } from '../../state/resources/known-client';

/** The part of a client that the trainer writes down. */
export function factsOfClient(client: Client & Partial<KnownClient>): ClientFacts {
  const {
    id: _id,
    flags: _flags,
    cautions: _cautions,
    screened: _screened,
    screenedAt: _screenedAt,
    measurements: _measurements,
    history: _history,
    coaches: _coaches,
    mine: _mine,
    measuredOn: _measuredOn,
    lastSessionAt: _lastSessionAt,
    mark: _mark,
    trainingMonthsAt: _trainingMonthsAt,
    past: _past,
    blocks: _blocks,
    ...facts
  } = client;
  return facts;
}

/** Changes some facts of a client, with the way back; kept on the device until the server has them. `says` what was done. */
export function changeClient(client: Client, change: Partial<ClientFacts>, says: string) {
  const put = (body: ClientFacts): ChangeOf<'putClient'> => ({
    route: 'putClient',
    args: { params: { id: client.id }, body },
  });
  const before = factsOfClient(client);
  return changeWithBack(put({ ...before, ...change }), says, put(before));
}

/** Opens a limit for a client and a lift, with the trainer's reason. */
export const openLimit = (client: Client, override: Omit<Override, 'at'>) =>
  changeClient(
    client,
    { overrides: [...client.overrides, { ...override, at: nowIso() }] },
    `${liftById(override.liftId).name} opened`,
  );

/** Closes again what the trainer had opened. */
export const closeLimit = (client: Client, override: Override) =>
  changeClient(
    client,
    { overrides: client.overrides.filter((each) => each !== override) },
    `${liftById(override.liftId).name} as the limits have it`,
  );
