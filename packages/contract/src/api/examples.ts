import { exampleOf } from './example';

const ID = '019a0000-0000-7000-8000-000000000001';
const NOW = '2026-11-24T10:00:00.000Z';

const room = {
  name: 'Boathouse',
  bars: [],
  plates: [],
  dumbbells: [{ id: ID, massG: 10_000, unit: 'kg', count: 2 }],
  kettlebells: [],
  stacks: [],
  machines: [],
  bands: [],
  furniture: null,
};
const ownLift = {
  liftId: 'own-heels',
  added: { name: 'Goblet squat, heels up', like: 'goblet-squat' },
  styles: [],
  checkpoints: [],
  cues: [],
  hidden: [],
};
/** A session's shape is the reducer's, and long: this is its frame. */
const session = { id: ID, clientId: ID, startedAt: NOW, finishedAt: null, lifts: [] };

interface Examples {
  body?: unknown;
  answer?: unknown;
}

/** Examples of what its schema alone does not tell: whose parts refer to each other, or that are checked by more than a shape. */
const own: Record<string, Examples> = {
  putRoom: { body: room, answer: { ...room, id: ID } },
  rooms: { answer: { rooms: [{ ...room, id: ID }] } },
  putOwnLift: { body: ownLift, answer: { ...ownLift, id: ID } },
  ownLifts: { answer: { lifts: [{ ...ownLift, id: ID }] } },
  session: { answer: session },
  clientSessions: { answer: { sessions: [session], more: false } },
};

/** An example of what an operation takes or answers. */
export const exampleFor = (
  operation: string,
  part: keyof Examples,
  schema: Record<string, unknown>,
): unknown => own[operation]?.[part] ?? exampleOf(schema);
