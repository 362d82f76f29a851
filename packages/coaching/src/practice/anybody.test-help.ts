import { catalogueLifts, findDrill, liftById } from '@spalo/catalog';
import { roomPresets } from '@spalo/catalog/rooms';
import { joints } from '@spalo/core/lift';
import { emptyHistory } from '@spalo/core/memory';
import {
  ageOn,
  cautionKinds,
  degreeOf,
  openFlags,
  type Caution,
  type Flag,
} from '@spalo/core/person';
import type { Room } from '@spalo/core/room';
import type { Pain, PlannedLift } from '@spalo/core/session';
import { buildGeneral, drillJoints } from '@spalo/core/warm-up';
import { draftBlock, templates } from '@spalo/core/blocks';
import { chanceFrom, type Chance } from '../builder/random-visit.test-help';
import type { CoachedClient } from '../client/client';
import { generalInputFor } from '../planning/general-input';
import { road, type Played, type Visit } from './road.test-help';
import { substitutesFor } from '../programme/substitutes';

const one = <T>(all: readonly T[], chance: Chance): T => all[Math.floor(chance() * all.length)]!;
const START_MS = Date.parse('2026-11-02T10:00:00.000Z');
const DAY_MS = 24 * 3600 * 1000;
const onDay = (days: number) => new Date(START_MS + days * DAY_MS).toISOString();

let made = 0;
const newId = () => `made-${(made += 1)}`;
const rooms = roomPresets.map(({ make }) => make(newId));
/** Without bars or bells, so that others have to stand in. */
const sparse = (room: Room): Room => ({ ...room, bars: [], dumbbells: room.dumbbells.slice(0, 6) });

const sidesOf = ['left', 'right', 'both'] as const;
const flagOf = (chance: Chance): Flag => ({
  id: newId(),
  place: one(joints, chance),
  side: one(sidesOf, chance),
  note: '',
  fine: '',
  since: null,
  saidBy: '',
  state: one(['new', 'watched'] as const, chance),
  usualPain: 0,
  degree: one(['watch', 'ease', 'closed'] as const, chance),
});

/** Cautions that some people have; what locks is rarer, so that most people train. */
function cautionsOf(chance: Chance): Caution[] {
  if (chance() < 0.06) return ['clearance'];
  if (chance() < 0.04) return ['unscreened'];
  const soft = cautionKinds.filter(
    (kind) => !['clearance', 'forbidden', 'unscreened'].includes(kind),
  );
  return chance() < 0.4 ? soft.filter(() => chance() < 0.3) : [];
}

const born = (age: number) => `${2026 - age}-05-01`;
const agesOf = [12, 15, 17, 22, 30, 41, 55, 63, 71, 80];

/** Anybody at all: of any age, history, flags and cautions, with any programme, in a block or not. */
function anybody(chance: Chance): CoachedClient {
  const age = one(agesOf, chance);
  const programme = catalogueLifts
    .filter(() => chance() < 0.07)
    .slice(0, 5)
    .map(({ id }) => id);
  const template = one(templates, chance);
  const lifts = programme.filter((liftId) => liftById(liftId).counted === 'reps');
  const inBlock = lifts.length > 1 && chance() < 0.35;
  return {
    sex: one(['female', 'male', 'unsaid'] as const, chance),
    bodyMassG: Math.round(42_000 + chance() * 70_000),
    trainingMonths: one([0, 2, 8, 14, 40, 120], chance),
    birthDate: chance() < 0.05 ? null : born(age),
    ...(age < 18 && { guardianConsentAt: chance() < 0.3 ? null : onDay(-10) }),
    screenedAt: chance() < 0.05 ? onDay(-400) : onDay(-1),
    nervous: chance() < 0.2,
    preference: one(['strength', 'size', 'endurance', 'none'] as const, chance),
    flags: Array.from({ length: chance() < 0.4 ? 1 + Math.floor(chance() * 2) : 0 }, () =>
      flagOf(chance),
    ),
    reports: [],
    cautions: cautionsOf(chance),
    overrides: [],
    programme: programme.length > 0 ? programme : ['back-squat', 'bench-press'],
    stiff: [],
    history: emptyHistory,
    ...(chance() < 0.1 && {
      turnedDown: [
        { from: onDay(0).slice(0, 10), to: onDay(20).slice(0, 10), reason: 'ill' as const },
      ],
    }),
    ...(inBlock && {
      blocks: [
        {
          ...draftBlock(template, lifts.map(liftById), { from: onDay(0).slice(0, 10), days: 2 }),
          ...{ id: 'block', startId: 'block', clientId: 'client', trainerId: 'trainer' },
          ...{ startedAt: onDay(0), leftOut: [], endedAt: null },
        },
      ],
    }),
  };
}

const painOf = (chance: Chance): Pain => ({
  place: one(joints, chance),
  side: one(sidesOf, chance),
  kind: chance() < 0.85 ? 'ache' : 'sharp',
  score: Math.floor(chance() * 9),
});

/** Whether the facts of a lift say that it loads a place. */
const loads = (liftId: string, place: Flag['place']) =>
  liftById(liftId).stress.some(({ joint }) => joint === place);

/** Whether a plan loads a place that a flag closes, on the side that it closes. */
function breaksFlag(plan: PlannedLift, flag: Flag): boolean {
  if (degreeOf(flag) !== 'closed' || !loads(plan.liftId, flag.place)) return false;
  const isGoodSide =
    plan.onlySide !== undefined && flag.side !== 'both' && flag.side !== plan.onlySide;
  return !isGoodSide;
}

