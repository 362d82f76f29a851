import { allLifts, repLifts } from '@spalo/catalog';
import { roomPresets } from '@spalo/catalog/rooms';
import { joints, muscles } from '@spalo/core/lift';
import { emptyHistory, noMemory, type ClientHistory, type LiftMemory } from '@spalo/core/memory';
import { cautionKinds, type Flag } from '@spalo/core/person';
import { draftLoads } from '@spalo/core/planning';
import type { Room } from '@spalo/core/room';
import { readStrength } from '@spalo/core/strength';
import type { CoachedClient } from '../client/client';
import { draftInputFor, type Training } from '../planning/draft-input';
import { programmeLift } from '../programme/programme';
import type { BuildWish } from './build-ask';

/** Chance from 0 to below 1. */
export type Chance = () => number;

/** A stream of chance that is the same for one seed. */
export function chanceFrom(seed: number): Chance {
  let state = (seed * 2654435761 + 1) % 2147483647;
  return () => {
    state = (state * 48271) % 2147483647;
    return state / 2147483647;
  };
}

const NOW = '2026-11-26T10:00:00.000Z';
const WEEK = { from: '2026-11-23T00:00:00.000Z', to: '2026-11-30T00:00:00.000Z' };
const DAY_MS = 24 * 3600 * 1000;

/** Kinds of client that a session is built for. */
export const visitFamilies = [
  'first day',
  'first year',
  'nervous',
  'trained',
  'one flag',
  'two flags',
  'cautions',
  'short',
  'sparse room',
  'turned down',
] as const;
export type VisitFamily = (typeof visitFamilies)[number];

const flagOn = (place: Flag['place'], at: number): Flag => ({
  id: `018f${String(at).padStart(4, '0')}-0000-7000-8000-000000000000`,
  place,
  side: 'both',
  note: 'aches',
  fine: '',
  since: null,
  saidBy: 'themselves',
  state: 'watched',
  usualPain: 2,
});

const some = <T>(all: readonly T[], share: number, chance: Chance) =>
  all.filter(() => chance() < share);
const one = <T>(all: readonly T[], chance: Chance): T => all[Math.floor(chance() * all.length)]!;

/** A preset room; a sparse one lacks half of everything. */
function roomOf(family: VisitFamily, chance: Chance): Room {
  let made = 0;
  const room = one(roomPresets, chance).make(() => `thing-${(made += 1)}`);
  if (family !== 'sparse room') return room;
  const half = <T>(things: readonly T[]) => some(things, 0.5, chance);
  return {
    ...room,
    bars: half(room.bars),
    dumbbells: half(room.dumbbells),
    kettlebells: half(room.kettlebells),
    stacks: half(room.stacks),
    machines: half(room.machines),
  };
}

/** What lifts of the last weeks leave behind, as a wrap-up keeps it. */
function historyOf(client: CoachedClient, room: Room, chance: Chance): ClientHistory {
  const profile = readStrength(client, null, repLifts(), NOW);
  const done = some(allLifts(), 0.25, chance).map(({ id }) => programmeLift(id));
  const { lifts } = draftLoads(
    draftInputFor({ client, profile, room, unit: 'kg', now: NOW }, done),
  );
  const memories = lifts.map((loaded): [string, LiftMemory] => {
    const at = new Date(Date.parse(NOW) - Math.ceil(chance() * 20) * DAY_MS).toISOString();
    const {
      why: _why,
      belief: _belief,
      certainty: _sure,
      climb: _climb,
      lastTime: _last,
      ...plan
    } = loaded;
    const set = { loadG: loaded.loadG, reps: loaded.reps, cleanReps: loaded.reps, marks: [] };
    const marked = [{ sessionId: `session-${at}`, at, sets: Array.from({ length: 3 }, () => set) }];
    return [loaded.liftId, { ...noMemory, plan, lastDone: at, marked }];
  });
  return { ...emptyHistory, lifts: Object.fromEntries(memories) };
}

/** Somebody who comes to be coached, and what is asked of the session: by family and seed. */
export function randomVisit(
  family: VisitFamily,
  seed: number,
): { training: Training; wish: BuildWish; hour: number } {
  const chance = chanceFrom(seed);
  const room = roomOf(family, chance);
  const flags = family === 'one flag' ? 1 : family === 'two flags' ? 2 : chance() < 0.15 ? 1 : 0;
  const isTrained =
    family === 'trained' || (family !== 'first year' && family !== 'first day' && chance() < 0.4);
  const client: CoachedClient = {
    bodyMassG: Math.round(50_000 + chance() * 60_000),
    sex: one(['female', 'male', 'unsaid'], chance),
    trainingMonths: isTrained ? 14 + Math.floor(chance() * 60) : Math.floor(chance() * 11),
    birthDate: `${1945 + Math.floor(chance() * 60)}-05-01`,
    nervous: family === 'nervous' || chance() < 0.15,
    preference: one(['strength', 'size', 'endurance', 'none'], chance),
    flags: Array.from({ length: flags }, (_, at) => flagOn(one(joints, chance), at)),
    reports: [],
    cautions:
      family === 'cautions'
        ? some(
            cautionKinds.filter((kind) => !['clearance', 'forbidden', 'unscreened'].includes(kind)),
            0.4,
            chance,
          )
        : [],
    overrides: [],
    programme: chance() < 0.3 ? some(allLifts(), 0.08, chance).map(({ id }) => id) : [],
    stiff: [],
    history: emptyHistory,
    wishes: {
      focus: some(muscles, 0.1, chance),
      liked: some(allLifts(), 0.05, chance).map(({ id }) => id),
      disliked: some(allLifts(), 0.05, chance).map(({ id }) => id),
    },
    ...(family === 'turned down' && {
      turnedDown: [{ from: '2026-11-20', to: '2026-11-30', reason: 'holiday' as const }],
    }),
  };
  const history = family === 'first day' ? emptyHistory : historyOf(client, room, chance);
  const known = { ...client, history };
  const profile = readStrength(known, null, repLifts(), NOW);
  const minutes =
    family === 'short' ? 20 + Math.floor(chance() * 15) : one([40, 45, 60, 75, 90], chance);
  const banned = some(allLifts(), 0.03, chance).map(({ id }) => id);
  return {
    training: { client: known, profile, room, unit: 'kg', now: NOW },
    wish: { minutes, week: WEEK, fixed: [], banned },
    hour: 10,
  };
}
