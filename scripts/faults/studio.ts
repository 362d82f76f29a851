import { v7 } from 'uuid';
import { facts } from '../../apps/client/src/state/client-facts.test-help';
import { repLifts } from '../../packages/catalog/src';
import { programmeLift } from '../../packages/coaching/src';
import { emptyHistory } from '../../packages/core/src/memory/index';
import { draftSession } from '../../packages/core/src/planning/index';
import type { Room } from '../../packages/core/src/room/index';
import { readStrength } from '../../packages/core/src/strength/index';
import type { Chance } from './chance';
import { Device } from './device';
import type { Weather } from './network';
import type { Stack } from './stack';

const DEVICES = 2;
const CLIENTS = 6;

/** One studio of the run: its devices, its clients, and those of them who were deleted for good. */
export interface Studio {
  id: string;
  devices: Device[];
  clients: string[];
  erased: string[];
  lifts: unknown[];
  /** A lift of its own, and how often it was put. */
  ownLiftId: string;
  taught: number;
  room: Room;
  /** Sessions on the floor, with whose they are and the sets that may be corrected. */
  open: { id: string; clientId: string; sets: string[]; size: number }[];
}

/** A client of whom little more is known than a name. */
export const clientCalled = (name: string) => ({ ...facts, name, trainingMonths: 12 });

/** Makes a studio with its devices signed in, and some clients. */
export async function makeStudio(
  stack: Stack,
  chance: Chance,
  weather: Weather,
  at: number,
): Promise<Studio> {
  // The API makes a first studio only: hiding those that are there lets it make another.
  await stack.sql(
    'CREATE OR REPLACE FUNCTION any_studio() RETURNS boolean LANGUAGE sql AS $$ SELECT false $$',
  );
  const password = 'words of the harness';
  const email = `owner${at}@example.invalid`;
  const devices: Device[] = [];
  let id = '';
  let trainerId = '';
  for (let each = 0; each < DEVICES; each += 1) {
    const author = { trainerId, device: v7() };
    const device = new Device(stack.address, author, chance, weather);
    await device.start();
    const account =
      each === 0
        ? await device.network.call('makeStudio', {
            body: {
              studioName: `Studio ${at}`,
              unit: 'kg',
              zone: 'UTC',
              name: 'Owner',
              email,
              password,
            },
          })
        : await device.network.call('signIn', { body: { email, password } });
    id = account.studio.id;
    trainerId = account.trainer.id;
    author.trainerId = trainerId;
    devices.push(device);
  }
  const { call } = devices[0]!.network;
  const clients = await Promise.all(
    Array.from({ length: CLIENTS }, async (_, client) => {
      const clientId = v7();
      await call('putClient', { params: { id: clientId }, body: clientCalled(`Client ${client}`) });
      return clientId;
    }),
  );
  const room = (await call('rooms', {})).rooms[0]!;
  const person = { ...clientCalled(''), flags: [], cautions: [] };
  const now = new Date().toISOString();
  const { lifts } = draftSession({
    programme: ['back-squat', 'one-arm-row', 'romanian-deadlift'].map(programmeLift),
    person,
    profile: readStrength(person, null, repLifts(), now),
    history: emptyHistory,
    room,
    unit: 'kg',
    now,
  });
  return { id, devices, clients, erased: [], lifts, room, open: [], ownLiftId: v7(), taught: 0 };
}
