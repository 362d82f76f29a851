import { handlingBetween } from '@spalo/core/plates';
import type { Room, Build } from '@spalo/core/room';
import { newLift, type LiftState, type PlannedLift, type SessionState } from '@spalo/core/session';
import type { GeneralStep } from '@spalo/core/warm-up';
import type { Random } from './random';

/** How somebody and their trainer take their time: shares of what is planned, and seconds that no plan knows. */
export interface Temper {
  /** Rests as taken, against those planned. */
  rest: number;
  /** Seconds of a rep. */
  repS: number;
  /** From one lift to the next: put away, walk, set up, drink, talk. */
  changeS: number;
  /** Said before anything is done. */
  talkS: number;
  /** The general part, against its plan. */
  general: number;
}

const kinds = {
  brisk: { rest: 0.8, repS: 3, changeS: 80, talkS: 60, general: 0.85 },
  usual: { rest: 1.1, repS: 3.6, changeS: 150, talkS: 180, general: 1.05 },
  talkative: { rest: 1.4, repS: 4, changeS: 240, talkS: 420, general: 1.3 },
} as const satisfies Record<string, Temper>;
export type TemperKind = keyof typeof kinds;
export const temperKinds = Object.keys(kinds) as TemperKind[];

/** Times differ by this from one to the next, as a standard deviation of their log. */
const TIMES_SD = 0.2;
/** And people of a kind from each other. */
const PEOPLE_SD = 0.12;
/** Somebody asks something, a phone rings: so often a set, and so long. */
const BROKEN = { chance: 0.04, fromS: 40, toS: 180 };
/** Written down late: so often, and by so much at most. */
const LATE = { chance: 0.1, mostS: 45 };
/** A set left out at the end of a lift, or one more: so often. */
const OTHER_SETS = 0.08;

const about = (random: Random, sd: number): number => Math.exp(sd * random.normal());

/** A client's temper, near that of a kind. */
export function temperOf(kind: TemperKind, random: Random): Temper {
  const own = (value: number) => value * about(random, PEOPLE_SD);
  const { rest, repS, changeS, talkS, general } = kinds[kind];
  return {
    rest: own(rest),
    repS: own(repS),
    changeS: own(changeS),
    talkS: own(talkS),
    general: own(general),
  };
}

/** What a lift takes besides, for this client: a rack at the other end, a machine whose seat is never right; the same each time. */
export const setUpsOf = (liftIds: readonly string[], random: Random): Map<string, number> =>
  new Map(liftIds.map((id) => [id, Math.max(0, 30 + 60 * random.normal())]));

/** A session that is trained, and in whose room. */
interface Trained {
  lifts: readonly PlannedLift[];
  general: readonly GeneralStep[];
  room: Room;
  buildOf: (lift: PlannedLift, step: number) => Build | null;
}

/** The steps that are done of a lift: as planned mostly; a climb goes on for none to two sets. */
function doneSteps({ steps, climb }: PlannedLift, random: Random): PlannedLift['steps'] {
  const last = steps.at(-1);
  if (!last) return steps;
  if (climb) return [...steps, ...Array.from({ length: random.between(0, 2) }, () => last)];
  if (random.unit() >= OTHER_SETS) return steps;
  return random.unit() < 0.5 && steps.length > 1 ? steps.slice(0, -1) : [...steps, last];
}

/**
 * A session as a clock on the wall would have seen it, from its start (ms): lifts one after the other, loads made, rests as
 * taken. Pairs are not made here.
 */
export function clockedSession(
  { lifts, general, buildOf }: Trained,
  temper: Temper,
  setUps: ReadonlyMap<string, number>,
  startMs: number,
  random: Random,
): { state: SessionState; seconds: number } {
  let now = startMs;
  const pass = (seconds: number) => {
    now += seconds * about(random, TIMES_SD) * 1000;
  };
  const iso = (ms: number) => new Date(Math.round(ms)).toISOString();
  let [made, logged] = [0, startMs];
  pass(temper.talkS);
  for (const step of general) pass((step.seconds * step.rounds + 15) * temper.general);
  let on: Build | null = null;
  const states = lifts.map((plan, at): LiftState => {
    if (at > 0) pass(temper.changeS);
    pass(setUps.get(plan.liftId) ?? 0);
    const steps = doneSteps(plan, random);
    const sets = steps.map((step, nth) => {
      const build = buildOf(plan, nth);
      const handlingS = build ? handlingBetween(on, build).seconds : 0;
      on = build ?? on;
      if (nth === 0) pass(handlingS);
      else pass(Math.max(handlingS, steps[nth - 1]!.restS * temper.rest));
      if (random.unit() < BROKEN.chance) pass(random.between(BROKEN.fromS, BROKEN.toS));
      pass(plan.counted ? step.reps : step.reps * temper.repS);
      const late = random.unit() < LATE.chance ? random.unit() * LATE.mostS * 1000 : 0;
      logged = Math.max(logged + 1, now + late);
      made += 1;
      return {
        id: String(made).padStart(8, '0'),
        at: iso(logged),
        author: 'trainer',
        step: nth,
        kind: step.kind,
        loadG: step.loadG,
        reps: step.reps,
        cleanReps: step.reps,
        marks: [],
        rir: null,
        proposed: { loadG: step.loadG, reps: step.reps },
        corrections: [],
        voided: false,
        representative: true,
      };
    });
    return { ...newLift(plan), sets };
  });
  const state: SessionState = {
    id: `clock-${startMs}`,
    startId: `clock-${startMs}`,
    clientId: 'client',
    bookingId: null,
    roomId: 'room',
    trainerId: 'trainer',
    unit: 'kg',
    startedAt: iso(startMs),
    finishedAt: iso(now),
    dayForm: null,
    general: general.map((step) => ({ ...step, state: 'done' })),
    generalSince: iso(startMs),
    swaps: {},
    lifts: states,
    notes: [],
  };
  return { state, seconds: (now - startMs) / 1000 };
}