/** Whether nothing may be loaded at all, told from the facts alone. */
function mayLoadNothing(client: CoachedClient, now: string): boolean {
  const age = ageOn(client.birthDate, now);
  const answersAge = Date.parse(now) - Date.parse(client.screenedAt ?? now);
  return (
    client.cautions.includes('clearance') ||
    client.cautions.includes('unscreened') ||
    (age !== null && age < 14) ||
    (age !== null && age < 18 && client.guardianConsentAt === null) ||
    answersAge > 365 * DAY_MS ||
    openFlags(client).some(({ place }) => ['chest', 'head', 'nerves'].includes(place))
  );
}

/** Whether somebody lifts for many reps and far from a limit, told from the facts alone. */
function liftsLightly({ birthDate, trainingMonths, cautions }: CoachedClient, now: string) {
  const age = ageOn(birthDate, now);
  const isOldAndNew = age !== null && age >= 60 && trainingMonths < 12;
  return age === null || age < 18 || isOldAndNew || cautions.includes('no low reps');
}

/** What a session planned or proposed that may hurt this client, in words; empty where nothing. */
function breaches(client: CoachedClient, room: Room, now: string, played: Played): string[] {
  const found: string[] = [];
  const { planned, proposed } = played;
  if (mayLoadNothing(client, now) && planned.some(({ counted }) => !counted))
    found.push('loaded work in spite of a lock');
  for (const plan of planned) {
    const lift = liftById(plan.liftId);
    if (openFlags(client).some((flag) => breaksFlag(plan, flag)))
      found.push(`${plan.liftId} loads a closed place`);
    if (client.cautions.includes('not lying flat') && /^on the (back|front)$/.test(lift.position))
      found.push(`${plan.liftId} lies flat`);
    if (plan.counted) continue;
    if (liftsLightly(client, now) && (plan.reps < 12 || plan.targetRir < 3))
      found.push(`${plan.liftId}: ${plan.reps} reps leaving ${plan.targetRir}`);
    if (client.cautions.includes('careful after clearance') && plan.reps < 8)
      found.push(`${plan.liftId}: ${plan.reps} reps soon after clearance`);
  }
  for (const { plan, set } of proposed) {
    if (set.kind !== 'working' || !plan.ceiling) continue;
    if (set.loadG > plan.ceiling.loadG) found.push(`${plan.liftId} above its ceiling`);
    // A lighter set may ask a rep more.
    if (set.reps > plan.reps && set.loadG >= plan.loadG)
      found.push(`${plan.liftId}: more reps than its ceiling has`);
  }
  const ids = planned.map(({ liftId }) => liftId);
  const hurt = openFlags(client).map(({ place }) => place);
  for (const { drillId } of buildGeneral(generalInputFor(client, ids, { now, hour: 10 })).steps) {
    const drill = findDrill(drillId)!;
    const sore = drillJoints(drill).find((joint) => hurt.includes(joint));
    if (sore) found.push(`${drillId} loads the ${sore}`);
    if (drill.notWith.some((caution) => client.cautions.includes(caution)))
      found.push(`${drillId} against a caution`);
  }
  for (const liftId of ids.slice(0, 1)) {
    const wish = { person: client, room, taken: ids, now };
    for (const { lift } of substitutesFor(liftById(liftId), wish)) {
      const closed = openFlags(client).filter(
        ({ side, ...flag }) =>
          degreeOf(flag) === 'closed' &&
          loads(lift.id, flag.place) &&
          // One side after the other can be done on the good one.
          !(lift.oneSided && side !== 'both'),
      );
      if (closed.length > 0) found.push(`${lift.id} offered on a closed ${closed[0]!.place}`);
    }
  }
  return found;
}

/**
 * A few sessions of anybody in any room, with pains, other orders of the wrap-up, weeks between and every proposal accepted:
 * how many sessions were played, how many of them trained anything, and what could have hurt.
 */
export function walkOfAnybody(seed: number): {
  sessions: number;
  trained: number;
  found: string[];
} {
  const chance = chanceFrom(seed);
  const room = chance() < 0.3 ? sparse(one(rooms, chance)) : one(rooms, chance);
  const walk = road(anybody(chance), room);
  const share = 0.5 + chance();
  const found: string[] = [];
  let [day, trained] = [0, 0];
  const sessions = 2 + Math.floor(chance() * 3);
  for (let at = 0; at < sessions; at += 1) {
    const now = onDay(day);
    const before = walk.client();
    const hurts = chance() < 0.25 ? one(before.programme, chance) : null;
    const turned = chance();
    const visit: Visit = {
      maxG: (liftId) => share * 90_000 * liftById(liftId).priorRatio,
      ...(hurts && { pains: { [hurts]: painOf(chance) } }),
      ...(chance() < 0.6 && { dayAfter: chance() < 0.8 ? 'settled' : 'worse' }),
      order: (lifts) => (turned < 0.5 ? lifts : [...lifts].reverse()),
    };
    const played = walk.play(now, visit);
    if (played.planned.length > 0) trained += 1;
    found.push(...breaches(before, room, now, played).map((what) => `${seed}/${at}: ${what}`));
    day += one([1, 2, 3, 7, 15, 30], chance);
  }
  return { sessions, trained, found };
}
